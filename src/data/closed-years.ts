/** Rows of the years that are closed. What is in one is read when it is asked for; nobody changes it. */
import type Database from 'better-sqlite3';
import { readHausplanJson, writeHausplanJson } from '@/core/formats/hausplan-json';
import { yearName } from '@/core/plan/called';
import { canonical } from '@/core/plan/canonical';
import type { ClosedYear, Plan, Slice } from '@/core/plan/plan';
import type { Row, Rows } from './tables';

/** A year that lies in the store has no body here: it is there already. */
export function closedYearRows(years: readonly ClosedYear[]): Pick<Rows, 'closed_year'> {
  return {
    closed_year: years.map(({ slice, ...year }, position) => ({
      id: year.id,
      position,
      starts: year.starts,
      ends: year.ends,
      closed_at: year.closedAt,
      body: slice && writeHausplanJson({ ...slice, closedYears: [] }),
    })),
  };
}

export function closedYearsFrom({ closed_year }: Pick<Rows, 'closed_year'>): ClosedYear[] {
  return closed_year.map((y) => ({
    id: y.id as string,
    starts: y.starts as string,
    ends: y.ends as string,
    closedAt: y.closed_at as string,
    slice: null,
  }));
}

/** The columns that are read of every closed year with the plan: all but what is in it. */
export const CLOSED_YEAR_COLUMNS = 'id, position, starts, ends, closed_at';

/** A closed year as it is stored, whole: for the log of what can be undone. */
export function closedYearRow(db: Database.Database, id: string): Row {
  return db.prepare('SELECT * FROM closed_year WHERE id = ?').get(id) as Row;
}

let looked: { db: Database.Database; id: string; body: string; slice: Slice } | undefined;

/** A closed year as it stood; undefined where there is none of that id. The one looked at last is kept. */
export function readClosedYear(db: Database.Database, id: string): Slice | undefined {
  const row = db.prepare('SELECT body FROM closed_year WHERE id = ?').get(id) as { body: string } | undefined;
  if (!row) return undefined;
  if (looked?.db === db && looked.id === id && looked.body === row.body) return looked.slice;
  const slice = canonical(sliceFrom(row.body));
  looked = { db, id, body: row.body, slice };
  return slice;
}

/** A unit or a lesson of a closed year, to be found by its name. */
export interface EarlierTitle {
  kind: 'unit' | 'lesson';
  title: string;
  unitId: string;
  yearId: string;
  /** “2025/26” */
  year: string;
}

let titles: { db: Database.Database; of: string; list: EarlierTitle[] } | undefined;

/** Units and lessons of all closed years by name, gathered once: a closed year does not change. */
export function earlierTitles(
  db: Database.Database,
  { closedYears }: Pick<Plan, 'closedYears'>,
): EarlierTitle[] {
  const of = closedYears.map((y) => `${y.id} ${y.closedAt}`).join();
  if (titles?.db === db && titles.of === of) return titles.list;
  const units = db.prepare(
    "SELECT u.value ->> 'id' AS unitId, u.value ->> 'title' AS title FROM closed_year, json_each(body, '$.units') u WHERE closed_year.id = ?",
  );
  const lessons = db.prepare(
    "SELECT l.value ->> 'unitId' AS unitId, l.value ->> 'title' AS title FROM closed_year, json_each(body, '$.lessons') l WHERE closed_year.id = ?",
  );
  const list = closedYears.flatMap((y) => {
    const named = (kind: EarlierTitle['kind'], rows: unknown[]): EarlierTitle[] =>
      (rows as { unitId: string; title: string }[]).map((r) => ({
        ...r,
        kind,
        yearId: y.id,
        year: yearName(y),
      }));
    return [...named('unit', units.all(y.id)), ...named('lesson', lessons.all(y.id))];
  });
  titles = { db, of, list };
  return list;
}

/** The plan with all that is in its closed years, to go out. */
export function withClosedYears(db: Database.Database, plan: Plan): Plan {
  return {
    ...plan,
    closedYears: plan.closedYears.map((year) => ({
      ...year,
      slice: year.slice ?? sliceFrom(closedYearRow(db, year.id).body as string),
    })),
  };
}

function sliceFrom(body: string): Slice {
  const read = readHausplanJson(body);
  if ('faults' in read)
    throw new Error(`a closed year cannot be read: ${read.faults[0].where} ${read.faults[0].what}`);
  const { closedYears: _, ...slice } = read.plan;
  return canonical(slice);
}

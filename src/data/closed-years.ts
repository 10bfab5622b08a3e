/** Rows of the years that are closed. What is in one is read when it is asked for; nobody changes it. */
import type Database from 'better-sqlite3';
import { readHausplanJson, writeHausplanJson } from '@/core/formats/hausplan-json';
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
  const slice = sliceFrom(row.body);
  looked = { db, id, body: row.body, slice };
  return canonical(slice);
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

/**
 * The one door through which the plan is written. A write names the revision it was made on; if the plan has moved
 * on since, it is refused and nothing is stored, unless the two get along: a tick meets no refusal, and makes nobody
 * else's change out of date. Every write becomes a revision that holds each changed row before
 * and after, so undo, redo and the revision number are one mechanism.
 */
import type Database from 'better-sqlite3';
import { randomUUID } from 'node:crypto';
import { canonical } from '@/core/plan/canonical';
import { NOTHING, standing, withHappened } from '@/core/plan/happened';
import type { Plan } from '@/core/plan/plan';
import { closedYearRow } from './closed-years';
import { readPlan, rowsOf } from './plan';
import { TABLES, TABLE_NAMES, type Row, type Rows, type TableName } from './tables';

/** Revisions that can still be undone; older ones keep their label and lose their rows. */
export const UNDO_DEPTH = 200;

interface Change {
  table: TableName;
  before: Row | null;
  after: Row | null;
}

export interface Drawn {
  plan: Plan;
  revision: number;
  /** What undo and redo would take back and do again; absent when there is nothing. */
  undo?: string;
  redo?: string;
}

export class StaleRevision extends Error {
  /** @param since labels of what was stored after the revision the write was made on, oldest first */
  constructor(
    readonly now: number,
    readonly since: string[],
  ) {
    super('the plan has moved on since');
  }
}

export function currentRevision(db: Database.Database): number {
  return (db.prepare('SELECT coalesce(max(number), 0) AS n FROM revision').get() as { n: number }).n;
}

interface Kept {
  /** SQLite's count of what other connections wrote. https://www.sqlite.org/pragma.html#pragma_data_version */
  dataVersion: number;
  revision: number;
  plan: Plan;
}
const kept = new WeakMap<Database.Database, Kept>();

/** The plan as it is in the store: read once, and again only when somebody has written since. Nobody may change it in place. */
function planNow(db: Database.Database): Plan {
  const dataVersion = db.pragma('data_version', { simple: true }) as number;
  const revision = currentRevision(db);
  const known = kept.get(db);
  if (known?.dataVersion === dataVersion && known.revision === revision) return known.plan;
  const plan = readPlan(db);
  keep(db, { revision, plan });
  return plan;
}

/** Keeps the plan of a revision, for as long as nobody else writes. */
function keep(db: Database.Database, now: Omit<Kept, 'dataVersion'>): void {
  kept.set(db, { ...now, dataVersion: db.pragma('data_version', { simple: true }) as number });
}

/** The plan after a change as it would be read out of the store: what its entries say happened, and closed years left there. */
function asRead(before: Plan, after: Plan): Plan {
  const said = after.entries === before.entries && after.marks === before.marks ? after : withHappened(after);
  const isSame =
    said.readings.length === after.readings.length &&
    said.readings.every((r, i) => r.id === after.readings[i].id && r.bookId === after.readings[i].bookId);
  return canonical({
    ...said,
    // A list that is the same stays the same one: what was worked out of it still holds.
    readings: isSame ? after.readings : said.readings,
    closedYears: said.closedYears.map((y) => (y.slice ? { ...y, slice: null } : y)),
  });
}

/** The plan with its revision, read at one moment. */
export function readDrawn(db: Database.Database): Drawn {
  return db
    .transaction(() => ({
      plan: planNow(db),
      revision: currentRevision(db),
      undo: nextUndo(db)?.label,
      redo: nextRedo(db)?.label,
    }))
    .deferred();
}

/**
 * Stores what an edit makes of the plan, in one transaction.
 * @param base the revision the edit was made on
 * @param label what the write does, for the undo list
 * @param edit gives the plan after it, or something else, which is handed back with nothing stored
 * @param commutes whether it only adds to what happened, and so can be made on any revision
 * @throws {StaleRevision} when the plan has moved on in a way that does not get along with this
 */
export function write<Other extends object>(
  db: Database.Database,
  base: number,
  label: (plan: Plan) => string,
  edit: (plan: Plan) => { plan: Plan } | Other,
  commutes = false,
): { revision: number } | Other {
  let stored: Omit<Kept, 'dataVersion'> | undefined;
  const written = db
    .transaction(() => {
      if (!commutes) checkBase(db, base, 'getting along');
      const before = planNow(db);
      const outcome = edit(before);
      if (!('plan' in outcome)) return outcome;
      const changes = difference(...rowsBetween(db, before, outcome.plan as Plan));
      if (!changes.length) return { revision: commutes ? currentRevision(db) : base };
      apply(db, changes);
      db.prepare("UPDATE revision SET state = 'settled' WHERE state = 'undone'").run();
      const revision = record(db, label(before), 'done', commutes);
      const insert = db.prepare(
        'INSERT INTO change (revision, seq, table_name, before, after) VALUES (?, ?, ?, ?, ?)',
      );
      changes.forEach((c, seq) =>
        insert.run(
          revision,
          seq,
          c.table,
          c.before && JSON.stringify(c.before),
          c.after && JSON.stringify(c.after),
        ),
      );
      settleOld(db);
      stored = { revision, plan: asRead(before, outcome.plan as Plan) };
      return { revision };
    })
    .immediate();
  // Only what is in the store is kept: a write that fails at its very end is none.
  if (stored) keep(db, stored);
  return written;
}

/** Takes the last write back. Gives its label, or undefined when there is nothing to undo. */
export function undo(db: Database.Database, base: number): { revision: number; label: string } | undefined {
  return step(db, base, nextUndo, 'undone', (changes) =>
    changes.reverse().map((c) => ({ ...c, before: c.after, after: c.before })),
  );
}

/** Does again what was undone last. */
export function redo(db: Database.Database, base: number): { revision: number; label: string } | undefined {
  return step(db, base, nextRedo, 'done', (changes) => changes);
}

interface RevisionRow {
  number: number;
  label: string;
  commutes: number;
}

const nextUndo = (db: Database.Database): RevisionRow | undefined =>
  db
    .prepare("SELECT number, label, commutes FROM revision WHERE state = 'done' ORDER BY number DESC LIMIT 1")
    .get() as RevisionRow | undefined;
const nextRedo = (db: Database.Database): RevisionRow | undefined =>
  db
    .prepare("SELECT number, label, commutes FROM revision WHERE state = 'undone' ORDER BY number LIMIT 1")
    .get() as RevisionRow | undefined;

function step(
  db: Database.Database,
  base: number,
  next: (db: Database.Database) => RevisionRow | undefined,
  becomes: 'done' | 'undone',
  turn: (changes: Change[]) => Change[],
): { revision: number; label: string } | undefined {
  return db
    .transaction(() => {
      checkBase(db, base);
      const entry = next(db);
      if (!entry) return undefined;
      const stored = db
        .prepare('SELECT table_name, before, after FROM change WHERE revision = ? ORDER BY seq')
        .all(entry.number) as { table_name: TableName; before: string | null; after: string | null }[];
      const changes = turn(
        stored.map((c) => ({
          table: c.table_name,
          before: c.before && JSON.parse(c.before),
          after: c.after && JSON.parse(c.after),
        })),
      );
      // With a year that is closed, or opened again by undo, all that happened in it goes along as it is.
      const movesYear = changes.some((c) => c.table === 'closed_year');
      apply(db, movesYear ? changes : changes.filter((c) => c.table !== 'entry'));
      for (const c of changes) if (c.table === 'entry' && !movesYear) stepEntry(db, c);
      db.prepare('UPDATE revision SET state = ? WHERE number = ?').run(becomes, entry.number);
      // A step is a revision too, so that a window that has not seen it is refused.
      return {
        revision: record(
          db,
          `${becomes === 'undone' ? 'Undid' : 'Did again'}: ${entry.label}`,
          'settled',
          entry.commutes === 1,
        ),
        label: entry.label,
      };
    })
    .immediate();
}

/** What happened stays written down: what a step would take away is withdrawn, what it would bring back stands again. */
function stepEntry(db: Database.Database, { before, after }: Change): void {
  const entries = db.prepare('SELECT id, withdraws FROM entry ORDER BY position').all() as {
    id: string;
    withdraws: string | null;
  }[];
  const { id, date } = (after ?? before)!;
  let position = entries.length;
  const append = (row: Row): void =>
    apply(db, [{ table: 'entry', before: null, after: { ...row, position: position++ } }]);
  const withdraw = (withdraws: string): void => {
    const blank = Object.fromEntries(
      (db.pragma('table_info(entry)') as { name: string }[]).map((column) => [column.name, null]),
    );
    append({
      ...blank,
      id: randomUUID(),
      at: new Date().toISOString(),
      date,
      kind: 'withdrawn',
      about: JSON.stringify(NOTHING),
      note: '',
      withdraws,
    });
  };
  const stand = standing(entries);
  if (!after) {
    if (stand.some((e) => e.id === id)) withdraw(String(id));
  } else if (entries.some((e) => e.id === id)) {
    for (const e of stand) if (e.withdraws === id) withdraw(e.id);
  } else append(after);
}

function checkBase(db: Database.Database, base: number, others: 'none' | 'getting along' = 'none'): void {
  const now = currentRevision(db);
  if (now === base) return;
  const since = db
    .prepare('SELECT label, commutes FROM revision WHERE number > ? ORDER BY number')
    .all(base) as { label: string; commutes: number }[];
  // A revision that was never there is none that others came after.
  if (others === 'getting along' && base < now && since.every((r) => r.commutes)) return;
  throw new StaleRevision(
    now,
    since.map((r) => r.label),
  );
}

function record(db: Database.Database, label: string, state: 'done' | 'settled', commutes: boolean): number {
  const { lastInsertRowid } = db
    .prepare('INSERT INTO revision (label, at, state, commutes) VALUES (?, ?, ?, ?)')
    .run(label, new Date().toISOString(), state, commutes ? 1 : 0);
  return Number(lastInsertRowid);
}

function settleOld(db: Database.Database): void {
  const oldest = db
    .prepare("SELECT number FROM revision WHERE state = 'done' ORDER BY number DESC LIMIT 1 OFFSET ?")
    .get(UNDO_DEPTH) as { number: number } | undefined;
  if (!oldest) return;
  db.prepare('DELETE FROM change WHERE revision <= ?').run(oldest.number);
  db.prepare("UPDATE revision SET state = 'settled' WHERE state = 'done' AND number <= ?").run(oldest.number);
}

/** The rows of a plan before and after a change. Closed years are compared whole only where something became of one. */
function rowsBetween(db: Database.Database, before: Plan, after: Plan): [Rows, Rows] {
  const [was, is] = [rowsOf(before), rowsOf(after)];
  if (before.closedYears === after.closedYears) return [was, is];
  const stored = new Map(before.closedYears.map(({ id }) => [id, closedYearRow(db, id)]));
  return [
    { ...was, closed_year: [...stored.values()] },
    {
      ...is,
      closed_year: is.closed_year.map((row) =>
        row.body === null ? { ...row, body: stored.get(row.id as string)!.body } : row,
      ),
    },
  ];
}

function difference(before: Rows, after: Rows): Change[] {
  const changes: Change[] = [];
  for (const table of TABLE_NAMES) {
    if (before[table] === after[table]) continue;
    const key = (row: Row): string => TABLES[table].map((c) => row[c]).join('\u0000');
    const was = new Map(before[table].map((row) => [key(row), row]));
    for (const row of after[table]) {
      const old = was.get(key(row));
      was.delete(key(row));
      // An entry is never changed once it is written.
      const isSame =
        old && (table === 'entry' || Object.keys(row).every((column) => row[column] === old[column]));
      if (!isSame) changes.push({ table, before: old ?? null, after: row });
    }
    for (const row of was.values()) changes.push({ table, before: row, after: null });
  }
  return changes;
}

/** Writes rows as they are after the changes. References are checked once, at the end of the transaction. */
function apply(db: Database.Database, changes: readonly Change[]): void {
  db.pragma('defer_foreign_keys = ON');
  const prepared = new Map<string, Database.Statement>();
  const statement = (sql: string): Database.Statement => {
    if (!prepared.has(sql)) prepared.set(sql, db.prepare(sql));
    return prepared.get(sql)!;
  };
  for (const { table, before, after } of changes) {
    const keys: readonly string[] = TABLES[table];
    if (after) {
      const columns = Object.keys(after);
      const rest = columns.filter((c) => !keys.includes(c));
      statement(
        `INSERT INTO ${table} (${columns.join(', ')}) VALUES (${columns.map((c) => `@${c}`).join(', ')})
         ON CONFLICT (${keys.join(', ')}) DO UPDATE SET ${rest.map((c) => `${c} = excluded.${c}`).join(', ')}`,
      ).run(after);
    } else
      statement(`DELETE FROM ${table} WHERE ${keys.map((c) => `${c} = @${c}`).join(' AND ')}`).run(
        pick(before!, keys),
      );
  }
}

const pick = (row: Row, columns: readonly string[]): Row =>
  Object.fromEntries(columns.map((c) => [c, row[c]]));

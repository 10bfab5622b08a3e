/**
 * The one door through which the plan is written. A write names the revision it was made on; if the plan has moved
 * on since, it is refused and nothing is stored, unless the two get along: a tick meets no refusal, and makes nobody
 * else's change out of date. Every write becomes a revision that holds each changed row before
 * and after, so undo, redo and the revision number are one mechanism.
 */
import type Database from 'better-sqlite3';
import { randomUUID } from 'node:crypto';
import { getsAlong, MATTERS, type Actor, type Matter } from '@/core/command/command';
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
      undo: nextUndo(db, 'parent')?.label,
      redo: nextRedo(db, 'parent')?.label,
    }))
    .deferred();
}

/** What a write says of itself. */
export interface Says {
  /** What it does, for the list of what can be undone. */
  label: (plan: Plan) => string;
  /** Who writes; undo and redo are each one's own. */
  actor?: Actor;
  /** What it touches; all that is drawn, where it does not say. */
  touches?: readonly Matter[];
}

/**
 * Stores what an edit makes of the plan, in one transaction.
 * @param base the revision the edit was made on
 * @param edit gives the plan after it, or something else, which is handed back with nothing stored
 * @throws {StaleRevision} when the plan has moved on in a way that does not get along with this
 */
export function write<Other extends object>(
  db: Database.Database,
  base: number,
  { label, actor = 'parent', touches = EVERYTHING }: Says,
  edit: (plan: Plan) => { plan: Plan } | Other,
): { revision: number } | Other {
  let stored: Omit<Kept, 'dataVersion'> | undefined;
  const written = db
    .transaction(() => {
      checkBase(db, base, touches);
      const before = planNow(db);
      const outcome = edit(before);
      if (!('plan' in outcome)) return outcome;
      const changes = difference(...rowsBetween(db, before, outcome.plan as Plan));
      if (!changes.length) return { revision: isOnlyAdding(touches) ? currentRevision(db) : base };
      apply(db, changes);
      db.prepare("UPDATE revision SET state = 'settled' WHERE state = 'undone' AND actor = ?").run(actor);
      const revision = record(db, {
        label: label(before),
        state: 'done',
        actor,
        // What only adds to what happened may move what is drawn, and still makes nothing out of date.
        touches: isOnlyAdding(touches) ? touches : touched(changes),
      });
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

export interface Stepped {
  revision: number;
  label: string;
}

/** What stands in the way of taking a change back: another one's, made after it, of the same things. */
export interface InTheWay {
  after: string;
}

/** Takes an actor's own last write back. Gives its label, or undefined when there is nothing to undo. */
export function undo(
  db: Database.Database,
  base: number,
  actor: Actor = 'parent',
): Stepped | InTheWay | undefined {
  return step(db, base, nextUndo(db, actor), 'undone', (changes) =>
    changes.reverse().map((c) => ({ ...c, before: c.after, after: c.before })),
  );
}

/** Does again what an actor has undone last. */
export function redo(
  db: Database.Database,
  base: number,
  actor: Actor = 'parent',
): Stepped | InTheWay | undefined {
  return step(db, base, nextRedo(db, actor), 'done', (changes) => changes);
}

interface RevisionRow {
  number: number;
  label: string;
  actor: Actor;
  touches: string;
}

const nextUndo = (db: Database.Database, actor: Actor): RevisionRow | undefined =>
  db
    .prepare("SELECT * FROM revision WHERE state = 'done' AND actor = ? ORDER BY number DESC LIMIT 1")
    .get(actor) as RevisionRow | undefined;
const nextRedo = (db: Database.Database, actor: Actor): RevisionRow | undefined =>
  db
    .prepare("SELECT * FROM revision WHERE state = 'undone' AND actor = ? ORDER BY number LIMIT 1")
    .get(actor) as RevisionRow | undefined;

function changesOf(db: Database.Database, revision: number): Change[] {
  const stored = db
    .prepare('SELECT table_name, before, after FROM change WHERE revision = ? ORDER BY seq')
    .all(revision) as { table_name: TableName; before: string | null; after: string | null }[];
  return stored.map((c) => ({
    table: c.table_name,
    before: c.before && JSON.parse(c.before),
    after: c.after && JSON.parse(c.after),
  }));
}

function step(
  db: Database.Database,
  base: number,
  entry: RevisionRow | undefined,
  becomes: 'done' | 'undone',
  turn: (changes: Change[]) => Change[],
): Stepped | InTheWay | undefined {
  return db
    .transaction(() => {
      const touches = mattersIn(entry?.touches ?? '');
      checkBase(db, base, entry ? touches : EVERYTHING);
      if (!entry) return undefined;
      const changes = turn(changesOf(db, entry.number));
      const after = inTheWay(db, entry, changes);
      if (after !== undefined) return { after };
      // With a year that is closed, or opened again by undo, all that happened in it goes along as it is.
      const movesYear = changes.some((c) => c.table === 'closed_year');
      apply(db, movesYear ? changes : changes.filter((c) => c.table !== 'entry'));
      for (const c of changes) if (c.table === 'entry' && !movesYear) stepEntry(db, c);
      db.prepare('UPDATE revision SET state = ? WHERE number = ?').run(becomes, entry.number);
      // A step is a revision too, so that a window that has not seen it is refused.
      const label = `${becomes === 'undone' ? 'Undid' : 'Did again'}: ${entry.label}`;
      const { actor } = entry;
      return { revision: record(db, { label, state: 'settled', actor, touches }), label: entry.label };
    })
    .immediate();
}

/** What somebody else did after a change to the same rows, by its label. What happened is never in the way: it is only added to. */
function inTheWay(
  db: Database.Database,
  { number, actor }: RevisionRow,
  changes: readonly Change[],
): string | undefined {
  const others = db
    .prepare(
      "SELECT number, label FROM revision WHERE number > ? AND actor <> ? AND state = 'done' ORDER BY number DESC",
    )
    .all(number, actor) as { number: number; label: string }[];
  if (!others.length) return undefined;
  const mine = new Set(changes.filter((c) => c.table !== 'entry').map(rowOf));
  return others.find((r) => changesOf(db, r.number).some((c) => mine.has(rowOf(c))))?.label;
}

/** The row that a change is of, as one word. */
const rowOf = ({ table, before, after }: Change): string =>
  [table, ...TABLES[table].map((column) => (after ?? before)![column])].join('\u0000');

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
      unit: '',
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

/** @throws {StaleRevision} when what is touched has been changed since the base by somebody else */
function checkBase(db: Database.Database, base: number, touches: readonly Matter[]): void {
  const now = currentRevision(db);
  if (now === base || isOnlyAdding(touches)) return;
  const since = db
    .prepare('SELECT label, touches FROM revision WHERE number > ? ORDER BY number')
    .all(base) as { label: string; touches: string }[];
  // A revision that was never there is none that others came after.
  if (base < now && since.every((r) => getsAlong(touches, mattersIn(r.touches)))) return;
  throw new StaleRevision(
    now,
    since.map((r) => r.label),
  );
}

const EVERYTHING: readonly Matter[] = MATTERS;
const isOnlyAdding = (touches: readonly Matter[]): boolean => touches.every((m) => m === 'happened');
const mattersIn = (stored: string): Matter[] => stored.split(' ').filter(Boolean) as Matter[];

/** What rows of a table are about; all others are of the plan as it is drawn. */
const MATTER_OF: Partial<Record<TableName, Matter>> = {
  entry: 'happened',
  book: 'shelf',
  loan: 'shelf',
  objective: 'gathered',
  question: 'gathered',
  idea: 'gathered',
  outline: 'kept',
  thing_in_house: 'kept',
};

const touched = (changes: readonly Change[]): Matter[] => [
  ...new Set(changes.map((c) => MATTER_OF[c.table] ?? 'plan')),
];

interface Recorded {
  label: string;
  state: 'done' | 'settled';
  actor: Actor;
  touches: readonly Matter[];
}

function record(db: Database.Database, { label, state, actor, touches }: Recorded): number {
  const { lastInsertRowid } = db
    .prepare('INSERT INTO revision (label, at, state, actor, touches) VALUES (?, ?, ?, ?, ?)')
    .run(label, new Date().toISOString(), state, actor, touches.join(' '));
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

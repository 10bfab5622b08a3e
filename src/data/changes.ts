/** A change as rows: each row that it touches before and after it, kept with its revision. */
import type Database from 'better-sqlite3';
import type { Matter } from '@/core/command/command';
import type { Plan } from '@/core/plan/plan';
import { closedYearRow } from './closed-years';
import { rowsOf } from './plan';
import { TABLES, TABLE_NAMES, type Row, type Rows, type TableName } from './tables';

export interface Change {
  table: TableName;
  before: Row | null;
  after: Row | null;
}

/** Keeps the rows that a revision changed, so that it can be taken back. */
export function keepChanges(db: Database.Database, revision: number, changes: readonly Change[]): void {
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
}

export function changesOf(db: Database.Database, revision: number): Change[] {
  const stored = db
    .prepare('SELECT table_name, before, after FROM change WHERE revision = ? ORDER BY seq')
    .all(revision) as { table_name: TableName; before: string | null; after: string | null }[];
  return stored.map((c) => ({
    table: c.table_name,
    before: c.before && JSON.parse(c.before),
    after: c.after && JSON.parse(c.after),
  }));
}

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

export const touched = (changes: readonly Change[]): Matter[] => [
  ...new Set(changes.map((c) => MATTER_OF[c.table] ?? 'plan')),
];

/** The rows of a plan before and after a change. Closed years are compared whole only where something became of one. */
export function rowsBetween(db: Database.Database, before: Plan, after: Plan): [Rows, Rows] {
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

export function difference(before: Rows, after: Rows): Change[] {
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
export function apply(db: Database.Database, changes: readonly Change[]): void {
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

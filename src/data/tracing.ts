/**
 * Tracing paper: a copy of the store beside it, on which changes are tried; kept as one change of the plan, or dropped. What
 * was done and read meanwhile stands in the plan, and goes onto what is kept.
 */
import type Database from 'better-sqlite3';
import { existsSync, renameSync, rmSync } from 'node:fs';
import { perform, type EditContext, type Refusal } from '@/core/edit/edit';
import { withHappened } from '@/core/plan/happened';
import type { Plan } from '@/core/plan/plan';
import { writeCopy } from './copies';
import { readDrawn, write } from './door';
import { currentRevision } from './revisions';
import { open } from './open';

export const tracingPath = (store: string): string => `${store}.tracing`;

const shared = globalThis as { hausplanTracing?: { path: string; db: Database.Database } };

/** The tracing paper that lies on a store; undefined where none does. */
export function tracing(store: string): Database.Database | undefined {
  const path = tracingPath(store);
  if (!existsSync(path)) {
    close();
    return undefined;
  }
  if (shared.hausplanTracing?.path !== path) {
    close();
    shared.hausplanTracing = { path, db: open(path) };
  }
  return shared.hausplanTracing.db;
}

/** Lays tracing paper on a store. What lies there already stays, if it was laid on this store or anything was tried on it. */
export function layTracing(db: Database.Database, store: string): void {
  const there = tracing(store);
  if (there && (liesOn(there, db) || tracedOn(there).length)) return;
  dropTracing(store);
  const copy = `${tracingPath(store)}.new`;
  rmSync(copy, { force: true });
  const base = currentRevision(db);
  writeCopy(db, copy);
  const laid = open(copy);
  laid.exec('CREATE TABLE tracing (base INTEGER NOT NULL, made TEXT NOT NULL) STRICT');
  laid.prepare('INSERT INTO tracing VALUES (?, ?)').run(base, madeAt(db, base));
  laid.close();
  // Only what is whole has the name under which it is looked for.
  renameSync(copy, tracingPath(store));
}

/** Takes the tracing paper away, with all that was tried on it. */
export function dropTracing(store: string): void {
  close();
  for (const path of [tracingPath(store), `${tracingPath(store)}.new`])
    for (const beside of ['', '-journal', '-wal', '-shm']) rmSync(`${path}${beside}`, { force: true });
}

/** What was tried on the paper and not undone, the oldest first. */
export function tracedOn(paper: Database.Database): string[] {
  const { base } = baseOf(paper);
  const changes = paper
    .prepare("SELECT label FROM revision WHERE number > ? AND state = 'done' ORDER BY number")
    .pluck()
    .all(base) as string[];
  return changes.filter((label) => !/^(Undone|Done again): /.test(label));
}

/** Whether a paper was laid on this store: one that was put in its place is another. */
export function liesOn(paper: Database.Database, db: Database.Database): boolean {
  const { base, made } = baseOf(paper);
  return currentRevision(db) >= base && madeAt(db, base) === made;
}

/**
 * Takes what was tried into the plan, as one change that can be undone.
 * @throws {StaleRevision} when the plan was changed meanwhile, other than by what happened
 */
export function keepTraced(
  db: Database.Database,
  paper: Database.Database,
  label: string,
  context: EditContext,
): { revision: number } | Refusal {
  const { base } = baseOf(paper);
  return write<Refusal>(db, base, { label: () => label }, (plan) =>
    perform(() => ({ plan: planOnPaper(paper, plan) }), plan, context),
  );
}

/** The plan as the paper has it, with what happened since in the plan that it lies on. */
function planOnPaper(paper: Database.Database, now: Plan): Plan {
  const traced = readDrawn(paper).plan;
  const known = new Set(now.entries.map((e) => e.id));
  const { marks, readings } = withHappened({
    ...traced,
    entries: [...now.entries, ...traced.entries.filter((e) => !known.has(e.id))],
  });
  return { ...traced, entries: now.entries, marks, readings, closedYears: now.closedYears };
}

function baseOf(paper: Database.Database): { base: number; made: string } {
  return paper.prepare('SELECT base, made FROM tracing').get() as { base: number; made: string };
}

/** When a revision was made; empty for the one before the first. */
const madeAt = (db: Database.Database, revision: number): string =>
  (db.prepare('SELECT at FROM revision WHERE number = ?').pluck().get(revision) as string | undefined) ?? '';

function close(): void {
  shared.hausplanTracing?.db.close();
  shared.hausplanTracing = undefined;
}

/** Revisions: what was stored, by whom and what it touched; which write still fits the newest, and what can be undone. */
import type Database from 'better-sqlite3';
import { getsAlong, MATTERS, type Actor, type Matter } from '@/core/command/command';

/** Revisions that can still be undone; older ones keep their label and lose their rows. */
export const UNDO_DEPTH = 200;

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

export interface RevisionRow {
  number: number;
  label: string;
  actor: Actor;
  touches: string;
}

export const nextUndo = (db: Database.Database, actor: Actor): RevisionRow | undefined =>
  db
    .prepare("SELECT * FROM revision WHERE state = 'done' AND actor = ? ORDER BY number DESC LIMIT 1")
    .get(actor) as RevisionRow | undefined;
export const nextRedo = (db: Database.Database, actor: Actor): RevisionRow | undefined =>
  db
    .prepare("SELECT * FROM revision WHERE state = 'undone' AND actor = ? ORDER BY number LIMIT 1")
    .get(actor) as RevisionRow | undefined;

/** @throws {StaleRevision} when what is touched has been changed since the base by somebody else */
export function checkBase(db: Database.Database, base: number, touches: readonly Matter[]): void {
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

export const EVERYTHING: readonly Matter[] = MATTERS;
export const isOnlyAdding = (touches: readonly Matter[]): boolean => touches.every((m) => m === 'happened');
export const mattersIn = (stored: string): Matter[] => stored.split(' ').filter(Boolean) as Matter[];

interface Recorded {
  label: string;
  state: 'done' | 'settled';
  actor: Actor;
  touches: readonly Matter[];
}

export function record(db: Database.Database, { label, state, actor, touches }: Recorded): number {
  const { lastInsertRowid } = db
    .prepare('INSERT INTO revision (label, at, state, actor, touches) VALUES (?, ?, ?, ?, ?)')
    .run(label, new Date().toISOString(), state, actor, touches.join(' '));
  return Number(lastInsertRowid);
}

export function settleOld(db: Database.Database): void {
  const oldest = db
    .prepare("SELECT number FROM revision WHERE state = 'done' ORDER BY number DESC LIMIT 1 OFFSET ?")
    .get(UNDO_DEPTH) as { number: number } | undefined;
  if (!oldest) return;
  db.prepare('DELETE FROM change WHERE revision <= ?').run(oldest.number);
  db.prepare("UPDATE revision SET state = 'settled' WHERE state = 'done' AND number <= ?").run(oldest.number);
}

/**
 * The one door through which the plan is written. A write names the revision it was made on; if the plan has moved
 * on since, it is refused and nothing is stored, unless the two get along: a tick meets no refusal, and makes nobody
 * else's change out of date. Every write becomes a revision that holds each changed row before
 * and after, so undo, redo and the revision number are one mechanism.
 */
import type Database from 'better-sqlite3';
import type { Actor, Matter } from '@/core/command/command';
import { canonical } from '@/core/plan/canonical';
import { withHappened } from '@/core/plan/happened';
import type { Plan } from '@/core/plan/plan';
import { apply, difference, keepChanges, rowsBetween, touched } from './changes';
import { readPlan } from './plan';
import {
  checkBase,
  currentRevision,
  EVERYTHING,
  isOnlyAdding,
  nextRedo,
  nextUndo,
  record,
  settleOld,
} from './revisions';

export interface Drawn {
  plan: Plan;
  revision: number;
  /** What undo and redo would take back and do again; absent when there is nothing. */
  undo?: string;
  redo?: string;
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
      keepChanges(db, revision, changes);
      settleOld(db);
      stored = { revision, plan: asRead(before, outcome.plan as Plan) };
      return { revision };
    })
    .immediate();
  // Only what is in the store is kept: a write that fails at its very end is none.
  if (stored) keep(db, stored);
  return written;
}

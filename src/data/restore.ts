/** Putting a copy back in the place of the store, also while Hausplan runs: what it replaces is kept as a copy. */
import Database from 'better-sqlite3';
import { copyFileSync, existsSync, rmSync, statSync } from 'node:fs';
import type { Entry } from '@/core/plan/entry';
import { standing } from '@/core/plan/happened';
import type { Plan } from '@/core/plan/plan';
import { BESIDE, keepCopy, setAside, type Copy } from './copies';
import { withClosedYears } from './closed-years';
import { currentRevision } from './revisions';
import { faultFrom, storeFault } from './fault';
import { APPLICATION_ID, lookAt, open } from './open';
import { readPlan } from './plan';

/** What a store holds, in figures, to be looked at before it is put back. */
export interface Holding {
  family: string | null;
  revision: number;
  /** When it was last changed, ISO; null where it never was. */
  changed: string | null;
  children: number;
  units: number;
  lessons: number;
  books: number;
  /** Ticks of the open year. */
  done: number;
  closedYears: number;
}

/** What an open store holds; read by its tables, so that one of an earlier version can be looked at too. */
export function holdingOf(db: Database.Database): Holding {
  const tables = db.prepare("SELECT name FROM sqlite_master WHERE type = 'table'").pluck().all() as string[];
  const count = (table: string, where = ''): number =>
    tables.includes(table)
      ? (db.prepare(`SELECT count(*) FROM ${table} ${where}`).pluck().get() as number)
      : 0;
  return {
    family: (db.prepare('SELECT name FROM family').pluck().get() as string | undefined) ?? null,
    revision: currentRevision(db),
    changed: (db.prepare('SELECT max(at) FROM revision').pluck().get() as string | null) ?? null,
    children: count('child'),
    units: count('unit'),
    lessons: count('lesson'),
    books: count('book'),
    done: tables.includes('entry') ? doneIn(db) : count('mark', "WHERE outcome = 'done'"),
    closedYears: count('closed_year'),
  };
}

/** Things done that no other entry takes back. */
function doneIn(db: Database.Database): number {
  const entries = db.prepare('SELECT id, kind, withdraws FROM entry ORDER BY position').all() as Pick<
    Entry,
    'id' | 'kind' | 'withdraws'
  >[];
  return standing(entries).filter((e) => e.kind === 'done').length;
}

/**
 * Looks at a file that is to be put back.
 * @throws {StoreFault} when it is no store of ours, or a damaged one
 */
export function lookAtCopy(path: string): Holding {
  if (!statSync(path, { throwIfNoEntry: false })?.isFile())
    throw storeFault('unreachable', path, 'no such file');
  lookAt(path);
  let db: Database.Database | undefined;
  try {
    db = new Database(path, { readonly: true, fileMustExist: true });
    const mark = db.pragma('application_id', { simple: true }) as number;
    const tables = db
      .prepare("SELECT name FROM sqlite_master WHERE type = 'table'")
      .pluck()
      .all() as string[];
    if (
      !['family', 'revision', 'child'].every((t) => tables.includes(t)) ||
      (mark !== 0 && mark !== APPLICATION_ID)
    )
      throw storeFault('foreign', path);
    const health = db.pragma('integrity_check(1)', { simple: true });
    if (health !== 'ok') throw storeFault('damaged', path, String(health).split('\n')[0].slice(0, 120));
    return holdingOf(db);
  } catch (e) {
    throw faultFrom(e, path) ?? e;
  } finally {
    db?.close();
  }
}

/**
 * Puts a copy back. The store's pages are replaced under SQLite's own locks, so that a Hausplan that has it open sees the
 * copy from then on; revisions go on counting from the higher of both, so that no window takes the copy for what it saw.
 * @returns the name of the copy that was kept of what was there; undefined where nothing was
 * @throws {StoreFault} when the copy cannot be used or there is no room; the store is then as it was
 */
export async function restore(
  path: string,
  from: string,
  migrations?: string,
): Promise<{ kept?: string; holds: Holding }> {
  const holds = lookAtCopy(from);
  const before = existsSync(path) ? keepWhatIsThere(path) : undefined;
  try {
    if (before?.opened) {
      const copy = new Database(from, { readonly: true, fileMustExist: true });
      try {
        await copy.backup(path);
      } finally {
        copy.close();
      }
    } else {
      for (const end of BESIDE) rmSync(path + end, { force: true });
      copyFileSync(from, path);
    }
    const db = open(path, migrations);
    try {
      goOnCounting(db, Math.max(before?.revision ?? 0, currentRevision(db)), holds);
    } finally {
      db.close();
    }
  } catch (e) {
    throw faultFrom(e, path) ?? e;
  }
  return { kept: before?.kept, holds };
}

/** Keeps what a restore is about to replace: as a copy where it can be opened, as it lies there where it cannot. */
function keepWhatIsThere(path: string): { kept: string; revision: number; opened: boolean } {
  let db: Database.Database | undefined;
  try {
    db = new Database(path, { fileMustExist: true, timeout: 5000 });
    const revision = currentRevision(db);
    const kept: Copy = keepCopy(db, path, 'replaced');
    return { kept: kept.name, revision, opened: true };
  } catch (e) {
    const fault = faultFrom(e, path);
    if (fault && fault.kind !== 'damaged') throw fault;
    db?.close();
    return { kept: setAside(path), revision: 0, opened: false };
  } finally {
    if (db?.open) db.close();
  }
}

/** A restore is a revision of its own, above all that any window has seen. */
function goOnCounting(db: Database.Database, above: number, holds: Holding): void {
  db.prepare("INSERT INTO revision (number, label, at, state) VALUES (?, ?, ?, 'settled')").run(
    above + 1,
    `Put back a copy${holds.changed ? ` of ${holds.changed.slice(0, 10)}` : ''}`,
    new Date().toISOString(),
  );
}

/** What can still be read of a store that is damaged: its plan, if all of it can be; undefined where it cannot. */
export function planOutOf(path: string): Plan | undefined {
  let db: Database.Database | undefined;
  try {
    db = new Database(path, { readonly: true, fileMustExist: true });
    return withClosedYears(db, readPlan(db));
  } catch {
    return undefined;
  } finally {
    db?.close();
  }
}

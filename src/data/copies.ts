/**
 * Copies of the store, in a folder beside it: one a day for a week, one a week for a month, one before each migration,
 * those the parent saves, and what a restore replaced. A copy is a store of its own, whole at the moment it was made.
 */
import Database from 'better-sqlite3';
import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { basename, join } from 'node:path';
import { faultFrom } from './fault';

export type CopyKind = 'daily' | 'weekly' | 'before' | 'saved' | 'replaced' | 'damaged';

export interface Copy {
  name: string;
  path: string;
  kind: CopyKind;
  /** When it was made, as the file system says. */
  at: Date;
  bytes: number;
}

/** Copies kept of each kind that comes by itself. */
const KEPT: Partial<Record<CopyKind, number>> = { daily: 7, weekly: 5 };

export const copiesFolder = (store: string): string => `${store}.copies`;

/** The copies there are, the newest first. */
export function copiesOf(store: string): Copy[] {
  const folder = copiesFolder(store);
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .flatMap((name): Copy[] => {
      const kind = /^(daily|weekly|before|saved|replaced|damaged)-.*\.sqlite$/.exec(name)?.[1] as CopyKind;
      if (!kind) return [];
      const path = join(folder, name);
      const { mtime, size } = statSync(path);
      return [{ name, path, kind, at: mtime, bytes: size }];
    })
    .sort((a, b) => b.at.getTime() - a.at.getTime() || (a.name < b.name ? 1 : -1));
}

/** A copy by its name; undefined where there is none. Names with a path in them are none. */
export const copyNamed = (store: string, name: string): Copy | undefined =>
  copiesOf(store).find((c) => c.name === name);

/** `2026-11-26T07-30-05`: a moment as part of a file's name. */
const stamp = (at: Date): string => at.toISOString().slice(0, 19).replaceAll(':', '-');

/** Writes all of an open store to a new file, which is whole or not there at all. */
export function writeCopy(db: Database.Database, to: string): void {
  const unfinished = `${to}.unfinished`;
  rmSync(unfinished, { force: true });
  try {
    db.prepare('VACUUM INTO ?').run(unfinished);
    renameSync(unfinished, to);
  } catch (e) {
    rmSync(unfinished, { force: true });
    throw faultFrom(e, to) ?? e;
  }
}

/** The name of a copy to be, counted on where it is taken. The folder is there afterwards. */
export function freeName(store: string, kind: CopyKind, label = stamp(new Date())): string {
  mkdirSync(copiesFolder(store), { recursive: true });
  let name = `${kind}-${label}.sqlite`;
  for (let n = 2; existsSync(join(copiesFolder(store), name)); n++) name = `${kind}-${label}-${n}.sqlite`;
  return name;
}

/** Keeps a copy of an open store among the others. */
export function keepCopy(db: Database.Database, store: string, kind: CopyKind, label?: string): Copy {
  const name = freeName(store, kind, label);
  writeCopy(db, join(copiesFolder(store), name));
  return copyNamed(store, name)!;
}

/** Today's copy and this week's, where they are not there yet; older ones go. A store without a plan needs none. */
export function keepRegularCopies(db: Database.Database, store: string, now = new Date()): void {
  const day = now.toISOString().slice(0, 10);
  const has = (kind: CopyKind, label: string): boolean =>
    existsSync(join(copiesFolder(store), `${kind}-${label}.sqlite`));
  const labels = { daily: day, weekly: isoWeek(now) } as const;
  for (const kind of ['daily', 'weekly'] as const)
    if (!has(kind, labels[kind])) keepCopy(db, store, kind, labels[kind]);
  for (const [kind, most] of Object.entries(KEPT))
    for (const old of copiesOf(store)
      .filter((c) => c.kind === kind)
      .sort((a, b) => (a.name < b.name ? 1 : -1))
      .slice(most))
      rmSync(old.path, { force: true });
}

/** `2026-W48`: the week of ISO 8601, which belongs to the year its Thursday is in. */
export function isoWeek(date: Date): string {
  const day = new Date(Date.UTC(date.getUTCFullYear(), date.getUTCMonth(), date.getUTCDate()));
  day.setUTCDate(day.getUTCDate() + 4 - (day.getUTCDay() || 7));
  const first = Date.UTC(day.getUTCFullYear(), 0, 1);
  const week = Math.ceil(((day.getTime() - first) / 86_400_000 + 1) / 7);
  return `${day.getUTCFullYear()}-W${String(week).padStart(2, '0')}`;
}

/** Puts a file that cannot be opened among the copies, with what lies beside it, so that nothing of it is lost. */
export function setAside(store: string): string {
  mkdirSync(copiesFolder(store), { recursive: true });
  const to = join(copiesFolder(store), `damaged-${stamp(new Date())}.sqlite`);
  renameSync(store, to);
  for (const end of BESIDE) if (existsSync(store + end)) renameSync(store + end, to + end);
  return basename(to);
}

/** What SQLite may leave beside a store that was not closed. */
export const BESIDE = ['-wal', '-shm', '-journal'] as const;

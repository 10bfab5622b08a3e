/** The store in trouble and in safe keeping: what is said, what is kept, what is put back. */
import Database from 'better-sqlite3';
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  truncateSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beforeEach, describe, expect, it } from 'vitest';
import { aPlan } from '../../tests/sample-plan';
import { redraw } from '@/core/layout/redraw';
import type { Plan } from '@/core/plan/plan';
import { copiesFolder, copiesOf, copyNamed, isoWeek, keepCopy, keepRegularCopies, writeCopy } from './copies';
import { readDrawn, write } from './door';
import { currentRevision, StaleRevision } from './revisions';
import { faultFrom } from './fault';
import { APPLICATION_ID, open } from './open';
import { holdingOf, lookAtCopy, planOutOf, restore } from './restore';

const plan = redraw(aPlan(3), { today: '2026-08-31' }).plan;
const longer = redraw(aPlan(5), { today: '2026-08-31' }).plan;
let folder: string;
let path: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hausplan-keeping-'));
  path = join(folder, 'store.sqlite');
});
const put = (db: Database.Database, p: Plan): void =>
  void write<never>(db, currentRevision(db), { label: () => 'a change' }, () => ({ plan: p }));
const filled = (at = path, p = plan): Database.Database => {
  const db = open(at);
  put(db, p);
  return db;
};
const lessonsIn = (at: string): number => {
  const db = open(at);
  try {
    return readDrawn(db).plan.lessons.length;
  } finally {
    db.close();
  }
};
const kindOf = (at: string): string => {
  try {
    open(at).close();
    return 'opens';
  } catch (e) {
    return faultFrom(e, at)?.kind ?? String(e);
  }
};

describe('one file', () => {
  it('is the whole store while it is open: a copy of it alone lacks nothing', () => {
    const db = filled();
    copyFileSync(path, join(folder, 'copied.sqlite'));
    put(db, longer);
    copyFileSync(path, join(folder, 'copied-later.sqlite'));
    expect(readdirSync(folder).filter((f) => /-(wal|shm)$/.test(f))).toEqual([]);
    expect([
      lessonsIn(join(folder, 'copied.sqlite')),
      lessonsIn(join(folder, 'copied-later.sqlite')),
    ]).toEqual([3, 5]);
    db.close();
  });
  it('is made of a store with a log beside it, as earlier versions kept one', () => {
    filled().close();
    const old = new Database(path);
    old.pragma('journal_mode = WAL');
    old.close();
    open(path).close();
    expect(new Database(path).pragma('journal_mode', { simple: true })).toBe('delete');
  });
  it('bears our mark', () =>
    expect(filled().pragma('application_id', { simple: true })).toBe(APPLICATION_ID));
});

describe('what cannot be opened is told apart, and left as it is', () => {
  const unchanged = (at: string, then: () => void): void => {
    const before = existsSync(at) && !existsSync(join(at, '.')) ? readFileSync(at) : undefined;
    then();
    if (before) expect(readFileSync(at).equals(before)).toBe(true);
  };
  it('cut short', () => {
    filled().close();
    truncateSync(path, 40_000);
    unchanged(path, () => expect(kindOf(path)).toBe('damaged'));
  });
  it('with a page overwritten', () => {
    const db = filled();
    const size = db.pragma('page_size', { simple: true }) as number;
    db.close();
    const bytes = readFileSync(path);
    bytes.fill(0x5a, 3 * size, 9 * size);
    writeFileSync(path, bytes);
    unchanged(path, () => expect(kindOf(path)).toBe('damaged'));
  });
  it('a text file', () => {
    writeFileSync(path, 'Dear diary, today we sheared the sheep.');
    unchanged(path, () => expect(kindOf(path)).toBe('foreign'));
  });
  it('another program’s database', () => {
    const other = new Database(path);
    other.exec('CREATE TABLE recipes (name TEXT)');
    other.pragma('application_id = 12345');
    other.close();
    unchanged(path, () => expect(kindOf(path)).toBe('foreign'));
  });
  it('another program’s database without a mark', () => {
    const other = new Database(path);
    other.exec('CREATE TABLE family (name TEXT)');
    other.close();
    unchanged(path, () => expect(kindOf(path)).toBe('foreign'));
  });
  it('of a newer Hausplan', () => {
    const db = filled();
    db.pragma('user_version = 999');
    db.close();
    unchanged(path, () => expect(kindOf(path)).toBe('newer'));
  });
  it('a folder', () => {
    mkdirSync(path);
    expect(kindOf(path)).toBe('folder');
  });
  it('in a folder that is a file', () => {
    writeFileSync(join(folder, 'file'), '');
    expect(kindOf(join(folder, 'file', 'store.sqlite'))).toBe('unreachable');
  });
  it.each([
    ['SQLITE_FULL', 'no-room'],
    ['ENOSPC', 'no-room'],
    ['SQLITE_BUSY', 'locked'],
    ['SQLITE_BUSY_SNAPSHOT', 'locked'],
    ['SQLITE_READONLY', 'read-only'],
    ['EACCES', 'read-only'],
    ['EROFS', 'read-only'],
    ['SQLITE_CORRUPT', 'damaged'],
    ['SQLITE_NOTADB', 'damaged'],
    ['SQLITE_CANTOPEN', 'unreachable'],
    ['SQLITE_IOERR_WRITE', 'unreachable'],
    ['EISDIR', 'folder'],
  ])('%s is %s, in a sentence that names the file', (code, kind) => {
    const fault = faultFrom(Object.assign(new Error('x'), { code }), '/home/plan.sqlite')!;
    expect(fault.kind).toBe(kind);
    expect(fault.message).toContain('/home/plan.sqlite');
    expect(fault.message).toMatch(/\.$/);
    expect(fault.message).not.toContain('\n');
  });
  it('an error that is not the store’s is nobody’s', () => {
    expect(faultFrom(new TypeError('x'), path)).toBeUndefined();
    expect(faultFrom(Object.assign(new Error('x'), { code: 'ERR_OTHER' }), path)).toBeUndefined();
  });
});

describe('a second process', () => {
  it('that holds the store is named after a while, and nothing is lost', () => {
    const db = filled();
    const other = new Database(path);
    other.exec('BEGIN EXCLUSIVE');
    db.pragma('busy_timeout = 50');
    let kind: string | undefined;
    try {
      put(db, longer);
    } catch (e) {
      kind = faultFrom(e, path)?.kind;
    }
    expect(kind).toBe('locked');
    other.exec('COMMIT');
    put(db, longer);
    expect(readDrawn(db).plan.lessons.length).toBe(5);
  });
  it('that writes makes this one’s change stale, not lost', () => {
    const db = filled();
    const other = open(path);
    put(other, longer);
    expect(() => write<never>(db, 1, { label: () => 'late' }, () => ({ plan }))).toThrow(StaleRevision);
    expect(readDrawn(db).plan.lessons.length).toBe(5);
  });
});

describe('a full disk', () => {
  it('refuses a change whole, and goes on when there is room again', () => {
    const db = filled();
    const pages = db.pragma('page_count', { simple: true }) as number;
    db.pragma(`max_page_count = ${pages}`);
    const big = { ...longer, units: longer.units.map((u) => ({ ...u, goals: 'x'.repeat(19_000) })) };
    expect(() => put(db, big)).toThrow(/full/);
    expect(readDrawn(db).plan.lessons.length).toBe(3);
    db.pragma('max_page_count = 1000000');
    put(db, big);
    expect(readDrawn(db).plan.lessons.length).toBe(5);
  });
});

describe('copies', () => {
  it('are whole stores of their own', () => {
    const db = filled();
    const copy = keepCopy(db, path, 'saved');
    put(db, longer);
    expect(lessonsIn(copy.path)).toBe(3);
    expect(copy.bytes).toBeGreaterThan(10_000);
  });
  it('of one moment do not take each other’s name', () => {
    const db = filled();
    const names = [1, 2, 3].map(() => keepCopy(db, path, 'saved', 'x').name);
    expect(names).toEqual(['saved-x.sqlite', 'saved-x-2.sqlite', 'saved-x-3.sqlite']);
  });
  it('come by themselves once a day and once a week; seven days and five weeks are kept', () => {
    const db = filled();
    for (let day = 0; day < 60; day++) keepRegularCopies(db, path, new Date(Date.UTC(2026, 8, 1 + day, 12)));
    keepRegularCopies(db, path, new Date(Date.UTC(2026, 9, 30, 18)));
    const of = (kind: string): string[] =>
      copiesOf(path)
        .filter((c) => c.kind === kind)
        .map((c) => c.name)
        .sort();
    expect(of('daily')).toEqual([24, 25, 26, 27, 28, 29, 30].map((d) => `daily-2026-10-${d}.sqlite`));
    expect(of('weekly')).toEqual([40, 41, 42, 43, 44].map((w) => `weekly-2026-W${w}.sqlite`));
  });
  it('made by hand are never taken away', () => {
    const db = filled();
    const saved = keepCopy(db, path, 'saved');
    for (let day = 0; day < 40; day++) keepRegularCopies(db, path, new Date(Date.UTC(2026, 8, 1 + day)));
    expect(copyNamed(path, saved.name)).toBeDefined();
  });
  it('stand the newest first, and only copies', () => {
    const db = filled();
    const [a, b] = [keepCopy(db, path, 'saved', 'a'), keepCopy(db, path, 'saved', 'b')];
    utimesSync(a.path, 2_000_000_000, 2_000_000_000);
    writeFileSync(join(copiesFolder(path), 'notes.txt'), '');
    expect(copiesOf(path).map((c) => c.name)).toEqual([a.name, b.name]);
    expect(copyNamed(path, '../store.sqlite')).toBeUndefined();
  });
  it('that cannot be written leave nothing half done', () => {
    const db = filled();
    expect(() => writeCopy(db, join(folder, 'nowhere', 'x.sqlite'))).toThrow();
    expect(readdirSync(folder)).not.toContain('nowhere');
  });
  // ISO 8601: the week belongs to the year of its Thursday.
  it.each([
    ['2026-01-01', '2026-W01'],
    ['2027-01-01', '2026-W53'],
    ['2024-12-30', '2025-W01'],
    ['2026-11-26', '2026-W48'],
    ['2026-11-29', '2026-W48'],
    ['2026-11-30', '2026-W49'],
  ])('%s is in week %s', (date, week) => expect(isoWeek(new Date(`${date}T12:00:00Z`))).toBe(week));
});

describe('putting a copy back', () => {
  it('takes the place of what is there, which is kept, also while it is open', async () => {
    const db = filled();
    const copy = keepCopy(db, path, 'saved');
    put(db, longer);
    const { kept, holds } = await restore(path, copy.path);
    expect(holds.lessons).toBe(3);
    // The connection that was open all along sees it.
    expect(readDrawn(db).plan.lessons.length).toBe(3);
    expect(lessonsIn(join(copiesFolder(path), kept!))).toBe(5);
  });
  it('is a revision above all that were seen, so that an old window’s change is refused', async () => {
    const db = filled();
    const copy = keepCopy(db, path, 'saved');
    for (let i = 0; i < 4; i++) put(db, i % 2 ? plan : longer);
    const seen = currentRevision(db);
    await restore(path, copy.path);
    expect(currentRevision(db)).toBe(seen + 1);
    expect(() => write<never>(db, seen, { label: () => 'late' }, () => ({ plan: longer }))).toThrow(
      StaleRevision,
    );
  });
  it('copes with a log left beside the store', async () => {
    filled().close();
    const saved = open(path);
    const copy = keepCopy(saved, path, 'saved');
    saved.close();
    const old = new Database(path);
    old.pragma('journal_mode = WAL');
    old.exec("UPDATE family SET name = 'in the log only'");
    copyFileSync(path, join(folder, 'x'));
    for (const end of ['-wal', '-shm']) copyFileSync(path + end, join(folder, `x${end}`));
    old.close();
    const crashed = join(folder, 'crashed.sqlite');
    for (const end of ['', '-wal', '-shm']) copyFileSync(join(folder, `x${end}`), crashed + end);
    const { kept } = await restore(crashed, copy.path);
    expect(existsSync(`${crashed}-wal`)).toBe(false);
    const back = open(crashed);
    expect(readDrawn(back).plan.family?.name).toBe('The house');
    back.close();
    const was = new Database(join(copiesFolder(crashed), kept!));
    expect(was.prepare('SELECT name FROM family').pluck().get()).toBe('in the log only');
  });
  it('in the place of a damaged store keeps that one as it lies there', async () => {
    const db = filled();
    const copy = keepCopy(db, path, 'saved');
    db.close();
    writeFileSync(path, Buffer.alloc(5000, 7));
    const { kept } = await restore(path, copy.path);
    expect(lessonsIn(path)).toBe(3);
    expect(readFileSync(join(copiesFolder(path), kept!)).equals(Buffer.alloc(5000, 7))).toBe(true);
  });
  it('where there is no store makes one', async () => {
    const db = filled();
    const copy = keepCopy(db, path, 'saved');
    const elsewhere = join(folder, 'new.sqlite');
    expect((await restore(elsewhere, copy.path)).kept).toBeUndefined();
    expect(lessonsIn(elsewhere)).toBe(3);
  });
  it('of an earlier version brings it up to date', async () => {
    const first = mkdtempSync(join(tmpdir(), 'hausplan-migrations-'));
    copyFileSync('src/data/migrations/0001-plan.sql', join(first, '0001-plan.sql'));
    const old = join(folder, 'old.sqlite');
    open(old, first).close();
    const db = filled();
    await restore(path, old);
    expect(readDrawn(db).plan.lessons).toEqual([]);
  });
  it.each([
    ['a text file', (p: string) => writeFileSync(p, 'hello')],
    ['nothing', () => undefined],
    [
      'a cut copy',
      (p: string) => {
        filled(p).close();
        truncateSync(p, 30_000);
      },
    ],
  ])('refuses %s, and changes nothing', async (_, make) => {
    filled().close();
    const before = readFileSync(path);
    const from = join(folder, 'from.sqlite');
    make(from);
    await expect(restore(path, from)).rejects.toThrow(/from\.sqlite/);
    expect(readFileSync(path).equals(before)).toBe(true);
    expect(copiesOf(path)).toEqual([]);
  });
  it('is looked at first', () => {
    const db = filled();
    const copy = keepCopy(db, path, 'saved');
    expect(lookAtCopy(copy.path)).toEqual(holdingOf(db));
    expect(holdingOf(db)).toMatchObject({
      family: 'The house',
      revision: 1,
      children: 2,
      units: 1,
      lessons: 3,
      done: 0,
      closedYears: 0,
    });
  });
  it.each<[string, (db: Database.Database) => void, string]>([
    ['of a database with another’s mark', (db) => db.pragma('application_id = 7'), 'foreign'],
    ['with our mark and none of our tables', (db) => db.exec('DROP TABLE child'), 'foreign'],
    ['of an early Hausplan, which left no mark', (db) => db.pragma('application_id = 0'), 'ours'],
  ])('a file %s is known for what it is', (_, change, kind) => {
    const file = join(folder, 'brought.sqlite');
    const db = filled(file);
    db.pragma('foreign_keys = OFF');
    change(db);
    db.close();
    const seen = (): string => {
      try {
        lookAtCopy(file);
        return 'ours';
      } catch (e) {
        return faultFrom(e, file)!.kind;
      }
    };
    expect(seen()).toBe(kind);
  });
});

describe('out of a store that cannot be used', () => {
  it('the plan is saved where it can be read', () => {
    const db = filled();
    db.pragma('user_version = 999');
    db.close();
    expect(planOutOf(path)?.lessons.length).toBe(3);
  });
  it('and is not where it cannot', () => {
    writeFileSync(path, 'nothing');
    expect(planOutOf(path)).toBeUndefined();
  });
});

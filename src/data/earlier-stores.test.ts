/** Stores as each earlier version of Hausplan left them, the demo family of its day in them, are brought up to date whole. */
import Database from 'better-sqlite3';
import { mkdtempSync, readdirSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { describe, expect, it } from 'vitest';
import { readHausplanJson, writeHausplanJson } from '@/core/formats/hausplan-json';
import { breaches } from '@/core/layout/check';
import { canonical } from '@/core/plan/canonical';
import { withClosedYears } from './closed-years';
import { copiesOf } from './copies';
import { currentRevision } from './revisions';
import { redo, undo } from './undo';
import { open } from './open';
import { readPlan } from './plan';

const FOLDER = 'tests/stores';

/** Writes a store as it was, and gives its path. */
function asItWas(file: string): string {
  const path = join(mkdtempSync(join(tmpdir(), 'hausplan-earlier-')), 'store.sqlite');
  const db = new Database(path);
  db.pragma('foreign_keys = OFF');
  db.exec(`BEGIN; ${gunzipSync(readFileSync(join(FOLDER, file))).toString('utf8')} COMMIT`);
  db.close();
  return path;
}

/** What a parent would miss first, read by SQL that every version understands. */
function facts(db: Database.Database): unknown {
  const all = (sql: string): unknown[] => db.prepare(sql).raw().all();
  return {
    children: all('SELECT name, birth_month, minutes FROM child ORDER BY name'),
    units: all('SELECT title, starts FROM unit ORDER BY id'),
    lessons: all('SELECT id, title FROM lesson ORDER BY id'),
    parts: all('SELECT id, title, minutes FROM part ORDER BY id'),
    days: all('SELECT part_id, date, state FROM sitting ORDER BY part_id, date'),
    marks: db.prepare("SELECT 1 FROM sqlite_master WHERE name = 'mark'").get()
      ? all('SELECT id, part_id, child_id, outcome, date FROM mark ORDER BY id')
      : all(
          "SELECT id, part_id, child_id, kind, date FROM entry WHERE kind IN ('done', 'missed') ORDER BY id",
        ),
    books: all('SELECT id, title FROM book ORDER BY id'),
    uses: all('SELECT id, lesson_id, first_page, last_page FROM book_use ORDER BY id'),
    work: all('SELECT part_id, child_id, wording, minutes FROM assignment ORDER BY part_id, child_id'),
  };
}

const files = readdirSync(FOLDER).sort();

it('there is a store of every version, and the newest is of the version before the migrations end or of the last', () => {
  const versions = files.map((f) => Number(/^version-(\d+)\.sql\.gz$/.exec(f)?.[1])).sort((a, b) => a - b);
  const migrations = readdirSync('src/data/migrations').length;
  expect(versions).toEqual(Array.from({ length: versions.length }, (_, i) => i + 1));
  expect(versions.length).toBeGreaterThanOrEqual(migrations - 1);
});

describe.each(files)('%s', (file) => {
  it('keeps every fact, is kept as it was beside the store, and can be planned on', () => {
    const path = asItWas(file);
    const earlier = new Database(path, { readonly: true });
    const was = facts(earlier);
    const version = earlier.pragma('user_version', { simple: true }) as number;
    earlier.close();

    const db = open(path);
    expect(facts(db)).toEqual(was);
    expect(db.pragma('foreign_key_check')).toEqual([]);
    const isCurrent = version === readdirSync('src/data/migrations').length;
    expect(copiesOf(path).some((c) => c.kind === 'before')).toBe(!isCurrent);

    const plan = canonical(withClosedYears(db, readPlan(db)));
    expect(breaches(plan)).toEqual([]);
    const again = readHausplanJson(writeHausplanJson(plan));
    expect('plan' in again ? canonical(again.plan) : again.faults).toEqual(plan);
    db.close();
  });

  it('can still be undone and done again', () => {
    const db = open(asItWas(file));
    const plan = canonical(readPlan(db));
    let steps = 0;
    while (undo(db, currentRevision(db))) steps++;
    expect(steps).toBeGreaterThan(0);
    expect(readPlan(db).lessons).toEqual([]);
    for (; steps > 0; steps--) expect(redo(db, currentRevision(db))).toHaveProperty('label');
    // What happened is withdrawn and stands again: entries are added, none is taken away.
    const { entries, ...again } = canonical(readPlan(db));
    expect({ ...again, entries: plan.entries }).toEqual(plan);
    expect(entries.slice(0, plan.entries.length)).toEqual(plan.entries);
    db.close();
  });
});

import { existsSync, mkdtempSync, readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beforeEach, describe, expect, it } from 'vitest';
import { aPlan } from '../../tests/sample-plan';
import { perform, type Edit } from '@/core/edit/edit';
import { addLesson, removeLessons } from '@/core/edit/lessons';
import { markDone } from '@/core/edit/today';
import type Database from 'better-sqlite3';
import { readDrawn, write } from './door';
import { currentRevision, StaleRevision } from './revisions';
import { undo } from './undo';
import { open } from './open';
import { dropTracing, keepTraced, layTracing, liesOn, tracedOn, tracing, tracingPath } from './tracing';

let n = 0;
const CONTEXT = { today: '2026-08-31', newId: () => `new${++n}` };
let path: string;
let db: Database.Database;

function make(on: Database.Database, label: string, edit: Edit): void {
  const made = write<object>(on, currentRevision(on), { label: () => label }, (plan) =>
    perform(edit, plan, CONTEXT),
  );
  expect(made).toHaveProperty('revision');
}
const tick = (partId: string): void => {
  write<object>(db, currentRevision(db), { label: () => 'Ticked', touches: ['happened'] }, (plan) =>
    perform(markDone(partId, null, '2026-08-31'), plan, CONTEXT),
  );
};
const titles = (on: Database.Database): string[] => readDrawn(on).plan.lessons.map((l) => l.title);

beforeEach(() => {
  path = join(mkdtempSync(join(tmpdir(), 'hausplan-tracing-')), 'store.sqlite');
  db = open(path);
  write(db, 0, { label: () => 'Began' }, () => ({ plan: aPlan(3) }));
  make(db, 'Added', addLesson('u1', 'Four', null));
});

describe('tracing paper', () => {
  it('takes changes that the plan does not see, until they are kept as one that can be undone', () => {
    layTracing(db, path);
    const paper = tracing(path)!;
    expect(tracedOn(paper)).toEqual([]);
    make(paper, 'Added five', addLesson('u1', 'Five', null));
    make(paper, 'Dropped one', removeLessons(['l1']));
    make(paper, 'Added six', addLesson('u1', 'Six', null));
    undo(paper, currentRevision(paper));
    expect(tracedOn(paper)).toEqual(['Added five', 'Dropped one']);
    expect(titles(db)).toEqual(['Lesson l1', 'Lesson l2', 'Lesson l3', 'Four']);
    expect(liesOn(paper, db)).toBe(true);
    const was = readDrawn(db).plan;
    expect(keepTraced(db, paper, 'Kept', CONTEXT)).toEqual({ revision: 3 });
    expect(titles(db)).toEqual(['Lesson l2', 'Lesson l3', 'Four', 'Five']);
    expect(readDrawn(db).plan.sittings).toEqual(readDrawn(paper).plan.sittings);
    undo(db, 3);
    expect(readDrawn(db).plan).toEqual(was);
  });

  it('loses nothing that was taught meanwhile, also of what is dropped on it', () => {
    layTracing(db, path);
    const paper = tracing(path)!;
    make(paper, 'Added five', addLesson('u1', 'Five', null));
    make(paper, 'Dropped two', removeLessons(['l2']));
    tick('l1-a');
    tick('l2-a');
    keepTraced(db, paper, 'Kept', CONTEXT);
    const { plan } = readDrawn(db);
    expect(plan.marks.map((m) => m.partId)).toEqual(['l1-a']);
    expect(plan.entries.map((e) => e.about.lesson)).toEqual(['Lesson l1', 'Lesson l2']);
  });

  it('is refused by a plan that was changed meanwhile, and by one that was put in its place', () => {
    layTracing(db, path);
    const paper = tracing(path)!;
    make(paper, 'Added five', addLesson('u1', 'Five', null));
    make(db, 'Added on the plan', addLesson('u1', 'Other', null));
    expect(() => keepTraced(db, paper, 'Kept', CONTEXT)).toThrow(StaleRevision);
    expect(titles(paper)).toContain('Five');
    const other = open(join(mkdtempSync(join(tmpdir(), 'hausplan-other-')), 'store.sqlite'));
    expect(liesOn(paper, other)).toBe(false);
    other.close();
  });

  it('lies where it was laid, whoever lays it again, and leaves nothing behind when it is dropped', () => {
    layTracing(db, path);
    make(tracing(path)!, 'Added five', addLesson('u1', 'Five', null));
    layTracing(db, path);
    expect(tracedOn(tracing(path)!)).toEqual(['Added five']);
    dropTracing(path);
    expect(tracing(path)).toBeUndefined();
    expect(existsSync(tracingPath(path))).toBe(false);
    expect(readdirSync(join(path, '..')).filter((f) => f.includes('tracing'))).toEqual([]);
    expect(titles(db)).not.toContain('Five');
  });
});

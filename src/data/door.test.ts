import Database from 'better-sqlite3';
import fc from 'fast-check';
import { randomUUID } from 'node:crypto';
import { copyFileSync, mkdtempSync, readdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Matter } from '@/core/command/command';
import { perform, type Edit, type Refusal } from '@/core/edit/edit';
import { setPantry } from '@/core/edit/household';
import { removeLessons } from '@/core/edit/lessons';
import { didNotHappen, markDone, unmark } from '@/core/edit/today';
import { redraw } from '@/core/layout/redraw';
import { canonical } from '@/core/plan/canonical';
import { EMPTY_PLAN, type Plan } from '@/core/plan/plan';
import { EVERY_EDIT } from '../../tests/every-edit';
import { aPlan, someFullPlan, somePlan } from '../../tests/sample-plan';
import { readDrawn, write } from './door';
import { currentRevision, StaleRevision } from './revisions';
import { redo, undo } from './undo';
import { open } from './open';
import { readPlan } from './plan';
import { holdingOf } from './restore';

let db: Database.Database;
let folder: string;
const DRAWN = canonical(redraw(aPlan(4), { today: '2026-08-31' }).plan);
const to = (plan: Plan) => () => ({ plan });

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hausplan-'));
  db = open(join(folder, 'store.sqlite'));
});

describe('the store', () => {
  it('gives back any plan it was given', () => {
    fc.assert(
      fc.property(someFullPlan, (plan) => {
        const drawn = canonical(redraw(plan, { today: '2026-08-31' }).plan);
        write(db, currentRevision(db), { label: () => 'a plan' }, to(drawn));
        expect(readPlan(db)).toEqual(drawn);
      }),
      { numRuns: 25 },
    );
  });

  it('starts empty at revision 0', () => expect(readDrawn(db)).toEqual({ plan: EMPTY_PLAN, revision: 0 }));

  it('refuses a row that hangs on nothing, and stores nothing of the write', () => {
    const broken = { ...DRAWN, lessons: DRAWN.lessons.slice(1) };
    expect(() => write(db, 0, { label: () => 'broken' }, to(broken))).toThrow(/FOREIGN KEY/);
    expect(readDrawn(db)).toEqual({ plan: EMPTY_PLAN, revision: 0 });
  });

  it('keeps a copy before it migrates an older store', () => {
    db.close();
    const migrations = mkdtempSync(join(tmpdir(), 'hausplan-migrations-'));
    writeFileSync(join(migrations, '0001-a.sql'), 'CREATE TABLE a (x INTEGER) STRICT;');
    const path = join(folder, 'older.sqlite');
    open(path, migrations).close();
    writeFileSync(join(migrations, '0002-b.sql'), 'CREATE TABLE b (x INTEGER) STRICT;');
    const again = open(path, migrations);
    expect(again.pragma('user_version', { simple: true })).toBe(2);
    expect(readdirSync(`${path}.copies`).filter((f) => f.startsWith('before-0002')).length).toBe(1);
  });

  it('brings a store of the first Hausplan up to date, and loses nothing of it', () => {
    const first = mkdtempSync(join(tmpdir(), 'hausplan-first-'));
    copyFileSync('src/data/migrations/0001-plan.sql', join(first, '0001-plan.sql'));
    const path = join(folder, 'first.sqlite');
    const old = open(path, first);
    old.exec(`
      INSERT INTO family VALUES ('family', 'The house', 180);
      INSERT INTO child (id, position, name, birth_month, hatch, minutes) VALUES ('c1', 0, 'Junia', '2020-06', 'dots', 90);
      INSERT INTO unit VALUES ('u1', 0, 'Wool', '2026-08-31', NULL, 3, '["Twist"]', '', '[]');
      INSERT INTO unit_child VALUES ('u1', 'c1', 0);
      INSERT INTO lesson VALUES ('l1', 'u1', 0, 'Shearing', 7, 11, '[]', '');
      INSERT INTO part VALUES ('p1', 'l1', 0, 'activity', 'Card', 30, 'leads', NULL, 0, NULL, 24, 'dries');
      INSERT INTO part_child VALUES ('p1', 'c1', 0);
      INSERT INTO sitting VALUES ('s1', 'p1', '2026-08-31', 'morning', 'ink', '{"kind":"inked"}');
      INSERT INTO mark VALUES ('m1', 'p1', 'c1', '2026-08-31', 'done', '');
    `);
    old.close();
    const plan = readPlan(open(path));
    expect(plan.parts).toMatchObject([
      {
        id: 'p1',
        lessonId: 'l1',
        title: 'Card',
        childIds: ['c1'],
        waitAfterHours: 24,
        supplies: [],
        unitId: null,
        ruleId: null,
      },
    ]);
    expect([
      plan.marks.length,
      plan.sittings[0].state,
      plan.units[0].waiting,
      plan.family?.allergies,
      plan.children[0].mouths,
      plan.lessons[0].lastPage,
    ]).toEqual([1, 'ink', false, [], false, 11]);
  });

  it('does not open a store of a newer Hausplan', () => {
    db.pragma('user_version = 999');
    db.close();
    expect(() => open(join(folder, 'store.sqlite'))).toThrow(/newer Hausplan/);
  });
});

describe('undo and redo', () => {
  const renamed = (plan: Plan, title: string): Plan => ({
    ...plan,
    units: plan.units.map((u) => ({ ...u, title })),
  });

  it('walk back and forth through the writes, byte for byte', () => {
    fc.assert(
      fc.property(
        fc.array(somePlan, { minLength: 1, maxLength: 5 }),
        fc.array(fc.boolean(), { maxLength: 12 }),
        (plans, steps) => {
          const fresh = open(join(mkdtempSync(join(tmpdir(), 'hausplan-')), 'store.sqlite'));
          const states = [EMPTY_PLAN as Plan];
          for (const plan of plans) {
            const drawn = canonical(redraw(plan, { today: '2026-08-31' }).plan);
            write(fresh, currentRevision(fresh), { label: () => 'a plan' }, to(drawn));
            states.push(drawn);
          }
          let at = states.length - 1;
          for (const back of steps) {
            const moved = back ? undo(fresh, currentRevision(fresh)) : redo(fresh, currentRevision(fresh));
            if (moved) at += back ? -1 : 1;
            expect(readPlan(fresh)).toEqual(states[at]);
          }
          fresh.close();
        },
      ),
      { numRuns: 15 },
    );
  });

  it('count up the revision, since another window must notice', () => {
    write(db, 0, { label: () => 'one' }, to(DRAWN));
    expect(undo(db, 1)).toEqual({ revision: 2, label: 'one' });
    expect(redo(db, 2)).toEqual({ revision: 3, label: 'one' });
  });

  it('forget what was undone once something else is written', () => {
    write(db, 0, { label: () => 'one' }, to(DRAWN));
    write(db, 1, { label: () => 'two' }, to(renamed(DRAWN, 'Two')));
    undo(db, 2);
    write(db, 3, { label: () => 'three' }, to(renamed(DRAWN, 'Three')));
    expect(readDrawn(db)).toMatchObject({ undo: 'three' });
    expect(redo(db, 4)).toBeUndefined();
    undo(db, 4);
    undo(db, 5);
    expect(readPlan(db)).toEqual(EMPTY_PLAN);
  });

  it('do not count a write that changes nothing', () => {
    write(db, 0, { label: () => 'one' }, to(DRAWN));
    expect(write(db, 1, { label: () => 'same' }, to(DRAWN))).toEqual({ revision: 1 });
  });
});

describe('a write on an old revision', () => {
  it('is refused, stores nothing, and says what has happened since', () => {
    write(db, 0, { label: () => 'Made the plan' }, to(DRAWN));
    const late = () => write(db, 0, { label: () => 'late' }, to(EMPTY_PLAN));
    expect(late).toThrow(StaleRevision);
    try {
      late();
    } catch (e) {
      expect(e).toMatchObject({ now: 1, since: ['Made the plan'] });
    }
    expect(readPlan(db)).toEqual(DRAWN);
    expect(() => undo(db, 0)).toThrow(StaleRevision);
  });
});

describe('changes of several', () => {
  const by = (
    actor: 'parent' | 'child',
    edit: Edit,
    touches: readonly Matter[] = ['plan'],
    base = currentRevision(db),
  ): void => {
    const done = write<Refusal>(db, base, { label: () => `${actor}’s`, actor, touches }, (plan) =>
      perform(edit, plan, { today: '2026-09-10', newId: () => randomUUID() }),
    );
    if ('refused' in done) throw new Error(done.refused);
  };
  const ticked = (): string[] => readPlan(db).marks.map((m) => m.partId);

  it('get along where nothing they touch was changed since, and are refused where it was', () => {
    write(db, 0, { label: () => 'a plan' }, to(DRAWN));
    by('parent', setPantry([{ name: 'alum', amount: 50, unit: 'g' }]), ['kept'], 1);
    // Made on what stood there before the pantry was changed: lessons are something else.
    by('parent', removeLessons(['l4']), ['plan'], 1);
    by('child', markDone('l1-a', 'c1', '2026-08-31'), ['happened'], 1);
    expect(readPlan(db).pantry.map((t) => t.name)).toEqual(['alum']);
    expect(readPlan(db).lessons).toHaveLength(3);
    expect(() => by('parent', removeLessons(['l3']), ['plan'], 1)).toThrow(StaleRevision);
    expect(() => by('parent', setPantry([]), ['kept'], 1)).toThrow(StaleRevision);
    expect(() => by('parent', setPantry([]), ['kept'], 2)).not.toThrow();
  });

  it('are undone each by who made them, over what the other did since', () => {
    write(db, 0, { label: () => 'a plan' }, to(DRAWN));
    by('parent', removeLessons(['l4']));
    by('child', markDone('l1-a', 'c1', '2026-08-31'), ['happened']);
    expect(undo(db, 2)).toMatchObject({ label: 'parent’s' });
    expect(readPlan(db).lessons).toHaveLength(4);
    expect(ticked()).toEqual(['l1-a']);
    expect(redo(db, currentRevision(db), 'child')).toBeUndefined();
    expect(undo(db, currentRevision(db), 'child')).toMatchObject({ label: 'child’s' });
    expect(ticked()).toEqual([]);
    expect(redo(db, currentRevision(db))).toMatchObject({ label: 'parent’s' });
    expect(redo(db, currentRevision(db), 'child')).toMatchObject({ label: 'child’s' });
    expect(readPlan(db).lessons).toHaveLength(3);
    expect(ticked()).toEqual(['l1-a']);
  });

  it('are not undone where another changed the same things after', () => {
    write(db, 0, { label: () => 'a plan' }, to(DRAWN));
    by('parent', setPantry([{ name: 'alum', amount: 50, unit: 'g' }]));
    const [{ id }] = readPlan(db).pantry;
    by('child', setPantry([{ id, name: 'alum', amount: 20, unit: 'g' }] as never));
    expect(undo(db, currentRevision(db))).toEqual({ after: 'child’s' });
    expect(readPlan(db).pantry[0].amount).toBe(20);
    undo(db, currentRevision(db), 'child');
    expect(undo(db, currentRevision(db))).toMatchObject({ label: 'parent’s' });
    expect(readPlan(db).pantry).toEqual([]);
  });
});

describe('what happened, in the store', () => {
  const change = (edit: Edit): void => {
    const done = write<Refusal>(db, currentRevision(db), { label: () => 'a change' }, (plan) =>
      perform(edit, plan, { today: '2026-09-10', newId: () => randomUUID() }),
    );
    if ('refused' in done) throw new Error(done.refused);
  };
  const ids = (): unknown[] => db.prepare('SELECT id FROM entry ORDER BY position').pluck().all();
  const done = (): string[] =>
    readPlan(db).marks.map((m) => `${m.partId} ${m.childId} ${m.felt} ${m.minutes}`);

  it('is never struck out by undo and redo: it is withdrawn, and stands again', () => {
    write(db, 0, { label: () => 'a plan' }, to(DRAWN));
    const steps: [Edit, string[]][] = [
      [markDone('l1-a', null, '2026-09-01'), ['l1-a null null null']],
      [unmark('l1-a', 'c1'), ['l1-a c2 null null']],
      [unmark('l1-a', null), []],
      [markDone('l1-a', 'c1', '2026-09-02'), ['l1-a c1 null null']],
      [didNotHappen('l1-a', '2026-09-02', true), ['l1-a null null null']],
    ];
    const states: string[][] = [[]];
    for (const [edit, expected] of steps) {
      change(edit);
      expect(done()).toEqual(expected);
      states.push(expected);
    }
    let known = ids();
    const walk = [...states.keys()].slice(0, -1);
    for (const at of [...walk].reverse()) {
      undo(db, currentRevision(db));
      expect(done()).toEqual(states[at]);
      expect(ids().slice(0, known.length)).toEqual(known);
      known = ids();
    }
    for (const at of walk) {
      redo(db, currentRevision(db));
      expect(done()).toEqual(states[at + 1]);
      expect(ids().slice(0, known.length)).toEqual(known);
      known = ids();
    }
  });

  it('is counted once however often it was taken back and done again', () => {
    write(db, 0, { label: () => 'a plan' }, to(DRAWN));
    change(markDone('l1-a', null, '2026-09-01'));
    const counts = [undo, redo, undo, redo].map((step) => {
      step(db, currentRevision(db));
      return [holdingOf(db).done, readPlan(db).marks.length];
    });
    expect(counts).toEqual([
      [0, 0],
      [1, 1],
      [0, 0],
      [1, 1],
    ]);
  });

  it('stays when its lesson goes, and is done again when that comes back', () => {
    write(db, 0, { label: () => 'a plan' }, to(DRAWN));
    change(markDone('l1-a', null, '2026-09-01'));
    change(removeLessons(['l1']));
    expect([done(), readPlan(db).entries.length]).toEqual([[], 1]);
    undo(db, currentRevision(db));
    expect([done(), readPlan(db).entries.length]).toEqual([['l1-a null null null'], 1]);
  });

  it('gives way to that of another plan that is brought in, and comes back with it', () => {
    write(db, 0, { label: () => 'a plan' }, to(DRAWN));
    change(markDone('l1-a', null, '2026-09-01'));
    write(db, currentRevision(db), { label: () => 'another plan' }, to({ ...EMPTY_PLAN }));
    expect(readPlan(db).entries).toEqual([]);
    undo(db, currentRevision(db));
    expect(done()).toEqual(['l1-a null null null']);
    redo(db, currentRevision(db));
    expect(done()).toEqual([]);
    undo(db, currentRevision(db));
    expect(done()).toEqual(['l1-a null null null']);
  });
});

it('the plan that is kept is never changed in place by a change or by what a sheet reads', () => {
  const frozen = <T>(value: T): T => {
    if (value && typeof value === 'object' && !Object.isFrozen(value)) {
      Object.freeze(value);
      Object.values(value).forEach(frozen);
    }
    return value;
  };
  fc.assert(
    fc.property(
      someFullPlan,
      fc.array(fc.tuple(fc.nat(EVERY_EDIT.length - 1), fc.nat(200)), { minLength: 1, maxLength: 5 }),
      (given, steps) => {
        const context = { today: '2026-09-10', newId: () => randomUUID() };
        let plan = frozen(canonical(redraw(given, context).plan));
        for (const [which, n] of steps) {
          const done = perform(EVERY_EDIT[which](plan, n), plan, context);
          if ('plan' in done) plan = frozen(canonical(done.plan));
        }
      },
    ),
    { numRuns: 80 },
  );
});

it('the plan that is kept after any change is what is read out of the store', () => {
  fc.assert(
    fc.property(
      someFullPlan,
      fc.array(fc.tuple(fc.nat(EVERY_EDIT.length - 1), fc.nat(200)), { minLength: 1, maxLength: 6 }),
      (given, steps) => {
        const fresh = open(join(mkdtempSync(join(tmpdir(), 'hausplan-')), 'store.sqlite'));
        let ids = 0;
        write(fresh, 0, { label: () => 'a plan' }, to(redraw(given, { today: '2026-09-10' }).plan));
        for (const [which, n] of steps) {
          write<Refusal>(fresh, currentRevision(fresh), { label: () => 'a change' }, (plan) =>
            perform(EVERY_EDIT[which](plan, n), plan, { today: '2026-09-10', newId: () => `k${++ids}` }),
          );
          expect(readDrawn(fresh).plan).toEqual(readPlan(fresh));
        }
        fresh.close();
      },
    ),
    { numRuns: 25 },
  );
});

it('what another connection wrote is seen at the next look', () => {
  write(db, 0, { label: () => 'a plan' }, to(DRAWN));
  expect(readDrawn(db).plan).toBe(readDrawn(db).plan);
  const other = open(join(folder, 'store.sqlite'));
  write(
    other,
    1,
    { label: () => 'another' },
    to({ ...DRAWN, units: DRAWN.units.map((u) => ({ ...u, title: 'Two' })) }),
  );
  other.close();
  expect(readDrawn(db)).toMatchObject({ revision: 2, plan: { units: [{ title: 'Two' }] } });
  // Also where no revision says so.
  const raw = new Database(join(folder, 'store.sqlite'));
  raw.exec("UPDATE unit SET title = 'Three'");
  raw.close();
  expect(readDrawn(db).plan.units[0].title).toBe('Three');
});

/** Whatever is changed in a plan, what happened stays written down, and what is done follows from it. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { EVERY_EDIT, everyEntry } from '../../../tests/every-edit';
import { aPlan, someFullPlan } from '../../../tests/sample-plan';
import { removeBook } from '../edit/books';
import { removeChild } from '../edit/family';
import { perform, type Edit } from '../edit/edit';
import { removeLessons } from '../edit/lessons';
import { noteReading, removeReading } from '../edit/loans';
import { didNotHappen, markDone, noteFelt, noteTook, unmark } from '../edit/today';
import { removeUnit } from '../edit/units';
import { redraw } from '../layout/redraw';
import { blankBook } from './blank';
import { canonical } from './canonical';
import type { Entry } from './entry';
import { entriesFrom, inForce, standing, withHappened } from './happened';
import type { Plan } from './plan';

const TODAY = '2026-09-10';
let ids = 0;
const run = (edit: Edit, plan: Plan): Plan => {
  const done = perform(edit, plan, {
    today: TODAY,
    newId: () => `new${++ids}`,
    now: '2026-09-10T09:30:00.000Z',
  });
  if ('refused' in done) throw new Error(done.refused);
  return done.plan;
};
const start = redraw(aPlan(3), { today: TODAY }).plan;
const said = (plan: Plan): unknown[] => inForce(plan.entries).map((e) => [e.kind, e.about.title, e.childId]);

describe('any changes in any order', () => {
  it('take no entry away and alter none; marks and readings are what the entries say', () => {
    fc.assert(
      fc.property(
        someFullPlan,
        fc.array(fc.tuple(fc.nat(EVERY_EDIT.length - 1), fc.nat(200)), { minLength: 1, maxLength: 8 }),
        (given, steps) => {
          const context = { today: TODAY, newId: () => `new${++ids}` };
          let plan = canonical(redraw(given, { today: TODAY }).plan);
          for (const [which, n] of steps) {
            const done = perform(EVERY_EDIT[which](plan, n), plan, context);
            if ('refused' in done) continue;
            const after = canonical(done.plan);
            const [was, is] = [everyEntry(plan), everyEntry(after)];
            expect(is.slice(0, was.length)).toEqual(was);
            expect(new Set(is.map((e) => e.id)).size).toBe(is.length);
            expect(canonical(withHappened(after))).toEqual(after);
            plan = after;
          }
        },
      ),
      { numRuns: 120 },
    );
  });
});

describe('what was taught', () => {
  const taught = run(markDone('l1-a', null, '2026-09-01'), start);
  it('is written down with what it was about', () =>
    expect(taught.entries).toEqual([
      {
        id: taught.marks[0].id,
        at: '2026-09-10T09:30:00.000Z',
        date: '2026-09-01',
        kind: 'done',
        childId: null,
        adultId: null,
        partId: 'l1-a',
        lessonId: null,
        objectiveId: null,
        promptId: null,
        preparationId: null,
        bookId: null,
        about: {
          child: '',
          unit: start.units[0].title,
          lesson: start.lessons[0].title,
          title: start.parts[0].title,
          kind: start.parts[0].kind,
          subject: '',
          rung: null,
        },
        minutes: null,
        pages: null,
        letters: null,
        amount: null,
        unit: '',
        felt: null,
        grade: null,
        note: '',
        file: null,
        withdraws: null,
      },
    ]));
  it.each<[string, Edit]>([
    ['lesson', removeLessons(['l1'])],
    ['unit', removeUnit(start.units[0].id)],
  ])('outlasts its %s', (_, edit) => {
    const after = run(edit, taught);
    expect(after.marks).toEqual([]);
    expect(said(after)).toEqual([['done', start.parts[0].title, null]]);
  });
  it('outlasts its child, by name', () => {
    const own = run(markDone('l1-a', 'c2', '2026-09-01'), start);
    const after = run(removeChild('c2'), own);
    expect(after.marks).toEqual([]);
    expect(inForce(after.entries).map((e) => [e.childId, e.about.child])).toEqual([['c2', 'c2']]);
  });
  it('is withdrawn when the tick is taken back, and not struck out', () => {
    const after = run(unmark('l1-a', null), taught);
    expect(after.marks).toEqual([]);
    expect(after.entries.map((e) => [e.kind, e.withdraws])).toEqual([
      ['done', null],
      ['withdrawn', taught.entries[0].id],
    ]);
    expect(said(after)).toEqual([]);
  });
  it('is left to the others when one child’s is taken back', () => {
    const after = run(unmark('l1-a', 'c1'), taught);
    expect(said(after)).toEqual([['done', start.parts[0].title, 'c2']]);
  });
  it('that did not happen after all is missed', () => {
    const after = run(didNotHappen('l1-a', '2026-09-01', true), taught);
    expect(said(after)).toEqual([['missed', start.parts[0].title, null]]);
  });
});

describe('what is noted', () => {
  const plan = redraw(
    aPlan(2, {}, (l) => [
      { ...aPlan(1).parts[0], id: `${l}-copy`, lessonId: l, kind: 'tell-back', minutes: null },
    ]),
    { today: TODAY },
  ).plan;
  it('corrects what was noted before it: the last word stands alone', () => {
    const felt = run(noteFelt('l1-copy', 'c1', 'hard', '2026-09-02'), plan);
    const again = run(noteTook('l1-copy', 'c1', 25, '2026-09-02'), felt);
    expect(again.entries).toHaveLength(2);
    expect(again.entries[1].withdraws).toBe(felt.entries[0].id);
    expect(again.marks.map((m) => [m.felt, m.minutes])).toEqual([['hard', 25]]);
    expect(again.marks[0].id).toBe(again.entries[1].id);
  });
  it('of reading says the book, and outlasts it', () => {
    const read = run(
      noteReading({ childId: 'c1', bookId: null, date: '2026-09-03', pages: 12, minutes: 20 }),
      plan,
    );
    expect(inForce(read.entries).map((e) => [e.kind, e.pages, e.minutes])).toEqual([['read', 12, 20]]);
    const gone = run(removeReading(read.readings[0].id), read);
    expect([gone.readings, said(gone), gone.entries.length]).toEqual([[], [], 2]);
  });
});

describe('what was corrected and is then taken back', () => {
  const plan = redraw(
    aPlan(1, {}, (l) => [
      { ...aPlan(1).parts[0], id: `${l}-copy`, lessonId: l, kind: 'tell-back', minutes: null },
    ]),
    { today: TODAY },
  ).plan;
  it('is gone whole: the word before it does not stand again', () => {
    const noted = run(
      noteTook('l1-copy', 'c1', 25, '2026-09-02'),
      run(noteFelt('l1-copy', 'c1', 'hard', '2026-09-02'), plan),
    );
    const gone = run(unmark('l1-copy', 'c1'), noted);
    expect(said(gone)).toEqual([]);
    expect(withHappened(gone).marks).toEqual([]);
  });
  it('speaks of its book still, when that leaves the shelf: nothing is written down for it', () => {
    const shelf: Plan = { ...plan, books: [{ ...blankBook, id: 'b', title: 'Wool' }] };
    const read = run(
      noteReading({ childId: 'c1', bookId: 'b', date: '2026-09-03', pages: 12, minutes: 20 }),
      shelf,
    );
    const gone = run(removeBook('b'), read);
    expect(gone.readings.map((r) => r.bookId)).toEqual([null]);
    expect(gone.entries).toEqual(read.entries);
  });
});

describe('taking back', () => {
  const entry = (id: string, withdraws: string | null): Pick<Entry, 'id' | 'withdraws'> => ({
    id,
    withdraws,
  });
  it.each<[string, [string, string | null][], string[]]>([
    [
      'nothing',
      [
        ['a', null],
        ['b', null],
      ],
      ['a', 'b'],
    ],
    [
      'one',
      [
        ['a', null],
        ['x', 'a'],
      ],
      ['x'],
    ],
    [
      'a taking back',
      [
        ['a', null],
        ['x', 'a'],
        ['y', 'x'],
      ],
      ['a', 'y'],
    ],
    [
      'a taking back of a taking back',
      [
        ['a', null],
        ['x', 'a'],
        ['y', 'x'],
        ['z', 'y'],
      ],
      ['x', 'z'],
    ],
    [
      'what is not there',
      [
        ['a', null],
        ['x', 'q'],
      ],
      ['a', 'x'],
    ],
    [
      'what comes later takes nothing back before it',
      [
        ['x', 'a'],
        ['a', null],
      ],
      ['x', 'a'],
    ],
  ])('%s', (_, entries, left) =>
    expect(standing(entries.map(([id, w]) => entry(id, w))).map((e) => e.id)).toEqual(left),
  );
});

it('a plan that was kept as marks and readings is written down day by day', () => {
  fc.assert(
    fc.property(someFullPlan, (plan) => {
      const entries = entriesFrom(plan);
      expect(entries.map((e) => e.date)).toEqual([...entries.map((e) => e.date)].sort());
      const again = canonical(withHappened({ ...plan, entries }));
      expect(again.marks.map((m) => m.id)).toEqual(canonical(plan).marks.map((m) => m.id));
      expect(again.readings).toEqual(canonical(plan).readings);
      expect(entries.every((e) => e.at === `${e.date}T00:00:00.000Z`)).toBe(true);
    }),
    { numRuns: 60 },
  );
});

/** Closing a year: what happened stays, what was not done goes on where the family wants it to, and nothing stands in both. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { everyEntry, theNextYear } from '../../../tests/every-edit';
import { aPart, aPlan, aUnit, someFullPlan, YEAR } from '../../../tests/sample-plan';
import { breaches } from '../layout/check';
import { redraw } from '../layout/redraw';
import { blankBook, blankRule } from '../plan/blank';
import { canonical } from '../plan/canonical';
import { doneParts } from '../plan/lookup';
import { dangling } from '../plan/references';
import type { Plan } from '../plan/plan';
import { perform, type Edit } from './edit';
import { noteReading } from './loans';
import { markDone, noteTook } from './today';
import { closeYear, leftOver, nextDates, type NextYear } from './years';

const TODAY = '2027-06-12';
let ids = 0;
const context = { today: TODAY, newId: () => `y${++ids}`, now: '2027-06-12T18:00:00.000Z' };
function run(edit: Edit, plan: Plan): Plan {
  const done = perform(edit, plan, context);
  if ('refused' in done) throw new Error(done.refused);
  return canonical(done.plan);
}
const NOTHING: NextYear = {
  starts: '2027-08-30',
  ends: '2028-06-09',
  unitIds: [],
  ruleIds: [],
  questionIds: [],
  leadMinutes: 200,
  childMinutes: {},
};
const start = redraw(aPlan(4), { today: '2026-08-31' }).plan;
const taught = ['l1-a', 'l2-a'].reduce(
  (plan, id) => run(markDone(id, null, plan.sittings.find((s) => s.partId === id)!.date), plan),
  start,
);

it('whatever the year held and whatever goes on, all that was written down stays, and the next year keeps every promise', () => {
  fc.assert(
    fc.property(someFullPlan, fc.nat(99), (given, n) => {
      const plan = canonical(redraw(given, { today: '2026-09-10' }).plan);
      const next = theNextYear(plan, n);
      const done = perform(closeYear(next), plan, { ...context, today: '2026-09-10' });
      if ('refused' in done) {
        expect(done.refused.length).toBeGreaterThan(20);
        return;
      }
      const after = canonical(done.plan);
      expect(everyEntry(after)).toEqual(everyEntry(plan));
      expect([after.entries, after.marks, after.readings]).toEqual([[], [], []]);
      expect(breaches(after)).toEqual([]);
      expect(dangling(after)).toEqual([]);
      expect(after.sittings.every((s) => s.date >= next.starts && s.date <= next.ends)).toBe(true);
      // The closed year is the plan as it was, but for what of the household it does not speak of.
      const { closedYears: _, outlines: __, loans: ___, books: ____, ...was } = plan;
      expect(after.closedYears.at(-1)!.slice).toMatchObject(was);
      // What goes on is what was not done, and all of it.
      const isDone = doneParts(plan);
      const lessons = new Map(plan.lessons.map((l) => [l.id, l.unitId]));
      const unitOf = (p: Plan['parts'][number]): string | null =>
        p.unitId ?? lessons.get(p.lessonId ?? '') ?? null;
      const byHand = (p: Plan): string[] => p.parts.filter((x) => x.ruleId === null).map((x) => x.id);
      expect(new Set(byHand(after))).toEqual(
        new Set(
          plan.parts
            .filter((p) => p.ruleId === null && !isDone.has(p.id) && next.unitIds.includes(unitOf(p)!))
            .map((p) => p.id),
        ),
      );
    }),
    { numRuns: 120 },
  );
});

describe('what goes on', () => {
  it('is the lessons of a unit that are left, from the first day of the next year on', () => {
    expect(leftOver(taught).unfinished).toMatchObject([{ unit: { id: 'u1' }, lessonsLeft: 2, lessons: 4 }]);
    const after = run(closeYear({ ...NOTHING, unitIds: ['u1'] }), taught);
    expect(after.units).toMatchObject([{ id: 'u1', starts: '2027-08-30', waiting: false }]);
    expect(after.lessons.map((l) => l.id)).toEqual(['l3', 'l4']);
    expect(after.sittings.map((s) => s.date).sort()[0]).toBe('2027-08-30');
  });

  it('is a part for the child alone who has not done it', () => {
    const half = run(markDone('l3-a', 'c1', '2027-06-01'), taught);
    const after = run(closeYear({ ...NOTHING, unitIds: ['u1'] }), half);
    expect(after.parts.find((p) => p.id === 'l3-a')!.childIds).toEqual(['c2']);
  });

  it('loses a date that lies in the year that is over', () => {
    const fixed = {
      ...start,
      parts: start.parts.map((p) => ({ ...p, fixedDate: '2026-10-05', latest: '2027-09-10' })),
    };
    const after = run(closeYear({ ...NOTHING, unitIds: ['u1'] }), fixed);
    expect(after.parts.map((p) => [p.fixedDate, p.latest])).toEqual(
      after.parts.map(() => [null, '2027-09-10']),
    );
  });

  it('is a question without an answer, which waits under the name of a unit that is over', () => {
    const question = { id: 'q', unitId: 'u1', childId: 'c1', text: 'Why?', asked: '2026-09-02', answer: '' };
    const asked: Plan = { ...taught, questions: [question, { ...question, id: 'told', answer: 'So.' }] };
    expect(leftOver(asked).questions.map((q) => q.id)).toEqual(['q']);
    const after = run(closeYear({ ...NOTHING, questionIds: ['q'] }), asked);
    expect(after.units).toMatchObject([{ title: 'A unit', waiting: true, deeper: true }]);
    expect(after.questions).toEqual([{ ...question, unitId: after.units[0].id }]);
    // One that goes on keeps its questions, answered ones too.
    expect(run(closeYear({ ...NOTHING, unitIds: ['u1'] }), asked).questions).toHaveLength(2);
  });

  it('is a rule of the family that is kept, without ends that are past', () => {
    const rule = {
      ...blankRule,
      unitId: null,
      title: 'Spelling',
      kind: 'practice' as const,
      minutes: 10,
      rhythm: { on: 'day' as const },
      first: '2026-10-12',
      last: '2027-12-01',
    };
    const ruled: Plan = {
      ...taught,
      rules: [
        { ...rule, id: 'r1' },
        { ...rule, id: 'r2' },
      ],
    };
    const after = run(closeYear({ ...NOTHING, ruleIds: ['r2'] }), ruled);
    expect(after.rules).toMatchObject([{ id: 'r2', first: null, last: '2027-12-01' }]);
  });

  it('is the rhythm and the hours of the calendar, terms whole weeks later, and no day off', () => {
    const year = {
      ...YEAR,
      terms: [
        { id: 't1', name: 'Autumn', first: '2026-08-31', last: '2026-12-18' },
        { id: 't2', name: 'Summer', first: '2027-04-12', last: '2027-06-11' },
      ],
      daysOff: [{ id: 'o', first: '2026-12-24', last: '2026-12-26', label: '', kind: 'off' as const }],
    };
    const after = run(closeYear({ ...NOTHING, ends: '2028-05-31' }), { ...taught, year });
    expect(after.year).toEqual({
      ...year,
      starts: '2027-08-30',
      ends: '2028-05-31',
      daysOff: [],
      terms: [
        { id: 't1', name: 'Autumn', first: '2027-08-30', last: '2027-12-17' },
        { id: 't2', name: 'Summer', first: '2028-04-10', last: '2028-05-31' },
      ],
    });
  });

  it('is the minutes of the next year, and what was measured, until that year says better', () => {
    const book = { ...blankBook, id: 'b', title: 'Wool', pages: 100, words: 20_000 };
    let plan = run(noteReading({ childId: 'c1', bookId: 'b', date: '2027-05-03', pages: 10, minutes: 20 }), {
      ...taught,
      books: [book],
    });
    const closed = run(closeYear({ ...NOTHING, childMinutes: { c1: 33 } }), plan);
    expect(closed.family!.leadMinutes).toBe(200);
    expect(closed.children.map((c) => c.minutes)).toEqual([33, plan.children[1].minutes]);
    expect(closed.children.map((c) => c.measured.reading)).toEqual([
      { amount: 2000, minutes: 20, on: 1 },
      null,
    ]);
    expect(closed.closedYears[0].slice!.children.map((c) => c.minutes)).toEqual(
      plan.children.map((c) => c.minutes),
    );
    plan = run(closeYear({ ...NOTHING, starts: '2028-08-28', ends: '2029-06-08' }), closed);
    expect(plan.children[0].measured.reading).toEqual({ amount: 2000, minutes: 20, on: 1 });
    expect(plan.closedYears.map((y) => [y.starts, y.ends])).toEqual([
      [YEAR.starts, YEAR.ends],
      ['2027-08-30', '2028-06-09'],
    ]);
  });

  it('is a copying hand too', () => {
    const part = aPart('l3-b', 'l3', { kind: 'copying', minutes: null });
    const passage = 'Off the hill the grey flock came,\nEach to her own bell, each to her name.';
    const plan = redraw(
      {
        ...taught,
        parts: [...taught.parts, part],
        lessons: taught.lessons.map((l) => ({ ...l, passage })),
      },
      { today: '2026-09-10' },
    ).plan;
    const copied = run(noteTook('l3-b', 'c1', 12, '2027-05-03'), plan);
    const mark = copied.marks.find((m) => m.letters)!;
    expect(run(closeYear(NOTHING), copied).children[0].measured.hand).toEqual({
      amount: mark.letters,
      minutes: 12,
      on: 1,
    });
  });
});

describe('is refused, in words,', () => {
  it.each<[string, Plan, Partial<NextYear>, RegExp]>([
    ['without a year', { ...taught, year: null }, {}, /no school year/],
    ['before the year began', taught, { starts: '2026-08-01' }, /begins on Mon 31 Aug/],
    ['before something that was taught', taught, { starts: '2026-09-02' }, /Wed 2 Sep is written down/],
    ['with its ends the wrong way round', taught, { ends: '2027-08-01' }, /ends before it starts/],
  ])('%s', (_, plan, over, words) => {
    const done = perform(closeYear({ ...NOTHING, ...over }), plan, context);
    expect('refused' in done ? done.refused : '').toMatch(words);
  });

  it('but not where the next year begins before this one would have ended: it then ends the day before', () => {
    const after = run(closeYear({ ...NOTHING, starts: '2027-03-01', ends: '2028-01-01' }), taught);
    expect(after.closedYears[0]).toMatchObject({ starts: '2026-08-31', ends: '2027-02-28' });
  });
});

it('the next year is proposed on the same weekdays, and after this one', () => {
  expect(nextDates(YEAR)).toEqual({ starts: '2027-08-30', ends: '2028-06-09' });
  expect(nextDates({ starts: '2026-01-05', ends: '2027-02-01' })).toEqual({
    starts: '2027-02-02',
    ends: '2028-01-31',
  });
  expect(leftOver({ ...start, units: [aUnit({ waiting: true })] }).waiting).toHaveLength(1);
});

import { describe, expect, it } from 'vitest';
import { aPart, aPlan, aUnit } from '../../../tests/sample-plan';
import { setAsked } from '../edit/facts';
import { setRung } from '../edit/family';
import { markDone, noteFelt } from '../edit/today';
import { perform, type Edit } from '../edit/edit';
import { redraw } from '../layout/redraw';
import type { Mark, Plan } from '../plan/plan';
import { suggestions } from './suggest';

const TODAY = '2026-09-14';
const start = redraw(
  aPlan(6, { units: [aUnit({ passage: 'Off the hill the grey flock came' })] }, (l) => [
    aPart(`${l}-copy`, l, { kind: 'copying', minutes: null, lead: 'not-needed' }),
  ]),
  { today: '2026-08-31' },
).plan;
let n = 0;
const run = (edit: Edit, plan: Plan): Plan => {
  const done = perform(edit, plan, { today: TODAY, newId: () => `m${++n}` });
  if ('refused' in done) throw new Error(done.refused);
  return done.plan;
};
const told = (felts: NonNullable<Mark['felt']>[]): Plan =>
  felts.reduce(
    (plan, felt, i) => run(noteFelt(`l${i + 1}-copy`, 'c1', felt, `2026-09-0${i + 1}`), plan),
    start,
  );

describe('a rung is suggested', () => {
  it('down after four of five too hard, with what it rests on, and only for that child and skill', () => {
    expect(suggestions(told(['hard', 'hard', 'right', 'hard', 'hard']), TODAY)).toEqual([
      {
        childId: 'c1',
        skill: 'writing',
        from: 4,
        to: 3,
        evidence: expect.stringMatching(/^4 of the last 5 were too hard: Part l1-copy, Tue 1 Sep; /),
      },
    ]);
  });
  it('up after four easy', () =>
    expect(suggestions(told(['easy', 'easy', 'easy', 'easy']), TODAY)).toMatchObject([{ from: 4, to: 5 }]));
  it('not from three, nor from marks that speak both ways, nor when most were right', () => {
    for (const felts of [
      ['hard', 'hard', 'hard'],
      ['hard', 'hard', 'hard', 'hard', 'easy'],
      ['hard', 'right', 'right', 'hard'],
    ] as const)
      expect(suggestions(told([...felts]), TODAY)).toEqual([]);
  });
  it('in speaking from what was asked and how it was known, on the rung it was asked on', () => {
    const recall = ['a', 'b', 'c', 'd'].map((id) => ({
      id,
      easy: `Who ${id}?`,
      hard: `Why ${id}?`,
      answer: '',
    }));
    const plan = { ...start, lessons: start.lessons.map((l, i) => (i ? l : { ...l, recall })) };
    const asked = (grade: number): Plan =>
      recall.reduce((p, { id }, i) => run(setAsked(id, 'c1', grade, `2026-09-0${i + 1}`), p), plan);
    expect(suggestions(asked(1), TODAY)).toMatchObject([
      { skill: 'speaking', to: 3, evidence: expect.stringContaining('“Who a?”, Tue 1 Sep') },
    ]);
    expect(suggestions(asked(4), TODAY)).toMatchObject([{ skill: 'speaking', to: 5 }]);
    expect(suggestions(asked(3), TODAY)).toEqual([]);
    expect(suggestions(run(setRung('c1', 'speaking', 2), asked(1)), TODAY)).toEqual([]);
  });
  it('and not again once the child stands there: the marks were made on another rung', () => {
    expect(
      suggestions(run(setRung('c1', 'writing', 3), told(['hard', 'hard', 'hard', 'hard'])), TODAY),
    ).toEqual([]);
  });
});

it('a tick for everyone becomes one for each when one child has more to say', () => {
  const plan = run(
    noteFelt('l1-copy', 'c1', 'hard', '2026-09-01'),
    run(markDone('l1-copy', null, '2026-09-01'), start),
  );
  expect(plan.marks.map((m) => [m.childId, m.outcome, m.felt, m.rung])).toEqual([
    ['c1', 'done', 'hard', 4],
    ['c2', 'done', null, 4],
  ]);
  expect(
    run(noteFelt('l1-copy', 'c1', 'right', '2026-09-01'), plan).marks.find((m) => m.childId === 'c1')?.felt,
  ).toBe('right');
});

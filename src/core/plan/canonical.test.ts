import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aPart, aPlan, aUnit, somePlan } from '../../../tests/sample-plan';
import { redraw } from '../layout/redraw';
import { canonical } from './canonical';
import { childrenOf, doneParts, groupBy, isDone, lessonsOf } from './lookup';
import type { Mark, Plan } from './plan';
import { blankMark } from './blank';

const shuffled = <T>(items: readonly T[], seed: number): T[] =>
  items
    .map((item, i) => ({ item, at: Math.imul(i + 1, seed | 1) >>> 0 }))
    .sort((a, b) => a.at - b.at)
    .map((x) => x.item);

describe('the one order of a plan', () => {
  it('is the same however its sittings, marks and assignments came', () => {
    fc.assert(
      fc.property(somePlan, fc.nat(), (plan, seed) => {
        const drawn = redraw(plan, { today: '2026-08-31' }).plan;
        expect(
          canonical({
            ...drawn,
            sittings: shuffled(drawn.sittings, seed),
            assignments: shuffled(drawn.assignments, seed),
          }),
        ).toEqual(canonical(drawn));
      }),
      { numRuns: 40 },
    );
  });
  it('keeps lessons and parts in the order the parent gave them', () => {
    const plan: Plan = aPlan(3);
    expect(canonical(plan).lessons.map((l) => l.id)).toEqual(['l1', 'l2', 'l3']);
    const reordered = { ...plan, lessons: [plan.lessons[2], plan.lessons[0], plan.lessons[1]] };
    expect(canonical(reordered).lessons.map((l) => l.id)).toEqual(['l3', 'l1', 'l2']);
    expect(canonical(reordered).parts.map((p) => p.lessonId)).toEqual(['l3', 'l1', 'l2']);
  });
});

describe('what belongs to what', () => {
  const mark = (partId: string, childId: string | null, outcome: Mark['outcome'] = 'done'): Mark => ({
    id: `${partId}${childId}`,
    partId,
    childId,
    date: '2026-08-31',
    outcome,
    ...blankMark,
  });
  it('a part is done when it is done for everyone, or by each who takes part', () => {
    const plan = aPlan(3);
    expect(
      doneParts({
        ...plan,
        marks: [mark('l1-a', null), mark('l2-a', 'c1'), mark('l3-a', 'c1'), mark('l3-a', 'c2')],
      }),
    ).toEqual(new Set(['l1-a', 'l3-a']));
    expect(isDone([mark('x', null, 'missed')], plan.children)).toBe(false);
    expect(isDone([], [])).toBe(false);
  });
  it('children come in the family’s order, and only those of the unit', () => {
    const { children } = aPlan(1);
    expect(
      childrenOf(aPart('p', 'l1', { childIds: ['c2', 'c1', 'c9'] }), aUnit(), children).map((c) => c.id),
    ).toEqual(['c1', 'c2']);
    expect(childrenOf(aPart('p', 'l1'), aUnit({ childIds: ['c2'] }), children).map((c) => c.id)).toEqual([
      'c2',
    ]);
  });
  it('lessons are numbered in their unit', () =>
    expect(lessonsOf(aPlan(2), 'u1').map((l) => l.number)).toEqual([1, 2]));
  it('groups keep the order they came in', () =>
    expect([...groupBy(['b1', 'a1', 'b2'], (x) => x[0])]).toEqual([
      ['b', ['b1', 'b2']],
      ['a', ['a1']],
    ]));
});

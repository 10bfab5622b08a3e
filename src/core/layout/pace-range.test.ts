import { describe, expect, it } from 'vitest';
import { aPart, aPlan, aUnit } from '../../../tests/sample-plan';
import { placeInRow } from '../edit/year';
import { perform } from '../edit/edit';
import { editUnit } from '../edit/units';
import type { Unit } from '../plan/unit';
import type { Plan } from '../plan/plan';
import { breaches } from './check';
import { redraw } from './redraw';

const TODAY = '2026-08-31';
const CONTEXT = { today: TODAY, newId: () => 'new' };

/** Lessons that begin in each week of a unit laid out, by the Monday. */
function inWeeks(over: Partial<Unit>, lessons = 12, minutes = 30): number[] {
  const { plan } = redraw(
    aPlan(lessons, { units: [aUnit(over)] }, (l) => [aPart(`${l}-a`, l, { minutes })]),
    { today: TODAY },
  );
  expect(breaches(plan)).toEqual([]);
  const weeks = new Map<number, number>();
  for (const s of plan.sittings) {
    const week = Math.floor((Date.parse(s.date) - Date.parse(TODAY)) / (7 * 86_400_000));
    weeks.set(week, (weeks.get(week) ?? 0) + 1);
  }
  return [...weeks].sort((a, b) => a[0] - b[0]).map(([, n]) => n);
}

describe('two to five lessons a week', () => {
  const range = { lessonsPerWeek: 2, mostPerWeek: 5 };
  it('are two where nothing asks for more', () => expect(inWeeks(range)).toEqual([2, 2, 2, 2, 2, 2]));
  it('are as many as the wished end asks for, and no more', () => {
    expect(inWeeks({ ...range, wishedEnd: '2026-09-25' })).toEqual([3, 3, 3, 3]);
    expect(inWeeks({ ...range, wishedEnd: '2026-09-18' })).toEqual([4, 4, 4]);
    expect(inWeeks({ ...range, wishedEnd: '2026-10-16' })).toEqual([2, 2, 2, 2, 2, 2]);
  });
  it('are never more than five, though it ends late', () =>
    expect(inWeeks({ ...range, wishedEnd: '2026-09-04' })).toEqual([5, 5, 2]));
  it('are a single pace where the upper end is not above the lower', () => {
    const edited = perform(editUnit('u1', { mostPerWeek: 2 }), aPlan(3), CONTEXT);
    expect('plan' in edited && edited.plan.units[0].mostPerWeek).toBe(null);
    const open = perform(editUnit('u1', { lessonsPerWeek: null, mostPerWeek: 4 }), aPlan(3), CONTEXT);
    expect('plan' in open && open.plan.units[0]).toMatchObject({ lessonsPerWeek: null, mostPerWeek: null });
  });
});

describe('a row with one hard end', () => {
  const two: Plan = {
    ...aPlan(12, {
      units: [
        aUnit({ id: 'u1', title: 'Salt', wishedEnd: '2026-09-11' }),
        aUnit({ id: 'u2', title: 'Ropes', lessonsPerWeek: 2, mostPerWeek: 5 }),
      ],
    }),
  };
  const plan = { ...two, lessons: two.lessons.map((l, i) => (i < 6 ? l : { ...l, unitId: 'u2' })) };
  it('puts it on the last unit, which quickens within its range to meet it; the others have none of their own', () => {
    const placed = perform(placeInRow(['u1', 'u2'], TODAY, '2026-09-22'), plan, CONTEXT);
    if ('refused' in placed) throw new Error(placed.refused);
    expect(placed.plan.units.map((u) => u.wishedEnd)).toEqual([null, '2026-09-22']);
    expect(placed.plan.units[1].after).toBe('u1');
    expect(
      placed.plan.sittings
        .map((s) => s.date)
        .sort()
        .at(-1)! <= '2026-09-22',
    ).toBe(true);
  });
  it('refuses an end before its beginning, by both days', () =>
    expect(perform(placeInRow(['u1', 'u2'], TODAY, '2026-08-28'), plan, CONTEXT)).toEqual({
      refused: 'They cannot end on Fri 28 Aug, before they begin on Mon 31 Aug.',
    }));
});

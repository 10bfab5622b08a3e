import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { solve } from '../../../tests/exact/highs';
import { aPart, aPlan, aUnit, somePlan } from '../../../tests/sample-plan';
import { perform } from '../edit/edit';
import { takeLayOut } from '../edit/weeks';
import type { Plan } from '../plan/plan';
import { hasToGain, lookForBetter } from './better';
import { breaches, withoutPlace } from './check';
import { redraw } from './redraw';

const TODAY = '2026-08-31';
const CONTEXT = { today: TODAY, newId: () => 'new' };
const EFFORT = {
  search: { trials: 6_000, perPart: 300, for: 'all' },
  solver: { small: 700, whole: 5, few: 1, times: 4 },
} as const;

const lateDays = (plan: Plan): number =>
  plan.units.reduce((sum, u) => {
    const last = plan.sittings
      .filter((s) => plan.lessons.some((l) => l.unitId === u.id && s.partId.startsWith(l.id)))
      .map((s) => s.date)
      .sort()
      .at(-1);
    return sum + (last && u.wishedEnd && last > u.wishedEnd ? 1 : 0);
  }, 0);

describe('a better lay-out', () => {
  it('is offered where a unit that was slowed down by another may end in time again, and is taken whole', async () => {
    const plan = aPlan(6, { units: [aUnit({ lessonsPerWeek: 3, wishedEnd: '2026-09-11' })] }, (l) => [
      aPart(`${l}-a`, l, { minutes: 60 }),
    ]);
    const drawn = redraw(plan, { today: TODAY }).plan;
    expect(hasToGain(drawn, TODAY)).toBe(false);
    expect(await lookForBetter(drawn, TODAY, solve, EFFORT)).toBeUndefined();
    // The last lessons stand two weeks too late, as after an illness that was shorter than thought.
    const late: Plan = {
      ...drawn,
      sittings: drawn.sittings.map((s, i) =>
        i < 3 ? s : { ...s, date: ['2026-09-21', '2026-09-23', '2026-09-25'][i - 3] },
      ),
    };
    expect(lateDays(late)).toBe(1);
    expect(hasToGain(late, TODAY)).toBe(true);
    const better = (await lookForBetter(late, TODAY, solve, EFFORT))!;
    expect(better.gains).toContain('it ends when it is wished to');
    expect(better.moves).toBe(3);
    const taken = perform(takeLayOut(better.placements), late, CONTEXT);
    if ('refused' in taken) throw new Error(taken.refused);
    expect(lateDays(taken.plan)).toBe(0);
    expect(breaches(taken.plan)).toEqual([]);
  });

  it('never breaks a promise nor takes a place away, and can be taken over as it was found', async () => {
    let found = 0;
    await fc.assert(
      fc.asyncProperty(somePlan, async (bare) => {
        const { plan: drawn } = redraw(bare, { today: TODAY });
        // A lesson that has lost its place, as where a unit came in between and went again.
        const lost = drawn.lessons.at(-1)?.id;
        const lostParts = new Set(drawn.parts.filter((p) => p.lessonId === lost).map((p) => p.id));
        const plan = { ...drawn, sittings: drawn.sittings.filter((s) => !lostParts.has(s.partId)) };
        const better = await lookForBetter(plan, TODAY, solve, EFFORT);
        if (!better) return;
        found++;
        expect(better.gains).not.toEqual([]);
        const taken = perform(takeLayOut(better.placements), plan, CONTEXT);
        if ('refused' in taken) throw new Error(taken.refused);
        expect(breaches(taken.plan)).toEqual([]);
        expect(withoutPlace(taken.plan).length).toBeLessThanOrEqual(withoutPlace(plan).length);
        for (const p of better.placements)
          expect(taken.plan.sittings).toContainEqual(expect.objectContaining(p));
      }),
      { numRuns: 30 },
    );
    expect(found).toBeGreaterThan(0);
  });

  it('is refused where the plan has moved on: what is in ink, done or gone is not moved', () => {
    const { plan } = redraw(aPlan(3), { today: TODAY });
    const place = { partId: 'l2-a', date: '2026-09-03', window: 'morning' as const };
    const inked: Plan = { ...plan, sittings: plan.sittings.map((s) => ({ ...s, state: 'ink' })) };
    for (const [is, places] of [
      [inked, [place]],
      [plan, [{ ...place, partId: 'gone' }]],
      [plan, [{ ...place, date: '2026-08-29' }]],
      [plan, [{ ...place, partId: 'l3-a', date: '2026-09-01' }]],
    ] as const)
      expect(perform(takeLayOut(places), is, CONTEXT)).toHaveProperty('refused');
  });
});

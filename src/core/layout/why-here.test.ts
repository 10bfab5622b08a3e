import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aPart, aPlan, somePlan } from '../../../tests/sample-plan';
import type { Plan } from '../plan/plan';
import { breaches } from './check';
import { redraw } from './redraw';
import { whyHere, whyHereInWords } from './why-here';

const TODAY = '2026-08-31';

/** The plan with one part put elsewhere, and nothing else changed. */
const moved = (plan: Plan, partId: string, to: { date: string; window: string }): Plan => ({
  ...plan,
  sittings: plan.sittings.map((s) => (s.partId === partId ? ({ ...s, ...to } as typeof s) : s)),
});

describe('why a part stands where it does', () => {
  it('is true by the check of a plan: where something stands in the way a promise is broken, and where nothing does none is', () => {
    let looked = 0;
    fc.assert(
      fc.property(somePlan, fc.nat(), (bare, n) => {
        const { plan } = redraw(bare, { today: TODAY });
        if (!plan.sittings.length || breaches(plan).length) return;
        const { partId } = plan.sittings[n % plan.sittings.length];
        for (const { obstacles, ...to } of whyHere(plan, partId, TODAY)?.earlier ?? []) {
          const broken = breaches(moved(plan, partId, to)).map((b) => `${b.kind}: ${b.message}`);
          const kinds = obstacles.map((o) => o.is).join(', ');
          // The pace of a day is a wish of the engine’s, no promise; that of a week may be squeezed.
          if (obstacles.every((o) => o.is === 'pace' || o.is === 'gone by'))
            expect(
              broken.filter((b) => !b.startsWith('pace')),
              `${to.date} ${to.window}: ${kinds}`,
            ).toEqual([]);
          else expect(broken, `${to.date} ${to.window}: ${kinds}`).not.toEqual([]);
          looked++;
        }
      }),
      { numRuns: 150 },
    );
    expect(looked).toBeGreaterThan(100);
  });

  it('says whose minutes, by how much, and what comes first', () => {
    const plan = redraw(
      aPlan(2, { units: [{ ...aPlan(1).units[0], lessonsPerWeek: 5 }] }, (l, i) => [
        aPart(`${l}-a`, l, { title: i ? 'Dye' : 'Wash', minutes: 90 }),
      ]),
      { today: TODAY },
    ).plan;
    expect(whyHereInWords(plan, 'l2-a', TODAY)).toEqual([
      'Mon 31 Aug: c1 has 90 min and this takes 90; the limit is 120; c2 has 90 min and this takes 90; the limit is 120; that day has its lesson.',
    ]);
    expect(whyHereInWords(plan, 'l1-a', TODAY)).toEqual([
      'Mon 31 Aug is the first day there is for “A unit”.',
    ]);
  });

  it('says the wait, the day it may not come before, and the wish where nothing stands in its way', () => {
    const plan = redraw(
      aPlan(2, {}, (l, i) => [
        aPart(`${l}-a`, l, { title: 'Soak', minutes: 20, waitAfterHours: i ? 0 : 48 }),
        aPart(`${l}-b`, l, { title: 'Dry', minutes: 20, earliest: i ? '2026-09-04' : null }),
      ]),
      { today: TODAY },
    ).plan;
    expect(whyHereInWords(plan, 'l1-b', TODAY)).toEqual([
      'Tue 1 Sep: “Soak” of “Lesson l1” waits 48 h first.',
    ]);
    expect(whyHereInWords(plan, 'l2-b', TODAY)[0]).toContain('Thu 3 Sep: not before Fri 4 Sep.');
    expect(whyHereInWords(plan, 'l2-a', TODAY)[0]).toMatch(
      /^Tue 1 Sep.*nothing stands in its way\. The pace spreads/,
    );
  });
});

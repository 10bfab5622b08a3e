import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aPart, aPlan, aUnit, YEAR } from '../../../tests/sample-plan';
import { namesIn } from '../plan/called';
import type { Part } from '../plan/lesson';
import type { Plan } from '../plan/plan';
import { breaches } from './check';
import { reasonInWords } from './reasons';
import { redraw } from './redraw';

const TODAY = '2026-08-31';
const ALONE = { lead: 'not-needed' as const, childIds: ['c1'] };
const ON_LAPTOP = { ...ALONE, minutes: 100, needs: ['laptop'], window: 'midday' as const };

/** A unit each for two children, a lesson a day, with midday windows of 90 to 120 minutes. */
const sideBySide = (mine: Partial<Part>, theirs: Partial<Part>): Plan =>
  redraw(
    aPlan(
      4,
      {
        units: [aUnit({ childIds: ['c1'] }), aUnit({ id: 'u2', title: 'Beside it', childIds: ['c2'] })],
        lessons: aPlan(4).lessons.map((l, i) => (i < 2 ? l : { ...l, unitId: 'u2' })),
      },
      (l, i) => [aPart(`${l}-a`, l, i < 2 ? mine : { ...theirs, childIds: ['c2'] })],
    ),
    { today: TODAY },
  ).plan;

describe('what there is one of', () => {
  it('is in one place at a time: two who need it for most of a half-day stand in different half-days', () => {
    const plan = sideBySide(ON_LAPTOP, { ...ON_LAPTOP, needs: ['The  Laptop'] });
    const places = plan.sittings.map((s) => `${s.date} ${s.window}`);
    expect(new Set(places).size).toBe(4);
    expect(breaches(plan)).toEqual([]);
    // With one for each they stand side by side.
    const two = sideBySide(ON_LAPTOP, { ...ON_LAPTOP, needs: ['tablet'] });
    expect(new Set(two.sittings.map((s) => `${s.date} ${s.window}`)).size).toBe(2);
  });

  it('is named where it stands in the way, in the plan and by the check', () => {
    const all = { ...ON_LAPTOP, weekday: 1 };
    const plan = sideBySide({ ...all, window: null, minutes: 115 }, { ...all, window: null, minutes: 115 });
    expect(breaches(plan)).toEqual([]);
    const broken: Plan = {
      ...plan,
      sittings: plan.sittings.map((s) => ({ ...s, date: TODAY, window: 'midday' })),
    };
    expect(breaches(broken).map((b) => b.message)).toContain(
      'There is one laptop, wanted for 460 min in the midday of Mon 31 Aug, which has 90.',
    );
    expect(reasonInWords({ kind: 'half-days-full', of: 'one of: laptop', date: TODAY }, namesIn(plan))).toBe(
      'There is one laptop, and it was in use on Mon 31 Aug.',
    );
  });

  it('is never in two places in any plan', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ minutes: fc.integer({ min: 5, max: 90 }), needs: fc.subarray(['laptop', 'kitchen']) }),
          {
            minLength: 4,
            maxLength: 4,
          },
        ),
        (parts) => {
          const { plan } = redraw(
            aPlan(4, { year: YEAR }, (l, i) => [
              aPart(`${l}-a`, l, parts[i]),
              aPart(`${l}-b`, l, { ...parts[3 - i], ...ALONE }),
            ]),
            { today: TODAY },
          );
          for (const thing of ['laptop', 'kitchen']) {
            const taken = new Map<string, number>();
            for (const s of plan.sittings) {
              const part = plan.parts.find((p) => p.id === s.partId)!;
              if (!part.needs.includes(thing)) continue;
              const at = `${s.date} ${s.window}`;
              taken.set(at, (taken.get(at) ?? 0) + part.minutes!);
            }
            for (const [at, minutes] of taken)
              expect(minutes).toBeLessThanOrEqual(
                at.endsWith('midday') ? 90 : at.endsWith('morning') ? 180 : 120,
              );
          }
        },
      ),
      { numRuns: 40 },
    );
  });
});

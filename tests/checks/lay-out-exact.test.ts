/**
 * Lay-outs beside an exact solver: HiGHS (Huangfu and Hall 2018), a mixed-integer programme of the same problem, rules and
 * score. Instances are made from numbers; those here are small enough to be proved in a moment.
 */
import { describe, expect, it } from 'vitest';
import { AS_CONSTRUCTED, AT_ONCE, layOut } from '@/core/layout/lay-out';
import type { Effort } from '@/core/layout/search';
import { instance } from '../exact/instances';
import { exact, scoreOf } from '../exact/solve';

const LONG: Effort = { trials: 40_000, perPart: Infinity, for: 'all' };
const SEEDS = [2, 4, 6, 12, 13];

describe('a lay-out beside the best there is', () => {
  it.each(SEEDS)('of instance %i', async (seed) => {
    const { input } = instance(seed);
    const constructed = layOut(input, AS_CONSTRUCTED);
    const best = await exact(input, constructed, 60);
    expect(best, 'the solver proved its answer').toBeDefined();
    const { score } = best!;
    const [atOnce, long] = [AT_ONCE, LONG].map((effort) => scoreOf(input, layOut(input, effort)));
    // The solver knows nothing of the engine: what it calls the best is never beaten.
    for (const mine of [scoreOf(input, constructed), atOnce, long])
      expect(mine.total).toBeGreaterThanOrEqual(score.total - 0.01);
    expect(atOnce.out).toBe(score.out);
    expect(Math.max(0, atOnce.late - score.late)).toBe(0);
    expect(long.total).toBeLessThanOrEqual(score.total * 1.02 + 0.5);
    // The same problem is laid out alike each time.
    expect(layOut(input, AT_ONCE)).toEqual(layOut(input, AT_ONCE));
  });
});

describe('what a search has found', () => {
  it('stands where it stood when the plan is drawn again: nothing moves, and nothing loses its place', () => {
    for (let seed = 1; seed <= 100; seed++) {
      const { input, traits } = instance(seed);
      const found = layOut({ ...input, search: true }, { trials: 8_000, perPart: 250, for: 'what is wrong' });
      const previous = new Map(
        found.placements
          .filter((p) => !input.held.has(p.partId))
          .map(({ partId, date, window }) => [partId, { date, window }]),
      );
      const again = layOut({ ...input, search: false, previous });
      const places = ({ placements }: typeof again): string[] =>
        placements.map((p) => `${p.partId} ${p.date} ${p.window}`).sort();
      expect(places(again), `instance ${seed}: ${traits.join(', ')}`).toEqual(
        expect.arrayContaining(places(found)),
      );
    }
  });
});

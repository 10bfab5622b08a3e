import fc from 'fast-check';
import { expect, it } from 'vitest';
import { axisOf } from './axis';

const rooms = fc.array(
  fc
    .tuple(
      fc.integer({ min: 480, max: 880 }),
      fc.integer({ min: 3, max: 120 }),
      fc.integer({ min: 20, max: 80 }),
    )
    .map(([starts, long, needs]) => ({ starts, ends: starts + long, needs })),
  { maxLength: 15 },
);

it('gives every room the height its words need, and keeps time in order', () => {
  fc.assert(
    fc.property(rooms, (list) => {
      const axis = axisOf(list, 510, 900);
      for (const r of list)
        expect(axis.at(r.ends) - axis.at(r.starts)).toBeGreaterThanOrEqual(r.needs - 1e-6);
      const times = list.flatMap((r) => [r.starts, r.ends]).sort((a, b) => a - b);
      for (let i = 1; i < times.length; i++)
        expect(axis.at(times[i])).toBeGreaterThanOrEqual(axis.at(times[i - 1]) - 1e-9);
      expect(axis.at(900)).toBeLessThanOrEqual(axis.height + 1e-9);
    }),
  );
});

import { describe, expect, it } from 'vitest';
import { CONTEXT, TODAY } from '../../../tests/after';
import { aPart, aPlan } from '../../../tests/sample-plan';
import { redraw } from '../layout/redraw';
import { blankPreparation } from '../plan/blank';
import type { Part } from '../plan/lesson';
import type { Plan } from '../plan/plan';
import { preparing, shopping } from './when';

const prep = (
  id: string,
  what: string,
  daysBefore: number,
  minutes: number | null = null,
): Part['preparations'][number] => ({
  ...blankPreparation,
  id,
  what,
  daysBefore,
  minutes,
});
const supply = (name: string, keepsDays: number | null): Part['supplies'][number] => ({
  id: name,
  name,
  amount: 100,
  least: null,
  unit: 'g',
  each: false,
  keepsDays,
});
/** Lessons on Mondays of the weeks to come, 2026-08-31 being one. */
const plan = (parts: (l: string, i: number) => Partial<Part>): Plan => {
  const drawn = aPlan(3, {}, (l, i) => [aPart(`${l}-a`, l, { ...parts(l, i), weekday: 1 })]);
  return redraw({ ...drawn, units: drawn.units.map((u) => ({ ...u, lessonsPerWeek: 1 })) }, CONTEXT).plan;
};
const days = (p: Plan, today = TODAY): string[] =>
  preparing(p, today).planned.map((x) => `${x.what} ${x.day}`);

describe('preparing', () => {
  it('for a Monday the evening before is the Sunday, and two things that do not fit into one day take two', () => {
    const p = plan((_, i) =>
      i === 1 ? { preparations: [prep('a', 'Soak', 1, 40), prep('b', 'Cut', 1, 30)] } : {},
    );
    // Sunday has sixty minutes, Saturday too; what stands first is done first.
    expect(days(p)).toEqual(['Soak 2026-09-05', 'Cut 2026-09-06']);
    expect(preparing(p, TODAY).full).toBeUndefined();
  });

  it('says which days are too full, by minutes', () => {
    const p = plan((_, i) =>
      i === 1 ? { preparations: [{ ...prep('a', 'Bake', 0, 45), atMostBefore: 0 }] } : {},
    );
    expect(preparing(p, TODAY).full).toEqual({
      first: '2026-09-07',
      last: '2026-09-07',
      needs: 45,
      has: 30,
      byUnits: false,
    });
  });

  it('keeps to the minutes a week of its unit', () => {
    const there = plan((_, i) => (i === 1 ? { preparations: [prep('a', 'Cards', 0, 25)] } : {}));
    expect(
      preparing({ ...there, units: there.units.map((u) => ({ ...u, prepLimit: 20 })) }, '2026-09-07').full,
    ).toEqual({ first: '2026-09-07', last: '2026-09-07', needs: 25, has: 20, byUnits: true });
  });

  it('has today for what is late, and nothing for what is ready', () => {
    const p = plan((_, i) => (i === 1 ? { preparations: [prep('a', 'Order', 7)] } : {}));
    const [late] = preparing(p, '2026-09-02').planned;
    expect(late).toMatchObject({ isLate: true, day: '2026-09-02', minutes: 10 });
  });
});

describe('shopping', () => {
  it('is on as few days as it can be, and what does not keep comes later', () => {
    const p = plan((_, i) => ({
      supplies: [[], [supply('salt', null), supply('cream', 3)], [supply('cream', 3)]][i],
    }));
    expect(
      shopping(p, TODAY, '2026-09-30').map((t) => [t.day, t.things.map((x) => `${x.name} ${x.amount}`)]),
    ).toEqual([
      ['2026-09-05', ['salt 100', 'cream 100']],
      ['2026-09-12', ['cream 100']],
    ]);
  });

  it('is once so much of what is bought twice on a trip, less what is in the house', () => {
    const p = plan((_, i) => ({ supplies: i ? [supply('cream', 20)] : [] }));
    const house = { ...p, pantry: [{ id: 'h', name: 'cream', amount: 30, unit: 'g', since: null }] };
    expect(shopping(house, TODAY, '2026-09-30')).toMatchObject([
      { day: '2026-09-05', things: [{ name: 'cream', amount: 170 }] },
    ]);
  });

  it('says what cannot be bought in time', () => {
    const p = plan((_, i) => ({ supplies: i === 0 ? [supply('salt', null)] : [] }));
    expect(shopping(p, TODAY, '2026-09-30')).toMatchObject([{ day: null, things: [{ name: 'salt' }] }]);
    expect(shopping({ ...p, year: { ...p.year!, shopWeekdays: [1] } }, TODAY, '2026-09-30')).toMatchObject([
      { day: TODAY },
    ]);
  });
});

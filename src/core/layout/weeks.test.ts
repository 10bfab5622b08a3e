import { describe, expect, it } from 'vitest';
import { aPart, aPlan, aUnit, YEAR } from '../../../tests/sample-plan';
import { weekOf } from '../calendar/week';
import { redraw } from './redraw';

describe('a pace by the week', () => {
  it.each([
    ['Monday to Friday', [1, 2, 3, 4, 5], ['Mon', 'Wed', 'Fri']],
    ['Sunday to Thursday', [1, 2, 3, 4, 7], ['Sun', 'Tue', 'Thu']],
    ['Saturday to Wednesday', [1, 2, 3, 6, 7], ['Sat', 'Mon', 'Wed']],
  ])('is kept in the weeks of school on %s, over all of the week', (_, weekdays, on) => {
    const year = { ...YEAR, weekdays };
    const plan = redraw(
      aPlan(18, { year, units: [aUnit({ lessonsPerWeek: 3, starts: '2026-10-11' })] }, (l) => [
        aPart(`${l}-a`, l),
      ]),
      { today: '2026-08-31' },
    ).plan;
    const dates = plan.sittings.map((s) => s.date).sort();
    const begun = new Map<string, number>();
    for (const d of dates) begun.set(weekOf(year, d), (begun.get(weekOf(year, d)) ?? 0) + 1);
    expect(Math.max(...begun.values())).toBe(3);
    const inAWholeWeek = dates.filter((d) => weekOf(year, d) === weekOf(year, '2026-10-28'));
    expect(inAWholeWeek.map((d) => new Date(`${d}T12:00Z`).toUTCString().slice(0, 3))).toEqual(on);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { YEAR } from '../../../tests/sample-plan';
import { addDays } from '../calendar/dates';
import { schoolDays, windowsOf } from '../calendar/school-days';
import { WINDOWS } from '../plan/words';
import { Slots } from './slots';
import { hoursBetween } from './waits';

const days = schoolDays(YEAR);
const windows = windowsOf(YEAR);
const slots = new Slots({ days, windows });
const slot = fc.integer({ min: 0, max: slots.count - 1 });

describe('slots', () => {
  it('are the windows of the school days, numbered through: to a place and back', () => {
    expect(slots.count).toBe(days.length * 4);
    expect([0, 2, 4].map((s) => slots.placeOf(s))).toEqual([
      { date: '2026-08-31', window: 'morning' },
      { date: '2026-08-31', window: 'afternoon' },
      { date: '2026-09-01', window: 'morning' },
    ]);
    fc.assert(
      fc.property(slot, (s) => {
        expect(slots.at(slots.placeOf(s))).toBe(s);
        expect(slots.of(slots.day(s), slots.window(s))).toBe(s);
        expect(slots.firstOf(slots.day(s))).toBeLessThanOrEqual(s);
        expect(slots.lastOf(slots.day(s))).toBeGreaterThanOrEqual(s);
        expect(slots.lastOf(slots.day(s)) - slots.firstOf(slots.day(s))).toBe(3);
      }),
    );
  });
  it('know a day without school, and the next one that has it', () => {
    expect(slots.at({ date: '2026-09-05', window: 'morning' })).toBeUndefined();
    expect(slots.placeOf(slots.firstOf(slots.dayFrom('2026-09-05')))).toEqual({
      date: '2026-09-07',
      window: 'morning',
    });
    expect(slots.dayFrom('2027-12-01')).toBe(days.length);
    expect(slots.notBefore({ earliest: null })).toBe(0);
    expect(slots.placeOf(slots.notBefore({ earliest: '2026-09-06' })).date).toBe('2026-09-07');
  });
  it('after a wait are the first that begin when it is over, over nights, weekends and breaks; never sooner', () => {
    const friday = slots.at({ date: '2026-09-04', window: 'afternoon' })!;
    expect(slots.placeOf(slots.afterWait(slots.placeOf(friday), 48))).toEqual({
      date: '2026-09-07',
      window: 'morning',
    });
    expect(slots.placeOf(slots.afterWait({ date: '2026-09-01', window: 'morning' }, 1))).toEqual({
      date: '2026-09-01',
      window: 'afternoon',
    });
    fc.assert(
      fc.property(slot, fc.integer({ min: 0, max: 24 * 20 }), (s, hours) => {
        const after = slots.afterWait(slots.placeOf(s), hours);
        if (after >= slots.count) return;
        expect(hoursBetween(slots.placeOf(s), slots.placeOf(after), windows)).toBeGreaterThanOrEqual(hours);
        // The slot before it would have been too soon.
        if (after > 0 && after - 1 > s)
          expect(hoursBetween(slots.placeOf(s), slots.placeOf(after - 1), windows)).toBeLessThan(hours);
      }),
    );
  });
  it('cover every weekday of the year’s school days with the windows in their order', () => {
    for (let date = YEAR.starts; date <= addDays(YEAR.starts, 20); date = addDays(date, 1)) {
      const day = slots.dayOn(date);
      if (day === undefined) continue;
      expect(WINDOWS.map((w) => slots.at({ date, window: w }))).toEqual(
        [0, 1, 2, 3].map((w) => slots.of(day, w)),
      );
    }
  });
});

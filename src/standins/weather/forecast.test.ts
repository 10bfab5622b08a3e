import { expect, it } from 'vitest';
import { addDays } from '@/core/calendar/dates';
import { forecastOf } from './forecast';

it('says the same of a day whenever it is asked, and nothing of days that are too far or gone by', () => {
  expect(forecastOf('2026-10-30', '2026-10-28')).toEqual(forecastOf('2026-10-30', '2026-10-30'));
  expect(forecastOf('2026-10-31', '2026-10-28')).toBeUndefined();
  expect(forecastOf('2026-10-27', '2026-10-28')).toBeUndefined();
});

it('has wet days and dry ones, about as many as it means to', () => {
  const days = Array.from({ length: 365 }, (_, i) => addDays('2026-01-01', i));
  const wet = days.filter((d) => forecastOf(d, d)!.rain > 50).length;
  expect(wet).toBeGreaterThan(365 * 0.25);
  expect(wet).toBeLessThan(365 * 0.45);
});

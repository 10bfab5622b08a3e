/**
 * A stand-in for a weather forecast: it ships with the app, asks nobody, and says the same of a day whenever it is asked. It
 * looks two days ahead. Whoever goes out looks at a real one.
 */
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { daysBetween } from '@/core/calendar/dates';
import type { IsoDate } from '@/core/plan/measures';

export interface Forecast {
  /** Chance of rain, in per cent. */
  rain: number;
  /** From when, in minutes after midnight, on the full hour. */
  from: number;
}

/** How far it looks. */
const DAYS_AHEAD = 2;
/** Days of a hundred on which rain is likely rather than not. */
const WET_DAYS = 35;

/** What is forecast of a day; undefined of days gone by, and of those that are too far ahead. */
export function forecastOf(date: IsoDate, today: IsoDate): Forecast | undefined {
  const ahead = daysBetween(today, date);
  if (ahead < 0 || ahead > DAYS_AHEAD) return undefined;
  const random = xoroshiro128plus(daysBetween('2000-01-01', date));
  // The first few of a small seed are alike.
  for (let i = 0; i < 8; i++) random.next();
  const isWet = uniformInt(random, 1, 100) <= WET_DAYS;
  const rain = isWet ? uniformInt(random, 6, 9) * 10 : uniformInt(random, 0, 4) * 10;
  return { rain, from: uniformInt(random, 7, 15) * 60 };
}

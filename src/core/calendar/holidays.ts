/** Public holidays of a country and region, from the package `date-holidays`: offered, never applied by themselves. */
import Holidays from 'date-holidays';
import type { IsoDate } from '../plan/measures';
import { addDays, daysBetween } from './dates';

export interface Holiday {
  first: IsoDate;
  last: IsoDate;
  name: string;
}

/** Countries the package knows, by code, in the order of their names. */
export function countries(): { code: string; name: string }[] {
  return named(new Holidays().getCountries('en') as Record<string, string>);
}

/** Regions of a country; none where it has none, or is not known. */
export function regions(country: string): { code: string; name: string }[] {
  return named((new Holidays().getStates(country, 'en') ?? {}) as Record<string, string>);
}

function named(record: Record<string, string>): { code: string; name: string }[] {
  return Object.entries(record)
    .map(([code, name]) => ({ code, name }))
    .sort((a, b) => a.name.localeCompare(b.name, 'en'));
}

/**
 * Public holidays that touch a stretch of dates, in order. Only holidays of the type `public` count: they are the days on
 * which schools and offices are closed; what a family keeps beside them is its own.
 * @param country ISO 3166 code; an unknown one has no holidays
 */
export function publicHolidays(country: string, region: string, from: IsoDate, to: IsoDate): Holiday[] {
  if (!country) return [];
  const known = region ? new Holidays(country, region) : new Holidays(country);
  const found = new Map<string, Holiday>();
  for (let year = Number(from.slice(0, 4)); year <= Number(to.slice(0, 4)); year++)
    for (const h of known.getHolidays(year, 'en') ?? []) {
      if (h.type !== 'public') continue;
      const first = h.date.slice(0, 10);
      // The package gives the moment at which the last day is over.
      const days = Math.max(1, Math.round((h.end.getTime() - h.start.getTime()) / 86_400_000));
      const last = addDays(first, days - 1);
      if (last >= from && first <= to && daysBetween(first, last) < 15)
        found.set(`${first} ${h.name}`, { first, last, name: h.name });
    }
  return [...found.values()].sort((a, b) => {
    if (a.first < b.first) return -1;
    if (a.first > b.first) return 1;
    return 0;
  });
}

/** The weekday with which the family's weeks begin, where lessons, blocks and pages are counted by the week. */
import type { IsoDate } from '../plan/measures';
import type { SchoolYear } from '../plan/year';
import { weekFrom } from './dates';

const DAYS = 7;

/** What of a school year its weeks follow from. */
export type WeekOf = Pick<SchoolYear, 'weekdays' | 'weekBegins'>;

/**
 * The day after the longest stretch of days without school, so that no run of school days is torn by the end of a week; a
 * Monday wherever that tears none: Monday to Friday, and also Tuesday and Thursday, begin on it, Sunday to Thursday on Sunday.
 * Where every day is a school day they begin as the family says.
 * @returns an ISO weekday, 1 Monday to 7 Sunday
 */
export function weekBegins({ weekdays, weekBegins: wished }: WeekOf): number {
  const free = (day: number): boolean => !weekdays.includes(((day - 1 + DAYS) % DAYS) + 1);
  if (!weekdays.length) return 1;
  if (weekdays.length === DAYS) return wished ?? 1;
  let best = { begins: 1, length: 0 };
  for (let day = 1; day <= DAYS; day++) {
    if (free(day)) continue;
    let length = 0;
    while (free(day - 1 - length)) length++;
    // A Monday in that stretch, or right after it, begins the same weeks.
    const begins = (day - 1) % DAYS <= length ? 1 : day;
    if (length > best.length || (length === best.length && begins === 1)) best = { begins, length };
  }
  return best.begins;
}

/** The first day of the week a date lies in, as the year's weeks go; from a Monday where there is no year. */
export const weekOf = (year: WeekOf | null | undefined, date: IsoDate): IsoDate =>
  weekFrom(date, year ? weekBegins(year) : 1);

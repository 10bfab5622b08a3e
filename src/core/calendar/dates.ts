/** Calendar dates as text in, text out; the arithmetic is `@internationalized/date`'s. */
import { parseDate } from '@internationalized/date';
import type { IsoDate } from '../plan/measures';

/** The date so many days later (or earlier, if negative). */
export function addDays(date: IsoDate, days: number): IsoDate {
  return parseDate(date).add({ days }).toString();
}

/** Whole days from one date to another; negative if `to` comes first. */
export function daysBetween(from: IsoDate, to: IsoDate): number {
  return parseDate(to).compare(parseDate(from));
}

/** ISO weekday, 1 Monday to 7 Sunday. */
export function weekdayOf(date: IsoDate): number {
  return parseDate(date).toDate('UTC').getUTCDay() || 7;
}

/** The first day of the date's week, where weeks begin with a weekday: 1 Monday to 7 Sunday. */
export const weekFrom = (date: IsoDate, begins: number): IsoDate =>
  addDays(date, -((weekdayOf(date) - begins + 7) % 7));

/** The Monday of the date's ISO week. */
export const mondayOf = (date: IsoDate): IsoDate => weekFrom(date, 1);

const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
export const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];

export const weekdayName = (weekday: number): string => WEEKDAYS[weekday - 1];
export const monthName = (date: IsoDate): string => MONTHS[Number(date.slice(5, 7)) - 1];

/** `Tue 17 Nov`. */
export function shortDate(date: IsoDate): string {
  return `${weekdayName(weekdayOf(date)).slice(0, 3)} ${dayMonth(date)}`;
}

/** `17 Nov`. */
export function dayMonth(date: IsoDate): string {
  return `${Number(date.slice(8))} ${monthName(date).slice(0, 3)}`;
}

/** `Tuesday, 17 November`. */
export function longDate(date: IsoDate): string {
  return `${weekdayName(weekdayOf(date))}, ${Number(date.slice(8))} ${monthName(date)}`;
}

/** `8:30`, `13:05`; with twelve hours on the clock `8:30 am`, `1:05 pm`. */
export function clockText(minutesAfterMidnight: number, clock: 12 | 24 = 24): string {
  const m = Math.round(minutesAfterMidnight);
  if (clock === 12) {
    const hour = Math.floor(m / 60) % 24;
    return `${hour % 12 || 12}:${String(m % 60).padStart(2, '0')} ${hour < 12 ? 'am' : 'pm'}`;
  }
  return `${Math.floor(m / 60)}:${String(m % 60).padStart(2, '0')}`;
}

/** `35 min`, `1 h 20`, `2 h`. */
export function lengthText(minutes: number): string {
  if (minutes < 60) return `${minutes} min`;
  const rest = minutes % 60;
  return `${Math.floor(minutes / 60)} h${rest ? ` ${String(rest).padStart(2, '0')}` : ''}`;
}

/** When an appointment is, in words. */
import { count } from '../plan/called';
import { LAST_MINUTE, type Appointment } from '../plan/appointment';
import type { IsoDate } from '../plan/measures';
import type { Clock } from './customs';
import { addDays, clockText, dayMonth, shortDate, weekdayName, weekdayOf } from './dates';

type Times = Pick<Appointment, 'dates' | 'starts' | 'ends'>;

/** “Thursdays, 29 Oct to 10 Jun, 13:30 to 14:30”. */
export const appointmentInWords = (times: Times, clock: Clock): string =>
  `${daysInWords(times.dates)}, ${hoursInWords(times, clock)}`;

export const hoursInWords = ({ starts, ends }: Omit<Times, 'dates'>, clock: Clock): string =>
  starts === 0 && ends === LAST_MINUTE
    ? 'all day'
    : `${clockText(starts, clock)} to ${clockText(ends, clock)}`;

function daysInWords(dates: readonly IsoDate[]): string {
  const [first, last] = [dates[0], dates[dates.length - 1]];
  if (dates.length === 1) return shortDate(first);
  if (dates.length === 2) return `${shortDate(first)} and ${shortDate(last)}`;
  const span = `${dayMonth(first)} to ${dayMonth(last)}`;
  const weekday = weekdayOf(first);
  if (dates.every((d) => weekdayOf(d) === weekday))
    return isWeekly(dates)
      ? `${weekdayName(weekday)}s, ${span}`
      : `${dates.length} ${weekdayName(weekday)}s, ${span}`;
  return `${count(dates.length, 'day')}, ${span}`;
}

/** Whether the days are the same weekday, week after week. */
export const isWeekly = (dates: readonly IsoDate[]): boolean =>
  dates.every((d, i) => i === 0 || d === addDays(dates[i - 1], 7));

/** Every seventh day, from a day to another. */
export function weekly(first: IsoDate, last: IsoDate): IsoDate[] {
  const dates: IsoDate[] = [];
  for (let date = first; date <= last && dates.length < 731; date = addDays(date, 7)) dates.push(date);
  return dates;
}

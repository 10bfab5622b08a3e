/** The school year as an ordered list of school days, each with its week and block. */
import type { IsoDate, WindowName } from '../plan/measures';
import type { SchoolYear } from '../plan/plan';
import { addDays, daysBetween, mondayOf, weekdayOf } from './dates';

export interface SchoolDay {
  date: IsoDate;
  /** Place among the school days, from 0. */
  index: number;
  /** ISO weekday, 1 Monday to 7 Sunday. */
  weekday: number;
  /** The Monday of its week. */
  monday: IsoDate;
  /** Place of its week among the weeks that have school, from 0. */
  week: number;
  /** Block of the rhythm, from 1; always 1 without a rhythm. */
  block: number;
}

/** A window of the day with its times, in minutes after midnight. */
export interface DayWindow {
  name: WindowName;
  starts: number;
  ends: number;
}

/** The three windows of a school day, one after the other without a gap. */
export function windowsOf(year: SchoolYear): DayWindow[] {
  return [
    { name: 'morning', starts: year.dayStarts, ends: year.middayStarts },
    { name: 'midday', starts: year.middayStarts, ends: year.afternoonStarts },
    { name: 'afternoon', starts: year.afternoonStarts, ends: year.dayEnds },
  ];
}

/**
 * The school days of a year, in order: taught weekdays from start to end, less days off and the
 * rhythm's weeks off. Rhythm weeks are calendar weeks, Monday to Sunday, counted from the first one.
 */
export function schoolDays(year: SchoolYear): SchoolDay[] {
  const days: SchoolDay[] = [];
  const firstMonday = mondayOf(year.starts);
  const cycle = year.weeksOn + year.weeksOff;
  let lastMonday = '';
  let week = -1;
  for (let offset = daysBetween(firstMonday, year.starts); ; offset++) {
    const date = addDays(firstMonday, offset);
    if (date > year.ends) return days;
    const calendarWeek = Math.floor(offset / 7);
    const weekday = (offset % 7) + 1;
    if (!year.weekdays.includes(weekday)) continue;
    if (year.weeksOff > 0 && calendarWeek % cycle >= year.weeksOn) continue;
    if (year.daysOff.some((off) => off.first <= date && date <= off.last)) continue;
    const monday = addDays(firstMonday, calendarWeek * 7);
    if (monday !== lastMonday) week++;
    lastMonday = monday;
    const block = year.weeksOff > 0 ? Math.floor(calendarWeek / cycle) + 1 : 1;
    days.push({ date, index: days.length, weekday, monday, week, block });
  }
}

export interface YearFigures {
  schoolDays: number;
  /** Calendar weeks from the week of the first day to the week of the last. */
  calendarWeeks: number;
  /** Weeks that have at least one school day. */
  schoolWeeks: number;
  /** Whole blocks, weeks off included, that fit into the calendar weeks. */
  wholeBlocks: number;
  /** Calendar weeks left after the whole blocks. */
  weeksOver: number;
}

/** What a year holds. With n calendar weeks and a cycle of c there are ⌊n/c⌋ whole blocks and n mod c weeks over. */
export function yearFigures(year: SchoolYear, days = schoolDays(year)): YearFigures {
  const calendarWeeks = daysBetween(mondayOf(year.starts), mondayOf(year.ends)) / 7 + 1;
  const cycle = year.weeksOff > 0 ? year.weeksOn + year.weeksOff : calendarWeeks;
  return {
    schoolDays: days.length,
    calendarWeeks,
    schoolWeeks: days.length ? days[days.length - 1].week + 1 : 0,
    wholeBlocks: Math.floor(calendarWeeks / cycle),
    weeksOver: calendarWeeks % cycle,
  };
}

/** The first school day on or after a date, or undefined when the year is over. */
export function schoolDayFrom(days: readonly SchoolDay[], date: IsoDate): SchoolDay | undefined {
  let low = 0;
  let high = days.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (days[middle].date < date) low = middle + 1;
    else high = middle;
  }
  return days[low];
}

/** Why a date is not a school day, in words; undefined when it is one. */
export function whyClosed(year: SchoolYear, date: IsoDate): string | undefined {
  if (date < year.starts) return 'before the school year starts';
  if (date > year.ends) return 'after the school year ends';
  const off = year.daysOff.find((o) => o.first <= date && date <= o.last);
  if (off) return off.label ? `a day off (${off.label})` : 'a day off';
  if (!year.weekdays.includes(weekdayOf(date))) return 'not a weekday you teach on';
  const calendarWeek = Math.floor(daysBetween(mondayOf(year.starts), date) / 7);
  if (year.weeksOff > 0 && calendarWeek % (year.weeksOn + year.weeksOff) >= year.weeksOn) return 'in a week off';
  return undefined;
}

/** The school year as an ordered list of school days, each with its week, its block and when it ends. */
import { parseDate } from '@internationalized/date';
import type { IsoDate, WindowName } from '../plan/measures';
import type { SchoolYear } from '../plan/year';
import { addDays, daysBetween, shortDate, weekdayOf } from './dates';
import { weekBegins, weekOf } from './week';

export interface SchoolDay {
  date: IsoDate;
  /** Place among the school days, from 0. */
  index: number;
  /** ISO weekday, 1 Monday to 7 Sunday. */
  weekday: number;
  /** The first day of its week. */
  weekFrom: IsoDate;
  /** Place of its week among the weeks that have school, from 0. */
  week: number;
  /** Block of the rhythm or term, from 1; always 1 without either. */
  block: number;
  /** When school ends on it, in minutes after midnight: earlier on a shortened day. */
  ends: number;
}

/** A window of the day with its times, in minutes after midnight. */
export interface DayWindow {
  name: WindowName;
  starts: number;
  ends: number;
  /** False for the evening: what is done then takes nobody's school minutes. */
  atSchool: boolean;
}

/** How long an evening is at least, in minutes, where school ends late. Own choice. */
const SHORTEST_EVENING = 30;

/** The windows of a school day, one after the other without a gap, and the evening, which begins when school has ended. */
export function windowsOf(year: SchoolYear): DayWindow[] {
  const eveningStarts = Math.max(year.eveningStarts, year.dayEnds);
  return [
    { name: 'morning', starts: year.dayStarts, ends: year.middayStarts, atSchool: true },
    { name: 'midday', starts: year.middayStarts, ends: year.afternoonStarts, atSchool: true },
    { name: 'afternoon', starts: year.afternoonStarts, ends: year.dayEnds, atSchool: true },
    {
      name: 'evening',
      starts: eveningStarts,
      ends: Math.max(year.eveningEnds, eveningStarts + SHORTEST_EVENING),
      atSchool: false,
    },
  ];
}

/**
 * The school days of a year, in order: taught weekdays from start to end, less days off and the weeks that the rhythm
 * or the terms leave out, with the extra days. Rhythm weeks are calendar weeks, counted from the first one. An extra day
 * in a break belongs to the block before it. A day that is off stays off, extra or not.
 */
export function schoolDays(year: SchoolYear): SchoolDay[] {
  const days: SchoolDay[] = [];
  const begins = weekBegins(year);
  const firstWeek = weekOf(year, year.starts);
  const extra = new Set(year.extraDays.map((d) => d.date));
  const shortened = new Map(year.shortDays.map((d) => [d.date, d.ends]));
  let lastWeek = -1;
  let from = firstWeek;
  let week = -1;
  let block = 1;
  let cursor = parseDate(year.starts);
  for (let offset = daysBetween(firstWeek, year.starts); ; offset++, cursor = cursor.add({ days: 1 })) {
    const date = cursor.toString();
    if (date > year.ends) return days;
    const calendarWeek = Math.floor(offset / 7);
    const weekday = ((offset + begins - 1) % 7) + 1;
    const inBlock = blockOf(year, date, calendarWeek);
    block = inBlock ?? block;
    if (!extra.has(date) && (inBlock === undefined || !year.weekdays.includes(weekday))) continue;
    if (year.daysOff.some((off) => off.first <= date && date <= off.last)) continue;
    if (calendarWeek !== lastWeek) {
      week++;
      from = addDays(firstWeek, calendarWeek * 7);
    }
    lastWeek = calendarWeek;
    days.push({
      date,
      index: days.length,
      weekday,
      weekFrom: from,
      week,
      block,
      ends: shortened.get(date) ?? year.dayEnds,
    });
  }
}

/** The block or term a date lies in, from 1; undefined in a break. `calendarWeek` counts from the year's first, from 0. */
function blockOf(year: SchoolYear, date: IsoDate, calendarWeek: number): number | undefined {
  if (year.terms.length) {
    const at = inOrder(year).findIndex((t) => t.first <= date && date <= t.last);
    return at < 0 ? undefined : at + 1;
  }
  if (year.weeksOff === 0) return 1;
  const cycle = year.weeksOn + year.weeksOff;
  return calendarWeek % cycle >= year.weeksOn ? undefined : Math.floor(calendarWeek / cycle) + 1;
}

const inOrder = (year: SchoolYear): SchoolYear['terms'] =>
  [...year.terms].sort((a, b) => (a.first < b.first ? -1 : 1));

/** What a block is called: the name of its term, or its number. */
export function blockName(year: SchoolYear, block: number): string {
  if (year.terms.length) return inOrder(year)[block - 1]?.name ?? '';
  if (year.weeksOff) return `Block ${block}`;
  return 'School';
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
  const calendarWeeks = daysBetween(weekOf(year, year.starts), weekOf(year, year.ends)) / 7 + 1;
  const cycle = year.weeksOff > 0 ? year.weeksOn + year.weeksOff : calendarWeeks;
  return {
    schoolDays: days.length,
    calendarWeeks,
    schoolWeeks: days.length ? days[days.length - 1].week + 1 : 0,
    wholeBlocks: year.terms.length || Math.floor(calendarWeeks / cycle),
    weeksOver: year.terms.length ? 0 : calendarWeeks % cycle,
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

/**
 * Whether a day serves for a weekday: it is that weekday, or that weekday has no school in its week and this is the
 * next school day of the week after it, or, where there is none, the last one before it.
 */
export function servesFor(days: readonly SchoolDay[], index: number, weekday: number): boolean {
  const day = days[index];
  if (day.weekday === weekday) return true;
  const inWeek: SchoolDay[] = [];
  for (let i = index; i >= 0 && days[i].weekFrom === day.weekFrom; i--) inWeek.unshift(days[i]);
  for (let i = index + 1; i < days.length && days[i].weekFrom === day.weekFrom; i++) inWeek.push(days[i]);
  if (inWeek.some((d) => d.weekday === weekday)) return false;
  const wanted = addDays(day.weekFrom, (weekday - weekdayOf(day.weekFrom) + 7) % 7);
  return (inWeek.find((d) => d.date > wanted) ?? inWeek[inWeek.length - 1]) === day;
}

/** Why a date is not a school day, in words; undefined when it is one. */
export function whyClosed(year: SchoolYear, date: IsoDate): string | undefined {
  if (date < year.starts) return 'before the school year starts';
  if (date > year.ends) return 'after the school year ends';
  const off = year.daysOff.find((o) => o.first <= date && date <= o.last);
  if (off) {
    const what =
      off.kind === 'illness' ? 'a day of illness' : off.kind === 'holiday' ? 'a holiday' : 'a day off';
    return off.label ? `${what} (${off.label})` : what;
  }
  if (year.extraDays.some((d) => d.date === date)) return undefined;
  if (!year.weekdays.includes(weekdayOf(date))) return 'not a weekday you teach on';
  const calendarWeek = Math.floor(daysBetween(weekOf(year, year.starts), date) / 7);
  if (blockOf(year, date, calendarWeek) === undefined)
    return year.terms.length ? 'between terms' : 'in a week off';
  return undefined;
}

/** The day as it is told apart from others, in words: when it ends early, or that it is extra. */
export function oddDay(year: SchoolYear, date: IsoDate): string {
  const short = year.shortDays.find((d) => d.date === date);
  const extra = year.extraDays.find((d) => d.date === date);
  return [
    short ? `${shortDate(date)} ends early${short.label ? ` (${short.label})` : ''}` : '',
    extra ? `an extra day${extra.label ? ` (${extra.label})` : ''}` : '',
  ]
    .filter(Boolean)
    .join(', ');
}

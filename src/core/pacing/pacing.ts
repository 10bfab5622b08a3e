/** Pacing: so many lessons on so many days, as evenly as can be, and the figures around it. */
import type { SchoolDay } from '../calendar/school-days';
import type { IsoDate } from '../plan/measures';

/**
 * The day, from 0, on which each of n lessons falls when spread over m days: lesson i on day ⌊i·m/n⌋.
 * No two stretches of equal length differ by more than one lesson (a balanced word).
 * @param lessons n ≥ 0
 * @param days m ≥ 1
 */
export function spread(lessons: number, days: number): number[] {
  if (days < 1) throw new RangeError('spread needs at least one day');
  return Array.from({ length: lessons }, (_, i) => Math.floor((i * days) / lessons));
}

/**
 * So many pages, chapters or cards dealt to so many days, in order: the first and the last of each day, from 1. Days
 * differ by one at most; with more days than pages some have none and are left out.
 * @param total pages ≥ 0
 * @param days m ≥ 1
 */
export function dealt(total: number, days: number): { first: number; last: number }[] {
  if (days < 1) throw new RangeError('dealt needs at least one day');
  return Array.from({ length: days }, (_, i) => ({
    first: Math.floor((i * total) / days) + 1,
    last: Math.floor(((i + 1) * total) / days),
  })).filter((d) => d.last >= d.first);
}

/** Whole school weeks that n lessons take at so many a week. */
export function weeksAtPace(lessons: number, perWeek: number): number {
  return Math.ceil(lessons / perWeek);
}

/** Lessons a week needed to teach n lessons in so many school weeks; not rounded. */
export function paceForWeeks(lessons: number, weeks: number): number {
  return lessons / weeks;
}

/** Days that so many pages or chapters last at so many a day. */
export function daysAtPace(total: number, perDay: number): number {
  return Math.ceil(total / perDay);
}

/** What a small daily practice comes to: so many each school day. */
export function overDays(eachDay: number, schoolDays: number): number {
  return eachDay * schoolDays;
}

/**
 * The school days on which n lessons fall at a pace, from a date on: in each school week lesson j of L on day ⌈j·d/L⌉ of
 * its d days (with more lessons than days on ⌊j·d/L⌋). No day has more of them than a whole week at this pace would give
 * it, so a week that is cut short has fewer. The year may end before the lessons do; then the list is shorter.
 */
export function daysOfPace(
  days: readonly SchoolDay[],
  from: IsoDate,
  lessons: number,
  perWeek: number,
): SchoolDay[] {
  const found: SchoolDay[] = [];
  const coming = days.filter((d) => d.date >= from);
  const perDay = lessonsADay(coming, perWeek);
  for (let i = 0; i < coming.length && found.length < lessons;) {
    let n = 1;
    while (i + n < coming.length && coming[i + n].week === coming[i].week) n++;
    const each = Math.min(perWeek, n * perDay, lessons - found.length);
    const full = Math.min(perWeek, n * perDay);
    for (let j = 0; j < each; j++)
      found.push(coming[i + (full > n ? Math.floor((j * n) / full) : Math.ceil((j * n) / full))]);
    i += n;
  }
  return found;
}

/** The most lessons of a unit on one day at so many a week: those of its longest school week, spread over it. */
export function lessonsADay(days: readonly SchoolDay[], perWeek: number): number {
  const inWeek = new Map<number, number>();
  for (const { week } of days) inWeek.set(week, (inWeek.get(week) ?? 0) + 1);
  return Math.ceil(perWeek / Math.max(1, ...inWeek.values()));
}

/** The day of the last of n lessons at a pace; undefined when the year ends first. */
export function finishAtPace(
  days: readonly SchoolDay[],
  from: IsoDate,
  lessons: number,
  perWeek: number,
): IsoDate | undefined {
  const found = daysOfPace(days, from, lessons, perWeek);
  return lessons > 0 && found.length === lessons ? found[lessons - 1].date : undefined;
}

/** The fewest whole lessons a week with which n lessons end on a date or before; undefined when 35 are too few. */
export function paceForEnd(
  days: readonly SchoolDay[],
  from: IsoDate,
  end: IsoDate,
  lessons: number,
): number | undefined {
  for (let perWeek = 1; perWeek <= 35; perWeek++) {
    const finish = finishAtPace(days, from, lessons, perWeek);
    if (finish && finish <= end) return perWeek;
  }
  return undefined;
}

export interface InRow {
  title: string;
  lessons: number;
  perWeek: number;
}

export interface RowAnswer {
  /** When each unit begins and ends; no end where the year is over first. */
  units: { title: string; starts?: IsoDate; ends?: IsoDate }[];
  /** Whether all have ended by the last school day, or the hard end. */
  fits: boolean;
  /** The fewest lessons a week, the same for each, with which they would; undefined when they do, or when none would. */
  pace?: number;
}

/**
 * Several units one after another, each from the school day after the one before: will they end before the year does?
 * @param by or by this day, where the row has a hard end
 */
export function unitsInRow(
  days: readonly SchoolDay[],
  from: IsoDate,
  units: readonly InRow[],
  by: IsoDate = days.at(-1)?.date ?? from,
): RowAnswer {
  const isMet = (row: RowAnswer['units']): boolean => row.every((u) => u.ends !== undefined && u.ends <= by);
  const laid = inRow(days, from, units);
  const fits = isMet(laid);
  if (fits) return { units: laid, fits };
  for (let pace = 1; pace <= 35; pace++)
    if (
      isMet(
        inRow(
          days,
          from,
          units.map((u) => ({ ...u, perWeek: pace })),
        ),
      )
    )
      return { units: laid, fits, pace };
  return { units: laid, fits };
}

function inRow(days: readonly SchoolDay[], from: IsoDate, units: readonly InRow[]): RowAnswer['units'] {
  let next: IsoDate | undefined = from;
  return units.map(({ title, lessons, perWeek }) => {
    const starts: IsoDate | undefined =
      next === undefined ? undefined : days.find((d) => d.date >= next!)?.date;
    const ends: IsoDate | undefined =
      starts === undefined ? undefined : lessons ? finishAtPace(days, starts, lessons, perWeek) : starts;
    next = ends === undefined ? undefined : lessons ? days.find((d) => d.date > ends)?.date : ends;
    return { title, starts, ends };
  });
}

/** A unit's pace: on which school day its next lesson is due, and whether another may begin on a day. */
import { schoolDayFrom, type SchoolDay } from '../calendar/school-days';
import { lessonsADay, spread } from '../pacing/pacing';
import type { LayUnit } from './problem';

/** How much of the pace is kept: all of it, only the lessons a day, or nothing. */
export type Keeps = 'pace' | 'day' | 'nothing';

export class Pace {
  /** The unit's first school day, by index; the number of school days when the year is over before it starts. */
  readonly firstDay: number;
  private readonly begunOn: Int32Array;
  private readonly begunInWeek = new Map<number, number>();
  private readonly begunOnBefore: Int32Array;
  private readonly begunInWeekBefore = new Map<number, number>();
  /** Lessons that may begin on a day. */
  readonly perDay: number;
  private readonly even: number[] | undefined;
  /** The unit's days of each school week: first index and number. */
  private readonly weeks = new Map<number, { first: number; days: number }>();

  constructor(
    private readonly unit: LayUnit,
    private readonly days: readonly SchoolDay[],
  ) {
    this.firstDay = schoolDayFrom(days, unit.starts)?.index ?? days.length;
    this.begunOn = new Int32Array(days.length);
    this.begunOnBefore = new Int32Array(days.length);
    for (let i = this.firstDay; i < days.length; i++) {
      const week = this.weeks.get(days[i].week);
      if (week) week.days++;
      else this.weeks.set(days[i].week, { first: i, days: 1 });
    }
    const n = unit.lessons.length;
    const { wishedEnd } = unit;
    const span = wishedEnd ? days.filter((d) => d.index >= this.firstDay && d.date <= wishedEnd).length : 0;
    if (unit.mostPerWeek !== null) {
      this.perDay = lessonsADay(days.slice(this.firstDay), unit.mostPerWeek);
    } else if (span > 0) {
      this.even = spread(n, span).map((day) => this.firstDay + day);
      this.perDay = Math.ceil(n / span);
    } else this.perDay = 1;
  }

  /** Counts a lesson that begins on a day (1), or takes the count back (−1). */
  begins(day: number, by: 1 | -1 = 1): void {
    this.begunOn[day] += by;
    const week = this.days[day].week;
    this.begunInWeek.set(week, (this.begunInWeek.get(week) ?? 0) + by);
  }

  /** Counts a lesson that began on a day in the last lay-out. */
  begunBefore(day: number): void {
    this.begunOnBefore[day]++;
    const week = this.days[day].week;
    this.begunInWeekBefore.set(week, (this.begunInWeekBefore.get(week) ?? 0) + 1);
  }

  /**
   * Whether a lesson that began on this day in the last lay-out may begin there again: no more lessons begin on the day
   * than did, and in the week than the pace has, or than did where something that stays squeezes them, or the end of the year.
   */
  letsStay(day: number, isSqueezed: boolean): boolean {
    if (day < this.firstDay) return false;
    if (this.begunOn[day] >= Math.max(this.perDay, this.begunOnBefore[day])) return false;
    const perWeek = this.unit.mostPerWeek;
    if (perWeek === null) return true;
    const week = this.days[day].week;
    const most =
      isSqueezed || this.isSqueezedByYearEnd(week, perWeek)
        ? Math.max(perWeek, this.begunInWeekBefore.get(week) ?? 0)
        : perWeek;
    return (this.begunInWeek.get(week) ?? 0) < most;
  }

  /** Whether more lessons began from a week on than the pace has until the end of the year: they had nowhere else to begin. */
  private isSqueezedByYearEnd(week: number, perWeek: number): boolean {
    let began = 0;
    for (const [w, n] of this.begunInWeekBefore) if (w >= week) began += n;
    const last = this.days.at(-1)?.week ?? week;
    return began > perWeek * (last - week + 1);
  }

  /** Whether the pace lets another lesson begin on this day. */
  allows(day: number, keeps: Keeps = 'pace'): boolean {
    if (day < this.firstDay) return false;
    if (keeps === 'nothing') return true;
    if (this.begunOn[day] >= this.perDay) return false;
    return (
      keeps === 'day' ||
      this.unit.mostPerWeek === null ||
      (this.begunInWeek.get(this.days[day].week) ?? 0) < this.unit.mostPerWeek
    );
  }

  /** The day on which lesson number `index` is due, not before `from`. */
  target(index: number, from: number): number {
    let day = Math.max(from, this.firstDay, this.even?.[index] ?? 0);
    while (day < this.days.length && !(this.allows(day) && this.dueBy(day))) day++;
    return day;
  }

  /** With so many lessons a week: whether fewer have begun this week up to this day than should have. */
  private dueBy(day: number): boolean {
    const perWeek = this.unit.lessonsPerWeek;
    if (perWeek === null) return true;
    const week = this.weeks.get(this.days[day].week)!;
    const share = Math.min(perWeek, week.days * this.perDay);
    // Up to one a day, lessons stand on days ⌈j·days/share⌉ of the week, so ⌊day·share/days⌋ + 1 are due by a day;
    // more than one a day stand on ⌊j·days/share⌋, and ⌈(day + 1)·share/days⌉ are.
    const at = day - week.first;
    const due =
      share > week.days
        ? Math.ceil(((at + 1) * share) / week.days)
        : Math.floor((at * share) / week.days) + 1;
    let begun = 0;
    for (let d = week.first; d <= day; d++) begun += this.begunOn[d];
    return begun < due;
  }
}

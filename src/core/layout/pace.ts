/** A unit's pace: on which school day its next lesson is due, and whether another may begin on a day. */
import { schoolDayFrom, type SchoolDay } from '../calendar/school-days';
import { spread } from '../pacing/pacing';
import type { LayUnit } from './input';

export class Pace {
  /** The unit's first school day, by index; the number of school days when the year is over before it starts. */
  readonly firstDay: number;
  private readonly begunOn: Int32Array;
  private readonly begunInWeek: number[] = [];
  private readonly perDay: number;
  private readonly even: number[] | undefined;
  /** The unit's days of each school week: first index and number. */
  private readonly weeks: { first: number; days: number }[] = [];

  constructor(private readonly unit: LayUnit, private readonly days: readonly SchoolDay[]) {
    this.firstDay = schoolDayFrom(days, unit.starts)?.index ?? days.length;
    this.begunOn = new Int32Array(days.length);
    for (let i = this.firstDay; i < days.length; i++) {
      const week = (this.weeks[days[i].week] ??= { first: i, days: 0 });
      week.days++;
    }
    const n = unit.lessons.length;
    const { wishedEnd } = unit;
    const span = wishedEnd ? days.filter((d) => d.index >= this.firstDay && d.date <= wishedEnd).length : 0;
    if (unit.lessonsPerWeek !== null) {
      const weekLength = Math.max(1, ...this.weeks.map((w) => w?.days ?? 0));
      this.perDay = Math.ceil(unit.lessonsPerWeek / weekLength);
    } else if (span > 0) {
      this.even = spread(n, span).map((day) => this.firstDay + day);
      this.perDay = Math.ceil(n / span);
    } else this.perDay = 1;
  }

  /** Counts a lesson that begins on a day. */
  begins(day: number): void {
    this.begunOn[day]++;
    const week = this.days[day].week;
    this.begunInWeek[week] = (this.begunInWeek[week] ?? 0) + 1;
  }

  /** Whether the pace lets another lesson begin on this day. */
  allows(day: number): boolean {
    if (day < this.firstDay || this.begunOn[day] >= this.perDay) return false;
    return this.unit.lessonsPerWeek === null || (this.begunInWeek[this.days[day].week] ?? 0) < this.unit.lessonsPerWeek;
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
    const week = this.weeks[this.days[day].week];
    const share = Math.min(perWeek, week.days * this.perDay);
    // Lessons stand on days ⌈j·days/share⌉ of the week, so ⌊day·share/days⌋ + 1 are due by a day.
    const due = Math.floor(((day - week.first) * share) / week.days) + 1;
    let begun = 0;
    for (let d = week.first; d <= day; d++) begun += this.begunOn[d];
    return begun < due;
  }
}

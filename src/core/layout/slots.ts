/** The slots of a calendar: school days by their windows, numbered through; and the way between them and dates. */
import { schoolDayFrom } from '../calendar/school-days';
import type { IsoDate, WindowName } from '../plan/measures';
import type { LayoutInput, LayPart, Place } from './problem';
import { waitEnds } from './waits';

/** A moment in the plan: school day × windows + window. Order in number is order in time. */
export type Slot = number;

export class Slots {
  private readonly dayOfDate = new Map<IsoDate, number>();
  /** Windows a day. */
  readonly windows: number;
  readonly count: number;

  constructor(private readonly input: Pick<LayoutInput, 'days' | 'windows'>) {
    this.windows = input.windows.length;
    this.count = input.days.length * this.windows;
    for (const d of input.days) this.dayOfDate.set(d.date, d.index);
  }

  of(day: number, window: number): Slot {
    return day * this.windows + window;
  }

  day(slot: Slot): number {
    return Math.floor(slot / this.windows);
  }

  window(slot: Slot): number {
    return slot % this.windows;
  }

  firstOf(day: number): Slot {
    return day * this.windows;
  }

  lastOf(day: number): Slot {
    return this.firstOf(day) + this.windows - 1;
  }

  placeOf(slot: Slot): Place {
    return { date: this.input.days[this.day(slot)].date, window: this.input.windows[this.window(slot)].name };
  }

  /** The school day of a date; undefined where that day is none. */
  dayOn(date: IsoDate): number | undefined {
    return this.dayOfDate.get(date);
  }

  /** The first school day from a date on; one past the last where there is none. */
  dayFrom(date: IsoDate): number {
    return schoolDayFrom(this.input.days, date)?.index ?? this.input.days.length;
  }

  windowNamed(name: WindowName): number {
    return this.input.windows.findIndex((w) => w.name === name);
  }

  /** The slot of a place; undefined where its day is no school day. */
  at(place: Place): Slot | undefined {
    const day = this.dayOn(place.date);
    return day === undefined ? undefined : this.of(day, this.windowNamed(place.window));
  }

  /** The first slot that a part's own earliest day allows. */
  notBefore(part: Pick<LayPart, 'earliest'>): Slot {
    return part.earliest ? this.firstOf(this.dayFrom(part.earliest)) : 0;
  }

  /**
   * The first window that begins when a wait, counted in hours from the end of a window, has passed. Nights and
   * weekends count.
   */
  afterWait({ date, window: name }: Place, hours: number): Slot {
    const until = waitEnds(date, this.input.windows[this.windowNamed(name)], hours);
    const day = this.dayFrom(until.date);
    if (day >= this.input.days.length) return this.count;
    if (this.input.days[day].date > until.date) return this.firstOf(day);
    const window = this.input.windows.findIndex((w) => w.starts >= until.time);
    return window < 0 ? this.firstOf(day + 1) : this.of(day, window);
  }
}

/** The minutes of every child and of the parent, day by day and window by window: what is taken and what is free. */
import type { LayoutInput, LayPart } from './input';

/** Who has no room: a child's id, or the parent. */
export const PARENT = 'parent';

/** Who lacks the minutes for a part, and whether their whole day is full or only that half-day. */
export interface Lack {
  who: string;
  of: 'day' | 'half-day';
}

export class Ledger {
  private readonly people: string[];
  private readonly dayLimit: number[];
  private readonly used: Int32Array[];
  private readonly usedInWindow: Int32Array[];
  private readonly windowCount: number;
  /** Minutes of each window of each day; less on a day that ends early. */
  private readonly windowLength: Int32Array;
  private readonly longestWindow: number;
  /** The part of a whole day that a day has; limits of a day shrink with it. */
  private readonly share: Float64Array;

  constructor(input: Pick<LayoutInput, 'childLimits' | 'leadLimit' | 'windows' | 'days'>) {
    this.people = [...Object.keys(input.childLimits), PARENT];
    this.dayLimit = [...Object.values(input.childLimits), input.leadLimit];
    this.windowCount = input.windows.length;
    const [starts, ends] = [input.windows[0].starts, input.windows[input.windows.length - 1].ends];
    this.windowLength = Int32Array.from(
      input.days.flatMap((d) => input.windows.map((w) => Math.max(0, Math.min(w.ends, d.ends) - w.starts))),
    );
    this.longestWindow = this.windowLength.reduce((a, b) => Math.max(a, b), 0);
    this.share = Float64Array.from(input.days, (d) => (Math.min(d.ends, ends) - starts) / (ends - starts));
    this.used = this.people.map(() => new Int32Array(input.days.length));
    this.usedInWindow = this.people.map(() => new Int32Array(input.days.length * this.windowCount));
  }

  private minutesFor(person: string, part: LayPart): number {
    return person === PARENT ? part.lead : (part.minutes[person] ?? 0);
  }

  /** Who lacks the minutes for this part then; undefined when it fits. A full day is named before a full half-day. */
  lack(part: LayPart, day: number, window: number): Lack | undefined {
    const cell = day * this.windowCount + window;
    let halfDay: Lack | undefined;
    for (let i = 0; i < this.people.length; i++) {
      const minutes = this.minutesFor(this.people[i], part);
      if (minutes === 0) continue;
      if (this.used[i][day] + minutes > Math.floor(this.dayLimit[i] * this.share[day]))
        return { who: this.people[i], of: 'day' };
      if (!halfDay && this.usedInWindow[i][cell] + minutes > this.windowLength[cell])
        halfDay = { who: this.people[i], of: 'half-day' };
    }
    return halfDay;
  }

  /** Who could not take this part on any day, however empty: it is longer than their day, or than any half-day. */
  neverFits(part: LayPart): Lack | undefined {
    for (let i = 0; i < this.people.length; i++) {
      const minutes = this.minutesFor(this.people[i], part);
      if (minutes > this.dayLimit[i]) return { who: this.people[i], of: 'day' };
      if (minutes > this.longestWindow) return { who: this.people[i], of: 'half-day' };
    }
    return undefined;
  }

  /** Takes the part's minutes (sign 1) or gives them back (sign −1). */
  take(part: LayPart, day: number, window: number, sign: 1 | -1 = 1): void {
    const cell = day * this.windowCount + window;
    this.people.forEach((person, i) => {
      const m = sign * this.minutesFor(person, part);
      this.used[i][day] += m;
      this.usedInWindow[i][cell] += m;
    });
  }
}

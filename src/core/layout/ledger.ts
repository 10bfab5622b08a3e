/** The minutes of every child and of the parent, day by day and window by window: what is taken and what is free. */
import type { LayoutInput, LayPart } from './input';

/** Who has no room: a child's id, or the parent. */
export const PARENT = 'parent';

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

  constructor(input: LayoutInput) {
    this.people = [...Object.keys(input.childLimits), PARENT];
    this.dayLimit = [...Object.values(input.childLimits), input.leadLimit];
    this.windowCount = input.windows.length;
    const [starts, ends] = [input.windows[0].starts, input.windows[input.windows.length - 1].ends];
    this.windowLength = Int32Array.from(input.days.flatMap((d) => input.windows.map((w) => Math.max(0, Math.min(w.ends, d.ends) - w.starts))));
    this.longestWindow = this.windowLength.reduce((a, b) => Math.max(a, b), 0);
    this.share = Float64Array.from(input.days, (d) => (Math.min(d.ends, ends) - starts) / (ends - starts));
    this.used = this.people.map(() => new Int32Array(input.days.length));
    this.usedInWindow = this.people.map(() => new Int32Array(input.days.length * this.windowCount));
  }

  private minutesFor(person: string, part: LayPart): number {
    return person === PARENT ? part.lead : (part.minutes[person] ?? 0);
  }

  /** Who lacks the minutes for this part then; undefined when it fits. */
  blockedBy(part: LayPart, day: number, window: number): string | undefined {
    const cell = day * this.windowCount + window;
    return this.people.find((person, i) => {
      const m = this.minutesFor(person, part);
      return m > 0 && (this.used[i][day] + m > Math.floor(this.dayLimit[i] * this.share[day]) || this.usedInWindow[i][cell] + m > this.windowLength[cell]);
    });
  }

  /** Who could not take this part on any day, however empty. */
  neverFits(part: LayPart): string | undefined {
    return this.people.find((person, i) => this.minutesFor(person, part) > Math.min(this.dayLimit[i], this.longestWindow));
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

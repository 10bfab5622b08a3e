/** The minutes of every child and of the parent, day by day and window by window: what is taken and what is free. */
import type { LayoutInput, LayPart } from './input';

/** Who has no room: a child's id, or the parent. */
export const PARENT = 'parent';

export class Ledger {
  private readonly people: string[];
  private readonly dayLimit: number[];
  private readonly used: Int32Array[];
  private readonly usedInWindow: Int32Array[];
  private readonly windowLength: number[];

  constructor(input: LayoutInput) {
    this.people = [...Object.keys(input.childLimits), PARENT];
    this.dayLimit = [...Object.values(input.childLimits), input.leadLimit];
    this.windowLength = input.windows.map((w) => w.ends - w.starts);
    this.used = this.people.map(() => new Int32Array(input.days.length));
    this.usedInWindow = this.people.map(() => new Int32Array(input.days.length * this.windowLength.length));
  }

  private minutesFor(person: string, part: LayPart): number {
    return person === PARENT ? part.lead : (part.minutes[person] ?? 0);
  }

  /** Who lacks the minutes for this part then; undefined when it fits. */
  blockedBy(part: LayPart, day: number, window: number): string | undefined {
    const cell = day * this.windowLength.length + window;
    return this.people.find((person, i) => {
      const m = this.minutesFor(person, part);
      return m > 0 && (this.used[i][day] + m > this.dayLimit[i] || this.usedInWindow[i][cell] + m > this.windowLength[window]);
    });
  }

  /** Who could not take this part on any day, however empty. */
  neverFits(part: LayPart): string | undefined {
    const longest = Math.max(...this.windowLength);
    return this.people.find((person, i) => this.minutesFor(person, part) > Math.min(this.dayLimit[i], longest));
  }

  /** Takes the part's minutes (sign 1) or gives them back (sign −1). */
  take(part: LayPart, day: number, window: number, sign: 1 | -1 = 1): void {
    const cell = day * this.windowLength.length + window;
    this.people.forEach((person, i) => {
      const m = sign * this.minutesFor(person, part);
      this.used[i][day] += m;
      this.usedInWindow[i][cell] += m;
    });
  }
}

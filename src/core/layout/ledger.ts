/** The minutes of every child and of all who lead, day by day and window by window: what is taken and what is free. */
import type { Away, Stretch } from '../calendar/away';
import { inTheWay, minutesBeside } from './beside';
import { countedIn, inDay, inWindow, type Counted } from './counted';
import type { LayoutInput, LayPart } from './problem';

/** Who, or what there is one of, lacks the minutes for a part: the whole day is full, only that half-day, or they are not there then. */
export interface Lack {
  who: string;
  of: 'day' | 'half-day' | 'presence';
}

interface Person extends Counted {
  /** Minutes of each window of each day that this person has. */
  has: Int32Array;
  /** The longest of them at school, and of evenings. */
  longest: { school: number; evening: number };
  used: Int32Array;
  usedInWindow: Int32Array;
}

export class Ledger {
  private readonly people: Person[];
  private readonly windowCount: number;
  private readonly atSchool: readonly boolean[];
  /** Half-days in which somebody has an appointment of their own. */
  private readonly beside = new Map<number, { window: Stretch; away: readonly Away[] }>();
  /** The part of a whole day that a day has; limits of a day shrink with it. */
  private readonly share: Float64Array;

  constructor(input: LayoutInput) {
    const { windows, days } = input;
    this.windowCount = windows.length;
    this.atSchool = windows.map((w) => w.atSchool);
    const school = windows.filter((w) => w.atSchool);
    const [starts, ends] = [school[0].starts, school[school.length - 1].ends];
    this.share = Float64Array.from(days, (d) => (Math.min(d.ends, ends) - starts) / (ends - starts));
    // A day that ends early has shorter windows; the evening is what it always is.
    const open = days.map((d) =>
      windows.map((w) => ({ from: w.starts, to: w.atSchool ? Math.min(w.ends, d.ends) : w.ends })),
    );
    const all = Int32Array.from(open.flatMap((d) => d.map((w) => Math.max(0, w.to - w.from))));
    for (const [i, day] of days.entries()) {
      const away = input.away.get(day.date);
      if (!away) continue;
      for (const [w, window] of open[i].entries()) {
        const here = away.filter((a) => a.from < window.to && a.to > window.from);
        if (here.length) this.beside.set(i * windows.length + w, { window, away: here });
      }
    }
    this.people = countedIn(input).map((who): Person => {
      const { there } = who;
      const has = there
        ? Int32Array.from(
            open.flatMap((d, i) =>
              d.map((w) =>
                there.weekdays.includes(days[i].weekday)
                  ? Math.max(0, Math.min(w.to, there.ends ?? Infinity) - Math.max(w.from, there.starts ?? 0))
                  : 0,
              ),
            ),
          )
        : all.slice();
      for (const [cell, { window, away }] of this.beside) {
        if (!away.some((a) => a.who === who.id)) continue;
        const from = Math.max(window.from, there?.starts ?? 0);
        const to = Math.min(window.to, there?.ends ?? Infinity);
        if (has[cell]) has[cell] = minutesBeside({ from, to }, who.id, away);
      }
      const longest = (atSchool: boolean): number =>
        has.reduce(
          (m, n, cell) => (this.atSchool[cell % windows.length] === atSchool ? Math.max(m, n) : m),
          0,
        );
      return {
        ...who,
        has,
        longest: { school: longest(true), evening: longest(false) },
        used: new Int32Array(days.length),
        usedInWindow: new Int32Array(days.length * windows.length),
      };
    });
  }

  /** Who lacks the minutes for this part then; undefined when it fits. A full day is named before a full half-day. */
  lack(part: LayPart, day: number, window: number): Lack | undefined {
    const cell = day * this.windowCount + window;
    let other: Lack | undefined;
    for (const { id, dayLimit, has, used, usedInWindow, minutesFor } of this.people) {
      const minutes = minutesFor(part);
      if (minutes === 0) continue;
      const ofDay = inDay(part, minutes);
      if (this.atSchool[window] && ofDay > 0 && used[day] + ofDay > Math.floor(dayLimit * this.share[day]))
        return { who: id, of: 'day' };
      if (!other && usedInWindow[cell] + inWindow(part, minutes, has[cell]) > has[cell])
        other = { who: id, of: has[cell] ? 'half-day' : 'presence' };
    }
    if (other) return other;
    const busy = this.beside.get(cell);
    const who = busy && inTheWay(part, busy.window, busy.away);
    return who === undefined ? undefined : { who, of: 'presence' };
  }

  /**
   * Who could not take this part on any day, however empty: it is longer than their day, or than any window it may stand
   * in, or they are never there.
   */
  neverFits(part: LayPart, at: 'school' | 'evening'): Lack | undefined {
    for (const { id, dayLimit, longest, minutesFor } of this.people) {
      const minutes = minutesFor(part);
      if (minutes === 0) continue;
      if (!longest[at]) return { who: id, of: 'presence' };
      if (at === 'school' && inDay(part, minutes) > dayLimit) return { who: id, of: 'day' };
      if (inWindow(part, minutes, longest[at]) > longest[at]) return { who: id, of: 'half-day' };
    }
    return undefined;
  }

  /** Takes the part's minutes (sign 1) or gives them back (sign −1). */
  take(part: LayPart, day: number, window: number, sign: 1 | -1 = 1): void {
    const cell = day * this.windowCount + window;
    for (const person of this.people) {
      const minutes = person.minutesFor(part);
      if (minutes === 0) continue;
      if (this.atSchool[window]) person.used[day] += sign * inDay(part, minutes);
      person.usedInWindow[cell] += sign * inWindow(part, minutes, person.has[cell]);
    }
  }
}

/**
 * The lay-out as a mixed-integer programme, and its answer read back: what an exact solver makes of the same problem, rules and
 * score. x: a part on a slot; y: on it or one before; o: a part without a place; g, h, k: days, weekends and breaks within a
 * lesson; e: lessons more or fewer in a week than the pace alone has; w, c: lessons over the pace of a week, of a day; l, f: days
 * late and days taken. Order and days are said of the y: a few of them each, and it is they that are decided.
 *
 * What is held or has a fixed date is where the constructed lay-out has put it, and binds the rest as it does there. What
 * closes a unit is left out, as in the score.
 */
import { servesFor } from '../calendar/school-days';
import { EVENING } from '../plan/words';
import type { LayoutInput, LayPart, LayUnit, Place } from './problem';
import { inTheWay, minutesBeside } from './beside';
import { countedIn, inDay, inWindow, type Counted } from './counted';
import { scaleOf, WEIGHT, type Scale } from './score';
import { Programme, type Term } from '../solver/programme';
import { addWishes, chainOf, less, type Free, type Measured } from './program-wishes';
import { Slots, type Slot } from './slots';

export interface LayoutProgram {
  text: string;
  /** The placements that a solution's values describe, of the parts it was free to place. */
  placesOf: (value: (name: string) => number) => Map<string, Place>;
}

/** School days, by their numbers, among which what is free is placed. */
export interface Span {
  first: number;
  last: number;
}

/**
 * @param standing where the parts stand that it is not free to move
 * @param below only what scores less is looked for
 */
export function layoutProgram(
  input: LayoutInput,
  standing: ReadonlyMap<string, Place>,
  isFree: (part: LayPart) => boolean,
  {
    among = { first: 0, last: input.days.length - 1 },
    below = Infinity,
  }: { among?: Span; below?: number } = {},
): LayoutProgram {
  return new Program(input, standing, isFree, among).write(below);
}

class Program {
  private readonly slots: Slots;
  private readonly scale: Scale;
  private readonly programme = new Programme();
  private readonly free = new Map<string, Free>();

  constructor(
    private readonly input: LayoutInput,
    private readonly standing: ReadonlyMap<string, Place>,
    private readonly isFree: (part: LayPart) => boolean,
    private readonly among: Span,
  ) {
    this.slots = new Slots(input);
    this.scale = scaleOf(input);
  }

  write(below: number): LayoutProgram {
    const { input, slots } = this;
    for (const unit of input.units)
      for (const part of unit.lessons.flatMap((l) => l.parts)) if (this.isFree(part)) this.open(part, unit);
    this.minutes();
    for (const unit of input.units) this.unit(unit);
    addWishes(this.programme, this.scale, slots, this.free, (part, of) => this.measure(part, of));
    return {
      text: this.programme.text(below),
      placesOf: (value) =>
        new Map(
          [...this.free.values()].flatMap(({ n, part, slots }) => {
            const slot = slots.find((s) => value(`x${n}_${s}`) > 0.5);
            return slot === undefined ? [] : [[part.id, this.slots.placeOf(slot)] as const];
          }),
        ),
    };
  }

  /** The slots on which a part may stand by itself, what each costs, and that it stands on one or none. */
  private open(part: LayPart, unit: LayUnit): void {
    const { input, slots, scale } = this;
    const from = Math.max(
      slots.firstOf(slots.dayFrom(input.today)),
      slots.firstOf(slots.dayFrom(unit.starts)),
      slots.notBefore(part),
      slots.firstOf(this.among.first),
    );
    const to = Math.min(slots.count - 1, slots.lastOf(this.among.last));
    const n = this.free.size;
    const may: Slot[] = [];
    for (let s = from; s <= to; s++) {
      const day = input.days[slots.day(s)];
      if (input.windows[slots.window(s)].atSchool === (part.window === EVENING)) continue;
      if (part.weekday !== null && !servesFor(input.days, day.index, part.weekday)) continue;
      if (part.latest !== null && day.date > part.latest) continue;
      const w = input.windows[slots.window(s)];
      const window = { from: w.starts, to: w.atSchool ? Math.min(w.ends, day.ends) : w.ends };
      const away = input.away.get(day.date);
      if (away && inTheWay(part, window, away) !== undefined) continue;
      may.push(s);
    }
    this.free.set(part.id, { n, part, slots: may });
    const was = input.previous.get(part.id);
    const wasSlot = was && slots.at(was);
    const { programme } = this;
    may.forEach((s, i) => {
      let cost = 0;
      if (wasSlot !== undefined && s !== wasSlot)
        cost += slots.day(s) === slots.day(wasSlot) ? WEIGHT.shifted : WEIGHT.moved;
      if (part.window && scale.windowOf.get(part.window) !== slots.window(s)) cost += WEIGHT.window;
      const [x, y] = [`x${n}_${s}`, `y${n}_${s}`];
      programme.costs(x, cost);
      programme.decides(y);
      const before: Term[] = i ? [[-1, `y${n}_${may[i - 1]}`]] : [];
      programme.row([[1, y], ...before, [-1, x]], '=', 0);
    });
    programme.costs(`o${n}`, part.optional ? WEIGHT.optionalOut : WEIGHT.out);
    programme.decides(`o${n}`);
    const stands: Term[] = may.length ? [[1, `y${n}_${may[may.length - 1]}`]] : [];
    programme.row([...stands, [1, `o${n}`]], '=', 1);
  }

  /** That a free part stands on the last of its slots that are so, or on one before it; nothing where none is. */
  private by({ n, slots }: Free, is: (s: Slot) => boolean): Term[] {
    const s = slots.findLast(is);
    return s === undefined ? [] : [[1, `y${n}_${s}`]];
  }

  /** Minutes of a window in which somebody is there. */
  private minutesThere(who: Counted, slot: Slot): number {
    const { input, slots } = this;
    const day = input.days[slots.day(slot)];
    const w = input.windows[slots.window(slot)];
    const to = w.atSchool ? Math.min(w.ends, day.ends) : w.ends;
    if (who.there && !who.there.weekdays.includes(day.weekday)) return 0;
    const window = {
      from: Math.max(w.starts, who.there?.starts ?? 0),
      to: Math.min(to, who.there?.ends ?? to),
    };
    return minutesBeside(window, who.id, input.away.get(day.date) ?? []);
  }

  /** Nobody's minutes are exceeded, of a day or of a window, nor those of what there is one of. */
  private minutes(): void {
    const { input, slots } = this;
    const school = input.windows.filter((w) => w.atSchool);
    const [starts, ends] = [school[0].starts, school[school.length - 1].ends];
    const parts = [...input.units.flatMap((u) => u.lessons.flatMap((l) => l.parts)), ...input.dated];
    for (const who of countedIn(input)) {
      const taken = new Float64Array(slots.count);
      const takenInDay = new Float64Array(input.days.length);
      const terms = new Map<Slot, Term[]>();
      const termsInDay = new Map<Slot, Term[]>();
      const there = (s: Slot): number => this.minutesThere(who, s);
      for (const part of parts) {
        const m = who.minutesFor(part);
        if (!m) continue;
        const free = this.free.get(part.id);
        const place = this.standing.get(part.id);
        const at = place && slots.at(place);
        if (!free && at !== undefined) {
          taken[at] += inWindow(part, m, there(at));
          takenInDay[slots.day(at)] += inDay(part, m);
        }
        for (const s of free?.slots ?? []) {
          const x = `x${free!.n}_${s}`;
          terms.set(s, [...(terms.get(s) ?? []), [inWindow(part, m, there(s)), x]]);
          if (!part.dayOut) termsInDay.set(s, [...(termsInDay.get(s) ?? []), [m, x]]);
        }
      }
      input.days.forEach((day) => {
        const share = (Math.min(day.ends, ends) - starts) / (ends - starts);
        const all: Term[] = [];
        const used = takenInDay[day.index];
        input.windows.forEach((w, i) => {
          const s = slots.of(day.index, i);
          this.programme.row(terms.get(s) ?? [], '<=', Math.max(0, there(s) - taken[s]));
          if (w.atSchool) all.push(...(termsInDay.get(s) ?? []));
        });
        if (Number.isFinite(who.dayLimit))
          this.programme.row(all, '<=', Math.max(0, Math.floor(who.dayLimit * share) - used));
      });
    }
  }

  private slotOf(part: LayPart): Slot | undefined {
    const place = this.standing.get(part.id);
    return place && this.slots.at(place);
  }

  /** That a part stands not before another, or not before what is waited for after it has passed. */
  private notBefore(later: LayPart, earlier: LayPart, hours: number): void {
    const { slots } = this;
    const b = this.free.get(later.id);
    const a = this.free.get(earlier.id);
    const after = (s: Slot): Slot => (hours ? slots.afterWait(slots.placeOf(s), hours) : s);
    const bindsAs = (p: LayPart): Slot | undefined => {
      const kind = this.input.held.get(p.id)?.kind;
      return kind === 'done' || kind === 'unticked' ? undefined : this.slotOf(p);
    };
    if (b && a) {
      for (const s of b.slots) {
        const gone = this.by(a, (t) => after(t) <= s);
        this.programme.row([[1, `y${b.n}_${s}`], ...less(gone), [-1, `o${a.n}`]], '<=', 0);
      }
    } else if (b) {
      const at = this.slotOf(earlier);
      if (at !== undefined)
        this.programme.row(
          this.by(b, (t) => t < after(at)),
          '<=',
          0,
        );
    } else if (a) {
      const at = bindsAs(later);
      if (at === undefined) return;
      // It stands by the last slot that leaves the time, or nowhere.
      const inTime = this.by(a, (t) => after(t) <= at);
      this.programme.row([...inTime, [1, `o${a.n}`]], '>=', 1);
    }
  }

  private unit(unit: LayUnit): void {
    for (const lesson of unit.lessons) this.inOrder(lesson.parts);
    unit.lessons.forEach((lesson, i) => {
      for (const earlier of unit.lessons.slice(Math.max(0, i - 2), i))
        for (const part of chainOf(earlier))
          if (part.window !== EVENING)
            for (const later of lesson.parts.slice(0, 1)) this.notBefore(later, part, 0);
    });
  }

  private inOrder(parts: readonly LayPart[]): void {
    parts.forEach((later, j) => {
      for (const earlier of parts.slice(0, j)) this.notBefore(later, earlier, earlier.waitAfterHours);
    });
  }

  /** What a part's day counts, as terms and a constant; where it stands nowhere they come to nothing. */
  private measure(part: LayPart, of: (day: number) => number): Measured | undefined {
    const free = this.free.get(part.id);
    if (free) {
      const { n, slots } = free;
      // What it counts by its last slot, less what it counts less by each earlier one.
      const terms = slots.flatMap((s, i): Term[] => {
        const next = i + 1 < slots.length ? of(this.slots.day(slots[i + 1])) : 0;
        return [[of(this.slots.day(s)) - next, `y${n}_${s}`]];
      });
      return { terms: terms.filter(([much]) => much !== 0), constant: 0, out: [[1, `o${n}`]] };
    }
    const at = this.slotOf(part);
    return at === undefined ? undefined : { terms: [], constant: of(this.slots.day(at)), out: [] };
  }
}

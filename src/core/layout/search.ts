/**
 * Makes a lay-out better by the score: again and again a few lessons are lifted out, of one unit or of several about the same
 * days, and placed anew in another way; what is better stays. Large neighbourhood search (Shaw 1998). Anytime, and the same
 * for the same problem, effort and seed: effort is counted in trials, not in seconds.
 */
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { LayLesson, LayoutInput, LayPart, LayUnit } from './input';
import { leaveParts } from './as-it-stood';
import type { Schedule } from './schedule';
import { Insertion, type Asked, type Stood } from './insertion';
import { overPaceIn } from './over-pace';
import { scaleOf, score, WEIGHT, type PlaceOf, type Scale, type Score } from './score';
import type { Slot } from './slots';

export interface Effort {
  /** Slots that parts are tried on: at the most, and for each part that may be placed. */
  trials: number;
  perPart: number;
  /** Only parts that are out, late, moved or over the pace are seen to; or everything that the score counts. */
  for: 'what is wrong' | 'all';
}

/** Lessons of a unit that are lifted together, from the one to the other. */
interface Run {
  unit: LayUnit;
  from: number;
  to: number;
}

/** How lessons are placed again: each as cheap as it can be, rather early, or rather late. */
type Leaning = 'cheap' | 'early' | 'late';
const LEAN = { 'as it is': 0, cheap: 0, early: 1, late: -1 } as const;

/** How much worse, at the most, what is gone on from may be. Own choice. */
const SLACK = 300;

/** What is wrong in a lay-out, as one sum. */
const wrong = (s: Score): number =>
  s.out * WEIGHT.out +
  s.optionalOut * WEIGHT.optionalOut +
  s.overPace * WEIGHT.overPace +
  s.late * WEIGHT.late;

/** What the search is for, as one sum: what is wrong is not made right by moving more than it is worth. */
const goal = (s: Score, effort: Effort): number =>
  effort.for === 'all' ? s.total : wrong(s) + s.moved * WEIGHT.moved;

/** Where parts stand in a lay-out as it grows. */
const placesIn =
  (schedule: Schedule): PlaceOf =>
  (part) => {
    const slot = schedule.slotOf(part);
    return slot === undefined
      ? undefined
      : { day: schedule.slots.day(slot), window: schedule.slots.window(slot) };
  };

/** Looks for better places in a lay-out, and places what fits of a lesson that does not fit whole. */
export class Search {
  private readonly scale: Scale;
  private readonly random;
  private readonly ownSlots = new Map<string, Int32Array>();
  private trials = 0;
  private readonly overhead: number;
  private readonly units: readonly LayUnit[];
  private readonly firstSlot: ReadonlyMap<string, Slot>;
  private readonly placeOf: PlaceOf;

  constructor(
    private readonly schedule: Schedule,
    private readonly input: LayoutInput,
    seed: number,
  ) {
    this.scale = scaleOf(input);
    this.random = xoroshiro128plus(seed);
    const { slots } = schedule;
    this.placeOf = placesIn(schedule);
    this.overhead = Math.ceil(input.units.reduce((n, u) => n + u.lessons.length, 0) / 10);
    this.units = input.units.filter((u) => u.lessons.some((l) => l.parts.some((p) => this.isFree(p))));
    const today = slots.firstOf(slots.dayFrom(input.today));
    this.firstSlot = new Map(
      input.units.map((u) => [u.id, Math.max(today, slots.firstOf(slots.dayFrom(u.starts)))]),
    );
  }

  score(): Score {
    return score(this.scale, this.placeOf);
  }

  /** @returns whether something is better than it was */
  run(effort: Effort): boolean {
    const from = score(this.scale, this.placeOf);
    const isDone = (s: Score): boolean => (effort.for === 'all' ? s.total : wrong(s)) === 0;
    if (!this.units.length || isDone(from)) return false;
    const overPace = this.overPace();
    this.trials = 0;
    const all = this.units.map((unit): Run => ({ unit, from: 0, to: unit.lessons.length - 1 }));
    const started = this.standing(all);
    const most = Math.min(effort.trials, effort.perPart * [...this.partsOf(all)].length);
    let now = from;
    let best = from;
    let kept = started;
    while (this.trials < most && !isDone(best)) {
      const runs = this.neighbourhood(now);
      const stood = this.lift(runs);
      // To measure the whole takes as long as to try some slots.
      this.trials += this.overhead;
      if (!stood.length && !this.lacks(runs)) continue;
      this.place(runs, this.pick(['cheap', 'cheap', 'early', 'early', 'late'] as const));
      const next = score(this.scale, this.placeOf);
      // What is a little worse is gone on from as well, less and less of it: it may be on the way to something better.
      const slack = SLACK * (1 - this.trials / most) * (this.int(0, 100) / 100);
      if (next.total > now.total + slack || this.overPace() > overPace) {
        this.lift(runs);
        this.putBack(stood);
        continue;
      }
      now = next;
      if (goal(now, effort) < goal(best, effort)) {
        best = now;
        kept = this.standing(all);
      }
    }
    if (now !== best) {
      this.lift(all);
      this.putBack(kept);
    }
    return best !== from;
  }

  private standing(runs: readonly Run[]): Stood[] {
    return [...this.partsOf(runs)].flatMap((part) => {
      const slot = this.schedule.slotOf(part);
      return slot === undefined ? [] : [{ part, slot, reason: this.schedule.reasonOf(part)! }];
    });
  }

  private putBack(stood: readonly Stood[]): void {
    for (const { part, slot, reason } of stood) this.schedule.put(part, slot, reason);
  }

  /**
   * Lessons over the pace in weeks that keep it: those squeezed before something that stays, or before the year’s end, may go
   * over it, as in the check of a plan.
   */
  private overPace(): number {
    let over = 0;
    for (const unit of this.units) {
      if (unit.mostPerWeek === null) continue;
      const begun = new Map<number, { lessons: number; keeps: boolean }>();
      let isSqueezed = false;
      for (let i = unit.lessons.length - 1; i >= 0; i--) {
        let first = Infinity;
        for (const part of unit.lessons[i].parts) {
          first = Math.min(first, this.placeOf(part)?.day ?? Infinity);
          isSqueezed ||= part.fixedDate !== null || this.input.held.has(part.id);
        }
        if (first === Infinity) continue;
        const { week } = this.input.days[first];
        const was = begun.get(week) ?? { lessons: 0, keeps: false };
        begun.set(week, { lessons: was.lessons + 1, keeps: was.keeps || !isSqueezed });
      }
      over += overPaceIn(begun, unit.mostPerWeek, this.scale.weeks);
    }
    return over;
  }

  private int(from: number, to: number): number {
    return uniformInt(this.random, from, to);
  }

  private pick<T>(items: readonly T[]): T {
    return items[this.int(0, items.length - 1)];
  }

  /** A part that the lay-out places. */
  private mayPlace(part: LayPart): boolean {
    return !this.input.held.has(part.id) && part.fixedDate === null;
  }

  /** A part that may be placed anew: not one that stands where the parent has put it. */
  private isFree(part: LayPart): boolean {
    return this.mayPlace(part) && !(this.input.previous.get(part.id)?.byHand && this.schedule.stands(part));
  }

  /** A few lessons in a row of one unit, and often those of another unit about the same days. */
  private neighbourhood(now: Score): Run[] {
    const lacking = now.out + now.optionalOut && this.int(0, 1) ? this.pick(this.lacking()) : undefined;
    const unit = lacking?.unit ?? this.pick(this.units);
    const n = unit.lessons.length;
    const length = this.int(1, Math.min(n, this.int(0, 3) ? 6 : n));
    // Where something is out, about that; where something is late, more often the end of a unit.
    const isEnd = now.late && this.int(0, 2) === 0;
    let from = isEnd ? n - length : this.int(0, n - length);
    if (lacking) from = Math.min(n - length, Math.max(0, lacking.index - this.int(0, length - 1)));
    const runs: Run[] = [{ unit, from, to: from + length - 1 }];
    if (this.units.length > 1 && this.int(0, 1)) {
      const other = this.pick(this.units.filter((u) => u !== unit));
      const days = runs.flatMap((r) => this.daysOf(r));
      const [first, last] = [Math.min(...days), Math.max(...days)];
      const near = other.lessons.flatMap((_, i) => {
        const d = this.daysOf({ unit: other, from: i, to: i });
        return !d.length || (Math.min(...d) <= last && Math.max(...d) >= first) ? [i] : [];
      });
      if (near.length) {
        const begin = this.int(0, near.length - 1);
        const end = Math.min(near.length - 1, begin + this.int(0, 4));
        runs.push({ unit: other, from: near[begin], to: near[end] });
      }
    }
    return runs;
  }

  /** Lessons of which something has no place. */
  private lacking(): { unit: LayUnit; index: number }[] {
    return this.units.flatMap((unit) =>
      unit.lessons.flatMap((lesson, index) =>
        lesson.parts.some((p) => this.isFree(p) && !this.placeOf(p)) ? [{ unit, index }] : [],
      ),
    );
  }

  private daysOf({ unit, from, to }: Run): number[] {
    return unit.lessons
      .slice(from, to + 1)
      .flatMap((l) => l.parts.flatMap((p) => this.placeOf(p)?.day ?? []));
  }

  private *partsOf(runs: readonly Run[]): Generator<LayPart> {
    for (const { unit, from, to } of runs)
      for (let i = from; i <= to; i++)
        for (const part of unit.lessons[i].parts) if (this.isFree(part)) yield part;
  }

  private lift(runs: readonly Run[]): Stood[] {
    const stood: Stood[] = [];
    for (const part of this.partsOf(runs)) {
      const slot = this.schedule.slotOf(part);
      if (slot === undefined) continue;
      stood.push({ part, slot, reason: this.schedule.reasonOf(part)! });
      this.schedule.lift(part);
    }
    return stood;
  }

  private lacks(runs: readonly Run[]): boolean {
    for (const part of this.partsOf(runs)) if (this.schedule.slotOf(part) === undefined) return true;
    return false;
  }

  /** Places the lessons of runs again, those of several units in turn. */
  private place(runs: readonly Run[], leaning: Leaning): void {
    const next = runs.map((r) => r.from);
    for (;;) {
      const open = runs.map((_, i) => i).filter((i) => next[i] <= runs[i].to);
      if (!open.length) return;
      const i = this.pick(open);
      this.placeLesson(runs[i].unit, next[i]++, leaning);
    }
  }

  /** Puts a lesson's free parts where they cost least, in a way that is a little other each time. */
  placeLesson(unit: LayUnit, index: number, leaning: Leaning | 'as it is', keepsPace = false): void {
    const lesson = unit.lessons[index];
    const first = lesson.parts.find((p) => this.mayPlace(p) && !this.schedule.stands(p));
    if (!first) return;
    const isPaced = unit.lessonsPerWeek !== null || unit.wishedEnd !== null;
    const due = this.scale.ideal.get(unit.id)![index];
    const lean = LEAN[leaning] * this.pick([2, 8, 40, 120, 250]);
    const insertion = new Insertion(this.schedule, this.input, this.scale, {
      unit,
      index,
      ...this.bounds(unit, index, first),
      begun: this.begunIn(unit, index),
      due,
      dueWeek: isPaced ? (this.input.days[due]?.week ?? this.scale.weeks) : undefined,
      lean,
      leanAfter: this.int(0, 1) ? Math.max(0, lean) : 0,
      keepsPace,
      noise: () => (leaning === 'as it is' ? 0 : this.int(0, 8)),
      isFree: (p) => this.mayPlace(p),
      slotsOf: (p) => this.slotsOf(p),
    });
    const { stood, nodes } = insertion.best();
    this.trials += nodes;
    for (const { part, slot, reason } of stood) this.schedule.put(part, slot, reason);
  }

  /** Puts what of a lesson can stay where it stood there, whatever the pace would have. */
  leaveParts(unit: LayUnit, index: number): void {
    const { parts } = unit.lessons[index];
    const first = parts.find((p) => this.mayPlace(p) && !this.schedule.stands(p));
    if (!first) return;
    const { earliest, latest } = this.bounds(unit, index, first);
    leaveParts(this.schedule, parts, earliest, latest);
  }

  private slotsOf(part: LayPart): Int32Array {
    let own = this.ownSlots.get(part.id);
    if (!own) {
      const { schedule } = this;
      own = Int32Array.from({ length: schedule.slots.count }, (_, slot) => slot).filter((slot) =>
        schedule.mayStand(part, slot),
      );
      this.ownSlots.set(part.id, own);
    }
    return own;
  }

  /** Lessons of a unit, but for one, that begin in each week, and on each day. */
  private begunIn(unit: LayUnit, but: number): Asked['begun'] {
    const inWeek = new Map<number, number>();
    const onDay = new Map<number, number>();
    unit.lessons.forEach((lesson, i) => {
      if (i === but) return;
      let day = Infinity;
      for (const part of lesson.parts) day = Math.min(day, this.placeOf(part)?.day ?? Infinity);
      const week = this.input.days[day]?.week;
      if (week === undefined) return;
      inWeek.set(week, (inWeek.get(week) ?? 0) + 1);
      onDay.set(day, (onDay.get(day) ?? 0) + 1);
    });
    return { inWeek, onDay };
  }

  /** Between which slots a lesson of a unit may stand: after what comes before it, and before what stays after it. */
  private bounds(unit: LayUnit, index: number, first: LayPart): { earliest: Slot; latest: Slot } {
    const { schedule } = this;
    let earliest = Math.max(this.firstSlot.get(unit.id)!, schedule.slots.notBefore(first));
    for (let i = 0; i < index; i++) earliest = Math.max(earliest, this.chainEnd(unit.lessons[i]));
    let latest: Slot = Infinity;
    for (let i = index + 1; i < unit.lessons.length; i++)
      for (const part of unit.lessons[i].parts)
        latest = Math.min(latest, schedule.standsUntil(part) ?? Infinity);
    return { earliest, latest };
  }

  private chainEnd(lesson: LayLesson): Slot {
    let end = 0;
    for (const part of lesson.parts) {
      const slot = this.schedule.standsFrom(part);
      if (slot === undefined) continue;
      if (this.schedule.isAtSchool(slot)) end = Math.max(end, slot);
      if (part.waitAfterHours > 0) break;
    }
    return end;
  }
}

/**
 * Makes a lay-out better by the score: again and again a few lessons are lifted out, of one unit or of several about the same
 * days, and placed anew in another way; what is better stays. Large neighbourhood search (Shaw 1998). Anytime, and the same
 * for the same problem, effort and seed: effort is counted in trials, not in seconds.
 */
import { mayPlace, type LayoutInput, type LayPart, type LayUnit } from './problem';
import { leaveParts } from './as-it-stood';
import type { Schedule } from './schedule';
import { Insertion, type Asked, type Stood } from './insertion';
import { EVENING } from '../plan/words';
import { Chance, Neighbourhood, partsOf, type Run } from './neighbourhood';
import { overPaceIn } from './over-pace';
import { scaleOf, score, WEIGHT, type PlaceOf, type Scale, type Score } from './score';
import type { Slot } from './slots';

export interface Effort {
  /** Slots that parts are tried on: at the most, and for each part that may be placed. */
  trials: number;
  perPart: number;
  /** Only parts that are out, late, moved or over the pace are seen to; or everything that the score counts. */
  for: 'what is wrong' | 'all';
  /** How often it is begun anew, with other chances, while a part that is not optional has no place; once if not said. */
  tries?: number;
}

/** How lessons are placed again: each as cheap as it can be, rather early, or rather late. */
type Leaning = 'cheap' | 'early' | 'late';
const LEAN = { 'as it is': 0, cheap: 0, early: 1, late: -1 } as const;

interface How {
  leaning: Leaning | 'as it is';
  /** Whether a week may not have more lessons than the pace. */
  keepsPace?: boolean;
  /** Those of its parts that are placed. */
  which?: (part: LayPart) => boolean;
}

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
  private readonly chance: Chance;
  private readonly neighbourhood: Neighbourhood;
  private readonly ownSlots = new Map<string, Int32Array>();
  private trials = 0;
  private readonly overhead: number;
  private readonly units: readonly LayUnit[];
  private readonly firstSlot: ReadonlyMap<string, Slot>;
  private readonly placeOf: PlaceOf;
  /** Parts that hold nothing up: those that come after a wait in their lesson, and those that may be left out. */
  private readonly aside: ReadonlySet<string>;

  constructor(
    private readonly schedule: Schedule,
    private readonly input: LayoutInput,
    seed: number,
  ) {
    this.scale = scaleOf(input);
    this.chance = new Chance(seed);
    const { slots } = schedule;
    this.placeOf = placesIn(schedule);
    this.overhead = Math.ceil(input.units.reduce((n, u) => n + u.lessons.length, 0) / 10);
    this.units = input.units.filter((u) => u.lessons.some((l) => l.parts.some((p) => this.isFree(p))));
    this.neighbourhood = new Neighbourhood(this.units, this.placeOf, (p) => this.isFree(p), this.chance);
    const today = slots.firstOf(slots.dayFrom(input.today));
    this.aside = new Set(
      input.units.flatMap((u) =>
        u.lessons.flatMap(({ parts }) => {
          const wait = parts.findIndex((p) => p.waitAfterHours > 0);
          return parts.flatMap((p, i) => (p.optional || (wait >= 0 && i > wait) ? [p.id] : []));
        }),
      ),
    );
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
    const most = Math.min(effort.trials, effort.perPart * this.freeIn(all).length);
    let now = from;
    let best = from;
    let kept = started;
    while (this.trials < most && !isDone(best)) {
      const runs = this.neighbourhood.next(now);
      const stood = this.lift(runs);
      // To measure the whole takes as long as to try some slots.
      this.trials += this.overhead;
      if (!stood.length && !this.lacks(runs)) continue;
      this.place(runs, this.chance.pick(['cheap', 'cheap', 'early', 'early', 'late'] as const));
      const next = score(this.scale, this.placeOf);
      // What is a little worse is gone on from as well, less and less of it: it may be on the way to something better.
      const slack = SLACK * (1 - this.trials / most) * (this.chance.int(0, 100) / 100);
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
    return this.settle(best) !== from;
  }

  /** Puts each lesson by itself where it costs least: nothing stands elsewhere only because it was tried there. */
  private settle(from: Score): Score {
    const overPace = this.overPace();
    let now = from;
    for (const unit of this.units)
      for (let i = 0; i < unit.lessons.length; i++) {
        const run = [{ unit, from: i, to: i }];
        const stood = this.lift(run);
        this.placeLesson(unit, i, { leaning: 'as it is' });
        const next = score(this.scale, this.placeOf);
        if (next.total < now.total && this.overPace() <= overPace) now = next;
        else {
          this.lift(run);
          this.putBack(stood);
        }
      }
    return now;
  }

  private standing(runs: readonly Run[]): Stood[] {
    return this.freeIn(runs).flatMap((part) => {
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

  /** A part that may be placed anew: not one that stands where the parent has put it. */
  private isFree(part: LayPart): boolean {
    return (
      mayPlace(this.input, part) && !(this.input.previous.get(part.id)?.byHand && this.schedule.stands(part))
    );
  }

  private freeIn(runs: readonly Run[]): LayPart[] {
    return runs.flatMap((run) => partsOf(run).filter((p) => this.isFree(p)));
  }

  private lift(runs: readonly Run[]): Stood[] {
    const stood: Stood[] = [];
    for (const part of this.freeIn(runs)) {
      const slot = this.schedule.slotOf(part);
      if (slot === undefined) continue;
      stood.push({ part, slot, reason: this.schedule.reasonOf(part)! });
      this.schedule.lift(part);
    }
    return stood;
  }

  private lacks(runs: readonly Run[]): boolean {
    return this.freeIn(runs).some((part) => this.schedule.slotOf(part) === undefined);
  }

  /**
   * Places the lessons of runs again: those of several units in turn, or one unit after the other; and what holds nothing up
   * each with its lesson, or once all else stands.
   */
  private place(runs: readonly Run[], leaning: Leaning): void {
    const order = this.inSomeOrder(runs);
    if (this.aside.size && this.chance.int(0, 1))
      for (const { unit, index } of order)
        this.placeLesson(unit, index, { leaning, which: (p) => !this.aside.has(p.id) });
    for (const { unit, index } of order) this.placeLesson(unit, index, { leaning });
  }

  private inSomeOrder(runs: readonly Run[]): { unit: LayUnit; index: number }[] {
    const isInTurn = this.chance.int(0, 1) === 0;
    const next = runs.map((r) => r.from);
    const order: { unit: LayUnit; index: number }[] = [];
    let i = -1;
    for (;;) {
      const open = runs.map((_, n) => n).filter((n) => next[n] <= runs[n].to);
      if (!open.length) return order;
      if (isInTurn || !open.includes(i)) i = this.chance.pick(open);
      order.push({ unit: runs[i].unit, index: next[i]++ });
    }
  }

  /** Puts a lesson's free parts where they cost least, in a way that is a little other each time. */
  placeLesson(unit: LayUnit, index: number, { leaning, keepsPace = false, which = () => true }: How): void {
    const lesson = unit.lessons[index];
    const first = lesson.parts.find((p) => mayPlace(this.input, p) && which(p) && !this.schedule.stands(p));
    if (!first) return;
    const isPaced = unit.lessonsPerWeek !== null || unit.wishedEnd !== null;
    const due = this.scale.ideal.get(unit.id)![index];
    const lean = LEAN[leaning] * this.chance.pick([8, 40, 120, 250, 600]);
    const insertion = new Insertion(this.schedule, this.input, this.scale, {
      unit,
      index,
      ...this.bounds(unit, index, first),
      begun: this.begunIn(unit, index),
      due,
      dueWeek: isPaced ? (this.input.days[due]?.week ?? this.scale.weeks) : undefined,
      lean,
      leanAfter: this.chance.int(0, 1) ? Math.max(0, lean) : 0,
      keepsPace,
      noise: () => (leaning === 'as it is' ? 0 : this.chance.int(0, 8)),
      isFree: (p) => mayPlace(this.input, p) && which(p),
      slotsOf: (p) => this.slotsOf(p),
    });
    const { stood, nodes } = insertion.best();
    this.trials += nodes;
    for (const { part, slot, reason } of stood) this.schedule.put(part, slot, reason);
  }

  /** Puts what of a lesson can stay where it stood there, whatever the pace would have. */
  leaveParts(unit: LayUnit, index: number): void {
    const { parts } = unit.lessons[index];
    const first = parts.find((p) => mayPlace(this.input, p) && !this.schedule.stands(p));
    if (!first) return;
    const { earliest, latest } = this.bounds(unit, index, first);
    leaveParts(this.schedule, parts, earliest, latest);
  }

  private slotsOf(part: LayPart): Int32Array {
    // Parts with the same limits of their own have the same slots; most have none.
    const limits = `${part.weekday} ${part.latest} ${part.window === EVENING}`;
    let own = this.ownSlots.get(limits);
    if (!own) {
      const { schedule } = this;
      own = Int32Array.from({ length: schedule.slots.count }, (_, slot) => slot).filter((slot) =>
        schedule.mayStand(part, slot),
      );
      this.ownSlots.set(limits, own);
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
    for (let i = 0; i < index; i++) earliest = Math.max(earliest, schedule.chainEnd(unit.lessons[i]) ?? 0);
    let latest: Slot = Infinity;
    for (let i = index + 1; i < unit.lessons.length; i++)
      for (const part of unit.lessons[i].parts)
        latest = Math.min(latest, schedule.standsUntil(part) ?? Infinity);
    return { earliest, latest };
  }
}

/**
 * Makes a lay-out better by the score: again and again a few lessons are lifted out, of one unit or of several about the same
 * days, and placed anew in another way; what is better stays. Large neighbourhood search (Shaw 1998). Anytime, and the same
 * for the same problem, effort and seed: effort is counted in trials, not in seconds.
 */
import { mayPlace, type LayoutInput, type LayPart, type LayUnit } from './problem';
import type { Schedule } from './schedule';
import type { Stood } from './insertion';
import { Chance, Neighbourhood, partsOf, type Run } from './neighbourhood';
import { overPaceIn } from './over-pace';
import { placesIn, Placer, type How, type Leaning } from './placer';
import { scaleOf, score, WEIGHT, type PlaceOf, type Scale, type Score } from './score';

export interface Effort {
  /** Slots that parts are tried on: at the most, and for each part that may be placed. */
  trials: number;
  perPart: number;
  /** Only parts that are out, late, moved or over the pace are seen to; or everything that the score counts. */
  for: 'what is wrong' | 'all';
  /** How often it is looked for, with other chances, while a part that is not optional has no place; once if not said. */
  tries?: number;
}

/** How much worse, at the most, what is gone on from may be. Own choice. */
const SLACK = 300;
/** Lessons in a row that are pulled together, at the most. Own choice. */
const MOST_PULLED = 8;

/** What is wrong in a lay-out, as one sum. */
const wrong = (s: Score): number =>
  s.out * WEIGHT.out +
  s.optionalOut * WEIGHT.optionalOut +
  s.overPace * WEIGHT.overPace +
  s.late * WEIGHT.late;

/** What the search is for, as one sum: what is wrong is not made right by moving more than it is worth. */
const goal = (s: Score, effort: Effort): number =>
  effort.for === 'all' ? s.total : wrong(s) + s.moved * WEIGHT.moved;

/** Looks for better places in a lay-out, and places what fits of a lesson that does not fit whole. */
export class Search {
  private readonly scale: Scale;
  private readonly chance: Chance;
  private readonly neighbourhood: Neighbourhood;
  private readonly overhead: number;
  private readonly units: readonly LayUnit[];
  /** Puts single lessons. */
  readonly placer: Placer;
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
    this.placeOf = placesIn(schedule);
    this.placer = new Placer(schedule, input, this.scale, this.chance);
    this.overhead = Math.ceil(input.units.reduce((n, u) => n + u.lessons.length, 0) / 10);
    this.units = input.units.filter((u) => u.lessons.some((l) => l.parts.some((p) => this.isFree(p))));
    this.neighbourhood = new Neighbourhood(this.units, this.placeOf, (p) => this.isFree(p), this.chance);
    this.aside = new Set(
      input.units.flatMap((u) =>
        u.lessons.flatMap(({ parts }) => {
          const wait = parts.findIndex((p) => p.waitAfterHours > 0);
          return parts.flatMap((p, i) => (p.optional || (wait >= 0 && i > wait) ? [p.id] : []));
        }),
      ),
    );
  }

  score(): Score {
    return score(this.scale, this.placeOf);
  }

  /**
   * @param isAnew all that is free is lifted and placed again first, in another order of the units: what came of the first order is
   * left behind, and comes back where nothing better is found
   * @returns whether something is better than it was
   */
  run(effort: Effort, isAnew = false): boolean {
    const from = score(this.scale, this.placeOf);
    const isDone = (s: Score): boolean => (effort.for === 'all' ? s.total : wrong(s)) === 0;
    if (!this.units.length || isDone(from)) return false;
    const overPace = this.overPace();
    this.placer.tried = 0;
    const all = this.units.map((unit): Run => ({ unit, from: 0, to: unit.lessons.length - 1 }));
    const started = this.standing(all);
    const free = this.freeIn(all).length;
    const most = Math.min(effort.trials, effort.perPart * free);
    let now = isAnew ? this.placedAnew(from, all, started) : this.pulledTogether(from, most / 2);
    let best = goal(now, effort) > goal(from, effort) ? from : now;
    let kept = best === from ? started : this.standing(all);
    while (this.placer.tried < most && !isDone(best)) {
      const runs = this.neighbourhood.next(now);
      const stood = this.lift(runs);
      // To measure the whole takes as long as to try some slots; where nothing has room, to find that out does.
      this.placer.tried += isAnew ? free : this.overhead;
      if (!stood.length && !this.lacks(runs)) continue;
      this.place(runs, this.chance.pick(['cheap', 'cheap', 'early', 'early', 'late'] as const));
      const next = score(this.scale, this.placeOf);
      // What is a little worse is gone on from as well, less and less of it: it may be on the way to something better.
      const slack = SLACK * (1 - this.placer.tried / most) * (this.chance.int(0, 100) / 100);
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

  /** All placed again; as it stood, where that takes more lessons a week than the pace. */
  private placedAnew(from: Score, all: readonly Run[], stood: readonly Stood[]): Score {
    const overPace = this.overPace();
    this.lift(all);
    this.place(all, this.chance.pick(['early', 'late', 'cheap'] as const));
    if (this.overPace() <= overPace) return score(this.scale, this.placeOf);
    this.lift(all);
    this.putBack(stood);
    return from;
  }

  /**
   * Where a lesson lacks a place: some lessons that end with it each as early as they can be, or some that begin with it each as
   * late, whatever it moves. What it takes many steps to come to otherwise, each of which costs more than it gains.
   */
  private pulledTogether(from: Score, most: number): Score {
    const overPace = this.overPace();
    let now = from;
    if (!from.out) return now;
    for (const { run, others, order, how } of this.pulls()) {
      if (this.placer.tried > most) break;
      this.placer.tried += this.overhead;
      const runs = [run, ...others];
      const stood = this.lift(runs);
      for (const pass of how) for (const i of order) this.placer.placeLesson(run.unit, i, pass);
      if (others.length) this.place(others, 'cheap');
      now = this.better(now, overPace, runs, stood);
    }
    return now;
  }

  /** What can be pulled together: which lessons in which order and how, with what stands beside them lifted or left. */
  private *pulls(): Generator<{ run: Run; others: Run[]; order: number[]; how: How[] }> {
    for (const { unit, index } of this.neighbourhood.lacking())
      for (let length = 1; length <= MOST_PULLED; length++)
        for (const leaning of ['early', 'late'] as const) {
          const first = leaning === 'early' ? index - length + 1 : index;
          const run = { unit, from: first, to: first + length - 1 };
          if (run.from < 0 || run.to >= unit.lessons.length) continue;
          const order = Array.from({ length }, (_, i) => (leaning === 'early' ? run.from + i : run.to - i));
          const whole: How = { leaning, isPulled: true };
          const needed: How = { ...whole, which: (p) => !this.aside.has(p.id) };
          const beside = this.neighbourhood.beside(run);
          for (const others of beside.length ? [[], beside] : [[]])
            for (const how of [[whole], [needed, whole]]) yield { run, others, order, how };
        }
  }

  /** Puts each lesson by itself where it costs least: nothing stands elsewhere only because it was tried there. */
  private settle(from: Score): Score {
    const overPace = this.overPace();
    let now = from;
    for (const unit of this.units)
      for (let i = 0; i < unit.lessons.length; i++) {
        const run = [{ unit, from: i, to: i }];
        const stood = this.lift(run);
        this.placer.placeLesson(unit, i, { leaning: 'as it is' });
        now = this.better(now, overPace, run, stood);
      }
    return now;
  }

  /** The score of what stands now, where it is better than it was; else what stood of some runs is put back. */
  private better(was: Score, overPace: number, runs: readonly Run[], stood: readonly Stood[]): Score {
    const is = score(this.scale, this.placeOf);
    if (is.total < was.total && this.overPace() <= overPace) return is;
    this.lift(runs);
    this.putBack(stood);
    return was;
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
        this.placer.placeLesson(unit, index, { leaning, which: (p) => !this.aside.has(p.id) });
    for (const { unit, index } of order) this.placer.placeLesson(unit, index, { leaning });
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
}

/**
 * One lay-out as it is made: what stays is held, lessons are constructed one after the other in the order of their target days,
 * or left as they stood, and what closes each unit comes last.
 */
import type { Reason } from '../plan/plan';
import type { Layout, Placement, Unplaced } from './answer';
import type { LayoutInput, LayPart, LayUnit, Place } from './problem';
import { Schedule } from './schedule';
import { COST, isBetter, tryLesson, type Blocked, type Trial } from './trial';
import type { Keeps } from './pace';
import type { Slot } from './slots';
import type { Score } from './score';
import { Search, type Effort } from './search';
import { leaveAsItStood, type LeftOut } from './as-it-stood';
import { soonest, UnitQueue } from './unit-queue';

/** How far past its target a lesson is looked at, in school days, before the first day that will do is taken. */
const LOOK_AHEAD = 8;

const NEVER = { day: 'too-long', 'half-day': 'longer-than-half-day', presence: 'never-there' } as const;

/** The same problem is always looked at in the same way. */
const SEED = 1;

/** From which time on, of those it is looked for, all is placed in another order first. Own choice. */
const ANEW_FROM = 3;

const lessonPartsOf = ({ units }: LayoutInput): LayPart[] =>
  units.flatMap((u) => [...u.lessons.flatMap((l) => l.parts), ...u.closing]);

export class Scheduler {
  private readonly schedule: Schedule;
  private readonly unplaced: Unplaced[] = [];
  private readonly firstDay: number;
  private made?: Search;

  constructor(private readonly input: LayoutInput) {
    this.schedule = new Schedule(input);
    this.firstDay = this.schedule.slots.dayFrom(input.today);
  }

  /** Lays all lessons out, one after the other. */
  construct(effort: Effort): void {
    const { schedule, input } = this;
    this.holdAll();
    const queues = input.units.map((unit) => new UnitQueue(unit, input, schedule));
    for (;;) {
      const next = soonest(queues);
      if (!next) break;
      this.placeLesson(next);
    }
    if (!effort.trials) return;
    let isBetter = this.search.run(effort);
    for (let n = 1; n < (effort.tries ?? 1) && this.search.score().out; n++)
      isBetter = new Search(schedule, input, SEED + n).run(effort, n >= ANEW_FROM) || isBetter;
    if (isBetter) this.unplaced.splice(0, Infinity, ...this.unplacedNow());
  }

  /** Leaves the lessons where they stood; gives those that cannot stay there. */
  leaveAsItStood(): LeftOut[] {
    this.holdAll();
    return leaveAsItStood(this.schedule, this.input, this.schedule.slots.firstOf(this.firstDay), (lesson) =>
      this.schedule.chainEnd(lesson),
    );
  }

  /** Puts what could not stay where it stood between what does. */
  putBetween(leftOut: readonly LeftOut[]): void {
    for (const { unit, index } of leftOut) this.search.placer.leaveParts(unit, index);
    for (const { unit, index } of leftOut)
      this.search.placer.placeLesson(unit, index, { leaning: 'as it is', keepsPace: true });
    this.unplaced.push(...this.unplacedNow());
  }

  /** Whether a part that stood on a day stands on none. */
  hasLost(): boolean {
    return this.unplaced.some((u) => this.input.previous.has(u.partId));
  }

  /** Whether lessons that cannot stay are of units of which others do: their units are not drawn afresh. */
  goesOnWith(lessons: readonly LeftOut[]): boolean {
    return lessons.every(({ unit }) => lessons.filter((l) => l.unit === unit).length < unit.lessons.length);
  }

  /** Whether a part stands on an earlier day than it stood on. */
  bringsForward(): boolean {
    const { slots } = this.schedule;
    return [...this.input.previous].some(([id, { date }]) => {
      const slot = this.schedule.slotOf({ id });
      return slot !== undefined && slots.placeOf(slot).date < date;
    });
  }

  score(): Score {
    return this.search.score();
  }

  /** The lay-out, with what closes each unit. */
  finish(): Layout {
    const { schedule, input } = this;
    for (const unit of input.units) this.placeClosing(unit);
    const placements = [...input.dated, ...lessonPartsOf(input)].flatMap((part): Placement[] => {
      const slot = schedule.slotOf(part);
      if (slot !== undefined)
        return [{ partId: part.id, ...schedule.slots.placeOf(slot), reason: schedule.reasonOf(part)! }];
      const off = schedule.offPlace(part);
      return off ? [{ partId: part.id, ...off }] : [];
    });
    return { placements, unplaced: this.unplaced };
  }

  /** Puts what stays, what has a date, and what was put somewhere by hand. */
  private holdAll(): void {
    const { input } = this;
    const lessonParts = lessonPartsOf(input);
    for (const part of lessonParts) if (input.held.get(part.id)?.kind !== 'by-hand') this.hold(part);
    // After what stays, so that a part with a day but no window finds the one with room.
    for (const part of input.dated) this.hold(part);
    this.holdByHand(lessonParts);
  }

  /** Made when it is first needed: most lay-outs do without. */
  private get search(): Search {
    return (this.made ??= new Search(this.schedule, this.input, SEED));
  }

  /** What has no place after all: what had none before and has one now is not told of. */
  private unplacedNow(): Unplaced[] {
    const { schedule, input } = this;
    const known = new Map(this.unplaced.map((u) => [u.partId, u]));
    return input.units.flatMap((u) =>
      u.lessons.flatMap((l) =>
        l.parts.flatMap((part): Unplaced[] => {
          if (schedule.stands(part)) return [];
          const { block } = schedule.room(part, {
            from: schedule.slots.firstOf(this.firstDay),
            to: Infinity,
            keep: false,
            wish: false,
          });
          return [known.get(part.id) ?? { partId: part.id, why: 'no-room', block }];
        }),
      ),
    );
  }

  /** Puts a part that stays, or has a fixed date, where it must be. */
  private hold(part: LayPart): void {
    const { slots } = this.schedule;
    const held = this.input.held.get(part.id);
    const place = held ?? this.fixedPlace(part);
    if (!place) return;
    const reason: Reason = { kind: held?.kind ?? (part.comesBack ? 'comes-back' : 'fixed') };
    const day = slots.dayOn(place.date);
    if (day === undefined) this.schedule.putOff(part, place, reason);
    else this.schedule.put(part, slots.of(day, slots.windowNamed(place.window)), reason);
  }

  /** A fixed date with the wanted half-day, else the first one with room, else the morning. */
  private fixedPlace(part: LayPart): Place | undefined {
    const { slots } = this.schedule;
    if (!part.fixedDate) return undefined;
    const day = slots.dayOn(part.fixedDate);
    const roomy =
      part.window || day === undefined
        ? undefined
        : this.input.windows.find((_, w) => this.schedule.hasMinutes(part, slots.of(day, w)));
    return { date: part.fixedDate, window: part.window ?? roomy?.name ?? 'morning' };
  }

  /**
   * Parts put on a day by hand: in their half-day, or in another one of that day when theirs is full, if they can be
   * without pushing out what stands there; in their order.
   */
  private holdByHand(parts: readonly LayPart[]): void {
    const { schedule, input } = this;
    const byHand = parts.filter((p) => input.held.get(p.id)?.kind === 'by-hand');
    if (!byHand.length) return;
    const pencil = parts.flatMap((part) => {
      const slot =
        schedule.slotOf(part) === undefined && !byHand.includes(part) && schedule.previousSlot(part);
      return typeof slot === 'number' ? [{ part, slot }] : [];
    });
    let before: Slot = 0;
    for (const part of byHand) {
      const { date, window } = input.held.get(part.id)!;
      const day = schedule.slots.dayOn(date);
      if (day === undefined) {
        this.hold(part);
        continue;
      }
      const wanted = schedule.slots.of(day, schedule.slots.windowNamed(window));
      const after = schedule.slots.day(before) === day ? before : schedule.slots.firstOf(day);
      const others = input.windows.map((_, w) => schedule.slots.of(day, w)).filter((s) => s !== wanted);
      const choices = [wanted, ...others].filter((s) => s >= after);
      const hasRoom = (slot: Slot): boolean =>
        slot === wanted ? schedule.hasMinutesThere(part, slot) : schedule.hasMinutes(part, slot);
      for (const p of pencil) schedule.take(p.part, p.slot);
      const beside = choices.find(hasRoom);
      for (const p of pencil) schedule.take(p.part, p.slot, -1);
      const slot = beside ?? choices.find(hasRoom) ?? Math.max(wanted, after);
      schedule.put(part, slot, { kind: 'by-hand' });
      before = slot;
    }
  }

  /** What closes a unit stands after its last lesson, on the first days with room. */
  private placeClosing(unit: LayUnit): void {
    const { schedule } = this;
    const { slots } = schedule;
    let at = Math.max(slots.firstOf(this.firstDay), slots.firstOf(slots.dayFrom(unit.starts)));
    for (const lesson of unit.lessons)
      for (const part of lesson.parts) at = Math.max(at, (schedule.slotOf(part) ?? -1) + 1);
    for (const part of unit.closing) {
      if (schedule.stands(part) || this.isTooLong(part)) continue;
      const from = Math.max(at, slots.notBefore(part));
      const found = schedule.room(part, { from, to: Infinity, keep: true, wish: true });
      if (found.slot === undefined) {
        this.unplaced.push({ partId: part.id, why: 'no-room', block: found.block });
        continue;
      }
      at = found.slot;
      schedule.put(part, at, { kind: 'closes' });
    }
  }

  /** Whether a part fits on no day at all; it is then told so. */
  private isTooLong(part: LayPart): boolean {
    const lack = this.schedule.neverFits(part);
    if (lack)
      this.unplaced.push({
        partId: part.id,
        why: NEVER[lack.of],
        block: lack,
      });
    return lack !== undefined;
  }

  private placeLesson(queue: UnitQueue): void {
    const { lesson } = queue;
    const isFree = (p: LayPart): boolean => !this.schedule.stands(p);
    const parts = lesson.parts.filter((p) => !(isFree(p) && this.isTooLong(p)));
    if (parts.some(isFree)) this.placeParts(parts, queue);
    queue.advance(this.schedule.chainEnd(lesson));
  }

  private placeParts(parts: LayPart[], queue: UnitQueue): void {
    const { schedule, input } = this;
    const { slots } = schedule;
    const first = parts.find((p) => !schedule.stands(p))!;
    const earliest = Math.max(queue.lowerBound, slots.firstOf(this.firstDay), slots.notBefore(first));
    const earliestDay = slots.day(earliest);
    const lastDay = Math.min(input.days.length - 1, slots.day(queue.upperBound));
    const isBegun = schedule.stands(parts[0]);
    const isSqueezed = schedule.nextHeld(parts, -1) < Infinity || queue.upperBound < Infinity;
    const kept = this.keptDay(first, earliest);
    const due = isBegun ? earliestDay : (queue.standsFrom(parts) ?? Math.max(queue.target, earliestDay));
    const aim = kept !== undefined && (isBegun || queue.mayStay(kept)) ? kept : due;

    let best: Trial | undefined;
    let blocked: Blocked | undefined;
    const consider = (day: number, allowed: boolean): void => {
      if (!allowed || day > lastDay || day < earliestDay) return;
      const trial = tryLesson(schedule, input, parts, {
        day,
        aim,
        kept,
        earliest,
        latest: queue.upperBound,
        blocked,
      });
      if (!('placed' in trial)) blocked ??= trial;
      else if (isBetter(trial, best)) best = trial;
    };
    const allows = (day: number, keeps: Keeps): boolean => isBegun || queue.allows(day, keeps);

    // What can stay where it stands, stays; else the days around the one aimed at are tried.
    if (aim === kept) consider(kept, true);
    for (const { day, away } of this.around(aim, earliestDay, lastDay, kept === undefined)) {
      const isNearEnough = best && (away > LOOK_AHEAD || best.cost <= away * COST.day);
      if (best?.moved === 0 ? isNearEnough || kept !== undefined : best && away > LOOK_AHEAD) break;
      consider(day, allows(day, 'pace'));
    }
    // What stood on a day stays there rather than nowhere, though the pace would have it later.
    if (!best && kept !== undefined) consider(kept, true);
    if (!best && isSqueezed) {
      // Squeezed before something that stays: earlier days, then more lessons a week than the pace has, at last more a day.
      for (const keeps of ['pace', 'day', 'nothing'] as const)
        for (let day = Math.min(aim, lastDay); day >= earliestDay && !best; day--)
          consider(day, allows(day, keeps));
    }
    if (best) for (const { part, slot, reason } of best.placed) schedule.put(part, slot, reason);
    else {
      // It does not fit whole: what of it fits, stands.
      this.search.placer.placeLesson(queue.unit, queue.index, {
        leaning: 'as it is',
        keepsPace: !isSqueezed,
      });
      const why = aim >= input.days.length ? 'no-day' : 'no-room';
      const free = parts.filter((p) => !schedule.stands(p));
      this.unplaced.push(...free.map((p) => ({ partId: p.id, why, block: blocked?.by }) as const));
    }
  }

  /** School days from the one aimed at outwards: on to the last, and back within its week. */
  private *around(
    aim: number,
    earliest: number,
    last: number,
    backFirst: boolean,
  ): Generator<{ day: number; away: number }> {
    const { days } = this.input;
    for (let away = 0; aim + away <= last || away < 7; away++) {
      const back = aim - away;
      const on = aim + away;
      const isBack =
        away > 0 && back >= earliest && back < days.length && days[back].week === days[aim]?.week;
      const found = [...(isBack ? [back] : []), ...(on <= last ? [on] : [])];
      for (const day of backFirst ? found : found.reverse()) yield { day, away };
    }
  }

  /** The day a part stood on in the last lay-out, if it may still stand there. */
  private keptDay(part: LayPart, earliest: Slot): number | undefined {
    const slot = this.schedule.previousSlot(part);
    return slot !== undefined && slot >= earliest ? this.schedule.slots.day(slot) : undefined;
  }
}

/**
 * One lesson put among all that stands, where it costs least: branch and bound over the slots of its parts, in order. What a
 * part costs only grows as more of the lesson is placed, so that a beginning that costs more than the best whole is given up.
 */
import type { Reason } from '../plan/plan';
import type { LayoutInput, LayPart, LayUnit } from './problem';
import type { Schedule } from './schedule';
import { WEIGHT, type Scale } from './score';
import type { Slot } from './slots';

export interface Stood {
  part: LayPart;
  slot: Slot;
  reason: Reason;
}

export interface Asked {
  unit: LayUnit;
  /** Which lesson of it. */
  index: number;
  /** After what comes before it, and before what stays after it. */
  earliest: Slot;
  latest: Slot;
  /** Other lessons of the unit that begin in each week, and on each day. */
  begun: { inWeek: ReadonlyMap<number, number>; onDay: ReadonlyMap<number, number> };
  /** The day on which the pace alone would have it begin, and its week where weeks are to be even. */
  due: number;
  dueWeek: number | undefined;
  /** What a day later costs beside the score: more to stand early, less than nothing to stand late. */
  lean: number;
  /** The same for what follows its first part; never less than nothing. */
  leanAfter: number;
  /** Whether a week may not have more lessons than the pace; else each costs. */
  keepsPace: boolean;
  /** Something small by which days that are alike are told apart. */
  noise: () => number;
  isFree: (part: LayPart) => boolean;
  /** The slots that a part's own weekday, dates and window let it stand on, in order. */
  slotsOf: (part: LayPart) => Int32Array;
}

/** How far a lesson is placed: from where on the next part may stand, what it has cost, and the days of its chain. */
interface SoFar {
  at: Slot;
  cost: number;
  first: number | undefined;
  last: number;
  waitedFor: LayPart | undefined;
}

/** School days after the part before it on which the next one is looked for. Own choice. */
const REACH = 6;
/** Slots tried before the best so far is taken. Own choice. */
const MOST_NODES = 400;

export class Insertion {
  private readonly parts: readonly LayPart[];
  private readonly chosen: (Slot | undefined)[];
  private bestCost = Infinity;
  private bestSlots: (Slot | undefined)[] = [];
  private nodes = 0;
  private readonly dayNoise = new Map<number, number>();

  constructor(
    private readonly schedule: Schedule,
    private readonly input: LayoutInput,
    private readonly scale: Scale,
    private readonly asked: Asked,
  ) {
    this.parts = asked.unit.lessons[asked.index].parts;
    this.chosen = new Array<Slot | undefined>(this.parts.length);
  }

  /** Where the free parts stand that have a place, and how many slots were tried. */
  best(): { stood: Stood[]; nodes: number } {
    this.go(0, { at: this.asked.earliest, cost: 0, first: undefined, last: 0, waitedFor: undefined });
    const stood: Stood[] = [];
    let opens = true;
    let waitedFor: LayPart | undefined;
    this.parts.forEach((part, i) => {
      const slot = this.bestSlots[i];
      if (slot !== undefined) stood.push({ part, slot, reason: this.why(part, slot, opens, waitedFor) });
      if (slot !== undefined || this.schedule.stands(part)) {
        opens = false;
        if (part.waitAfterHours > 0) waitedFor = part;
      }
    });
    return { stood, nodes: this.nodes };
  }

  private why(part: LayPart, slot: Slot, opens: boolean, waitedFor: LayPart | undefined): Reason {
    const was = this.schedule.previousSlot(part);
    if (waitedFor) return { kind: 'wait', of: waitedFor.id, date: this.schedule.slots.placeOf(slot).date };
    if (!opens) return { kind: 'with-lesson' };
    const { slots } = this.schedule;
    if (slot === was && this.input.previous.get(part.id)?.byHand) return { kind: 'by-hand' };
    return { kind: was !== undefined && slots.day(was) === slots.day(slot) ? 'kept' : 'pace' };
  }

  private go(i: number, so: SoFar): void {
    if (so.cost >= this.bestCost) return;
    if (i === this.parts.length) {
      this.bestCost = so.cost;
      this.bestSlots = [...this.chosen];
      return;
    }
    const part = this.parts[i];
    const { schedule, asked } = this;
    const { slots } = schedule;
    if (schedule.offPlace(part)) {
      const waits = part.waitAfterHours > 0;
      const from = waits ? schedule.afterWaitFor(part) : schedule.standsFrom(part)!;
      this.go(i + 1, { ...so, at: Math.max(so.at, from), waitedFor: waits ? part : so.waitedFor });
      return;
    }
    const stands = schedule.slotOf(part);
    if (stands !== undefined) {
      if (stands < so.at && schedule.binds(part)) return;
      this.go(i + 1, this.after(part, stands, so, 0));
      return;
    }
    if (!asked.isFree(part)) {
      this.go(i + 1, so);
      return;
    }
    const from = Math.max(so.at, slots.notBefore(part));
    const bound = Math.min(
      schedule.nextHeld(this.parts, i),
      so.waitedFor ? Infinity : asked.latest,
      slots.count - 1,
    );
    const to = so.first === undefined ? bound : Math.min(bound, slots.lastOf(slots.day(from) + REACH));
    const tried = this.inOrder(part, from, to, so);
    for (const { slot, cost } of tried) {
      if (so.cost + cost >= this.bestCost) break;
      // With the time gone, what has no place yet is left without.
      if (++this.nodes > MOST_NODES) break;
      if (!schedule.hasMinutesThere(part, slot)) continue;
      schedule.take(part, slot);
      this.chosen[i] = slot;
      this.go(i + 1, this.after(part, slot, so, cost));
      schedule.take(part, slot, -1);
      this.chosen[i] = undefined;
    }
    // Or it has no place.
    this.go(i + 1, { ...so, cost: so.cost + (part.optional ? WEIGHT.optionalOut : WEIGHT.out) });
  }

  private after(part: LayPart, slot: Slot, so: SoFar, cost: number): SoFar {
    const { slots } = this.schedule;
    const waits = part.waitAfterHours > 0;
    return {
      at: Math.max(so.at, slot, waits ? this.schedule.afterWaitFor(part, slot) : 0),
      cost: so.cost + cost,
      first: so.waitedFor ? so.first : (so.first ?? slots.day(slot)),
      last: so.waitedFor ? so.last : Math.max(so.last, slots.day(slot)),
      waitedFor: waits ? part : so.waitedFor,
    };
  }

  /** The slots of a stretch with what a part costs on each, the cheapest first. */
  private inOrder(part: LayPart, from: Slot, to: Slot, so: SoFar): { slot: Slot; cost: number }[] {
    const { slots } = this.schedule;
    const was = this.schedule.previousSlot(part);
    const wanted = part.window ? slots.windowNamed(part.window) : -1;
    const found: { slot: Slot; cost: number }[] = [];
    const own = this.asked.slotsOf(part);
    let day = -1;
    let onDay = 0;
    for (let i = atOrAfter(own, from); i < own.length && own[i] <= to; i++) {
      const slot = own[i];
      if (slots.day(slot) !== day) {
        day = slots.day(slot);
        onDay = this.dayCost(day, so);
      }
      let cost = onDay;
      if (wanted >= 0 && slots.window(slot) !== wanted) cost += WEIGHT.window;
      if (was !== undefined && was !== slot) cost += slots.day(was) === day ? WEIGHT.shifted : WEIGHT.moved;
      if (so.cost + cost < this.bestCost) found.push({ slot, cost });
    }
    return found.sort((a, b) => a.cost - b.cost || a.slot - b.slot);
  }

  /** What it costs that a part of the lesson stands on a day, after what of it stands already. */
  private dayCost(day: number, so: SoFar): number {
    const { asked, input, scale } = this;
    const { days } = input;
    const ends = scale.ends.get(asked.unit.id)!;
    const lastDay = so.first === undefined ? -1 : so.last;
    let cost = 0;
    if (day > lastDay)
      cost += WEIGHT.late * (Math.max(0, day - ends.last) - Math.max(0, lastDay - ends.last));
    if (so.first === undefined) {
      if (!this.dayNoise.has(day)) this.dayNoise.set(day, asked.noise());
      // Counted from the first day, or back from the last: no day costs less than nothing.
      cost += this.dayNoise.get(day)! + asked.lean * (day - (asked.lean < 0 ? days.length : 0));
      const { week } = days[day];
      cost += WEIGHT.aim * Math.abs(day - asked.due);
      if (asked.dueWeek !== undefined) cost += 2 * WEIGHT.uneven * Math.abs(week - asked.dueWeek);
      const { mostPerWeek } = asked.unit;
      if (mostPerWeek !== null && (asked.begun.inWeek.get(week) ?? 0) >= mostPerWeek)
        cost += asked.keepsPace ? Infinity : WEIGHT.overPace;
      if ((asked.begun.onDay.get(day) ?? 0) >= scale.perDay.get(asked.unit.id)!) cost += WEIGHT.crowded;
    } else if (!so.waitedFor && day > so.last) {
      cost += asked.leanAfter * (day - so.last);
      cost += WEIGHT.spread * (day - so.last);
      cost += WEIGHT.overWeekend * (days[day].week - days[so.last].week);
      cost += WEIGHT.overBreak * (days[day].block - days[so.last].block);
    }
    if (asked.index === asked.unit.lessons.length - 1 && day > lastDay)
      cost += WEIGHT.finish * (Math.max(0, day - ends.due) - Math.max(0, lastDay - ends.due));
    return cost;
  }
}

/** Where in an ordered list the first value from one on stands. */
function atOrAfter(list: Int32Array, from: number): number {
  let [low, high] = [0, list.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (list[middle] < from) low = middle + 1;
    else high = middle;
  }
  return low;
}

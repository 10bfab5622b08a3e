/** The lessons of a unit on their way into the lay-out. */
import type { LayLesson, LayoutInput, LayPart, LayUnit } from './problem';
import { Pace, type Keeps } from './pace';
import type { Schedule } from './schedule';
import type { Slot } from './slots';

/** One unit's lessons waiting to be placed, with the bounds that those already standing put on the next one. */
export class UnitQueue {
  lowerBound: Slot;
  private next = 0;
  private readonly pace: Pace;
  /** The day each lesson that stands, in whole or in part, is counted on. */
  private readonly beganOn: (number | undefined)[];
  /** Latest slot for each lesson: the first slot held in any later one. */
  private readonly latest: Slot[];
  private readonly windowCount: number;

  constructor(
    readonly unit: LayUnit,
    input: LayoutInput,
    private readonly schedule: Schedule,
  ) {
    this.pace = new Pace(unit, input.days);
    this.windowCount = input.windows.length;
    this.lowerBound = this.pace.firstDay * this.windowCount;
    const firsts = unit.lessons.map((_, i) => this.firstSlot(i));
    this.beganOn = firsts.map((s) => (s === undefined ? undefined : Math.floor(s / this.windowCount)));
    this.latest = new Array<Slot>(unit.lessons.length);
    let bound: Slot = Infinity;
    for (let i = unit.lessons.length - 1; i >= 0; i--) {
      this.latest[i] = bound;
      const slot = firsts[i];
      const stood = unit.lessons[i].parts.flatMap((p) => schedule.previousSlot(p) ?? []);
      // What stays stood there as well, unless it was put there just now.
      const isPut = unit.lessons[i].parts.some((p) => input.held.get(p.id)?.kind === 'by-hand');
      if (stood.length || (slot !== undefined && !isPut))
        this.pace.begunBefore(Math.floor(Math.min(slot ?? Infinity, ...stood) / this.windowCount));
      for (const part of unit.lessons[i].parts)
        bound = Math.min(bound, schedule.standsUntil(part) ?? Infinity);
      if (slot === undefined) continue;
      this.pace.begins(Math.floor(slot / this.windowCount));
    }
  }

  private firstSlot(index: number): Slot | undefined {
    const slots = this.unit.lessons[index].parts
      .map((p) => this.schedule.slotOf(p))
      .filter((s) => s !== undefined);
    return slots.length ? Math.min(...slots) : undefined;
  }

  get done(): boolean {
    return this.next >= this.unit.lessons.length;
  }

  /** The place of the next lesson in its unit, from 0. */
  get index(): number {
    return this.next;
  }

  get lesson(): LayLesson {
    return this.unit.lessons[this.next];
  }

  get upperBound(): Slot {
    return this.latest[this.next];
  }

  /** The school day on which the pace puts the next lesson. */
  get target(): number {
    return this.pace.target(this.next, Math.floor(this.lowerBound / this.windowCount));
  }

  /** Whether the pace lets the next lesson begin on a day. One that stands already in part has been counted. */
  allows(day: number, keeps: Keeps = 'pace'): boolean {
    return this.beganOn[this.next] !== undefined || this.pace.allows(day, keeps);
  }

  /** Whether the next lesson may stay on the day it stood on: as many lessons began then, and the week keeps the pace. */
  mayStay(day: number): boolean {
    return this.beganOn[this.next] !== undefined || this.pace.letsStay(day, this.upperBound < Infinity);
  }

  /** The day of the first part that stays, when the next lesson has one. */
  standsFrom(parts: readonly LayPart[]): number | undefined {
    const slots = parts.map((p) => this.schedule.slotOf(p)).filter((s) => s !== undefined);
    return slots.length ? Math.floor(Math.min(...slots) / this.windowCount) : undefined;
  }

  /** Goes on to the next lesson, which may not begin before this one's chain ends. */
  advance(chainEnd: Slot | undefined): void {
    const first = this.firstSlot(this.next);
    const day = first === undefined ? undefined : Math.floor(first / this.windowCount);
    const counted = this.beganOn[this.next];
    // One that stood in part may begin earlier now than the part that stood.
    if (counted !== undefined && counted !== day) this.pace.begins(counted, -1);
    if (day !== undefined && counted !== day) this.pace.begins(day);
    if (chainEnd !== undefined) this.lowerBound = Math.max(this.lowerBound, chainEnd);
    this.next++;
  }
}

/** The queue whose next lesson is due first; undefined when all are done. */
export function soonest(queues: readonly UnitQueue[]): UnitQueue | undefined {
  let best: { queue: UnitQueue; target: number } | undefined;
  for (const queue of queues) {
    if (queue.done) continue;
    const target = queue.target;
    if (!best || target < best.target) best = { queue, target };
  }
  return best?.queue;
}

/** The lessons of a unit on their way into the lay-out. */
import type { LayLesson, LayoutInput, LayPart, LayUnit } from './input';
import { Pace, type Keeps } from './pace';

/** A moment in the plan: school day × windows + window. Order in number is order in time. */
export type Slot = number;

/** One unit's lessons waiting to be placed, with the bounds that those already standing put on the next one. */
export class UnitQueue {
  lowerBound: Slot;
  private next = 0;
  private readonly pace: Pace;
  private readonly standing: boolean[];
  /** Latest slot for each lesson: the first slot held in any later one. */
  private readonly latest: Slot[];

  constructor(
    private readonly unit: LayUnit, input: LayoutInput, private readonly slotOf: (part: LayPart) => Slot | undefined,
    binds: (part: LayPart) => boolean, private readonly windowCount: number,
  ) {
    this.pace = new Pace(unit, input.days);
    this.lowerBound = this.pace.firstDay * windowCount;
    const firsts = unit.lessons.map((_, i) => this.firstSlot(i));
    this.standing = firsts.map((slot) => slot !== undefined);
    this.latest = new Array<Slot>(unit.lessons.length);
    let bound: Slot = Infinity;
    for (let i = unit.lessons.length - 1; i >= 0; i--) {
      this.latest[i] = bound;
      const slot = firsts[i];
      if (slot === undefined) continue;
      bound = Math.min(bound, this.firstSlot(i, binds) ?? Infinity);
      this.pace.begins(Math.floor(slot / windowCount));
    }
  }

  private firstSlot(index: number, counts: (part: LayPart) => boolean = () => true): Slot | undefined {
    const slots = this.unit.lessons[index].parts.filter(counts).map(this.slotOf).filter((s) => s !== undefined);
    return slots.length ? Math.min(...slots) : undefined;
  }

  get done(): boolean {
    return this.next >= this.unit.lessons.length;
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
    return this.standing[this.next] || this.pace.allows(day, keeps);
  }

  /** The day of the first part that stays, when the next lesson has one. */
  standsFrom(parts: readonly LayPart[]): number | undefined {
    const slots = parts.map(this.slotOf).filter((s) => s !== undefined);
    return slots.length ? Math.floor(Math.min(...slots) / this.windowCount) : undefined;
  }

  /** Goes on to the next lesson, which may not begin before this one's chain ends. */
  advance(chainEnd: Slot | undefined): void {
    const first = this.firstSlot(this.next);
    if (first !== undefined && !this.standing[this.next]) this.pace.begins(Math.floor(first / this.windowCount));
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

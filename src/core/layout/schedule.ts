/** A lay-out as it grows: where parts stand, what room is left, and who has none. */
import { servesFor } from '../calendar/school-days';
import type { Reason } from '../plan/plan';
import { EVENING } from '../plan/words';
import type { LayLesson, LayoutInput, LayPart, Place } from './problem';
import { Ledger, type Lack } from './ledger';
import { Slots, type Slot } from './slots';

/** Why a part cannot stand somewhere: someone's minutes, or its own weekday and dates. */
export type Block = Lack | 'own-limits';

/** Where to look for a part: among which slots, and whether first where it stood and in the half-day it wants. */
export interface Search {
  from: Slot;
  to: Slot;
  keep: boolean;
  wish: boolean;
}

export class Schedule {
  readonly slots: Slots;
  private readonly ledger: Ledger;
  private readonly slotById = new Map<string, Slot>();
  private readonly reasonById = new Map<string, Reason>();
  private readonly off = new Map<string, Place & { reason: Reason }>();

  constructor(private readonly input: LayoutInput) {
    this.ledger = new Ledger(input);
    this.slots = new Slots(input);
  }

  slotOf(part: Pick<LayPart, 'id'>): Slot | undefined {
    return this.slotById.get(part.id);
  }

  reasonOf(part: LayPart): Reason | undefined {
    return this.reasonById.get(part.id);
  }

  /** Puts a part on a slot for good. */
  put(part: LayPart, slot: Slot, reason: Reason): void {
    this.take(part, slot);
    this.slotById.set(part.id, slot);
    // What stands where the parent has put it stands there for that reason, whatever else would have it there.
    const isByHand = this.input.previous.get(part.id)?.byHand && slot === this.previousSlot(part);
    this.reasonById.set(part.id, isByHand && reason.kind !== 'done' ? { kind: 'by-hand' } : reason);
  }

  /** Puts a part that stays on a day without school: it takes no room, and holds its place in the order. */
  putOff(part: LayPart, { date, window }: Place, reason: Reason): void {
    this.off.set(part.id, { date, window, reason });
    this.reasonById.set(part.id, reason);
  }

  /** Where a part stands that stays on a day without school. */
  offPlace(part: LayPart): (Place & { reason: Reason }) | undefined {
    return this.off.get(part.id);
  }

  /** Whether a part stands already, on a school day or not. */
  stands(part: LayPart): boolean {
    return this.slotById.has(part.id) || this.off.has(part.id);
  }

  /** The slot from which on what comes after a part that stands may stand: its own, or the first after a day without school. */
  standsFrom(part: LayPart): Slot | undefined {
    const off = this.off.get(part.id);
    return off ? this.slots.firstOf(this.slots.dayFrom(off.date)) : this.slotOf(part);
  }

  /** The last slot for what comes before a part that stands; undefined where it bounds nothing. */
  standsUntil(part: LayPart): Slot | undefined {
    const from = this.standsFrom(part);
    if (from === undefined || !this.binds(part)) return undefined;
    return this.off.has(part.id) ? from - 1 : from;
  }

  /** The first slot for what waits for a part that stands, or would stand on a slot. */
  afterWaitFor(part: LayPart, slot?: Slot): Slot {
    const off = this.off.get(part.id);
    return this.slots.afterWait(off ?? this.slots.placeOf(slot!), part.waitAfterHours);
  }

  /** Takes a part off its slot again. */
  lift(part: LayPart): void {
    const slot = this.slotById.get(part.id);
    if (slot === undefined) return;
    this.take(part, slot, -1);
    this.slotById.delete(part.id);
    this.reasonById.delete(part.id);
  }

  /** Takes a part's minutes on a slot (sign 1), or gives them back (sign −1). */
  take(part: LayPart, slot: Slot, sign: 1 | -1 = 1): void {
    this.ledger.take(part, this.slots.day(slot), this.slots.window(slot), sign);
  }

  neverFits(part: LayPart): Lack | undefined {
    return this.ledger.neverFits(part, part.window === EVENING ? 'evening' : 'school');
  }

  /** Where a part stood in the last lay-out, if that day is still a school day. */
  previousSlot(part: LayPart): Slot | undefined {
    const place = this.input.previous.get(part.id);
    return place && this.slots.at(place);
  }

  /** Whether a part that stays bounds what comes before it. What was done before its turn, or lies in days gone by, does not. */
  binds(part: LayPart): boolean {
    const kind = this.reasonById.get(part.id)?.kind;
    return kind !== 'done' && kind !== 'unticked';
  }

  /** The last slot that a later part of the same lesson, which stays, leaves for what comes before it; `Infinity` where there is none. */
  nextHeld(parts: readonly LayPart[], index: number): Slot {
    for (let i = index + 1; i < parts.length; i++) {
      const until = this.standsUntil(parts[i]);
      if (until !== undefined) return until;
    }
    return Infinity;
  }

  /**
   * The first slot with room in a stretch: where the part stood before, else the wanted half-day of a day, else any.
   * With it, or without any, what stood in the way on the first day that had no room.
   */
  room(part: LayPart, { from, to, keep, wish }: Search): { slot?: Slot; block?: Block } {
    const end = Math.min(to, this.slots.count - 1);
    const was = keep ? this.previousSlot(part) : undefined;
    if (was !== undefined && was >= from && was <= end && !this.blockAt(part, was)) return { slot: was };
    let block: Block | undefined;
    for (let day = this.slots.day(from); this.slots.firstOf(day) <= end; day++) {
      const onDay = this.roomOn(part, day, from, end, wish);
      if (onDay.slot !== undefined) return { slot: onDay.slot, block };
      block ??= onDay.block;
    }
    return { block };
  }

  private roomOn(
    part: LayPart,
    day: number,
    from: Slot,
    end: Slot,
    wish: boolean,
  ): { slot?: Slot; block?: Block } {
    const first = Math.max(from, this.slots.firstOf(day));
    const last = Math.min(end, this.slots.lastOf(day));
    const wanted = wish && part.window ? this.slots.of(day, this.slots.windowNamed(part.window)) : undefined;
    let block: Block | undefined;
    const fits = (slot: Slot): boolean => {
      const at = this.blockAt(part, slot);
      // A full day says more than a full half-day, and that more than a window it is not for.
      if (at && (!block || block === 'own-limits' || (at !== 'own-limits' && at.of === 'day'))) block = at;
      return !at;
    };
    if (wanted !== undefined && wanted >= first && wanted <= last && fits(wanted)) return { slot: wanted };
    for (let slot = first; slot <= last; slot++) if (slot !== wanted && fits(slot)) return { slot };
    return { block };
  }

  /** Whether a part's own weekday, dates and window let it stand on a slot. */
  mayStand(part: LayPart, slot: Slot): boolean {
    const day = this.slots.day(slot);
    if (part.weekday !== null && !servesFor(this.input.days, day, part.weekday)) return false;
    if (part.latest !== null && this.input.days[day].date > part.latest) return false;
    return this.mayUse(part, this.slots.window(slot));
  }

  private blockAt(part: LayPart, slot: Slot): Block | undefined {
    const day = this.slots.day(slot);
    if (!this.mayStand(part, slot)) return 'own-limits';
    return this.ledger.lack(part, day, this.slots.window(slot));
  }

  /** The last slot of what of a lesson holds up the next one; undefined where nothing of it stands at school. */
  chainEnd({ parts }: LayLesson): Slot | undefined {
    let end: Slot | undefined;
    for (const part of parts) {
      const slot = this.standsFrom(part);
      if (slot === undefined) continue;
      // The evening holds nothing up: the next lesson may begin in school before it.
      if (this.isAtSchool(slot)) end = Math.max(end ?? 0, slot);
      if (part.waitAfterHours > 0) break;
    }
    return end;
  }

  isAtSchool(slot: Slot): boolean {
    return this.input.windows[this.slots.window(slot)].atSchool;
  }

  /** What is for the evening stands in the evening, and nothing else does unless it was put there. */
  private mayUse(part: LayPart, window: number): boolean {
    return this.input.windows[window].atSchool === (part.window !== EVENING);
  }

  /** Whether nobody lacks the minutes for a part on a slot, whatever window it is for. */
  hasMinutesThere(part: LayPart, slot: Slot): boolean {
    return !this.ledger.lack(part, this.slots.day(slot), this.slots.window(slot));
  }

  /** Whether a part may stand in a slot's window and nobody lacks the minutes for it there. */
  hasMinutes(part: LayPart, slot: Slot): boolean {
    return (
      this.mayUse(part, this.slots.window(slot)) &&
      !this.ledger.lack(part, this.slots.day(slot), this.slots.window(slot))
    );
  }
}

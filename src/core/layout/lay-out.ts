/**
 * The lay-out: a date and a window for every part, with the reason it stands there.
 *
 * Hard: lessons of a unit begin in order; parts of a lesson keep their order; waits pass; inked, done and
 * hand-placed parts stay; no part on a closed day, before its unit, or (in pencil) before today; no child's
 * and not the parent's minutes exceeded, of the day or of the window; fixed dates and weekdays; earliest and latest days.
 * Soft, in this order: few changes against the last lay-out; even weeks; a lesson in one piece, not over a
 * weekend or a break; the wanted window.
 *
 * What comes after a wait does not hold up the next lesson: while the skeins dry, teaching goes on.
 * The method is constructive: lessons are taken in the order of their target days, each is tried on the days
 * around its target, and the cheapest trial is kept. Same input, same answer.
 */
import { servesFor } from '../calendar/school-days';
import type { IsoDate } from '../plan/measures';
import type { Reason } from '../plan/plan';
import type { LayLesson, LayoutInput, LayPart, LayUnit, Place } from './input';
import { Ledger } from './ledger';
import type { Keeps } from './pace';
import { Slots } from './slots';
import { soonest, UnitQueue, type Slot } from './unit-queue';

export interface Placement extends Place {
  partId: string;
  reason: Reason;
}

export interface Unplaced {
  partId: string;
  /** `too-long`: fits on no day; `no-room`: no day left with room; `no-day`: no school day left at all. */
  why: 'too-long' | 'no-room' | 'no-day';
  /** Who lacks the minutes: a child's id or `parent`. */
  of?: string;
}

export interface Layout {
  placements: Placement[];
  unplaced: Unplaced[];
}

/** How far past its target a lesson is looked at, in school days, before the first day that will do is taken. */
const LOOK_AHEAD = 8;
const COST = { day: 3, spread: 2, overWeekend: 6, overBreak: 10, window: 1 };

interface Trial {
  cost: number;
  placed: { part: LayPart; slot: Slot; reason: Reason }[];
}

/** Who had no room for a part, on which school day. */
interface Blocked {
  by?: string;
  day: number;
}

interface Attempt {
  /** School day on which the first free part must stand. */
  day: number;
  aim: number;
  kept: number | undefined;
  earliest: Slot;
  latest: Slot;
  /** What stood in the way on the day aimed at. */
  blocked: Blocked | undefined;
}

export function layOut(input: LayoutInput): Layout {
  return new Drawing(input).draw();
}

class Drawing {
  private readonly ledger: Ledger;
  private readonly slotOf = new Map<string, Slot>();
  private readonly reasonOf = new Map<string, Reason>();
  private readonly unplaced: Unplaced[] = [];
  private readonly slots: Slots;
  /** Held parts on days that are no longer school days: kept, outside the ledger. */
  private readonly offCalendar = new Map<string, Placement>();
  private readonly firstDay: number;

  constructor(private readonly input: LayoutInput) {
    this.ledger = new Ledger(input);
    this.slots = new Slots(input);
    this.firstDay = this.slots.dayFrom(input.today);
  }

  draw(): Layout {
    const lessonParts = this.input.units.flatMap((u) => [...u.lessons.flatMap((l) => l.parts), ...u.closing]);
    for (const part of lessonParts) this.hold(part);
    // After what stays, so that a part with a day but no window finds the one with room.
    for (const part of this.input.dated) this.hold(part);
    const queues = this.input.units.map((unit) => new UnitQueue(unit, this.input, (part) => this.slotOf.get(part.id), (part) => this.binds(part), this.slots.windows));
    for (;;) {
      const next = soonest(queues);
      if (!next) break;
      this.placeLesson(next);
    }
    for (const unit of this.input.units) this.placeClosing(unit);
    const placements = [...this.input.dated, ...lessonParts].flatMap((part): Placement[] => {
      const slot = this.slotOf.get(part.id);
      const off = this.offCalendar.get(part.id);
      return slot !== undefined ? [{ partId: part.id, ...this.slots.placeOf(slot), reason: this.reasonOf.get(part.id)! }] : off ? [off] : [];
    });
    return { placements, unplaced: this.unplaced };
  }

  /** Puts a part that stays, or has a fixed date, where it must be. */
  private hold(part: LayPart): void {
    const held = this.input.held.get(part.id);
    const place = held ?? (part.fixedDate ? { date: part.fixedDate, window: part.window ?? this.roomyWindow(part, part.fixedDate) } : undefined);
    if (!place) return;
    const reason: Reason = { kind: held?.kind ?? (part.comesBack ? 'comes-back' : 'fixed') };
    const day = this.slots.dayOn(place.date);
    if (day === undefined) {
      this.offCalendar.set(part.id, { partId: part.id, date: place.date, window: place.window as Place['window'], reason });
      return;
    }
    const window = this.slots.windowNamed(place.window);
    this.ledger.take(part, day, window);
    this.slotOf.set(part.id, this.slots.of(day, window));
    this.reasonOf.set(part.id, reason);
  }

  /** The first window of a day with room for a part; the morning when none has. */
  private roomyWindow(part: LayPart, date: IsoDate): Place['window'] {
    const day = this.slots.dayOn(date);
    return (day === undefined ? undefined : this.input.windows.find((_, w) => !this.ledger.blockedBy(part, day, w)))?.name ?? 'morning';
  }

  /** What closes a unit stands after its last lesson, on the first days with room. */
  private placeClosing(unit: LayUnit): void {
    let at = Math.max(this.slots.firstOf(this.firstDay), this.slots.firstOf(this.slots.dayFrom(unit.starts)));
    for (const lesson of unit.lessons) for (const part of lesson.parts) at = Math.max(at, (this.slotOf.get(part.id) ?? -1) + 1);
    for (const part of unit.closing) {
      if (this.slotOf.has(part.id) || this.offCalendar.has(part.id)) continue;
      const who = this.ledger.neverFits(part);
      const found = who ? {} : this.room(part, Math.max(at, this.slots.notBefore(part)), Infinity, true);
      if (found.slot === undefined) {
        this.unplaced.push({ partId: part.id, why: who ? 'too-long' : 'no-room', of: who ?? found.blockedBy });
        continue;
      }
      at = found.slot;
      this.take(part, at);
      this.slotOf.set(part.id, at);
      this.reasonOf.set(part.id, { kind: 'closes' });
    }
  }

  private placeLesson(queue: UnitQueue): void {
    const lesson = queue.lesson;
    const parts: LayPart[] = [];
    for (const part of lesson.parts) {
      if (this.offCalendar.has(part.id)) continue;
      const who = this.slotOf.has(part.id) ? undefined : this.ledger.neverFits(part);
      if (who) this.unplaced.push({ partId: part.id, why: 'too-long', of: who });
      else parts.push(part);
    }
    if (parts.some((p) => !this.slotOf.has(p.id))) this.placeParts(parts, queue);
    queue.advance(this.chainEndOf(lesson));
  }

  private placeParts(parts: LayPart[], queue: UnitQueue): void {
    const first = parts.find((p) => !this.slotOf.has(p.id))!;
    const earliest = Math.max(queue.lowerBound, this.slots.firstOf(this.firstDay), this.slots.notBefore(first));
    const earliestDay = this.slots.day(earliest);
    const lastDay = Math.min(this.input.days.length - 1, this.slots.day(queue.upperBound));
    const begun = this.slotOf.has(parts[0].id);
    const kept = this.keptDay(first, earliest);
    const due = begun ? earliestDay : queue.standsFrom(parts) ?? Math.max(queue.target, earliestDay);
    const aim = kept !== undefined && (begun || queue.allows(kept)) ? kept : due;

    let best: Trial | undefined;
    let blocked: Blocked | undefined;
    const consider = (day: number, pace: Keeps): void => {
      if (!begun && !queue.allows(day, pace)) return;
      const trial = this.tryParts(parts, { day, aim, kept, earliest, latest: queue.upperBound, blocked });
      if ('cost' in trial) best = best && best.cost <= trial.cost ? best : trial;
      else blocked ??= trial;
    };
    for (let day = aim; day <= lastDay && (day <= aim + LOOK_AHEAD || !best); day++) {
      consider(day, 'pace');
      if (best && best.cost <= (day - aim + 1) * COST.day) break;
    }
    // Squeezed before something that stays: earlier days, then more lessons a week than the pace has, at last more a day.
    if (this.nextHeld(parts, -1) < Infinity || queue.upperBound < Infinity)
      for (const keeps of ['pace', 'day', 'nothing'] as const)
        for (let day = Math.min(aim, lastDay); day >= earliestDay && !best; day--) consider(day, keeps);
    if (!best) {
      const why = aim >= this.input.days.length ? 'no-day' : 'no-room';
      for (const p of parts) if (!this.slotOf.has(p.id)) this.unplaced.push({ partId: p.id, why, of: blocked?.by });
      return;
    }
    for (const { part, slot, reason } of best.placed) {
      this.take(part, slot);
      this.slotOf.set(part.id, slot);
      this.reasonOf.set(part.id, reason);
    }
  }

  private take(part: LayPart, slot: Slot, sign: 1 | -1 = 1): void {
    this.ledger.take(part, this.slots.day(slot), this.slots.window(slot), sign);
  }

  private previousSlot(part: LayPart): Slot | undefined {
    const place = this.input.previous.get(part.id);
    return place && this.slots.at(place);
  }

  /** The day a part stood on in the last lay-out, if it may still stand there. */
  private keptDay(part: LayPart, earliest: Slot): number | undefined {
    const slot = this.previousSlot(part);
    return slot !== undefined && slot >= earliest ? this.slots.day(slot) : undefined;
  }

  /** Tries a lesson's parts, in order, from a day on: what it costs, or who blocks it. */
  private tryParts(parts: LayPart[], from: Attempt): Trial | Blocked {
    const placed: Trial['placed'] = [];
    let at: Slot = Math.max(from.earliest, this.slots.firstOf(from.day));
    let cost = Math.abs(from.day - from.aim) * COST.day;
    let waitedFor: LayPart | undefined;
    let first: Slot | undefined;
    let last: Slot = at;
    let failure: Blocked | undefined;

    for (const [i, part] of parts.entries()) {
      let slot = this.slotOf.get(part.id);
      if (slot === undefined) {
        at = Math.max(at, this.slots.notBefore(part));
        const bound = Math.min(this.nextHeld(parts, i), waitedFor ? Infinity : from.latest);
        const found = this.room(part, at, i === 0 ? Math.min(bound, this.slots.lastOf(from.day)) : bound, from.day === from.kept);
        if (found.slot === undefined) {
          failure = { by: found.blockedBy, day: from.day };
          break;
        }
        slot = found.slot;
        const blocked = i === 0 ? (from.day > from.aim ? from.blocked : undefined) : found.blockedBy ? { by: found.blockedBy, day: this.slots.day(at) } : undefined;
        placed.push({ part, slot, reason: this.why(i === 0, from, blocked, waitedFor, slot) });
        this.take(part, slot);
        if (part.window && this.slots.placeOf(slot).window !== part.window) cost += COST.window;
      } else if (slot < at && placed.length && this.binds(part)) {
        failure = { day: from.day };
        break;
      }
      at = Math.max(at, slot);
      if (!waitedFor) {
        first ??= slot;
        last = at;
      }
      if (part.waitAfterHours > 0) {
        waitedFor = part;
        at = Math.max(from.earliest, this.slots.afterWait(slot, part.waitAfterHours));
      }
    }
    for (const { part, slot } of placed) this.take(part, slot, -1);
    if (failure) return failure;
    const [a, b] = [first ?? last, last].map((slot) => this.input.days[this.slots.day(slot)]);
    cost += (b.index - a.index) * COST.spread + (b.week - a.week) * COST.overWeekend + (b.block - a.block) * COST.overBreak;
    return { cost, placed };
  }

  /** The binding constraint of a part just placed. */
  private why(opens: boolean, from: Attempt, blocked: Blocked | undefined, waitedFor: LayPart | undefined, slot: Slot): Reason {
    const full: Reason | undefined = blocked?.by ? { kind: 'full', of: blocked.by, date: this.input.days[blocked.day].date } : undefined;
    if (opens) return full ?? { kind: from.day === from.kept ? 'kept' : 'pace' };
    if (waitedFor) return { kind: 'wait', of: waitedFor.id, date: this.slots.placeOf(slot).date };
    return full ?? { kind: 'with-lesson' };
  }

  /** Whether a part that stays bounds what comes before it. What was done before its turn, or lies in days gone by, does not. */
  private binds(part: LayPart): boolean {
    const kind = this.reasonOf.get(part.id)?.kind;
    return kind !== 'done' && kind !== 'unticked';
  }

  /** The first slot held by a later part of the same lesson. */
  private nextHeld(parts: readonly LayPart[], index: number): Slot {
    for (let i = index + 1; i < parts.length; i++) {
      const slot = this.slotOf.get(parts[i].id);
      if (slot !== undefined && this.binds(parts[i])) return slot;
    }
    return Infinity;
  }

  /** The first window with room in a stretch: where the part stood before, else the wanted window of a day, else any. */
  private room(part: LayPart, from: Slot, to: Slot, keep: boolean): { slot?: Slot; blockedBy?: string } {
    const end = Math.min(to, this.slots.count - 1);
    const was = keep ? this.previousSlot(part) : undefined;
    if (was !== undefined && was >= from && was <= end && this.blockedBy(part, was) === undefined) return { slot: was };
    let blockedBy: string | undefined;
    for (let day = this.slots.day(from); this.slots.firstOf(day) <= end; day++) {
      const wanted = part.window ? this.slots.of(day, this.slots.windowNamed(part.window)) : -1;
      const slots = [wanted];
      for (let w = 0; w < this.slots.windows; w++) slots.push(this.slots.of(day, w));
      for (const slot of slots) {
        if (slot < from || slot > end) continue;
        const blocker = this.blockedBy(part, slot);
        if (blocker === undefined) return { slot, blockedBy };
        blockedBy ||= blocker;
      }
    }
    return { blockedBy };
  }

  /** Who has no room for a part there; empty when its own limits keep it away, undefined when it fits. */
  private blockedBy(part: LayPart, slot: Slot): string | undefined {
    const day = this.slots.day(slot);
    if (part.weekday !== null && !servesFor(this.input.days, day, part.weekday)) return '';
    if (part.latest !== null && this.input.days[day].date > part.latest) return '';
    return this.ledger.blockedBy(part, day, this.slots.window(slot));
  }

  private chainEndOf(lesson: LayLesson): Slot | undefined {
    let end: Slot | undefined;
    for (const part of lesson.parts) {
      const slot = this.slotOf.get(part.id);
      if (slot === undefined) continue;
      end = Math.max(end ?? 0, slot);
      if (part.waitAfterHours > 0) break;
    }
    return end;
  }
}

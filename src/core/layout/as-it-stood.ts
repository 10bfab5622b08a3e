/** Leaves a lay-out as it stood: every lesson that still can stand in all its parts where it stood, does. */
import type { Reason } from '../plan/plan';
import type { LayLesson, LayoutInput, LayPart, LayUnit } from './problem';
import type { Schedule } from './schedule';
import type { Slot } from './slots';
import { UnitQueue } from './unit-queue';

export interface LeftOut {
  unit: LayUnit;
  index: number;
}

/**
 * Puts lessons where they stood, unit by unit.
 * @param chainEndOf the slot before which the next lesson may not begin
 * @returns the lessons that cannot stand there, or stood nowhere; they are not put anywhere
 */
export function leaveAsItStood(
  schedule: Schedule,
  input: LayoutInput,
  today: Slot,
  chainEndOf: (lesson: LayLesson) => Slot | undefined,
): LeftOut[] {
  const leftOut: LeftOut[] = [];
  for (const unit of input.units) {
    const queue = new UnitQueue(unit, input, schedule);
    for (; !queue.done; queue.advance(chainEndOf(unit.lessons[queue.index])))
      if (!leaveLesson(schedule, queue, Math.max(queue.lowerBound, today)))
        leftOut.push({ unit, index: queue.index });
  }
  return leftOut;
}

/** Puts all free parts of a queue's next lesson where they stood, or none of them. */
function leaveLesson(schedule: Schedule, queue: UnitQueue, earliest: Slot): boolean {
  const { parts } = queue.lesson;
  const free = parts.filter((p) => !schedule.stands(p));
  const first = free.length ? schedule.previousSlot(free[0]) : undefined;
  if (first !== undefined && !queue.mayStay(schedule.slots.day(first))) return false;
  const put = leaveParts(schedule, parts, earliest, queue.upperBound);
  if (put.length === free.length) return true;
  for (const part of put) schedule.lift(part);
  return false;
}

/**
 * Puts the free parts of a lesson where they stood, as many of them as can stand there in their order.
 * @param earliest the first slot for the lesson
 * @param latest the last for what holds up the next lesson
 */
export function leaveParts(
  schedule: Schedule,
  parts: readonly LayPart[],
  earliest: Slot,
  latest: Slot,
): LayPart[] {
  const { slots } = schedule;
  const put: LayPart[] = [];
  let at = earliest;
  let waitedFor: LayPart | undefined;
  for (const [i, part] of parts.entries()) {
    const stands = schedule.slotOf(part);
    if (schedule.offPlace(part)) at = Math.max(at, schedule.standsFrom(part)!);
    else if (stands !== undefined) at = Math.max(at, stands);
    else {
      const slot = schedule.previousSlot(part);
      const to = Math.min(schedule.nextHeld(parts, i), waitedFor ? Infinity : latest);
      const canStay =
        slot !== undefined &&
        slot >= Math.max(at, slots.notBefore(part)) &&
        slot <= to &&
        schedule.room(part, { from: slot, to: slot, keep: false, wish: false }).slot === slot;
      if (!canStay) continue;
      schedule.put(part, slot, whyKept(schedule, i === 0, waitedFor, slot));
      put.push(part);
      at = slot;
    }
    if (part.waitAfterHours > 0) {
      waitedFor = part;
      at = Math.max(earliest, schedule.afterWaitFor(part, schedule.slotOf(part)));
    }
  }
  return put;
}

/** The same reasons as a lesson has that is placed where it stood. */
function whyKept({ slots }: Schedule, opens: boolean, waitedFor: LayPart | undefined, slot: Slot): Reason {
  if (opens) return { kind: 'kept' };
  return waitedFor
    ? { kind: 'wait', of: waitedFor.id, date: slots.placeOf(slot).date }
    : { kind: 'with-lesson' };
}

/** Nobody under seven is left with nothing to do: what they can do while they wait in the middle of a day. */
import { homes, byId } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { ageOn } from '../plan/age';
import { KEPT_BUSY_UNDER } from './day-of-plan';
import { fillersFor } from './done-early';
import type { TimetableEntry } from './timetable';

/** Minutes after which a young child who waits needs something. Common practice, no source. */
const LONGEST_WAIT = 10;

export interface Filler {
  childId: string;
  starts: number;
  ends: number;
  text: string;
}

/** Waits of more than ten minutes between a young child's rooms of one window, each with something to do. */
export function fillersOn(plan: Plan, date: IsoDate, rooms: readonly TimetableEntry[]): Filler[] {
  const parts = byId(plan.parts);
  const homeOf = homes(plan);
  return plan.children
    .filter((c) => ageOn(c.birthMonth, date) < KEPT_BUSY_UNDER)
    .flatMap((child) => {
      const theirs = rooms.filter((r) => r.childIds.includes(child.id));
      const waits = theirs.flatMap((room, i) => {
        const before = theirs[i - 1];
        return before?.window === room.window && room.starts - before.ends > LONGEST_WAIT
          ? [{ starts: before.ends, ends: room.starts, room }]
          : [];
      });
      return waits.flatMap(({ starts, ends, room }, i): Filler[] => {
        const { lesson, unit } = homeOf(parts.get(room.partId)!);
        if (!lesson || !unit) return [];
        const ideas = fillersFor(plan, lesson, unit, child, ends - starts);
        return ideas.length ? [{ childId: child.id, starts, ends, text: ideas[i % ideas.length].text }] : [];
      });
    });
}

/** The end of a day: what happened, where what is left would go, and what is to be got ready until the next one. */
import { addDays } from '../calendar/dates';
import { schoolDayFrom, schoolDays } from '../calendar/school-days';
import { timetable } from '../dayplan/timetable';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { preparing } from '../prep/when';
import { perform, type EditContext } from './edit';
import { nothingHappened, openOn } from './today';

export interface ClosingDay {
  /** Rooms of the day, as they are ticked on it, and those that are done. */
  rooms: number;
  done: number;
  /** What was not, and the day it would go to; null where it comes back by itself, or stays. */
  left: { partId: string; title: string; to: IsoDate | null }[];
  /** Other lessons that would move with it. */
  moves: number;
  /** The next school day, and what is to be got ready until then. */
  next: IsoDate | null;
  ready: { what: string; part: string; on: IsoDate }[];
  /** Why what is left cannot move on. */
  refused: string;
}

/** What closing a day comes to; nothing is stored. */
export function closingOf(plan: Plan, date: IsoDate, context: EditContext): ClosingDay {
  const rooms = timetable(plan, date).filter((r) => !r.missed);
  const open = openOn(plan, date, null);
  const moved = open.length ? perform(nothingHappened(date, false), plan, context) : { plan };
  const after = 'plan' in moved ? moved.plan : plan;
  const was = new Map(plan.sittings.map((s) => [s.partId, s.date]));
  const is = new Map(after.sittings.map((s) => [s.partId, s.date]));
  const own = new Set(open.map((p) => p.id));
  const lessonOf = new Map(plan.parts.map((p) => [p.id, p.lessonId]));
  const lessonsLeft = new Set(open.map((p) => p.lessonId));
  const others = new Set(
    [...was].flatMap(([id, on]) => {
      const lesson = lessonOf.get(id);
      return lesson && !own.has(id) && !lessonsLeft.has(lesson) && is.get(id) !== on ? [lesson] : [];
    }),
  );
  const days = plan.year ? schoolDays(plan.year) : [];
  const next = schoolDayFrom(days, addDays(date, 1))?.date ?? null;
  return {
    rooms: rooms.length,
    done: rooms.filter((r) => r.done).length,
    left: open.map((p) => {
      const to = is.get(p.id);
      return { partId: p.id, title: p.title, to: to && to > date ? to : null };
    }),
    moves: others.size,
    next,
    ready: preparing(after, date)
      .planned.filter((r) => !r.isReady && r.on > date && next !== null && r.day <= next)
      .map(({ what, part, on }) => ({ what, part, on })),
    refused: 'refused' in moved ? moved.refused : '',
  };
}

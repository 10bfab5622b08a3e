/** Who waits for whom: a child whose work needs the parent while the parent is with another child. */
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { WINDOWS } from '../plan/words';
import { windowsOf } from '../calendar/school-days';
import { timetable } from './timetable';

export interface Wait {
  childId: string;
  partId: string;
  /** Minutes in which the child has nothing to do but wait. */
  minutes: number;
  /** The children who have the parent meanwhile, and with what. */
  forIds: string[];
  forPartId: string;
}

/** Waits on a date, in the order of the day. Waiting for a window to open is none: nobody is waited for. */
export function waitsOn(plan: Plan, date: IsoDate): Wait[] {
  if (!plan.year) return [];
  const rooms = timetable(plan, date);
  const windows = windowsOf(plan.year);
  const opens = new Map(
    plan.sittings
      .filter((s) => s.date === date)
      .map((s) => [s.partId, windows[WINDOWS.indexOf(s.window)].starts]),
  );
  return rooms.flatMap((room): Wait[] => {
    if (!room.parentMinutes) return [];
    return room.childIds.flatMap((childId): Wait[] => {
      const free = Math.max(
        opens.get(room.partId) ?? 0,
        ...rooms
          .filter((r) => r !== room && r.childIds.includes(childId) && r.ends <= room.starts)
          .map((r) => r.ends),
      );
      const busy = rooms
        .filter(
          (r) =>
            r !== room &&
            r.parentMinutes > 0 &&
            !r.childIds.includes(childId) &&
            r.starts < room.starts &&
            r.starts + r.parentMinutes > free,
        )
        .at(-1);
      return room.starts > free && busy
        ? [
            {
              childId,
              partId: room.partId,
              minutes: room.starts - free,
              forIds: busy.childIds,
              forPartId: busy.partId,
            },
          ]
        : [];
    });
  });
}

/**
 * One day as rooms with times: who is where from when to when, and where the parent must be.
 * Work is done window by window in the order of the lesson. The parent leads one thing at a time; while they
 * are busy a child goes on with own work that does not need them. Serial and deterministic: at every moment the
 * first room in order that can begin, begins.
 */
import { windowsOf } from '../calendar/school-days';
import type { IsoDate, WindowName } from '../plan/measures';
import { once } from '../plan/once';
import { OWN_WORK_KINDS, WINDOWS } from '../plan/words';
import type { Plan, Sitting } from '../plan/plan';
import { assignmentKey, byId, childrenOf, isDone, groupBy, homes } from '../plan/lookup';
import { partMinutes } from '../layout/input';

export interface TimetableEntry {
  partId: string;
  sittingId: string;
  /** Children in the room; one when it is a child's own work. */
  childIds: string[];
  /** Own work stands in one child's lane; a shared room spans the lanes of its children. */
  own: boolean;
  /** Minutes after midnight. */
  starts: number;
  ends: number;
  window: WindowName;
  /** Minutes from its start for which the parent leads it; 0 when they are not needed. */
  parentMinutes: number;
  /** The adult who leads it in the parent's place, and for how many minutes from its start. */
  adultId: string | null;
  adultMinutes: number;
  done: boolean;
}

interface Waiting extends Omit<TimetableEntry, 'starts' | 'ends'> {
  minutes: number;
  opens: number;
  /** What it needs of which there is one in the house. */
  needs: readonly string[];
  /** Parts of the lesson that these children must have left behind first. */
  after: string[];
}

/** The rooms of a date, in the order in which they begin. A day that is too full runs past its end. */
export function timetable(plan: Plan, date: IsoDate): TimetableEntry[] {
  if (!plan.year) return [];
  const windows = windowsOf(plan.year);
  const onDate = indexOf(plan).sittings.get(date) ?? [];
  const waiting = WINDOWS.flatMap((name, w) =>
    roomsOf(
      plan,
      onDate.filter((s) => s.window === name),
      windows[w].starts,
    ),
  );
  const free = new Map<string, number>();
  const freeAt = (room: Waiting): number =>
    Math.max(room.opens, ...room.childIds.map((c) => free.get(c) ?? 0));
  /** When each adult is free again; the parent stands under null. */
  const adultFree = new Map<string | null, number>();
  const thingFree = new Map<string, number>();
  const placed: TimetableEntry[] = [];
  while (waiting.length) {
    let best: { index: number; starts: number } | undefined;
    for (const [index, room] of waiting.entries()) {
      // A child's rooms keep their order, but for own work of one lesson and window, which may change places.
      if (
        waiting
          .slice(0, index)
          .some(
            (earlier) =>
              earlier.childIds.some((c) => room.childIds.includes(c)) &&
              (earlier.opens < room.opens || room.after.includes(earlier.partId)),
          )
      )
        continue;
      const starts = Math.max(
        freeAt(room),
        ledMinutes(room) ? (adultFree.get(room.adultId) ?? 0) : 0,
        ...room.needs.map((thing) => thingFree.get(thing) ?? 0),
      );
      if (!best || starts < best.starts) best = { index, starts };
    }
    const [{ minutes, opens: _, after: __, needs, ...room }] = waiting.splice(best!.index, 1);
    const ends = best!.starts + minutes;
    for (const c of room.childIds) free.set(c, ends);
    for (const thing of needs) thingFree.set(thing, ends);
    if (ledMinutes(room)) adultFree.set(room.adultId, best!.starts + ledMinutes(room));
    placed.push({ ...room, starts: best!.starts, ends });
  }
  return placed.sort((a, b) => a.starts - b.starts);
}

const ledMinutes = (room: Pick<TimetableEntry, 'parentMinutes' | 'adultMinutes'>): number =>
  room.parentMinutes + room.adultMinutes;

/** What all days of a plan are looked up in. */
const indexOf = once((plan: Plan) => ({
  sittings: groupBy(plan.sittings, (s) => s.date),
  order: new Map(plan.parts.map((p, i) => [p.id, i])),
  parts: byId(plan.parts),
  adults: byId(plan.adults),
  marks: groupBy(plan.marks, (m) => m.partId),
  assigned: new Map(plan.assignments.map((a) => [assignmentKey(a.partId, a.childId), a])),
}));

/** Rooms of one window: a shared room per part, or one for each child where the work is their own. */
function roomsOf(plan: Plan, sittings: Sitting[], opens: number): Waiting[] {
  const { order, parts, marks, assigned, adults } = indexOf(plan);
  const homeOf = homes(plan);
  const minutesFor = partMinutes(plan);
  const rooms: Waiting[] = [];
  for (const sitting of [...sittings].sort((a, b) => order.get(a.partId)! - order.get(b.partId)!)) {
    const part = parts.get(sitting.partId)!;
    const { unit } = homeOf(part);
    const children = childrenOf(part, unit, plan.children);
    const lay = minutesFor(part, unit);
    const own = OWN_WORK_KINDS.includes(part.kind);
    const done = marks.get(part.id) ?? [];
    const after = rooms
      .map((r) => parts.get(r.partId)!)
      .filter((p) => p.lessonId !== part.lessonId || !own || !OWN_WORK_KINDS.includes(p.kind))
      .map((p) => p.id);
    const groups = own ? children.map((c) => [c]) : [children];
    for (const group of groups) {
      if (!group.length) continue;
      const minutes = Math.max(...group.map((c) => lay.minutes[c.id]));
      const led = own
        ? (assigned.get(assignmentKey(part.id, group[0].id))?.parentMinutes ??
          (part.lead === 'leads' ? minutes : 0))
        : lay.lead;
      rooms.push({
        partId: part.id,
        sittingId: sitting.id,
        childIds: group.map((c) => c.id),
        own,
        minutes,
        needs: lay.needs,
        window: sitting.window,
        // Whoever leads in the parent's place has to be there first.
        opens: Math.max(opens, (led && part.adultId && adults.get(part.adultId)?.starts) || 0),
        after,
        parentMinutes: part.adultId === null ? led : 0,
        adultId: part.adultId,
        adultMinutes: part.adultId === null ? 0 : led,
        done: isDone(done, group),
      });
    }
  }
  return rooms;
}

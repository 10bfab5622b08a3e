/** The rooms of a date as a problem: who is in each, who leads it, and what comes before it. */
import { awayOf, PARENT as AWAY_PARENT, type Stretch } from '../calendar/away';
import { weekdayOf } from '../calendar/dates';
import { schoolDays, windowsOf } from '../calendar/school-days';
import { joins } from '../ladder/small';
import { partMinutes } from '../layout/input';
import { ageOn } from '../plan/age';
import { assignmentKey, byId, childrenOf, groupBy, homes, isDone } from '../plan/lookup';
import type { Adult } from '../plan/household';
import { inForce } from '../plan/happened';
import type { Part } from '../plan/lesson';
import type { IsoDate, WindowName } from '../plan/measures';
import { once } from '../plan/once';
import type { Plan } from '../plan/plan';
import { OWN_WORK_KINDS, WINDOWS } from '../plan/words';
import { WISHES, type Day, type Room } from './day';
import { natureOf } from './nature';

export interface RoomOfPlan {
  id: string;
  partId: string;
  sittingId: string;
  /** Children in the room; one when it is a child's own work. */
  childIds: string[];
  /** Own work stands in one child's lane; a shared room spans the lanes of its children. */
  own: boolean;
  window: WindowName;
  /** Minutes from its start for which the parent leads it; 0 when they are not needed. */
  parentMinutes: number;
  /** The adult who leads it in the parent's place, and for how many minutes from its start. */
  adultId: string | null;
  adultMinutes: number;
  done: boolean;
  /** Noted as left out on this day; it counts for nothing any more. */
  missed: boolean;
}

/** The parent among those who lead. */
export const PARENT = '';
/** Below this age a child is not left with nothing to do. Common practice, no source. */
export const KEPT_BUSY_UNDER = 7;

/** The day of a date as a problem, and its rooms by id; undefined while there is no school year. */
export function dayOfPlan(
  plan: Plan,
  date: IsoDate,
): { day: Day; rooms: Map<string, RoomOfPlan> } | undefined {
  if (!plan.year) return undefined;
  const { sittings, ends } = indexOf(plan);
  const onDate = groupBy(sittings.get(date) ?? [], (s) => s.window);
  const windows = windowsOf(plan.year).map((w) => {
    const until = w.atSchool ? Math.min(w.ends, ends.get(date) ?? w.ends) : w.ends;
    return { ...w, ends: Math.max(w.starts, until) };
  });
  const rooms = new Map<string, RoomOfPlan>();
  const problem: Room[] = [];
  for (const [w, name] of WINDOWS.entries())
    addRooms(plan, onDate.get(name) ?? [], { window: w, opens: windows[w].starts }, rooms, problem);
  const there = plan.children.filter((c) => problem.some((r) => r.who.includes(c.id)));
  return {
    rooms,
    day: {
      rooms: problem,
      windows,
      goes: new Map(plan.adults.flatMap((a) => (a.ends === null ? [] : [[a.id, a.ends]]))),
      // Whoever leads has to be there first.
      freeFrom: new Map(plan.adults.flatMap((a) => (a.starts === null ? [] : [[a.id, a.starts]]))),
      away: awayOn(plan, date),
      small: new Set(there.filter((c) => ageOn(c.birthMonth, date) < KEPT_BUSY_UNDER).map((c) => c.id)),
      youngest: [...there].sort((a, b) => (a.birthMonth < b.birthMonth ? 1 : -1))[0]?.id ?? null,
      wishes: WISHES,
    },
  };
}

/** Who is at an appointment when on a date. */
function awayOn(plan: Plan, date: IsoDate): Map<string, Stretch[]> {
  const away = groupBy(awayOf(plan).get(date) ?? [], (a) => (a.who === AWAY_PARENT ? PARENT : a.who));
  return new Map([...away].map(([who, times]) => [who, times.map(({ from, to }) => ({ from, to }))]));
}

/** What all days of a plan are looked up in. */
const indexOf = once((plan: Plan) => ({
  sittings: groupBy(plan.sittings, (s) => s.date),
  ends: new Map(plan.year ? schoolDays(plan.year).map((d) => [d.date, d.ends]) : []),
  order: new Map(plan.parts.map((p, i) => [p.id, i])),
  parts: byId(plan.parts),
  adults: byId(plan.adults),
  longer: longerOn(plan),
  marks: groupBy(plan.marks, (m) => m.partId),
  assigned: new Map(plan.assignments.map((a) => [assignmentKey(a.partId, a.childId), a])),
}));

/** Who can lead a part on a date: the parent, the adult in their place, or either of them where that adult is there. */
function leadersOf({ adultId, orParent }: Part, adults: ReadonlyMap<string, Adult>, date: IsoDate): string[] {
  if (adultId === null) return [PARENT];
  if (!orParent) return [adultId];
  return adults.get(adultId)?.weekdays.includes(weekdayOf(date)) ? [adultId, PARENT] : [PARENT];
}

/** Whose minutes those are for which a room is led. */
const ledBy = (
  led: number,
  adultId: string | null,
): Pick<RoomOfPlan, 'parentMinutes' | 'adultId' | 'adultMinutes'> =>
  adultId === null || adultId === PARENT
    ? { parentMinutes: led, adultId: null, adultMinutes: 0 }
    : { parentMinutes: 0, adultId, adultMinutes: led };

/** A room with the minutes of the one who leads it as the day was planned. */
export function withLeader(room: RoomOfPlan, leader: string | null): RoomOfPlan {
  const led = room.parentMinutes + room.adultMinutes;
  return leader === null || !led ? room : { ...room, ...ledBy(led, leader) };
}

/** Minutes that were said to be needed beyond those that were meant, by part and date. */
function longerOn({ entries }: Plan): ReadonlyMap<string, number> {
  const minutes = new Map<string, number>();
  for (const e of inForce(entries))
    if (e.kind === 'longer')
      minutes.set(`${e.partId} ${e.date}`, (minutes.get(`${e.partId} ${e.date}`) ?? 0) + e.minutes!);
  return minutes;
}

const isOwn = (part: Part): boolean => OWN_WORK_KINDS.includes(part.kind);

/** Rooms of one window in the order of their lessons: a shared room for each part, or one for each child where the work is their own. */
function addRooms(
  plan: Plan,
  sittings: readonly Plan['sittings'][number][],
  { window, opens }: { window: number; opens: number },
  rooms: Map<string, RoomOfPlan>,
  problem: Room[],
): void {
  const { order, parts, marks, assigned, adults, longer } = indexOf(plan);
  const homeOf = homes(plan);
  const minutesFor = partMinutes(plan);
  const partOf = (r: Room): Part => parts.get(rooms.get(r.id)!.partId)!;
  for (const sitting of [...sittings].sort((a, b) => order.get(a.partId)! - order.get(b.partId)!)) {
    const part = parts.get(sitting.partId)!;
    const { unit } = homeOf(part);
    const lay = minutesFor(part, unit);
    // Who is small and stays beside it is not in the room.
    const takers = childrenOf(part, unit, plan.children);
    const inIt = takers.filter((c) => joins(part, c, takers, unit?.starts ?? sitting.date) !== 'beside');
    const children = (inIt.length ? inIt : takers).map((c) => c.id);
    const own = isOwn(part);
    const more = longer.get(`${part.id} ${sitting.date}`) ?? 0;
    const before = [...problem];
    for (const childIds of own ? children.map((c) => [c]) : [children]) {
      if (!childIds.length) continue;
      const minutes = Math.max(1, ...childIds.map((c) => lay.minutes[c])) + more;
      const helped = own && assigned.get(assignmentKey(part.id, childIds[0]))?.parentMinutes;
      const together = lay.lead ? lay.lead + more : 0;
      const led = Math.min(minutes, own ? (helped ?? (part.lead === 'leads' ? minutes : 0)) || 0 : together);
      const id = own ? `${sitting.id} ${childIds[0]}` : sitting.id;
      rooms.set(id, {
        id,
        partId: part.id,
        sittingId: sitting.id,
        childIds,
        own,
        window: sitting.window,
        ...ledBy(led, part.adultId),
        missed: (marks.get(part.id) ?? []).some((m) => m.outcome === 'missed' && m.date === sitting.date),
        done: isDone(
          marks.get(part.id) ?? [],
          childIds.map((id) => ({ id })),
        ),
      });
      problem.push({
        id,
        minutes,
        who: childIds,
        leaders: led ? leadersOf(part, adults, sitting.date) : [],
        led,
        things: lay.needs,
        window,
        opens,
        // A child's rooms keep their order, but for own work of one lesson and window, which may change places.
        after: before
          .filter(
            (r) =>
              r.who.some((c) => childIds.includes(c)) &&
              !(r.window === window && own && isOwn(partOf(r)) && partOf(r).lessonId === part.lessonId),
          )
          .map((r) => r.id),
        ...natureOf(part),
      });
    }
  }
}

/**
 * A day as it goes: what is done, what is going on, and the rest planned again from now. It is followed from its first
 * tick on, for as long as it is ticked.
 */
import { freeForAll, type Needed } from '../calendar/away';
import { writtenAt } from '../plan/happened';
import { groupBy } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import type { Day, Room, Times } from './day';
import { dayOfPlan, withLeader, type RoomOfPlan } from './day-of-plan';
import { timesOf, type TimetableEntry } from './timetable';

/** The time it is, and what moments that were written down are on the same clock. */
export interface Clock {
  date: IsoDate;
  /** Minutes after midnight. */
  minutes: number;
  /** The day and minute of a moment in UTC. */
  of: (at: string) => { date: IsoDate; minutes: number };
}

type Going = 'over' | 'on' | 'to come';

export interface LiveEntry extends TimetableEntry {
  going: Going;
  /** When it was to begin and to end as the day was planned. */
  planned: { starts: number; ends: number };
}

export interface LiveDay {
  rooms: LiveEntry[];
  /** Minutes by which what is on or to come begins later than planned, at most; below 0, sooner. */
  behind: number;
  /** Minutes by which the day ends later than it was planned; below 0, sooner. */
  later: number;
}

/** Minutes that are given to what runs over, each time it is looked at. Own choice. */
const STILL_TO_GO = 5;
/** Minutes without a tick after which nobody follows the day any more. Own choice. */
const FOLLOWED_FOR = 120;

/** The day as it goes; undefined before it begins, and while nobody ticks it as it goes. */
export function liveDay(plan: Plan, clock: Clock): LiveDay | undefined {
  const made = dayOfPlan(plan, clock.date);
  if (!made?.day.rooms.length) return undefined;
  const planned = timesOf(made.day);
  const begins = Math.min(...[...planned.values()].map((p) => p.starts));
  const ticks = ticksOf(plan, clock, begins, made.rooms);
  const last = Math.max(...[...ticks.values()].map((t) => t.at ?? -Infinity));
  if (clock.minutes < begins || !(clock.minutes - last <= FOLLOWED_FOR)) return undefined;
  const day = { ...made.day, rooms: made.day.rooms.filter((r) => !made.rooms.get(r.id)!.missed) };
  const followed = follow(day, planned, ticks, clock.minutes);
  const rooms = day.rooms
    .map((room): LiveEntry => {
      const { starts } = planned.get(room.id)!;
      const { leader, ...at } = followed.get(room.id)!;
      return {
        ...withLeader(made.rooms.get(room.id)!, leader),
        ...at,
        planned: { starts, ends: starts + room.minutes },
      };
    })
    .sort((a, b) => a.starts - b.starts);
  const end = (of: (r: LiveEntry) => number): number =>
    Math.max(...rooms.filter((r) => r.window !== 'evening').map(of));
  const left = rooms.filter((r) => r.going !== 'over');
  const behind = left.length ? Math.max(...left.map((r) => r.starts - r.planned.starts)) : 0;
  return { rooms, behind, later: end((r) => r.ends) - end((r) => r.planned.ends) || 0 };
}

/** When a room was ticked, where that was on this day, and the minutes it took, where somebody said so. */
interface Tick {
  at: number | null;
  took: number | null;
}

/** The rooms that are done. What was written down before the day begins says nothing of when. */
function ticksOf(
  plan: Plan,
  clock: Clock,
  begins: number,
  rooms: ReadonlyMap<string, RoomOfPlan>,
): Map<string, Tick> {
  const written = writtenAt(plan);
  const marks = groupBy(
    plan.marks.filter((m) => m.outcome === 'done'),
    (m) => m.partId,
  );
  const ticks = new Map<string, Tick>();
  for (const [id, room] of rooms) {
    if (!room.done) continue;
    const of = (marks.get(room.partId) ?? []).filter(
      (m) => m.childId === null || room.childIds.includes(m.childId),
    );
    const moments = of.flatMap((m) => {
      const at = written(m.id);
      const moment = at === undefined ? undefined : clock.of(at);
      if (moment?.date !== clock.date || m.date !== clock.date) return [];
      return moment.minutes >= begins && moment.minutes <= clock.minutes ? [moment.minutes] : [];
    });
    ticks.set(id, {
      at: moments.length ? Math.max(...moments) : null,
      took: of.reduce<number | null>(
        (most, m) => (m.minutes === null ? most : Math.max(most ?? 0, m.minutes)),
        null,
      ),
    });
  }
  return ticks;
}

interface Followed {
  leader: string | null;
  starts: number;
  ends: number;
  going: Going;
}

type Passing = Omit<Followed, 'leader'>;

/**
 * Goes through the rooms in the order of the plan up to now: each began when all before it in its lanes were over. What has
 * not begun is planned again.
 */
function follow(
  day: Day,
  planned: Times,
  ticks: ReadonlyMap<string, Tick>,
  now: number,
): Map<string, Followed> {
  const order = [...day.rooms].sort((a, b) => planned.get(a.id)!.starts - planned.get(b.id)!.starts);
  const followed = new Map<string, Followed>();
  /** Until when each lane was taken up; and until when for what is not done, which cannot have begun before the tick. */
  const taken = new Map(day.freeFrom);
  const freed = new Map(day.freeFrom);
  const blocked = new Set<string>();
  const rest = new Map<string, Room>();
  for (const [i, room] of order.entries()) {
    const { leader } = planned.get(room.id)!;
    const lanes = [...room.who, ...room.things, ...(leader === null ? [] : [leader])];
    const tick = ticks.get(room.id) ?? (isPassed(room, order.slice(i + 1), ticks) ? PASSED : undefined);
    const open = Math.max(room.opens, ...lanes.map((l) => (tick ? taken : freed).get(l) ?? 0));
    const ready = tick ? open : besideAway(open, room, leader, day);
    if (!tick && (ready > now || lanes.some((l) => blocked.has(l)))) {
      for (const lane of lanes) blocked.add(lane);
      rest.set(room.id, { ...room, opens: Math.max(room.opens, now) });
      continue;
    }
    const at = tick ? over(room, ready, tick, order.slice(i + 1), ticks, now) : on(room, ready, now);
    followed.set(room.id, { ...at, leader });
    for (const lane of lanes) {
      const isLedOnly = lane === leader && room.led < room.minutes;
      const until = isLedOnly ? Math.min(at.ends, at.starts + room.led) : at.ends;
      taken.set(lane, Math.max(taken.get(lane) ?? 0, until));
      freed.set(lane, Math.max(freed.get(lane) ?? 0, until, isLedOnly ? 0 : (tick?.at ?? 0)));
    }
  }
  const times = timesOf({
    ...day,
    rooms: day.rooms.flatMap((r) => rest.get(r.id) ?? []),
    freeFrom: new Map([...freed].map(([lane, until]) => [lane, Math.max(until, now)])),
  });
  for (const room of rest.values()) {
    const { starts, leader } = times.get(room.id)!;
    followed.set(room.id, { leader, starts, ends: starts + room.minutes, going: 'to come' });
  }
  return followed;
}

/** The first moment from one on at which nobody of a room is away. */
function besideAway(from: number, { who, minutes, led }: Room, leader: string | null, { away }: Day): number {
  if (!away.size) return from;
  const needed = (id: string, length: number): Needed => ({ length, away: away.get(id) ?? [] });
  return freeForAll(from, [
    ...who.map((id) => needed(id, minutes)),
    ...(leader === null ? [] : [needed(leader, led)]),
  ]);
}

const on = (room: Room, starts: number, now: number): Passing => {
  const ends = starts + room.minutes;
  return { starts, ends: ends > now ? ends : now + STILL_TO_GO, going: 'on' };
};

/** What is not ticked, and is over all the same since its children have done what comes after it. */
const PASSED: Tick = { at: null, took: null };
const isPassed = (room: Room, later: readonly Room[], ticks: ReadonlyMap<string, Tick>): boolean =>
  later.some((next) => ticks.get(next.id)?.at != null && next.who.some((c) => room.who.includes(c)));

/**
 * When what is done was done: until it was ticked, unless what came after it was ticked too soon for that, or nobody knows
 * when; then for as long as it was meant to.
 */
function over(
  room: Room,
  ready: number,
  { at, took }: Tick,
  later: readonly Room[],
  ticks: ReadonlyMap<string, Tick>,
  now: number,
): Passing {
  const going = 'over';
  const minutes = took ?? room.minutes;
  if (at !== null && at <= ready) return { starts: at - minutes, ends: at, going };
  const isTooSoon = later.some((next) => {
    const tick = next.who.some((c) => room.who.includes(c)) ? ticks.get(next.id) : undefined;
    return tick && (tick.at === null || at === null || (tick.at >= at && tick.at - at < next.minutes / 2));
  });
  if (at !== null && took === null && !isTooSoon) return { starts: ready, ends: at, going };
  const ends = Math.min(ready + minutes, at !== null && took === null ? at : now);
  return { starts: Math.min(ready, ends - 1), ends, going };
}

/** One day as rooms with times: who is where from when to when, and where the parent must be. */
import type { IsoDate } from '../plan/measures';
import { once } from '../plan/once';
import type { Plan } from '../plan/plan';
import type { Day, Times } from './day';
import { dayOfPlan, withLeader, type RoomOfPlan } from './day-of-plan';
import { solveDay } from './solve-day';

export interface TimetableEntry extends RoomOfPlan {
  /** Minutes after midnight. */
  starts: number;
  ends: number;
}

/** The rooms of a date, in the order in which they begin. A day that is too full runs past its end. */
export function timetable(plan: Plan, date: IsoDate): TimetableEntry[] {
  const days = timetables(plan);
  let known = days.get(date);
  if (!known) {
    const made = dayOfPlan(plan, date);
    days.set(date, (known = made ? entriesOf(made.day, made.rooms, timesOf(made.day)) : []));
  }
  return known;
}

/** What was drawn of each plan. */
const timetables = once((_: Plan) => new Map<IsoDate, TimetableEntry[]>());

function entriesOf(day: Day, rooms: ReadonlyMap<string, RoomOfPlan>, times: Times): TimetableEntry[] {
  return day.rooms
    .map((room): TimetableEntry => {
      const { starts, leader } = times.get(room.id)!;
      return { ...withLeader(rooms.get(room.id)!, leader), starts, ends: starts + room.minutes };
    })
    .sort((a, b) => a.starts - b.starts);
}

/** Days that are alike, whatever they are of, are worked out once: most of a year are, and most of a plan after a change. */
const MOST_ALIKE = 500;
const alike = new Map<string, readonly { starts: number; leader: number }[]>();

/** The best times of a day. */
export function timesOf(day: Day): Times {
  const names: string[] = [];
  const numberOf = (name: string): number => {
    const at = names.indexOf(name);
    return at < 0 ? names.push(name) - 1 : at;
  };
  const rooms = new Map(day.rooms.map((r, i) => [r.id, i]));
  const key = JSON.stringify([
    day.rooms.map((r) => [
      r.minutes,
      r.who.map(numberOf),
      r.leaders.map(numberOf),
      r.led,
      r.things.map((t) => numberOf(`thing ${t}`)),
      r.window,
      r.opens,
      r.after.map((a) => rooms.get(a)!),
      [r.written, r.hard, r.light, r.still].map(Number),
    ]),
    day.windows.map((w) => [w.starts, w.ends, Number(w.atSchool)]),
    [...day.goes].map(([who, at]) => [numberOf(who), at]),
    [...day.freeFrom].map(([who, at]) => [numberOf(who), at]),
    [...day.away].map(([who, times]) => [numberOf(who), times.map((t) => [t.from, t.to])]),
    [...day.small].map(numberOf),
    day.youngest && numberOf(day.youngest),
  ]);
  let found = alike.get(key);
  if (!found) {
    const { times } = solveDay(day);
    found = day.rooms.map((r) => {
      const { starts, leader } = times.get(r.id)!;
      return { starts, leader: leader === null ? -1 : numberOf(leader) };
    });
    if (alike.size >= MOST_ALIKE) alike.delete(alike.keys().next().value!);
  }
  // What was asked for last is dropped last.
  alike.delete(key);
  alike.set(key, found);
  return new Map(
    day.rooms.map((r, i) => [
      r.id,
      { starts: found[i].starts, leader: found[i].leader < 0 ? null : names[found[i].leader] },
    ]),
  );
}

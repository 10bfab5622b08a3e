/** Looks at the times of a day by themselves: what is wrong with them, and what they cost. Knows nothing of how they were found. */
import { STILL, type Day, type Room, type Times } from '@/core/dayplan/day';

interface Seen extends Room {
  starts: number;
  ends: number;
  leader: string | null;
}

/** What must not be, in words; an empty list where the times can be kept. */
export function faultsOf(day: Day, times: Times): string[] {
  const faults: string[] = [];
  for (const room of day.rooms) if (!times.has(room.id)) faults.push(`${room.id} has no time`);
  const seen = seenOf(day, times);
  const at = new Map(seen.map((s) => [s.id, s]));
  for (const room of seen) {
    if (room.starts < room.opens) faults.push(`${room.id} begins before it can`);
    for (const id of room.after)
      if (room.starts < at.get(id)!.ends) faults.push(`${room.id} begins before ${id} is over`);
    if (room.led > 0 && room.leaders.length && !room.leaders.includes(room.leader ?? ''))
      faults.push(`nobody who may leads ${room.id}`);
  }
  const busy = new Map<string, { id: string; from: number; to: number }[]>();
  const add = (whom: string, id: string, from: number, to: number): void => {
    if (from < (day.freeFrom.get(whom) ?? -Infinity)) faults.push(`${whom} is not free for ${id} yet`);
    for (const a of day.away.get(whom) ?? [])
      if (from < a.to && a.from < to) faults.push(`${whom} is away during ${id}`);
    busy.set(whom, [...(busy.get(whom) ?? []), { id, from, to }]);
  };
  for (const room of seen) {
    for (const whom of [...room.who, ...room.things]) add(whom, room.id, room.starts, room.ends);
    if (room.leader !== null && room.led) add(room.leader, room.id, room.starts, room.starts + room.led);
  }
  for (const [whom, list] of busy)
    for (const [i, a] of list.entries())
      for (const b of list.slice(i + 1))
        if (a.from < b.to && b.from < a.to) faults.push(`${whom} is in ${a.id} and ${b.id} at once`);
  return faults;
}

/** What the times of a day cost by its wishes. */
export function costOf(day: Day, times: Times): number {
  const { wishes, windows } = day;
  const seen = seenOf(day, times);
  let cost = 0;
  const atSchool = seen.filter((s) => windows[s.window].atSchool);
  if (atSchool.length)
    cost +=
      wishes.end *
      Math.max(0, Math.max(...atSchool.map((s) => s.ends)) - Math.min(...windows.map((w) => w.starts)));
  for (const room of seen) {
    cost += wishes.past * Math.max(0, room.ends - windows[room.window].ends);
    const goes = room.leader === null || !room.led ? undefined : day.goes.get(room.leader);
    if (goes !== undefined) cost += wishes.past * Math.max(0, room.starts + room.led - goes);
  }
  for (const child of new Set(seen.flatMap((s) => s.who))) {
    const small = day.small.has(child);
    for (const [w, window] of windows.entries()) {
      const rooms = seen.filter((s) => s.window === w && s.who.includes(child));
      if (!rooms.length) continue;
      const from = Math.max(window.starts, day.freeFrom.get(child) ?? 0);
      const work = rooms.reduce((sum, r) => sum + r.minutes, 0);
      const until = Math.max(...rooms.map((r) => r.ends));
      const isAway = (minute: number): boolean =>
        (day.away.get(child) ?? []).some((a) => a.from <= minute && minute < a.to);
      const away = Array.from({ length: Math.max(0, until - from) }, (_, m) => from + m).filter(
        isAway,
      ).length;
      const idle = until - from - work - away;
      cost += Math.max(0, idle) * (small ? wishes.idleSmall : wishes.idle);
      for (const hard of rooms.filter((r) => r.hard))
        cost += wishes.lightFirst * rooms.filter((r) => r.light && r.starts < hard.starts).length;
      let still = 0;
      for (const [i, room] of rooms.entries()) {
        if (i && room.written && rooms[i - 1].written) cost += wishes.written;
        // What goes on longer by itself is not mended by another order: only sitting on is counted.
        if (i && room.still && rooms[i - 1].still && still + room.minutes > STILL) {
          cost += wishes.still;
          still = 0;
        }
        still = room.still ? still + room.minutes : 0;
      }
    }
  }
  for (const adult of new Set(seen.flatMap((s) => (s.leader !== null && s.led ? [s.leader] : [])))) {
    const led = seen.filter((s) => s.leader === adult && s.led);
    for (const [i, room] of led.entries()) {
      const prior = led[i - 1];
      if (i && prior.window === room.window && !room.who.some((c) => prior.who.includes(c)))
        cost += wishes.walk;
      if (day.youngest !== null && room.who.includes(day.youngest))
        cost +=
          wishes.youngestLater *
          led.filter(
            (r) => r.window === room.window && r.starts < room.starts && !r.who.includes(day.youngest!),
          ).length;
    }
  }
  return cost;
}

/** The rooms that have a time, in the order in which they begin. */
function seenOf(day: Day, times: Times): Seen[] {
  return day.rooms
    .flatMap((room): Seen[] => {
      const at = times.get(room.id);
      return at ? [{ ...room, ...at, ends: at.starts + room.minutes }] : [];
    })
    .sort((a, b) => a.starts - b.starts);
}

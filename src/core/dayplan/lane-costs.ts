/** The lanes of a day, one for each child, adult and thing, and what the order of the rooms in one costs. */
import { STILL, type Day } from './day';

export interface LaneCosts {
  id: string;
  kind: 'child' | 'adult' | 'thing';
  /** Places of its rooms among the day’s. */
  rooms: number[];
  /** The order of its rooms costs something, and there are not too many of them to say how much. */
  hasOrder: boolean;
  /** There are too many of them. */
  isTooLong: boolean;
  bit: (room: number) => number;
  /** Whether a room is in this lane whoever leads it. */
  surely: (room: number) => boolean;
  /** What it costs that a room comes next, and how long a child then has been sitting still. */
  step: (mask: number, last: number, still: number, room: number) => { cost: number; still: number };
  /** What of the rooms before matters to the order of those left; the same for what comes to the same. */
  context: (mask: number, last: number, still: number) => string;
  /** The least that the order of the rooms left can cost. */
  rest: (mask: number, last: number, still: number) => number;
  /** What a minute costs in which a child has nothing to do. */
  price: number;
  /** Since when a child has had nothing to do: since the last room, or since the window opened. */
  since: (last: number, free: number, window: number) => number;
}

/** Rooms in a lane up to which the least cost of their order is worked out, and cases that are kept. */
const MOST = 30;
const MOST_CASES = 20_000;

export function laneCosts(day: Day): LaneCosts[] {
  const ids = (of: (r: Day['rooms'][number]) => readonly string[]): string[] => [
    ...new Set(day.rooms.flatMap(of)),
  ];
  return [
    ...ids((r) => r.who).map((id) => lane(day, 'child', id)),
    ...ids((r) => (r.led ? r.leaders : [])).map((id) => lane(day, 'adult', id)),
    ...ids((r) => r.things).map((id) => lane(day, 'thing', id)),
  ];
}

function lane(day: Day, kind: LaneCosts['kind'], id: string): LaneCosts {
  const { wishes } = day;
  const rooms = day.rooms.flatMap((r, i) => (isIn(r, kind, id) ? [i] : []));
  const at = new Map(rooms.map((room, i) => [room, i]));
  const orderMatters =
    kind === 'child'
      ? wishes.written + wishes.still + wishes.lightFirst > 0
      : kind === 'adult' && wishes.walk + wishes.youngestLater > 0;
  const hasOrder = orderMatters && rooms.length > 1 && rooms.length <= MOST;
  const before = rooms.map((i) => {
    const index = new Map(day.rooms.map((r, j) => [r.id, j]));
    return day.rooms[i].after.map((a) => at.get(index.get(a) ?? -1)).filter((j) => j !== undefined);
  });
  const has = (mask: number, i: number): boolean => ((mask >> i) & 1) === 1;

  const childStep = (mask: number, last: number, still: number, room: number): Step => {
    const next = day.rooms[room];
    const prior = last >= 0 && day.rooms[last].window === next.window ? day.rooms[last] : undefined;
    let cost = prior?.written && next.written ? wishes.written : 0;
    let sat = prior?.still ? still : 0;
    if (prior?.still && next.still && sat + next.minutes > STILL) {
      cost += wishes.still;
      sat = 0;
    }
    if (next.hard && wishes.lightFirst)
      for (const [i, r] of rooms.entries())
        if (has(mask, i) && day.rooms[r].light && day.rooms[r].window === next.window)
          cost += wishes.lightFirst;
    return { cost, still: next.still ? sat + next.minutes : 0 };
  };
  const adultStep = (mask: number, last: number, _: number, room: number): Step => {
    const next = day.rooms[room];
    const prior = last >= 0 && day.rooms[last].window === next.window ? day.rooms[last] : undefined;
    let cost = prior && !next.who.some((c) => prior.who.includes(c)) ? wishes.walk : 0;
    if (day.youngest !== null && next.who.includes(day.youngest) && wishes.youngestLater)
      for (const [i, r] of rooms.entries())
        if (has(mask, i) && day.rooms[r].window === next.window && !day.rooms[r].who.includes(day.youngest))
          cost += wishes.youngestLater;
    return { cost, still: 0 };
  };
  const none = (): Step => NO_COST;
  const step = hasOrder ? { child: childStep, adult: adultStep, thing: none }[kind] : none;

  const full = 2 ** rooms.length - 1;
  const known = new Map<number, number>();
  // An adult of several who may lead a room may end up leading none of them.
  const certain = kind !== 'adult' || rooms.every((i) => day.rooms[i].leaders.length === 1);
  const rest = (mask: number, last: number, still: number): number => {
    if (!hasOrder || !certain || mask === full) return 0;
    const key = (mask * (day.rooms.length + 1) + last + 1) * 1024 + Math.min(still, 1023);
    let least = known.get(key);
    if (least !== undefined) return least;
    if (known.size > MOST_CASES) return 0;
    least = Infinity;
    for (const [i, room] of rooms.entries()) {
      if (has(mask, i) || before[i].some((j) => !has(mask, j))) continue;
      const next = step(mask, last, still, room);
      least = Math.min(least, next.cost + rest(mask | (1 << i), room, next.still));
      if (least === 0) break;
    }
    if (least === Infinity) least = 0;
    known.set(key, least);
    return least;
  };

  const groups = rooms.map((i) => [...day.rooms[i].who].sort().join());
  const sets = groups.map((g) => groups.indexOf(g));
  // Which rooms without the youngest an adult has led counts for those with them, where it might have been another adult.
  const older = rooms.reduce(
    (bits, r, i) =>
      day.youngest !== null && !day.rooms[r].who.includes(day.youngest) ? bits | (1 << i) : bits,
    0,
  );
  const price = idlePrice(day, kind, id);
  const since = (last: number, free: number, window: number): number =>
    last >= 0 && day.rooms[last].window === window
      ? free
      : Math.max(day.windows[window].starts, day.freeFrom.get(id) ?? 0);
  return {
    id,
    kind,
    rooms,
    hasOrder,
    isTooLong: orderMatters && rooms.length > MOST,
    bit: (room) => (hasOrder ? 1 << at.get(room)! : 0),
    surely: (room) => kind !== 'adult' || day.rooms[room].leaders.length === 1,
    step,
    context: (mask, last, still) => {
      if (!hasOrder || last < 0) return '-';
      const before = day.rooms[last];
      const goesOn = rooms.some((r, i) => !has(mask, i) && day.rooms[r].window === before.window);
      if (kind === 'adult')
        return `${goesOn ? sets[at.get(last)!] : ''}${certain ? '' : `:${mask & older}`}-`;
      if (!goesOn) return '-';
      return `${before.written ? 'w' : ''}${before.still ? still : ''}-`;
    },
    rest,
    price,
    since,
  };
}

interface Step {
  cost: number;
  still: number;
}
const NO_COST: Step = { cost: 0, still: 0 };

function isIn(room: Day['rooms'][number], kind: LaneCosts['kind'], id: string): boolean {
  if (kind === 'child') return room.who.includes(id);
  if (kind === 'adult') return room.led > 0 && room.leaders.includes(id);
  return room.things.includes(id);
}

function idlePrice({ wishes, small }: Day, kind: LaneCosts['kind'], id: string): number {
  if (kind !== 'child') return 0;
  return small.has(id) ? wishes.idleSmall : wishes.idle;
}

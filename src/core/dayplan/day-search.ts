/** A day read into arrays for the search, and a half-made plan of it: which rooms have their times, and what that costs so far. */
import { freeForAll, leftOf, minutesOf, type Stretch } from '../calendar/away';
import type { Day } from './day';
import { laneCosts, type LaneCosts } from './lane-costs';

export interface Shape {
  day: Day;
  n: number;
  lanes: LaneCosts[];
  minutes: Int32Array;
  /** Minutes for which a room keeps the one who leads it. */
  led: Int32Array;
  opens: Int32Array;
  window: Int32Array;
  atSchool: boolean[];
  /** Minutes of school rooms that must follow a room; and what of it goes on after it was led, with them. */
  tail: Int32Array;
  ledTail: Int32Array;
  after: number[][];
  /** Lanes of the children and things in a room; and one of each adult who may lead it, or none. */
  lanesOf: number[][];
  leadersOf: number[][];
  /** The rooms of each lane that are in it whoever leads them, by window. */
  surely: number[][];
  surelyIn: number[][][];
  windows: number[];
  /** When each lane is somewhere else; and for how many minutes before a time. */
  away: (readonly Stretch[])[];
  isAnyAway: boolean;
  awayBefore: (lane: number, time: number) => number;
  dayStarts: number;
  /** Only when rooms end costs something, not their order. */
  onlyEnds: boolean;
}

const NOBODY = [-1];
const NOWHERE: readonly Stretch[] = [];

/** @throws RangeError where rooms wait for each other in a circle */
export function shapeOf(day: Day): Shape {
  const { rooms, wishes } = day;
  const lanes = laneCosts(day);
  const laneAt = new Map(lanes.map((l, i) => [`${l.kind} ${l.id}`, i]));
  const index = new Map(rooms.map((r, i) => [r.id, i]));
  const after = rooms.map((r) => r.after.flatMap((id) => index.get(id) ?? []));
  const atSchool = rooms.map((r) => day.windows[r.window].atSchool);
  const tail = tailsOf(day, after, atSchool);
  const surely = lanes.map((l) => l.rooms.filter(l.surely));
  const away = lanes.map((l) => day.away.get(l.id) ?? NOWHERE);
  const windows = [...new Set(rooms.map((r) => r.window))].sort((a, b) => a - b);
  return {
    day,
    n: rooms.length,
    lanes,
    minutes: Int32Array.from(rooms, (r) => r.minutes),
    led: Int32Array.from(rooms, (r) => r.led),
    opens: Int32Array.from(rooms, (r) => r.opens),
    window: Int32Array.from(rooms, (r) => r.window),
    atSchool,
    tail,
    ledTail: tail.map((t, i) => t + rooms[i].minutes - rooms[i].led),
    after,
    lanesOf: rooms.map((r) => [
      ...r.who.map((c) => laneAt.get(`child ${c}`)!),
      ...r.things.map((t) => laneAt.get(`thing ${t}`)!),
    ]),
    leadersOf: rooms.map((r) =>
      r.led && r.leaders.length ? r.leaders.map((a) => laneAt.get(`adult ${a}`)!) : NOBODY,
    ),
    surely,
    surelyIn: surely.map((list) => windows.map((w) => list.filter((i) => rooms[i].window === w))),
    windows,
    away,
    isAnyAway: away.some((times) => times.length > 0),
    awayBefore: (lane, time) =>
      away[lane].length ? time - minutesOf(leftOf({ from: 0, to: time }, away[lane])) : 0,
    dayStarts: Math.min(...day.windows.map((w) => w.starts)),
    onlyEnds: !wishes.written && !wishes.still && !wishes.lightFirst && !wishes.youngestLater && !wishes.walk,
  };
}

function tailsOf(day: Day, after: number[][], atSchool: boolean[]): Int32Array {
  const tail = new Int32Array(day.rooms.length);
  const following: number[][] = day.rooms.map(() => []);
  after.forEach((list, i) => list.forEach((before) => following[before].push(i)));
  const visited = new Uint8Array(day.rooms.length);
  const visit = (i: number): number => {
    if (visited[i] === 1) throw new RangeError(`“${day.rooms[i].id}” waits for itself`);
    if (visited[i] === 2) return tail[i];
    visited[i] = 1;
    for (const next of following[i]) {
      const rest = visit(next) + day.rooms[next].minutes;
      if (atSchool[next]) tail[i] = Math.max(tail[i], rest);
    }
    visited[i] = 2;
    return tail[i];
  };
  for (let i = 0; i < tail.length; i++) visit(i);
  return tail;
}

/** A half-made plan of a day. Rooms get their times in the order in which they begin. */
export class HalfDay {
  constructor(
    private readonly shape: Shape,
    /** By lane: when it is free, the room it was in last (−1: none), its placed rooms as bits, minutes sat still. */
    readonly free: number[],
    readonly last: number[],
    readonly mask: number[],
    readonly still: number[],
    /** By room: when it begins (−1: has no time yet), and the lane of who leads it (−1: nobody). */
    readonly starts: number[],
    readonly leader: number[],
    public count: number,
    /** When the last room began. */
    public clock: number,
    public sum: number,
    /** When the last room at school ends. */
    public end: number,
    /** What the rooms so far cost, without the end of the day. */
    public cost: number,
  ) {}

  static none(shape: Shape): HalfDay {
    const { lanes, n, day } = shape;
    return new HalfDay(
      shape,
      lanes.map((l) => day.freeFrom.get(l.id) ?? 0),
      lanes.map(() => -1),
      lanes.map(() => 0),
      lanes.map(() => 0),
      Array.from({ length: n }, () => -1),
      Array.from({ length: n }, () => -1),
      0,
      0,
      0,
      shape.dayStarts,
      0,
    );
  }

  /** What it costs with the end of the day. */
  get whole(): number {
    return this.cost + this.shape.day.wishes.end * (this.end - this.shape.dayStarts);
  }

  has(room: number): boolean {
    return this.starts[room] >= 0;
  }

  earliest(room: number, leader: number): number {
    let at = this.shape.opens[room];
    for (const lane of this.shape.lanesOf[room]) if (this.free[lane] > at) at = this.free[lane];
    if (leader >= 0 && this.free[leader] > at) at = this.free[leader];
    return this.shape.isAnyAway ? this.besideAway(at, room, leader) : at;
  }

  /** The first moment from one on at which nobody of a room is away while they are in it. */
  private besideAway(from: number, room: number, leader: number): number {
    const { away, lanesOf, minutes, led } = this.shape;
    return freeForAll(from, [
      ...lanesOf[room].map((lane) => ({ length: minutes[room], away: away[lane] })),
      ...(leader < 0 ? [] : [{ length: led[room], away: away[leader] }]),
    ]);
  }

  /** The plan with one room more, as early as it goes. */
  with(room: number, leader: number): HalfDay {
    const { day, minutes, led, window, atSchool, lanesOf, lanes } = this.shape;
    const { past } = day.wishes;
    const starts = this.earliest(room, leader);
    const ends = starts + minutes[room];
    const next = new HalfDay(
      this.shape,
      this.free.slice(),
      this.last.slice(),
      this.mask.slice(),
      this.still.slice(),
      this.starts.slice(),
      this.leader.slice(),
      this.count + 1,
      Math.max(this.clock, starts),
      this.sum + starts,
      atSchool[room] ? Math.max(this.end, ends) : this.end,
      this.cost + past * Math.max(0, ends - day.windows[window[room]].ends),
    );
    next.starts[room] = starts;
    next.leader[room] = leader;
    for (const l of lanesOf[room]) next.enter(l, room, starts, ends);
    if (leader < 0) return next;
    next.enter(leader, room, starts, starts + led[room]);
    const goes = day.goes.get(lanes[leader].id);
    if (goes !== undefined) next.cost += past * Math.max(0, starts + led[room] - goes);
    return next;
  }

  private enter(l: number, room: number, starts: number, until: number): void {
    const lane = this.shape.lanes[l];
    if (lane.hasOrder) {
      const step = lane.step(this.mask[l], this.last[l], this.still[l], room);
      this.cost += step.cost;
      this.still[l] = step.still;
      this.mask[l] |= lane.bit(room);
    }
    if (lane.price) {
      const { window, awayBefore } = this.shape;
      const since = lane.since(this.last[l], this.free[l], window[room]);
      this.cost += lane.price * (starts - since - awayBefore(l, starts) + awayBefore(l, since));
    }
    this.free[l] = until;
    this.last[l] = room;
  }
}

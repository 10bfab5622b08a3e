/**
 * The best times for the rooms of a day: branch and bound over the order in which rooms begin. Exact as long as it gets to
 * its end within its effort, and otherwise the best that was found.
 */
import type { Day, Placed, Room, Times } from './day';
import { Bound } from './day-bound';
import { HalfDay, shapeOf, type Shape } from './day-search';

export interface Solved {
  times: Times;
  cost: number;
  /** No other times cost less. */
  proved: boolean;
  /** Half-made plans that were looked at. */
  nodes: number;
}

/**
 * How many half-made plans are looked at before the best so far is taken: about a tenth of a second at most. An ordinary day is
 * proved long before; of one with more rooms the best of so many is good, and in time.
 */
const EFFORT = { ordinary: 4000, beyond: 600 } as const;
/** Rooms of an ordinary day, at most. */
const ORDINARY = 30;
/** How many ways of having placed the same rooms are remembered. */
const MOST_KNOWN = 40;

/**
 * Windows that nothing runs out of are looked at one by one: nothing in one then costs more or less by what is in another.
 * @param effort half-made plans to look at in each; 0 takes the best of the simple rules
 * @throws RangeError where rooms wait for each other in a circle
 */
export function solveDay(
  day: Day,
  effort: number = day.rooms.length > ORDINARY ? EFFORT.beyond : EFFORT.ordinary,
): Solved {
  const times = new Map<string, Placed>();
  const whole: Solved = { times, cost: 0, proved: true, nodes: 0 };
  let waiting: Room[] = [];
  const order = [...new Set(day.rooms.map((r) => r.window))].sort((a, b) => a - b);
  for (const [i, window] of order.entries()) {
    waiting.push(...day.rooms.filter((r) => r.window === window));
    const next = order.slice(i + 1);
    const opens = Math.min(...next.map((w) => day.windows[w].starts));
    // The end of the day is that of the last window at school.
    const isLast = !next.some((w) => day.windows[w].atSchool);
    const wishes = isLast ? day.wishes : { ...day.wishes, end: 0 };
    const solved = new Search(shapeOf({ ...day, rooms: waiting, wishes }), effort).run();
    const ends = Math.max(...waiting.map((r) => solved.times.get(r.id)!.starts + r.minutes));
    // What runs into the next window is looked at with it.
    if (ends > opens) continue;
    for (const [id, placed] of solved.times) times.set(id, placed);
    whole.cost += solved.cost;
    whole.proved &&= solved.proved;
    whole.nodes += solved.nodes;
    waiting = [];
  }
  return whole;
}

interface Possible {
  room: number;
  leader: number;
  starts: number;
}

class Search {
  private readonly bound: Bound;
  private best: HalfDay | undefined;
  private nodes = 0;
  private readonly known = new Map<string, number[][]>();

  constructor(
    private readonly shape: Shape,
    private readonly effort: number,
  ) {
    this.bound = new Bound(shape);
  }

  run(): Solved {
    const { day, lanes } = this.shape;
    const none = HalfDay.none(this.shape);
    for (const rule of RULES) this.dive(none, rule);
    const proved = this.bound.of(none) >= this.bestCost || (this.effort > 0 && this.branch(none));
    const { starts, leader } = this.best!;
    return {
      times: new Map(
        day.rooms.map((r, i) => [
          r.id,
          { starts: starts[i], leader: leader[i] < 0 ? null : lanes[leader[i]].id },
        ]),
      ),
      cost: this.bestCost,
      // Where the order of a lane is not counted nothing is known of it.
      proved: proved && !lanes.some((l) => l.isTooLong),
      nodes: this.nodes,
    };
  }

  private get bestCost(): number {
    return this.best?.whole ?? Infinity;
  }

  private keep(state: HalfDay): void {
    if (state.whole < this.bestCost) this.best = state;
  }

  /** Takes at every step the room that a rule puts first. */
  private dive(none: HalfDay, rule: Rule): void {
    let state = none;
    while (state.count < this.shape.n) {
      let chosen: (Possible & { rank: readonly number[] }) | undefined;
      for (const possible of this.open(state)) {
        const rank = rule({
          ...possible,
          after: this.shape.tail[possible.room] + this.shape.minutes[possible.room],
          day: this.shape.day,
        });
        if (!chosen || isLess(rank, chosen.rank)) chosen = { ...possible, rank };
      }
      state = state.with(chosen!.room, chosen!.leader);
    }
    this.keep(state);
  }

  /** Rooms all of whose rooms before are placed, each with everyone who may lead it. */
  private open(state: HalfDay): Possible[] {
    const { n, after, leadersOf } = this.shape;
    const found: Possible[] = [];
    const isOpen = (room: number): boolean => state.starts[room] < 0;
    for (let room = 0; room < n; room++) {
      if (state.has(room) || after[room].some(isOpen)) continue;
      for (const leader of leadersOf[room])
        found.push({ room, leader, starts: state.earliest(room, leader) });
    }
    return found;
  }

  /** What can begin next. What could have begun before the room placed last is placed elsewhere. */
  private next(state: HalfDay): Possible[] {
    const found = this.open(state);
    const inOrder = found.filter((f) => f.starts >= state.clock);
    if (!this.shape.onlyEnds) return inOrder;
    // Where only ends count, nothing is left to begin when something else would be over by then.
    const over = Math.min(...found.map((f) => f.starts + this.shape.minutes[f.room]));
    return inOrder.filter((f) => f.starts < over);
  }

  /** @returns whether everything below was looked at, or could not be better */
  private branch(state: HalfDay): boolean {
    if (state.count === this.shape.n) {
      this.keep(state);
      return true;
    }
    if (this.nodes++ >= this.effort) return false;
    const next = this.next(state)
      .map(({ room, leader, starts }) => {
        const placed = state.with(room, leader);
        return { placed, bound: this.bound.of(placed, this.bestCost), starts };
      })
      .sort((a, b) => a.bound - b.bound || a.starts - b.starts);
    for (const { placed, bound } of next) {
      if (bound >= this.bestCost || this.isNoBetter(placed)) continue;
      if (!this.branch(placed)) return false;
    }
    return true;
  }

  /**
   * What of the idle minutes so far is counted again from the end of a child’s window: a child who is free sooner has waited
   * less until now, and longer until what comes next.
   */
  private stillToWait({ last, free, starts }: HalfDay): number {
    const { lanes, surelyIn, windows, window, awayBefore } = this.shape;
    let cost = 0;
    for (const [l, lane] of lanes.entries()) {
      if (!lane.price || last[l] < 0) continue;
      const rooms = surelyIn[l][windows.indexOf(window[last[l]])];
      if (rooms.some((i) => starts[i] < 0)) cost += lane.price * (free[l] - awayBefore(l, free[l]));
    }
    return cost;
  }

  /** Whether the same rooms were placed before, nowhere later and no dearer. Remembers this plan where they were not. */
  private isNoBetter(state: HalfDay): boolean {
    const { n, lanes, onlyEnds } = this.shape;
    let key = '';
    for (let i = 0; i < n; i += 15) {
      let bits = 0;
      for (let j = i; j < Math.min(n, i + 15); j++) if (state.has(j)) bits |= 1 << (j - i);
      key += String.fromCharCode(bits);
    }
    if (!onlyEnds)
      for (const [l, lane] of lanes.entries())
        if (lane.hasOrder) key += lane.context(state.mask[l], state.last[l], state.still[l]);
    const vector = [...state.free, state.clock, state.sum, state.end, state.cost - this.stillToWait(state)];
    const known = this.known.get(key);
    if (!known) {
      this.known.set(key, [vector]);
      return false;
    }
    if (known.some((k) => isNowhereMore(k, vector))) return true;
    if (known.length < MOST_KNOWN) known.push(vector);
    return false;
  }
}

function isNowhereMore(a: readonly number[], b: readonly number[]): boolean {
  for (let i = 0; i < a.length; i++) if (a[i] > b[i]) return false;
  return true;
}

interface Candidate extends Possible {
  /** Minutes of the room and of what must follow it. */
  after: number;
  day: Day;
}
type Rule = (c: Candidate) => readonly number[];

const hasSmall = ({ room, day }: Candidate): number =>
  day.rooms[room].who.some((c) => day.small.has(c)) ? 0 : 1;

/** Simple rules to begin with, each a rank: the least is taken. */
const RULES: readonly Rule[] = [
  (c) => [c.starts, c.room],
  (c) => [c.starts, -c.after],
  (c) => [c.starts, -c.day.rooms[c.room].led, -c.after],
  (c) => [c.starts, hasSmall(c), -c.day.rooms[c.room].led, c.room],
  (c) => [c.starts, c.day.rooms[c.room].light ? 1 : 0, -c.after],
];

function isLess(a: readonly number[], b: readonly number[]): boolean {
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return a[i] < b[i];
  return false;
}

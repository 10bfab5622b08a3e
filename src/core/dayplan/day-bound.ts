/**
 * The least that can come of a half-made plan of a day: what the preemptive schedule of each child, adult and thing needs
 * (Jackson 1955; Carlier 1982), what each child’s own rooms make them wait, what waiting in turn for one adult or thing
 * adds to it, and the least that the order of each lane can cost.
 */
import type { HalfDay, Shape } from './day-search';

/** Minutes of a day. */
const DAY = 24 * 60;
/** Children up to whom all orders of waiting in turn are looked at. */
const MOST_IN_TURN = 6;

export class Bound {
  private readonly heads: Int32Array;
  private readonly done: Uint8Array;
  private readonly sorted: Int32Array;
  /** When a child is through with each window at the earliest, by lane and window. */
  private readonly through: Int32Array;
  private readonly least = new Float64Array(1 << MOST_IN_TURN);
  /** Of waiting in turn: the rooms that are left, and by how much a child is late but for the turn itself. */
  private readonly open: Int32Array;
  private readonly late = new Float64Array(MOST_IN_TURN);
  private readonly turns: Turn[][];

  constructor(private readonly shape: Shape) {
    const { n, lanes, windows } = shape;
    this.heads = new Int32Array(n);
    this.done = new Uint8Array(n);
    this.sorted = new Int32Array(n);
    this.open = new Int32Array(n);
    this.through = new Int32Array(lanes.length * windows.length);
    this.turns = windows.map((_, w) =>
      lanes.flatMap((lane, l): Turn[] => {
        const rooms = shape.surelyIn[l][w];
        const children = [...new Set(rooms.flatMap((i) => shape.lanesOf[i]))].filter(
          (c) => lanes[c].price > 0,
        );
        if (lane.kind === 'child' || rooms.length < 2 || !children.length || children.length > MOST_IN_TURN)
          return [];
        return [
          {
            rooms,
            children,
            shares: rooms.map((i) =>
              children.reduce((bits, c, n) => bits | (shape.lanesOf[i].includes(c) ? 1 << n : 0), 0),
            ),
            length: lane.kind === 'adult' ? shape.led : shape.minutes,
          },
        ];
      }),
    );
  }

  /** @param limit what is dearer than this need not be known more exactly */
  of(state: HalfDay, limit = Infinity): number {
    const { shape } = this;
    const { day, n, lanes, minutes, atSchool, tail, led, ledTail, windows } = shape;
    const { wishes } = day;
    this.findHeads(state);
    const { heads } = this;
    let { end, cost } = state;
    for (let i = 0; i < n; i++) {
      if (state.starts[i] >= 0) continue;
      const ends = heads[i] + minutes[i];
      if (atSchool[i] && ends + tail[i] > end) end = ends + tail[i];
      const past = ends - day.windows[shape.window[i]].ends;
      if (past > 0) cost += wishes.past * past;
    }
    for (let l = 0; l < lanes.length; l++) {
      const lane = lanes[l];
      if (wishes.end) {
        const rooms = shape.surely[l].filter((i) => state.starts[i] < 0 && atSchool[i]);
        const adult = lane.kind === 'adult';
        if (rooms.length)
          end = Math.max(end, preemptive(rooms, heads, adult ? led : minutes, adult ? ledTail : tail));
      }
      if (lane.hasOrder) cost += lane.rest(state.mask[l], state.last[l], state.still[l]);
      if (lane.price) cost += this.idleOf(state, l);
    }
    cost += wishes.end * (end - shape.dayStarts);
    for (let w = 0; w < windows.length && cost < limit; w++) {
      let most = 0;
      for (const turn of this.turns[w]) most = Math.max(most, this.inTurn(state, turn, w));
      cost += most;
    }
    return cost;
  }

  /** The first moment at which each room that is left can begin. */
  private findHeads(state: HalfDay): void {
    this.done.fill(0);
    for (let i = 0; i < this.shape.n; i++) if (state.starts[i] < 0) this.head(state, i);
  }

  private head(state: HalfDay, i: number): number {
    const { heads, done, shape } = this;
    if (done[i]) return heads[i];
    done[i] = 1;
    let at = Infinity;
    for (const leader of shape.leadersOf[i]) at = Math.min(at, state.earliest(i, leader));
    for (const before of shape.after[i])
      if (state.starts[before] < 0) at = Math.max(at, this.head(state, before) + shape.minutes[before]);
    heads[i] = Math.max(at, state.clock);
    return heads[i];
  }

  /** What a child’s own rooms make of idle minutes, taken one after the other as they can begin. */
  private idleOf(state: HalfDay, l: number): number {
    const { shape, heads, sorted } = this;
    const { windows, minutes, surelyIn, lanes } = shape;
    let cost = 0;
    for (let w = 0; w < windows.length; w++) {
      let count = 0;
      let work = 0;
      for (const i of surelyIn[l][w]) {
        if (state.starts[i] >= 0) continue;
        let at = count++;
        for (; at > 0 && heads[sorted[at - 1]] > heads[i]; at--) sorted[at] = sorted[at - 1];
        sorted[at] = i;
        work += minutes[i];
      }
      if (!count) continue;
      const from = lanes[l].since(state.last[l], state.free[l], windows[w]);
      let ends = Math.max(from, state.free[l]);
      for (let k = 0; k < count; k++) ends = Math.max(ends, heads[sorted[k]]) + minutes[sorted[k]];
      this.through[l * windows.length + w] = ends;
      // What somebody is away for is no idle time; at most that much of it lies between.
      const away = shape.awayBefore(l, DAY) - shape.awayBefore(l, from);
      cost += lanes[l].price * (ends - from - work - away);
    }
    return cost;
  }

  /**
   * What idle minutes cost beyond that because an adult or a thing is with one child after the other: the least of all
   * orders in which the children can be through with it.
   */
  private inTurn(state: HalfDay, { rooms, children, shares, length }: Turn, w: number): number {
    const { least, heads, through } = this;
    const { lanes, windows, minutes } = this.shape;
    const { open, late } = this;
    let count = 0;
    let from = Infinity;
    let all = 0;
    for (let r = 0; r < rooms.length; r++) {
      if (state.starts[rooms[r]] >= 0) continue;
      from = Math.min(from, heads[rooms[r]]);
      all |= shares[r];
      open[count++] = r;
    }
    if (!all) return 0;
    for (let c = 0; c < children.length; c++) {
      // What goes on after it was led, of the room for which that is the least.
      let on = Infinity;
      for (let k = 0; k < count; k++) {
        const r = open[k];
        if ((shares[r] >> c) & 1) on = Math.min(on, minutes[rooms[r]] - length[rooms[r]]);
      }
      late[c] = on - through[children[c] * windows.length + w];
    }
    for (let set = 1; set <= all; set++) {
      if ((set & all) !== set) continue;
      let over = from;
      for (let k = 0; k < count; k++) if (shares[open[k]] & set) over += length[rooms[open[k]]];
      let best = Infinity;
      for (let c = 0; c < children.length; c++) {
        if (!((set >> c) & 1)) continue;
        const waits = over + late[c];
        const is = least[set ^ (1 << c)] + (waits > 0 ? waits * lanes[children[c]].price : 0);
        if (is < best) best = is;
      }
      least[set] = best;
    }
    return least[all];
  }
}

interface Turn {
  rooms: number[];
  children: number[];
  /** Which of the children are in each room, as bits. */
  shares: number[];
  length: Int32Array;
}

/** When a lane is through with these rooms and what follows them, were it free to break off and go on: never later than it truly can be. */
function preemptive(
  rooms: readonly number[],
  heads: Int32Array,
  length: Int32Array,
  tail: Int32Array,
): number {
  const waiting = [...rooms].sort((a, b) => heads[a] - heads[b]);
  const open: { tail: number; left: number }[] = [];
  let at = 0;
  let end = 0;
  let next = 0;
  while (next < waiting.length || open.length) {
    if (!open.length) at = Math.max(at, heads[waiting[next]]);
    while (next < waiting.length && heads[waiting[next]] <= at)
      open.push({ tail: tail[waiting[next]], left: length[waiting[next++]] });
    let most = 0;
    for (let i = 1; i < open.length; i++) if (open[i].tail > open[most].tail) most = i;
    const until = next < waiting.length ? heads[waiting[next]] : Infinity;
    const works = Math.min(open[most].left, until - at);
    at += works;
    open[most].left -= works;
    if (open[most].left > 0) continue;
    end = Math.max(end, at + open[most].tail);
    open.splice(most, 1);
  }
  return end;
}

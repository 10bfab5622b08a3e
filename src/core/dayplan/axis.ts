/**
 * The time axis of a drawn day: time runs down the page, but a short task still gets the height its words need, and
 * an empty hour does not take a whole hand's breadth. Stretched piece by piece, never out of order.
 */

export interface AxisRoom {
  starts: number;
  ends: number;
  /** Pixels its words need. */
  needs: number;
}

export interface Axis {
  /** Pixels from the top for a time in minutes after midnight. */
  at: (time: number) => number;
  height: number;
}

/** Pixels a minute where rooms do not ask for more, and where nothing happens. */
const SCALE = { busy: 1.35, idle: 0.5 };

export function axisOf(rooms: readonly AxisRoom[], starts: number, ends: number): Axis {
  const last = Math.max(ends, ...rooms.map((r) => r.ends));
  const first = Math.min(starts, ...rooms.map((r) => r.starts));
  const times = [...new Set([first, last, ...rooms.flatMap((r) => [r.starts, r.ends])])].sort(
    (a, b) => a - b,
  );
  const heights = times.slice(1).map((t, i) => {
    const busy = rooms.some((r) => r.starts <= times[i] && r.ends >= t);
    return (t - times[i]) * (busy ? SCALE.busy : SCALE.idle);
  });
  // Short rooms first: what stretches them often makes the longer ones tall enough as well.
  for (const room of [...rooms].sort((a, b) => a.ends - a.starts - (b.ends - b.starts))) {
    const from = times.indexOf(room.starts);
    const to = times.indexOf(room.ends);
    const has = heights.slice(from, to).reduce((sum, h) => sum + h, 0);
    if (has >= room.needs || to <= from) continue;
    for (let i = from; i < to; i++) heights[i] *= room.needs / has;
  }
  const tops = [0];
  for (const h of heights) tops.push(tops[tops.length - 1] + h);
  return {
    height: tops[tops.length - 1],
    at: (time) => {
      const i = Math.max(
        0,
        Math.min(
          times.length - 2,
          times.findIndex((t, n) => time >= t && time <= (times[n + 1] ?? Infinity)),
        ),
      );
      const span = times[i + 1] - times[i];
      return (
        tops[i] +
        (span > 0 ? (Math.min(Math.max(time, times[i]), times[i + 1]) - times[i]) / span : 0) * heights[i]
      );
    },
  };
}

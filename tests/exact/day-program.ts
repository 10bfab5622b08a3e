/** A day as a mixed-integer programme, for HiGHS: what ends and waits cost, without the order of the work. */
import type { Day } from '@/core/dayplan/day';
import { Programme, type Term } from '@/core/solver/programme';

/** The wishes the programme knows of. */
export const withoutOrder = (day: Day): Day => ({
  ...day,
  wishes: { ...day.wishes, written: 0, still: 0, lightFirst: 0, youngestLater: 0, walk: 0 },
});

export interface DayProgram {
  text: string;
  /** What times come to by the programme’s variables. */
  costOf: (value: (name: string) => number) => number;
}

/** One leader at most may lead each room. */
export function dayProgram(day: Day): DayProgram {
  const { rooms, windows, wishes } = day;
  const index = new Map(rooms.map((r, i) => [r.id, i]));
  const late = Math.max(...windows.map((w) => w.ends)) + rooms.reduce((sum, r) => sum + r.minutes, 0);
  const programme = new Programme();
  rooms.forEach((r, i) =>
    programme.row([[1, `s${i}`]], '>=', Math.max(r.opens, ...r.who.map((c) => day.freeFrom.get(c) ?? 0))),
  );
  const reaches = before(day, index);
  const either = (i: number, j: number, lengthI: number, lengthJ: number): void => {
    if (reaches[i].has(j) || reaches[j].has(i)) return;
    const name = `y${i}_${j}`;
    programme.decides(name);
    // One of them is over before the other begins.
    programme.row(
      [
        [1, `s${j}`],
        [-1, `s${i}`],
        [late, name],
      ],
      '>=',
      lengthI,
    );
    programme.row(
      [
        [1, `s${i}`],
        [-1, `s${j}`],
        [-late, name],
      ],
      '>=',
      lengthJ - late,
    );
  };
  rooms.forEach((room, i) => {
    for (const a of room.after)
      if (index.has(a))
        programme.row(
          [
            [1, `s${i}`],
            [-1, `s${index.get(a)!}`],
          ],
          '>=',
          rooms[index.get(a)!].minutes,
        );
    rooms.slice(i + 1).forEach((other, n) => {
      const j = i + 1 + n;
      const meets = (a: readonly string[], b: readonly string[]): boolean => a.some((x) => b.includes(x));
      const isLed = room.led > 0 && other.led > 0 && meets(room.leaders, other.leaders);
      if (meets(room.who, other.who) || meets(room.things, other.things))
        either(i, j, room.minutes, other.minutes);
      else if (isLed) either(i, j, room.led, other.led);
    });
    const people = [
      ...room.who.map((id): [string, number] => [id, room.minutes]),
      ...(room.led && room.leaders.length === 1 ? [[room.leaders[0], room.led] as [string, number]] : []),
    ];
    for (const [id, length] of people)
      for (const [n, a] of (day.away.get(id) ?? []).entries()) {
        // It is over before they go, or begins when they are back.
        const name = `a${i}_${id.replace(/\W/g, '') || 'you'}_${n}`;
        programme.decides(name);
        programme.row(
          [
            [1, `s${i}`],
            [-late, name],
          ],
          '<=',
          a.from - length,
        );
        programme.row(
          [
            [1, `s${i}`],
            [-late, name],
          ],
          '>=',
          a.to - late,
        );
      }
    programme.row(
      [
        [1, `past${i}`],
        [-1, `s${i}`],
      ],
      '>=',
      room.minutes - windows[room.window].ends,
    );
    if (windows[room.window].atSchool)
      programme.row(
        [
          [1, 'zend'],
          [-1, `s${i}`],
        ],
        '>=',
        room.minutes,
      );
  });
  const first = Math.min(...windows.map((w) => w.starts));
  const terms: Term[] = [[wishes.end, 'zend'], ...rooms.map((_, i): Term => [wishes.past, `past${i}`])];
  let constant = -wishes.end * first;
  for (const child of new Set(rooms.flatMap((r) => r.who)))
    windows.forEach((window, w) => {
      const of = rooms.flatMap((r, i) => (r.window === w && r.who.includes(child) ? [i] : []));
      if (!of.length) return;
      const price = day.small.has(child) ? wishes.idleSmall : wishes.idle;
      const name = `z_${child.replace(/\W/g, '')}_${w}`;
      for (const i of of)
        programme.row(
          [
            [1, name],
            [-1, `s${i}`],
          ],
          '>=',
          rooms[i].minutes,
        );
      terms.push([price, name]);
      const work = of.reduce((sum, i) => sum + rooms[i].minutes, 0);
      const from = Math.max(window.starts, day.freeFrom.get(child) ?? 0);
      constant -= price * (from + work);
      // Who is away is not idle, where they come back in that half-day.
      for (const [n, a] of (day.away.get(child) ?? []).entries()) {
        const length = a.to - Math.max(a.from, from);
        if (length <= 0) continue;
        const back = `b_${name}_${n}`;
        programme.decides(back);
        programme.row(
          [
            [1, name],
            [-late, back],
          ],
          '>=',
          a.to - late,
        );
        terms.push([-price * length, back]);
      }
    });
  programme.row([[1, 'zend']], '>=', first);
  for (const [cost, name] of terms) programme.costs(name, cost);
  return {
    text: programme.text(),
    costOf: (value) => Math.round(constant + terms.reduce((sum, [c, v]) => sum + c * value(v), 0)),
  };
}

/** The rooms that come before each, one way or another. */
function before({ rooms }: Day, index: ReadonlyMap<string, number>): Set<number>[] {
  const known: Set<number>[] = [];
  const of = (i: number): Set<number> => {
    if (known[i]) return known[i];
    const all = new Set<number>();
    for (const a of rooms[i].after) {
      const j = index.get(a);
      if (j === undefined) continue;
      all.add(j);
      for (const k of of(j)) all.add(k);
    }
    return (known[i] = all);
  };
  rooms.forEach((_, i) => of(i));
  return known;
}

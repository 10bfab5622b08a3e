/** A day as a mixed-integer programme, for HiGHS: what ends and waits cost, without the order of the work. */
import type { Day } from '@/core/dayplan/day';

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

/** In CPLEX LP form. One leader at most may lead each room. */
export function dayProgram(day: Day): DayProgram {
  const { rooms, windows, wishes } = day;
  const index = new Map(rooms.map((r, i) => [r.id, i]));
  const late = Math.max(...windows.map((w) => w.ends)) + rooms.reduce((sum, r) => sum + r.minutes, 0);
  const lines: string[] = [];
  const binaries: string[] = [];
  const bounds = rooms.map(
    (r, i) => `s${i} >= ${Math.max(r.opens, ...r.who.map((c) => day.freeFrom.get(c) ?? 0))}`,
  );
  const reaches = before(day, index);
  const either = (i: number, j: number, lengthI: number, lengthJ: number): void => {
    if (reaches[i].has(j) || reaches[j].has(i)) return;
    const name = `y${i}_${j}`;
    if (!binaries.includes(name)) binaries.push(name);
    // One of them is over before the other begins.
    lines.push(`s${j} - s${i} + ${late} ${name} >= ${lengthI}`);
    lines.push(`s${i} - s${j} - ${late} ${name} >= ${lengthJ - late}`);
  };
  rooms.forEach((room, i) => {
    for (const a of room.after)
      if (index.has(a)) lines.push(`s${i} - s${index.get(a)!} >= ${rooms[index.get(a)!].minutes}`);
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
        binaries.push(name);
        lines.push(`s${i} - ${late} ${name} <= ${a.from - length}`);
        lines.push(`s${i} - ${late} ${name} >= ${a.to - late}`);
      }
    lines.push(`past${i} - s${i} >= ${room.minutes - windows[room.window].ends}`);
    if (windows[room.window].atSchool) lines.push(`zend - s${i} >= ${room.minutes}`);
  });
  const first = Math.min(...windows.map((w) => w.starts));
  const terms: [number, string][] = [
    [wishes.end, 'zend'],
    ...rooms.map((_, i): [number, string] => [wishes.past, `past${i}`]),
  ];
  let constant = -wishes.end * first;
  for (const child of new Set(rooms.flatMap((r) => r.who)))
    windows.forEach((window, w) => {
      const of = rooms.flatMap((r, i) => (r.window === w && r.who.includes(child) ? [i] : []));
      if (!of.length) return;
      const price = day.small.has(child) ? wishes.idleSmall : wishes.idle;
      const name = `z_${child.replace(/\W/g, '')}_${w}`;
      for (const i of of) lines.push(`${name} - s${i} >= ${rooms[i].minutes}`);
      terms.push([price, name]);
      const work = of.reduce((sum, i) => sum + rooms[i].minutes, 0);
      const from = Math.max(window.starts, day.freeFrom.get(child) ?? 0);
      constant -= price * (from + work);
      // Who is away is not idle, where they come back in that half-day.
      for (const [n, a] of (day.away.get(child) ?? []).entries()) {
        const length = a.to - Math.max(a.from, from);
        if (length <= 0) continue;
        const back = `b_${name}_${n}`;
        binaries.push(back);
        lines.push(`${name} - ${late} ${back} >= ${a.to - late}`);
        terms.push([-price * length, back]);
      }
    });
  bounds.push(`zend >= ${first}`);
  return {
    text: [
      'Minimize',
      ` cost: ${terms.map(([c, v]) => `${c < 0 ? '-' : '+'} ${Math.abs(c)} ${v}`).join(' ')}`,
      'Subject To',
      ...lines.map((l, i) => ` c${i}: ${l}`),
      'Bounds',
      ...bounds.map((b) => ` ${b}`),
      ...(binaries.length ? ['Binaries', ` ${binaries.join(' ')}`] : []),
      'End',
    ].join('\n'),
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

/** Days made from numbers: four children, about 25 rooms, most of the own work free to change places. */
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { WISHES, type Day, type Room } from '@/core/dayplan/day';

const CHILDREN = ['c1', 'c2', 'c3', 'c4'];
const WINDOWS = [
  { starts: 510, ends: 720, atSchool: true },
  { starts: 720, ends: 780, atSchool: true },
  { starts: 780, ends: 900, atSchool: true },
];

export function someDay(seed: number): Day {
  const random = xoroshiro128plus(seed * 7919);
  const upTo = (n: number): number => uniformInt(random, 0, n - 1);
  const rooms: Room[] = [];
  const add = (
    window: number,
    who: string[],
    minutes: number,
    led: number,
    kind: number,
    after: string[],
  ): void => {
    rooms.push({
      id: `r${rooms.length}`,
      minutes,
      who,
      leaders: led ? [''] : [],
      led,
      things: kind === 3 ? ['laptop'] : [],
      window,
      opens: WINDOWS[window].starts,
      after,
      written: kind < 2,
      hard: kind < 3,
      light: kind === 4,
      still: kind < 4,
    });
  };
  add(0, CHILDREN, 10, 10, 5, []);
  add(0, CHILDREN.slice(0, 3), 20, 20, 5, ['r0']);
  for (const [n, child] of CHILDREN.entries())
    for (let i = 0; i < (n === 3 ? 2 : 5); i++) {
      const minutes = 5 + 5 * upTo(5);
      const led = upTo(10) < 4 ? (upTo(2) ? minutes : 5) : 0;
      add(0, [child], minutes, led, upTo(6), n === 3 ? ['r0'] : ['r0', 'r1']);
    }
  const morning = rooms.map((r) => r.id);
  add(1, CHILDREN, 30, 30, 5, morning);
  add(2, CHILDREN.slice(0, 3), 45, 45, 6, [`r${rooms.length - 1}`]);
  const shared = rooms.slice(-2).map((r) => r.id);
  for (const child of CHILDREN)
    add(2, [child], 15, upTo(3) ? 0 : 10, upTo(6), child === 'c4' ? [shared[0]] : shared);
  return {
    rooms,
    windows: WINDOWS,
    goes: new Map(),
    freeFrom: new Map(),
    away: new Map(),
    small: new Set(['c3', 'c4']),
    youngest: 'c4',
    wishes: WISHES,
  };
}

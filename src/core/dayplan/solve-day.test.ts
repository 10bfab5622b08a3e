import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { costOf, faultsOf } from '../../../tests/exact/day-check';
import { WISHES, type Day, type Placed, type Room } from './day';
import { solveDay } from './solve-day';

const aRoom = (id: string, over: Partial<Room> = {}): Room => ({
  id,
  minutes: 20,
  who: ['c1'],
  leaders: [],
  led: 0,
  things: [],
  window: 0,
  opens: 540,
  after: [],
  written: false,
  hard: false,
  light: false,
  still: false,
  ...over,
});

const aDay = (rooms: Room[], over: Partial<Day> = {}): Day => ({
  rooms,
  windows: [
    { starts: 540, ends: 720, atSchool: true },
    { starts: 780, ends: 900, atSchool: true },
  ],
  goes: new Map(),
  freeFrom: new Map(),
  away: new Map(),
  small: new Set(),
  youngest: null,
  wishes: WISHES,
  ...over,
});

/** The least cost of all orders in which the rooms can be put one after the other as early as they go. */
function bestOfAll(day: Day): number {
  let best = Infinity;
  const free = new Map<string, number>(day.freeFrom);
  const times = new Map<string, Placed>();
  const visit = (): void => {
    if (times.size === day.rooms.length) {
      best = Math.min(best, costOf(day, times));
      return;
    }
    for (const room of day.rooms) {
      if (times.has(room.id) || room.after.some((a) => !times.has(a))) continue;
      for (const leader of room.led && room.leaders.length ? room.leaders : [null]) {
        const all = [...room.who, ...room.things, ...(leader === null ? [] : [leader])];
        const was = all.map((a) => free.get(a));
        const starts = Math.max(room.opens, ...all.map((a) => free.get(a) ?? 0));
        for (const a of all) free.set(a, starts + (a === leader ? room.led : room.minutes));
        times.set(room.id, { starts, leader });
        visit();
        times.delete(room.id);
        all.forEach((a, i) => (was[i] === undefined ? free.delete(a) : free.set(a, was[i])));
      }
    }
  };
  visit();
  return best;
}

/** A day of few rooms: two or three children, one or two adults, a thing, two windows. */
const someDay = fc
  .record({
    rooms: fc.array(
      fc.record({
        minutes: fc.integer({ min: 1, max: 30 }),
        who: fc.subarray(['c1', 'c2', 'c3'], { minLength: 1, maxLength: 3 }),
        leaders: fc.subarray(['you', 'aunt']),
        ledOf: fc.integer({ min: 0, max: 3 }),
        things: fc.subarray(['laptop'], { maxLength: 1 }),
        window: fc.integer({ min: 0, max: 1 }),
        inOrder: fc.boolean(),
        written: fc.boolean(),
        hard: fc.boolean(),
        light: fc.boolean(),
        still: fc.boolean(),
      }),
      { minLength: 1, maxLength: 6 },
    ),
    small: fc.subarray(['c2', 'c3']),
    youngest: fc.constantFrom(null, 'c3'),
    late: fc.integer({ min: 500, max: 560 }),
    goes: fc.constantFrom(null, 580, 800),
    gap: fc.constantFrom(0, 30, 240),
  })
  .map((d): Day => {
    const windows = [
      { starts: 540, ends: 580, atSchool: true },
      { starts: 540 + d.gap, ends: 600 + d.gap, atSchool: d.gap !== 240 },
    ];
    const rooms: Room[] = [];
    for (const [i, r] of d.rooms.entries()) {
      const shares = rooms.filter((x) => x.who.some((c) => r.who.includes(c)));
      rooms.push({
        ...r,
        id: `r${i}`,
        led: Math.ceil((r.minutes * r.ledOf) / 3),
        opens: windows[r.window].starts,
        after: [],
      });
      const room = rooms[i];
      room.after = shares
        .filter((x) => x.window < room.window || (r.inOrder && x.window === room.window))
        .map((x) => x.id);
      for (const x of shares) if (x.window > room.window) x.after = [...x.after, room.id];
    }
    return aDay(rooms, {
      windows,
      small: new Set(d.small),
      youngest: d.youngest,
      freeFrom: new Map([['you', d.late]]),
      goes: new Map(d.goes === null ? [] : [['aunt', d.goes]]),
    });
  });

describe('the best day', () => {
  it('is what all orders give, by the check that stands beside it', () => {
    fc.assert(
      fc.property(someDay, (day) => {
        const solved = solveDay(day);
        expect(faultsOf(day, solved.times)).toEqual([]);
        expect(solved.cost).toBe(costOf(day, solved.times));
        expect(solved.proved).toBe(true);
        expect(solved.cost).toBe(bestOfAll(day));
      }),
      { numRuns: 1000 },
    );
  });

  it('says that rooms wait for themselves', () => {
    const day = aDay([aRoom('a', { after: ['b'] }), aRoom('b', { after: ['a'] })]);
    expect(() => solveDay(day)).toThrow('waits for itself');
  });
});

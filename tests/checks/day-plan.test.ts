/** The day plan beside what is published, and beside plainer ways of making one. */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { ONLY_THE_END, type Day, type Placed, type Room } from '@/core/dayplan/day';
import { costOf, faultsOf } from '../exact/day-check';
import { dayOfPlan } from '@/core/dayplan/day-of-plan';
import { solveDay } from '@/core/dayplan/solve-day';
import { solve } from '../exact/highs';
import { readHausplanJson } from '@/core/formats/hausplan-json';
import { dayProgram, withoutOrder } from '../exact/day-program';
import { someDay } from '../exact/days';

/**
 * The 6×6 job shop of H. Fisher and G. L. Thompson, “Probabilistic learning combinations of local job-shop scheduling
 * rules”, in Muth and Thompson (eds.), Industrial Scheduling, 1963: machine and minutes, in order, job by job. Its
 * least makespan is 55. Figures from memory.
 */
const FISHER_THOMPSON_6 = [
  [2, 1, 0, 3, 1, 6, 3, 7, 5, 3, 4, 6],
  [1, 8, 2, 5, 4, 10, 5, 10, 0, 10, 3, 4],
  [2, 5, 3, 4, 5, 8, 0, 9, 1, 1, 4, 7],
  [1, 5, 0, 5, 2, 5, 3, 3, 4, 8, 5, 9],
  [2, 9, 1, 3, 4, 5, 5, 4, 0, 3, 3, 1],
  [1, 3, 3, 3, 5, 9, 0, 10, 4, 4, 2, 1],
];

/** Jobs as children, machines as things of which there is one. */
function jobShop(jobs: number[][]): Day {
  const rooms = jobs.flatMap((job, j) =>
    Array.from({ length: job.length / 2 }, (_, k): Room => ({
      id: `${j} ${k}`,
      minutes: job[2 * k + 1],
      who: [`job ${j}`],
      leaders: [],
      led: 0,
      things: [`machine ${job[2 * k]}`],
      window: 0,
      opens: 0,
      after: k ? [`${j} ${k - 1}`] : [],
      written: false,
      hard: false,
      light: false,
      still: false,
    })),
  );
  return {
    rooms,
    windows: [{ starts: 0, ends: 600, atSchool: true }],
    goes: new Map(),
    freeFrom: new Map(),
    away: new Map(),
    small: new Set(),
    youngest: null,
    wishes: ONLY_THE_END,
  };
}

describe('a published job shop', () => {
  it('of six jobs on six machines takes 55, and that is proved', () => {
    const day = jobShop(FISHER_THOMPSON_6);
    const { times, cost, proved } = solveDay(day);
    expect({ cost, proved }).toEqual({ cost: 55, proved: true });
    expect(faultsOf(day, times)).toEqual([]);
    expect(costOf(day, times)).toBe(55);
  });

  it('is the same where adults are the machines', () => {
    const day = jobShop(FISHER_THOMPSON_6);
    const led = {
      ...day,
      rooms: day.rooms.map((r) => ({ ...r, leaders: r.things, led: r.minutes, things: [] })),
    };
    expect(solveDay(led)).toMatchObject({ cost: 55, proved: true });
  });
});

describe('beside HiGHS, an exact solver', () => {
  it('ends and waits cost the same on days made from numbers', async () => {
    for (const seed of [2, 9]) {
      const day = withoutOrder(someDay(seed));
      // A morning alone: what the solver proves quickly.
      const few = { ...day, rooms: day.rooms.filter((r) => r.window === 0).slice(0, 9) };
      const program = dayProgram(few);
      const answer = await solve(program.text, 60);
      expect(answer?.proved).toBe(true);
      expect(solveDay(few)).toMatchObject({ cost: program.costOf(answer!.value!), proved: true });
    }
  });
});

describe('somebody away for a while', () => {
  const withAway = (seed: number): Day => {
    const day = someDay(seed);
    const few = { ...day, rooms: day.rooms.filter((r) => r.window === 0).slice(0, 9) };
    const at = 530 + 15 * (seed % 7);
    return {
      ...few,
      away: new Map([
        ['c1', [{ from: at, to: at + 30 }]],
        [
          'c3',
          [
            { from: 500, to: 525 },
            { from: at + 40, to: at + 60 },
          ],
        ],
        ['', [{ from: at + 20, to: at + 45 }]],
      ]),
    };
  };

  it('nobody is in a room meanwhile, and it costs what the check says', () => {
    for (let seed = 1; seed <= 40; seed++) {
      const day = withAway(seed);
      const { times, cost } = solveDay(day);
      expect({ seed, faults: faultsOf(day, times) }).toEqual({ seed, faults: [] });
      expect({ seed, cost }).toEqual({ seed, cost: costOf(day, times) });
    }
  });

  it('ends and waits cost what an exact solver makes of them', async () => {
    for (const seed of [3, 5, 9]) {
      const day = withoutOrder(withAway(seed));
      const program = dayProgram(day);
      const answer = await solve(program.text, 60);
      expect(answer?.proved).toBe(true);
      expect({ seed, ...solveDay(day), times: null }).toMatchObject({
        seed,
        cost: program.costOf(answer!.value!),
        proved: true,
      });
    }
  });
});

/** Room after room, each as early as it goes, the first in the order of the lessons that can begin. */
function oneAfterAnother(day: Day): Map<string, Placed> {
  const free = new Map<string, number>(day.freeFrom);
  const times = new Map<string, Placed>();
  const waiting = [...day.rooms];
  while (waiting.length) {
    const open = waiting
      .filter((r) => r.after.every((a) => times.has(a)))
      .map((room) => {
        const leader = room.leaders[0] ?? null;
        const all = [...room.who, ...room.things, ...(leader === null ? [] : [leader])];
        const isAway = (from: number): boolean =>
          all.some((a) => (day.away.get(a) ?? []).some((t) => t.from < from + room.minutes && from < t.to));
        let starts = Math.max(room.opens, ...all.map((a) => free.get(a) ?? 0));
        while (isAway(starts)) starts++;
        return { room, leader, starts };
      })
      .sort((a, b) => a.starts - b.starts);
    const { room, leader, starts } = open[0];
    for (const a of [...room.who, ...room.things]) free.set(a, starts + room.minutes);
    if (leader !== null) free.set(leader, starts + room.led);
    times.set(room.id, { starts, leader });
    waiting.splice(waiting.indexOf(room), 1);
  }
  return times;
}

describe('the days of the demo', () => {
  const read = readHausplanJson(readFileSync('demo/fleece.json', 'utf8'));
  if (!('plan' in read)) throw new Error('the demo cannot be read');
  const dates = [...new Set(read.plan.sittings.map((s) => s.date))].sort();

  it('are proved to be the best there are, and none is worse than room after room', () => {
    let better = 0;
    for (const date of dates) {
      const { day } = dayOfPlan(read.plan, date)!;
      const { times, cost, proved } = solveDay(day);
      expect(faultsOf(day, times)).toEqual([]);
      expect({ date, proved }).toEqual({ date, proved: true });
      expect(cost).toBe(costOf(day, times));
      const plain = oneAfterAnother(day);
      expect(faultsOf(day, plain)).toEqual([]);
      expect(cost).toBeLessThanOrEqual(costOf(day, plain));
      if (cost < costOf(day, plain)) better++;
    }
    expect(better).toBeGreaterThan(0);
  });
});

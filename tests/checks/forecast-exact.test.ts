/**
 * The forecast against exact cases. Where nothing runs over and each school day is kept with a fixed chance, the days until n
 * lessons are done are negative binomial; where the chance itself is drawn from a beta, beta negative binomial (N. L. Johnson,
 * A. W. Kemp, S. Kotz, Univariate Discrete Distributions, 3rd ed. 2005, ch. 5 and 6; formulas from memory).
 */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { finishes, type Course, type Step } from '@/core/forecast/finish';
import { random } from '@/core/forecast/random';

const RUNS = 20_000;
/** Four standard deviations of a share of so many runs. */
const NEAR = 4 * Math.sqrt(0.25 / RUNS);

const lessons = (n: number, over: Partial<Step> = {}): Step[] =>
  Array.from({ length: n }, (_, i) => ({ from: i, pieces: [], room: 60, ...over }));
const aCourse = (over: Partial<Course>): Course => ({
  weeks: Array.from({ length: 200 }, (_, i) => Math.floor(i / 5)),
  steps: lessons(10),
  perWeek: null,
  kept: 1,
  lost: 0,
  took: new Map(),
  ...over,
});
const shareBy = (ends: readonly number[], day: number): number =>
  ends.filter((e) => e >= 0 && e <= day).length / ends.length;

/** ln Γ, by summing whole and half steps up from Stirling’s series. */
function lnGamma(x: number): number {
  if (x < 12) return lnGamma(x + 1) - Math.log(x);
  return (x - 0.5) * Math.log(x) - x + Math.log(2 * Math.PI) / 2 + 1 / (12 * x) - 1 / (360 * x ** 3);
}
const lnChoose = (n: number, k: number): number => lnGamma(n + 1) - lnGamma(k + 1) - lnGamma(n - k + 1);
const lnBeta = (a: number, b: number): number => lnGamma(a) + lnGamma(b) - lnGamma(a + b);

/** The chance that n lessons are done on day `by` (from 0) or before. */
function exactly(n: number, by: number, chance: (lost: number) => number): number {
  let sum = 0;
  for (let lost = 0; lost <= by + 1 - n; lost++) sum += Math.exp(lnChoose(n + lost - 1, lost) + chance(lost));
  return sum;
}

describe.each([
  [5, 0.5],
  [10, 0.9],
  [14, 0.75],
  [30, 0.95],
])('%i lessons, each day kept with a chance of %f', (n, p) => {
  const ends = finishes(aCourse({ steps: lessons(n), kept: p * 1e9, lost: (1 - p) * 1e9 }), RUNS, 7);
  it.each([n - 1, n, n + 2, Math.ceil(n / p), Math.ceil(n / p) + 4])('by day %i', (by) => {
    const exact = exactly(n, by, (lost) => n * Math.log(p) + lost * Math.log(1 - p));
    expect(Math.abs(shareBy(ends, by) - exact)).toBeLessThan(NEAR);
  });
});

describe.each([
  [10, 18, 2],
  [6, 3, 2],
  [20, 45, 9],
])('%i lessons, the chance drawn from a beta of %i and %i', (n, kept, lost) => {
  const ends = finishes(aCourse({ steps: lessons(n), kept, lost }), RUNS, 11);
  it.each([n - 1, n + 1, n + 4, n + 9])('by day %i', (by) => {
    const exact = exactly(n, by, (missed) => lnBeta(kept + n, lost + missed) - lnBeta(kept, lost));
    expect(Math.abs(shareBy(ends, by) - exact)).toBeLessThan(NEAR);
  });
});

it('no more than a week holds: at three a week of five days nothing is made up before the next week', () => {
  const steps = lessons(9).map((s, i) => ({ ...s, from: Math.floor(i / 3) * 5 + (i % 3) * 2 }));
  expect(new Set(finishes(aCourse({ steps, perWeek: 3 }), 50, 1))).toEqual(new Set([14]));
  // Kept with a chance, a week of five days holds its three where at least three were kept.
  const [kept, lost] = [0.8e9, 0.2e9];
  const ends = finishes(aCourse({ steps: steps.slice(0, 3), perWeek: 3, kept, lost }), RUNS, 3);
  // The third lesson is not before day 4; two were done on days 0 to 3, each not before its own, and day 4 was kept.
  const first = 0.8 + 0.2 * 0.8 + 0.04 * 0.8;
  const both = 1 - 0.2 ** 4 - 4 * 0.8 * 0.2 ** 3 - 0.8 * 0.8 * 0.2 ** 2;
  expect(first).toBeGreaterThan(both);
  expect(Math.abs(shareBy(ends, 4) - both * 0.8)).toBeLessThan(NEAR);
});

it('what took twice its minutes takes twice the days where each day is full, and none more where there is room', () => {
  const twice = new Map([['craft', Array.from({ length: 400 }, () => Math.log(2))]]);
  const pieces = [{ kind: 'craft', minutes: 60 }];
  const full = finishes(aCourse({ steps: lessons(10, { pieces, room: 60 }), took: twice }), 400, 5);
  const middle = [...full].sort((a, b) => a - b)[200];
  expect(middle).toBeGreaterThanOrEqual(18);
  expect(middle).toBeLessThanOrEqual(20);
  const roomy = finishes(aCourse({ steps: lessons(10, { pieces, room: 240 }), took: twice }), 400, 5);
  expect(new Set(roomy)).toEqual(new Set([9]));
});

it('is the same for the same seed, never before the plan, and said to be out of days where there are none', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 30 }),
      fc.integer({ min: 1, max: 40 }),
      fc.integer({ min: 1, max: 20 }),
      fc.integer(),
      (n, kept, lost, seed) => {
        const course = aCourse({ steps: lessons(n), kept, lost });
        const ends = finishes(course, 50, seed);
        expect(finishes(course, 50, seed)).toEqual(ends);
        expect(ends.every((e) => e === -1 || e >= n - 1)).toBe(true);
        expect(finishes({ ...course, weeks: course.weeks.slice(0, n - 1) }, 5, seed)).toEqual([
          -1, -1, -1, -1, -1,
        ]);
      },
    ),
    { numRuns: 60 },
  );
});

it('draws a beta with its mean and its variance', () => {
  for (const [a, b] of [
    [0.5, 0.5],
    [2, 5],
    [40, 3],
  ]) {
    const draw = random(13);
    const drawn = Array.from({ length: RUNS }, () => draw.beta(a, b));
    const mean = drawn.reduce((sum, x) => sum + x, 0) / RUNS;
    const variance = drawn.reduce((sum, x) => sum + (x - mean) ** 2, 0) / RUNS;
    const exact = (a * b) / ((a + b) ** 2 * (a + b + 1));
    expect(Math.abs(mean - a / (a + b))).toBeLessThan(5 * Math.sqrt(exact / RUNS));
    expect(variance / exact).toBeGreaterThan(0.93);
    expect(variance / exact).toBeLessThan(1.07);
  }
});

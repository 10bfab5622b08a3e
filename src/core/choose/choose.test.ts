import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { solve } from '../../../tests/exact/highs';
import { BOOK_FORMS } from '../plan/words';
import { choose } from './choose';
import { greedy, worth, type Candidate, type Choice, type Problem } from './problem';

/** A candidate that serves these children on each of these lessons. */
const book = (
  id: string,
  lessons: number[],
  children: number[],
  over: Partial<Candidate> = {},
): Candidate => ({
  id,
  form: 'book',
  source: 'owned',
  price: 0,
  covers: lessons.map((lesson) => ({ lesson, children, stretch: [] })),
  ...over,
});
const problem = (candidates: Candidate[], over: Partial<Problem> = {}): Problem => ({
  weeks: [0, 0, 1, 1],
  children: 2,
  candidates,
  served: new Set(),
  limits: { perLesson: 2, loans: 1, loanWeeks: 3, budget: 1000 },
  ...over,
});
const takenIds = (p: Problem, choice: Choice): string[] =>
  p.candidates.filter((_, i) => choice[i].length).map((c) => c.id);

/** Every choice there is: each candidate on any of the lessons it covers. */
function best(p: Problem): number {
  const subsets = <T>(items: T[]): T[][] =>
    items.reduce<T[][]>((sets, i) => [...sets, ...sets.map((s) => [...s, i])], [[]]);
  const walk = (i: number, sofar: Choice): number =>
    i === p.candidates.length
      ? worth(p, sofar).value
      : Math.min(
          ...subsets(p.candidates[i].covers.map((k) => k.lesson)).map((s) => walk(i + 1, [...sofar, s])),
        );
  return walk(0, []);
}

const someProblem: fc.Arbitrary<Problem> = fc
  .record({
    candidates: fc.array(
      fc.record({
        form: fc.constantFrom(...BOOK_FORMS.slice(0, 3)),
        source: fc.constantFrom<Candidate['source']>('owned', 'borrowed', 'to buy'),
        price: fc.integer({ min: 0, max: 900 }),
        covers: fc.uniqueArray(
          fc.record({
            lesson: fc.nat(3),
            children: fc.subarray([0, 1], { minLength: 1 }),
            stretch: fc.subarray([0, 1]),
          }),
          { minLength: 1, maxLength: 3, selector: (k) => k.lesson },
        ),
        pinned: fc.boolean(),
        banned: fc.boolean(),
      }),
      { minLength: 1, maxLength: 4 },
    ),
    weeks: fc.constantFrom<number[]>([0, 0, 1, 1], [0, 1, 2, 3], [0, 2, 4, 6]),
    perLesson: fc.integer({ min: 1, max: 2 }),
    loans: fc.option(fc.nat(2), { nil: null }),
    loanWeeks: fc.integer({ min: 1, max: 3 }),
    budget: fc.option(fc.nat(1200), { nil: null }),
    served: fc.subarray([0, 3, 5]),
  })
  .map(({ candidates, weeks, served, ...limits }) => ({
    weeks,
    children: 2,
    served: new Set(served),
    limits,
    candidates: candidates.map((c, i) => ({
      ...c,
      id: `b${i}`,
      price: c.source === 'to buy' ? c.price : 0,
      banned: c.banned && !c.pinned,
      pinned: c.pinned && c.source === 'owned',
    })),
  }));

describe('choosing a set', () => {
  it('is as good as the best of all choices there are, on small shelves', async () => {
    await fc.assert(
      fc.asyncProperty(someProblem, async (p) => {
        const chosen = await choose(p, solve);
        expect(chosen.value).toBeCloseTo(best(p), 6);
      }),
      { numRuns: 120 },
    );
  }, 120_000);

  it('is never worse than the plain greedy choice, and keeps every limit', async () => {
    await fc.assert(
      fc.asyncProperty(someProblem, async (p) => {
        const chosen = await choose(p, solve);
        expect(chosen.value).toBeLessThanOrEqual(worth(p, greedy(p)).value);
        expect(chosen.value).toBeLessThan(Infinity);
      }),
      { numRuns: 60 },
    );
  }, 60_000);

  it('takes one book for both where two would do the same, and one’s own before one that is borrowed or bought', async () => {
    const p = problem([
      book('both', [0, 1, 2, 3], [0, 1]),
      book('first', [0, 1], [0, 1]),
      book('last', [2, 3], [0, 1]),
      book('lent', [0, 1, 2, 3], [0, 1], { source: 'borrowed' }),
      book('new', [0, 1, 2, 3], [0, 1], { source: 'to buy', price: 500 }),
    ]);
    const chosen = await choose(p, solve);
    expect(takenIds(p, chosen.choice)).toEqual(['both']);
    expect(chosen.leftOut.map((l) => l.candidate)).toEqual([1, 2, 3, 4]);
    expect(chosen.leftOut[0]).toMatchObject({ thin: [], again: [0, 1, 2, 3] });
  });

  it('says what one more loan would serve, and whom', async () => {
    const p = problem([
      book('a', [0], [0], { source: 'borrowed' }),
      book('b', [1], [1], { source: 'borrowed' }),
    ]);
    const chosen = await choose(p, solve);
    expect(chosen.thin).toHaveLength(1);
    expect(chosen.prices).toEqual([{ limit: 'loans', more: 1, gains: chosen.thin }]);
  });

  it('says how much more money would serve, no more than it takes', async () => {
    const p = problem([
      book('dear', [0], [0], { source: 'to buy', price: 1800 }),
      book('dearer', [0], [0], { source: 'to buy', price: 2500 }),
    ]);
    const chosen = await choose(p, solve);
    expect(chosen.prices).toEqual([{ limit: 'budget', more: 800, gains: [0] }]);
  });

  it('keeps a loan no longer than the library lets it out', async () => {
    const p = problem([book('a', [0, 3], [0], { source: 'borrowed' })], { weeks: [0, 1, 2, 5] });
    const chosen = await choose(p, solve);
    expect(chosen.choice[0]).toHaveLength(1);
  });

  it('takes what is pinned, leaves what is banned', async () => {
    const p = problem([
      book('pinned', [0], [0], { pinned: true }),
      book('banned', [0, 1, 2, 3], [0, 1], { banned: true }),
      book('plain', [0, 1, 2, 3], [0, 1]),
    ]);
    const chosen = await choose(p, solve);
    expect(takenIds(p, chosen.choice)).not.toContain('banned');
    expect(worth(p, chosen.choice).thin).toEqual([]);
    expect(chosen.leftOut.map((l) => l.candidate)).toEqual([1]);
  });

  it('has nothing to say of an empty shelf', async () => {
    expect(await choose(problem([]), solve)).toMatchObject({
      choice: [],
      thin: [],
      prices: [],
      leftOut: [],
      proved: true,
    });
  });
});

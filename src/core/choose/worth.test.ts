/**
 * What a choice is worth, worked out by hand from the weights: 1000 a thin lesson, 30 a book, 10 borrowed, 20 to buy,
 * 0.02 a minor unit, 1 a use, 3 a stretch, −12 a form.
 */
import { describe, expect, it } from 'vitest';
import { solve } from '../../../tests/exact/highs';
import { choose } from './choose';
import { costOf, costOfUse, greedy, open, taken, worth, type Candidate, type Problem } from './problem';
import { choiceOf, program } from './program';

const thing = (id: string, over: Partial<Candidate> = {}): Candidate => ({
  id,
  form: 'book',
  source: 'owned',
  price: 0,
  covers: [],
  ...over,
});
const on = (lesson: number, children = [0], stretch: number[] = []): Candidate['covers'][number] => ({
  lesson,
  children,
  stretch,
});
const asked = (candidates: Candidate[], over: Partial<Problem> = {}): Problem => ({
  weeks: [0, 1, 2, 3],
  children: 2,
  candidates,
  served: new Set(),
  limits: { perLesson: 2, loans: 1, loanWeeks: 4, budget: 1000 },
  ...over,
});

describe('what a thing costs', () => {
  it.each<[string, Candidate, number]>([
    ['owned', thing('a'), 30],
    ['borrowed', thing('a', { source: 'borrowed' }), 40],
    ['bought', thing('a', { source: 'to buy', price: 950 }), 69],
    ['bought for nothing', thing('a', { source: 'to buy' }), 50],
  ])('%s', (_, candidate, cost) => expect(costOf(candidate)).toBe(cost));
  it('more by each use, and more again where it only just suits', () =>
    expect([costOfUse(on(0)), costOfUse(on(0, [0, 1], [1]))]).toEqual([1, 4]));
});

describe('what a choice is worth', () => {
  const two = asked([
    thing('a', { covers: [on(0), on(1, [0], [0])] }),
    thing('f', { form: 'film', source: 'borrowed', covers: [on(1, [0, 1])] }),
  ]);
  it.each<[string, number[][], number, number[], number]>([
    ['nothing taken', [[], []], 3000, [0, 2, 3], 0],
    ['one on one lesson', [[0], []], 2000 + 30 + 1 - 12, [2, 3], 0],
    ['one on both', [[0, 1], []], 1000 + 30 + 1 + 4 - 12, [3], 0],
    ['both', [[0, 1], [1]], 30 + 1 + 4 + 40 + 1 - 24, [], 1],
    ['the film alone', [[], [1]], 1000 + 40 + 1 - 12, [0], 1],
  ])('%s', (_, choice, value, thin, loans) =>
    expect(worth(two, choice)).toEqual({ value, thin, loans, money: 0 }),
  );
  it('counts no lesson thin that is served already, or that nothing can serve', () => {
    const served = asked(two.candidates, { served: new Set([0, 2, 7]) });
    expect([...open(served)]).toEqual([3]);
    expect(worth(served, [[], []]).thin).toEqual([3]);
  });
  it('two things of one form earn once for it', () =>
    expect(
      worth(asked([thing('a', { covers: [on(0)] }), thing('b', { covers: [on(1)] })]), [[0], [1]]).value,
    ).toBe(60 + 2 - 12));
  it('what is pinned counts without a use; what is banned can be no part of it', () => {
    const p = asked([thing('a', { pinned: true }), thing('b', { banned: true, covers: [on(0)] })]);
    expect([taken(p, [[], []], 0), taken(p, [[], []], 1)]).toEqual([true, false]);
    expect(worth(p, [[], []]).value).toBe(30 - 12);
    expect(worth(p, [[], [0]]).value).toBe(Infinity);
    expect([...open(p)]).toEqual([]);
  });
});

describe('limits hold to the last, and break at one more', () => {
  const value = (p: Problem, choice: number[][]): boolean => worth(p, choice).value < Infinity;
  const limits = asked([]).limits;
  it('things a lesson', () => {
    const three = ['a', 'b', 'c'].map((id) => thing(id, { covers: [on(0)] }));
    expect(value(asked(three), [[0], [0], []])).toBe(true);
    expect(value(asked(three), [[0], [0], [0]])).toBe(false);
  });
  it('money', () => {
    const dear = [thing('a', { source: 'to buy', price: 1000, covers: [on(0)] })];
    expect(worth(asked(dear), [[0]])).toMatchObject({ money: 1000, value: 30 + 20 + 20 + 1 - 12 });
    expect(value(asked(dear, { limits: { ...limits, budget: 999 } }), [[0]])).toBe(false);
    expect(value(asked(dear, { limits: { ...limits, budget: null } }), [[0]])).toBe(true);
  });
  it('weeks of a loan, and how many are out in the weeks between', () => {
    const lent = [
      thing('a', { source: 'borrowed', covers: [on(0), on(3)] }),
      thing('b', { source: 'borrowed', covers: [on(1)] }),
    ];
    expect(worth(asked(lent), [[0, 3], []])).toMatchObject({ loans: 1 });
    expect(value(asked(lent), [[0, 3], []])).toBe(true);
    expect(value(asked(lent, { limits: { ...limits, loanWeeks: 3 } }), [[0, 3], []])).toBe(false);
    expect(worth(asked(lent, { limits: { ...limits, loans: 2 } }), [[0, 3], [1]])).toMatchObject({
      loans: 2,
    });
    expect(value(asked(lent), [[0, 3], [1]])).toBe(false);
    expect(value(asked(lent, { limits: { ...limits, loans: null } }), [[0], []])).toBe(false);
    expect(value(asked(lent, { limits: { ...limits, loans: null } }), [[], []])).toBe(true);
  });
});

describe('the plain choice', () => {
  it('takes what serves most for what it costs, on the lessons where it helps, and no more', () => {
    const p = asked([
      thing('one', { covers: [on(0)] }),
      thing('all', { covers: [on(2, [0, 1]), on(0, [0, 1]), on(1)] }),
      thing('again', { covers: [on(1), on(2)] }),
    ]);
    expect(greedy(p)).toEqual([[], [0, 1, 2], []]);
  });
  it('leaves what is banned and keeps to what is served', () =>
    expect(
      greedy(
        asked([thing('a', { covers: [on(0), on(1)] }), thing('b', { banned: true, covers: [on(2)] })], {
          served: new Set([0]),
        }),
      ),
    ).toEqual([[1], []]));
});

describe('the programme', () => {
  it('is empty where there is nothing to decide', () => {
    expect(program(asked([]))).toBe('');
    expect(program(asked([thing('a', { banned: true, covers: [on(0)] })]))).toBe('');
  });
  it('reads its answer back by lesson, and never what is banned', () =>
    expect(
      choiceOf(
        asked([thing('a', { covers: [on(2), on(0), on(1)] }), thing('b', { banned: true, covers: [on(0)] })]),
        (name) => ({ y0_2: 1, y0_0: 0.9999, y0_1: 0.4 })[name] ?? 1,
      ),
    ).toEqual([[0, 2], []]));
});

describe('an answer', () => {
  it('that no other betters is said to be proved, also where the plain choice is as good', async () =>
    expect(await choose(asked([thing('a', { covers: [on(0)] })]), solve)).toMatchObject({
      choice: [[0]],
      proved: true,
      thin: [],
      prices: [],
    }));
  it('is not said to be proved where no solver answered', async () =>
    expect(await choose(asked([thing('a', { covers: [on(0)] })]), async () => undefined)).toMatchObject({
      choice: [[0]],
      proved: false,
    }));
  it('says what one more thing a lesson would serve, and nothing where no limit stands in the way', async () => {
    const p = asked([thing('a', { covers: [on(0, [0])] }), thing('b', { covers: [on(0, [1])] })], {
      limits: { perLesson: 1, loans: 1, loanWeeks: 4, budget: 0 },
    });
    const chosen = await choose(p, solve);
    expect(chosen.prices).toEqual([{ limit: 'perLesson', more: 1, gains: chosen.thin }]);
  });
  it('says of what was left out whom it would have served, and whom again', async () => {
    const p = asked(
      [
        thing('a', { covers: [on(0, [0, 1]), on(1, [0])] }),
        thing('b', { source: 'to buy', price: 5000, covers: [on(0, [0]), on(1, [0, 1])] }),
      ],
      { served: new Set([0]) },
    );
    const chosen = await choose(p, solve);
    expect(chosen.thin).toEqual([3]);
    expect(chosen.leftOut).toEqual([{ candidate: 1, thin: [3], again: [2] }]);
    expect(chosen.prices).toEqual([{ limit: 'budget', more: 4000, gains: [3] }]);
  });
});

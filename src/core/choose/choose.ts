/** Chooses a set of books under the limits, says what each limit costs and what each left-out book would have added. */
import { greedy, key, open, taken, worth, type Choice, type Problem, type Worth } from './problem';
import type { Solve } from '../solver/highs';
import { choiceOf, program, type Stretch } from './program';

export interface Price {
  limit: Stretch;
  /** How much more of it: loans, things a lesson, or minor units. */
  more: number;
  /** Lessons and children it would serve. */
  gains: number[];
}

export interface Chosen extends Worth {
  choice: Choice;
  /** Nothing better exists; otherwise it is the best that was found in the time. */
  proved: boolean;
  prices: Price[];
  /** Lessons and children that each candidate which was not taken would have added to. */
  leftOut: { candidate: number; thin: number[]; again: number[] }[];
}

/** Seconds for the choice itself, and for the price of each limit. */
const SECONDS = { choice: 2.5, price: 0.7 };

/** Never worse than the plain greedy choice, whatever the solver finds in its time. */
export async function choose(problem: Problem, solve: Solve): Promise<Chosen> {
  const plain = greedy(problem);
  let best = { choice: plain, ...worth(problem, plain) };
  let proved = false;
  const lp = program(problem);
  const solved = lp ? await solve(lp, SECONDS.choice) : undefined;
  if (solved?.value) {
    const choice = choiceOf(problem, solved.value);
    const found = { choice, ...worth(problem, choice) };
    if (found.value <= best.value) [best, proved] = [found, solved.proved];
  }
  return {
    ...best,
    proved: proved || !lp,
    prices: best.thin.length ? await pricesOf(problem, best, solve) : [],
    leftOut: leftOut(problem, best.choice, best.thin),
  };
}

async function pricesOf(problem: Problem, best: Worth, solve: Solve): Promise<Price[]> {
  const { limits } = problem;
  const tried: Stretch[] = ['loans', ...(limits.budget === null ? [] : ['budget' as const]), 'perLesson'];
  const prices: Price[] = [];
  for (const limit of tried) {
    const solved = await solve(program(problem, limit), SECONDS.price);
    if (!solved?.value) continue;
    const choice = choiceOf(problem, solved.value);
    const wide: Problem = { ...problem, limits: { ...limits, [limit]: Infinity } };
    const then = worth(wide, choice);
    const uses = limit === 'loans' ? then.loans : limit === 'budget' ? then.money : fullest(choice);
    const more =
      uses -
      ((limit === 'loans' ? limits.loans : limit === 'budget' ? limits.budget : limits.perLesson) ?? 0);
    const gains = best.thin.filter((k) => !then.thin.includes(k));
    if (more > 0 && then.thin.length < best.thin.length && gains.length) prices.push({ limit, more, gains });
  }
  return prices;
}

/** Things on the lesson that has most. */
function fullest(choice: Choice): number {
  const on = new Map<number, number>();
  for (const lessons of choice) for (const l of lessons) on.set(l, (on.get(l) ?? 0) + 1);
  return Math.max(0, ...on.values());
}

function leftOut(problem: Problem, choice: Choice, thin: readonly number[]): Chosen['leftOut'] {
  const missing = new Set(thin);
  const could = open(problem);
  return problem.candidates.flatMap((c, candidate) => {
    if (taken(problem, choice, candidate)) return [];
    const keys = c.covers.flatMap((k) => k.children.map((child) => key(problem, k.lesson, child)));
    return [
      {
        candidate,
        thin: keys.filter((k) => missing.has(k)),
        again: keys.filter((k) => !missing.has(k) && could.has(k)),
      },
    ];
  });
}

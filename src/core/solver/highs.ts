/** The solver: HiGHS, compiled to WebAssembly, the same in a web worker, on the server and in a test. */
import loadHighs, { type HighsOptions, type HighsSolution } from 'highs';

export interface Solved {
  /** There is none better; or, without values, none at all. */
  proved: boolean;
  /** What each variable comes to; undefined where there is no solution. */
  value: ((name: string) => number) | undefined;
}

/** Solves a programme given as CPLEX LP text within so many seconds; undefined when it found nothing in them. */
export type Solve = (lp: string, seconds: number) => Promise<Solved | undefined>;

export async function highsSolver(): Promise<Solve> {
  const highs = await loadHighs();
  return async (lp, seconds) => solved(highs.solve(lp, optionsFor(seconds)));
}

/** How HiGHS is asked. It looks at the clock only now and then: a large programme takes some seconds longer. */
export const optionsFor = (seconds: number): HighsOptions => ({
  output_flag: false,
  time_limit: seconds,
  mip_rel_gap: 0,
  random_seed: 1,
});

/** Reads what HiGHS answers. */
export function solved(answer: HighsSolution): Solved | undefined {
  if (answer.Status === 'Infeasible') return { proved: true, value: undefined };
  const columns = answer.Columns as Record<string, { Primal?: number }>;
  if (!Object.values(columns).some((c) => c.Primal !== undefined)) return undefined;
  return { proved: answer.Status === 'Optimal', value: (name) => columns[name]?.Primal ?? 0 };
}

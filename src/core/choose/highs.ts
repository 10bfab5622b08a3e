/** The solver: HiGHS, compiled to WebAssembly, the same in a web worker, on the server and in a test. */
import loadHighs from 'highs';
import type { Solve } from './choose';

export async function highsSolver(): Promise<Solve> {
  const highs = await loadHighs();
  return async (lp, seconds) => {
    const answer = highs.solve(lp, {
      output_flag: false,
      time_limit: seconds,
      mip_rel_gap: 0,
      random_seed: 1,
    });
    const columns = answer.Columns as Record<string, { Primal?: number }>;
    if (!Object.values(columns).some((c) => c.Primal !== undefined)) return undefined;
    return { proved: answer.Status === 'Optimal', value: (name) => columns[name]?.Primal ?? 0 };
  };
}

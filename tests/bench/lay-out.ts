/**
 * `npm run bench -- lay-out [from] [to] [seconds]`: lay-outs beside the exact solver, on instances made from numbers: as
 * constructed, with what is looked for at once, with a long search for all that the score counts, and with what the solver makes
 * of that in the time there is for it beside the page.
 */
import type { Layout } from '@/core/layout/answer';
import { AT_LENGTH } from '@/core/layout/better';
import { fixAndOptimize } from '@/core/layout/fix-and-optimize';
import type { LayoutInput } from '@/core/layout/problem';
import { AS_CONSTRUCTED, AT_ONCE, layOut } from '@/core/layout/lay-out';
import type { Score } from '@/core/layout/score';
import { instance } from '../exact/instances';
import { highsSolver } from '@/core/solver/highs';
import { exact, scoreOf } from '../exact/solve';

/** Seconds after which the solver gives up proving; such an instance is left out. */
const SOLVER_SECONDS = 10;

interface Line {
  within: number;
  out: number;
  late: number;
  milliseconds: number;
}

export async function layOutTable(from = 1, to = 61, seconds = SOLVER_SECONDS): Promise<void> {
  const solve = await highsSolver();
  const ways: Record<string, (input: LayoutInput) => Layout | Promise<Layout>> = {
    'as constructed': (input) => layOut(input, AS_CONSTRUCTED),
    'at once': (input) => layOut(input, AT_ONCE),
    'long search': (input) => layOut(input, AT_LENGTH.search),
    'and solved': (input) => fixAndOptimize(input, layOut(input, AT_LENGTH.search), solve, AT_LENGTH.solver),
  };
  const table = Object.fromEntries(
    Object.keys(ways).map((name): [string, Line] => [name, { within: 0, out: 0, late: 0, milliseconds: 0 }]),
  );
  let proved = 0;
  let onTime = 0;
  for (let seed = from; seed < to; seed++) {
    const { input } = instance(seed);
    const best = await exact(input, layOut(input, AS_CONSTRUCTED), seconds);
    if (!best) continue;
    proved++;
    if (best.score.late === 0) onTime++;
    for (const [name, lay] of Object.entries(ways)) {
      const began = performance.now();
      const laid = await lay(input);
      table[name].milliseconds += performance.now() - began;
      count(table[name], scoreOf(input, laid), best.score);
    }
  }
  process.stdout.write(`${proved} of ${to - from} instances proved; in ${onTime} all can be on time\n`);
  console.table(
    Object.fromEntries(
      Object.entries(table).map(([name, l]) => [
        name,
        {
          'within 2 %': `${Math.round((100 * l.within) / proved)} %`,
          'parts out where none need be': l.out,
          'late where none need be': l.late,
          'ms each': Math.round((10 * l.milliseconds) / proved) / 10,
        },
      ]),
    ),
  );
}

function count(line: Line, mine: Score, best: Score): void {
  if (mine.total <= best.total * 1.02 + 0.5) line.within++;
  if (mine.out > best.out) line.out++;
  if (best.late === 0 && mine.late > 0) line.late++;
}

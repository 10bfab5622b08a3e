/**
 * `npm run bench -- lay-out [from] [to]`: lay-outs beside the exact solver, on instances made from numbers: as constructed,
 * with what is looked for at once, and with a long search for all that the score counts.
 */
import { AS_CONSTRUCTED, AT_ONCE, layOut } from '@/core/layout/lay-out';
import type { Effort } from '@/core/layout/search';
import type { Score } from '@/core/layout/score';
import { instance } from '../exact/instances';
import { exact, scoreOf } from '../exact/solve';

/** About a second on the machine the figures in docs/method.md were taken on. */
const LONG: Effort = { trials: 150_000, perPart: Infinity, for: 'all' };
/** Seconds after which the solver gives up proving; such an instance is left out. */
const SOLVER_SECONDS = 10;

interface Line {
  within: number;
  out: number;
  late: number;
  milliseconds: number;
}

export async function layOutTable(from = 1, to = 61): Promise<void> {
  const efforts = { 'as constructed': AS_CONSTRUCTED, 'at once': AT_ONCE, 'long search': LONG };
  const table = Object.fromEntries(
    Object.keys(efforts).map((name): [string, Line] => [
      name,
      { within: 0, out: 0, late: 0, milliseconds: 0 },
    ]),
  );
  let proved = 0;
  let onTime = 0;
  for (let seed = from; seed < to; seed++) {
    const { input } = instance(seed);
    const best = await exact(input, layOut(input, AS_CONSTRUCTED), SOLVER_SECONDS);
    if (!best) continue;
    proved++;
    if (best.score.late === 0) onTime++;
    for (const [name, effort] of Object.entries(efforts)) {
      const began = performance.now();
      const laid = layOut(input, effort);
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

/** `npm run bench -- day [from] [to]`: days of 25 rooms, alone and beside HiGHS on what it can be told of them. */
import { solveDay } from '@/core/dayplan/solve-day';
import { highsSolver } from '@/core/solver/highs';
import { dayProgram, withoutOrder } from '../exact/day-program';
import { someDay } from '../exact/days';

const SOLVER_SECONDS = 20;

export async function dayTable(from = 1, to = 41): Promise<void> {
  const solve = await highsSolver();
  const took: number[] = [];
  let proved = 0;
  const beside = { proved: 0, bothProved: 0, equal: 0, worse: 0, ours: 0, theirs: 0 };
  for (let seed = from; seed < to; seed++) {
    const day = someDay(seed);
    const began = performance.now();
    if (solveDay(day).proved) proved++;
    took.push(performance.now() - began);
    const plain = withoutOrder(day);
    const before = performance.now();
    const ours = solveDay(plain);
    beside.ours += performance.now() - before;
    const program = dayProgram(plain);
    const asked = performance.now();
    const answer = await solve(program.text, SOLVER_SECONDS);
    beside.theirs += performance.now() - asked;
    if (!answer?.proved || !answer.value) continue;
    beside.proved++;
    const theirs = program.costOf(answer.value);
    if (ours.proved) beside.bothProved++;
    if (ours.cost === theirs) beside.equal++;
    if (ours.cost > theirs) beside.worse++;
  }
  const count = to - from;
  const sorted = took.sort((a, b) => a - b);
  const ms = (n: number): string => `${Math.round(n)} ms`;
  process.stdout.write(
    `${count} days of 25 rooms: ${proved} proved; median ${ms(sorted[Math.floor(count / 2)])}, longest ${ms(sorted[count - 1])}\n` +
      `without the order of the work, beside HiGHS (${beside.proved} of ${count} proved there within ${SOLVER_SECONDS} s): ` +
      `${beside.equal} equal, ${beside.worse} worse; ${ms(beside.ours / count)} each against ${ms(beside.theirs / count)}\n`,
  );
}

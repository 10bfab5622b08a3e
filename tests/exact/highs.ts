/**
 * The solver for tests, in a thread of its own: one that never ends would hold a test up for ever, and with it the whole run,
 * since nothing within its thread could stop it. The programme it hung on is kept.
 */
import type { HighsOptions, HighsSolution } from 'highs';
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { optionsFor, solved, type Solve } from '@/core/solver/highs';
import { Thread, TookTooLong } from '@/worker/thread';

/** Many times what any programme of a test takes. */
const MOST_SECONDS = 100;
const KEPT = join('test-results', 'hung.lp');

interface Question {
  lp: string;
  options: HighsOptions;
}
const thread = new Thread<Question>(new URL('./highs.thread.mjs', import.meta.url), null, MOST_SECONDS);

/** @throws Error with the place of the programme that the solver did not end with */
export const solve: Solve = async (lp, seconds) => {
  try {
    return solved((await thread.ask({ lp, options: optionsFor(seconds) })) as HighsSolution);
  } catch (e) {
    if (!(e instanceof TookTooLong)) throw e;
    mkdirSync('test-results', { recursive: true });
    writeFileSync(KEPT, lp);
    throw new Error(`The solver did not end with ${KEPT} within ${seconds} s: ${e.message}`, { cause: e });
  }
};

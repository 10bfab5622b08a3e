/** HiGHS in a thread: the answer as it gives it. */
import loadHighs from 'highs';
import { parentPort } from 'node:worker_threads';

const highs = loadHighs();
parentPort.on('message', async ({ id, question: { lp, options } }) => {
  try {
    parentPort.postMessage({ id, answer: (await highs).solve(lp, options) });
  } catch (e) {
    parentPort.postMessage({ id, wrong: e.message });
  }
});

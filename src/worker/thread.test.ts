import { describe, expect, it } from 'vitest';
import { Thread, TookTooLong } from './thread';

/** A thread that doubles numbers, never answers to 0, throws at 1, and ends at 2. */
const SCRIPT = new URL(
  `data:text/javascript,${encodeURIComponent(`
    import { parentPort, workerData } from 'node:worker_threads';
    parentPort.on('message', ({ id, question }) => {
      if (question === 0) for (;;);
      if (question === 1) throw new Error('one is refused');
      if (question === 2) process.exit(7);
      if (question === 3) parentPort.postMessage({ id, wrong: 'not three' });
      else parentPort.postMessage({ id, answer: question * workerData });
    });
  `)}`,
);

describe('a thread', () => {
  it('answers each question with its own answer', async () => {
    const thread = new Thread<number>(SCRIPT, 10);
    expect(await Promise.all([thread.ask(4), thread.ask(5), thread.ask(6)])).toEqual([40, 50, 60]);
    await expect(thread.ask(3)).rejects.toThrow('not three');
    expect(await thread.ask(7)).toBe(70);
    thread.end();
  });

  it('is ended where it does not answer, and answers the next question anew', async () => {
    const thread = new Thread<number>(SCRIPT, 10, 0.5);
    const hung = thread.ask(0);
    const behind = thread.ask(4);
    await expect(hung).rejects.toBeInstanceOf(TookTooLong);
    await expect(behind).rejects.toBeInstanceOf(TookTooLong);
    expect(await thread.ask(4)).toBe(40);
    thread.end();
  });

  it('tells who waits that it broke or ended, and answers the next question anew', async () => {
    const thread = new Thread<number>(SCRIPT, 10);
    await expect(thread.ask(1)).rejects.toThrow('one is refused');
    await expect(thread.ask(2)).rejects.toThrow('the thread ended with 7');
    const waits = thread.ask(0);
    thread.end();
    await expect(waits).rejects.toThrow('no longer needed');
    expect(await thread.ask(4)).toBe(40);
    thread.end();
  });
});

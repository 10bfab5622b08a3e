/** Answers questions about the plan in a thread of its own: it reads the store, and never writes to it. */
import Database from 'better-sqlite3';
import { parentPort, workerData } from 'node:worker_threads';
import { readDrawn } from '@/data/door';
import type { Plan } from '@/core/plan/plan';
import type { IsoDate } from '@/core/plan/measures';
import { QUESTIONS, type QuestionName } from './questions';
import type { Asked, Heard } from './thread';

export interface Question {
  name: QuestionName;
  input: unknown;
  today: IsoDate;
}

const db = new Database((workerData as { path: string }).path, { readonly: true, timeout: 5000 });

parentPort!.on('message', ({ id, question: { name, input, today } }: Asked<Question>) => {
  const heard = (answer: Heard): void => parentPort!.postMessage(answer);
  void (async () => {
    try {
      const answering = QUESTIONS[name] as (plan: Plan, input: unknown, today: IsoDate) => unknown;
      heard({ id, answer: await answering(readDrawn(db).plan, input, today) });
    } catch (e) {
      heard({ id, wrong: (e as Error).message });
    }
  })();
});

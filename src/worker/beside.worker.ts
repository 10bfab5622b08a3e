/** Answers questions about the plan in a thread of its own: it reads the store, and never writes to it. */
import Database from 'better-sqlite3';
import { parentPort, workerData } from 'node:worker_threads';
import { readDrawn } from '@/data/door';
import type { Plan } from '@/core/plan/plan';
import type { IsoDate } from '@/core/plan/measures';
import { QUESTIONS, type QuestionName } from './questions';

export interface Asked {
  id: number;
  name: QuestionName;
  input: unknown;
  today: IsoDate;
}

const db = new Database((workerData as { path: string }).path, { readonly: true, timeout: 5000 });

parentPort!.on('message', ({ id, name, input, today }: Asked) => {
  try {
    const answering = QUESTIONS[name] as (plan: Plan, input: unknown, today: IsoDate) => unknown;
    parentPort!.postMessage({ id, answer: answering(readDrawn(db).plan, input, today) });
  } catch (e) {
    parentPort!.postMessage({ id, wrong: (e as Error).message });
  }
});

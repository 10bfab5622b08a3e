/**
 * Asks questions about the plan beside the process that serves pages: a thread reads the store and works the answer out, so no
 * request holds another up. Where the thread is not built (while developing, in a test) the answer is worked out here.
 */
import type Database from 'better-sqlite3';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import threads, { type Worker } from 'node:worker_threads';
import type { IsoDate } from '@/core/plan/measures';
import { readDrawn } from '@/data/door';
import { store, storePath } from '@/data/open';
import type { Asked } from './beside.worker';
import { QUESTIONS, type Answered, type AskedWith, type QuestionName } from './questions';

const BUILT = join(process.cwd(), 'dist', 'beside.mjs');

interface Waiting {
  resolve: (answer: unknown) => void;
  reject: (error: Error) => void;
}

let thread: { worker: Worker; path: string } | undefined;
const waiting = new Map<number, Waiting>();
let asked = 0;

/** The store that is asked about: the plan’s, or the tracing paper on it. */
interface Store {
  db: Database.Database;
  path: string;
}

/** The answer, from the thread; worked out here where there is none, or it has ended. */
export async function askBeside<Name extends QuestionName>(
  name: Name,
  input: AskedWith<Name>,
  today: IsoDate,
  { db, path }: Store = { db: store(), path: storePath() },
): Promise<Answered<Name>> {
  if (process.env.NODE_ENV === 'production' && existsSync(BUILT))
    try {
      return await askThread(name, input, today, path);
    } catch (e) {
      process.stderr.write(`Worked out beside no more: ${(e as Error).message}\n`);
    }
  const answering = QUESTIONS[name] as (plan: unknown, input: unknown, today: IsoDate) => unknown;
  return answering(readDrawn(db).plan, input, today) as Answered<Name>;
}

function askThread<Name extends QuestionName>(
  name: Name,
  input: AskedWith<Name>,
  today: IsoDate,
  path: string,
): Promise<Answered<Name>> {
  const id = ++asked;
  const { worker } = threadFor(path);
  return new Promise((resolve, reject) => {
    waiting.set(id, { resolve: resolve as Waiting['resolve'], reject });
    worker.postMessage({ id, name, input, today } satisfies Asked);
  });
}

function threadFor(path: string): { worker: Worker; path: string } {
  if (thread?.path === path) return thread;
  void thread?.worker.terminate();
  // Said in a way round the bundler, which would look for the file while it builds.
  const worker = Reflect.construct(threads.Worker, [BUILT, { workerData: { path } }]) as Worker;
  // The thread alone keeps nobody waiting at the end.
  worker.unref();
  worker.on('message', ({ id, answer, wrong }: { id: number; answer?: unknown; wrong?: string }) => {
    const who = waiting.get(id);
    waiting.delete(id);
    if (wrong === undefined) who?.resolve(answer);
    else who?.reject(new Error(wrong));
  });
  const gone = (why: Error): void => {
    if (thread?.worker === worker) thread = undefined;
    for (const who of waiting.values()) who.reject(why);
    waiting.clear();
  };
  worker.on('error', gone);
  worker.on('exit', (code) => gone(new Error(`the thread ended with ${code}`)));
  return (thread = { worker, path });
}

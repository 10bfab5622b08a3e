/**
 * Asks questions about the plan beside the process that serves pages: a thread reads the store and works the answer out, so no
 * request holds another up. Where the thread is not built (while developing, in a test) the answer is worked out here.
 */
import type Database from 'better-sqlite3';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { IsoDate } from '@/core/plan/measures';
import { readDrawn } from '@/data/door';
import { store, storePath } from '@/data/open';
import type { Question } from './beside.worker';
import { QUESTIONS, type Answered, type AskedWith, type QuestionName } from './questions';
import { Thread, TookTooLong } from './thread';

const BUILT = join(process.cwd(), 'dist', 'beside.mjs');

/**
 * Questions put to the solver, which nothing within its thread could stop: they have a thread of their own, which is ended where
 * it does not answer. Own choice: many times what they take.
 */
const OF_SOLVER: readonly QuestionName[] = ['better'];
const SOLVER_SECONDS = 60;

interface Threads {
  path: string;
  solver: Thread<Question>;
  others: Thread<Question>;
}
let threads: Threads | undefined;

/** The store that is asked about: the plan’s, or the tracing paper on it. */
interface Store {
  db: Database.Database;
  path: string;
}

/**
 * The answer, from a thread; worked out here where there is none, or it has ended.
 * @throws TookTooLong where the solver’s thread did not answer: it is not worked out here then, where it would hold up all
 */
export async function askBeside<Name extends QuestionName>(
  name: Name,
  input: AskedWith<Name>,
  today: IsoDate,
  { db, path }: Store = { db: store(), path: storePath() },
): Promise<Answered<Name>> {
  if (process.env.NODE_ENV === 'production' && existsSync(BUILT))
    try {
      const { solver, others } = threadsFor(path);
      const thread = OF_SOLVER.includes(name) ? solver : others;
      return (await thread.ask({ name, input, today })) as Answered<Name>;
    } catch (e) {
      process.stderr.write(`Worked out beside no more: ${(e as Error).message}\n`);
      if (e instanceof TookTooLong) throw e;
    }
  const answering = QUESTIONS[name] as (plan: unknown, input: unknown, today: IsoDate) => unknown;
  return (await answering(readDrawn(db).plan, input, today)) as Answered<Name>;
}

function threadsFor(path: string): Threads {
  if (threads?.path === path) return threads;
  threads?.solver.end();
  threads?.others.end();
  const data = { path };
  return (threads = {
    path,
    solver: new Thread(BUILT, data, SOLVER_SECONDS),
    others: new Thread(BUILT, data),
  });
}

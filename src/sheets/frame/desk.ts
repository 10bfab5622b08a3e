/** Which store this window works on: the plan, or the tracing paper that lies on it. */
import { cookies } from 'next/headers';
import type Database from 'better-sqlite3';
import { store, storePath } from '@/data/open';
import type { Outcome } from './outcome';
import { tracedOn, tracing, tracingPath } from '@/data/tracing';

/** Says that this browser works on the tracing paper. */
export const TRACING = 'tracing';

/** Said of what is no trial: what happened, a year that is closed, what is asked of somebody outside. */
export const NOT_ON_PAPER: Outcome = {
  is: 'refused',
  refused:
    'This is tracing paper: what happened, what is asked of the library, and closing a year go into the plan itself. Press “See the plan”, then do it there.',
};

export interface Desk {
  db: Database.Database;
  path: string;
  /** What was tried on the paper; undefined on the plan itself. */
  traced?: string[];
}

export async function desk(): Promise<Desk> {
  const plan = { db: store(), path: storePath() };
  if (!(await cookies()).has(TRACING)) return plan;
  const paper = tracing(plan.path);
  return paper ? { db: paper, path: tracingPath(plan.path), traced: tracedOn(paper) } : plan;
}

'use server';
/** Tracing paper on the plan: begun, kept as one change, or dropped. The sheet is loaded anew after each. */
import { cookies } from 'next/headers';
import { count } from '@/core/plan/called';
import { store, storePath } from '@/data/open';
import { dropTracing, keepTraced, layTracing, liesOn, tracedOn, tracing } from '@/data/tracing';
import { attempt } from './act';
import { editContext } from './clock';
import { TRACING } from './desk';
import type { Outcome } from './outcome';

/** Lays tracing paper on the plan, or takes up what lies there. */
export async function layPaper(): Promise<Outcome> {
  const laid = attempt(() => {
    layTracing(store(), storePath());
    return { is: 'done', revision: 0, message: 'Tracing paper lies on the plan' };
  });
  if (laid.is === 'done')
    (await cookies()).set(TRACING, '1', { httpOnly: true, sameSite: 'strict', path: '/' });
  return laid;
}

/** Takes what was tried into the plan, as one change that can be undone. */
export async function keepPaper(): Promise<Outcome> {
  const paper = tracing(storePath());
  if (!paper) return { is: 'refused', refused: GONE };
  if (!liesOn(paper, store())) return { is: 'refused', refused: OTHER };
  const changes = tracedOn(paper);
  const label =
    changes.length === 1
      ? `Tried and kept: ${changes[0]}`
      : `Kept ${count(changes.length, 'change')} from tracing paper`;
  const kept = attempt(() => {
    const outcome = keepTraced(store(), paper, label, editContext());
    if ('refused' in outcome) return { is: 'refused', ...outcome };
    return { is: 'done', revision: outcome.revision, message: label };
  });
  if (kept.is === 'stale')
    return {
      is: 'refused',
      refused: `The plan was changed while you were trying (${kept.since.slice(0, 3).join('; ')}), so this cannot go onto it. What you tried stays here to be looked at: do it again on the plan, then drop the paper.`,
    };
  if (kept.is === 'done') await leave(true);
  return kept;
}

/** Drops all that was tried; the plan stands as it stood. */
export async function dropPaper(): Promise<Outcome> {
  await leave(true);
  return { is: 'done', revision: 0, message: 'The plan stands as it stood' };
}

/** Looks at the plan itself; the paper stays where it is. */
export async function putPaperAside(): Promise<Outcome> {
  await leave(false);
  return { is: 'done', revision: 0, message: 'This is the plan itself' };
}

async function leave(isOver: boolean): Promise<void> {
  if (isOver) dropTracing(storePath());
  (await cookies()).delete(TRACING);
}

const GONE =
  'The tracing paper is there no more; it was kept or dropped in another window. Load the sheet again.';
const OTHER =
  'This tracing paper was laid on a plan that is here no more: a copy was put back in its place. Drop the paper.';

'use server';
import { redo, undo } from '@/data/undo';
import { keepCopy } from '@/data/copies';
import { store, storePath } from '@/data/open';
import { attempt } from './act';
import { desk } from './desk';
import { sizeText } from './file-size';
import type { Outcome } from './outcome';

export async function undoLast(base: number): Promise<Outcome> {
  const { db, traced } = await desk();
  // What stood before the paper was laid is undone on the plan.
  if (traced && !traced.length)
    return { is: 'refused', refused: 'Nothing has been tried yet that could be undone.' };
  return attempt(() => {
    const step = undo(db, revisionOf(base));
    if (!step) return { is: 'refused', refused: 'There is nothing to undo.' };
    if ('after' in step) return { is: 'refused', refused: cameAfter(step.after) };
    return { is: 'done', revision: step.revision, message: `Undone: ${step.label}` };
  });
}

export async function redoLast(base: number): Promise<Outcome> {
  const { db } = await desk();
  return attempt(() => {
    const step = redo(db, revisionOf(base));
    if (!step) return { is: 'refused', refused: 'There is nothing to do again.' };
    if ('after' in step) return { is: 'refused', refused: cameAfter(step.after) };
    return { is: 'done', revision: step.revision, message: `Done again: ${step.label}` };
  });
}

/** Keeps a copy of the store as it is now, beside it. Nothing of the plan changes. */
export async function saveNow(base: number): Promise<Outcome> {
  return attempt(() => {
    const copy = keepCopy(store(), storePath(), 'saved');
    return { is: 'done', revision: base, message: `Saved: ${copy.name}, ${sizeText(copy.bytes)}` };
  });
}

/** Why something is not undone: another’s change of the same things. */
const cameAfter = (label: string): string =>
  `Somebody else changed the same after it: “${label}”. Change it by hand.`;

/** A revision that was never there is stale like any other. */
const revisionOf = (base: unknown): number => (Number.isSafeInteger(base) ? (base as number) : -1);

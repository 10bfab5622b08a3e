'use server';
import { redo, undo } from '@/data/door';
import { store } from '@/data/open';
import { attempt } from './act';
import type { Outcome } from './outcome';

export async function undoLast(base: number): Promise<Outcome> {
  return attempt(() => {
    const step = undo(store(), base);
    return step ? { is: 'done', revision: step.revision, says: `Undone: ${step.label}` } : { is: 'refused', refused: 'There is nothing to undo.' };
  });
}

export async function redoLast(base: number): Promise<Outcome> {
  return attempt(() => {
    const step = redo(store(), base);
    return step ? { is: 'done', revision: step.revision, says: `Done again: ${step.label}` } : { is: 'refused', refused: 'There is nothing to do again.' };
  });
}

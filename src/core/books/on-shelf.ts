/** Finding on the shelf: the words of all books are gathered once. */
import { isGone, type Book } from '../plan/book';
import { once } from '../plan/once';
import type { Plan } from '../plan/plan';
import { indexOf, search } from './search';

const wordsOn = once((books: readonly Book[]) => indexOf(books));

/**
 * Ids of the books that what is typed fits; where a unit is named, without those pulled for it and those that are out of the
 * house for good. All for nothing typed.
 */
export function idsOnShelf(plan: Plan, typed: string, notPulledFor = ''): string[] {
  const found = search(wordsOn(plan.books), typed);
  if (!notPulledFor) return found;
  const pulled = pulledFor(plan, notPulledFor);
  const gone = new Set(plan.books.filter(isGone).map((b) => b.id));
  return found.filter((id) => !pulled.has(id) && !gone.has(id));
}

/** Books that are pulled for a unit already. */
export const pulledFor = (plan: Plan, unitId: string): ReadonlySet<string> =>
  new Set(plan.pulls.filter((p) => p.unitId === unitId).map((p) => p.bookId));

/** Finding on the shelf: the words of all books are gathered once. */
import type { Book } from '../plan/book';
import { once } from '../plan/once';
import type { Plan } from '../plan/plan';
import { indexOf, search } from './search';

const wordsOn = once((books: readonly Book[]) => indexOf(books));

/** Ids of the books that what is typed fits, without those pulled for a unit where one is named; all for nothing typed. */
export function idsOnShelf(plan: Plan, typed: string, notPulledFor = ''): string[] {
  const pulled = pulledFor(plan, notPulledFor);
  return search(wordsOn(plan.books), typed).filter((id) => !pulled.has(id));
}

/** Books that are pulled for a unit already. */
export const pulledFor = (plan: Plan, unitId: string): ReadonlySet<string> =>
  new Set(plan.pulls.filter((p) => p.unitId === unitId).map((p) => p.bookId));

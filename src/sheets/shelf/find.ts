/** Finding on the shelf, on the server: the words of all books are gathered once, and only what is shown is sent. */
import { indexOf, search } from '@/core/books/search';
import type { Book } from '@/core/plan/book';
import { booksById, groupBy } from '@/core/plan/lookup';
import { once } from '@/core/plan/once';
import type { Plan } from '@/core/plan/plan';

/** A book in the list. */
export interface ShelfRow extends Pick<
  Book,
  | 'id'
  | 'title'
  | 'authors'
  | 'label'
  | 'form'
  | 'pages'
  | 'place'
  | 'source'
  | 'state'
  | 'stateNote'
  | 'preview'
> {
  /** Titles of the units it is pulled for. */
  units: string[];
}

export interface Found {
  /** How many there are; the first of them are in `rows`. */
  total: number;
  rows: ShelfRow[];
}

/** As many as are drawn; more words find the others. */
const SHOWN = 60;

const wordsOn = once((books: readonly Book[]) => indexOf(books));

/** The books that what is typed fits, the first of them as rows; all of the shelf for nothing typed. */
export function findOnShelf(plan: Plan, typed: string): Found {
  const ids = search(wordsOn(plan.books), typed);
  const books = booksById(plan.books);
  const units = new Map(plan.units.map((u) => [u.id, u.title]));
  const pulls = groupBy(plan.pulls, (p) => p.bookId);
  return {
    total: ids.length,
    rows: ids.slice(0, SHOWN).map((bookId) => {
      const { id, title, authors, label, form, pages, place, source, state, stateNote, preview } =
        books.get(bookId)!;
      return {
        id,
        title,
        authors,
        label,
        form,
        pages,
        place,
        source,
        state,
        stateNote,
        preview,
        units: (pulls.get(id) ?? []).map((p) => units.get(p.unitId) ?? ''),
      };
    }),
  };
}

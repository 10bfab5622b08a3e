/** Finding on the shelf, on the server: the words of all books are gathered once, and only what is shown is sent. */
import { idsOnShelf, pulledFor } from '@/core/books/on-shelf';
import type { Book } from '@/core/plan/book';
import { booksById, groupBy } from '@/core/plan/lookup';
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
  | 'minutes'
  | 'pieces'
  | 'players'
  | 'partsPlace'
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
  /** How many were looked through, and how many of them fit; the first of these are in `rows`. */
  all: number;
  total: number;
  rows: ShelfRow[];
}

/** As many as are drawn; more words find the others. */
const SHOWN = 60;

/** What `idsOnShelf` finds, the first of it as rows. */
export function findOnShelf(plan: Plan, typed: string, notPulledFor = ''): Found {
  const ids = idsOnShelf(plan, typed, notPulledFor);
  const books = booksById(plan.books);
  const units = new Map(plan.units.map((u) => [u.id, u.title]));
  const pulls = groupBy(plan.pulls, (p) => p.bookId);
  return {
    all: plan.books.length - pulledFor(plan, notPulledFor).size,
    total: ids.length,
    rows: ids.slice(0, SHOWN).map((bookId) => {
      const book = books.get(bookId)!;
      const { id, title, authors, label, form, place, source, state, stateNote, preview } = book;
      return {
        id,
        title,
        authors,
        label,
        form,
        pages: book.pages,
        minutes: book.minutes,
        pieces: book.pieces,
        players: book.players,
        partsPlace: book.partsPlace,
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

import { duplicates } from '@/core/books/duplicates';
import { ean13Check } from '@/core/books/numbers';
import type { Book } from '@/core/plan/book';
import { booksById } from '@/core/plan/lookup';
import { once } from '@/core/plan/once';
import { load, param, type FrameInfo, type SearchParams } from '../frame/load';
import { findOnShelf, type Found } from '../frame/shelf/find';

export interface ShelfView {
  info: FrameInfo;
  /** The first of the shelf, shown before anything is typed. */
  found: Found;
  /** Asked for by the address: what is looked for, and the book whose record is opened. */
  typed: string;
  opened: string | null;
  /** Asked for by the address: what came home from a library is to be written down. */
  bringsLoans: boolean;
  here: number;
  lent: number;
  /** Things for the stand-in scanner: one that is on the shelf, a home label that is not, and one with a wrong last digit. */
  codes: { message: string; digits: string }[];
  children: { id: string; name: string }[];
  twice: { by: 'number' | 'work'; books: { id: string; title: string; message: string }[] }[];
}

const twiceOn = once((books: readonly Book[]) => duplicates(books));

export async function loadShelf(params: SearchParams): Promise<ShelfView> {
  const { plan, info } = await load(params);
  const books = booksById(plan.books);
  const typed = (await param(params, 'find')) ?? '';
  const opened = (await param(params, 'book')) ?? '';
  return {
    info,
    found: findOnShelf(plan, typed),
    typed,
    opened: books.has(opened) ? opened : null,
    bringsLoans: (await param(params, 'bring')) === 'loans',
    here: plan.books.filter((b) => b.state === 'here').length,
    lent: plan.books.filter((b) => b.state === 'lent out').length,
    codes: codesFor(plan.books),
    children: plan.children.map(({ id, name }) => ({ id, name })),
    twice: twiceOn(plan.books).map((t) => ({
      by: t.by,
      books: t.ids.map((id) => {
        const b = books.get(id)!;
        return {
          id,
          title: b.title,
          message: [b.authors, b.form, b.pages ? `${b.pages} pages` : '', b.label, b.place]
            .filter(Boolean)
            .join(' · '),
        };
      }),
    })),
  };
}

function codesFor(books: readonly Book[]): ShelfView['codes'] {
  const known = books.find((b) => b.label);
  const labels = new Set(books.map((b) => b.label));
  const stems = Array.from({ length: 40 }, (_, i) => `2${String(9_000_000_000 + i).padStart(11, '0')}`);
  const fresh = stems.map((s) => s + ean13Check(s)).find((d) => !labels.has(d))!;
  return [
    ...(known ? [{ message: `the label of “${known.title}”`, digits: known.label }] : []),
    { message: 'a new home label', digits: fresh },
    {
      message: 'a label with a wrong digit',
      digits: fresh.slice(0, -1) + String((Number(fresh.at(-1)) + 1) % 10),
    },
  ];
}

/** The shelf as a table (RFC 4180), read and written alike. */
import type { Book } from '../plan/book';
import { BOOK_FORMS, BOOK_SOURCES, BOOK_STATES } from '../plan/words';
import { bookDraft, type BookDraft, type BooksRead } from './book-draft';
import { readCsv, writeCsv } from './csv';

const COLUMNS = {
  title: ['title', 'name', 'book'],
  authors: ['authors', 'author', 'by', 'creator'],
  number: ['number', 'isbn', 'isbn13', 'isbn-13', 'isbn10', 'isbn-10', 'label', 'ean', 'barcode'],
  form: ['form', 'kind', 'type', 'format'],
  pages: ['pages', 'page count', 'number of pages', 'pp'],
  year: ['year', 'published', 'publication year', 'date'],
  language: ['language', 'lang'],
  place: ['place', 'shelf', 'location', 'where'],
  source: ['source', 'got'],
  price: ['price', 'cost'],
  state: ['state', 'status'],
  condition: ['condition'],
  topics: ['topics', 'subjects', 'tags'],
  chapters: ['chapters', 'contents'],
} as const;
type Column = keyof typeof COLUMNS;

/** The columns a table can have, in the order in which they are written. */
export const BOOK_COLUMNS = Object.keys(COLUMNS) as Column[];

/**
 * Reads a table of books; each bad row is named with what is wrong with it. `chosen` matches headings by hand, to a
 * column or (empty) to none.
 */
export function readBooksCsv(
  text: string,
  chosen: Readonly<Record<string, string>> = {},
): BooksRead & { matched: { heading: string; column: string | null }[] } {
  const byHand = Object.fromEntries(
    Object.entries(chosen).flatMap(([h, c]) => (c === '' || c in COLUMNS ? [[h, c as Column | '']] : [])),
  );
  const { rows, faults, unknown, matched } = readCsv<Column>(text, COLUMNS, byHand);
  const books: BooksRead['books'] = [];
  for (const { line, cells } of rows) {
    const before = faults.length;
    const say = (what: string): void => {
      faults.push({ line, what });
    };
    const number = (name: Column, from: number, to: number): number | null => {
      if (!cells[name]) return null;
      const n = /^\d{1,4}$/.test(cells[name]) ? Number(cells[name]) : NaN;
      if (!(n >= from && n <= to))
        say(`“${cells[name]}” under ${name}: write a whole number from ${from} to ${to}`);
      return n;
    };
    const word = <W extends string>(name: Column, all: readonly W[], none: W): W => {
      const found = cells[name] ? all.find((w) => w === cells[name].toLowerCase()) : none;
      if (!found) say(`“${cells[name]}” under ${name}: write one of ${all.join(', ')}`);
      return found ?? none;
    };
    const price = /^\d{1,6}(?:[.,]\d{1,2})?$/.exec(cells.price);
    if (cells.price && !price) say(`“${cells.price}” under price: write a sum, such as 12.50`);
    const known: Partial<BookDraft> & { title: string } = {
      title: cells.title,
      authors: cells.authors,
      form: word('form', BOOK_FORMS, 'book'),
      pages: number('pages', 1, 9999),
      year: number('year', 1400, 2200),
      language: cells.language.slice(0, 40),
      place: cells.place.slice(0, 100),
      source: word('source', BOOK_SOURCES, 'owned'),
      state: word('state', BOOK_STATES, 'here'),
      condition: cells.condition.slice(0, 100),
      price: price ? Math.round(Number(cells.price.replace(',', '.')) * 100) : null,
      topics: listed(cells.topics).map((t) => ({
        title: t.title,
        first: t.pages?.[0] ?? null,
        last: t.pages?.[1] ?? null,
      })),
      chapters: listed(cells.chapters).map((c) => ({ title: c.title, page: c.pages?.[0] ?? null })),
    };
    const book = bookDraft(known, cells.number, say);
    if (book && faults.length === before) books.push({ line, book });
  }
  return { books, faults: faults.sort((a, b) => a.line - b.line), unknown, matched };
}

/** “Mordants 33-35; Looms” */
function listed(text: string): { title: string; pages?: [number, number] }[] {
  return text
    .split(';')
    .map((t) => t.trim())
    .filter(Boolean)
    .map((t) => {
      const paged = /^(.*\S)\s+(\d{1,4})(?:-(\d{1,4}))?$/u.exec(t);
      const [first, last] = paged ? [Number(paged[2]), Number(paged[3] ?? paged[2])] : [0, 0];
      return paged && first && last >= first
        ? { title: paged[1].slice(0, 200), pages: [first, last] as [number, number] }
        : { title: t.slice(0, 200) };
    });
}

export function writeBooksCsv(books: readonly Book[]): string {
  return writeCsv(
    Object.keys(COLUMNS),
    books.map((b) => [
      b.title,
      b.authors,
      b.label,
      b.form,
      b.pages?.toString() ?? '',
      b.year?.toString() ?? '',
      b.language,
      b.place,
      b.source,
      b.price === null ? '' : (b.price / 100).toFixed(2),
      b.state,
      b.condition,
      b.topics
        .map((t) =>
          t.first === null
            ? t.title
            : `${t.title} ${t.first}${t.last !== null && t.last !== t.first ? `-${t.last}` : ''}`,
        )
        .join('; '),
      b.chapters.map((c) => (c.page === null ? c.title : `${c.title} ${c.page}`)).join('; '),
    ]),
  );
}

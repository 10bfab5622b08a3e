/** The shelf as a table (RFC 4180), read and written alike. */
import type { Book } from '../plan/book';
import type { DatesWritten } from '../calendar/customs';
import { bookDraft, type BookDraft, type BooksRead } from './book-draft';
import { readCsv, writeCsv } from './csv';
import { dateIn } from './dates-in-text';
import { isOurs, meaningOf, type OwnWord, type WordColumn } from './shelf-words';

const COLUMNS = {
  title: ['title', 'name', 'book'],
  authors: ['authors', 'author', 'by', 'creator'],
  number: ['number', 'isbn', 'isbn13', 'isbn-13', 'isbn10', 'isbn-10', 'label', 'ean', 'barcode'],
  form: ['form', 'kind', 'type', 'format'],
  pages: ['pages', 'page count', 'number of pages', 'pp'],
  minutes: ['minutes', 'min', 'runs', 'length', 'duration'],
  pieces: ['pieces', 'parts', 'number of pieces'],
  players: ['players', 'number of players'],
  'small parts': ['small parts', 'small parts are kept'],
  year: ['year', 'published', 'publication year', 'date'],
  language: ['language', 'lang'],
  place: ['place', 'shelf', 'location', 'where'],
  source: ['source', 'got'],
  price: ['price', 'cost'],
  state: ['state', 'status'],
  condition: ['condition'],
  topics: ['topics', 'subjects', 'tags'],
  chapters: ['chapters', 'contents'],
  due: ['due', 'due date', 'due back', 'return by'],
} as const;
type Column = keyof typeof COLUMNS;

/** The columns a table can have, in the order in which they are written. */
export const BOOK_COLUMNS = Object.keys(COLUMNS) as Column[];

/** Whether the first line of a text names columns of a table of books. */
export const hasBookHeadings = (text: string): boolean =>
  readCsv<Column>(/^[^\r\n]*/.exec(text.trimStart())![0], COLUMNS).matched.some((m) => m.column !== null);

/**
 * Reads a table of books; each bad row is named with what is wrong with it. `chosen` matches headings by hand, to a
 * column or (empty) to none; `said` what words of the family's own mean, by `column word`. A word that nobody has said the
 * meaning of holds its rows back, and is named once in `words`.
 */
export function readBooksCsv(
  text: string,
  dates: DatesWritten,
  chosen: Readonly<Record<string, string>> = {},
  said: Readonly<Record<string, string>> = {},
): BooksRead & { matched: { heading: string; column: string | null }[]; words: OwnWord[]; waiting: number } {
  const byHand = Object.fromEntries(
    Object.entries(chosen).flatMap(([h, c]) => (c === '' || c in COLUMNS ? [[h, c as Column | '']] : [])),
  );
  const { rows, faults, unknown, matched } = readCsv<Column>(text, COLUMNS, byHand);
  const books: BooksRead['books'] = [];
  const words = new Map<string, OwnWord>();
  let waiting = 0;
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
    let unsaid = false;
    const word = <W extends string>(name: WordColumn, none: W): W => {
      const written = cells[name];
      if (!written) return none;
      const means = meaningOf(name, written, said);
      const key = `${name} ${written.toLowerCase()}`;
      if (!isOurs(name, written) && !words.has(key))
        words.set(key, { column: name, word: written.slice(0, 60), means });
      if (means === null) unsaid = true;
      return (means as W | null) ?? none;
    };
    const dueOn = cells.due ? dateIn(cells.due, dates.near, dates.order) : undefined;
    if (cells.due && !dueOn) say(`“${cells.due}” under due: write a day, such as 9 Nov`);
    const price = /^\d{1,6}(?:[.,]\d{1,2})?$/.exec(cells.price);
    if (cells.price && !price) say(`“${cells.price}” under price: write a sum, such as 12.50`);
    const known: Partial<BookDraft> & { title: string } = {
      title: cells.title,
      authors: cells.authors,
      form: word('form', 'book'),
      pages: number('pages', 1, 9999),
      minutes: number('minutes', 1, 2000),
      pieces: number('pieces', 1, 9999),
      players: playersIn(cells.players, say),
      partsPlace: cells['small parts'].slice(0, 100),
      year: number('year', 1400, 2200),
      language: cells.language.slice(0, 40),
      place: cells.place.slice(0, 100),
      source: word('source', dueOn ? 'borrowed' : 'owned'),
      state: word('state', 'here'),
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
    if (book && faults.length === before && unsaid) waiting++;
    if (book && faults.length === before && !unsaid) books.push({ line, book, due: dueOn?.date ?? null });
  }
  return {
    books,
    faults: faults.sort((a, b) => a.line - b.line),
    unknown,
    matched,
    words: [...words.values()],
    waiting,
  };
}

/** “2-4”, “2 to 4” or “2”; what is none of these is named. */
function playersIn(text: string, say: (what: string) => void): Book['players'] {
  if (!text) return null;
  const read = /^(\d{1,2})(?:\s*(?:-|–|to)\s*(\d{1,2}))?$/u.exec(text);
  const [from, to] = read ? [Number(read[1]), Number(read[2] ?? read[1])] : [0, 0];
  if (from >= 1 && from <= to) return { from, to };
  say(`“${text}” under players: write how many can play, such as 2-4`);
  return null;
}

const playersText = (players: Book['players']): string => {
  if (!players) return '';
  return players.from === players.to ? `${players.from}` : `${players.from}-${players.to}`;
};

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

/** @param due when each borrowed book is due, by its id */
export function writeBooksCsv(books: readonly Book[], due: ReadonlyMap<string, string> = new Map()): string {
  return writeCsv(
    Object.keys(COLUMNS),
    books.map((b) => [
      b.title,
      b.authors,
      b.label,
      b.form,
      b.pages?.toString() ?? '',
      b.minutes?.toString() ?? '',
      b.pieces?.toString() ?? '',
      playersText(b.players),
      b.partsPlace,
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
      due.get(b.id) ?? '',
    ]),
  );
}

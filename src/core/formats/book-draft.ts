/** Books on their way to the shelf, whatever they were read from, and what stands in the way of each. */
import { readLabel } from '../books/numbers';
import { sameAs } from '../books/duplicates';
import { blankBook } from '../plan/blank';
import type { Book } from '../plan/book';
import type { IsoDate } from '../plan/measures';
import type { LineFault } from './draft';

export type BookDraft = Omit<Book, 'id'>;

export interface ReadBook {
  line: number;
  book: BookDraft;
  /** When a borrowed one is due; null: not said. */
  due: IsoDate | null;
}

export interface BooksRead {
  books: ReadBook[];
  faults: LineFault[];
  /** Columns or fields that were not used. */
  unknown: string[];
}

/** A draft from what is known; undefined, with the reason said, when it is no book. */
export function bookDraft(
  known: Partial<BookDraft> & { title: string },
  number: string,
  say: (what: string) => void,
): BookDraft | undefined {
  const title = known.title.normalize('NFC').replace(/\s+/gu, ' ').trim();
  if (!title) {
    say('it has no title');
    return undefined;
  }
  if (title.length > 200) {
    say('its title is longer than 200 characters');
    return undefined;
  }
  let label = '';
  if (number.trim()) {
    const read = readLabel(number);
    if ('wrong' in read) {
      say(`number ${number.trim()}: ${read.wrong}`);
      return undefined;
    }
    label = read.digits;
  }
  return {
    ...blankBook,
    ...known,
    title,
    authors: (known.authors ?? '').normalize('NFC').slice(0, 200),
    label,
  };
}

export interface Sorted {
  /** New to the shelf. */
  fresh: ReadBook[];
  /** On the shelf already, or twice in what was read, by the same number. */
  known: (ReadBook & { as: string })[];
  /** Perhaps on the shelf already: same title and author. To be asked. */
  asked: (ReadBook & { as: string })[];
}

/** Sorts what was read by whether it is on the shelf. */
export function sortDrafts(read: BooksRead['books'], shelf: readonly Book[]): Sorted {
  const sorted: Sorted = { fresh: [], known: [], asked: [] };
  const seen: Book[] = [...shelf];
  for (const { line, book, due } of read) {
    const same = sameAs(book, seen);
    const as = same && seen.find((b) => b.id === same.id)!;
    if (same?.by === 'number') sorted.known.push({ line, book, due, as: as!.title });
    else if (same) sorted.asked.push({ line, book, due, as: as!.title });
    else sorted.fresh.push({ line, book, due });
    if (!same) seen.push({ ...book, id: `line ${line}` });
  }
  return sorted;
}

'use server';
import { readBibtex } from '@/core/formats/bibtex';
import { sortDrafts, type BooksRead, type Sorted } from '@/core/formats/book-draft';
import { BOOK_COLUMNS, readBooksCsv } from '@/core/formats/books-csv';
import { readCslJson } from '@/core/formats/csl';
import type { Book } from '@/core/plan/book';
import { readDrawn } from '@/data/door';
import { desk } from '../frame/desk';
import type { Outcome } from '../frame/outcome';
import * as commands from '@/core/command/shelf';
import { give } from '../frame/act';

export interface BooksPreview extends Sorted {
  /** What the text was read as. */
  as: 'a table' | 'BibTeX' | 'CSL-JSON';
  faults: BooksRead['faults'];
  unknown: string[];
  /** Headings of a table with the column each is taken for, and the columns there are. */
  matched: { heading: string; column: string | null }[];
  columns: string[];
}

const MOST_CHARACTERS = 10_000_000;

/** What bringing books in would do; nothing is stored. */
export async function previewBooks(text: string, chosen: Record<string, string> = {}): Promise<BooksPreview> {
  if (typeof text !== 'string' || text.length > MOST_CHARACTERS)
    return {
      as: 'a table',
      fresh: [],
      known: [],
      asked: [],
      unknown: [],
      matched: [],
      columns: [],
      faults: [{ line: 1, what: 'longer than ten million characters; bring it in in pieces' }],
    };
  const start = text.trimStart()[0];
  const [as, read] =
    start === '@'
      ? (['BibTeX', readBibtex(text)] as const)
      : start === '[' || start === '{'
        ? (['CSL-JSON', readCslJson(text)] as const)
        : (['a table', readBooksCsv(text, chosen)] as const);
  return {
    as,
    faults: read.faults,
    unknown: read.unknown,
    matched: 'matched' in read ? read.matched : [],
    columns: [...BOOK_COLUMNS],
    ...sortDrafts(read.books, readDrawn((await desk()).db).plan.books),
  };
}
/** The whole record of a book; undefined when it has gone. */
export async function recordOf(bookId: string): Promise<Book | undefined> {
  return readDrawn((await desk()).db).plan.books.find((b) => b.id === bookId);
}
/** The book of a number, in its digits; undefined when none on the shelf has it. */
export async function bookWithNumber(digits: string): Promise<string | undefined> {
  return readDrawn((await desk()).db).plan.books.find((b) => b.label === digits)?.id;
}
export const putOnShelf = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.putOnShelf, base, input);
export const changeRecord = async (base: number, bookId: string, input: unknown): Promise<Outcome> =>
  give(commands.changeRecord, base, input, { bookId });
export const takeOffShelf = async (base: number, bookId: string): Promise<Outcome> =>
  give(commands.takeOffShelf, base, bookId);
export const makeOne = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.makeOne, base, input);

'use server';
import { readBibtex } from '@/core/formats/bibtex';
import { sortDrafts, type BooksRead, type Sorted } from '@/core/formats/book-draft';
import { datesWritten } from '@/core/calendar/customs';
import { BOOK_COLUMNS, hasBookHeadings, readBooksCsv } from '@/core/formats/books-csv';
import { readBooksList } from '@/core/formats/shelf-list';
import type { OwnWord } from '@/core/formats/shelf-words';
import { today } from '../frame/clock';
import { readCslJson } from '@/core/formats/csl';
import type { Book } from '@/core/plan/book';
import { readDrawn } from '@/data/door';
import { desk } from '../frame/desk';
import type { Outcome } from '../frame/outcome';
import * as commands from '@/core/command/shelf';
import { give } from '../frame/act';

export interface BooksPreview extends Sorted {
  /** What the text was read as. */
  as: 'a list' | 'a table' | 'BibTeX' | 'CSL-JSON';
  faults: BooksRead['faults'];
  unknown: string[];
  /** Headings of a table with the column each is taken for, and the columns there are. */
  matched: { heading: string; column: string | null }[];
  columns: string[];
  /** Words of the family's own, with what each means. */
  words: OwnWord[];
  /** Rows that wait for the meaning of one. */
  waiting: number;
}

const MOST_CHARACTERS = 10_000_000;

/** What bringing books in would do; nothing is stored. */
export async function previewBooks(
  text: string,
  chosen: Record<string, string> = {},
  said: Record<string, string> = {},
): Promise<BooksPreview> {
  if (typeof text !== 'string' || text.length > MOST_CHARACTERS)
    return {
      as: 'a table',
      fresh: [],
      known: [],
      asked: [],
      unknown: [],
      matched: [],
      columns: [],
      words: [],
      waiting: 0,
      faults: [{ line: 1, what: 'longer than ten million characters; bring it in in pieces' }],
    };
  const { plan } = readDrawn((await desk()).db);
  const day = await today();
  const dates = datesWritten(plan, day);
  const isTable = hasBookHeadings(text) || /^[^\r\n]*\t/.test(text.trimStart());
  const start = text.trimStart()[0];
  const [as, read] =
    start === '@'
      ? (['BibTeX', readBibtex(text)] as const)
      : start === '[' || start === '{'
        ? (['CSL-JSON', readCslJson(text)] as const)
        : isTable || Object.keys(chosen).length
          ? (['a table', readBooksCsv(text, dates, chosen, said)] as const)
          : (['a list', readBooksList(text, dates)] as const);
  return {
    as,
    faults: read.faults,
    unknown: read.unknown,
    matched: 'matched' in read ? read.matched : [],
    columns: [...BOOK_COLUMNS],
    words: 'words' in read ? read.words : [],
    waiting: 'waiting' in read ? read.waiting : 0,
    ...sortDrafts(read.books, plan.books),
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
export const bringHome = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.bringHome, base, input);
export const changeRecord = async (base: number, bookId: string, input: unknown): Promise<Outcome> =>
  give(commands.changeRecord, base, input, { bookId });
export const takeOffShelf = async (base: number, bookId: string): Promise<Outcome> =>
  give(commands.takeOffShelf, base, bookId);
export const makeOne = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.makeOne, base, input);

'use server';
import { titled } from '@/core/plan/called';
import { z } from 'zod';
import { addBooks, editBook, mergeBooks, removeBook } from '@/core/edit/books';
import { readBibtex } from '@/core/formats/bibtex';
import { sortDrafts, type BooksRead, type Sorted } from '@/core/formats/book-draft';
import { BOOK_COLUMNS, readBooksCsv } from '@/core/formats/books-csv';
import { readCslJson } from '@/core/formats/csl';
import { book, type Book } from '@/core/plan/book';
import { id } from '@/core/plan/measures';
import type { Plan } from '@/core/plan/plan';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';
import { typedNumber } from '../frame/book-number';
import { act } from '../frame/act';
import { given } from '../frame/given';
import type { Outcome } from '../frame/outcome';

const fields = book.omit({ id: true }).extend({ label: typedNumber });
const titleOf = (plan: Plan, bookId: string): string => titled(plan, 'books', bookId);

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
    ...sortDrafts(read.books, readDrawn(store()).plan.books),
  };
}

/** The whole record of a book; undefined when it has gone. */
export async function recordOf(bookId: string): Promise<Book | undefined> {
  return readDrawn(store()).plan.books.find((b) => b.id === bookId);
}

/** The book of a number, in its digits; undefined when none on the shelf has it. */
export async function bookWithNumber(digits: string): Promise<string | undefined> {
  return readDrawn(store()).plan.books.find((b) => b.label === digits)?.id;
}

export async function putOnShelf(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.array(fields).min(1).max(20_000),
    label: (v) =>
      v.length === 1 ? `Put “${v[0].title}” on the shelf` : `Put ${v.length} books on the shelf`,
    edit: addBooks,
  });
}

export async function changeRecord(base: number, bookId: string, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: fields.partial(),
    label: (_, plan) => `Changed ${titleOf(plan, bookId)}`,
    edit: (v) => editBook(bookId, given(v, input)),
  });
}

export async function takeOffShelf(base: number, bookId: string): Promise<Outcome> {
  return act({
    base,
    input: bookId,
    shape: id,
    label: (v, plan) => `Took ${titleOf(plan, v)} off the shelf`,
    edit: removeBook,
  });
}

export async function makeOne(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ keep: id, drop: id }),
    label: (v, plan) => `Two records of ${titleOf(plan, v.keep)} are one`,
    edit: (v) => mergeBooks(v.keep, v.drop),
  });
}

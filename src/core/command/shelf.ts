import { titled } from '../plan/called';
import { z } from 'zod';
import { addLoans } from '../edit/loans';
import { addBooks, editBook, mergeBooks, removeBook } from '../edit/books';
import { book } from '../plan/book';
import { id, isoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { typedNumber } from '../books/typed-number';
import { given } from './given';
import { command } from './command';

const fields = book.omit({ id: true }).extend({ label: typedNumber });

const titleOf = (plan: Plan, bookId: string): string => titled(plan, 'books', bookId);

export const putOnShelf = command({
  shape: z.array(fields).min(1).max(20_000),
  label: (v) => (v.length === 1 ? `Put “${v[0].title}” on the shelf` : `Put ${v.length} books on the shelf`),
  edit: addBooks,
  touches: ['shelf'],
});

export const bringHome = command({
  shape: z
    .array(z.strictObject({ book: fields, due: isoDate.nullable() }))
    .min(1)
    .max(20_000),
  label: (v) =>
    v.length === 1 ? `Put “${v[0].book.title}” on the shelf` : `Put ${v.length} books on the shelf`,
  edit: addLoans,
});

export const changeRecord = command({
  about: z.strictObject({ bookId: id }),
  shape: fields.partial(),
  label: (_, plan, { bookId }) => `Changed ${titleOf(plan, bookId)}`,
  edit: (v, { bookId }, input) => editBook(bookId, given(v, input)),
  touches: ['shelf'],
});

export const takeOffShelf = command({
  shape: id,
  label: (v, plan) => `Took ${titleOf(plan, v)} off the shelf`,
  edit: removeBook,
  touches: ['shelf', 'plan'],
});

export const makeOne = command({
  shape: z.strictObject({ keep: id, drop: id }),
  label: (v, plan) => `Two records of ${titleOf(plan, v.keep)} are one`,
  edit: (v) => mergeBooks(v.keep, v.drop),
  touches: ['shelf', 'plan'],
});

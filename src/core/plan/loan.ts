/** The shape of what is borrowed, of the library card, and of what a child has read on a day. */
import { z } from 'zod';
import { id, isoDate, weekday } from './measures';

/** What the card allows, and when the family goes. */
export const card = z.strictObject({
  /** Things out at once. */
  loans: z.int().min(1).max(500),
  /** Weeks a loan runs, and again with each renewal. */
  weeks: z.int().min(1).max(26),
  renewals: z.int().min(0).max(9),
  /** Weekdays on which the family can go. */
  days: z.array(weekday).min(1, 'choose at least one weekday').max(7),
});
export type Card = z.infer<typeof card>;

const date = isoDate.nullable().default(null);

/** A book asked for or borrowed: how far it has come is read off its dates (`core/loans/stage.ts`). */
export const loan = z.strictObject({
  id,
  bookId: id,
  /** What the library calls it; empty when it was asked for by hand. */
  ref: z.string().max(200).default(''),
  asked: date,
  /** When the library thinks that it can be fetched; moves with the queue. */
  expected: date,
  /** Lies ready since. */
  ready: date,
  from: date,
  due: date,
  renewals: z.int().min(0).max(9).default(0),
  /** Why it cannot be renewed again, in the library's words; empty when it can. */
  refused: z.string().max(200).default(''),
  back: date,
});
export type Loan = z.infer<typeof loan>;

/** What a child read alone on a day: the measure of their own rate. */
export const reading = z.strictObject({
  id,
  childId: id,
  bookId: id.nullable(),
  date: isoDate,
  pages: z.int('pages are whole').min(1, 'at least one page').max(2000),
  minutes: z.int('minutes are whole').min(1, 'at least a minute').max(600),
});
export type Reading = z.infer<typeof reading>;

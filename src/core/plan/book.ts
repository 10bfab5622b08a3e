/** The shape of a book on the shelf; anything that is read, looked at, listened to, played with or built counts as one. */
import { z } from 'zod';
import { id, shortText } from './measures';
import { BOOK_FORMS, BOOK_SOURCES, BOOK_STATES, PREVIEWS } from './words';

export const bookForm = z.enum(BOOK_FORMS);
export type BookForm = z.infer<typeof bookForm>;

const page = z.int().min(1).max(9999);
const age = z.int().min(0).max(21).nullable();

export const book = z.strictObject({
  id,
  title: shortText,
  authors: z.string().trim().max(200),
  /** ISBN-13 or home label (EAN-13 with prefix 2), digits only; empty when there is none. */
  label: z.string().max(13),
  form: bookForm,
  pages: page.nullable(),
  /** Words in all of it, where they were counted; else they are reckoned from its pages and form. */
  words: z.int().min(1).max(5_000_000).nullable().default(null),
  /** How long a film or a recording runs. */
  minutes: z.int().min(1).max(2000).nullable().default(null),
  /** Pieces of a puzzle, a kit or a game; who can play, from so many to so many. */
  pieces: z.int().min(1).max(20_000).nullable().default(null),
  players: z
    .strictObject({ from: z.int().min(1).max(99), to: z.int().min(1).max(99) })
    .refine((p) => p.from <= p.to, { error: 'more at least than at most', path: ['to'] })
    .nullable()
    .default(null),
  /** Where its small parts are kept, apart from it. */
  partsPlace: z.string().trim().max(100).default(''),
  place: z.string().trim().max(100),
  year: z.int().min(1400).max(2200).nullable().default(null),
  language: z.string().trim().max(40).default(''),
  /** Chapters with the page they begin on, as a contents page gives them. */
  chapters: z
    .array(z.strictObject({ title: shortText, page: page.nullable() }))
    .max(500)
    .default([]),
  /** What it has something on, and where; no pages for all of it. */
  topics: z
    .array(z.strictObject({ title: shortText, first: page.nullable(), last: page.nullable() }))
    .max(500)
    .default([]),
  /** Ages it is good for, to listen to and to read alone; null leaves an end open. */
  listenFrom: age.default(null),
  listenTo: age.default(null),
  readFrom: age.default(null),
  readTo: age.default(null),
  preview: z.enum(PREVIEWS).default('not seen'),
  previewNote: z.string().trim().max(300).default(''),
  /** Children it is not for, when the preview says so. */
  notFor: z.array(id).max(8).default([]),
  source: z.enum(BOOK_SOURCES).default('owned'),
  /** Price in minor units: what it costs, or cost. */
  price: z.int().min(0).max(100_000_000).nullable().default(null),
  state: z.enum(BOOK_STATES).default('here'),
  /** Who has it, where it may be, when it goes back. */
  stateNote: z.string().trim().max(100).default(''),
  condition: z.string().trim().max(100).default(''),
});
export type Book = z.infer<typeof book>;

/** Out of the house for good; it stands on the shelf to be known, and is not pulled again. */
export const isGone = ({ state }: Pick<Book, 'state'>): boolean => state === 'given away' || state === 'lost';

/** How a book or a thing is taken in: read, heard, watched, played, built or looked at. */
import { BOOK_FORMS } from '../plan/words';
import type { BookForm } from '../plan/book';

/** What is done with a form that is not listened to; a book, a reader or cards are heard or read. */
const DONE_WITH: Partial<Record<BookForm, string>> = {
  film: 'watched',
  kit: 'built',
  model: 'built',
  game: 'played',
  poster: 'looked at',
  audio: 'heard',
  'board book': 'looked at',
};

/** How a child takes a thing in: `read alone`, `read aloud`, `watched`, `played`, `built`, `heard`, `looked at`. */
export const takenIn = (form: BookForm, way: 'listen' | 'read'): string =>
  DONE_WITH[form] ?? (way === 'read' ? 'read alone' : 'read aloud');

/** Forms that a child can read alone. */
export const READ_ALONE: ReadonlySet<BookForm> = new Set(
  BOOK_FORMS.filter((form) => takenIn(form, 'read') === 'read alone'),
);

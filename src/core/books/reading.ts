/** How long reading takes: pages to words by the book's form, words to minutes by who reads. */
import { onceOf } from '../plan/once';
import { gradeOf } from '../plan/age';
import { booksById, byId, groupBy, homes, isFor } from '../plan/lookup';
import type { Book, BookForm } from '../plan/book';
import type { IsoDate } from '../plan/measures';
import type { Measure, Plan, Role, Use } from '../plan/plan';
import type { Part } from '../plan/lesson';

/** Words on a page, by form. Common practice, no source; forms without running text have none. */
export const WORDS_PER_PAGE: Partial<Record<BookForm, number>> = {
  book: 250,
  reader: 90,
  'picture book': 60,
  workbook: 100,
  cards: 40,
  site: 250,
};

/** Words a minute an adult reads aloud (Brysbaert 2019, meta-analysis: 183). */
export const ALOUD_RATE = 183;
/** Children listen and look while they are read to: the part of that rate which is left. Our own choice. */
export const LISTENING_PACE = 0.8;

/** Words a minute read silently by school grade 1 to 12 (Taylor 1965; values from memory). */
export const SILENT_RATE = [80, 115, 138, 158, 173, 185, 195, 204, 214, 224, 237, 250];

/** Minutes a reading takes when its pages say nothing. */
const READING_WITHOUT_PAGES = 15;
/** Minutes of a part of any other kind for which none were given. */
const PART_WITHOUT_MINUTES = 20;

/** Silent words a minute for a school grade; below grade 1 the rate of grade 1 stands, above 12 that of 12. */
export function silentRate(grade: number): number {
  return SILENT_RATE[Math.min(12, Math.max(1, grade)) - 1];
}

export function minutesAloud(words: number): number {
  return Math.ceil(words / (ALOUD_RATE * LISTENING_PACE));
}

/**
 * Words on so many pages of a book: its real count in proportion where it was counted, else by its form. 0 for what is
 * not read.
 */
export function wordsOf(book: Pick<Book, 'form' | 'pages' | 'words'>, pages: number): number {
  if (book.words !== null && book.pages) return Math.round((book.words * pages) / book.pages);
  return pages * (WORDS_PER_PAGE[book.form] ?? 0);
}

/** Measured minutes below which a rate says too little to go by. Own choice: two short sittings. */
const MEASURED_ENOUGH = 10;
/** Readings, the latest, that make up a child's rate: children speed up. Own choice. */
const LATEST = 8;

export interface Rate {
  /** Words a minute. */
  rate: number;
  /** Readings it was measured on; 0 for the table's value. */
  measuredOn: number;
}

/** Words over minutes of a child's latest readings of books whose words are known, this year; null under ten minutes of them. */
export function measuredReading(plan: Pick<Plan, 'readings' | 'books'>, childId: string): Measure | null {
  const books = booksById(plan.books);
  const known = plan.readings
    .filter((r) => r.childId === childId && r.bookId !== null && wordsOf(books.get(r.bookId)!, 1) > 0)
    .sort((a, b) => (a.date < b.date ? -1 : 1))
    .slice(-LATEST);
  const minutes = known.reduce((sum, r) => sum + r.minutes, 0);
  const words = known.reduce((sum, r) => sum + wordsOf(books.get(r.bookId!)!, r.pages), 0);
  return minutes < MEASURED_ENOUGH || words < 1 ? null : { amount: words, minutes, on: known.length };
}

/**
 * The words a minute a child reads alone: what was measured this year, else in the year before; until there is enough of
 * either, the table's value for the grade on the date.
 */
export function ownRate(
  plan: Pick<Plan, 'readings' | 'books' | 'children'>,
  childId: string,
  date: IsoDate,
): Rate {
  const child = plan.children.find((c) => c.id === childId)!;
  const measured = measuredReading(plan, childId) ?? child.measured.reading;
  return measured
    ? { rate: Math.max(1, Math.round(measured.amount / measured.minutes)), measuredOn: measured.on }
    : { rate: silentRate(gradeOf(child.birthMonth, date)), measuredOn: 0 };
}

/** Minutes of reading: aloud by an adult, alone by each child at the rate measured, else the table's. */
export function readingClock(plan: Pick<Plan, 'readings' | 'books' | 'children'>): {
  aloud: (words: number) => number;
  alone: (words: number, childId: string, date: IsoDate) => number;
} {
  const rates = new Map<string, number>();
  return {
    aloud: minutesAloud,
    alone: (words, childId, date) => {
      const key = `${childId} ${date}`;
      if (!rates.has(key)) rates.set(key, ownRate(plan, childId, date).rate);
      return Math.ceil(words / rates.get(key)!);
    },
  };
}

const READ_ALOUD: Role[] = ['spine', 'together'];

/** What is read in a part: the uses of its lesson whose books are read that way, by that child if one is named. */
export function usesRead(plan: Pick<Plan, 'pulls' | 'uses'>): (part: Part, childId: string) => Use[] {
  const pulls = byId(plan.pulls);
  const uses = groupBy(plan.uses, (u) => u.lessonId);
  return (part, childId) =>
    (uses.get(part.lessonId ?? '') ?? []).filter((use) => {
      const pull = pulls.get(use.pullId);
      if (!pull) return false;
      if (part.kind === 'read-aloud') return READ_ALOUD.includes(pull.role);
      return part.kind === 'own-reading' && pull.role === 'own' && isFor(pull, childId);
    });
}

/** Pages of a use; the whole book when none are named, 0 when the book has no number of pages. */
export function pagesOf(use: Use, bookPages: number | null): number {
  if (use.firstPage !== null) return (use.lastPage ?? use.firstPage) - use.firstPage + 1;
  return bookPages ?? 0;
}

/** The pages of a use as they stand behind a title: `, pp. 31–38`; empty for the whole of it. */
export function pagesText(use: Pick<Use, 'firstPage' | 'lastPage'>): string {
  if (use.firstPage === null) return '';
  return use.lastPage && use.lastPage !== use.firstPage
    ? `, pp. ${use.firstPage}–${use.lastPage}`
    : `, p. ${use.firstPage}`;
}

/** Minutes of a part for a child, from the pages of what is read in it; a plain allowance where nothing is known. */
const READING_FROM = ['children', 'readings', 'books', 'pulls', 'uses', 'lessons', 'units'] as const;
export const readingMinutes = onceOf<
  Plan,
  (typeof READING_FROM)[number],
  (part: Part, childId: string) => number
>(READING_FROM, (plan) => {
  const books = booksById(plan.books);
  const pulls = byId(plan.pulls);
  const clock = readingClock(plan);
  const homeOf = homes(plan);
  const read = usesRead(plan);
  return (part, childId) => {
    if (part.kind !== 'read-aloud' && part.kind !== 'own-reading') return PART_WITHOUT_MINUTES;
    let words = 0;
    for (const use of read(part, childId)) {
      const book = books.get(pulls.get(use.pullId)!.bookId)!;
      words += wordsOf(book, pagesOf(use, book.pages));
    }
    if (words === 0) return READING_WITHOUT_PAGES;
    if (part.kind === 'read-aloud') return minutesAloud(words);
    return clock.alone(words, childId, homeOf(part).unit!.starts);
  };
});

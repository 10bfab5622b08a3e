/** How long reading takes: pages to words by the book's form, words to minutes by who reads. */
import { isHeardIn, isReadAlone, isReadAloud } from './readers';
import { onceOf } from '../plan/once';
import { ageOn, gradeOf } from '../plan/age';
import { booksById, byId, groupBy, homes, isFor } from '../plan/lookup';
import type { Book, BookForm } from '../plan/book';
import type { IsoDate } from '../plan/measures';
import type { Measure, Plan, Use } from '../plan/plan';
import type { Part } from '../plan/lesson';

/** Words on a page, by form. Common practice, no source; forms without running text have none. */
export const WORDS_PER_PAGE: Partial<Record<BookForm, number>> = {
  book: 250,
  reader: 60,
  'picture book': 60,
  'board book': 10,
  workbook: 100,
  cards: 40,
  site: 250,
};
/**
 * Readers and books for those who begin to read alone have fewer: up to the age they are read from, so many words a
 * page. Common practice, no source.
 */
const FIRST_PAGES: Partial<Record<BookForm, readonly [readFrom: number, words: number][]>> = {
  reader: [
    [5, 30],
    [7, 60],
    [9, 90],
  ],
  book: [
    [7, 90],
    [8, 130],
    [9, 180],
  ],
};

/** Words on a page of a book, by its form and by whom it is for. */
export function wordsPerPage(book: Pick<Book, 'form' | 'readFrom'>): number {
  const { form, readFrom } = book;
  const first = readFrom === null ? undefined : FIRST_PAGES[form]?.find(([from]) => readFrom <= from);
  return first?.[1] ?? WORDS_PER_PAGE[form] ?? 0;
}

/** Words a minute an adult reads aloud (Brysbaert 2019, meta-analysis: 183). */
export const ALOUD_RATE = 183;
/** Children listen and look while they are read to: the part of that rate which is left. Our own choice. */
export const LISTENING_PACE = 0.8;

/** Words a minute read silently by school grade 1 to 12 (Taylor 1965; values from memory). */
export const SILENT_RATE = [80, 115, 138, 158, 173, 185, 195, 204, 214, 224, 237, 250];

/**
 * Words a minute read aloud in grades 1 to 3, in autumn, winter and spring: medians of Hasbrouck and Tindal 2017 (from
 * memory; nothing is given for autumn of grade 1, half of the winter's stands there). Who begins to read reads aloud,
 * whether anybody listens or not.
 */
export const ORAL_RATE: readonly (readonly [autumn: number, winter: number, spring: number])[] = [
  [15, 29, 60],
  [50, 84, 100],
  [83, 97, 112],
];
/** Below this age nobody reads alone: books are looked at, for so many minutes. Own choice. */
export const READS_FROM = 5;
const LOOKS_FOR = 8;

/** Words a minute a child reads at a grade in a season of the school year: aloud up to grade 3, silently beyond. */
export function readingRate(grade: number, date: IsoDate): number {
  if (grade > ORAL_RATE.length) return silentRate(grade);
  const month = Number(date.slice(5, 7));
  const season = month >= 8 && month <= 11 ? 0 : month === 12 || month <= 2 ? 1 : 2;
  return ORAL_RATE[Math.max(1, grade) - 1][season];
}

/** Minutes a reading takes when its pages say nothing. */
const READING_WITHOUT_PAGES = 15;
/** Minutes of a part of any other kind for which none were given. */
const PART_WITHOUT_MINUTES = 20;

/** Silent words a minute for a school grade; below grade 1 the rate of grade 1 stands, above 12 that of 12. */
export function silentRate(grade: number): number {
  return SILENT_RATE[Math.min(12, Math.max(1, grade)) - 1];
}

/** Words a minute an adult reads silently (Brysbaert 2019, meta-analysis: 238, non-fiction). */
const SILENTLY = 238;

/** Minutes in which the parent reads so many words alone. */
export const silentlyRead = (words: number): number => Math.ceil(words / SILENTLY);

export function minutesAloud(words: number): number {
  return Math.ceil(words / (ALOUD_RATE * LISTENING_PACE));
}

/**
 * Words on so many pages of a book: its real count in proportion where it was counted, else by its form. 0 for what is
 * not read.
 */
export function wordsOf(book: Pick<Book, 'form' | 'pages' | 'words' | 'readFrom'>, pages: number): number {
  if (book.words !== null && book.pages) return Math.round((book.words * pages) / book.pages);
  return pages * wordsPerPage(book);
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
    : { rate: readingRate(gradeOf(child.birthMonth, date), date), measuredOn: 0 };
}

/** Minutes of reading: aloud by an adult, alone by each child at the rate measured, else the table's. */
export function readingClock(plan: Pick<Plan, 'readings' | 'books' | 'children'>): {
  aloud: (words: number) => number;
  alone: (words: number, childId: string, date: IsoDate) => number;
} {
  const rates = new Map<string, number>();
  const born = new Map(plan.children.map((c) => [c.id, c.birthMonth]));
  return {
    aloud: minutesAloud,
    alone: (words, childId, date) => {
      if (ageOn(born.get(childId)!, date) < READS_FROM) return words > 0 ? LOOKS_FOR : 0;
      const key = `${childId} ${date}`;
      if (!rates.has(key)) rates.set(key, ownRate(plan, childId, date).rate);
      return Math.ceil(words / rates.get(key)!);
    },
  };
}

/** What is read in a part: the uses of its lesson whose books are read that way, by that child if one is named. */
export function usesRead(
  plan: Pick<Plan, 'pulls' | 'uses' | 'books'>,
): (part: Part, childId: string) => Use[] {
  const pulls = byId(plan.pulls);
  const books = booksById(plan.books);
  const uses = groupBy(plan.uses, (u) => u.lessonId);
  return (part, childId) => {
    const here = uses.get(part.lessonId ?? '') ?? [];
    const aloud = here.flatMap((use) => pulls.get(use.pullId) ?? []).filter(isReadAloud);
    return here.filter((use) => {
      const pull = pulls.get(use.pullId);
      if (!pull) return false;
      const isFilm = books.get(pull.bookId)?.form === 'film';
      if (part.kind === 'film') return isFilm;
      // A film is watched in its own part.
      if (part.kind === 'read-aloud') return !isFilm && isReadAloud(pull) && isHeardIn(part, pull, aloud);
      return part.kind === 'own-reading' && isReadAlone(pull) && isFor(pull, childId);
    });
  };
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
    if (part.kind !== 'read-aloud' && part.kind !== 'own-reading' && part.kind !== 'film')
      return PART_WITHOUT_MINUTES;
    let words = 0;
    let runs = 0;
    for (const use of read(part, childId)) {
      const book = books.get(pulls.get(use.pullId)!.bookId)!;
      words += wordsOf(book, pagesOf(use, book.pages));
      // What is watched or listened to takes as long as it runs.
      runs += book.minutes ?? 0;
    }
    if (part.kind === 'film') return runs || PART_WITHOUT_MINUTES;
    if (words === 0) return runs || READING_WITHOUT_PAGES;
    if (part.kind === 'read-aloud') return minutesAloud(words) + runs;
    return clock.alone(words, childId, homeOf(part).unit!.starts) + runs;
  };
});

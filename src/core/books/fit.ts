/** Whom a book suits and which lessons it has something on. */
import { ageOn } from '../plan/age';
import type { Book, BookForm } from '../plan/book';
import type { IsoDate } from '../plan/measures';
import type { Child } from '../plan/plan';
import type { Lesson } from '../plan/lesson';
import { proposedRung, rungOf } from '../plan/rungs';
import { folded } from './duplicates';

export interface Band {
  from: number;
  to: number;
  /** Taken from the book's form, since nobody has said. */
  guessed: boolean;
}

/** Ages a form usually suits, to listen to (or watch, play, handle) and to read alone. Common practice, no source. */
const USUAL: Record<BookForm, { listen: [number, number]; read: [number, number] | null }> = {
  book: { listen: [7, 18], read: [9, 18] },
  'picture book': { listen: [3, 10], read: [7, 12] },
  'board book': { listen: [0, 4], read: null },
  reader: { listen: [4, 8], read: [5, 9] },
  workbook: { listen: [6, 14], read: [7, 14] },
  cards: { listen: [4, 18], read: [7, 18] },
  kit: { listen: [5, 18], read: null },
  film: { listen: [5, 18], read: null },
  audio: { listen: [4, 18], read: null },
  site: { listen: [8, 18], read: [9, 18] },
  poster: { listen: [4, 18], read: null },
  game: { listen: [5, 18], read: null },
  model: { listen: [6, 18], read: null },
};

/** Ages a book is good for; what was said of it goes before what its form suggests. Undefined: it is not read alone at all. */
export function bandOf(book: Book, way: 'listen' | 'read'): Band | undefined {
  const [from, to] = way === 'listen' ? [book.listenFrom, book.listenTo] : [book.readFrom, book.readTo];
  if (from !== null || to !== null) return { from: from ?? 0, to: to ?? 99, guessed: false };
  const usual = USUAL[book.form][way];
  if (!usual) return undefined;
  // What is known of listening holds for reading too: nobody reads alone what they are too young to hear.
  return {
    from: way === 'read' ? Math.max(usual[0], book.listenFrom ?? 0) : usual[0],
    to: usual[1],
    guessed: true,
  };
}

export type Suits = 'fits' | 'young' | 'stretch' | 'beyond' | 'not for';

/** Years a rung of reading above or below that of the age is worth. Own choice. */
const YEARS_A_RUNG = 2;
/** Years past its band in which a book still serves, though it looks young; what is only for toddlers serves nobody at school. */
const STILL_SERVES = 6;

/** Years above its age in which a book is a stretch, not beyond a child. Own choice. */
const STRETCH_YEARS = 1;

/** The age at which a child reads: their own, and so many years for each rung above or below that of their age. */
export function readsAtAge(child: Child, date: IsoDate): number {
  const years = ageOn(child.birthMonth, date);
  return years + YEARS_A_RUNG * (rungOf(child, 'reading', date) - proposedRung(years));
}

/**
 * How a book suits a child on a date: within its band, young for them, a stretch (a year short of it), beyond, or
 * ruled out by the preview.
 */
export function suits(book: Book, child: Child, date: IsoDate, way: 'listen' | 'read'): Suits {
  if (book.notFor.includes(child.id)) return 'not for';
  const band = bandOf(book, way);
  if (!band) return 'beyond';
  // Who reads above or below their age reads books for that; to listen to one their age counts.
  const age = way === 'read' ? readsAtAge(child, date) : ageOn(child.birthMonth, date);
  if (age > band.to) return 'young';
  if (age >= band.from) return 'fits';
  return age >= band.from - STRETCH_YEARS ? 'stretch' : 'beyond';
}

/** Whether a book can serve a child at all, one way or the other. A book that looks young still serves an older child. */
export function serves(
  book: Book,
  child: Child,
  date: IsoDate,
): { way: 'listen' | 'read'; as: Suits } | undefined {
  for (const as of ['fits', 'stretch', 'young'] as const)
    for (const way of ['read', 'listen'] as const)
      if (suits(book, child, date, way) === as && !isOutgrown(book, child, date, way)) return { way, as };
  return undefined;
}

const isOutgrown = (book: Book, child: Child, date: IsoDate, way: 'listen' | 'read'): boolean =>
  ageOn(child.birthMonth, date) > (bandOf(book, way)?.to ?? 99) + STILL_SERVES;

/** Words that join or count other words; they say nothing of a topic. */
const SMALL = new Set(
  'became become becomes turns went goes grow grows happens happened use used uses comes began begin learn learns help helps work works need needs about after again against all also among and another are around back because been before being between book books both but came can come day days did does down each even ever every first for from get gives goes good great had has have her here him his how instead into its just large last little long made make many may more most much must near new next not now off old one only other our out over own part parts people same see set she should small some such take tales than that the their them then there these they things this those through time too two under until upon very was way were what when where which while who why will with without work you your'.split(
    ' ',
  ),
);

/** The telling words of a text, brought to a common ending: `dyes`, `dyeing` and `dyed` are one. */
export function tellingWords(text: string): Set<string> {
  return new Set(
    folded(text)
      .split(' ')
      .filter((w) => w.length >= 3 && !SMALL.has(w) && !/^\d+$/.test(w))
      .map(stem),
  );
}

/**
 * A word without the common endings of English and without a doubled last letter. For telling topics apart, not for
 * linguistics.
 */
function stem(word: string): string {
  const cut = (w: string, endings: string[], least: number): string => {
    const ending = endings.find((e) => w.endsWith(e) && w.length - e.length >= least);
    return ending ? w.slice(0, -ending.length) : w;
  };
  return cut(
    cut(cut(word, ['ings', 'ing', 'ers', 'er', 'ies'], 3), ['es', 'ed', 's'], 2),
    ['e', 'y'],
    2,
  ).replace(/([^aeiou])\1$/, '$1');
}

export interface OnLesson {
  lessonId: string;
  /** What of the book: the topic, chapter or title that says so. */
  by: string;
  /** Pages it is on; null for all of it. */
  first: number | null;
  last: number | null;
}

const lessonWords = (lesson: Lesson): Set<string> =>
  tellingWords([lesson.title, ...lesson.topics.map((t) => t.title)].join(' '));

/**
 * Lessons a book has something on: those with a telling word in common with one of its topics, or with a chapter where
 * no topic says so, or with its title where neither does. A topic gives its pages, a chapter those up to the next one.
 */
export function lessonsCovered(book: Book, lessons: readonly Lesson[]): OnLesson[] {
  const entries = entriesOf(book);
  return lessons.flatMap((lesson): OnLesson[] => {
    const words = lessonWords(lesson);
    let best: (typeof entries)[number] | undefined;
    let bestShare = 0;
    for (const entry of entries) {
      let share = 0;
      for (const w of entry.words) if (words.has(w)) share++;
      if (share * entry.weight > bestShare) [best, bestShare] = [entry, share * entry.weight];
    }
    return best ? [{ lessonId: lesson.id, by: best.title, first: best.first, last: best.last }] : [];
  });
}

/** Topics speak louder than chapters, chapters louder than the title. */
function entriesOf(
  book: Book,
): { title: string; words: Set<string>; first: number | null; last: number | null; weight: number }[] {
  const entry = (
    title: string,
    first: number | null,
    last: number | null,
    weight: number,
  ): ReturnType<typeof entriesOf>[number] => ({ title, words: tellingWords(title), first, last, weight });
  return [
    ...book.topics.map((t) => entry(t.title, t.first, t.last ?? t.first, 3)),
    ...chapterPages(book).map((c) => entry(c.title, c.first, c.last, 2)),
    entry(book.title, null, null, 1),
  ];
}

/** Chapters with their first and last page; the last one ends with the book. Null where the contents give no page. */
export function chapterPages(
  book: Pick<Book, 'chapters' | 'pages'>,
): { title: string; first: number | null; last: number | null }[] {
  return book.chapters.map((c, i) => {
    const next = book.chapters.slice(i + 1).find((n) => n.page !== null)?.page ?? null;
    const last = next !== null ? next - 1 : book.pages;
    return { title: c.title, first: c.page, last: c.page === null ? null : Math.max(c.page, last ?? c.page) };
  });
}

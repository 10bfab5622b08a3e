/** Filling a book along lessons or days: a chapter each, pages evenly, one book each; and reading what is typed into a cell. */
import { dealt } from '../pacing/pacing';
import type { Book } from '../plan/book';
import { chapterPages } from './fit';

/** Pages of a book, or all of it. */
export type Pages = { first: number; last: number } | 'all';

export type Cell = { pages: Pages | null } | { wrong: string };

type Paged = Pick<Book, 'title' | 'pages' | 'chapters'>;

/**
 * Reads what is typed into a cell: `12-16`, `12`, `ch 4`, `ch 4-5`, `all`; nothing takes the book off the lesson.
 * Backwards pages, pages beyond the end and chapters that are not in the contents are named.
 */
export function readCell(typed: string, book: Paged): Cell {
  const text = typed
    .trim()
    .toLowerCase()
    .replace(/^(pages?|pp?\.?)\s*(?=\d)/, '');
  if (!text) return { pages: null };
  if (text === 'all' || text === 'x') return { pages: 'all' };
  const chapter = /^ch(?:apters?|\.)?\s*(\d+)(?:\s*[-–]\s*(\d+))?$/.exec(text);
  if (chapter) return chapterCell(Number(chapter[1]), Number(chapter[2] ?? chapter[1]), book);
  const pages = /^(\d+)(?:\s*[-–]\s*(\d+))?$/.exec(text);
  if (!pages) return { wrong: `“${typed.trim()}”: write pages as 12-16, a chapter as ch 4, or all.` };
  const [first, last] = [Number(pages[1]), Number(pages[2] ?? pages[1])];
  if (first < 1) return { wrong: 'Pages begin at 1.' };
  if (last < first) return { wrong: `Pages ${first}–${last} run backwards.` };
  if (book.pages !== null && last > book.pages)
    return { wrong: `“${book.title}” has ${book.pages} pages; ${last} is beyond its end.` };
  return last > 9999 ? { wrong: 'A book ends at page 9999 at the latest.' } : { pages: { first, last } };
}

function chapterCell(from: number, to: number, book: Paged): Cell {
  if (to < from) return { wrong: `Chapters ${from}–${to} run backwards.` };
  const chapters = chapterPages(book);
  if (!chapters.length)
    return {
      wrong: `The contents of “${book.title}” are not known; write its pages, or paste its contents on the shelf.`,
    };
  if (from < 1 || to > chapters.length)
    return {
      wrong: `“${book.title}” has ${chapters.length} chapters; there is no chapter ${from < 1 ? from : to}.`,
    };
  const [first, last] = [chapters[from - 1].first, chapters[to - 1].last];
  return first === null || last === null
    ? { wrong: `The contents give no page for chapter ${from}; write its pages.` }
    : { pages: { first, last } };
}

/** Pages as a cell shows them: by chapter where they are just that, else by number. */
export function cellText(first: number | null, last: number | null, book: Paged): string {
  if (first === null) return 'all';
  const end = last ?? first;
  const chapters = chapterPages(book);
  const from = chapters.findIndex((c) => c.first === first);
  const to = chapters.findIndex((c, i) => i >= from && c.last === end);
  if (from >= 0 && to >= from) return from === to ? `ch. ${from + 1}` : `ch. ${from + 1}–${to + 1}`;
  return end === first ? String(first) : `${first}–${end}`;
}

export const FILLS = ['chapters', 'pages', 'whole'] as const;
/** A chapter a lesson; the pages spread evenly; all of the book each time. */
export type Fill = (typeof FILLS)[number];

/**
 * Fills a book along n places. Chapters are dealt out one each while there are as many places as chapters, more evenly
 * where there are fewer; pages evenly from one page to another, both included.
 */
export function fillAlong(
  book: Paged,
  places: number,
  how: Fill,
  from = 1,
  to = book.pages,
): (Pages | null)[] | { wrong: string } {
  if (places < 1) return { wrong: 'Choose at least one lesson.' };
  if (how === 'whole') return Array.from({ length: places }, () => 'all' as const);
  if (how === 'chapters') {
    const chapters = chapterPages(book).filter((c) => c.first !== null && c.last !== null);
    if (!chapters.length)
      return {
        wrong: `The contents of “${book.title}” are not known, so its chapters cannot be dealt out. Paste its contents on the shelf, or spread its pages.`,
      };
    if (chapters.length <= places)
      return Array.from({ length: places }, (_, i) =>
        i < chapters.length ? { first: chapters[i].first!, last: chapters[i].last! } : null,
      );
    return dealt(chapters.length, places).map((d) => ({
      first: chapters[d.first - 1].first!,
      last: chapters[d.last - 1].last!,
    }));
  }
  if (to === null) return { wrong: `Nobody has said how many pages “${book.title}” has. Say to which page.` };
  if (from < 1 || to < from) return { wrong: `Pages ${from}–${to} run backwards.` };
  if (book.pages !== null && to > book.pages)
    return { wrong: `“${book.title}” has ${book.pages} pages; ${to} is beyond its end.` };
  const each = dealt(to - from + 1, places);
  return Array.from({ length: places }, (_, i) =>
    each[i] ? { first: from + each[i].first - 1, last: from + each[i].last - 1 } : null,
  );
}

export interface Step {
  title: string;
  first: number;
  last: number;
}

/**
 * Paces a book over days: so many chapters or pages a day, from one to another, both included; each step named by what
 * is read. The last day takes what is left.
 */
export function paceBook(
  book: Paged,
  unit: 'chapters' | 'pages',
  each: number,
  from: number,
  to: number,
): Step[] | { wrong: string } {
  if (each < 1) return { wrong: 'Read at least one a day.' };
  if (to < from) return { wrong: `${unit === 'pages' ? 'Pages' : 'Chapters'} ${from}–${to} run backwards.` };
  const chapters = chapterPages(book);
  const most = unit === 'chapters' ? chapters.length : book.pages;
  if (unit === 'chapters' && !chapters.length)
    return {
      wrong: `The contents of “${book.title}” are not known; pace it by pages, or paste its contents on the shelf.`,
    };
  if (from < 1 || (most !== null && to > most))
    return { wrong: `“${book.title}” has ${most} ${unit}; ${from < 1 ? from : to} is not among them.` };
  const steps: Step[] = [];
  for (let a = from; a <= to; a += each) {
    const b = Math.min(to, a + each - 1);
    const name =
      `${book.title}, ${unit === 'chapters' ? 'chapter' : 'page'}${b > a ? 's' : ''} ${a}${b > a ? `–${b}` : ''}`.slice(
        0,
        200,
      );
    if (unit === 'pages') steps.push({ title: name, first: a, last: b });
    else {
      const [first, last] = [chapters[a - 1].first, chapters[b - 1].last];
      if (first === null || last === null)
        return {
          wrong: `The contents give no page for chapter ${first === null ? a : b}; pace it by pages.`,
        };
      steps.push({ title: name, first, last });
    }
  }
  return steps;
}

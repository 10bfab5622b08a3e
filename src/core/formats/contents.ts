/** A pasted table of contents, read line by line: what each line is and what it becomes. */
import { NUMBER_WORDS } from './number-words';

export interface ContentsLine {
  /** Line of the paste, from 1. */
  line: number;
  title: string;
  page: number | null;
  /** Depth of the line, from 0. */
  level: number;
  becomes: 'lesson' | 'topic' | 'nothing';
  /** What is odd about the line, in words; empty when nothing is. */
  doubt: string;
}

export interface ContentsLesson {
  title: string;
  firstPage: number | null;
  lastPage: number | null;
  topics: { title: string; page: number | null }[];
}

const ROMAN = /^m{0,3}(cm|cd|d?c{0,3})(xc|xl|l?x{0,3})(ix|iv|v?i{0,3})$/i;
const WORD_BEFORE_NUMBER = '(?:chapter|lesson|unit|part|section|book|week|day|module|no\\.?)';
const NUMBERING = new RegExp(
  [
    `^${WORD_BEFORE_NUMBER}\\s+(?:\\d+|[ivxlcdm]+|${NUMBER_WORDS})\\s*[:.)–—-]*\\s+(?=\\S)`,
    '^(?<dotted>\\d+(?:\\.\\d+)+)\\.?\\s+',
    '^\\(?\\d{1,3}\\s*[.):–—-]\\s*',
    '^\\d{1,3}\\s+(?=\\p{Lu})',
    '^\\(?(?<roman>[ivxlcdm]+)[.):]\\s+',
    '^(?<capitals>[IVXLC]+)\\s+[–—-]?\\s*(?=\\p{L})',
    '^\\(?[a-z][.)]\\s+',
    '^[•·▪◦*–—-]\\s*',
  ].join('|'),
  'iu',
);
/** A page at the end of a line: a number or a Roman one, or the first of two. */
const PAGE_AT_END = /(?<page>\d{1,4}|[ivxlcdm]{1,7})(?:\s?[–-]\s?\d{1,4})?$/iu;
/**
 * What leads from a title to its page: dots, a gap, a line, “p.”; looked for right before the page, so that a wide gap
 * costs nothing.
 */
const LEADS = /(?:\.{2,}|(?:\s\.){2,}|…|_{2,}|\t|\s{3}|(?:^|[\s,])pp?\.?\s?|\s[–—|]\s?)[\s.]{0,3}$/iu;
/** Characters before a page in which a leader is looked for. */
const LEAD_LOOKED_AT = 12;
const HEADING = /^(?:table of )?contents:?$/i;
const AROUND =
  /^(?:preface|foreword|acknowledge?ments?|glossary|index|bibliography|about the authors?|further reading|notes|credits)$/i;
export const MOST_LINES = 1000;

/** Reads a paste. `lessonLevel` is the depth whose lines become lessons; deeper lines become topics, outer ones nothing. */
export function readContents(text: string, lessonLevel = 0): ContentsLine[] {
  const raw = text
    .split(/\r\n|\r|\n/)
    .slice(0, MOST_LINES)
    .map((content, i) => ({ content, line: i + 1 }))
    .filter((l) => l.content.trim());
  const depths = indentDepths(raw.map((l) => l.content));
  const lines = raw.map(({ content, line }, i) => ({ line, ...readLine(content.trim()), level: depths[i] }));
  settleBarePages(lines);
  const parts = partsAmong(raw, depths);
  let lessonAbove = false;
  return lines.map(({ line, title, page, level, numberingDepth, doubt }): ContentsLine => {
    if (parts.has(line)) {
      lessonAbove = false;
      return { line, title: title || '(no title)', page, level, becomes: 'nothing', doubt };
    }
    const depth = Math.max(level, numberingDepth);
    const read = { line, title: title || '(no title)', page, level: depth };
    if (!title) return { ...read, becomes: 'nothing', doubt: 'nothing but a number' };
    if (HEADING.test(title) || AROUND.test(title) || depth < lessonLevel)
      return { ...read, becomes: 'nothing', doubt };
    if (depth > lessonLevel && lessonAbove) return { ...read, becomes: 'topic', doubt };
    lessonAbove = true;
    return {
      ...read,
      becomes: 'lesson',
      doubt: depth > lessonLevel ? 'indented, but no lesson stands above it' : doubt,
    };
  });
}

/** “Part Three: The Iron Road”, among chapters that are not set in below it. */
const PART = new RegExp(
  `^(?:part|book|unit|section|module|volume)\\s+(?:\\d+|[ivxlcdm]+|${NUMBER_WORDS})\\b`,
  'iu',
);

/** Lines that hold the lines below them though these are not set in: headings of a long book. They are no lessons. */
function partsAmong(
  raw: readonly { content: string; line: number }[],
  depths: readonly number[],
): ReadonlySet<number> {
  const outer = raw.filter((_, i) => depths[i] === 0);
  const parts = outer.filter((l) => PART.test(l.content.trim()));
  const others = outer.filter((l) => !parts.includes(l) && !HEADING.test(l.content.trim()));
  return new Set(others.length > parts.length ? parts.map((l) => l.line) : []);
}

interface RawLine {
  title: string;
  page: number | null;
  /** The page is a plain number at the end of the line, which may belong to the title. */
  bare: boolean;
  whole: string;
  numberingDepth: number;
  doubt: string;
}

function readLine(content: string): RawLine {
  const numbering = NUMBERING.exec(content);
  const dotted = numbering?.groups?.dotted;
  const isNumbering = numbering && isRomanIfAny(numbering, content) && numbering[0].length < content.length;
  const body = isNumbering ? content.slice(numbering[0].length).trim() : content;
  const led = leaderOf(body);
  const found = led ?? bareOf(body);
  const page = found?.groups?.page ?? '';
  return {
    title: clean(found ? found.groups!.title : body),
    page: /^\d+$/.test(page) && Number(page) > 0 ? Number(page) : null,
    bare: !led && !!found,
    whole: clean(body),
    numberingDepth: dotted && isNumbering ? dotted.split('.').length - 1 : 0,
    doubt: '',
  };
}

/** The title and the page of a line in which something leads from one to the other. */
function leaderOf(body: string): { groups: { title: string; page: string } } | undefined {
  const found = PAGE_AT_END.exec(body);
  if (!found) return undefined;
  const before = body.slice(0, found.index);
  const lead = LEADS.exec(before.slice(-LEAD_LOOKED_AT));
  // A dash leads to a number alone: “The flock – vii” is a title.
  if (!lead || (/[–—|]/u.test(lead[0]) && !/^\d+$/.test(found[0]))) return undefined;
  return { groups: { title: before.slice(0, before.length - lead[0].length), page: found.groups!.page } };
}

/** The title and the plain number at the end of a line, which may belong to it. */
function bareOf(body: string): { groups: { title: string; page: string } } | undefined {
  const page = /\d{1,4}$/.exec(body)?.[0];
  if (!page) return undefined;
  const title = body.slice(0, body.length - page.length);
  return /\s$/.test(title) && /\p{L}/u.test(title) ? { groups: { title, page } } : undefined;
}

/**
 * Letters that number a line must be a Roman number; without a mark after them, in capitals before a capital (“II
 * Shearing”, not “I spin”).
 */
function isRomanIfAny({ 0: whole, groups }: RegExpExecArray, content: string): boolean {
  const letters = groups?.roman ?? groups?.capitals;
  if (letters === undefined) return true;
  if (
    groups?.capitals &&
    !(letters === letters.toUpperCase() && /^\p{Lu}/u.test(content.slice(whole.length)))
  )
    return false;
  return ROMAN.test(letters);
}

/** A title without what led from it to its page, its gaps closed. */
function clean(title: string): string {
  const closed = title.replace(/\s+/g, ' ');
  let end = closed.length;
  while (end > 0 && /[\s.…_,]/u.test(closed[end - 1])) end--;
  return closed.slice(0, Math.min(end, 200));
}

/** Depth of each line by its indent: every wider indent than the line above it opens a level. */
function indentDepths(lines: readonly string[]): number[] {
  const open: number[] = [];
  return lines.map((content) => {
    const indent = /^\s*/.exec(content)![0].replace(/\t/g, '    ').length;
    while (open.length > 1 && indent < open[open.length - 1]) open.pop();
    if (!open.length) open.push(indent);
    else if (indent > open[open.length - 1]) open.push(indent);
    return open.length - 1;
  });
}

/**
 * Plain numbers at the end of lines are pages when most lines have one and they keep rising; a number that
 * does not fit between its neighbours belongs to the title (“The winter of 1850”) or is doubted.
 */
function settleBarePages(lines: RawLine[]): void {
  const paged = lines.filter((l) => l.page !== null);
  const rising = new Set(longestRise(paged.map((l) => l.page!)));
  const many = paged.length * 2 > lines.length;
  paged.forEach((l, i) => {
    const fits = rising.has(i);
    if (l.bare && (!fits || !many)) {
      l.title = l.whole;
      l.page = null;
      l.doubt = many ? 'the number at the end is taken as part of the title' : '';
    } else if (!fits) l.doubt = `page ${l.page} does not follow the pages around it`;
  });
}

/** Indexes of a longest non-falling run of values. */
function longestRise(values: readonly number[]): number[] {
  const tails: number[] = [];
  const before: number[] = [];
  values.forEach((v, i) => {
    let k = tails.findIndex((t) => values[t] > v);
    if (k < 0) k = tails.length;
    before[i] = k > 0 ? tails[k - 1] : -1;
    tails[k] = i;
  });
  const run: number[] = [];
  for (let i = tails.at(-1) ?? -1; i >= 0; i = before[i]) run.unshift(i);
  return run;
}

/** The lessons that lines become. A lesson's pages run to the page before the next line at its depth or above. */
export function lessonsFrom(lines: readonly ContentsLine[], pagesOfBook: number | null): ContentsLesson[] {
  const lessons: ContentsLesson[] = [];
  lines.forEach((line, i) => {
    if (line.becomes === 'lesson') {
      const next = lines.slice(i + 1).find((l) => l.page !== null && l.becomes !== 'topic');
      const last =
        line.page === null
          ? null
          : next
            ? Math.max(line.page, next.page! - 1)
            : pagesOfBook !== null && pagesOfBook >= line.page
              ? pagesOfBook
              : null;
      lessons.push({ title: line.title, firstPage: line.page, lastPage: last, topics: [] });
    } else if (line.becomes === 'topic') lessons.at(-1)?.topics.push({ title: line.title, page: line.page });
  });
  return lessons;
}

/** Which lines of a guide are headings, and which of the headings begin a lesson. */
import { NUMBER_WORDS } from '../number-words';

/** A line of the paste as it stands. */
export interface GuideText {
  /** Line of the paste, from 1. */
  line: number;
  content: string;
  bulleted: boolean;
  /** A line of words alone that names what follows: “You need:”. */
  labels: boolean;
}

/** What a heading is of: lessons begin one, what stands above holds several, what stands within is part of one. */
export interface Heading {
  /** `lesson`, `week`, `roman`, `#2` … */
  of: string;
  title: string;
  /** As it is counted: “Week 3”. */
  counted: string;
}

/** What is counted in guides, from what is most surely a lesson. */
const COUNTED = [
  'lesson',
  'session',
  'topic',
  'chapter',
  'day',
  'week',
  'unit',
  'module',
  'block',
  'part',
  'section',
];
/** Of them what is a lesson wherever it stands, whatever is numbered in it. */
const SURELY = ['lesson', 'session', 'day'];
/** From what is widest to what is narrowest: what of it stands above a lesson, and what within. */
const WIDEST = [
  'unit',
  'module',
  'block',
  'part',
  'section',
  'week',
  'topic',
  'chapter',
  'lesson',
  'session',
  'day',
];
const NUMBER = `(?:\\d{1,3}|[ivxlc]{1,6}|${NUMBER_WORDS})`;
const COUNT = new RegExp(
  `^(?<what>${COUNTED.join('|')})\\s+(?<number>${NUMBER})(?=$|\\s|[:.)–—-])(?<mark>\\s*[:.)–—-]*)\\s*(?<title>.*)$`,
  'iu',
);
/** “Lesson: The flock”, where it is not counted. */
const UNCOUNTED = /^(?:lesson|session)\s*[:–—]\s*(?<title>\S.*)$/iu;
const MARKDOWN = /^(?<marks>#{1,6})\s+(?<title>.+?)\s*#*$/u;
const ROMAN = /^(?<number>[IVXLC]{1,6})[.):]\s+(?<title>\p{L}.*)$/u;
/** “2.1 From flower to comb”. */
const DECIMAL = /^(?<number>\d{1,2}\.\d{1,2})[.):]?\s+(?<title>\p{Lu}.*)$/u;
const NUMBERED = /^\(?(?<number>\d{1,3})[.):]\s+(?<title>.*)$/u;
/** Characters of a title; a longer line is a sentence. */
const LONGEST = 110;

function headingIn(content: string): Heading | undefined {
  if (content.length > LONGEST) return undefined;
  const markdown = MARKDOWN.exec(content);
  const inner = markdown ? markdown.groups!.title : content.replace(/^\*\*(.+)\*\*$/u, '$1');
  const count = COUNT.exec(inner);
  if (count) {
    const { what, number, mark, title } = count.groups!;
    // “Day 3 of drying: turn it over” is a sentence.
    if (!title || mark.trim() || /^[\p{Lu}\d"“'‘(]/u.test(title))
      return { of: what.toLowerCase(), title: title.trim(), counted: `${what} ${number}` };
  }
  const uncounted = UNCOUNTED.exec(inner);
  if (uncounted) return { of: 'lesson', title: uncounted.groups!.title, counted: '' };
  if (markdown) return { of: `#${markdown.groups!.marks.length}`, title: inner, counted: '' };
  const roman = ROMAN.exec(inner);
  if (roman) return { of: 'roman', title: roman.groups!.title, counted: roman.groups!.number };
  const decimal = DECIMAL.exec(inner);
  if (decimal) return { of: 'decimal', title: decimal.groups!.title, counted: decimal.groups!.number };
  const numbered = NUMBERED.exec(inner);
  if (numbered && /^\p{Lu}/u.test(numbered.groups!.title) && !/[.;]$/u.test(numbered.groups!.title))
    return { of: 'number', title: numbered.groups!.title, counted: numbered.groups!.number };
  if (isCapitals(inner)) return { of: 'capitals', title: inner, counted: '' };
  return undefined;
}

const isCapitals = (text: string): boolean =>
  text.length <= 80 &&
  (text.match(/\p{Lu}/gu) ?? []).length >= 4 &&
  !/\p{Ll}/u.test(text) &&
  !/[.;:]$/u.test(text);

/** A short line that is no sentence, with something beneath it. */
const isBare = (at: number, lines: readonly GuideText[], afterGap: boolean): boolean => {
  const { content, bulleted } = lines[at];
  const next = lines[at + 1];
  return (
    !bulleted &&
    afterGap &&
    content.length <= 70 &&
    /^[\p{Lu}\d"“]/u.test(content) &&
    !/[.;:,!]$/u.test(content) &&
    !/\d\s*(?:min|hours?|h)\b/iu.test(content) &&
    next !== undefined
  );
};

/**
 * The headings of a guide: `lesson` begins one, `above` holds lessons, `within` stands in one.
 * @param gaps lines before which the paste has an empty line
 */
export function headingsOf(
  lines: readonly GuideText[],
  gaps: ReadonlySet<number>,
): Map<number, Heading & { is: 'lesson' | 'above' | 'within' }> {
  const found = new Map<number, Heading>();
  lines.forEach((l) => {
    const heading = l.bulleted || l.labels ? undefined : headingIn(l.content);
    if (heading) found.set(l.line, heading);
  });
  const lessons = lessonClass(lines, found, gaps);
  if (lessons === 'bare')
    lines.forEach((l, i) => {
      if (!found.has(l.line) && !l.labels && isBare(i, lines, i === 0 || gaps.has(l.line)))
        found.set(l.line, { of: 'bare', title: l.content, counted: '' });
    });
  return new Map(
    [...found].flatMap(([line, heading]) => {
      const is = standing(heading.of, lessons);
      return is ? [[line, { ...heading, is }] as const] : [];
    }),
  );
}

function standing(of: string, lessons: string | undefined): 'lesson' | 'above' | 'within' | undefined {
  if (of === lessons) return 'lesson';
  // Numbers and capitals below another heading are steps and shouts, not headings.
  if (of === 'number' || of === 'decimal' || of === 'capitals' || of === 'roman') return undefined;
  if (of.startsWith('#')) return lessons?.startsWith('#') && of < lessons ? 'above' : 'within';
  if (!lessons || !WIDEST.includes(lessons)) return 'above';
  return WIDEST.indexOf(of) < WIDEST.indexOf(lessons) ? 'above' : 'within';
}

/** What the lessons of a guide are called in it. */
function lessonClass(
  lines: readonly GuideText[],
  found: ReadonlyMap<number, Heading>,
  gaps: ReadonlySet<number>,
): string | undefined {
  const times = new Map<string, number>();
  for (const { of } of found.values()) times.set(of, (times.get(of) ?? 0) + 1);
  const counted = COUNTED.find((c) => times.has(c));
  // What is numbered within what holds several, “2.1”, is a lesson of it.
  if ((times.get('decimal') ?? 0) > 1 && !(counted && SURELY.includes(counted))) return 'decimal';
  if (counted) return counted;
  const depths = [...times.keys()].filter((k) => k.startsWith('#')).sort();
  // The title of the guide stands alone; of the others the first is the lessons'.
  if (depths.length) return depths.find((d) => times.get(d)! > 1) ?? depths.at(-1);
  const repeated = ['roman', 'number', 'capitals'].find((c) => (times.get(c) ?? 0) > 1);
  if (repeated) return repeated;
  const bare = lines.filter((l, i) => !l.labels && isBare(i, lines, i === 0 || gaps.has(l.line)));
  if (bare.length > 1) return 'bare';
  return [...times.keys()][0];
}

/**
 * A bought or borrowed guide, pasted: headings become lessons, and what stands under them, with or without a label
 * (“Objective:”, “Read:”, “Do:”, “You need:”, “Prepare:”, “Words:”, “Recall:”), becomes their objective, pages, parts,
 * supplies and so on. Every line is shown with what it becomes; what is said of a line by hand carries what stands below.
 */
import { kindFrom, ladderKindIn } from '../kind-words';
import { minutesFrom, waitFrom } from '../times-in-text';
import { isCaution, remarksIn } from '../remarks';
import type { DatesWritten } from '../../calendar/customs';
import { headingsOf, type GuideText, type Heading } from './headings';
import { NAMES_DOING } from './doing-words';
import {
  CHOOSE,
  labelOf,
  OPTION,
  OR_ALONE,
  OR_FIRST,
  undashed,
  unnumbered,
  wayIn,
  type GuideBecomes,
} from './labels';
import { isPages } from './pages';
import { isForSome } from '../for-whom';

export interface GuideLine {
  /** Line of the paste, from 1. */
  line: number;
  text: string;
  becomes: GuideBecomes;
  /** What is odd about it; empty when nothing is. */
  doubt: string;
  /** For an alternative and what it stands beside: the way of doing things its label names. */
  way?: string;
}

export const MOST_GUIDE_LINES = 2000;

const BULLET = /^\s*(?:[•·▪◦*☐□–-]|\[[ x]?\]|\(?[a-z][.)])\s+/u;
const STEP = /^\s*\(?\d{1,2}[.)]\s+/u;
/** The grade or ages a guide says it is for. */
const GRADE =
  /\b(?<what>grades?|years?|class(?:es)?|ages?|forms?|stages?|levels?)(?:\s+levels?)?\s*:?\s+(?<from>k|\d{1,2})(?:\s*(?:-|–|to|and)\s*(?<to>\d{1,2}))?(?!\d)/iu;

/** What a guide says of itself, once: “grades 4 to 6”; empty when it says nothing. */
export function guideIsFor(lines: readonly GuideLine[]): string {
  const first = lines.findIndex((l) => l.becomes === 'lesson');
  for (const { text } of lines.slice(0, first < 0 ? 10 : first)) {
    const found = GRADE.exec(text);
    if (found) {
      const { what, from, to } = found.groups!;
      return `${what.toLowerCase()} ${from.toUpperCase()}${to ? ` to ${to}` : ''}`;
    }
  }
  return '';
}

interface State {
  inLesson: boolean;
  /** What lines under the last label become. */
  under: GuideBecomes | undefined;
  /** Ways are being listed of which one is done; whether one has been named already. */
  choosing: 'no' | 'first' | 'more';
  hasPart: boolean;
  /** The heading was only counted (“Day 3”), and may find its title in the next line. */
  untitled: GuideLine | undefined;
}

/**
 * Reads a paste line by line.
 * @param changes what the parent says lines become, by line; what stands below is read by it
 */
export function readGuide(
  text: string,
  dates: DatesWritten,
  changes: Readonly<Record<number, string>> = {},
): GuideLine[] {
  const { lines, gaps } = linesOf(text);
  const headings = headingsOf(lines, gaps);
  const state: State = {
    inLesson: false,
    under: undefined,
    choosing: 'no',
    hasPart: false,
    untitled: undefined,
  };
  return lines.flatMap((l, i): GuideLine[] => {
    const read = lineOf(l, headings.get(l.line), state, dates, gaps.has(l.line), lines[i + 1]);
    const changed = changes[l.line] as GuideBecomes | undefined;
    const becomes = changed ?? read.becomes;
    after(becomes, changed !== undefined, state);
    // A title in the line below its number joins it.
    if (state.untitled && becomes === 'nothing' && read.joins) state.untitled.text = read.text;
    const made: GuideLine = {
      line: l.line,
      text: read.text,
      becomes,
      doubt: changed === undefined ? read.doubt : '',
      ...(read.way ? { way: read.way } : {}),
    };
    if (read.joins) {
      state.untitled = undefined;
      return [];
    }
    state.untitled = becomes === 'lesson' && read.untitled ? made : undefined;
    return [made];
  });
}

function linesOf(text: string): { lines: GuideText[]; gaps: Set<number> } {
  const gaps = new Set<number>();
  const lines: GuideText[] = [];
  let gap = true;
  text
    .split(/\r\n|\r|\n/)
    .slice(0, MOST_GUIDE_LINES)
    .forEach((raw, i) => {
      const content = raw.trim();
      if (!content || /^[-=_*]{3,}$/u.test(content)) {
        gap = true;
        return;
      }
      if (gap) gaps.add(i + 1);
      gap = false;
      const bulleted = BULLET.test(raw);
      lines.push({
        line: i + 1,
        content,
        bulleted,
        labels: !bulleted && labelOf(content) !== undefined,
      });
    });
  return { lines, gaps };
}

interface Read {
  text: string;
  becomes: GuideBecomes;
  doubt: string;
  way?: string;
  untitled?: boolean;
  joins?: boolean;
}

const plain = (text: string, becomes: GuideBecomes, more: Partial<Read> = {}): Read => ({
  text,
  becomes,
  doubt: '',
  ...more,
});

function lineOf(
  { content, bulleted }: GuideText,
  heading: (Heading & { is: 'lesson' | 'above' | 'within' }) | undefined,
  state: State,
  dates: DatesWritten,
  gap: boolean,
  next: GuideText | undefined,
): Read {
  if (heading?.is === 'lesson')
    return plain(heading.title || heading.counted, 'lesson', { untitled: !heading.title });
  if (heading?.is === 'above') return plain(content.replace(/^#{1,6}\s+/u, ''), 'above');
  if (heading?.is === 'within' && !labelOf(content)) {
    state.under = undefined;
    state.choosing = 'no';
    return heading.title && state.inLesson ? plain(heading.title, 'part') : plain(content, 'nothing');
  }
  const body = unnumbered(undashed(content.replace(BULLET, '').replace(STEP, '')));
  const stepped = bulleted || STEP.test(content);
  if (state.untitled && !labelOf(content) && isTitle(body, stepped))
    return { text: body, becomes: 'nothing', doubt: '', joins: true };
  const idea = labelOf(body);
  // Big ideas stand at the head of a week, above its first lesson.
  if (idea?.becomes === 'idea' && idea.rest) return plain(idea.rest, 'idea');
  if (!state.inLesson) return plain(body, 'nothing', { doubt: 'above the first lesson' });
  return bodyOf(body, stepped, state, dates, gap, next);
}

/** What a line in a lesson becomes. */
function bodyOf(
  body: string,
  stepped: boolean,
  state: State,
  dates: DatesWritten,
  gap: boolean,
  next: GuideText | undefined,
): Read {
  const choose = CHOOSE.exec(body);
  if (choose) {
    state.choosing = 'first';
    state.under = 'part';
    const rest = (choose.groups!.rest ?? choose.groups!.these ?? '').trim();
    return rest ? plain(rest, 'part', { way: 'listed' }) : plain(body, 'nothing');
  }
  if (OR_ALONE.test(body)) {
    state.choosing = state.hasPart ? 'more' : 'first';
    state.under = 'part';
    return plain(body, 'nothing');
  }
  const or = OR_FIRST.exec(body);
  if (or && state.hasPart) return plain(or.groups!.rest, 'alternative');
  const option = OPTION.exec(body);
  if (option) return way(option.groups!.rest, state, '');
  const named = wayIn(body);
  if (named && (state.choosing !== 'no' || wayIn(stripped(next)))) {
    // “Outdoors: …”, “Table: …”, “Art: …” below one another are ways to do one thing.
    if (state.choosing === 'no') state.choosing = 'first';
    return way(body, state, named.way);
  }
  if (isPages(body)) return plain(body, 'pages');
  const label = labelOf(body);
  if (label) {
    state.choosing = 'no';
    // What stands behind its label is all there is under it; below a label alone its lines follow.
    state.under = label.rest ? undefined : label.becomes;
    if (!label.rest) return plain(body, 'nothing');
    if (label.becomes === 'caution') return plain(`Caution: ${label.rest}`, 'caution');
    if (label.becomes === 'part' && isPages(label.rest)) return plain(label.rest, 'pages');
    const kept = label.becomes === 'part' ? `${label.label}: ${label.rest}` : label.rest;
    return plain(kept, label.becomes);
  }
  return unlabelled(body, stepped, state, dates, gap);
}

/** What a line without a label becomes: a remark on what stands above, one of several ways, or what its label above says. */
function unlabelled(body: string, stepped: boolean, state: State, dates: DatesWritten, gap: boolean): Read {
  const { under } = state;
  const timed = minutesFrom(body).minutes !== null;
  if (under === 'caution') return plain(`Caution: ${body}`, 'caution');
  if (isCaution(body)) return plain(body, 'caution');
  const wait = waitFrom(body);
  const { said, rest } = remarksIn(wait?.rest ?? body, dates);
  if (said.prediction || said.indoors) return plain(body, 'remark');
  const says = wait !== undefined || Object.keys(said).length > 0;
  if (says && !timed && (!/\p{L}/u.test(rest) || (!stepped && said.lead))) return plain(body, 'remark');
  if (gap) state.choosing = 'no';
  if (state.choosing !== 'no' && (stepped || timed || under === 'part')) return way(body, state, '');
  const goesOn =
    under && under !== 'part' && (stepped || !timed || under === 'preparation' || under === 'recall');
  if (goesOn) return plain(body, under);
  if (
    stepped ||
    isForSome(body) ||
    said.optional ||
    said.weekday ||
    timed ||
    ladderKindIn(body) !== undefined
  )
    return plain(body, 'part');
  if (!isPhrase(body)) return plain(body, 'doing');
  // A few words that name something to do are a part, others what the lesson is about.
  return plain(
    body,
    NAMES_DOING.test(body) || kindFrom(body) !== 'activity' || /[(\d]/u.test(body) ? 'part' : 'topic',
  );
}

/** A few words that are no sentence; a sentence says how. */
const isPhrase = (body: string): boolean =>
  body.length <= 60 && /^\p{Lu}/u.test(body) && !/[.!?:;,]$/u.test(body);

function way(text: string, state: State, named: string): Read {
  const first = state.choosing !== 'more';
  state.choosing = 'more';
  return plain(text, first ? 'part' : 'alternative', named ? { way: named } : {});
}

const stripped = (line: GuideText | undefined): string =>
  line?.content.replace(BULLET, '').replace(STEP, '') ?? '';

/** A line below “Lesson 3” that could be its title. */
const isTitle = (body: string, stepped: boolean): boolean =>
  !stepped &&
  body.length <= 80 &&
  !/^[\p{L}’' -]{2,24}:\s/u.test(body) &&
  /^[\p{Lu}\d"“'‘]/u.test(body) &&
  !/[.;:]$/u.test(body) &&
  !isPages(body) &&
  !ladderKindIn(body) &&
  minutesFrom(body).minutes === null;

/** What a line leaves behind for those below it. */
function after(becomes: GuideBecomes, byHand: boolean, state: State): void {
  if (becomes === 'lesson') {
    state.inLesson = true;
    state.under = undefined;
    state.choosing = 'no';
    state.hasPart = false;
  } else if (becomes === 'part') state.hasPart = true;
  else if (becomes === 'above') state.under = undefined;
  if (byHand && becomes !== 'lesson' && becomes !== 'nothing') state.under = undefined;
}

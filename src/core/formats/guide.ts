/**
 * A bought or borrowed guide, pasted: headings become lessons, and what stands under them, with or without a label
 * (“Objective:”, “Read:”, “Do:”, “You need:”, “Prepare:”, “Words:”, “Recall:”), becomes their objective, pages, parts,
 * supplies and so on. Every line is shown with what it becomes.
 */
import { blankPreparation } from '../plan/blank';
import { kindFrom, readActivity } from './activity-line';
import { blankDraft, blankDraftPart } from './blank-draft';
import type { Draft, DraftPart } from './draft';
import { readSupplies } from './supplies';

export type GuideBecomes =
  | 'lesson'
  | 'objective'
  | 'pages'
  | 'topic'
  | 'part'
  | 'doing'
  | 'supplies'
  | 'preparation'
  | 'words'
  | 'recall'
  | 'nothing';

export interface GuideLine {
  /** Line of the paste, from 1. */
  line: number;
  text: string;
  becomes: GuideBecomes;
  /** What is odd about it; empty when nothing is. */
  doubt: string;
}

export const MOST_GUIDE_LINES = 2000;

/** Any of these words, in a pattern. */
const any = (words: string): string => `(?:${words.split(' ').join('|')})`;

const COUNTED = any('lesson chapter unit week day session part');
const NUMBER = any('\\d+ [ivxlc]+ one two three four five six seven eight nine ten');
const HEADING = new RegExp(
  `^(?:#{1,4}\\s+|${COUNTED}\\s+${NUMBER}\\s*[:.)–—-]?\\s*|\\d{1,3}[.)]\\s+(?=\\p{Lu}))(?<title>.*)$`,
  'iu',
);
const DOING =
  'do activit(?:y|ies) make experiment demonstration craft cook(?:ing)? game walk film watch project hands[-\\s]on music trip';
const LABELS: readonly [GuideBecomes, RegExp][] = [
  ['objective', /^(?:objectives?|goals?|aims?|learn(?:ing)?)$/i],
  ['pages', /^(?:read(?:ing)?|pages?|pp?\.?|book)$/i],
  ['topic', /^(?:topics?|covers?|contents?)$/i],
  ['supplies', /^(?:supplies|materials?|you(?: will|’ll|'ll)? need|needs?|ingredients|bring)$/i],
  ['preparation', /^(?:prepar(?:e|ation)|before(?:hand)?|ahead|the (?:night|evening|day) before|set ?up)$/i],
  ['words', /^(?:words?|vocabulary|terms)$/i],
  ['recall', /^(?:recall|questions?|review|ask|discuss(?:ion)?)$/i],
  ['part', new RegExp(`^${any(DOING)}$`, 'i')],
];
const LABELLED = /^(?<label>[\p{L}’' -]{2,24}):\s*(?<rest>.*)$/u;
const BULLET = /^\s*(?:[•·▪*–-]|\(?[a-z][.)])\s+/u;

/** Reads a paste line by line. */
export function readGuide(text: string): GuideLine[] {
  let under: GuideBecomes = 'nothing';
  let inLesson = false;
  return text
    .split(/\r\n|\r|\n/)
    .slice(0, MOST_GUIDE_LINES)
    .flatMap((raw, i): GuideLine[] => {
      const content = raw.trim();
      if (!content) return [];
      const line = i + 1;
      const bulleted = BULLET.test(raw);
      const body = content.replace(BULLET, '');
      const labelled = LABELLED.exec(body);
      const label = labelled && LABELS.find(([, words]) => words.test(labelled.groups!.label.trim()));
      if (label) {
        under = label[0];
        const rest = labelled.groups!.rest.trim();
        if (!rest) return [{ line, text: body, becomes: 'nothing', doubt: '' }];
        return [
          {
            line,
            text: keepsLabel(label[0]) ? `${labelled.groups!.label}: ${rest}` : rest,
            becomes: inLesson ? label[0] : 'nothing',
            doubt: inLesson ? '' : 'it stands above the first lesson',
          },
        ];
      }
      const heading = HEADING.exec(content);
      if (heading && !bulleted && heading.groups!.title.trim()) {
        under = 'nothing';
        inLesson = true;
        return [{ line, text: heading.groups!.title.trim(), becomes: 'lesson', doubt: '' }];
      }
      if (!inLesson)
        return [{ line, text: body, becomes: 'nothing', doubt: 'it stands above the first lesson' }];
      if (bulleted || under === 'supplies' || under === 'words')
        return [{ line, text: body, becomes: under === 'nothing' ? 'part' : under, doubt: '' }];
      return [{ line, text: body, becomes: 'doing', doubt: '' }];
    });
}

/** “Experiment: …” says what kind it is. */
const keepsLabel = (becomes: GuideBecomes): boolean => becomes === 'part';

/** The lessons the lines become. */
export function draftsFromGuide(lines: readonly GuideLine[]): Draft[] {
  const drafts: Draft[] = [];
  for (const { text, becomes } of lines) {
    if (becomes === 'lesson') {
      drafts.push({ ...blankDraft, title: text.slice(0, 200), topics: [], recall: [], parts: [], words: [] });
      continue;
    }
    const draft = drafts.at(-1);
    if (draft) add(draft, text, becomes);
  }
  return drafts;
}

function add(draft: Draft, text: string, becomes: GuideBecomes): void {
  const last = draft.parts.at(-1);
  const doing = (): DraftPart => {
    if (last) return last;
    const made: DraftPart = { ...blankDraftPart, title: draft.title, kind: kindFrom(draft.title) };
    draft.parts.push(made);
    return made;
  };
  switch (becomes) {
    case 'objective':
      draft.objective = [draft.objective, text].filter(Boolean).join('; ').slice(0, 500);
      break;
    case 'pages': {
      const pages = /(\d{1,4})(?:\s*[–-]\s*(\d{1,4}))?/.exec(text);
      if (pages) {
        draft.firstPage = Number(pages[1]) || null;
        draft.lastPage =
          pages[2] && Number(pages[2]) >= Number(pages[1]) ? Number(pages[2]) : draft.firstPage;
      } else draft.topics.push({ title: text.slice(0, 200), page: null });
      break;
    }
    case 'topic':
      for (const t of text
        .split(/[;,]/)
        .map((x) => x.trim())
        .filter(Boolean))
        draft.topics.push({ title: t.slice(0, 200), page: null });
      break;
    case 'part': {
      const label = LABELLED.exec(text);
      const named = label && LABELS.some(([, words]) => words.test(label.groups!.label.trim()));
      const read = readActivity(named ? label.groups!.rest : text);
      const kind = named ? kindFrom(label.groups!.label) : 'activity';
      if (read)
        draft.parts.push({
          ...read,
          kind: kind === 'activity' ? read.kind : kind,
          outdoors: read.outdoors || kind === 'walk',
        });
      break;
    }
    case 'doing': {
      const part = doing();
      part.directions = [part.directions, text].filter(Boolean).join('\n').slice(0, 20_000);
      break;
    }
    case 'supplies':
      change(doing(), { supplies: readSupplies(text) });
      break;
    case 'preparation':
      change(doing(), {
        preparations: [{ ...blankPreparation, what: text.slice(0, 200), daysBefore: daysBeforeFrom(text) }],
      });
      break;
    case 'words':
      draft.words.push(
        ...text
          .split(/[;,]/)
          .map((w) => w.trim().slice(0, 80))
          .filter(Boolean),
      );
      break;
    case 'recall':
      draft.recall.push({ id: '', easy: text.slice(0, 300), hard: '', answer: '' });
      break;
    case 'lesson':
    case 'nothing':
      break;
  }
}

/** Adds to a part's lists; what a blank part begins with is never changed. */
function change(part: DraftPart, more: Partial<Pick<DraftPart, 'supplies' | 'preparations'>>): void {
  part.supplies = [...part.supplies, ...(more.supplies ?? [])];
  part.preparations = [...part.preparations, ...(more.preparations ?? [])];
}

/**
 * How many days ahead a preparation is: “evening before” 1, “order a week ahead” 7, “3 days before” 3; on the day when
 * nothing is said.
 */
export function daysBeforeFrom(text: string): number {
  const days = /(\d{1,3})\s*days?\s*(?:before|ahead|earlier|in advance)/i.exec(text);
  if (days) return Math.min(365, Number(days[1]));
  const weeks = /(\d{1,2}|a|one|two|three|four)\s*weeks?\s*(?:before|ahead|earlier|in advance)/i.exec(text);
  if (weeks)
    return 7 * (Number(weeks[1]) || { a: 1, one: 1, two: 2, three: 3, four: 4 }[weeks[1].toLowerCase()] || 1);
  if (/\b(?:evening|night|day) before\b|\bovernight\b|\bfreez|\bsoak|\bthaw/i.test(text)) return 1;
  return /\b(?:order|borrow|reserve)\b/i.test(text) ? 7 : 0;
}

/** The labels of a guide, and what stands under each. */
import { anyOf, or } from '../../plan/patterns';

/** What a line of a guide becomes. */
export type GuideBecomes =
  | 'lesson'
  | 'above'
  | 'objective'
  | 'idea'
  | 'pages'
  | 'topic'
  | 'part'
  | 'alternative'
  | 'doing'
  | 'caution'
  | 'remark'
  | 'supplies'
  | 'preparation'
  | 'words'
  | 'recall'
  | 'nothing';

const DOING = `
  do activit(?:y|ies) make experiments? demonstrations? crafts? cook(?:ing)? games? walk films? watch projects?
  hands[-\\s]on music (?:field\\s)?trips? procedure steps instructions`;
/** Subjects, and other words under which guides put something to do. Common usage, no source. */
const SUBJECTS = `
  art arts science history geography maths? nature(?:\\sstudy)? map(?:\\s?work)? writing grammar handwriting penmanship
  copy\\s?work narration poetry poems? songs? hymns? handicrafts? morning\\s(?:basket|time|meeting) circle\\stime
  homework extensions? challenges? bonus go(?:ing)?\\sfurther dig\\sdeeper`;
const SUBJECT = new RegExp(`^${anyOf(SUBJECTS)}$`, 'i');
/** A label that says something of what stands behind it: “Poem: The Ferry”. */
export const isSubject = (label: string): boolean => SUBJECT.test(label);
const WORDS = new RegExp(
  `^${or(
    '(?:key |new )?(?:words?|vocabulary|terms)',
    'words to (?:know|learn|define|spell)',
    '(?:spelling|vocabulary|vocab) (?:words?|list)',
  )}$`,
  'i',
);
const LABELS: readonly [GuideBecomes, RegExp][] = [
  ['objective', /^(?:(?:learning )?objectives?|goals?|aims?|learn(?:ing)?|standards?|outcomes?|codes?)$/i],
  ['idea', /^(?:the )?big ideas?$/i],
  ['pages', /^(?:read(?:ing)?|pages?|pp?\.?|book|text)$/i],
  ['topic', /^(?:topics?|covers?|contents?)$/i],
  [
    'supplies',
    /^(?:supplies|materials?|you(?: will|’ll|'ll)? need|(?:what )?(?:you )?needs?|needed|equipment|ingredients|bring|gather)$/i,
  ],
  [
    'preparation',
    /^(?:prepar(?:e|ation)s?|before(?:hand)?|ahead|the (?:night|evening|day) before|set ?up|get ready)$/i,
  ],
  ['words', WORDS],
  [
    'recall',
    /^(?:recall|questions?|review|ask|discuss(?:ion)?(?: questions?)?|talk about it|comprehension)$/i,
  ],
  ['caution', /^(?:cautions?|warnings?|safety(?: notes?)?|take care|careful)$/i],
  ['part', new RegExp(`^${anyOf(DOING)}$`, 'i')],
  ['part', SUBJECT],
];
const becomesOf = (label: string): GuideBecomes | undefined =>
  LABELS.find(([, words]) => words.test(label))?.[0];
export const LABELLED = /^(?<label>[\p{L}’' -]{2,24}):\s*(?<rest>.*)$/u;

const NUMBERED_LABEL = new RegExp(
  [
    '^(?<label>\\p{L}{3,20}(?: \\p{L}{3,12})?)',
    '(?:\\d{1,2}|[a-d])?',
    '(?<aside>\\([^()]{1,60}\\))?',
    ':\\s*(?<rest>\\S.*)$',
  ].join('\\s{0,3}'),
  'iu',
);
/** “Activity 2 (ages 9 and up): measure” as “Activity: measure (ages 9 and up)”. */
export const unnumbered = (body: string): string =>
  body.replace(NUMBERED_LABEL, (whole, label: string, aside: string | undefined, rest: string) =>
    becomesOf(label) ? `${label}: ${rest}${aside ? ` ${aside}` : ''}` : whole,
  );

/** “Science - Float and sink” as “Science: Float and sink”. */
export const undashed = (body: string): string =>
  body.replace(
    /^(?<label>\p{L}[\p{L}’' ]{1,23}?)\s{1,3}[-–—]\s{1,3}(?<rest>\S.*)$/u,
    (whole, label: string, rest: string) => (becomesOf(label) ? `${label}: ${rest}` : whole),
  );

/** A label, with or without a colon where it stands alone, and what stands behind it. */
export function labelOf(body: string): { becomes: GuideBecomes; label: string; rest: string } | undefined {
  const plain = body.replace(/^#{1,6}\s+/u, '').replace(/^\*\*(.+?)\*\*/u, '$1');
  const labelled = LABELLED.exec(plain);
  const label = labelled?.groups!.label.trim() ?? (plain.length <= 30 ? plain.trim() : '');
  const becomes = becomesOf(label);
  if (!becomes) return undefined;
  // “Read” or “Do” alone in a sentence's place is no label, unless it stands as a heading does.
  if (!labelled && !/^#|^\*\*/u.test(body) && plain !== plain.toUpperCase()) return undefined;
  return { becomes, label, rest: labelled?.groups!.rest.trim() ?? '' };
}

/** “Choose one of these:”, with the ways behind it where they stand on the same line. */
const OF_THESE = '\\s+(?:of|from)\\s+(?:these|the following|them)(?:\\s+\\p{L}+)?';
const A_WAY = '\\s+(?:activit(?:y|ies)|ways?|options?)';
export const CHOOSE = new RegExp(
  [
    `^(?:choose|pick|select|do|try)\\s+(?:any\\s+)?(?:one|1)(?:${OF_THESE}|${A_WAY})?\\s*(?:[:.–—-]\\s*(?<rest>.*)|$)`,
    '^one of (?:these|the following)\\s*:?\\s*(?<these>.*)$',
  ].join('|'),
  'iu',
);
/** A way among several, by its letter or by what it is. */
export const OPTION = /^(?:option|way|choice|alternative)\s+(?:[a-f]|\d)\s*[:.)–—-]\s*(?<rest>.+)$/iu;
export const WAYS: readonly [string, RegExp][] = [
  ['minimal', /^(?:minimal|minimum|short|quick|basic)$/i],
  ['books', /^(?:books?|read-?alouds?|living books?)$/i],
  ['film', /^(?:films?|videos?|movies?|watch)$/i],
  ['outdoors', /^(?:outdoors?|outside|nature)$/i],
  ['table', /^(?:table(?:-?top)?|indoors?|desk)$/i],
  ['art', /^(?:art|arts|craft|drawing)$/i],
  ['music', /^(?:music|song|songs)$/i],
  ['cooking', /^(?:cooking|kitchen|food)$/i],
];
/** Which way of doing things a label names. */
export const wayIn = (body: string): { way: string; rest: string } | undefined => {
  const labelled = LABELLED.exec(body);
  const way = labelled && WAYS.find(([, words]) => words.test(labelled.groups!.label.trim()))?.[0];
  return way && labelled.groups!.rest ? { way, rest: labelled.groups!.rest } : undefined;
};
/** “or” on a line of its own, or at the beginning of one. */
export const OR_ALONE = /^(?:[-–—]\s*)?or\s*[-–—:.]?$/iu;
export const OR_FIRST = /^(?:or|alternatively)[,:]?\s+(?:else\s+)?(?<rest>\S.+)$/iu;

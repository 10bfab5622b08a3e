/** An activity in one line, as it stands in a pack or a guide: “Felt balls, 35 min, outdoors; wool 20 g; dries overnight”. */
import type { PartKind } from '../plan/lesson';
import { blankDraftPart } from './blank-draft';
import type { DraftPart } from './draft';
import { readSupplies } from './supplies';

/** Words by which a kind is known, the first that fits. */
const KIND_WORDS: readonly [PartKind, RegExp][] = [
  ['trip', /\b(field trip|trip|visit|excursion)\b/i],
  ['walk', /\b(walk|hike|hunt for|ramble|scavenge)\b/i],
  ['film', /\b(films?|movie|documentary|watch)\b/i],
  ['cooking', /\b(cook|bake|recipe|taste|soup|bread|biscuits?|cake|jam|snack)\b/i],
  ['experiment', /\b(experiment|test|investigate|measure|which .* faster)\b/i],
  ['demonstration', /\b(demonstrat\w+|show how|predict)\b/i],
  ['observation', /\b(observe|observation|watch .* grow|grow|sprout|each day look)\b/i],
  ['model', /\b(model|build|diorama|construct)\b/i],
  ['music', /\b(song|sing|music|dance|tune)\b/i],
  ['game', /\b(game|play|bingo|charades|race)\b/i],
  ['talk', /\b(talk|discuss\w*|speech|present)\b/i],
  ['looking-up', /\b(look up|research|find out)\b/i],
  ['quiz', /\bquiz\b/i],
  [
    'craft',
    /\b(craft|paint|draw|sew|weave|felt|knit|cut|collage|print|fold|make|dye|stitch|sketch|colour)\b/i,
  ],
];

export function kindFrom(text: string): PartKind {
  return KIND_WORDS.find(([, words]) => words.test(text))?.[0] ?? 'activity';
}

const MINUTES =
  /(?:^|[\s,(–-])(?:(?:about|ca\.?|approx\.?)\s*)?(?:(\d+(?:[.,]\d+)?)\s*(?:h|hrs?|hours?)\b\s*(?:(\d{1,2})\s*(?:m|min|minutes)?\b)?|(\d{1,3})\s*(?:m|mins?|minutes?)\b)\)?/iu;
const WAIT =
  /\b(dries|dry|drying|freezes?|frozen|stands?|sets?|rests?|rises?|soaks?|cools?)\s+(?:for\s+)?(?:(\d+(?:[.,]\d+)?)\s*(h|hours?|d|days?)|(overnight))\b/iu;

/**
 * Hours that an overnight wait lasts at least: from any window of one day to the morning of the next, and never to the
 * evening of the same.
 */
export const OVERNIGHT_HOURS = 12;

/** Minutes named in a text, and the text without them. */
export function minutesFrom(text: string): { minutes: number | null; rest: string } {
  const m = MINUTES.exec(text);
  if (!m) return { minutes: null, rest: text };
  const minutes = m[3] ? Number(m[3]) : Math.round(Number(m[1].replace(',', '.')) * 60) + Number(m[2] ?? 0);
  return minutes > 0 && minutes <= 1440
    ? { minutes, rest: tidy(text.replace(m[0], ' ')) }
    : { minutes: null, rest: text };
}

/** A wait named in a text, in hours, with its word. */
export function waitFrom(text: string): { hours: number; label: string; rest: string } | undefined {
  const m = WAIT.exec(text);
  if (!m) return undefined;
  const hours = m[4]
    ? OVERNIGHT_HOURS
    : Math.round(Number(m[2].replace(',', '.')) * (/^d/i.test(m[3]) ? 24 : 1));
  const word = m[1].toLowerCase();
  return {
    hours: Math.min(hours, 24 * 60),
    label: /dr/.test(word) ? 'dries' : /fr/.test(word) ? 'freezes' : word.replace(/s?$/, 's'),
    rest: tidy(text.replace(m[0], ' ')),
  };
}

const tidy = (text: string): string =>
  text
    .replace(/\s+/gu, ' ')
    .replace(/\(\s*\)/gu, '')
    .replace(/\s+([,;.])/gu, '$1')
    .replace(/(?:[,;–-]\s*)+(?=[,;])/gu, '')
    .replace(/^[\s,;–-]+|[\s,;–-]+$/gu, '')
    .trim();

/** Characters of a line that are looked at: ten titles long. */
const LONGEST_LINE = 2000;

/** Reads an activity; what stands after the first semicolon is supplies and waits. Undefined when nothing is left for a name. */
export function readActivity(whole: string): DraftPart | undefined {
  const line = whole.slice(0, LONGEST_LINE);
  const [head, ...tail] = line.replace(/^\s*(?:[•·▪*–-]|\(?\d{1,3}[.):])\s*/u, '').split(';');
  const wait = waitFrom(line);
  const timed = minutesFrom(waitFrom(head)?.rest ?? head);
  const outdoors = /\b(outdoors?|outside|garden|in the open)\b/iu.test(line);
  const title = tidy(timed.rest.replace(/,\s*(?:outdoors?|outside)\b/giu, '')).slice(0, 200);
  if (!/[\p{L}\d]/u.test(title)) return undefined;
  const supplies = readSupplies(
    tail
      .map((t) => waitFrom(t)?.rest ?? t)
      .filter((t) => !/^\s*(outdoors?|outside)\s*$/iu.test(t))
      .join(';'),
  );
  const kind = kindFrom(title);
  return {
    ...blankDraftPart,
    title,
    kind,
    minutes: timed.minutes ?? 30,
    outdoors: outdoors || kind === 'walk',
    supplies,
    window: kind === 'experiment' || kind === 'looking-up' ? 'morning' : 'afternoon',
    ...(wait ? { waitAfterHours: wait.hours, waitLabel: wait.label } : {}),
  };
}

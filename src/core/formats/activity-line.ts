/** An activity in one line, as it stands in a pack or a guide: “Felt balls, 35 min, outdoors; wool 20 g; dries overnight”. */
import type { PartKind } from '../plan/lesson';
import { sentencesIn } from '../books/sentences';
import { WORKED_OUT_KINDS } from '../plan/words';
import { blankDraftPart } from './blank-draft';
import type { DraftAlternative, DraftPart } from './draft';
import { isCaution, remarksIn, type Said } from './remarks';
import type { Reader } from '../calendar/customs';
import { readSupplies } from './supplies';

/** Kinds of the ladder, as guides call them at the beginning of a line. */
const LADDER_WORDS: readonly [PartKind, RegExp][] = [
  ['word-list', /^(?:word|spelling|vocabulary) lists?\b|^spelling words?\b/i],
  ['notebook', /^(?:nature |science |history )?(?:journal|notebook(?:ing)?)(?:\s+(?:page|entry|time)s?)?\b/i],
  [
    'copying',
    /^(?:copy ?work|copying)\b|^copy (?:out )?(?:the|a|this|one) (?:verse|poem|passage|line|sentence|stanza|text|quotation)\b/i,
  ],
  ['memory', /^(?:memory work|memori[sz]\w+|learn (?:\S+ ){0,4}by heart|recite)\b/i],
  ['tell-back', /^(?:oral |written )?narrat(?:ion|e)\b|^tell (?:it |this )?back\b|^retell\b/i],
  ['booklet', /^(?:mini[- ]?book|lap ?book|folded book(?:let)?|booklet|flap ?book)\b/i],
  ['labels', /^(?:label|map ?work)\b/i],
  [
    'read-aloud',
    /^read(?:ing)? (?:\S+ ){0,8}aloud\b|^read(?:ing)? together\b|^read (?:ch|chap|chapters?|pages?|pp?)\b|^read ["“]/i,
  ],
  ['own-reading', /^(?:independent|silent|own) reading\b|^read (?:alone|by yourself|on your own)\b/i],
  ['practice', /^(?:practi[cs]e|workbook|worksheet)(?: page)?s?\b/i],
];

/** The kind of the ladder that a line names, or none. */
export const ladderKindIn = (line: string): PartKind | undefined =>
  LADDER_WORDS.find(([, words]) => words.test(line.trim()))?.[0];

/** Words by which a kind is known, the first that fits. */
const KIND_WORDS: readonly [PartKind, RegExp][] = [
  ['trip', /\b(field trip|trip|visit|excursion)\b/i],
  ['walk', /\b(walk|hike|hunt for|ramble|scavenge)\b/i],
  ['film', /\b(films?|movie|documentary|video)\b/i],
  ['cooking', /\b(cook|bake|recipe|taste|soup|bread|biscuits?|cake|jam|snack)\b/i],
  ['experiment', /\b(experiment|test|investigate|measure|which .* faster)\b/i],
  ['demonstration', /\b(demonstrat\w+|show how|predict)\b/i],
  ['observation', /\b(observe|observation|watch|grow|sprout|each day look)\b/i],
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
  return ladderKindIn(text) ?? KIND_WORDS.find(([, words]) => words.test(text))?.[0] ?? 'activity';
}

const MINUTES =
  /(?:^|[\s,(–-])(?:(?:about|ca\.?|approx\.?)\s*)?(?:(\d+(?:[.,]\d+)?)\s*(?:h|hrs?|hours?)\b\s*(?:(\d{1,2})\s*(?:m|min|minutes)?\b)?|(\d{1,3})\s*(?:m|mins?|minutes?)\b\.?)\)?/iu;
/** A morning or afternoon counts as three hours, a day as six. Own choice. */
const PART_OF_DAY =
  /[(,]?\s*\b(?:half a day|a half[- ]day|half[- ]day|all day|a whole day|a day long)\b\)?/iu;
const WAIT =
  /\b(dries|dry|drying|freezes?|frozen|stands?|sets?|rests?|rises?|soaks?|cools?|waits?|then(?:\s+wait)?)\s+(?:for\s+)?(?:(\d+(?:[.,]\d+)?)\s*(h|hours?|d|days?)|(overnight))\b/iu;

/**
 * Hours that an overnight wait lasts at least: from any window of one day to the morning of the next, and never to the
 * evening of the same.
 */
export const OVERNIGHT_HOURS = 12;

/** Minutes named in a text, and the text without them. */
export function minutesFrom(text: string): { minutes: number | null; rest: string } {
  const long = PART_OF_DAY.exec(text);
  if (long) return { minutes: /half/i.test(long[0]) ? 180 : 360, rest: tidy(text.replace(long[0], ' ')) };
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
    label: /^(?:then|wait)/.test(word)
      ? 'waits'
      : /dr/.test(word)
        ? 'dries'
        : /fr/.test(word)
          ? 'freezes'
          : word.replace(/s?$/, 's'),
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
    .replace(/^(?<open>[^()]*)\)$/u, '$<open>')
    .trim();

/** Characters of a line that are looked at: ten titles long. */
const LONGEST_LINE = 2000;

/** “Weave six rows, 20 min, or draw the pattern, 10 min”: each with its own minutes. */
const OR =
  /^(?<one>.*\d\s*(?:min(?:utes)?|h|hours?)\)?)\s*,?\s+or\s+(?<other>.*\d\s*(?:min(?:utes)?|h|hours?)\b.*)$/iu;

/**
 * Reads an activity. What stands after the first semicolon is supplies and waits, what stands after the first sentence is
 * directions; ages, days, cautions and such are read as what they are. Undefined when nothing is left for a name.
 */
export function readActivity(whole: string, reader: Reader): DraftPart | undefined {
  const line = whole.slice(0, LONGEST_LINE).replace(/^\s*(?:[•·▪*–-]|\(?\d{1,3}[.):])\s*/u, '');
  const or = OR.exec(line);
  if (or) {
    const one = readActivity(or.groups!.one, reader);
    const other = readActivity(or.groups!.other, reader);
    if (one && other) return { ...one, alternatives: [alternativeOf(other)] };
  }
  const [first = line, ...more] = sentencesIn(line);
  const [head, ...tail] = first.split(';').map((t) => t.trim());
  const ofHead = remarksIn(head, reader);
  const wait = waitFrom(line);
  const timed = minutesFrom(waitFrom(ofHead.rest)?.rest ?? ofHead.rest);
  const outdoors = /\b(outdoors?|outside|garden|in the open)\b/iu.test(line);
  const title = tidy(timed.rest.replace(/,\s*(?:outdoors?|outside)\b/giu, '').replace(/\.$/u, '')).slice(
    0,
    200,
  );
  if (!/[\p{L}\d]/u.test(title)) return undefined;
  const beside = besideIn(tail, more, reader);
  const kind = kindFrom(title);
  const minutes = timed.minutes ?? beside.minutes ?? (WORKED_OUT_KINDS.includes(kind) ? null : 30);
  return {
    ...blankDraftPart,
    title,
    kind,
    minutes,
    outdoors: outdoors || kind === 'walk',
    window: kind === 'experiment' || kind === 'looking-up' ? 'morning' : 'afternoon',
    ...ofHead.said,
    ...beside.said,
    supplies: beside.supplies,
    directions: beside.directions.join('\n').slice(0, 20_000),
    ...(wait ? { waitAfterHours: wait.hours, waitLabel: wait.label } : {}),
  };
}

/** What stands beside the name of an activity: after semicolons, and in sentences of its own. */
function besideIn(
  tail: readonly string[],
  more: readonly string[],
  reader: Reader,
): { said: Said; supplies: DraftPart['supplies']; directions: string[]; minutes: number | null } {
  let said: Said = {};
  let minutes: number | null = null;
  const directions: string[] = [];
  const supplies: string[] = [];
  for (const segment of tail) {
    const left = waitFrom(segment)?.rest ?? segment;
    const remark = remarksIn(left, reader);
    if (!left || /^(outdoors?|outside)\.?$/iu.test(left)) continue;
    if (isCaution(left)) directions.push(left);
    else if (/\d\s*min/iu.test(left) && !minutesFrom(left).rest) minutes = minutesFrom(left).minutes;
    else {
      said = { ...said, ...remark.said };
      if (remark.rest) supplies.push(remark.rest);
    }
  }
  for (const sentence of more) {
    const timed = minutesFrom(sentence);
    if (timed.minutes !== null && !/\p{L}/u.test(timed.rest)) {
      minutes = timed.minutes;
      continue;
    }
    const wait = waitFrom(sentence);
    if (wait && !/\p{L}/u.test(wait.rest)) continue;
    if (isCaution(sentence)) {
      directions.push(sentence);
      continue;
    }
    const remark = remarksIn(sentence, reader);
    said = { ...said, ...remark.said };
    if (/\p{L}/u.test(remark.rest)) directions.push(sentence);
  }
  return { said, supplies: readSupplies(supplies.join(';')), directions, minutes };
}

/** A part as an alternative to another: what is done, without what is only the part's. */
export function alternativeOf(part: DraftPart): DraftAlternative {
  const { optional: _o, earliest: _e, weekday: _w, alternatives: _a, ...doing } = part;
  return doing;
}

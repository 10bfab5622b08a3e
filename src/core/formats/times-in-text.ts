/** Minutes and waits as people write them in a line: “35 min”, “1 h 30”, “half a day”; “dries overnight”, “stands 2 days”. */
import { tidied } from './tidied';
import { NUMBER_WORDS, numberIn } from './number-words';
import { or } from '../plan/patterns';

const MINUTES =
  /(?:^|[\s,([–-])(?:(?:about|ca\.?|approx\.?)\s*)?(?:(\d+(?:[.,]\d+)?)\s*(?:h|hrs?|hours?)\b\s*(?:(\d{1,2})\s*(?:m|min|minutes)?\b)?|(\d{1,3})\s*(?:m|mins?|minutes?)\b\.?)[)\]]?/iu;
/** A morning or afternoon counts as three hours, a day as six. Own choice. */
const PART_OF_DAY =
  /[(,]?\s*\b(?:half a day|a half[- ]day|half[- ]day|all day|a whole day|a day long)\b\)?/iu;
const LET_IT = '(?:\\b(?:let|leave)\\s+(?:it|them|(?:the|your)\\s+\\p{L}+)\\s+(?:to\\s+)?)?';
const WAITING = or(
  'dries|dry|drying|freezes?|frozen|stands?|sets?|rests?|rises?|soaks?|steeps?|proves?|chills?|hardens?|cools?|waits?',
  'then(?:\\s+wait)?',
);
const HOW_LONG = or(`(\\d+(?:[.,]\\d+)?|an?|${NUMBER_WORDS})\\s*(h|hours?|d|days?|weeks?)`, '(overnight)');
const WAIT = new RegExp(`${LET_IT}\\b(${WAITING})\\s+(?:for\\s+)?${HOW_LONG}\\b`, 'iu');

/**
 * Hours that an overnight wait lasts at least: from any window of one day to the morning of the next, and never to the
 * evening of the same.
 */
export const OVERNIGHT_HOURS = 12;

/** Minutes named in a text, and the text without them. */
export function minutesFrom(text: string): { minutes: number | null; rest: string } {
  const long = PART_OF_DAY.exec(text);
  if (long) return { minutes: /half/i.test(long[0]) ? 180 : 360, rest: tidied(text.replace(long[0], ' ')) };
  const m = MINUTES.exec(text);
  if (!m) return { minutes: null, rest: text };
  const minutes = m[3] ? Number(m[3]) : Math.round(Number(m[1].replace(',', '.')) * 60) + Number(m[2] ?? 0);
  return minutes > 0 && minutes <= 1440
    ? { minutes, rest: tidied(text.replace(m[0], ' ')) }
    : { minutes: null, rest: text };
}

/** A wait named in a text, in hours, with its word. */
export function waitFrom(text: string): { hours: number; label: string; rest: string } | undefined {
  const m = WAIT.exec(text);
  if (!m) return undefined;
  const hours = m[4] ? OVERNIGHT_HOURS : Math.round(numberIn(m[2]) * hoursIn(m[3].toLowerCase()));
  return {
    hours: Math.min(hours, 24 * 60),
    label: labelFor(m[1].toLowerCase()),
    rest: tidied(text.replace(m[0], ' ')),
  };
}

const hoursIn = (unit: string): number => (unit.startsWith('w') ? 168 : unit.startsWith('d') ? 24 : 1);

/** How a wait is called: by what the thing does while it waits. */
function labelFor(word: string): string {
  if (/^(?:then|wait)/.test(word)) return 'waits';
  if (word.includes('dr')) return 'dries';
  return word.includes('fr') ? 'freezes' : word.replace(/s?$/, 's');
}

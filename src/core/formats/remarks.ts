/**
 * What a guide or a pack says of an activity beside what is done: for which ages, with an adult, not before a day, on a
 * weekday, a guess, a caution. Never taken for supplies.
 */
import type { Reader } from '../calendar/customs';
import { weekdayName } from '../calendar/dates';
import { dateIn } from './dates-in-text';
import type { DraftPart } from './draft';

export type Said = Partial<
  Pick<
    DraftPart,
    | 'ageFrom'
    | 'ageTo'
    | 'lead'
    | 'earliest'
    | 'weekday'
    | 'optional'
    | 'prediction'
    | 'indoors'
    | 'window'
    | 'outdoors'
  >
>;

const AGES =
  /[(,]?\s*(?:\bsuits\s+|\bmeant\s+|\bbest\s+)?(?:\bfor\s+)?(?:\bages?|\baged)\s*(?<from>\d{1,2})\s*(?:(?<up>\+|(?:years?\s+)?(?:and|&|or)\s+(?:up|over|older|above))|(?<down>(?:and|or)\s+(?:under|younger))|(?:-|–|to|and)\s*(?<to>\d{1,2}))?(?:\s+years?)?(?:\s+only)?[:)]?/iu;
const PLUS = /[(,]?\s*\b(?:from\s+)?(?<from>\d{1,2})\s*(?:\+|years? and (?:up|older))(?=\s|[).,;:]|$)[:)]?/iu;
const UNDER = /[(,]?\s*\b(?:for\s+)?(?:the\s+)?under[- ](?<to>\d{1,2})s?\b[:)]?/iu;
/** An adult, said in passing: nothing is lost when the words go. */
const ADULT_ONLY =
  /[(,]?\s*\b(?:with\s+)?(?:an?\s+|the\s+)?(?:adult|grown-?up|parent)(?:[’']s)?(?:\s+(?:helps?|help|is\s+needed|needed|supervis\w+|required|help\s+needed|only|leads))?\s*\)?(?=$|[.;,)])/iu;
const ADULT =
  /\b(?:an?|the)\s+(?:adult|grown-?up|parent)\b|\badult(?:[’']s)?\s+(?:help|hands|superv\w+)|\bsupervis/iu;
const ALONE = /[(,]\s*(?:on (?:their|his|her|your) own|independent(?:ly)?|alone)\)?(?=$|[.;,)])/iu;
const BEFORE =
  /\b(?:not before|no earlier than|arrives?|arriving|is delivered|delivered|delivery|comes by post|here from|available from)\b(?:\s+(?:on|about|around))?/iu;
const WEEKDAYS = [1, 2, 3, 4, 5, 6, 7].map(weekdayName);
const ON_WEEKDAY = new RegExp(
  `[(,]?\\s*(?:\\b(?:only\\s+)?(?:on|every|each)\\s+)(?<day>${WEEKDAYS.join('|')})s?\\b\\)?`,
  'iu',
);
/** “Mon: …”; “Sun: …” speaks of the sun. */
const WEEKDAY_FIRST = new RegExp(
  `^(?<day>${WEEKDAYS.map((w) => (w === 'Sunday' ? 'Sundays?' : `${w.slice(0, 3)}(?:${w.slice(3)}s?|s|rs|rsday)?`)).join('|')})\\.?\\s*[:–—-]\\s*`,
  'iu',
);
const OPTIONAL =
  /^(?:optional(?:ly)?|if (?:there is |you have )?time(?: allows)?|extra|bonus|extension)\s*[:–—-]\s*|[(,]\s*(?:optional|if there is time|if time allows|extra)\s*\)?/iu;
/** “Younger: …”: whom it is for, without an age. */
const WHOSE =
  /^(?:for\s+)?(?:the\s+)?(?:younger|older|youngest|oldest|little|big)(?:\s+(?:ones|children))?\s*:\s*/iu;
const GUESS = /^(?:guess|predict(?:ion)?|first guess|before you begin, guess)\s*[:–—-]\s*/iu;
const RAIN =
  /^(?:if it rains|in bad weather|rainy day|wet weather|indoors instead|bad weather)\s*[:,–—-]\s*/iu;
const CAUTION =
  /^(?:cautions?|warnings?|safety(?: note)?|take care|careful|attention|important)\s*[:!–—-]\s*|^(?:do not|don[’']t|never|be careful|keep (?:away|them|it|the)\b.*\b(?:away|from)|small parts\b)/iu;
const WHEN = /,\s*(?:in the\s+)?(?<when>morning|midday|afternoon|evening)\b/iu;

/** Whether a line warns of something: it is kept as it stands. */
export const isCaution = (text: string): boolean => CAUTION.test(text.trim());

/**
 * What a piece of text says beside what is done.
 * @returns the fields it gives, and the text without the words that gave them; with words left that say more, they stay
 */
export function remarksIn(text: string, reader: Reader): { said: Said; rest: string } {
  const said: Said = {};
  let rest = text.trim();
  const take = (pattern: RegExp, put: (groups: Record<string, string | undefined>) => void): void => {
    const found = pattern.exec(rest);
    if (!found) return;
    put(found.groups ?? {});
    rest = tidied(`${rest.slice(0, found.index)} ${rest.slice(found.index + found[0].length)}`);
  };
  const guess = GUESS.exec(rest);
  if (guess) return { said: { prediction: rest.slice(guess[0].length).slice(0, 300) }, rest: '' };
  const rain = RAIN.exec(rest);
  if (rain)
    return { said: { indoors: rest.slice(rain[0].length).replace(/\.$/u, '').slice(0, 200) }, rest: '' };
  if (BEFORE.test(rest)) {
    const date = dateIn(rest, reader.near, reader.order);
    if (date) {
      said.earliest = date.date;
      const before = rest.slice(0, BEFORE.exec(rest)!.index).trim();
      // “The yarn arrives 12 Nov.” is a remark as a whole; “Dye it (not before 12 Nov)” is not.
      rest = before.split(/\s+/u).length <= 3 && /arriv|deliver/iu.test(rest) ? '' : tidied(before);
    }
  }
  take(WHOSE, () => undefined);
  take(OPTIONAL, () => (said.optional = true));
  take(AGES, ({ from, up, down, to }) => {
    const first = Number(from);
    if (down) said.ageTo = capped(first);
    else said.ageFrom = capped(first);
    if (to) said.ageTo = capped(Number(to));
    else if (!up && !down) said.ageTo = capped(first);
  });
  if (said.ageFrom === undefined) take(PLUS, ({ from }) => (said.ageFrom = capped(Number(from))));
  if (said.ageTo === undefined) take(UNDER, ({ to }) => (said.ageTo = Math.max(0, capped(Number(to)) - 1)));
  take(ADULT_ONLY, () => (said.lead = 'leads'));
  if (!said.lead && ADULT.test(rest)) said.lead = 'leads';
  take(ALONE, () => (said.lead ??= 'not-needed'));
  take(WEEKDAY_FIRST, ({ day }) => (said.weekday = weekdayFrom(day!)));
  take(ON_WEEKDAY, ({ day }) => (said.weekday = weekdayFrom(day!)));
  take(WHEN, ({ when }) => (said.window = when!.toLowerCase() as Said['window']));
  return { said, rest };
}

const weekdayFrom = (day: string): number =>
  WEEKDAYS.findIndex((w) => w.slice(0, 3).toLowerCase() === day.slice(0, 3).toLowerCase()) + 1;

const capped = (age: number): number => Math.min(21, age);

const tidied = (text: string): string =>
  text
    .replace(/\s+/gu, ' ')
    .replace(/\(\s*\)/gu, '')
    .replace(/\s+([,;.)])/gu, '$1')
    .replace(/^[\s,;:.–-]+|[\s,;:(–-]+$/gu, '')
    .trim();

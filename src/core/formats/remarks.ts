/**
 * What a guide or a pack says of an activity beside what is done: for which ages, with an adult, not before a day, on a
 * weekday, a guess, a caution. Never taken for supplies.
 */
import type { DatesWritten } from '../calendar/customs';
import { weekdayName } from '../calendar/dates';
import { dateIn } from './dates-in-text';
import { or } from '../plan/patterns';
import type { DraftPart } from './draft';
import { FOR_SOME } from './for-whom';
import { tidied } from './tidied';

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

/** A remark may stand in brackets, or behind a comma. */
const OPEN = '[(,]?\\s*';
const pattern = (...pieces: string[]): RegExp => new RegExp(pieces.join(''), 'iu');

const AND_UP = '(?<up>\\+|(?:years?\\s+)?(?:and|&|or)\\s+(?:up|over|older|above))';
const AND_DOWN = '(?<down>(?:and|or)\\s+(?:under|younger))';
const AGES = pattern(
  `${OPEN}(?:\\b(?:suits|meant|best)\\s+)?(?:\\bfor\\s+)?(?:\\bages?|\\baged)\\s*(?<from>\\d{1,2})\\s*`,
  `(?:${AND_UP}|${AND_DOWN}|(?:-|–|to|and)\\s*(?<to>\\d{1,2}))?`,
  '(?:\\s+years?)?(?:\\s+only)?[:)]?',
);
const PLUS = pattern(
  `${OPEN}\\b(?:from\\s+)?(?<from>\\d{1,2})\\s*(?:\\+|years? and (?:up|older))(?=\\s|[).,;:]|$)[:)]?`,
);
const UNDER = pattern(`${OPEN}\\b(?:for\\s+)?(?:the\\s+)?under[- ](?<to>\\d{1,2})s?\\b[:)]?`);
const SOMEBODY = "(?:adult|grown-?up|parent)(?:[’']s)?";
/** An adult, said in passing: nothing is lost when the words go. */
const ADULT_ONLY = pattern(
  `${OPEN}\\b(?:with\\s+)?(?:an?\\s+|the\\s+)?${SOMEBODY}`,
  '(?:\\s+(?:helps?|help|is\\s+needed|needed|supervis\\w+|required|help\\s+needed|only|leads))?',
  '\\s*\\)?(?=$|[.;,)])',
);
const ADULT = pattern(
  `\\b(?:an?|the)\\s+${SOMEBODY}\\b|\\b${SOMEBODY}\\s+(?:help|hands|superv\\w+)|\\bsupervis`,
);
const ALONE = pattern('[(,]\\s*(?:on (?:their|his|her|your) own|independent(?:ly)?|alone)\\)?(?=$|[.;,)])');
const BEFORE = pattern(
  `\\b${or('not before', 'no earlier than', 'arrives?', 'arriving', '(?:is )?delivered', 'delivery', 'comes by post', 'here from', 'available from')}\\b`,
  '(?:\\s+(?:on|about|around))?',
);
const WEEKDAYS = [1, 2, 3, 4, 5, 6, 7].map(weekdayName);
const ON_WEEKDAY = new RegExp(
  `[(,]?\\s*(?:\\b(?:only\\s+)?(?:on|every|each)\\s+)(?<day>${WEEKDAYS.join('|')})s?\\b\\)?`,
  'iu',
);
/** “Mon: …”; “Sun: …” speaks of the sun. */
const WEEKDAY_FIRST = pattern(
  `^(?<day>${or(...WEEKDAYS.map((w) => (w === 'Sunday' ? 'Sundays?' : `${w.slice(0, 3)}(?:${w.slice(3)}s?|s|rs|rsday)?`)))})`,
  '\\.?\\s*[:–—-]\\s*',
);
const OPTIONAL = pattern(
  '^(?:optional(?:ly)?|if (?:there is |you have )?time(?: allows)?|extra|bonus|extension)\\s*[:–—-]\\s*',
  '|[(,]\\s*(?:optional|if there is time|if time allows|extra)\\s*\\)?',
);
const GUESS = /^(?:guess|predict(?:ion)?|first guess|before you begin, guess)\s*[:–—-]\s*/iu;
const RAIN =
  /^(?:if it rains|in bad weather|rainy day|wet weather|indoors instead|bad weather)\s*[:,–—-]\s*/iu;
const CAUTION = pattern(
  '^(?:cautions?|warnings?|safety(?: note)?|take care|careful|attention|important)\\s*[:!–—-]\\s*',
  "|^(?:do not|don[’']t|never|be careful|keep (?:away|them|it|the)\\b.*\\b(?:away|from)|small parts\\b)",
);
const WHEN = /,\s*(?:in the\s+)?(?<when>morning|midday|afternoon|evening)\b/iu;

/** Whether a line warns of something: it is kept as it stands. */
export const isCaution = (text: string): boolean => CAUTION.test(text.trim());

/**
 * What a piece of text says beside what is done.
 * @returns the fields it gives, and the text without the words that gave them; with words left that say more, they stay
 */
export function remarksIn(text: string, dates: DatesWritten): { said: Said; rest: string } {
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
    const date = dateIn(rest, dates.near, dates.order);
    if (date) {
      said.earliest = date.date;
      const before = rest.slice(0, BEFORE.exec(rest)!.index).trim();
      // “The yarn arrives 12 Nov.” is a remark as a whole; “Dye it (not before 12 Nov)” is not.
      rest = before.split(/\s+/u).length <= 3 && /arriv|deliver/iu.test(rest) ? '' : tidied(before);
    }
  }
  take(FOR_SOME, () => undefined);
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

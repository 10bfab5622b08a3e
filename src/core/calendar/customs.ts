/**
 * Customs of the country a family lives in: the order of day and month, the clock, the paper, money, and what a school
 * grade is called. From the Unicode CLDR (by `Intl`, shipped with the runtime) and ISO 4217 (package
 * `country-to-currency`); nothing is looked up anywhere. What the family says itself comes first.
 */
import currencies from 'country-to-currency';
import { addDays, mondayOf } from './dates';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';

/** Which of two numbers with a stroke or a point between them comes first. */
export type DateOrder = 'day first' | 'month first';
/** Hours on the clock. */
export type Clock = 12 | 24;
export type PaperSize = 'A4' | 'letter';
/** Grams, litres and metres; or ounces, quarts and feet. */
export type Measures = 'metric' | 'customary';
/** Of words that are written in two ways: colour, color. */
export type Spelling = 'British' | 'American';

export interface Customs {
  /** Language and country, as `Intl` takes it; `en-GB` where no country is said. */
  locale: string;
  order: DateOrder;
  clock: Clock;
  paper: PaperSize;
  /** Code by ISO 4217; empty where no country is said. */
  currency: string;
  measures: Measures;
  spelling: Spelling;
  /** ISO weekday with which a week begins where weeks are shown, 1 Monday to 7 Sunday. */
  weekStarts: number;
}

/** Countries whose paper is US Letter: CLDR, supplemental data, `paperSize`. From memory. */
const LETTER = new Set(['BZ', 'CA', 'CL', 'CO', 'CR', 'GT', 'MX', 'NI', 'PA', 'PH', 'PR', 'SV', 'US', 'VE']);

/** Countries that measure in customary units, and that spell as America does: CLDR, supplemental data, `measurementData`; from memory. */
const CUSTOMARY = new Set(['US', 'LR', 'MM']);
const AMERICAN = new Set(['US', 'PH', 'LR', 'PR']);

const isCountry = (code: string): boolean => /^[A-Z]{2}$/.test(code);

/** The order of day and month in numbers; day first where no country is said. */
export function dateOrderIn(country: string): DateOrder {
  if (!isCountry(country)) return 'day first';
  const parts = new Intl.DateTimeFormat(`en-${country}`, { day: 'numeric', month: 'numeric' }).formatToParts(
    0,
  );
  return parts.find((p) => p.type === 'day' || p.type === 'month')?.type === 'month'
    ? 'month first'
    : 'day first';
}

function clockIn(country: string): Clock {
  if (!isCountry(country)) return 24;
  const { hourCycle } = new Intl.DateTimeFormat(`en-${country}`, { hour: 'numeric' }).resolvedOptions();
  return hourCycle === 'h12' || hourCycle === 'h11' ? 12 : 24;
}

/** The weekday with which a week begins, by the CLDR; Monday where no country is said. */
function weekStartsIn(country: string): number {
  if (!isCountry(country)) return 1;
  // The standard has both spellings of it; runtimes have one or the other.
  const locale = new Intl.Locale(`en-${country}`) as Intl.Locale & {
    weekInfo?: { firstDay: number };
    getWeekInfo?: () => { firstDay: number };
  };
  return (locale.getWeekInfo?.() ?? locale.weekInfo)?.firstDay ?? 1;
}

/** When a school year usually begins, month and day; common usage, no source. In September where nothing else is known. */
const BEGINS: Record<string, string> = {
  US: '08-15',
  AU: '01-27',
  NZ: '02-01',
  ZA: '01-15',
  BR: '02-01',
  AR: '03-01',
  CL: '03-01',
  JP: '04-01',
  IN: '04-01',
  KR: '03-02',
  SG: '01-02',
};
/** Days from the first to the last of a school year; those before its end with which it is not worth beginning; and after which one waits no more. */
const YEAR = { days: 280, least: 60, soon: 75 };

/**
 * The school year that a family of a country is likely to plan on a day: the one to come where that is soon, else what is left
 * of the one that runs. Where no country is said: from the day on.
 */
export function likelyYear(country: string, today: IsoDate): { starts: IsoDate; ends: IsoDate } {
  if (!isCountry(country)) return { starts: today, ends: addDays(today, YEAR.days) };
  const begins = (year: number): IsoDate => mondayFrom(`${year}-${BEGINS[country] ?? '09-01'}`);
  const now = Number(today.slice(0, 4));
  const next = [begins(now), begins(now + 1)].find((d) => d >= today)!;
  const last = [begins(now), begins(now - 1)].find((d) => d < today)!;
  const ends = addDays(last, YEAR.days);
  const isNext = next <= addDays(today, YEAR.soon) || ends < addDays(today, YEAR.least);
  return isNext ? { starts: next, ends: addDays(next, YEAR.days) } : { starts: today, ends };
}

const mondayFrom = (date: IsoDate): IsoDate => (mondayOf(date) === date ? date : addDays(mondayOf(date), 7));

/** A language tag with the wanted order of day and month: dates are typed in it. */
function localeFor(country: string, order: DateOrder): string {
  if (isCountry(country) && dateOrderIn(country) === order) return `en-${country}`;
  return order === 'month first' ? 'en-US' : 'en-GB';
}

/** The country of a family: as it says where it lives, else where its year's holidays are looked up. */
export const countryOf = ({ family, year }: Pick<Plan, 'family' | 'year'>): string =>
  family?.lives?.country || year?.country || '';

/** The customs of a family: of its country, but for what it has said itself. */
export function customsOf(plan: Pick<Plan, 'family' | 'year'>): Customs {
  const country = countryOf(plan);
  const own = plan.family?.lives;
  const order = own?.dates ?? dateOrderIn(country);
  return {
    locale: localeFor(country, order),
    order,
    clock: own?.clock ?? clockIn(country),
    paper: own?.paper ?? (LETTER.has(country) ? 'letter' : 'A4'),
    measures: own?.measures ?? (CUSTOMARY.has(country) ? 'customary' : 'metric'),
    spelling: own?.spelling ?? (AMERICAN.has(country) ? 'American' : 'British'),
    weekStarts: own?.weekStarts ?? weekStartsIn(country),
    currency: isCountry(country) ? ((currencies as Record<string, string>)[country] ?? '') : '',
  };
}

/** How dates are written in what a family brings in: near which day one without a year lies, and in which order. */
export interface DatesWritten {
  near: IsoDate;
  order: DateOrder;
}
export const datesWritten = (plan: Pick<Plan, 'family' | 'year'>, near: IsoDate): DatesWritten => ({
  near,
  order: customsOf(plan).order,
});

/** What a school grade is called: grade, year (one on in England and New Zealand) or class. Common usage, no source. */
export function gradeName(grade: number, country: string): string {
  if (['GB', 'NZ'].includes(country)) return grade < 0 ? 'before school' : `year ${grade + 1}`;
  if (grade < 0) return 'before school';
  if (country === 'AU') return grade === 0 ? 'foundation' : `year ${grade}`;
  if (['DE', 'AT', 'CH', 'NL', 'DK', 'SE', 'NO', 'IE', 'IN'].includes(country))
    return grade === 0 ? 'kindergarten' : `class ${grade}`;
  return grade === 0 ? 'kindergarten' : `grade ${grade}`;
}

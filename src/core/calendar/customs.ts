/**
 * Customs of the country a family lives in: the order of day and month, the clock, the paper, money, and what a school
 * grade is called. From the Unicode CLDR (by `Intl`, shipped with the runtime) and ISO 4217 (package
 * `country-to-currency`); nothing is looked up anywhere. What the family says itself comes first.
 */
import currencies from 'country-to-currency';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';

/** Which of two numbers with a stroke or a point between them comes first. */
export type DateOrder = 'day first' | 'month first';
/** Hours on the clock. */
export type Clock = 12 | 24;
export type PaperSize = 'A4' | 'letter';

export interface Customs {
  /** Language and country, as `Intl` takes it; `en-GB` where no country is said. */
  locale: string;
  order: DateOrder;
  clock: Clock;
  paper: PaperSize;
  /** Code by ISO 4217; empty where no country is said. */
  currency: string;
}

/** Countries whose paper is US Letter: CLDR, supplemental data, `paperSize`. From memory. */
const LETTER = new Set(['BZ', 'CA', 'CL', 'CO', 'CR', 'GT', 'MX', 'NI', 'PA', 'PH', 'PR', 'SV', 'US', 'VE']);

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

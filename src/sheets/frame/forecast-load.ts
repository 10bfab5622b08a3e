/** The forecast of a unit in words, for the sheets that show its length. */
import { dayMonth } from '@/core/calendar/dates';
import { forecastInWords, forecastOf } from '@/core/forecast/forecast';
import type { IsoDate } from '@/core/plan/measures';
import { once } from '@/core/plan/once';
import type { Plan } from '@/core/plan/plan';
import type { Unit } from '@/core/plan/unit';
import { readClosedYear } from '@/data/closed-years';
import { store } from '@/data/open';

export interface ForecastLine {
  /** “between 19 and 27 Nov, 86 in 100 by 27 Nov”. */
  text: string;
  /** For a title block: “19 to 27 Nov”. */
  short: string;
  isKnown: boolean;
  /** Dates of an end, each with its share, for the ruler. */
  ends: { date: IsoDate; share: number }[];
}

/** What was worked out of a plan already, by unit and day. */
const forecastsOf = once((_: Plan) => new Map<string, ForecastLine | undefined>());

/** The forecast of a unit, worked out once for each plan and day. */
export function forecastFor(plan: Plan, unit: Unit | undefined, today: IsoDate): ForecastLine | undefined {
  if (!unit) return undefined;
  const known = forecastsOf(plan);
  const key = `${unit.id} ${today}`;
  if (!known.has(key)) known.set(key, forecastAnew(plan, unit, today));
  return known.get(key);
}

/** The days of the year that was closed last count too; those before it are too long ago to say much. */
function forecastAnew(plan: Plan, unit: Unit, today: IsoDate): ForecastLine | undefined {
  const last = plan.closedYears.at(-1);
  const slice = last && readClosedYear(store(), last.id);
  const forecast = forecastOf(plan, unit, today, slice ? [slice] : []);
  if (!forecast) return undefined;
  const { first, last: late, isKnown, ends } = forecast;
  return {
    text: forecastInWords(forecast, plan.family?.daysExpected ?? 100),
    short: shortOf(first, late),
    isKnown,
    ends,
  };
}

function shortOf(first: IsoDate | null, last: IsoDate | null): string {
  if (first === null) return 'not this year';
  if (last === null) return `${dayMonth(first)} or later`;
  if (first === last) return dayMonth(first);
  const from = first.slice(0, 7) === last.slice(0, 7) ? String(Number(first.slice(8))) : dayMonth(first);
  return `${from} to ${dayMonth(last)}`;
}

/**
 * Customs of the country a family lives in, as the Unicode CLDR has them (by `Intl`, shipped with the runtime): nothing is
 * looked up anywhere.
 */
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';

/** Which of two numbers with a stroke or a point between them comes first. */
export type DateOrder = 'day first' | 'month first';

/** How dates in a text are read: near which day, and in which order of day and month. */
export interface Reader {
  near: IsoDate;
  order: DateOrder;
}

/** @param country ISO 3166 code of two letters; empty: not said, day first */
export function dateOrderIn(country: string): DateOrder {
  if (!/^[A-Z]{2}$/.test(country)) return 'day first';
  const parts = new Intl.DateTimeFormat(`en-${country}`, { day: 'numeric', month: 'numeric' }).formatToParts(
    0,
  );
  return parts.find((p) => p.type === 'day' || p.type === 'month')?.type === 'month'
    ? 'month first'
    : 'day first';
}

/** How dates are read that this family brings in. */
export const readerOf = (plan: Plan, near: IsoDate): Reader => ({
  near,
  order: dateOrderIn(plan.year?.country ?? ''),
});

/** The dates of borrowing: library days, how far a loan has come, when it is due, and the fewest trips that do. */
import { addDays, weekdayOf } from '../calendar/dates';
import type { IsoDate } from '../plan/measures';
import type { Card, Loan } from '../plan/loan';

export type Stage = 'to ask for' | 'asked for' | 'ready' | 'out' | 'back';

export function stageOf(loan: Loan): Stage {
  if (loan.back) return 'back';
  if (loan.from) return 'out';
  if (loan.ready) return 'ready';
  return loan.asked ? 'asked for' : 'to ask for';
}

/** The first library day on a date or after it. */
export function libraryDayFrom(card: Card, date: IsoDate): IsoDate {
  for (let i = 0; ; i++) if (card.days.includes(weekdayOf(addDays(date, i)))) return addDays(date, i);
}

/** The last library day on a date or before it. */
export function libraryDayUntil(card: Card, date: IsoDate): IsoDate {
  for (let i = 0; ; i++) if (card.days.includes(weekdayOf(addDays(date, -i)))) return addDays(date, -i);
}

/** The day a loan fetched on a date is due, after so many renewals more. */
export function dueAfter(card: Card, from: IsoDate, renewals = 0): IsoDate {
  return addDays(from, card.weeks * 7 * (1 + renewals));
}

/** Something that takes a trip to the library between two dates, both included. */
export interface Errand {
  what: string;
  first: IsoDate;
  last: IsoDate;
}

export interface Trip<E extends Errand = Errand> {
  date: IsoDate;
  errands: E[];
}

/**
 * The fewest trips on library days that do every errand in its time, and the errands for which there is no library day.
 * Interval stabbing: errands by their last day, each on the trip last made if that is in its time, else on the last
 * library day that is. No fewer trips can do, since each trip's first errand ends before the next trip's begins.
 */
export function fewestTrips<E extends Errand>(
  card: Card,
  errands: readonly E[],
): { trips: Trip<E>[]; missed: E[] } {
  const trips: Trip<E>[] = [];
  const missed: E[] = [];
  for (const errand of [...errands].sort((a, b) => {
    if (a.last < b.last) return -1;
    if (a.last > b.last) return 1;
    return 0;
  })) {
    const made = trips.find((t) => errand.first <= t.date && t.date <= errand.last);
    const date = libraryDayUntil(card, errand.last);
    if (made) made.errands.push(errand);
    else if (date < errand.first) missed.push(errand);
    else trips.push({ date, errands: [errand] });
  }
  return { trips: trips.sort((a, b) => (a.date < b.date ? -1 : 1)), missed };
}

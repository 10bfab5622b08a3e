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

/** The first library day on which a thing can be fetched, as far as is known. */
export function soonest(loan: Loan, card: Card, today: IsoDate): IsoDate {
  const from = loan.ready ?? loan.expected ?? today;
  return libraryDayFrom(card, from > today ? from : today);
}

/** The last day it can be kept to: when it is due, renewed as often as the card and the library let. */
export const keptUntil = (card: Card, loan: Loan, due: IsoDate): IsoDate =>
  loan.refused || card.renewals <= loan.renewals
    ? due
    : dueAfter(card, due, card.renewals - loan.renewals - 1);

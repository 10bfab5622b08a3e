/** Trips to the shops and to the library: as few as do everything in its time. */
import type { IsoDate } from '../plan/measures';

/** Something that takes a trip between two dates, both included. */
export interface Errand {
  first: IsoDate;
  last: IsoDate;
}

export interface Trip<E extends Errand = Errand> {
  date: IsoDate;
  errands: E[];
}

/**
 * The fewest trips that do every errand in its time, and the errands for which there is no day to go. Interval stabbing:
 * errands by their last day, each on a trip already made if that is in its time, else on the last day to go that is. No
 * fewer trips can do, since each trip's first errand ends before the next trip's begins.
 * @param dayUntil the last day to go up to a date; undefined where there is none
 */
export function fewestTrips<E extends Errand>(
  dayUntil: (date: IsoDate) => IsoDate | undefined,
  errands: readonly E[],
): { trips: Trip<E>[]; missed: E[] } {
  const trips: Trip<E>[] = [];
  const missed: E[] = [];
  for (const errand of [...errands].sort((a, b) => (a.last < b.last ? -1 : Number(a.last > b.last)))) {
    const made = trips.find((t) => errand.first <= t.date && t.date <= errand.last);
    const date = dayUntil(errand.last);
    if (made) made.errands.push(errand);
    else if (date === undefined || date < errand.first) missed.push(errand);
    else trips.push({ date, errands: [errand] });
  }
  return { trips: trips.sort((a, b) => (a.date < b.date ? -1 : 1)), missed };
}

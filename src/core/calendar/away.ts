/** When somebody is away, by day, and what of a stretch of time is left beside it. */
import type { IsoDate } from '../plan/measures';
import { onceOf } from '../plan/once';
import type { Plan } from '../plan/plan';

/** The parent, as a name among those whose time is counted. */
export const PARENT = 'parent';

/** Minutes after midnight, from the first to before the last. */
export interface Stretch {
  from: number;
  to: number;
}

export interface Away extends Stretch {
  /** A child's or an adult's id, or the parent. */
  who: string;
  title: string;
}

/** Who is away when, by date; worked out once for a plan's appointments. */
export const awayOf = onceOf<Plan, 'appointments', ReadonlyMap<IsoDate, readonly Away[]>>(
  ['appointments'],
  ({ appointments }) => {
    const found = new Map<IsoDate, Away[]>();
    for (const { childIds, adultIds, parent, dates, starts, ends, title } of appointments)
      for (const date of dates) {
        if (!found.has(date)) found.set(date, []);
        for (const who of [...childIds, ...adultIds, ...(parent ? [PARENT] : [])])
          found.get(date)!.push({ who, from: starts, to: ends, title });
      }
    return found;
  },
);

/** What is left of a stretch of time beside others, in order. */
export function leftOf({ from, to }: Stretch, taken: readonly Stretch[]): Stretch[] {
  const left: Stretch[] = [];
  let at = from;
  for (const t of [...taken].sort((a, b) => a.from - b.from)) {
    if (t.from > at && at < to) left.push({ from: at, to: Math.min(t.from, to) });
    at = Math.max(at, t.to);
  }
  if (at < to) left.push({ from: at, to });
  return left;
}

/** Minutes in stretches that do not overlap. */
export const minutesOf = (stretches: readonly Stretch[]): number =>
  stretches.reduce((sum, s) => sum + s.to - s.from, 0);

/**
 * The first moment, from one on, at which so many minutes are free of what is taken.
 * @param taken in any order; may overlap
 */
export function freeFrom(at: number, length: number, taken: readonly Stretch[]): number {
  for (;;) {
    const hit = taken.find((t) => t.from < at + Math.max(1, length) && t.to > at);
    if (!hit) return at;
    at = hit.to;
  }
}

/** Somebody who is needed for so many minutes from a start, and when they are somewhere else. */
export interface Needed {
  length: number;
  away: readonly Stretch[];
}

/** The first moment, from one on, at which all of these are there for as long as they are needed. */
export function freeForAll(from: number, needed: readonly Needed[]): number {
  for (let at = from; ;) {
    const next = needed.reduce((t, { length, away }) => freeFrom(t, length, away), at);
    if (next === at) return at;
    at = next;
  }
}

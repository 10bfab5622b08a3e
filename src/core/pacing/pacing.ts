/** Pacing: so many lessons on so many days, as evenly as can be, and the figures around it. */

/**
 * The day, from 0, on which each of n lessons falls when spread over m days: lesson i on day ⌊i·m/n⌋.
 * No two stretches of equal length differ by more than one lesson (a balanced word).
 * @param lessons n ≥ 0
 * @param days m ≥ 1
 */
export function spread(lessons: number, days: number): number[] {
  if (days < 1) throw new RangeError('spread needs at least one day');
  return Array.from({ length: lessons }, (_, i) => Math.floor((i * days) / lessons));
}

/** Whole school weeks that n lessons take at so many a week. */
export function weeksAtPace(lessons: number, perWeek: number): number {
  return Math.ceil(lessons / perWeek);
}

/** Lessons a week needed to teach n lessons in so many school weeks; not rounded. */
export function paceForWeeks(lessons: number, weeks: number): number {
  return lessons / weeks;
}

/** Lessons over a unit's pace, where they could keep it. */

/**
 * How many lessons begin over the pace in weeks that keep it. More than the pace has until the end of the year have nowhere
 * else to begin: they are not counted.
 * @param begun by school week the lessons that begin in it, and whether one of them is free to begin in another
 * @param weeks school weeks in the year
 */
export function overPaceIn(
  begun: ReadonlyMap<number, { lessons: number; keeps: boolean }>,
  perWeek: number,
  weeks: number,
): number {
  let over = 0;
  let later = 0;
  for (let week = weeks - 1; week >= 0; week--) {
    const here = begun.get(week);
    if (!here) continue;
    later += here.lessons;
    const isSqueezed = later > perWeek * (weeks - week);
    if (here.keeps && !isSqueezed) over += Math.max(0, here.lessons - perWeek);
  }
  return over;
}

/** Age and school grade from a birth month; both are taken on a day, since they grow with the year. */
import type { IsoDate } from './measures';

/** Whole years of age on a date. With only the month known, a birthday counts from the first of its month. */
export function ageOn(birthMonth: string, date: IsoDate): number {
  const years = Number(date.slice(0, 4)) - Number(birthMonth.slice(0, 4));
  return date.slice(5, 7) >= birthMonth.slice(5, 7) ? years : years - 1;
}

/** School grade that goes with an age: grade 1 at six (common practice, no source). Zero and below: before school. */
export function gradeOf(birthMonth: string, date: IsoDate): number {
  return ageOn(birthMonth, date) - 5;
}

/** Age and school grade from a birth month; both are taken on a day, since they grow with the year. */
import { inAList } from './called';
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

/** Ages in words: “8 to 12”, “8 and up”, “up to 12”; empty where neither end is said. */
export function agesInWords(from: number | null, to: number | null): string {
  if (from !== null && to !== null) return from === to ? String(from) : `${from} to ${to}`;
  if (from !== null) return `${from} and up`;
  return to === null ? '' : `up to ${to}`;
}

/** What is to be said of the age something is meant for: “Meant for 8 and up: Junia is 6.” Empty where it suits all. */
export function ageMessage(
  { ageFrom, ageTo }: { ageFrom: number | null; ageTo: number | null },
  children: readonly { name: string; birthMonth: string }[],
  date: IsoDate,
): string {
  const outside = children
    .map((c) => ({ name: c.name, age: ageOn(c.birthMonth, date) }))
    .filter(({ age }) => (ageFrom !== null && age < ageFrom) || (ageTo !== null && age > ageTo));
  return outside.length
    ? `Meant for ${agesInWords(ageFrom, ageTo)}: ${inAList(outside.map((c) => `${c.name} is ${c.age}`))}.`
    : '';
}

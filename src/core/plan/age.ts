/** Age and school grade from a birth month; both are taken on a day, since they grow with the year. */
import { inAList } from './called';
import type { IsoDate } from './measures';

/** Whole years of age on a date. With only the month known, a birthday counts from the first of its month. */
export function ageOn(birthMonth: string, date: IsoDate): number {
  const years = Number(date.slice(0, 4)) - Number(birthMonth.slice(0, 4));
  return date.slice(5, 7) >= birthMonth.slice(5, 7) ? years : years - 1;
}

/**
 * School grade: grade 1 for who is six as the school year begins (common practice, no source), and the same until the
 * next one begins. Zero and below: before school.
 * @param yearStarts the first day of the school year; without it the last 1 September is taken
 */
export function gradeOf(birthMonth: string, date: IsoDate, yearStarts?: IsoDate): number {
  const isWithin = yearStarts && yearStarts <= date && lastSeptember(date) <= addYear(yearStarts);
  return ageOn(birthMonth, isWithin ? yearStarts : lastSeptember(date)) - 5;
}

const addYear = (date: IsoDate): IsoDate => `${Number(date.slice(0, 4)) + 1}${date.slice(4)}`;

/** The 1 September by which ages are told at school; schools that begin in late August count by the one to come. */
function lastSeptember(date: IsoDate): IsoDate {
  const year = Number(date.slice(0, 4));
  return `${date.slice(5) >= '08-15' ? year : year - 1}-09-01`;
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

/**
 * How much a child can write in how long: letters a minute, by grade or as measured, and the stretch of attention that
 * suits the age.
 */
import type { IsoDate } from '../plan/measures';
import type { Child, Mark, Measure } from '../plan/plan';
import { ageOn, gradeOf } from '../plan/age';

/**
 * Letters a minute when copying, grades 1 to 9: means of girls and boys in Graham, Berninger, Weintraub and
 * Schafer 1998, “Development of handwriting speed and legibility in grades 1–9”. Values from memory.
 */
export const COPY_RATE = [19, 34, 47, 63, 73, 84, 100, 115, 118];

/** The published rates are a short test of speed; what is left of them over a whole stretch of work. Our own choice. */
export const SUSTAINED = 0.7;
/** Finding one's own words as well: what is left of the sustained rate. Our own choice. */
export const COMPOSING = 0.5;

/** Letters a minute kept up over a stretch of copying. Before grade 1 half the rate of grade 1; above 9 that of 9. */
export function sustainedRate(grade: number): number {
  const test = grade < 1 ? COPY_RATE[0] / 2 : COPY_RATE[Math.min(9, grade) - 1];
  return test * SUSTAINED;
}

/** Minutes of one sitting of handwriting that suit an age: two a year of life (common practice, no source). */
export function attentionStretch(age: number): number {
  return Math.max(4, 2 * age);
}

/** A child's hand on a date. */
export interface Writer {
  /** Letters a minute kept up while copying. */
  rate: number;
  /** Pieces of copying it was measured on; 0 for the table's value. */
  measuredOn: number;
  /** Minutes of one sitting that suit the age. */
  stretch: number;
}

/** Measured minutes below which a rate says too little to go by, and pieces that make it up, the latest. Own choice. */
const MEASURED_ENOUGH = 10;
const LATEST = 6;

/**
 * Letters over minutes of a child's latest pieces of copying; null under ten minutes of them.
 * @param marks marks of the whole plan; those of this child that say letters and minutes count
 */
export function measuredHand(childId: string, marks: readonly Mark[]): Measure | null {
  const measured = marks
    .filter((m) => m.childId === childId && m.letters && m.minutes)
    .sort((a, b) => (a.date < b.date ? -1 : 1))
    .slice(-LATEST);
  const minutes = measured.reduce((sum, m) => sum + m.minutes!, 0);
  if (minutes < MEASURED_ENOUGH) return null;
  return { amount: measured.reduce((sum, m) => sum + m.letters!, 0), minutes, on: measured.length };
}

/**
 * A child's hand: what was measured this year, else in the year before; until there is enough of either, the table's value
 * for the grade on the date.
 */
export function writerOf(child: Child, date: IsoDate, marks: readonly Mark[] = []): Writer {
  const stretch = attentionStretch(ageOn(child.birthMonth, date));
  const measured = measuredHand(child.id, marks) ?? child.measured.hand;
  return measured
    ? { rate: Math.max(1, measured.amount / measured.minutes), measuredOn: measured.on, stretch }
    : { rate: sustainedRate(gradeOf(child.birthMonth, date)), measuredOn: 0, stretch };
}

/** Letters of a text: what the hand has to form, spaces left out. */
export function lettersOf(text: string): number {
  return text.replace(/\s+/g, '').length;
}

/** @param rate letters a minute kept up while copying */
export function minutesToCopy(letters: number, rate: number): number {
  return Math.ceil(letters / rate);
}

/** @param rate letters a minute kept up while copying; composing takes longer */
export function minutesToCompose(letters: number, rate: number): number {
  return Math.ceil(letters / (rate * COMPOSING));
}

/**
 * How much a child can write in how long: letters a minute, by grade or as measured, and the stretch of attention that
 * suits the age.
 */
import type { IsoDate, Rung } from '../plan/measures';
import type { Child, Mark, Measure } from '../plan/plan';
import { ageOn, gradeOf } from '../plan/age';

/**
 * Letters a minute when copying, grades 1 to 9: means of girls and boys in Graham, Berninger, Weintraub and
 * Schafer 1998, “Development of handwriting speed and legibility in grades 1–9”. Values from memory.
 */
export const COPY_RATE = [19, 34, 47, 63, 73, 84, 100, 115, 118];

/** The published rates are a short test of speed; what is left of them over a whole stretch of work. Our own choice. */
export const SUSTAINED = 0.7;
/**
 * Words a minute found and written, grades 1 to 8: means of three minutes' writing by Malecki and Jewell 2003 (from
 * memory, rounded), by three. Beyond grade 8 half a word more a grade, our own choice.
 */
export const COMPOSE_RATE = [3.3, 8, 11.3, 14, 16.3, 18, 19.3, 21.3];
/** What is left of that over a whole stretch of work, with thinking and reading over. Our own choice. */
export const COMPOSING = 0.5;

/**
 * Words of a sentence that is written, by grade: words to a T-unit of Hunt 1965 for grades 4, 8 and 12 (8.6, 11.5, 14.4),
 * of O'Donnell, Griffin and Norris 1967 for grade 3 (7.7); both from memory, in between in proportion.
 */
const T_UNIT: readonly [grade: number, words: number][] = [
  [1, 6],
  [3, 7.7],
  [4, 8.6],
  [8, 11.5],
  [12, 14.4],
];
/** Letters of a written word. Common practice, no source. */
const LETTERS_A_WORD = 4.5;

/** Words of a sentence as it is written at a grade. */
export function wordsOfSentence(grade: number): number {
  const next = T_UNIT.findIndex(([g]) => g >= grade);
  if (next === 0) return T_UNIT[0][1];
  if (next < 0) return T_UNIT[T_UNIT.length - 1][1];
  const [[from, a], [to, b]] = [T_UNIT[next - 1], T_UNIT[next]];
  return a + ((b - a) * (grade - from)) / (to - from);
}

/** Words a minute of composing that are kept up, at a grade. */
export function composingRate(grade: number): number {
  const known = COMPOSE_RATE.length;
  const test =
    grade > known
      ? COMPOSE_RATE[known - 1] + (grade - known) / 2
      : grade < 1
        ? COMPOSE_RATE[0] / 2
        : COMPOSE_RATE[grade - 1];
  return test * COMPOSING;
}

/** Letters a minute kept up over a stretch of copying. Before grade 1 half the rate of grade 1; above 9 that of 9. */
export function sustainedRate(grade: number): number {
  const test = grade < 1 ? COPY_RATE[0] / 2 : COPY_RATE[Math.min(9, grade) - 1];
  return test * SUSTAINED;
}

/** Minutes of one sitting of handwriting that suit an age: two a year of life (common practice, no source). */
export function attentionStretch(age: number): number {
  return Math.max(4, 2 * age);
}

/** A child's hand on a date, and what else of the child an amount of work goes by. */
export interface Writer {
  /** Letters a minute kept up while copying. */
  rate: number;
  /** Pieces of copying it was measured on; 0 for the table's value. */
  measuredOn: number;
  /** Minutes of one sitting that suit the age. */
  stretch: number;
  age: number;
  grade: number;
  /** The letter the name begins with, to be traced before words are. */
  initial: string;
}

/** Years of age at which a rung is first proposed; the table of `proposedRung`. */
const FIRST_AGE: Record<Rung, number> = { 1: 3, 2: 5, 3: 7, 4: 9, 5: 12 };
/** A hand so much faster than its grade's is worth a year. Own choice. */
const FAST = 1.25;

/**
 * Half steps within a rung: years a child is past the age at which it is first proposed, one more for a fast hand. Two
 * children of different ages on one rung are not given the same.
 */
export function stepOn(rung: Rung, writer: Writer): number {
  const fast = writer.measuredOn > 0 && writer.rate > FAST * sustainedRate(writer.grade) ? 1 : 0;
  return Math.max(-2, Math.min(4, writer.age - FIRST_AGE[rung])) + fast;
}

/** An amount between those of a rung and the next, by the half step a child stands on; beyond the last it grows with the grade. */
export function amountOn(table: Record<Rung, number>, rung: Rung, writer: Writer): number {
  const here = table[rung];
  const towards = rung < 5 ? table[(rung + 1) as Rung] - here : here - table[4];
  return Math.max(1, Math.round(here + (towards * stepOn(rung, writer)) / 4));
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
export function writerOf(
  child: Child,
  date: IsoDate,
  marks: readonly Mark[] = [],
  yearStarts?: IsoDate,
): Writer {
  const age = ageOn(child.birthMonth, date);
  const grade = gradeOf(child.birthMonth, date, yearStarts);
  const of = {
    age,
    grade,
    stretch: attentionStretch(age),
    initial: child.name.trim()[0]?.toUpperCase() ?? '',
  };
  const measured = measuredHand(child.id, marks) ?? child.measured.hand;
  return measured
    ? { ...of, rate: Math.max(1, measured.amount / measured.minutes), measuredOn: measured.on }
    : { ...of, rate: sustainedRate(grade), measuredOn: 0 };
}

/** Letters of a text: what the hand has to form, spaces left out. */
export function lettersOf(text: string): number {
  return text.replace(/\s+/g, '').length;
}

/** @param rate letters a minute kept up while copying */
export function minutesToCopy(letters: number, rate: number): number {
  return Math.ceil(letters / rate);
}

/** Minutes to find and write so many sentences; a hand measured faster or slower than its grade's composes so too. */
export function minutesToCompose(sentences: number, { rate, grade }: Pick<Writer, 'rate' | 'grade'>): number {
  const hand = Math.min(2, Math.max(0.5, rate / sustainedRate(grade)));
  return Math.ceil((sentences * wordsOfSentence(grade)) / (composingRate(grade) * hand));
}

/** Letters of so many sentences of one's own. */
export const lettersOfSentences = (sentences: number, grade: number): number =>
  Math.round(sentences * wordsOfSentence(grade) * LETTERS_A_WORD);

/** Lines of writing that so many sentences of a grade take, with two to spare; at least four. */
export function linesFor(letters: number, age: number): number {
  const inALine = age >= 12 ? 52 : age >= 9 ? 42 : 30;
  return Math.min(18, Math.max(4, Math.ceil(letters / inALine) + 2));
}

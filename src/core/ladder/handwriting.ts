/** How much a child can write in how long: letters a minute by grade, and the stretch of attention that suits the age. */

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

/** Letters of a text: what the hand has to form, spaces left out. */
export function lettersOf(text: string): number {
  return text.replace(/\s+/g, '').length;
}

export function minutesToCopy(letters: number, grade: number): number {
  return Math.ceil(letters / sustainedRate(grade));
}

export function minutesToCompose(letters: number, grade: number): number {
  return Math.ceil(letters / (sustainedRate(grade) * COMPOSING));
}

/** Numbers as they are written in words, to read them. */

const WORDS = [
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
  'thirteen',
  'fourteen',
  'fifteen',
  'sixteen',
  'seventeen',
  'eighteen',
  'nineteen',
  'twenty',
];

/** Any of them, for a pattern: longest first, so that “seventeen” is not read as “seven”. */
export const NUMBER_WORDS = `(?:${[...WORDS].sort((a, b) => b.length - a.length).join('|')})`;

/** “a”, “three”, “12” or “1,5” as a number; NaN for what is none. */
export function numberIn(written: string): number {
  const word = written.trim().toLowerCase();
  if (/^an?$/.test(word)) return 1;
  return WORDS.indexOf(word) + 1 || Number(word.replace(',', '.'));
}

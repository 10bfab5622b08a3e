import { NUMBER_WORDS, numberIn } from './number-words';

const before = (unit: string, most: number): RegExp =>
  new RegExp(
    `(?<![\\p{L}\\d])(\\d{1,${most}}|an?|${NUMBER_WORDS})\\s*${unit}\\s*(?:before|ahead|earlier|in advance)`,
    'iu',
  );
const DAYS = before('days?', 3);
const WEEKS = before('weeks?', 2);

/**
 * How many days ahead a preparation is: “evening before” 1, “order a week ahead” 7, “3 days before” 3; on the day when
 * nothing is said.
 */
export function daysBeforeFrom(text: string): number {
  const days = DAYS.exec(text);
  if (days) return Math.min(365, numberIn(days[1]));
  const weeks = WEEKS.exec(text);
  if (weeks) return Math.min(365, 7 * (numberIn(weeks[1]) || 1));
  if (/\b(?:evening|night|day) before\b|\bovernight\b|\bfreez|\bsoak|\bthaw/i.test(text)) return 1;
  return /\b(?:order|borrow|reserve)\b/i.test(text) ? 7 : 0;
}

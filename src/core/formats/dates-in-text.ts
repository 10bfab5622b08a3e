/** Dates as people write them in a line: “9 Nov”, “Nov 9th”, “Monday, 9 November 2026”, “9/11”, “2026-11-09”. */
import type { DateOrder } from '../calendar/customs';
import { addDays, daysBetween, MONTHS } from '../calendar/dates';
import type { IsoDate } from '../plan/measures';

const MONTH = MONTHS.map((m) => (m.length > 4 ? `${m.slice(0, 3)}(?:${m.slice(3)}|t)?` : m)).join('|');
const YEAR = '(?:,?\\s+(?<year>\\d{4}))?';
const WAYS: readonly RegExp[] = [
  /(?<!\d)(?<year>\d{4})-(?<month>\d{2})-(?<day>\d{2})(?!\d)/u,
  new RegExp(
    `(?<!\\d)(?<day>\\d{1,2})(?:st|nd|rd|th)?\\.?\\s+(?:of\\s+)?(?<name>${MONTH})\\b\\.?${YEAR}`,
    'iu',
  ),
  new RegExp(`\\b(?<name>${MONTH})\\b\\.?\\s+(?<day>\\d{1,2})(?:st|nd|rd|th)?(?![\\d:])${YEAR}`, 'iu'),
  /(?<!\d)(?<one>\d{1,2})(?<mark>[./])(?<two>\d{1,2})(?:\k<mark>(?<year>\d{4}|\d{2})(?!\d)|\.)?(?![\d/])/u,
];

/**
 * The first date in a text, with the words it is written with. Without a year it is the one nearest to a day.
 * @param near the day by which a date without a year is read
 */
export function dateIn(
  text: string,
  near: IsoDate,
  order: DateOrder = 'day first',
): { date: IsoDate; words: string } | undefined {
  for (const way of WAYS) {
    const found = way.exec(text);
    if (!found) continue;
    const { year, name, one, two } = found.groups!;
    const month = name
      ? MONTHS.findIndex((m) => m.slice(0, 3).toLowerCase() === name.slice(0, 3).toLowerCase()) + 1
      : Number(found.groups!.month ?? (order === 'day first' ? two : one));
    const day = Number(found.groups!.day ?? (order === 'day first' ? one : two));
    const inYear = (y: number): IsoDate =>
      `${y}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
    const here = Number(near.slice(0, 4));
    const dates = (
      year ? [year.length === 2 ? 2000 + Number(year) : Number(year)] : [here - 1, here, here + 1]
    )
      .map(inYear)
      .filter(isDate);
    const date = dates.sort((a, b) => Math.abs(daysBetween(near, a)) - Math.abs(daysBetween(near, b)))[0];
    if (date) return { date, words: found[0].trim() };
  }
  return undefined;
}

const isDate = (date: IsoDate): boolean => {
  const [year, month, day] = date.split('-').map(Number);
  if (year < 1900 || year > 2200 || month < 1 || month > 12 || day < 1) return false;
  return addDays(`${date.slice(0, 8)}01`, day - 1) === date;
};

/** A trip or a talk of a child, as the record says it. */
import { lengthText, shortDate } from '../calendar/dates';
import type { IsoDate } from '../plan/measures';

/** What was shown or visited; what came again and again under one name is one. */
export interface Shown {
  title: string;
  first: IsoDate;
  last: IsoDate;
  times: number;
  minutes: number;
}

/** “Fri 2 Oct: The weir at Lower Mill, 2 h 30”, “Sums and spelling, 10 times from Tue 1 Sep to Thu 1 Oct, 10 h”. */
export function shownInWords({ title, first, last, times, minutes }: Shown): string {
  const length = minutes ? `, ${lengthText(minutes)}` : '';
  return times === 1
    ? `${shortDate(first)}: ${title}${length}`
    : `${title}, ${times} times from ${shortDate(first)} to ${shortDate(last)}${length}`;
}

/** How far ahead the sheet looks, and how its days are called. */
import { shortDate } from '@/core/calendar/dates';

export const SPANS = [
  { value: 'week', name: 'this week and the next' },
  { value: 'month', name: 'four weeks' },
  { value: 'all', name: 'all that is planned' },
] as const;
export type Span = (typeof SPANS)[number]['value'];

/** The heading of a day of the list. */
export const dayWords = (date: string, today: string): string => {
  if (date < today) return `Was due ${shortDate(date)}`;
  return date === today ? `Today, ${shortDate(date)}` : shortDate(date);
};

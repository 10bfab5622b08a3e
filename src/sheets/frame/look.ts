/**
 * Looking at a year that is closed: the address says which one (`look`), so each window looks at its own; every sheet then
 * shows how things stood, and changes nothing.
 */
import { shortDate } from '@/core/calendar/dates';
import { yearName } from '@/core/plan/called';
import type { ClosedYear } from '@/core/plan/plan';

export const LOOK = 'look';

/** A closed year as the sheets know it. */
export type YearLookedAt = Pick<ClosedYear, 'id' | 'starts' | 'ends' | 'closedAt'>;

export const lookedAtOnly = (year: YearLookedAt): string =>
  `The school year ${yearName(year)} was closed on ${shortDate(year.closedAt.slice(0, 10))} ${year.closedAt.slice(0, 4)}: it is looked at, not changed. Go back to the open year to plan.`;

/** An address of ours in the year that is looked at; as it is where none is. */
export function inYear(href: string, look: string | null | undefined): string {
  if (!look) return href;
  const [path, query = ''] = href.split('?');
  const params = new URLSearchParams(query);
  params.set(LOOK, look);
  return `${path}?${params.toString()}`;
}

/** What the address of this window looks at. */
export const lookOfWindow = (): string | null => new URLSearchParams(window.location.search).get(LOOK);

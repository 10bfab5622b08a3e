/**
 * What day and time it is: here, or as `HAUSPLAN_TODAY` names it, so that the demo does not age. A day alone stands still
 * and has no time (`2026-10-28`); one with a time goes on from there (`2026-10-28T09:20`) when the app starts.
 */
import { getLocalTimeZone, today as dateToday } from '@internationalized/date';
import { nanoid } from 'nanoid';
import type { Clock } from '@/core/dayplan/live';
import type { EditContext } from '@/core/edit/edit';
import { isoDate, type IsoDate } from '@/core/plan/measures';

const named = (): { day: IsoDate; time: string | undefined } | undefined => {
  const [day, time] = process.env.HAUSPLAN_TODAY?.split('T') ?? [];
  return day ? { day: isoDate.parse(day), time } : undefined;
};

/** The moment it is, as facts are written down with it. */
export function now(): Date {
  const at = named();
  return at?.time
    ? new Date(new Date(`${at.day}T${at.time}`).getTime() + process.uptime() * 1000)
    : new Date();
}

export function today(): IsoDate {
  const at = named();
  if (at?.time) return local(now()).date;
  return at?.day ?? dateToday(getLocalTimeZone()).toString();
}

/** The time of today; undefined where the day stands still. */
export function clock(): Clock | undefined {
  const at = named();
  if (at && !at.time) return undefined;
  return { ...local(now()), of: (moment) => local(new Date(moment)) };
}

/** Day and minute here. */
function local(at: Date): { date: IsoDate; minutes: number } {
  const two = (n: number): string => String(n).padStart(2, '0');
  return {
    date: `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`,
    minutes: at.getHours() * 60 + at.getMinutes(),
  };
}

/** What an edit is made with, here and now. */
export const editContext = (): EditContext => ({
  today: today(),
  newId: () => nanoid(12),
  now: now().toISOString(),
});

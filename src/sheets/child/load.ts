import { longDate } from '@/core/calendar/dates';
import type { HatchName } from '@/kit/hatch';
import { dateParam, load, type SearchParams } from '../frame/load';
import { dayRooms } from '../frame/day';

export interface ChildView {
  name: string;
  hatch: HatchName;
  date: string;
  dayInWords: string;
  items: {
    key: string;
    title: string;
    detail: string;
    minutes: number;
    withAdult: boolean;
    together: boolean;
    done: boolean;
  }[];
}

export async function loadChild(childId: string, params: SearchParams): Promise<ChildView | undefined> {
  const { plan, today } = await load(params);
  const child = plan.children.find((c) => c.id === childId);
  if (!child) return undefined;
  const date = (await dateParam(params, 'day')) ?? today;
  return {
    name: child.name,
    hatch: child.hatch,
    date,
    dayInWords: longDate(date),
    items: dayRooms(plan, date, childId)
      .filter((r) => r.childIds.includes(childId))
      .map((r) => ({
        key: r.sittingId,
        title: r.title,
        detail: r.detail,
        minutes: r.ends - r.starts,
        withAdult: r.parentMinutes > 0 || r.adultMinutes > 0,
        together: r.childIds.length > 1,
        done: r.done,
      })),
  };
}

import { addDays } from '@/core/calendar/dates';
import { weekOf } from '@/core/calendar/week';
import { loadsByDay, loadsByWeek, type Stretch } from '@/core/dayplan/loads';
import type { HatchName } from '@/kit/hatch';
import { drawnLessons, type Drawn } from '@/core/edit/ways-through';
import { dateParam, lastDay, load, type FrameInfo, type SearchParams } from '../frame/load';
import { whoIn, type WhoIn } from './who-in';

export interface SeveralView {
  info: FrameInfo;
  today: string;
  hasYear: boolean;
  /** The Monday of the first week drawn, and of the weeks before and after those that are. */
  from: string;
  before: string;
  after: string;
  drawn: Drawn;
  who: Record<string, WhoIn>;
  /** Lessons in pencil up to the last day drawn. */
  inkable: boolean;
  /** Everybody’s minutes on each school day that is drawn, and by week. */
  days: Stretch[];
  weeks: Stretch[];
  everyone: { id: string; name: string; hatch: HatchName }[];
  lastDrawn: string;
}

/** As many weeks as are drawn on one sheet. */
export const WEEKS = 8;

export async function loadSeveral(params: SearchParams): Promise<SeveralView> {
  const { plan, info, today } = await load(params);
  const from = weekOf(
    plan.year,
    (await dateParam(params, 'week')) ?? ((info.looking && lastDay(plan)) || today),
  );
  const drawn = drawnLessons(plan);
  const lastDrawn = addDays(from, 7 * WEEKS - 1);
  const days = loadsByDay(plan, from, lastDrawn);
  return {
    info,
    today,
    hasYear: !!plan.year,
    from,
    before: addDays(from, -7 * WEEKS),
    after: addDays(from, 7 * WEEKS),
    drawn,
    who: whoIn(plan),
    inkable: drawn.lessons.some(
      (l) => l.state === 'pencil' && l.dates.some((d) => d >= from && d <= lastDrawn),
    ),
    lastDrawn,
    days,
    weeks: loadsByWeek(plan, days),
    everyone: plan.children.map(({ id, name, hatch }) => ({ id, name, hatch })),
  };
}

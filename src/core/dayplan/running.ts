/** What dries, soaks or rises: waits that began when a part was done and are not over. */
import { addDays } from '../calendar/dates';
import { windowsOf } from '../calendar/school-days';
import { writtenAt } from '../plan/happened';
import { byId } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { WINDOWS } from '../plan/words';
import type { Clock } from './live';

export interface RunningWait {
  partId: string;
  title: string;
  /** “dries”, as the part says. */
  label: string;
  since: { date: IsoDate; minutes: number };
  until: { date: IsoDate; minutes: number };
}

const DAY = 24 * 60;

/**
 * Waits that are over on this day at the earliest. One begins when the part was ticked, where that was on its day; else at the
 * end of its window.
 */
export function runningOn(plan: Plan, date: IsoDate, clock?: Pick<Clock, 'of'>): RunningWait[] {
  if (!plan.year) return [];
  const windows = windowsOf(plan.year);
  const parts = byId(plan.parts);
  const written = writtenAt(plan);
  const placed = byId(plan.sittings.map((s) => ({ ...s, id: s.partId })));
  return plan.marks
    .filter((m) => m.outcome === 'done' && m.date <= date && (parts.get(m.partId)?.waitAfterHours ?? 0) > 0)
    .flatMap((m): RunningWait[] => {
      const part = parts.get(m.partId)!;
      const at = written(m.id);
      const ticked = at === undefined ? undefined : clock?.of(at);
      const window = windows[WINDOWS.indexOf(placed.get(part.id)?.window ?? 'afternoon')];
      const isOnDay = ticked?.date === m.date && ticked.minutes >= windows[0].starts;
      const minutes = isOnDay ? ticked.minutes : window.ends;
      const over = minutes + part.waitAfterHours * 60;
      const until = { date: addDays(m.date, Math.floor(over / DAY)), minutes: over % DAY };
      return until.date >= date
        ? [
            {
              partId: part.id,
              title: part.title,
              label: part.waitLabel || 'waits',
              since: { date: m.date, minutes },
              until,
            },
          ]
        : [];
    })
    .filter((w, i, all) => all.findIndex((x) => x.partId === w.partId) === i);
}

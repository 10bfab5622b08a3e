/** What a change would come to, before it is made. */
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { redraw } from './redraw';
import { unitDays, type UnitDay } from './unit-days';
import { paceMeeting, verdictInWords, verdictOf, type Verdict } from './verdict';

export interface PaceTried {
  verdict: Verdict;
  message: string;
  days: UnitDay[];
  /** The fewest lessons a week with which a hard end is met, laid out; undefined when there is no end, or no pace meets it. */
  paceForEnd?: number;
}

/** Lays a unit out afresh at another pace or to another end; undefined while there is nothing to lay out on. */
export function tryPace(
  plan: Plan,
  unitId: string,
  { lessonsPerWeek, wishedEnd }: { lessonsPerWeek: number | null; wishedEnd: IsoDate | null },
  today: IsoDate,
): PaceTried | undefined {
  const tried = redraw(
    { ...plan, units: plan.units.map((u) => (u.id === unitId ? { ...u, lessonsPerWeek, wishedEnd } : u)) },
    { today, fresh: [unitId] },
  ).plan;
  const verdict = verdictOf(tried, unitId, today);
  if (!verdict) return undefined;
  return {
    verdict,
    message: verdictInWords(verdict),
    days: unitDays(tried, unitId),
    paceForEnd: wishedEnd ? paceMeeting(tried, unitId, today) : undefined,
  };
}

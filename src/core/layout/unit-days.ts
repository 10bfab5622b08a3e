/** A unit's length, school day by school day: done, inked, pencilled, empty, spare, late. */
import { schoolDays } from '../calendar/school-days';
import { doneParts, homes } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';

export interface UnitDay {
  date: IsoDate;
  weekFrom: IsoDate;
  is: 'done' | 'ink' | 'pencil' | 'empty' | 'spare' | 'late';
}

/** From the unit's first day to its last sitting or its wished end, whichever is later. */
export function unitDays(plan: Plan, unitId: string): UnitDay[] {
  const unit = plan.units.find((u) => u.id === unitId);
  if (!unit || unit.waiting || !plan.year) return [];
  const homeOf = homes(plan);
  // What comes back by itself does not make a day one of the unit's; its lessons and its closing do.
  const inUnit = new Set(
    plan.parts
      .filter(
        (p) =>
          homeOf(p).unit?.id === unitId && (p.lessonId !== null || p.ruleId === null || p.fixedDate === null),
      )
      .map((p) => p.id),
  );
  const done = doneParts(plan);
  const onDay = new Map<IsoDate, { ink: boolean; done: boolean }>();
  let last = '';
  for (const s of plan.sittings) {
    if (!inUnit.has(s.partId)) continue;
    const day = onDay.get(s.date) ?? { ink: false, done: true };
    onDay.set(s.date, { ink: day.ink || s.state === 'ink', done: day.done && done.has(s.partId) });
    if (s.date > last) last = s.date;
  }
  const end = unit.closedOn === null && unit.wishedEnd && unit.wishedEnd > last ? unit.wishedEnd : last;
  return schoolDays(plan.year)
    .filter((d) => d.date >= unit.starts && d.date <= end)
    .map(({ date, weekFrom }) => {
      const day = onDay.get(date);
      const is = day?.done
        ? 'done'
        : day && unit.wishedEnd && date > unit.wishedEnd
          ? 'late'
          : day?.ink
            ? 'ink'
            : day
              ? 'pencil'
              : date > last
                ? 'spare'
                : 'empty';
      return { date, weekFrom, is };
    });
}

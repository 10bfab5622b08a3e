/** A unit's length, school day by school day: done, inked, pencilled, empty, spare, late. */
import { schoolDays } from '../calendar/school-days';
import { byId, doneParts } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';

export interface UnitDay {
  date: IsoDate;
  monday: IsoDate;
  is: 'done' | 'ink' | 'pencil' | 'empty' | 'spare' | 'late';
}

/** From the unit's first day to its last sitting or its wished end, whichever is later. */
export function unitDays(plan: Plan, unitId: string): UnitDay[] {
  const unit = plan.units.find((u) => u.id === unitId);
  if (!unit || !plan.year) return [];
  const lessons = byId(plan.lessons);
  const inUnit = new Set(plan.parts.filter((p) => lessons.get(p.lessonId)?.unitId === unitId).map((p) => p.id));
  const done = doneParts(plan);
  const onDay = new Map<IsoDate, { ink: boolean; done: boolean }>();
  let last = '';
  for (const s of plan.sittings) {
    if (!inUnit.has(s.partId)) continue;
    const day = onDay.get(s.date) ?? { ink: false, done: true };
    onDay.set(s.date, { ink: day.ink || s.state === 'ink', done: day.done && done.has(s.partId) });
    if (s.date > last) last = s.date;
  }
  const end = unit.wishedEnd && unit.wishedEnd > last ? unit.wishedEnd : last;
  return schoolDays(plan.year)
    .filter((d) => d.date >= unit.starts && d.date <= end)
    .map(({ date, monday }) => {
      const day = onDay.get(date);
      const is = day?.done ? 'done' : day && unit.wishedEnd && date > unit.wishedEnd ? 'late' : day?.ink ? 'ink' : day ? 'pencil' : date > last ? 'spare' : 'empty';
      return { date, monday, is };
    });
}

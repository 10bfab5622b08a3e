import { addDays, mondayOf } from '@/core/calendar/dates';
import { schoolDays, yearFigures, type YearFigures } from '@/core/calendar/school-days';
import { homes } from '@/core/plan/lookup';
import type { SchoolYear } from '@/core/plan/year';
import { load, type FrameInfo, type SearchParams } from '../frame/load';

export interface YearView {
  info: FrameInfo;
  today: string;
  year: SchoolYear | null;
  figures?: YearFigures;
  /** Every calendar week of the year: its Monday, its school days, its block if it has one, and the units with a part in it. */
  weeks: { monday: string; days: number; done: number; block: number | null }[];
  units: { id: string; title: string; first: string; last: string; state: 'pencil' | 'ink'; hatches: string[] }[];
}

export async function loadYear(params: SearchParams): Promise<YearView> {
  const { plan, info, today } = await load(params);
  const { year } = plan;
  if (!year) return { info, today, year, weeks: [], units: [] };
  const days = schoolDays(year);
  const figures = yearFigures(year, days);
  const weeks: YearView['weeks'] = [];
  for (let w = 0; w < figures.calendarWeeks; w++) {
    const monday = addDays(mondayOf(year.starts), 7 * w);
    const inWeek = days.filter((d) => d.monday === monday);
    weeks.push({ monday, days: inWeek.length, done: inWeek.filter((d) => d.date < today).length, block: inWeek[0]?.block ?? null });
  }
  const homeOf = homes(plan);
  const unitOf = new Map(plan.parts.map((p) => [p.id, homeOf(p).unit?.id]));
  const units = plan.units.flatMap((u) => {
    const sittings = plan.sittings.filter((s) => unitOf.get(s.partId) === u.id);
    if (!sittings.length) return [];
    const dates = sittings.map((s) => s.date).sort();
    return [{
      id: u.id, title: u.title, first: dates[0], last: dates.at(-1)!, state: sittings.some((s) => s.state === 'ink') ? ('ink' as const) : ('pencil' as const),
      hatches: plan.children.filter((c) => u.childIds.includes(c.id)).map((c) => c.hatch),
    }];
  });
  return { info, today, year, figures, weeks, units };
}

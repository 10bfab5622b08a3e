import { windowsOf } from '@/core/calendar/school-days';
import { inForce } from '@/core/plan/happened';
import { byId, doneParts } from '@/core/plan/lookup';
import type { Plan } from '@/core/plan/plan';
import { WINDOWS } from '@/core/plan/words';
import { forecastOf } from '@/standins/weather/forecast';

/** Something outdoors on which rain is forecast, and that has another form. */
export interface Rained {
  partId: string;
  title: string;
  date: string;
  rain: number;
  from: number;
  indoors: string;
  /** It is taken indoors already. */
  otherwise: boolean;
}

/** Chance of rain from which the other form is proposed. Own choice. */
const LIKELY = 60;

/** What is outdoors on these days, with rain in its window. */
export function rainedOn(plan: Plan, first: string, last: string, today: string): Rained[] {
  if (!plan.year) return [];
  const windows = windowsOf(plan.year);
  const parts = byId(plan.parts);
  const done = doneParts(plan);
  const taken = new Set(
    inForce(plan.entries)
      .filter((e) => e.kind === 'otherwise')
      .map((e) => `${e.partId} ${e.date}`),
  );
  return plan.sittings
    .filter((s) => s.date >= first && s.date <= last && !done.has(s.partId))
    .flatMap((s): Rained[] => {
      const { id, title, outdoors, indoors } = parts.get(s.partId)!;
      const forecast = outdoors && indoors ? forecastOf(s.date, today) : undefined;
      if (!forecast || forecast.rain < LIKELY || forecast.from >= windows[WINDOWS.indexOf(s.window)].ends)
        return [];
      return [
        { partId: id, title, date: s.date, ...forecast, indoors, otherwise: taken.has(`${id} ${s.date}`) },
      ];
    })
    .sort((a, b) => (a.date < b.date ? -1 : 1));
}

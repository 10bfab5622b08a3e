/** A child's week on one page: each school day with what they do on it, in its order, with boxes to tick. */
import { addDays, dayMonth, longDate, weekdayName, weekdayOf } from '@/core/calendar/dates';
import { weekOf } from '@/core/calendar/week';
import { assignments } from '@/core/ladder/assign';
import { joins } from '@/core/ladder/small';
import { partMinutes } from '@/core/layout/input';
import { assignmentKey, byId, childrenOf, homes } from '@/core/plan/lookup';
import { WINDOWS } from '@/core/plan/words';
import type { HatchName } from '@/kit/hatch';
import { load, param, type SearchParams } from '../frame/load';
import type { Size } from './size';
import { sizeAsked } from './size';

export interface ChildWeekView {
  weekOf: string;
  size: Size;
  other: string;
  back: string;
  weeks: {
    child: { id: string; name: string; hatch: HatchName };
    days: {
      date: string;
      name: string;
      tasks: { id: string; title: string; wording: string; minutes: number }[];
    }[];
  }[];
}

export async function loadChildWeek(params: SearchParams): Promise<ChildWeekView> {
  const { plan, today } = await load(params);
  const paper = await sizeAsked(params, '/paper/week');
  const asked = await param(params, 'week');
  const weekFrom = weekOf(plan.year, asked && /^\d{4}-\d\d-\d\d$/.test(asked) ? asked : today);
  const only = await param(params, 'child');
  const last = addDays(weekFrom, 6);
  const parts = byId(plan.parts);
  const homeOf = homes(plan);
  const given = new Map(assignments(plan).map((a) => [assignmentKey(a.partId, a.childId), a]));
  const minutes = partMinutes(plan);
  const order = new Map(plan.parts.map((p, i) => [p.id, i]));
  const sittings = plan.sittings
    .filter((s) => s.date >= weekFrom && s.date <= last)
    .sort(
      (a, b) =>
        a.date.localeCompare(b.date) ||
        WINDOWS.indexOf(a.window) - WINDOWS.indexOf(b.window) ||
        order.get(a.partId)! - order.get(b.partId)!,
    );
  return {
    weekOf: longDate(weekFrom),
    ...paper,
    back: `/weeks?week=${weekFrom}`,
    weeks: plan.children
      .filter((c) => !only || c.id === only)
      .map(({ id, name, hatch }) => {
        const theirs = sittings.filter((s) => {
          const part = parts.get(s.partId)!;
          const { unit } = homeOf(part);
          const takers = childrenOf(part, unit, plan.children);
          const child = takers.find((c) => c.id === id);
          // What a small child stays beside is not theirs to tick.
          return child && joins(part, child, takers, unit?.starts ?? s.date) !== 'beside';
        });
        return {
          child: { id, name, hatch },
          days: [...new Set(theirs.map((s) => s.date))].map((date) => ({
            date,
            name: `${weekdayName(weekdayOf(date))} ${dayMonth(date)}`,
            tasks: theirs
              .filter((s) => s.date === date)
              .map((s) => {
                const part = parts.get(s.partId)!;
                return {
                  id: s.id,
                  title: part.title,
                  wording: given.get(assignmentKey(part.id, id))?.wording ?? '',
                  minutes: minutes(part, homeOf(part).unit).minutes[id] ?? 0,
                };
              }),
          })),
        };
      })
      .filter((w) => w.days.length),
  };
}

/** Draws a plan again after a change: the work of each child first, since it says how long a part takes, then the lay-out. */
import { assignments } from '../ladder/assign';
import { groupBy } from '../plan/lookup';
import type { Plan, Sitting } from '../plan/plan';
import { layoutInput, type LayoutChoice, type LayoutInput } from './input';
import { layOut, type Layout } from './lay-out';

export interface Redrawn {
  plan: Plan;
  /** Undefined while there is no family or no school year to lay out on. */
  input?: LayoutInput;
  layout?: Layout;
}

export function redraw(plan: Plan, choice: LayoutChoice): Redrawn {
  const withWork = { ...plan, assignments: assignments(plan) };
  const input = layoutInput(withWork, choice);
  if (!input) return { plan: { ...withWork, sittings: [] } };
  const layout = layOut(input);
  return { plan: { ...withWork, sittings: sittingsFrom(layout, plan) }, input, layout };
}

/** The lay-out as sittings: a part keeps its sitting and its ink. */
function sittingsFrom(layout: Layout, plan: Plan): Sitting[] {
  const before = groupBy(plan.sittings, (s) => s.partId);
  return layout.placements.map(({ partId, date, window, reason }) => {
    const was = before.get(partId)?.[0];
    return { id: was?.id ?? `sitting-${partId}`.slice(0, 64), partId, date, window, state: was?.state ?? 'pencil', reason };
  });
}

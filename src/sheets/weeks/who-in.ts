import type { Plan } from '@/core/plan/plan';
import type { HatchName } from '@/kit/hatch';

/** A unit as it is told from others where several stand together. */
export interface WhoIn {
  title: string;
  hatches: HatchName[];
}

export const whoIn = (plan: Plan): Record<string, WhoIn> =>
  Object.fromEntries(
    plan.units.map((u) => [
      u.id,
      { title: u.title, hatches: plan.children.filter((c) => u.childIds.includes(c.id)).map((c) => c.hatch) },
    ]),
  );

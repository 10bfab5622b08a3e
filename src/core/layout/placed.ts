/** What a lay-out placed, and what is the parent's own. */
import { doneParts } from '../plan/lookup';
import { once } from '../plan/once';
import type { Plan, Sitting } from '../plan/plan';

/**
 * Sittings that a lay-out placed. What the parent fixed by ink, by date or by having done it is theirs to put where
 * they like.
 */
export const placedByLayout = once((plan: Plan): readonly Sitting[] => {
  const done = doneParts(plan);
  const fixed = new Set(plan.parts.filter((p) => p.fixedDate).map((p) => p.id));
  return plan.sittings.filter((s) => s.state === 'pencil' && !done.has(s.partId) && !fixed.has(s.partId));
});

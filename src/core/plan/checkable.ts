/** What can be known of a unit: an objective, one of its words, one of its big ideas, which is known by its wording. */
import type { Entry } from './entry';
import { promptOf } from './pieces';
import type { Plan } from './plan';

export type Checkable = { objectiveId: string } | { promptId: string } | { idea: string };

/** Its wording as it is in the plan; undefined where it is not there any more. */
export function wordingOf(
  plan: Pick<Plan, 'objectives' | 'lessons' | 'units'>,
  of: Checkable,
): string | undefined {
  if ('objectiveId' in of) return plan.objectives.find((o) => o.id === of.objectiveId)?.wording;
  if ('promptId' in of) return promptOf(plan, of.promptId);
  return plan.units.some((u) => u.bigIdeas.includes(of.idea)) ? of.idea : undefined;
}

/** Whether a fact is of it. */
export function isOf(e: Pick<Entry, 'objectiveId' | 'promptId' | 'about'>, of: Checkable): boolean {
  if ('objectiveId' in of) return e.objectiveId === of.objectiveId;
  if ('promptId' in of) return e.promptId === of.promptId;
  return e.objectiveId === null && e.promptId === null && e.about.title === of.idea;
}

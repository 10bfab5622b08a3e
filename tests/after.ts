/** Making edits one after the other in a test. */
import { perform, type Edit } from '@/core/edit/edit';
import type { Plan } from '@/core/plan/plan';

export const TODAY = '2026-08-31';
let made = 0;
export const CONTEXT = { today: TODAY, newId: (): string => `new${++made}` };

/** The plan after edits that must not be refused. */
export function after(plan: Plan, ...edits: readonly Edit[]): Plan {
  return edits.reduce((now, edit) => {
    const done = perform(edit, now, CONTEXT);
    if ('refused' in done) throw new Error(done.refused);
    return done.plan;
  }, plan);
}

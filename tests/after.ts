/** Making edits one after the other in a test. */
import { perform, type Edit } from '@/core/edit/edit';
import type { Plan } from '@/core/plan/plan';

export const TODAY = '2026-08-31';
let made = 0;
export const CONTEXT = { today: TODAY, newId: (): string => `new${++made}` };

/** The plan after edits on a day, which must not be refused. */
export const afterOn =
  (today: string) =>
  (plan: Plan, ...edits: readonly Edit[]): Plan =>
    edits.reduce((now, edit) => {
      const done = perform(edit, now, { ...CONTEXT, today });
      if ('refused' in done) throw new Error(done.refused);
      return done.plan;
    }, plan);
export const after = afterOn(TODAY);

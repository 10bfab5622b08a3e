/** The one way an action changes the plan: Zod at the door, the edit, the lay-out, the store, and what moved in words. */
import { nanoid } from 'nanoid';
import { refresh } from 'next/cache';
import type { z } from 'zod';
import { perform, type Edit, type Refusal } from '@/core/edit/edit';
import { difference, differenceInWords } from '@/core/layout/difference';
import { count } from '@/core/plan/called';
import { outlasting } from '@/core/plan/happened';
import type { Plan } from '@/core/plan/plan';
import { StaleRevision, write } from '@/data/door';
import { faultFrom } from '@/data/fault';
import { store, storePath } from '@/data/open';
import type { Outcome } from './outcome';
import { today } from './clock';

export interface Act<T> {
  base: number;
  input: unknown;
  shape: z.ZodType<T>;
  /** What this does, as it stands in the undo list: “Inked the week of 16 Nov”. */
  label: (value: T, plan: Plan) => string;
  edit: (value: T) => Edit;
  /** It only adds to what happened: it can be made on any revision, and makes no other change out of date. */
  commutes?: boolean;
  /** Lessons the parent moves with this; the words tell of the others. */
  moves?: (value: T) => string[];
}

export async function act<T>({ base, input, shape, label, edit, moves, commutes }: Act<T>): Promise<Outcome> {
  if (!Number.isSafeInteger(base)) return NO_REVISION;
  const parsed = shape.safeParse(input, { reportInput: true });
  if (!parsed.success)
    return {
      is: 'faulty',
      faults: parsed.error.issues.map((i) => ({
        where: i.path.join('.'),
        // A field that was left empty says so, whatever the shape would say of nothing.
        what: i.code === 'invalid_type' && i.input === null ? 'This is still empty.' : i.message,
      })),
    };
  const value = parsed.data;
  return attempt(() => {
    let message = '';
    const db = store();
    const outcome = write<Refusal>(
      db,
      base,
      (plan) => label(value, plan),
      (plan) => {
        const drawn = perform(edit(value), plan, {
          today: today(),
          newId: () => nanoid(12),
          now: new Date().toISOString(),
        });
        if ('plan' in drawn)
          message = [
            label(value, plan),
            differenceInWords(difference(plan, drawn.plan), moves?.(value)),
            keptInWords(plan, drawn.plan),
          ]
            .filter(Boolean)
            .join('. ')
            .replace(/\.\.$/, '.');
        return drawn;
      },
      commutes,
    );
    if ('refused' in outcome) return { is: 'refused', ...outcome };
    return { is: 'done', revision: outcome.revision, message };
  });
}

/** What was taught of things that were taken out of the plan, in words, and where it is; empty where nothing was. */
function keptInWords(before: Plan, after: Plan): string {
  const kept = outlasting(before, after);
  return kept
    ? `What was taught of it (${count(kept, 'entry', 'entries')}) stays under “What happened” on Family`
    : '';
}

/** Said where a request does not say on which revision it was made: no sheet of ours sends it. */
const NO_REVISION: Outcome = {
  is: 'refused',
  refused:
    'This change does not say on which revision it was made. Load the sheet again, then do it once more.',
};

/**
 * Runs a write. A plan that has moved on and a store that cannot be written are told in words; only what we alone can
 * cause is thrown.
 */
export function attempt(write: () => Outcome): Outcome {
  try {
    const outcome = write();
    if (outcome.is === 'done') refresh();
    return outcome;
  } catch (e) {
    if (e instanceof StaleRevision) {
      refresh();
      return { is: 'stale', now: e.now, since: e.since };
    }
    const fault = faultFrom(e, storePath());
    if (fault) return { is: 'refused', refused: fault.message };
    throw e;
  }
}

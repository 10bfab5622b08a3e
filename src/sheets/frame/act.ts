/** The one way an action changes the plan: Zod at the door, the edit, the lay-out, the store, and what moved in words. */
import { refresh } from 'next/cache';
import type { Command } from '@/core/command/command';
import { perform, type Refusal } from '@/core/edit/edit';
import { difference, differenceInWords } from '@/core/layout/difference';
import { count } from '@/core/plan/called';
import { outlasting } from '@/core/plan/happened';
import type { Plan } from '@/core/plan/plan';
import { write } from '@/data/door';
import { StaleRevision } from '@/data/revisions';
import { faultFrom } from '@/data/fault';
import { storePath } from '@/data/open';
import type { Outcome } from './outcome';
import { editContext } from './clock';
import { desk, NOT_ON_PAPER } from './desk';

/**
 * Gives a command to the plan.
 * @param base the revision the giver sees
 * @param about what the sheet says it is about, if it is about something
 */
export async function give<Input, About = undefined>(
  command: Command<Input, About>,
  base: number,
  input: unknown,
  about?: unknown,
): Promise<Outcome> {
  if (!Number.isSafeInteger(base)) return NO_REVISION;
  const of = command.about?.safeParse(about);
  if (of && !of.success) return NOT_ABOUT;
  const parsed = command.shape.safeParse(input, { reportInput: true });
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
  const subject = of?.data as About;
  const label = (plan: Plan): string => command.label(value, plan, subject);
  const { db, traced } = await desk();
  if (traced && (command.isNoTrial || command.touches.every((m) => m === 'happened'))) return NOT_ON_PAPER;
  return attempt(() => {
    let message = '';
    const outcome = write<Refusal>(db, base, { label, touches: command.touches }, (plan) => {
      const drawn = perform(command.edit(value, subject, input), plan, editContext());
      if ('plan' in drawn)
        message = [
          label(plan),
          differenceInWords(difference(plan, drawn.plan), command.moves?.(value)),
          keptInWords(plan, drawn.plan),
        ]
          .filter(Boolean)
          .join('. ')
          .replace(/\.\.$/, '.');
      return drawn;
    });
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

/** Said where a request does not say what it is about: no sheet of ours sends it. */
const NOT_ABOUT: Outcome = {
  is: 'refused',
  refused: 'This change does not say what it is about. Load the sheet again, then do it once more.',
};

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

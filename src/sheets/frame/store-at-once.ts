/** Stores a command that is sent by itself, without a sheet: what commutes with everything, and so needs no revision. */
import type { Actor, Command } from '@/core/command/command';
import { perform } from '@/core/edit/edit';
import type { Plan } from '@/core/plan/plan';
import { write } from '@/data/door';
import { currentRevision } from '@/data/revisions';
import { faultFrom } from '@/data/fault';
import { store, storePath } from '@/data/open';
import { editContext } from './clock';

/** Why something is not stored, with the HTTP status that says so. */
export interface NotStored {
  why: string;
  status: number;
}

/** Characters that what is sent may have. */
const LONGEST = 2000;

/** Reads what was sent as JSON. */
export async function readSent(request: Request): Promise<{ sent: unknown } | NotStored> {
  const text = await request.text();
  if (text.length > LONGEST) return { why: 'That is too much to say at once.', status: 413 };
  try {
    return { sent: JSON.parse(text) as unknown };
  } catch {
    return { why: 'This cannot be read.', status: 400 };
  }
}

export const answerWith = (not: NotStored | undefined): Response =>
  not ? new Response(`${not.why}\n`, { status: not.status }) : new Response(null, { status: 204 });

/** @param unless why it may not be stored, looked at on the plan it would change */
export function storeAtOnce<Input>(
  command: Command<Input>,
  value: Input,
  actor: Actor,
  unless: (plan: Plan) => string | undefined = () => undefined,
): NotStored | undefined {
  try {
    const outcome = write<{ refused: string }>(
      store(),
      currentRevision(store()),
      { label: (plan) => command.label(value, plan, undefined), actor, touches: command.touches },
      (plan) => {
        const refused = unless(plan);
        if (refused) return { refused };
        return perform(command.edit(value, undefined, value), plan, editContext());
      },
    );
    return 'refused' in outcome ? { why: outcome.refused, status: 409 } : undefined;
  } catch (e) {
    const fault = faultFrom(e, storePath());
    if (!fault) throw e;
    return { why: fault.message, status: 503 };
  }
}

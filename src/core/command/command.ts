/**
 * A change as it is given: what it is about, what was typed, and who gives it. A command says the shape of both, its edit, its
 * line in the list of what can be undone, who may give it, and what it touches. Every change goes through one: from a sheet,
 * a child's list, the command line or a test.
 */
import type { z } from 'zod';
import type { Edit } from '../edit/edit';
import type { Plan } from '../plan/plan';

/** Who gives a command: the parent, at any of the household's windows, or a child on their own list. */
export const ACTORS = ['parent', 'child'] as const;
export type Actor = (typeof ACTORS)[number];

/**
 * What a command touches. `happened`: it only adds to what happened, and so gets along with everything. `shelf`: a book as it
 * stands there. `gathered`: what was gathered for a unit and stands on no lesson. `kept`: what is kept for another time.
 * `plan`: everything else, all that is drawn.
 */
export const MATTERS = ['happened', 'shelf', 'gathered', 'kept', 'plan'] as const;
export type Matter = (typeof MATTERS)[number];

export interface Command<Input, About = undefined> {
  /** What it is about: named by a sheet, never typed. */
  about?: z.ZodType<About>;
  /** What was typed or chosen. */
  shape: z.ZodType<Input>;
  /** What it does, as it stands in the list of what can be undone: “Inked the week of 16 Nov”. */
  label: (value: Input, plan: Plan, about: About) => string;
  /** @param input as it was given, to tell what was left out from what is empty */
  edit: (value: Input, about: About, input: unknown) => Edit;
  who: readonly Actor[];
  touches: readonly Matter[];
  /** Not to be tried on tracing paper: it is no change of a plan that could be taken over. */
  isNoTrial?: boolean;
  /** Lessons the parent moves with this; the words tell of the others. */
  moves?: (value: Input) => string[];
}

const PARENT: readonly Actor[] = ['parent'];
const PLAN: readonly Matter[] = ['plan'];

/** A command; given by the parent and touching the plan where it does not say otherwise. */
export function command<Input, About = undefined>(
  says: Omit<Command<Input, About>, 'who' | 'touches'> &
    Partial<Pick<Command<Input, About>, 'who' | 'touches'>>,
): Command<Input, About> {
  return { who: PARENT, touches: PLAN, ...says };
}

/** Whether a command can be made on a plan that has moved on, which its giver has not seen: nothing it touches is another. */
export const getsAlong = (touches: readonly Matter[], since: readonly Matter[]): boolean =>
  !touches.some((m) => m !== 'happened' && since.includes(m));

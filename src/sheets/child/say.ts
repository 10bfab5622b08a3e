/**
 * Takes down what a child says from their list: a tick of their own, or a call. Nothing else can be said here, and nothing of
 * another child.
 */
import { addDays } from '@/core/calendar/dates';
import { callParent } from '@/core/command/facts';
import { tick, untick } from '@/core/command/today';
import { childrenOf, homes } from '@/core/plan/lookup';
import type { Plan } from '@/core/plan/plan';
import { today } from '../frame/clock';
import { answerWith, readSent, storeAtOnce, type NotStored } from '../frame/store-at-once';
import { said, type Said } from './said';

/** Days that a tick may be late: a page that could not reach the house keeps them. */
const KEPT_FOR = 14;
const NO_LIST: NotStored = { why: 'There is no such list.', status: 404 };

/** Answers what was sent from a child’s page. */
export async function answer(childId: string | undefined, request: Request): Promise<Response> {
  if (childId === undefined) return answerWith(NO_LIST);
  const read = await readSent(request);
  if ('why' in read) return answerWith(read);
  const parsed = said.safeParse(read.sent);
  return answerWith(
    parsed.success ? say(childId, parsed.data) : { why: 'This cannot be said from here.', status: 400 },
  );
}

function say(childId: string, what: Said): NotStored | undefined {
  const { partId, date } = what;
  if (date > today() || date < addDays(today(), -KEPT_FOR))
    return { why: 'This is of another day.', status: 409 };
  const unless = (plan: Plan): string | undefined => whyNot(plan, childId, partId);
  if (what.does !== 'tick')
    return storeAtOnce(callParent, { childId, kind: what.does, partId, date }, 'child', unless);
  return what.on
    ? storeAtOnce(tick, { partId: what.partId, childId, date }, 'child', unless)
    : storeAtOnce(untick, { partId: what.partId, childId }, 'child', unless);
}

/** So much can be said of a child in a day by their list; more is no child’s doing. */
const MOST_A_DAY = 2000;

function whyNot(plan: Plan, childId: string, partId: string | null): string | undefined {
  const now = today();
  if (
    plan.entries.filter((e) => e.at.startsWith(now) && (e.childId === childId || e.kind === 'withdrawn'))
      .length > MOST_A_DAY
  )
    return 'Too much was said today. Ask your parent.';
  if (!plan.children.some((c) => c.id === childId)) return NO_LIST.why;
  if (partId === null) return undefined;
  const part = plan.parts.find((p) => p.id === partId);
  const isOn = part && childrenOf(part, homes(plan)(part).unit, plan.children).some((c) => c.id === childId);
  return isOn ? undefined : 'This is no longer on your list.';
}

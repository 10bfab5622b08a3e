/** What is asked of a plan and takes long to work out: what a change would come to, and ways to mend something. Nothing is stored. */
import { remediesFor, remediesForWait, type Remedy } from '@/core/edit/load-remedies';
import { remediesForLoan, type LoanRemedy } from '@/core/edit/loan-remedies';
import { closingOf, type ClosingDay } from '@/core/edit/close-day';
import type { CameUp } from '@/core/edit/came-up';
import { because, waysThrough, type WayThrough } from '@/core/edit/ways-through';
import { lookForBetter, type Better } from '@/core/layout/better';
import { tryPace, type PaceTried } from '@/core/layout/what-if';
import type { IsoDate } from '@/core/plan/measures';
import type { Plan } from '@/core/plan/plan';
import { highsSolver } from '@/core/solver/highs';

/** A way to mend something, and what it would come to in words. */
export interface Way {
  remedy: Remedy;
  message: string;
}

/** The answer to a question about a plan on a day. */
type Answering<Input, Answer> = (plan: Plan, input: Input, today: IsoDate) => Answer | Promise<Answer>;

const MOST_WAYS = 5;

const ways = (found: readonly Way[]): Way[] => found.map(({ remedy, message }) => ({ remedy, message }));
/** Ids for what is only tried. */
function tried(today: IsoDate): { today: IsoDate; newId: () => string } {
  let n = 0;
  return { today, newId: () => `tried${++n}` };
}

const pace: Answering<
  { unitId: string; lessonsPerWeek: number | null; wishedEnd: IsoDate | null },
  PaceTried | undefined
> = (plan, input, today) => tryPace(plan, input.unitId, input, today);

/** @param input.childId null for the parent's share */
const load: Answering<{ lessonId: string; childId: string | null }, Way[]> = (
  plan,
  { lessonId, childId },
  today,
) =>
  ways(
    remediesFor(plan, lessonId, childId === null ? 'parent' : { childId }, tried(today)).slice(0, MOST_WAYS),
  );

const wait: Answering<{ lessonId: string; wait: Parameters<typeof remediesForWait>[2] }, Way[]> = (
  plan,
  input,
  today,
) => ways(remediesForWait(plan, input.lessonId, input.wait, tried(today)));

const loan: Answering<{ loanId: string }, LoanRemedy[]> = (plan, { loanId }, today) =>
  remediesForLoan(plan, loanId, today);

const through: Answering<{ what: CameUp }, { because: string; ways: WayThrough[] }> = (
  plan,
  { what },
  today,
) => ({ because: because(plan, what, today), ways: waysThrough(plan, what, tried(today)) });

const better: Answering<null, Better | undefined> = async (plan, _, today) =>
  lookForBetter(plan, today, await highsSolver());

const closing: Answering<{ date: IsoDate }, ClosingDay> = (plan, { date }, today) =>
  closingOf(plan, date, tried(today));

export const QUESTIONS = { pace, load, wait, loan, through, better, closing };

export type QuestionName = keyof typeof QUESTIONS;
export type AskedWith<Name extends QuestionName> = Parameters<(typeof QUESTIONS)[Name]>[1];
export type Answered<Name extends QuestionName> = Awaited<ReturnType<(typeof QUESTIONS)[Name]>>;

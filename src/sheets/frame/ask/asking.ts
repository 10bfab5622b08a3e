/** What can be asked on a day, ready to be asked: what is said again, the check of words, the quiz. */
import type { IsoDate } from '@/core/plan/measures';
import type { Plan } from '@/core/plan/plan';
import { askOn, quizFor, wordsToCheck, type RecallCard } from '@/core/recall/cards';

/** Something to ask one child. */
export type Question = Pick<RecallCard, 'promptId' | 'childId' | 'asks' | 'answer' | 'opens'>;

export interface Asking {
  name: string;
  questions: Question[];
}

/** Questions in a quiz, and words in a check, for each child. Own choice. */
export const QUIZ = 5;
const CHECK = 6;

/** A card as it is asked aloud: a word by what it means, a piece learnt by heart by its name. */
const ASKED: Record<RecallCard['kind'], (asks: string) => string> = {
  prompt: (asks) => asks,
  word: (asks) => `What does “${asks}” mean?`,
  memory: (asks) => `Say it by heart: ${asks}`,
};

const bare = ({ promptId, childId, kind, asks, answer, opens }: RecallCard): Question => ({
  promptId,
  childId,
  asks: ASKED[kind](asks),
  answer,
  opens,
});

/** Children in turn, each with their own. */
function inTurn(of: readonly (readonly RecallCard[])[]): Question[] {
  const most = Math.max(0, ...of.map((cards) => cards.length));
  return Array.from({ length: most }, (_, i) => of.flatMap((cards) => cards[i] ?? []))
    .flat()
    .map(bare);
}

/** A quiz for every child who knows anything that can be asked. */
export const quizOn = (plan: Plan, date: IsoDate): Question[] =>
  inTurn(plan.children.map((c) => quizFor(plan, c, date, QUIZ)));

/** What is said again today; and, where the day has a check of words or a quiz, that. */
export function askingsOn(plan: Plan, date: IsoDate): Asking[] {
  const today = new Set(plan.sittings.filter((s) => s.date === date).map((s) => s.partId));
  const has = (kind: string): boolean => plan.parts.some((p) => p.kind === kind && today.has(p.id));
  const askings: Asking[] = [{ name: 'To say again', questions: askOn(plan, date).map(bare) }];
  if (has('check'))
    askings.push({
      name: 'Word check',
      questions: inTurn(plan.children.map((c) => wordsToCheck(plan, c, date, CHECK))),
    });
  if (has('quiz')) askings.push({ name: 'Quiz', questions: quizOn(plan, date) });
  return askings.filter((a) => a.questions.length);
}

import { longDate } from '@/core/calendar/dates';
import type { HatchName } from '@/kit/hatch';
import { askingsOn, quizOn, type Question } from '../frame/ask/asking';
import { dateParam, load, param, type SearchParams } from '../frame/load';
import { sizeAsked } from './size';
import type { Size } from './size';

export interface QuestionsView {
  day: string;
  date: string;
  size: Size;
  other: string;
  /** Cards of what is said again, or a quiz on a sheet for each child. */
  as: 'cards' | 'quiz';
  children: { id: string; name: string; hatch: HatchName; questions: Question[] }[];
}

export async function loadQuestions(params: SearchParams): Promise<QuestionsView> {
  const { plan, today } = await load(params);
  const date = (await dateParam(params, 'day')) ?? today;
  const as = (await param(params, 'as')) === 'quiz' ? 'quiz' : 'cards';
  const all =
    as === 'quiz'
      ? quizOn(plan, date)
      : askingsOn(plan, date)
          .filter((a) => a.name !== 'Quiz')
          .flatMap((a) => a.questions);
  // What is said again and checked as a word is asked once.
  const once = all.filter(
    (q, i) => all.findIndex((x) => x.promptId === q.promptId && x.childId === q.childId) === i,
  );
  return {
    day: longDate(date),
    date,
    ...(await sizeAsked(params, '/paper/questions')),
    as,
    children: plan.children
      .map(({ id, name, hatch }) => ({ id, name, hatch, questions: once.filter((q) => q.childId === id) }))
      .filter((c) => c.questions.length),
  };
}

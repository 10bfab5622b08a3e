/** Prompts for a child about a lesson: by rung, from the topic's brainstorm, open questions and the lesson's own topics. */
import { tellingWords } from '../books/fit';
import { aboutOf, isDoing } from './about';
import { canBeTried, hasAThen, inShort, nounTopics } from './doable';
import type { Rung } from '../plan/measures';
import type { Lesson } from '../plan/lesson';
import type { Plan } from '../plan/plan';
import { shares } from './shares';

export interface Prompt {
  text: string;
  rung: Rung;
  minutes: number;
  /** The child cannot do it without the parent. */
  needsYou: boolean;
  /** Where it comes from. */
  from: 'brainstorm' | 'question' | 'topic';
}

interface Ask {
  /** `…` stands for the topic. */
  text: string;
  /** Of such topics alone. */
  only?: (topic: string) => boolean;
}
const hasNoSteps = (topic: string): boolean => !isDoing(topic);
const cannotBeTried = (topic: string): boolean => !canBeTried(topic);

/** What a subject asks for on each rung: from finding and showing to weighing one source against another. Our own wording. */
const ASKS: Record<Rung, readonly Ask[]> = {
  1: [
    { text: 'Find three things at home that have to do with “…”, and name them' },
    { text: 'Act out “…”, or draw it and say what it is' },
  ],
  2: [
    { text: 'Draw “…” and tell one thing about it; it is written under the picture' },
    { text: 'Show somebody “…” and say two things about it' },
  ],
  3: [
    { text: 'Explain “…” to somebody in three sentences' },
    { text: 'Draw “…” in four steps, with a word under each', only: isDoing },
    { text: 'Draw “…”, and write four words where they belong', only: hasNoSteps },
  ],
  4: [
    { text: 'Look up “…” in two books, and note what both of them say' },
    { text: 'Make a table about “…”: choose its columns, and fill it from what you read' },
  ],
  5: [
    { text: 'Compare “…” then and now, from two sources, and argue which is better', only: hasAThen },
    { text: 'Put a question about “…” that two sources answer differently, and argue for one' },
    {
      text: 'Plan a trial about “…”: change one thing, keep the rest, write down what you expect and what comes',
      only: canBeTried,
    },
    {
      text: 'Write three questions about “…” for somebody who knows it well, and find the answer to one',
      only: cannotBeTried,
    },
  ],
};
const ANSWERS: Record<Rung, string> = {
  1: 'Ask everybody at table: “…”',
  2: 'Draw what you think: “…”',
  3: 'Find one answer and tell it: “…”',
  4: 'Find an answer in a book, and note the page: “…”',
  5: 'Answer from two sources, and say which you believe: “…”',
};

/** Minutes by rung, and rungs on which the parent is needed. Own choice. */
const MINUTES: Record<Rung, number> = { 1: 8, 2: 10, 3: 12, 4: 20, 5: 30 };
const NEEDED: Rung = 2;
const MOST = 8;

/**
 * Prompts about a lesson on a rung: ideas of the brainstorm that suit the child and have to do with the lesson first, then open
 * questions, then the lesson's topics. An advanced lesson comes down by a low rung, a simple one reaches up by a high one.
 */
export function promptsFor(plan: Plan, lesson: Lesson, childId: string, rung: Rung): Prompt[] {
  const here = tellingWords([lesson.title, lesson.objective, ...lesson.topics.map((t) => t.title)].join(' '));
  const near = (text: string): number => [...tellingWords(text)].filter((w) => here.has(w)).length;
  const ideas = plan.ideas
    .filter(
      (i) =>
        i.unitId === lesson.unitId &&
        i.becomes !== 'dropped' &&
        (!i.childIds.length || i.childIds.includes(childId)),
    )
    .map((i, at) => ({
      text: i.text,
      at,
      near: near(i.text),
      alone: i.childIds.length > 0 && i.childIds.length < 3,
    }))
    .filter((i) => i.near > 0 || i.alone)
    .sort((a, b) => b.near - a.near || a.at - b.at);
  const asked = plan.questions.filter((q) => q.unitId === lesson.unitId && !q.answer).map((q) => q.text);
  const isNear = (text: string): boolean => near(text) > 0;
  const own = shares(plan)(lesson).question;
  // Those of the lesson, then the one whose turn it is here, then what else is open.
  const questions = new Set([
    ...asked.filter(isNear).sort((a, b) => near(b) - near(a)),
    ...(own ? [own.text] : []),
    ...asked,
  ]);
  const made = (text: string, from: Prompt['from']): Prompt => ({
    text: text.slice(0, 200),
    rung,
    minutes: MINUTES[rung],
    needsYou: rung <= NEEDED,
    from,
  });
  const ofUnit = plan.units.find((u) => u.id === lesson.unitId)?.title;
  const things = nounTopics(lesson, ofUnit);
  const topics = (things.length ? things : [aboutOf(lesson, ofUnit)]).map(inShort);
  // What is asked takes turns from lesson to lesson.
  const place = plan.lessons.filter((l) => l.unitId === lesson.unitId).indexOf(lesson);
  const ask = (text: string, n: number): string => {
    const asks = ASKS[rung].filter(({ only }) => !only || only(text));
    return asks[(n + Math.max(0, place)) % asks.length].text.replace('…', text);
  };
  return [
    ...ideas.slice(0, 4).map((i, n) => made(ask(i.text, n), 'brainstorm')),
    ...[...questions].slice(0, 2).map((text) => made(ANSWERS[rung].replace('…', text), 'question')),
    ...topics.slice(0, 3).map((t, n) => made(ask(t, n), 'topic')),
  ].slice(0, MOST);
}

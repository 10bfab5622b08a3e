/** Adapting a lesson: prompts by rung from the topic's brainstorm, open questions and the lesson's own topics; and what keeps a child busy who is done early. */
import { suits, tellingWords } from '../books/fit';
import { cautionsFor } from '../cautions/match';
import { byId } from '../plan/lookup';
import type { Rung } from '../plan/measures';
import type { Lesson } from '../plan/lesson';
import type { Child, Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { ageOn } from './age';
import { attentionStretch } from './handwriting';
import { lessonLoad } from './loads';
import { materialOf } from './material';
import { rungOf } from './rungs';
import { wordsFor } from './word-list';

export interface Prompt {
  text: string;
  rung: Rung;
  minutes: number;
  /** The child cannot do it without the parent. */
  needsYou: boolean;
  /** Where it comes from. */
  from: 'brainstorm' | 'question' | 'topic';
}

/** What a subject asks for on each rung: from finding and showing to weighing one source against another. Our own wording. */
const ASKS: Record<Rung, readonly string[]> = {
  1: ['Find three things at home that have to do with “…”, and name them', 'Act out “…”, or draw it and say what it is'],
  2: ['Draw “…” and tell one thing about it; it is written under the picture', 'Show somebody “…” and say two things about it'],
  3: ['Explain “…” to somebody in three sentences', 'Draw “…” in four steps, with a word under each'],
  4: ['Look up “…” in two books, and note what both of them say', 'Make a table about “…”: what, where, how long, what for'],
  5: ['Compare “…” then and now, from two sources, and argue which is better', 'Plan a trial about “…”: change one thing, keep the rest, write down what you expect and what comes'],
};
const ANSWERS: Record<Rung, string> = { 1: 'Ask everybody at table: “…”', 2: 'Draw what you think: “…”', 3: 'Find one answer and tell it: “…”', 4: 'Find an answer in a book, and note the page: “…”', 5: 'Answer from two sources, and say which you believe: “…”' };
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
  const ideas = plan.ideas.filter((i) => i.unitId === lesson.unitId && i.becomes !== 'dropped' && (!i.childIds.length || i.childIds.includes(childId)))
    .map((i, at) => ({ text: i.text, at, near: near(i.text), alone: i.childIds.length > 0 && i.childIds.length < 3 }))
    .filter((i) => i.near > 0 || i.alone).sort((a, b) => b.near - a.near || a.at - b.at);
  const asked = plan.questions.filter((q) => q.unitId === lesson.unitId && !q.answer);
  const made = (text: string, from: Prompt['from']): Prompt => ({ text: text.slice(0, 200), rung, minutes: MINUTES[rung], needsYou: rung <= NEEDED, from });
  const topics = [...new Set([lesson.title, ...lesson.topics.map((t) => t.title)])];
  return [
    ...ideas.slice(0, 4).map((i, n) => made(ASKS[rung][n % ASKS[rung].length].replace('…', i.text), 'brainstorm')),
    ...asked.sort((a, b) => near(b.text) - near(a.text)).slice(0, 2).map((q) => made(ANSWERS[rung].replace('…', q.text), 'question')),
    ...topics.slice(0, 3).map((t, n) => made(ASKS[rung][n % ASKS[rung].length].replace('…', t), 'topic')),
  ].slice(0, MOST);
}

export interface DoneEarly {
  childId: string;
  /** Their own minutes in the lesson, and how much longer the others are at it. */
  minutes: number;
  idle: number;
  /** What they can do meanwhile without the parent, for no longer than suits the age. */
  fillers: { text: string; minutes: number }[];
  /** For the smallest: what in the lesson must be out of their reach. */
  care: string[];
}

/** Idle minutes that are worth a thought; ages below which a child is kept busy in any case. Own choice. */
const IDLE = 15;
const SMALL = 5;

/** Who in a lesson is done early, or takes no part and is small: with something for the time, and what must be out of reach. */
export function doneEarly(plan: Plan, lesson: Lesson, unit: Unit): DoneEarly[] {
  const shares = new Map(lessonLoad(plan, lesson.id).children.map((c) => [c.childId, c.minutes]));
  const longest = Math.max(0, ...shares.values());
  const parts = plan.parts.filter((p) => p.lessonId === lesson.id);
  return plan.children.flatMap((child): DoneEarly[] => {
    const age = ageOn(child.birthMonth, unit.starts);
    const inUnit = unit.childIds.includes(child.id);
    const minutes = shares.get(child.id) ?? 0;
    const idle = longest - minutes;
    if (idle < IDLE || (!inUnit && age >= SMALL)) return [];
    const care = age < SMALL ? parts.flatMap((p) => cautionsFor(p, [child], plan.family?.allergies ?? [], unit.starts).filter((c) => c.stays).map((c) => `${p.title}: ${c.title}. ${c.steps}`)) : [];
    return [{ childId: child.id, minutes, idle, fillers: fillersFor(plan, lesson, unit, child, Math.min(idle, attentionStretch(age))), care: [...new Set(care)] }];
  });
}

function fillersFor(plan: Plan, lesson: Lesson, unit: Unit, child: Child, minutes: number): DoneEarly['fillers'] {
  const age = ageOn(child.birthMonth, unit.starts);
  const books = byId(plan.books);
  const basket = plan.pulls.filter((p) => p.unitId === unit.id && p.role === 'basket').map((p) => books.get(p.bookId)!).filter((b) => ['fits', 'stretch'].includes(suits(b, child, unit.starts, 'read')) || suits(b, child, unit.starts, 'listen') === 'fits');
  const rung = rungOf(child, 'hands', unit.starts);
  const words = wordsFor(materialOf(plan)(lesson, unit).words, Math.max(2, rungOf(child, 'reading', unit.starts)) as Rung);
  const texts = [
    ...basket.slice(0, 2).map((b) => `Look at “${b.title}” from the basket`),
    ...(age < SMALL
      ? ['Sort big things by colour beside you: cloths, lids, blocks', 'Fill and empty a box of soft things', 'Draw with a thick crayon at the table']
      : rung <= 2
        ? ['Make a picture of the lesson from cut paper', `Play a guessing game with the words of the lesson: ${words.slice(0, 3).join(', ')}`]
        : [`Write a riddle about one of these: ${words.slice(0, 4).join(', ')}`, 'Read on in a book of your own', 'Draw a plan of what was shown, with arrows']),
  ];
  return texts.map((text) => ({ text, minutes }));
}

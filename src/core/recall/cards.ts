/**
 * What is said again, spaced for each child: a prompt of a lesson, a word, a piece learnt by heart. When each comes back is
 * worked out by FSRS (its package, ts-fsrs) from the marks it was given; a mark is one review.
 */
import { createEmptyCard, fsrs, type Card as Memory, type FSRS, type Grade } from 'ts-fsrs';
import { daysBetween } from '../calendar/dates';
import { isNamedIn } from '../ladder/material';
import type { Entry } from '../plan/entry';
import { inForce } from '../plan/happened';
import { doneParts, groupBy } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Lesson } from '../plan/lesson';
import { once } from '../plan/once';
import type { Child, Plan } from '../plan/plan';
import { rungOf } from '../plan/rungs';

export interface RecallCard {
  promptId: string;
  childId: string;
  kind: 'prompt' | 'word' | 'memory';
  unitId: string;
  /** The lesson it came from; null for a word or a piece of the unit. */
  lessonId: string | null;
  /** What is asked of this child: the easy form below rung 3, the hard one from there on. */
  asks: string;
  answer: string;
  /** The day it was first taught. */
  since: IsoDate;
  /** The day it is due; that of its teaching, before it was ever asked. */
  due: IsoDate;
  /** How likely it is to be remembered on the day that was asked about, 0 to 1; null before it was ever asked. */
  remembered: number | null;
  times: number;
  /** The day it was asked last; null: never. */
  last: IsoDate | null;
  /** A prompt of the lesson taught last, never asked yet: the next lesson day opens with it. */
  opens: boolean;
}

/** Minutes that asking takes, by kind. Own choice. */
const MINUTES: Record<RecallCard['kind'], number> = { prompt: 1, word: 0.5, memory: 2 };

interface Taught {
  promptId: string;
  kind: RecallCard['kind'];
  unitId: string;
  lessonId: string | null;
  easy: string;
  hard: string;
  answer: string;
  since: IsoDate;
}

/**
 * What was taught so far that can be asked, by unit: a lesson’s prompts with the lesson, a word with the first lesson that names
 * it; pieces, and words that no lesson names, with the first lesson of all.
 */
const taughtIn = once((plan: Plan): Taught[] => {
  const done = doneParts(plan);
  const firstOf = new Map<string, IsoDate>();
  const lessonOf = new Map(plan.parts.map((p) => [p.id, p.lessonId]));
  for (const m of plan.marks) {
    const lessonId = m.outcome === 'done' && done.has(m.partId) ? lessonOf.get(m.partId) : undefined;
    if (lessonId && !(firstOf.get(lessonId)! <= m.date)) firstOf.set(lessonId, m.date);
  }
  return plan.units.flatMap((unit): Taught[] => {
    const lessons = plan.lessons.filter((l) => l.unitId === unit.id && firstOf.has(l.id));
    if (!lessons.length) return [];
    const sinceOf = (of: readonly Lesson[]): IsoDate => of.map((l) => firstOf.get(l.id)!).sort()[0];
    const ofUnit = { unitId: unit.id, lessonId: null };
    const isNowhere = (word: string): boolean =>
      !plan.lessons.some((l) => l.unitId === unit.id && isNamedIn(l, word));
    return [
      ...lessons.flatMap((l) =>
        l.recall.map((r): Taught => ({
          promptId: r.id,
          kind: 'prompt',
          unitId: unit.id,
          lessonId: l.id,
          easy: r.easy || r.hard,
          hard: r.hard || r.easy,
          answer: r.answer,
          since: firstOf.get(l.id)!,
        })),
      ),
      ...unit.vocabulary.flatMap((v): Taught[] => {
        const of = isNowhere(v.word) ? lessons : lessons.filter((l) => isNamedIn(l, v.word));
        if (!of.length) return [];
        return [
          {
            ...ofUnit,
            promptId: v.id,
            kind: 'word',
            easy: v.word,
            hard: v.word,
            answer: v.meaning,
            since: sinceOf(of),
          },
        ];
      }),
      ...unit.memoryWork.map((m): Taught => ({
        ...ofUnit,
        promptId: m.id,
        kind: 'memory',
        easy: m.text,
        hard: m.text,
        answer: '',
        since: sinceOf(lessons),
      })),
    ];
  });
});

/** Marks of each prompt and child, the first first. */
const askedIn = once((entries: Plan['entries']): Map<string, Entry[]> => {
  const asked = inForce(entries).filter((e) => e.kind === 'asked');
  return groupBy(
    asked.sort((a, b) => (a.date < b.date ? -1 : Number(a.date > b.date))),
    (e) => `${e.promptId} ${e.childId}`,
  );
});

const noon = (date: IsoDate): Date => new Date(`${date}T12:00:00.000Z`);
const dayOf = (at: Date): IsoDate => at.toISOString().slice(0, 10);

/** The algorithm as it is set for a family: whole days, and always the same answer. */
const spacing = (retention: number): FSRS =>
  fsrs({ request_retention: retention / 100, enable_fuzz: false, enable_short_term: false });

/** A card’s memory after its marks; undefined before the first. */
function memoryAfter(f: FSRS, since: IsoDate, asked: readonly Entry[]): Memory | undefined {
  if (!asked.length) return undefined;
  return asked.reduce<Memory>(
    (card, e) => f.next(card, noon(e.date), e.grade as Grade).card,
    createEmptyCard(noon(since)),
  );
}

/** Everything a child can be asked on a day, with how well it is known by then. */
export function cardsOf(plan: Plan, child: Child, date: IsoDate): RecallCard[] {
  const f = spacing(plan.family?.recall.retention ?? 90);
  const asked = askedIn(plan.entries);
  const units = new Set(plan.units.filter((u) => u.childIds.includes(child.id)).map((u) => u.id));
  const isHard = rungOf(child, 'speaking', date) >= 3;
  return taughtIn(plan)
    .filter((t) => units.has(t.unitId) && t.since <= date && (isHard ? t.hard : t.easy) !== '')
    .map(({ easy, hard, ...t }, _i, all): RecallCard => {
      const marks = (asked.get(`${t.promptId} ${child.id}`) ?? []).filter((e) => e.date <= date);
      const memory = memoryAfter(f, t.since, marks);
      return {
        ...t,
        childId: child.id,
        asks: isHard ? hard : easy,
        due: memory ? dayOf(memory.due) : t.since,
        remembered: memory ? f.get_retrievability(memory, noon(date), false) : null,
        times: marks.length,
        last: marks.at(-1)?.date ?? null,
        opens: t.kind === 'prompt' && !marks.length && t.lessonId === lastLesson(all, t.unitId, date),
      };
    });
}

/** The lesson of a unit that was taught last before a day. */
const lastLesson = (taught: readonly Taught[], unitId: string, date: IsoDate): string | null =>
  taught
    .filter((t) => t.unitId === unitId && t.lessonId !== null && t.since < date)
    .sort((a, b) => (a.since < b.since ? -1 : Number(a.since > b.since)))
    .at(-1)?.lessonId ?? null;

/**
 * What is due on a day and was not asked on it yet, by child: what the last lesson asks first, then the least likely to be
 * remembered, then what was never asked, the oldest first.
 */
export function dueOn(plan: Plan, date: IsoDate): RecallCard[][] {
  return plan.children.map((child) =>
    cardsOf(plan, child, date)
      .filter((c) => c.due <= date && c.since < date && c.last !== date)
      .sort(
        (a, b) =>
          Number(b.opens) - Number(a.opens) ||
          (a.remembered ?? 1) - (b.remembered ?? 1) ||
          daysBetween(b.since, a.since) ||
          a.promptId.localeCompare(b.promptId),
      ),
  );
}

/** Minutes for asking on a day: those the family sets aside, and those of what opens its lessons. */
export function minutesToAsk(plan: Plan, date: IsoDate): number {
  const recalls = new Map(plan.parts.filter((p) => p.kind === 'recall').map((p) => [p.id, p.minutes ?? 0]));
  return plan.sittings
    .filter((s) => s.date === date)
    .reduce((sum, s) => sum + (recalls.get(s.partId) ?? 0), plan.family?.recall.minutes ?? 0);
}

/** What is asked on a day within the minutes there are, the children in turn: nobody twice running while another has something left. */
export function askOn(plan: Plan, date: IsoDate, minutes = minutesToAsk(plan, date)): RecallCard[] {
  const queues = dueOn(plan, date);
  const chosen: RecallCard[] = [];
  let left = minutes;
  for (let before = -1; before < chosen.length;) {
    before = chosen.length;
    for (const queue of queues) {
      const next = queue.findIndex((c) => MINUTES[c.kind] <= left);
      if (next < 0) continue;
      const [card] = queue.splice(next, 1);
      left -= MINUTES[card.kind];
      chosen.push(card);
    }
  }
  return chosen;
}

/** A word is known that is remembered at least so surely. Own choice. */
const KNOWN = 0.7;

/** Whether what is on a card is likely to be known. */
export const isLikelyKnown = (card: Pick<RecallCard, 'remembered'> | undefined): boolean =>
  (card?.remembered ?? 0) >= KNOWN;

/** How many words of a unit a child is likely to know, of cards as they stand on a day. */
export const wordsKnown = (cards: readonly RecallCard[], unitId: string): number =>
  cards.filter((c) => c.kind === 'word' && c.unitId === unitId && isLikelyKnown(c)).length;

export interface Retention {
  /** Reviews of what had been asked before. */
  reviews: number;
  /** The share that was remembered, and the share that was expected to be; null while there is none. */
  seen: number | null;
  predicted: number | null;
}

/** Reviews below which nothing is known of a child yet. Own choice. */
export const KNOWN_FROM = 50;

/** What the algorithm expected of a child, beside what was remembered: each mark but the first of a card. */
export function retentionOf(plan: Plan, childId: string): Retention {
  const f = spacing(plan.family?.recall.retention ?? 90);
  let reviews = 0;
  let seen = 0;
  let predicted = 0;
  for (const marks of askedIn(plan.entries).values()) {
    if (marks[0].childId !== childId) continue;
    for (let i = 1; i < marks.length; i++) {
      if (marks[i].date === marks[i - 1].date) continue;
      const memory = memoryAfter(f, marks[0].date, marks.slice(0, i))!;
      reviews++;
      predicted += f.get_retrievability(memory, noon(marks[i].date), false);
      if (marks[i].grade! > 1) seen++;
    }
  }
  return {
    reviews,
    seen: reviews ? seen / reviews : null,
    predicted: reviews ? predicted / reviews : null,
  };
}

/** Words of what was taught that a child is least sure of, for a check. */
export const wordsToCheck = (plan: Plan, child: Child, date: IsoDate, size: number): RecallCard[] =>
  cardsOf(plan, child, date)
    .filter((c) => c.kind === 'word')
    .sort((a, b) => (a.remembered ?? NEW) - (b.remembered ?? NEW))
    .slice(0, size);

/** What was never asked counts as so sure in a quiz: after what is weak, before what is strong. Own choice. */
const NEW = 0.8;

/**
 * A quiz for a child: what is weakest, no two from one lesson before each lesson has one, and at least one that is strong.
 * @param size how many questions, at most
 */
export function quizFor(plan: Plan, child: Child, date: IsoDate, size: number): RecallCard[] {
  const cards = cardsOf(plan, child, date).filter((c) => c.times > 0 || c.since < date);
  const weak = [...cards].sort((a, b) => (a.remembered ?? NEW) - (b.remembered ?? NEW));
  const from = (c: RecallCard): string => c.lessonId ?? `${c.unitId} ${c.kind}`;
  const rounds = new Map<RecallCard, number>();
  const taken = new Map<string, number>();
  for (const c of weak) {
    rounds.set(c, taken.get(from(c)) ?? 0);
    taken.set(from(c), (taken.get(from(c)) ?? 0) + 1);
  }
  const chosen = [...weak].sort((a, b) => rounds.get(a)! - rounds.get(b)!).slice(0, size);
  const strong = weak.filter((c) => c.remembered !== null).at(-1);
  if (strong && size > 1 && chosen.length === size && !chosen.includes(strong)) {
    const like = chosen.findIndex((c, i) => i > 0 && from(c) === from(strong));
    chosen[like < 0 ? size - 1 : like] = strong;
  }
  return chosen;
}

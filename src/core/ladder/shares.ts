/**
 * What the lessons of a unit share out among them: the text that is gone through, what is learnt by heart, what is traced,
 * the children’s own questions.
 */
import { tellingWords } from '../books/fit';
import { byId, groupBy } from '../plan/lookup';
import type { Lesson, Part } from '../plan/lesson';
import { onceOf } from '../plan/once';
import type { Plan } from '../plan/plan';
import type { Question } from '../plan/unit';
import { natureOf } from './about';
import { linesOf, wordsIn } from './lesson-words';
import { namesOf } from './names';
import { isVerse } from './text-pieces';
import { tracedIn, type Traced } from './traced';

/** A question of the children's own that is still open; of the lesson itself, or one that no lesson answers. */
export interface OwnQuestion {
  text: string;
  isOfLesson: boolean;
}

/** What falls to one lesson. */
export interface Share {
  /** Where the lesson stands in its unit, from 0, and of how many; what rotates goes by it. */
  place: number;
  of: number;
  /** How many lessons before it in the unit are of the same nature. */
  turn: number;
  /** The place of the lesson among those in which the same passage is copied. */
  walk: Place;
  /** The place of the lesson among those that learn the same. */
  learning: Place;
  /** What beginners trace in it. */
  traced: Traced;
  /** Names in it, which keep their capital. */
  names: readonly string[];
  /** Words of the lessons just before it, the nearest first. */
  earlier: readonly string[];
  /** The question to look up in it; null where there is none for it. */
  question: OwnQuestion | null;
}

interface Place {
  place: number;
  of: number;
}

const NONE: Share = {
  place: 0,
  of: 0,
  turn: 0,
  walk: { place: 0, of: 0 },
  learning: { place: 0, of: 0 },
  traced: { word: null, round: 0 },
  names: [],
  earlier: [],
  question: null,
};

/** The share of each lesson that is not left out. */
export const shares = onceOf<
  Plan,
  'lessons' | 'parts' | 'questions' | 'units',
  (lesson: Pick<Lesson, 'id'>) => Share
>(['lessons', 'parts', 'questions', 'units'], (plan) => {
  const kinds = new Map<string, Set<Part['kind']>>();
  for (const { lessonId, kind } of plan.parts)
    if (lessonId !== null) kinds.set(lessonId, (kinds.get(lessonId) ?? new Set<Part['kind']>()).add(kind));
  const has = (lesson: Lesson, kind: Part['kind']): boolean => kinds.get(lesson.id)?.has(kind) ?? false;
  // Of lessons that go through the same text, those in which it is copied or learnt, where this is one of them.
  const among = (lesson: Lesson, all: readonly Lesson[], kind: Part['kind']): Place => {
    const having = all.filter((l) => has(l, kind));
    return placeAmong(lesson, having.includes(lesson) ? having : all);
  };
  const open = groupBy(
    plan.questions.filter((q) => !q.answer),
    (q) => q.unitId,
  );
  const memorised = new Set(
    plan.units.flatMap((u) => (u.memoryWork.some((m) => m.text.trim()) ? [u.id] : [])),
  );
  const names = namesOf(plan);
  const found = new Map<string, Share>();
  const units = byId(plan.units);
  const lessonsOf = groupBy(
    plan.lessons.filter((l) => !l.leftOut),
    (l) => l.unitId,
  );
  for (const [unitId, lessons] of lessonsOf) {
    const sharing = lessons.filter((l) => !l.passage.trim());
    const withoutVerse = lessons.filter((l) => !isVerse(l.passage.trim()));
    const asked = askedIn(open.get(unitId) ?? [], lessons, (l) => has(l, 'looking-up'));
    const unit = units.get(unitId);
    const traced = unit ? tracedIn(unit, lessons, new Set(lessons.flatMap(names))) : [];
    const learn = (lesson: Lesson): readonly Lesson[] => {
      if (memorised.has(unitId)) return lessons;
      return isVerse(lesson.passage.trim()) ? [lesson] : withoutVerse;
    };
    const natures = lessons.map((l) => natureOf(l, unit?.title));
    const words = lessons.map((l) => (unit ? wordsIn(linesOf(l, unit).join('\n'), new Set(names(l))) : []));
    lessons.forEach((lesson, place) =>
      found.set(lesson.id, {
        place,
        of: lessons.length,
        turn: natures.slice(0, place).filter((n) => n === natures[place]).length,
        walk: among(lesson, lesson.passage.trim() ? [lesson] : sharing, 'copying'),
        learning: among(lesson, learn(lesson), 'memory'),
        traced: traced[place] ?? NONE.traced,
        names: names(lesson),
        earlier: justBefore(words, place),
        question: asked.get(lesson.id) ?? null,
      }),
    );
  }
  return (lesson) => found.get(lesson.id) ?? NONE;
});

/** From so many lessons before words are taken up again. Own choice. */
const LOOKED_BACK = 3;

/** Words of the lessons just before one, the nearest first, without small words and its own. */
function justBefore(words: readonly (readonly string[])[], place: number): string[] {
  const own = new Set(words[place].map((w) => w.toLowerCase()));
  const before = words
    .slice(Math.max(0, place - LOOKED_BACK), place)
    .reverse()
    .flat();
  return [...new Set(before)].filter((w) => tellingWords(w).size > 0 && !own.has(w.toLowerCase()));
}

const placeAmong = (lesson: Lesson, lessons: readonly Lesson[]): Place => ({
  place: Math.max(0, lessons.indexOf(lesson)),
  of: lessons.length,
});

/**
 * Which open question is looked up in which lesson: the one that has most to do with it, those in turn that have as much.
 * A question that has to do with no lesson is asked once, where none of the others is, one after the other.
 */
function askedIn(
  questions: readonly Question[],
  lessons: readonly Lesson[],
  isLookedUpIn: (lesson: Lesson) => boolean,
): Map<string, OwnQuestion> {
  const asked = new Map<string, OwnQuestion>();
  if (!questions.length) return asked;
  const words = questions.map((q) => tellingWords(q.text));
  const times = questions.map(() => 0);
  for (const lesson of lessons) {
    const here = tellingWords([lesson.title, ...lesson.topics.map((t) => t.title)].join('\n'));
    const near = words.map((of) => [...of].filter((w) => here.has(w)).length);
    const most = Math.max(...near);
    if (!most) continue;
    const [best] = near.flatMap((n, i) => (n === most ? [i] : [])).sort((a, b) => times[a] - times[b]);
    times[best]++;
    asked.set(lesson.id, { text: questions[best].text, isOfLesson: true });
  }
  const lookedUp = lessons.filter(isLookedUpIn);
  const free = (lookedUp.length ? lookedUp : lessons).filter((l) => !asked.has(l.id));
  questions
    .filter((_, i) => !times[i])
    .slice(0, free.length)
    .forEach((q, i) => asked.set(free[i].id, { text: q.text, isOfLesson: false }));
  return asked;
}

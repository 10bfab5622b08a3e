/** What a lesson gives the ladder to work with: its text, its words, what there is to look things up in, its questions. */
import { booksById, groupBy } from '../plan/lookup';
import type { Lesson, RecallPrompt } from '../plan/lesson';
import type { Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';

export interface Material {
  /** What is copied and learnt by heart: the lesson's own passage, else the unit's; empty where there is none. */
  passage: string;
  /** Title, topics, objective and passage: where words are drawn from. */
  text: string;
  /** The lesson's words, those the unit teaches first. */
  words: string[];
  /** Titles of the books on the lesson, in the order of the plan. */
  sources: string[];
  /**
   * Questions for a quiz, in an easy and a hard form with the answer: what is left for recall, then what the lesson's
   * words mean.
   */
  questions: Omit<RecallPrompt, 'id'>[];
  /** Objectives the lesson meets. */
  objectives: number;
}

/** A lesson’s own words: its title, topics, objective and passage. */
const ownText = (lesson: Lesson): string =>
  [lesson.title, ...lesson.topics.map((t) => t.title), lesson.objective, lesson.passage].join('\n');

/** Whether a lesson names a word that its unit teaches. */
export const isNamedIn = (lesson: Lesson, word: string): boolean =>
  ownText(lesson).toLowerCase().includes(word.toLowerCase());

/** The material of each lesson, worked out when it is first asked for. */
export function materialOf(plan: Plan): (lesson: Lesson, unit: Unit) => Material {
  const made = new Map<string, Material>();
  const books = booksById(plan.books);
  const bookOf = new Map(plan.pulls.map((p) => [p.id, books.get(p.bookId)!.title]));
  const uses = groupBy(plan.uses, (u) => u.lessonId);
  return (lesson, unit) => {
    const known = made.get(lesson.id);
    if (known) return known;
    const passage = lesson.passage.trim() || unit.passage.trim();
    const own = ownText(lesson);
    const teaches = unit.vocabulary.map((v) => v.word);
    const named = teaches.filter((w) => isNamedIn(lesson, w));
    const material: Material = {
      passage,
      text: own,
      // A word the unit teaches belongs to a lesson that names it; where a lesson names none, all of them will do.
      words: [
        ...(named.length ? named : teaches),
        ...(own.match(/\p{L}[\p{L}’'-]*/gu) ?? []),
        ...(passage.match(/\p{L}[\p{L}’'-]*/gu) ?? []),
      ],
      sources: [...new Set((uses.get(lesson.id) ?? []).map((u) => bookOf.get(u.pullId)!))],
      questions: [
        ...lesson.recall.filter((r) => r.easy || r.hard),
        ...unit.vocabulary
          .filter((v) => v.meaning && isNamedIn(lesson, v.word))
          .map((v) => ({
            easy: `What is meant by “${v.word}”?`,
            hard: `What is meant by “${v.word}”, and what is it for?`,
            answer: v.meaning,
          })),
      ],
      objectives: lesson.objectiveIds.length,
    };
    made.set(lesson.id, material);
    return material;
  };
}

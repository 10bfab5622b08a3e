/** What a lesson gives the ladder to work with: its text, its words, what there is to look things up in, its questions. */
import { booksById, byId, groupBy } from '../plan/lookup';
import type { Lesson, RecallPrompt } from '../plan/lesson';
import type { Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { aboutOf, natureOf, withoutArticle, type Nature } from './about';
import { linesOf, thingsIn, wordsIn } from './lesson-words';
import { easiestFirst } from './objectives';
import { isVerse } from './text-pieces';
import { shares, type OwnQuestion } from './shares';
import type { Traced } from './traced';

export interface Material {
  /** What a lesson is about, as it stands in a wording: “Carding and combing”. */
  topic: string;
  nature: Nature;
  /** Where the lesson stands in its unit, from 0, and of how many; what rotates goes by it. */
  place: number;
  /** What is copied: the lesson's own passage, else the unit's; empty where there is none. */
  passage: string;
  /** Where it stands among the lessons of its unit that are of the same nature; what is said of such a lesson goes by it. */
  turn: number;
  /** The place of the lesson among those that go through the same passage. */
  walk: { place: number; of: number };
  /** What is learnt by heart: verse, or what the unit has for it; empty where there is none. */
  byHeart: string;
  /** The place of the lesson among those that learn the same. */
  learning: { place: number; of: number };
  /** The lesson's own words, those the unit teaches first; for beginners those of the passage as well. */
  words: string[];
  beginners: string[];
  /** Names in its title, its topics and its text: they keep their capital. */
  names: readonly string[];
  /** What of it can be pointed at, labelled or named on a flap: words the unit teaches, and topics. */
  things: string[];
  /** All the words the unit teaches, how many of them have their turn in a lesson beside its own, and words of the lessons before. */
  others: { words: string[]; due: number; earlier: readonly string[] };
  /** What beginners trace in it. */
  traced: Traced;
  /** Titles of the books on the lesson, in the order of the plan. */
  sources: string[];
  /** A question of the children's own to look up here; null where there is none for the lesson. */
  question: OwnQuestion | null;
  /**
   * Questions for a quiz, in an easy and a hard form with the answer: what is left for recall, then what the lesson's
   * words mean.
   */
  questions: Omit<RecallPrompt, 'id'>[];
  /** How many of them were written for the lesson. */
  recall: number;
  /** Objectives the lesson meets, the easiest first. */
  objectives: string[];
  /** Whether there is something on the lesson that has labels: a map, a drawing, a model, a thing with parts. */
  hasLabels: boolean;
}

/** Of the words the unit teaches so many beside a lesson's own, at least. Own choice. */
const LEAST_DUE = 2;

/** What is labelled. Common practice, no source. */
const LABELLED =
  /(?<!\p{L})(?:maps?|globes?|atlas|diagrams?|drawings?|pictures?|posters?|plans?|parts of|models?|anatomy|inside|cross[- ]?section|skeletons?|bod(?:y|ies)|plants?|flowers?|trees?|leaf|leaves|looms?|wheels?|machines?|mills?|bridges?|ships?|boats?|house|castles?|tools?|birds?|insects?|fish|sheep|animals?|egg|seeds?|roots?|volcano(?:es)?|rivers?|mountains?|coast|country|countries|towns?|cit(?:y|ies)|layers?|cycle|kettle|pot|clock|engine|camera|eye|ear|heart|bones?)(?!\p{L})/iu;

/** A lesson’s own words: its title, topics, objective and passage. */
const ownText = (lesson: Lesson): string =>
  [lesson.title, ...lesson.topics.map((t) => t.title), lesson.objective, lesson.passage].join('\n');

/** Whether a lesson names a word that its unit teaches. */
export const isNamedIn = (lesson: Lesson, word: string): boolean =>
  ownText(lesson).toLowerCase().includes(word.toLowerCase());

const meaningOf = (word: string, meaning: string): Omit<RecallPrompt, 'id'> => ({
  easy: `What is meant by “${word}”?`,
  hard: `Use “${word}” in a sentence that shows what it means.`,
  answer: meaning,
});

/** The material of each lesson, worked out when it is first asked for. */
export function materialOf(plan: Plan): (lesson: Lesson, unit: Unit) => Material {
  const made = new Map<string, Material>();
  const books = booksById(plan.books);
  const bookOf = new Map(plan.pulls.map((p) => [p.id, books.get(p.bookId)!.title]));
  const uses = groupBy(plan.uses, (u) => u.lessonId);
  const objectives = byId(plan.objectives);
  const parts = groupBy(plan.parts, (p) => p.lessonId ?? '');
  const share = shares(plan);
  return (lesson, unit) => {
    const known = made.get(lesson.id);
    if (known) return known;
    const { place, turn, of, walk, learning, traced, names: keep, earlier, question } = share(lesson);
    const own = lesson.passage.trim();
    const passage = own || unit.passage.trim();
    const memory = unit.memoryWork.map((m) => m.text.trim()).filter(Boolean);
    const topics = lesson.topics.map((t) => t.title);
    const recall = lesson.recall.filter((r) => r.easy || r.hard);
    const topic = aboutOf(lesson, unit.title);
    const about = linesOf(lesson, unit).join('\n');
    const teaches = unit.vocabulary.map((v) => v.word);
    const names = new Set(keep);
    const here = [about, lesson.objective, own].join('\n').toLowerCase();
    const named = teaches.filter((w) => here.includes(w.toLowerCase()));
    const due = Math.max(LEAST_DUE, Math.ceil(teaches.length / Math.max(1, of)));
    const isTopic = (thing: string): boolean => thing.toLowerCase() === withoutArticle(topic).toLowerCase();
    const material: Material = {
      topic,
      nature: natureOf(lesson, unit.title),
      place,
      turn,
      passage,
      walk,
      byHeart: memory.length ? memory.join('\n\n') : ([own, unit.passage.trim()].find(isVerse) ?? ''),
      learning,
      // A word the unit teaches belongs to a lesson that names it; the others come in turn, so that none is left out.
      words: [...named, ...wordsIn(about, names)],
      names: keep,
      things: thingsIn(topics, named, names).filter((t) => !isTopic(t)),
      others: { words: teaches, due, earlier },
      beginners: wordsIn(passage, names),
      traced,
      sources: [...new Set((uses.get(lesson.id) ?? []).map((u) => bookOf.get(u.pullId)!))],
      question,
      recall: recall.length,
      questions: [
        ...recall,
        ...unit.vocabulary
          .filter((v) => v.meaning && isNamedIn(lesson, v.word))
          .map((v) => meaningOf(v.word, v.meaning)),
      ],
      objectives: easiestFirst(lesson.objectiveIds.flatMap((id) => objectives.get(id)?.wording ?? [])),
      hasLabels: LABELLED.test(
        [topic, ...topics, ...(parts.get(lesson.id) ?? []).map((p) => `${p.title} ${p.directions}`)].join(
          '\n',
        ),
      ),
    };
    made.set(lesson.id, material);
    return material;
  };
}

/** A list from a place on, and round to it again. */
export const inTurn = <T>(list: readonly T[], place: number): T[] =>
  list.length ? [...list.slice(place % list.length), ...list.slice(0, place % list.length)] : [];

/** What beginners trace: in the first lesson the letter their name begins with, then short words, the lesson's own first. */
import { tellingWords } from '../books/fit';
import type { Lesson } from '../plan/lesson';
import type { Unit } from '../plan/unit';

/** Letters of a word that is traced. */
const TRACED = 4;

export interface Traced {
  /** Null: the letter the child's name begins with. */
  word: string | null;
  /** How often it has been traced in the unit before. */
  round: number;
}

/** Words short enough to be traced, each once, the small ones last. */
export function tracedWords(words: readonly string[]): string[] {
  const short = [...new Set(words.map((w) => w.toLowerCase()))].filter(
    (w) => w.length <= TRACED && w.length > 1,
  );
  const says = (w: string): boolean => tellingWords(w).size > 0;
  return [...short.filter(says), ...short.filter((w) => !says(w))];
}

/**
 * What is traced in each lesson of a unit: a word of its own that no lesson before has had, else one that the unit teaches or its
 * passage has; once all have been there, a word of its own again, or they begin anew. Small words, which say nothing of a lesson,
 * only where there are no others.
 */
export function tracedIn(
  unit: Pick<Unit, 'vocabulary' | 'passage'>,
  lessons: readonly Pick<Lesson, 'title' | 'topics' | 'passage'>[],
): Traced[] {
  const telling = (text: string): string[] =>
    tracedWords(wordsOf(text)).filter((w) => tellingWords(w).size > 0);
  const general = `${unit.vocabulary.map((v) => v.word).join(' ')} ${unit.passage}`;
  const tellingOthers = telling(general);
  const others = tellingOthers.length ? tellingOthers : tracedWords(wordsOf(general));
  const times = new Map<string | null, number>();
  const timesOf = (word: string | null): number => times.get(word) ?? 0;
  const leastOf = ([first, ...rest]: readonly string[]): string | undefined =>
    rest.reduce((least, w) => (timesOf(w) < timesOf(least) ? w : least), first);
  return lessons.map(({ title, topics, passage }, i) => {
    const own = telling([title, ...topics.map((t) => t.title), passage].join(' '));
    const fresh = [...own, ...others].find((w) => !timesOf(w));
    const word = i ? (fresh ?? leastOf(own) ?? leastOf(others) ?? null) : null;
    const round = timesOf(word);
    times.set(word, round + 1);
    return { word, round };
  });
}

const wordsOf = (text: string): string[] => text.match(/\p{L}+/gu) ?? [];

/** What beginners trace: in the first lesson the letter their name begins with, then short words, the lesson's own first. */
import { tellingWords } from '../books/fit';
import type { Lesson } from '../plan/lesson';
import type { Unit } from '../plan/unit';
import { linesOf, wordsIn } from './lesson-words';

/** Letters of a word that is traced. */
const TRACED = 4;

export interface Traced {
  /** Null: the letter the child's name begins with. */
  word: string | null;
  /** How often it has been traced in the unit before. */
  round: number;
}

const says = (word: string): boolean => tellingWords(word).size > 0;

/** Words of a text short enough to be traced, each once, names with their capital, the small ones last. */
export function tracedWords(text: string, names: ReadonlySet<string> = new Set()): string[] {
  const words = new Set(wordsIn(text, names).flatMap((w) => w.match(/\p{L}+/gu) ?? []));
  const short = [...words].filter((w) => w.length <= TRACED && w.length > 1);
  return [...short.filter(says), ...short.filter((w) => !says(w))];
}

/**
 * What is traced in each lesson of a unit: a word of its own that no lesson before has had, else one that the unit teaches or its
 * passage has; once all have been there, a word of its own again, or they begin anew. Small words, which say nothing of a lesson,
 * only where there are no others.
 */
export function tracedIn(
  unit: Pick<Unit, 'title' | 'vocabulary' | 'passage'>,
  lessons: readonly Pick<Lesson, 'title' | 'topics' | 'passage'>[],
  names: ReadonlySet<string> = new Set(),
): Traced[] {
  const wordsOf = (texts: readonly string[]): string[] => tracedWords(texts.join('\n'), names);
  const all = wordsOf([...unit.vocabulary.map((v) => v.word), unit.passage]);
  const others = all.some(says) ? all.filter(says) : all;
  const times = new Map<string | null, number>();
  const timesOf = (word: string | null): number => times.get(word) ?? 0;
  const leastOf = ([first, ...rest]: readonly string[]): string | undefined =>
    rest.reduce((least, w) => (timesOf(w) < timesOf(least) ? w : least), first);
  return lessons.map((lesson, i) => {
    const own = wordsOf([...linesOf(lesson, unit), lesson.passage]).filter(says);
    const fresh = [...own, ...others].find((w) => !timesOf(w));
    const word = i ? (fresh ?? leastOf(own) ?? leastOf(others) ?? null) : null;
    const round = timesOf(word);
    times.set(word, round + 1);
    return { word, round };
  });
}

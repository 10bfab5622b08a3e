/** The words of a lesson, names with their capital; and what of them is a thing that can be shown. */
import type { Lesson } from '../plan/lesson';
import type { Unit } from '../plan/unit';
import { aboutOf, isTold, withoutArticle } from './about';
import { isNoun } from './doable';

/** “Dr. Imre Holm”: a person is met, not spelt. */
const PERSON = /(?<!\p{L})(?:Dr|Mrs?|Ms|Prof|Sir|Captain)\.?(?:\s+\p{Lu}[\p{L}’'-]*){1,3}/gu;

/** Words of a text, names with their capital, others without the one a line or a sentence begins with. */
export function wordsIn(text: string, names: ReadonlySet<string>): string[] {
  return text
    .replace(PERSON, '')
    .split(/\n|(?<=[.!?…:]["”’)]*)\s+/u)
    .flatMap((line) => {
      const words = (line.match(/\p{L}[\p{L}’'-]*/gu) ?? []).map((w) => w.replace(/[’']s$/u, ''));
      const titled = words.length > 1 && words.every((w) => /^\p{Lu}/u.test(w) || w.length < 4);
      return words.map((w, i) => (names.has(w) || (i > 0 && !titled) ? w : w.toLowerCase()));
    });
}

/** Whether all words of a line have a capital, so that it tells no name: “The Water Cycle”. */
export const isTitled = (words: readonly string[]): boolean =>
  words.length > 1 && words.every((w) => /^\p{Lu}/u.test(w) || w.length < 4);

/** What a lesson is about and its topics, a line each; a question is none of them, as its words say little: “Who owns the past?” */
export const linesOf = (lesson: Pick<Lesson, 'title' | 'topics'>, { title }: Pick<Unit, 'title'>): string[] =>
  [aboutOf(lesson, title), ...lesson.topics.map((t) => t.title)].filter((line) => !line.endsWith('?'));

/** Words of a topic that is one thing; what is longer is told, and its words are the things. Own choice. */
const MOST_WORDS = 3;

/** “Arteries and veins” are two things. */
function pairsApart(topic: string): string[] {
  const two = topic.split(/\s+and\s+/iu);
  return two.length === 2 && two.every((t) => t.split(/\s+/).length <= 2) ? two : [topic];
}

/** What of a lesson can be shown: words the unit teaches, and its topics, a short one whole (“flat bread”). */
export function thingsIn(
  topics: readonly string[],
  taught: readonly string[],
  names: ReadonlySet<string>,
): string[] {
  const ofTopics = topics.flatMap(pairsApart).flatMap((topic) => {
    // “How dough rises” is told, as is “Finding north”; it is no thing.
    if (!isNoun(topic) || isTold(topic)) return [];
    const words = wordsIn(withoutArticle(topic), names);
    const isOne = words.length > 1 && words.length <= MOST_WORDS && !/[,;:()&/]/.test(topic);
    if (!isOne) return words;
    // “Flat bread” is flat bread; “New York”, or what is titled so, stays as it is.
    const text = withoutArticle(topic);
    const isName = text.split(/\s+/).every((w) => /^\p{Lu}/u.test(w)) || names.has(words[0]);
    return [isName ? text : `${text[0].toLowerCase()}${text.slice(1)}`];
  });
  // A word that is part of a thing is not there once more beside it: “bread” beside “flat bread”.
  const parts = new Set(ofTopics.filter((t) => t.includes(' ')).flatMap((t) => t.toLowerCase().split(' ')));
  const isPart = (w: string): boolean => [w, `${w}s`, w.replace(/s$/u, '')].some((form) => parts.has(form));
  return [...taught.filter((w) => !isPart(w.toLowerCase())), ...ofTopics];
}

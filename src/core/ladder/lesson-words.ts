/** The words of a lesson, names with their capital; and what of them is a thing that can be shown. */
import type { Lesson } from '../plan/lesson';
import type { Unit } from '../plan/unit';
import { withoutArticle } from './about';
import { kindOfWord } from './dictionary';
import { isNoun } from './doable';
import { isFamiliar } from './hardness';

/** “Dr. Imre Holm”: a person is met, not spelt. */
const PERSON = /(?<!\p{L})(?:Dr|Mrs?|Ms|Prof|Sir|Madame)\.?(?:\s+\p{Lu}[\p{L}’'-]*){1,3}/gu;

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

let ofLands: ReadonlySet<string> | undefined;

/** Names of countries and continents of one word (CLDR, by `Intl`): “Africa” has its capital also where it stands alone. */
function lands(): ReadonlySet<string> {
  if (ofLands) return ofLands;
  const names = new Intl.DisplayNames('en-GB', { type: 'region', fallback: 'none' });
  const letters = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'];
  const countries = letters.flatMap((a) => letters.map((b) => a + b));
  // The codes of the United Nations for parts of the world (M49) lie below 500.
  const parts = Array.from({ length: 500 }, (_, n) => String(n).padStart(3, '0'));
  return (ofLands = new Set([...countries, ...parts].flatMap((code) => names.of(code) ?? [])));
}

/**
 * Names in a text: with a capital within a sentence; and where a sentence begins those that the dictionary or nobody
 * knows: “Osiris”, “Hatmose”.
 * @param around more of what the unit says, where a common word may stand in small letters
 */
export function namesIn(text: string, around = ''): Set<string> {
  const within = [...text.matchAll(/(?<=\p{Ll}[,;]? )\p{Lu}\p{Ll}+/gu)].map((m) => m[0]);
  const small = new Set(`${text}\n${around}`.match(/(?<!\p{L})\p{Ll}+/gu));
  const isSmallSomewhere = (word: string): boolean => {
    const w = word.toLowerCase();
    return [w, `${w}s`, w.replace(/(?<=.)s$/u, ''), w.replace(/ies$/u, 'y')].some((form) => small.has(form));
  };
  const isName = (w: string): boolean => {
    if (lands().has(w)) return true;
    const kind = kindOfWord(w);
    if (kind === 'name' || kind === 'common') return kind === 'name';
    return !isFamiliar(w) && !isSmallSomewhere(w);
  };
  return new Set([...within, ...(text.match(/(?<!\p{L})\p{Lu}\p{Ll}+/gu) ?? []).filter(isName)]);
}

/** What a unit and its lessons say: where a word stands in small letters somewhere in it, it is no name. */
export function saidIn(
  unit: Pick<Unit, 'vocabulary' | 'passage'>,
  lessons: readonly Pick<Lesson, 'title' | 'topics' | 'objective' | 'passage'>[],
): string {
  return [
    ...unit.vocabulary.map((v) => `${v.word} ${v.meaning}`),
    unit.passage,
    ...lessons.flatMap((l) => [l.title, ...l.topics.map((t) => t.title), l.objective, l.passage]),
  ].join('\n');
}

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
    // “How dough rises” is told; it is no thing.
    if (!isNoun(topic)) return [];
    const words = wordsIn(withoutArticle(topic), names);
    const isOne = words.length > 1 && words.length <= MOST_WORDS && !/[,;:()&/]/.test(topic);
    if (!isOne) return words;
    // “Flat bread” is flat bread; “New York”, or what is titled so, stays as it is.
    const text = withoutArticle(topic);
    const isTitled = text.split(/\s+/).every((w) => /^\p{Lu}/u.test(w));
    return [isTitled || names.has(words[0]) ? text : `${text[0].toLowerCase()}${text.slice(1)}`];
  });
  // A word that is part of a thing is not there once more beside it: “bread” beside “flat bread”.
  const parts = new Set(ofTopics.filter((t) => t.includes(' ')).flatMap((t) => t.toLowerCase().split(' ')));
  const isPart = (w: string): boolean => [w, `${w}s`, w.replace(/s$/u, '')].some((form) => parts.has(form));
  return [...taught.filter((w) => !isPart(w.toLowerCase())), ...ofTopics];
}

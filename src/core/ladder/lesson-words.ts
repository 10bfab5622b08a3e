/** The words of a lesson, names with their capital; and what of them is a thing that can be shown. */
import { isNoun } from './doable';

/** Words of a text, names with their capital, others without the one a line begins with. */
export function wordsIn(text: string, names: ReadonlySet<string>): string[] {
  return text.split('\n').flatMap((line) => {
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

/** Names in a text: with a capital within a sentence, and those of lands. */
export function namesIn(text: string): Set<string> {
  const within = [...text.matchAll(/(?<=\p{Ll}[,;]? )\p{Lu}\p{Ll}+/gu)].map((m) => m[0]);
  return new Set([...within, ...(text.match(/\p{Lu}\p{Ll}+/gu) ?? []).filter((w) => lands().has(w))]);
}

/** Words of a topic that is one thing; what is longer is told, and its words are the things. Own choice. */
const MOST_WORDS = 3;

/** What of a lesson can be shown: words the unit teaches, and its topics, a short one whole (“flat bread”). */
export function thingsIn(
  topics: readonly string[],
  taught: readonly string[],
  names: ReadonlySet<string>,
): string[] {
  const ofTopics = topics.flatMap((topic) => {
    const words = wordsIn(topic, names);
    const isOne = isNoun(topic) && words.length > 1 && words.length <= MOST_WORDS && !/[,;:()&/]/.test(topic);
    if (!isOne) return words;
    // “Flat bread” is flat bread; “New York”, or what is titled so, stays as it is.
    return [topic.split(/\s+/).every((w) => /^\p{Lu}/u.test(w)) ? topic : words.join(' ')];
  });
  // A word that is part of a thing is not there once more beside it: “bread” beside “flat bread”.
  const parts = new Set(ofTopics.filter((t) => t.includes(' ')).flatMap((t) => t.toLowerCase().split(' ')));
  return [...taught.filter((w) => !parts.has(w.toLowerCase())), ...ofTopics];
}

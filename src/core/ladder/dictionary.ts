/**
 * Whether a word is a name or a common word, by the English spelling dictionary of hunspell (SCOWL), in which names have their
 * capital: “Osiris/M”, “femur/SM”. It is read from a file, so nothing that a page imports may import this.
 */
import dictionary from 'dictionary-en';

/** After a name: there are several of it, “Viking/MS”; a person's name has none. */
const SEVERAL = 'S';

/** Letters before an ending: “ines” is not “in”. */
const STEM = 3;

let entries: ReadonlyMap<string, string> | undefined;

/** Words as they stand in the dictionary, with the letters that say how they are inflected. */
function known(): ReadonlyMap<string, string> {
  if (entries) return entries;
  const lines = new TextDecoder().decode(dictionary.dic).split('\n').slice(1);
  return (entries = new Map(
    lines.map((line) => line.trim().split('/') as [string, string?]).map(([w, by = '']) => [w, by]),
  ));
}

/** What a word is put together from with what goes before it: “reflex” from “flex”. */
const PREFIX = /^(?:re|un|dis|mis|pre|non|in)(?=\p{L}{4})/u;

/** A word and what it may be inflected from: “mummies” from “mummy”. */
const stemsOf = (word: string): string[] =>
  [word, word.replace(PREFIX, ''), american(word)].flatMap(inflectedFrom);

/** The dictionary spells as Americans do. */
const american = (word: string): string =>
  word
    .replace(/our/u, 'or')
    .replace(/grey/u, 'gray')
    .replace(/([iy])s(?=e|ing)/u, '$1z')
    .replace(/([^aeiou])re(?=s?$)/u, '$1er');

const inflectedFrom = (word: string): string[] => [
  word,
  ...['s', 'es', 'd', 'ed', 'r', 'er', 'ers', 'ing', 'ly'].flatMap((end) =>
    word.endsWith(end) ? [word.slice(0, -end.length)] : [],
  ),
  word.replace(/ie(?:s|d)$/u, 'y'),
  word.replace(/ing$/u, 'e'),
  word.replace(/(?<twice>\p{L})\k<twice>(?:ing|ed|er|ers)$/u, '$<twice>'),
];

/**
 * @param word with the capital it has in the text
 * @returns undefined where the dictionary has it neither so nor in small letters; `both` where there are several of the name:
 * a Viking, but not a Mr Reed, is as likely as the common word
 */
export function kindOfWord(word: string): 'name' | 'common' | 'both' | undefined {
  const all = known();
  const small = word.toLowerCase();
  const name = [word, word.replace(/s$/u, '')].map((w) => all.get(w)).find((by) => by !== undefined);
  const isCommon = stemsOf(small).some((stem) => (stem === small || stem.length >= STEM) && all.has(stem));
  if (!isCommon) return name === undefined ? undefined : 'name';
  return name?.includes(SEVERAL) ? 'both' : 'common';
}

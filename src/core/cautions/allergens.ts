/** Allergies as a parent types them, looked for in what is done. */
import { ALLERGENS, type Allergen } from './allergen-table';
import { orHyphen } from './row';

const compiled = new WeakMap<readonly string[], RegExp>();
/** Any of some words, made once for each list of the table. */
function met(words: readonly string[]): RegExp {
  let pattern = compiled.get(words);
  if (!pattern) {
    const longestFirst = [...words]
      .sort((a, b) => b.length - a.length)
      .map(orHyphen)
      .join('|');
    pattern = new RegExp(`(?<!\\p{L})(?:${longestFirst})(?:s|es)?(?!\\p{L})`, 'giu');
    compiled.set(words, pattern);
  }
  pattern.lastIndex = 0;
  return pattern;
}

/** `Nut-free trail mix`: what is free of a thing is not it. */
const FREE_OF = /(?<!\p{L})\p{L}+[- ]free(?: \p{L}+){1,2}/giu;

/** The table's rows that something typed speaks of; none where the word is not known. */
export const allergensTyped = (typed: string): Allergen[] => ALLERGENS.filter((a) => a.typed.test(typed));

/** Allergies as a parent types them in a row: `eggs, nuts and milk`. */
export const allergiesIn = (typed: string): string[] =>
  typed
    .split(/[,;/\n]|\s(?:and|&)\s/i)
    .map((a) => a.trim())
    .filter(Boolean);

/** Whether an allergy as typed is known; one that is not is looked for only under its own word. */
export const isKnownAllergy = (typed: string): boolean => allergensTyped(typed).length > 0;

/** By which word a text meets an allergy as it was typed, and how it is met; undefined where it does not. */
export function meets(text: string, typed: string): { word: string; by: Allergen['by'] } | undefined {
  const known = allergensTyped(typed);
  const rows: Pick<Allergen, 'words' | 'not' | 'by'>[] = known.length
    ? known
    : [
        {
          words: [
            typed
              .trim()
              .toLowerCase()
              .replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
              .replace(/(?<=o|ch|sh|x)es$|s$/, ''),
          ],
          by: 'food',
        },
      ];
  const free = text.replace(FREE_OF, ' … ');
  for (const { words, not = [], by } of rows) {
    const rest = not.length ? free.replace(met(not), ' … ') : free;
    const found = met(words).exec(rest);
    if (found) return { word: found[0].toLowerCase(), by };
  }
  return undefined;
}

/** How the allergies that something typed speaks of are met; eaten, where the word is not known. */
export const waysMet = (typed: string): Allergen['by'][] => {
  const known = allergensTyped(typed);
  return known.length ? known.map((a) => a.by) : ['food'];
};

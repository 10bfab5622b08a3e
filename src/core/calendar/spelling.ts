/**
 * Hausplan's own words as they are spelt where a family lives: British, or American. What stands in quotation marks is
 * somebody's title or text, and stays as it is.
 */
import type { Spelling } from './customs';

/** British and American; each is also found as a part of longer words of its own: colours, coloured, colouring. */
const PAIRS: readonly [british: string, american: string, endings: string][] = [
  ['colour', 'color', 's|ed|ing|ful'],
  ['neighbour', 'neighbor', 's|hood|ing'],
  ['favourite', 'favorite', 's'],
  ['honour', 'honor', 's|ed|ing'],
  ['fibre', 'fiber', 's'],
  ['litre', 'liter', 's'],
  ['metre', 'meter', 's'],
  ['centre', 'center', 's'],
  ['theatre', 'theater', 's'],
  ['grey', 'gray', 's|ed'],
  ['mould', 'mold', 's|ed|y'],
  ['plough', 'plow', 's|ed|ing'],
  ['programme', 'program', 's'],
  ['catalogue', 'catalog', 's'],
  ['judgement', 'judgment', 's'],
  ['learnt', 'learned', ''],
  ['spelt', 'spelled', ''],
  ['labelled', 'labeled', ''],
  ['labelling', 'labeling', ''],
  ['modelled', 'modeled', ''],
  ['modelling', 'modeling', ''],
  ['practise', 'practice', 's|d'],
  ['practising', 'practicing', ''],
  ['organise', 'organize', 's|d'],
  ['recognise', 'recognize', 's|d'],
  ['summarise', 'summarize', 's|d'],
  ['licence', 'license', 's'],
];
const AMERICAN = new Map(PAIRS.map(([british, american]) => [british, american]));
const WORDS = new RegExp(
  `“[^”]*”|\\b(${PAIRS.map(([british, , endings]) => `${british}(?=(?:${endings})?\\b)`).join('|')})`,
  'gi',
);

export const spelt = (text: string, spelling: Spelling): string =>
  spelling === 'British'
    ? text
    : text.replace(WORDS, (found) => {
        const american = AMERICAN.get(found.toLowerCase());
        if (american === undefined) return found;
        return found[0] === found[0].toLowerCase() ? american : american[0].toUpperCase() + american.slice(1);
      });

/** How hard a word is for children: by its length, its syllables and the lists of words they know. */
import { daleChall } from 'dale-chall';
import { spache } from 'spache';
import { syllable } from 'syllable';
import type { Rung } from '../plan/measures';

const FIRST = new Set(spache);
const FAMILIAR = new Set(daleChall);

const ENDINGS = ['s', 'es', 'ed', 'ing'];
/** Letters before an ending: “ines” is not “in”. */
const STEM = 3;

/** @param word in small letters */
function isOn(list: ReadonlySet<string>, word: string): boolean {
  const stems = ENDINGS.filter((end) => word.endsWith(end)).map((end) => word.slice(0, -end.length));
  return [word, ...stems.filter((s) => s.length >= STEM)].some((form) => list.has(form));
}

/** Whether a word is among those most children know in grade 4. */
export const isFamiliar = (word: string): boolean =>
  isOn(FAMILIAR, word.toLowerCase()) || isOn(FIRST, word.toLowerCase());

/**
 * How hard a word is, 1 to 5, the rung it suits: short and among the first read; among the first; known to most in
 * grade 4; beyond that; long or of many syllables beyond that. What has several words is as hard as the hardest.
 */
export function hardness(word: string): Rung {
  const several = word.split(' ');
  if (several.length > 1) return Math.max(...several.map(hardness)) as Rung;
  const w = word.toLowerCase();
  if (isOn(FIRST, w)) return w.length <= 4 ? 1 : 2;
  if (isOn(FAMILIAR, w)) return w.length <= 4 ? 2 : 3;
  if (w.length <= 4) return 3;
  return w.length <= 8 && syllable(w) <= 2 ? 4 : 5;
}

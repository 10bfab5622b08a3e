/**
 * Word lists from a lesson's own words, by how hard a word is: its length, whether children know it, and its syllables. A
 * six-year-old's list and a twelve-year-old's come from the same lesson.
 */
import { daleChall } from 'dale-chall';
import { spache } from 'spache';
import { syllable } from 'syllable';
import { tellingWords } from '../books/fit';
import type { Rung } from '../plan/measures';
import { lettersOf, minutesToCopy, type Writer } from './handwriting';
import { evenOne, plain, type Version } from './version';
import { wordingFor } from './wordings';

const FIRST = new Set(spache);
const FAMILIAR = new Set(daleChall);

/**
 * The commonest words of first reading (Dolch 1936, the first of the list, from memory): a beginner gets some beside
 * the lesson's words.
 */
export const SIGHT_WORDS =
  'the to and he a I you it of in was said his that she for on they but had at him with up all look is her there some out as be have go we am then little down'.split(
    ' ',
  );

/**
 * How hard a word is, 1 to 5, the rung it suits: short and among the first read; among the first; known to most in
 * grade 4; beyond that; long or of many syllables beyond that.
 */
export function hardness(word: string): Rung {
  const w = word.toLowerCase();
  const known = (list: ReadonlySet<string>): boolean =>
    [w, w.replace(/s$/, ''), w.replace(/es$/, ''), w.replace(/ed$/, ''), w.replace(/ing$/, '')].some((b) =>
      list.has(b),
    );
  if (known(FIRST)) return w.length <= 4 ? 1 : 2;
  if (known(FAMILIAR)) return w.length <= 4 ? 2 : 3;
  if (w.length <= 4) return 3;
  return w.length <= 8 && syllable(w) <= 2 ? 4 : 5;
}

/** Words on a list, by rung. Common practice, no source. */
export const LIST_LENGTH: Record<Rung, number> = { 1: 3, 2: 4, 3: 6, 4: 8, 5: 10 };

/**
 * The words of a rung, hardest first: those that suit it, then easier ones; never one that is harder. Words the unit teaches
 * come before others as hard.
 * @param words the lesson's own, those the unit teaches first
 */
export function wordsFor(words: readonly string[], rung: Rung, most: number = LIST_LENGTH[rung]): string[] {
  const said = new Set(words.map((w) => w.toLowerCase()));
  return (
    [...said]
      // Small words say nothing of a lesson, and a plural beside its singular is no second word.
      .filter((w) => tellingWords(w).size > 0 && !(w.endsWith('s') && said.has(w.slice(0, -1))))
      .map((word, at) => ({ word, at, hard: hardness(word) }))
      .filter((w) => w.hard <= rung)
      .sort((a, b) => b.hard - a.hard || a.at - b.at)
      .slice(0, most)
      .map((w) => w.word)
  );
}

/** Sight words beside a beginner's list: those in the lesson's text first. */
function sightWords(text: string, n: number): string[] {
  const there = new Set(text.toLowerCase().match(/[\p{L}’']+/gu) ?? []);
  return [
    ...SIGHT_WORDS.filter((w) => there.has(w.toLowerCase())),
    ...SIGHT_WORDS.filter((w) => !there.has(w.toLowerCase())),
  ].slice(0, n);
}

/** Times each word is written, by rung: read and matched only; once; and so on. Common practice, no source. */
const WRITTEN: Record<Rung, number> = { 1: 0, 2: 1, 3: 2, 4: 2, 5: 2 };
const SIGHT: Partial<Record<Rung, number>> = { 1: 3, 2: 3 };
/** Minutes to read the list through and use it. Own choice. */
const READING = 4;

/** The words a child is given, as many as they can write in one stretch, and the sight words beside a beginner's. */
export function listFor(
  words: readonly string[],
  text: string,
  rung: Rung,
  writer: Writer,
  most: number | null = null,
): { asked: string[]; list: string[]; beside: string[]; writing: (list: readonly string[]) => number } {
  const asked = wordsFor(words, rung, most ?? LIST_LENGTH[rung]);
  const writing = (list: readonly string[]): number =>
    WRITTEN[rung] ? minutesToCopy(lettersOf(list.join('')) * WRITTEN[rung], writer.rate) : 0;
  let list = asked;
  while (writing(list) > writer.stretch && list.length > 1) list = list.slice(0, -1);
  return { asked, list, beside: sightWords(text, SIGHT[rung] ?? 0), writing };
}

/** @param most so many words instead of the rung's own */
export function wordListVersion(
  words: readonly string[],
  text: string,
  rung: Rung,
  writer: Writer,
  most: number | null = null,
): Version {
  const { asked, list, beside, writing } = listFor(words, text, rung, writer, most);
  const all = [...list, ...beside].join(' · ');
  const minutes = writing(list) + READING;
  return {
    ...plain,
    rung,
    minutes,
    parentMinutes: rung <= 2 ? minutes : 0,
    amount: all,
    wording: all
      ? wordingFor('word-list', rung, { amount: all })
      : 'The lesson names no word that suits this rung; choose some from the reading together',
    produces: rung === 1 ? 'matched cards' : 'a list in the notebook',
    supplies: rung <= 2 ? 'word cards' : '',
    note:
      list.length < asked.length
        ? `All ${asked.length} words would take ${writing(asked)} min of writing, more than the ${writer.stretch} min that suit this age. Offered: ${list.length}.`
        : writing(list) > writer.stretch
          ? evenOne('word', writing(list), writer.stretch)
          : '',
  };
}

/** Work that is found, named or known: labels, looking up, memory work, and what is on the checklist. */
import type { Rung } from '../plan/measures';
import { cutFor, wordCount } from './copying';
import { lettersOf, minutesToCopy, type Writer } from './handwriting';
import type { Material } from './material';
import { count } from '../plan/called';
import { evenOne, plain, type Version } from './version';
import { wordsFor } from './word-list';
import { wordingFor } from './wordings';

/** Labels on a map or drawing, by rung. Common practice, no source. */
const LABELS: Record<Rung, number> = { 1: 3, 2: 3, 3: 5, 4: 8, 5: 10 };

/**
 * The words to be put on a map or a drawing: as many as the lesson has, no more, and no more than can be written in
 * one stretch.
 */
export function labelsFor(
  material: Pick<Material, 'words'>,
  rung: Rung,
  writer: Writer,
  labels: number | null = null,
): { asked: string[]; words: string[]; writing: (words: readonly string[]) => number } {
  const most = labels ?? LABELS[rung];
  const asked = wordsFor(material.words, rung === 1 ? 2 : rung, most);
  // On the first two rungs they are pointed at, or stand on cards.
  const writing = (words: readonly string[]): number =>
    rung <= 2 ? 0 : minutesToCopy(lettersOf(words.join('')), writer.rate);
  let words = asked;
  while (writing(words) > writer.stretch && words.length > 1) words = words.slice(0, -1);
  return { asked, words, writing };
}

export function labelsVersion(
  material: Material,
  rung: Rung,
  writer: Writer,
  labels: number | null = null,
): Version {
  const { asked, words, writing } = labelsFor(material, rung, writer, labels);
  const n = Math.max(1, words.length);
  const such = words.length ? `: ${words.slice(0, 3).join(', ')}${n > 3 ? '…' : ''}` : '';
  const wording = wordingFor('labels', rung, { amount: count(n, 'label'), things: count(n, 'thing'), such });
  return {
    ...plain,
    rung,
    wording,
    amount: `${count(n, 'label')}${such}`,
    minutes: 5 + n + writing(words),
    parentMinutes: rung <= 2 ? 5 : 0,
    produces: 'a map or drawing with labels',
    supplies: rung === 2 ? 'labels cut out; map or drawing' : 'map or drawing',
    note:
      words.length < asked.length
        ? `All ${asked.length} labels would take ${writing(asked)} min of writing, more than the ${writer.stretch} min that suit this age. Offered: ${words.length}.`
        : writing(words) > writer.stretch
          ? evenOne('label', writing(words), writer.stretch)
          : '',
  };
}

/** Minutes of looking up, the child's and the parent's, and of learning by heart, by rung. Own choice. */
const LOOKING_UP: Record<'minutes' | 'parentMinutes', Record<Rung, number>> = {
  minutes: { 1: 5, 2: 8, 3: 10, 4: 20, 5: 30 },
  parentMinutes: { 1: 5, 2: 8, 3: 3, 4: 0, 5: 0 },
};
const LEARNING: Record<Rung, number> = { 1: 4, 2: 5, 3: 6, 4: 8, 5: 10 };

/** Looking up: which source, and how many. */
export function lookingUpVersion(material: Material, rung: Rung, sources: number | null = null): Version {
  const named = material.sources.map((s) => `“${s}”`);
  const [first, second, third] = named;
  const made = wordingFor('looking-up', rung, {
    first: first ?? 'a book from the basket',
    second: second ?? (rung === 5 ? 'a second' : 'another book'),
    third: third ?? 'a third source',
  });
  const of = sources === null ? [] : named.slice(0, sources);
  const more = sources === null ? 0 : sources - of.length;
  const others = more ? [count(more, of.length ? 'other book' : 'book')] : [];
  const inBooks = sources === null ? named.slice(0, 1) : [...of, ...others];
  const amount = inBooks.length ? `in ${inBooks.join(', ')}` : '';
  return {
    ...plain,
    rung,
    wording: sources === null ? made : wordingFor('looking-up in so many', rung, { amount }),
    amount,
    minutes: LOOKING_UP.minutes[rung],
    parentMinutes: LOOKING_UP.parentMinutes[rung],
    produces: rung >= 4 ? 'notes with pages' : '',
  };
}

/** Learning by heart, from the real passage: never more than there is. Common practice: a line a sitting for a beginner. */
export function memoryVersion(material: Material, rung: Rung, lines: number | null = null): Version {
  const all = material.passage
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean);
  const cut =
    lines === null ? cutFor(material.passage, Math.max(3, rung) as Rung) : all.slice(0, lines).join('\n');
  const wording = wordingFor('memory', rung, { amount: count(wordCount(cut), 'word'), start: start(cut) });
  const amount = `${count(cut.split('\n').filter(Boolean).length, 'line')}, ${count(wordCount(cut), 'word')}: “${start(cut)}”`;
  return {
    ...plain,
    rung,
    wording: lines === null ? wording : `Learn by heart ${amount}`,
    amount,
    minutes: Math.min(15, LEARNING[rung] + Math.floor(wordCount(cut) / 40)),
    parentMinutes: rung <= 3 ? 4 : 2,
  };
}
const start = (text: string): string => `${text.split(/\s+/).slice(0, 4).join(' ')}…`;

/** Showing a lesson's share of the unit's checklist, for a child who shows what they know by it. */
export function checklistVersion(material: Material, rung: Rung): Version {
  const n = Math.max(1, material.objectives);
  const amount = `${count(n, 'thing')} on your checklist`;
  return {
    ...plain,
    rung,
    amount,
    wording: wordingFor('checklist', rung, { amount }),
    minutes: 3 + 3 * n,
    parentMinutes: rung <= 3 ? 3 * n : 2,
  };
}

/** For a child who need not show anything: listening is enough. */
export const nothingToShow = (rung: Rung): Version => ({
  ...plain,
  rung,
  wording: wordingFor('nothing', rung),
  minutes: 0,
  parentMinutes: 0,
});

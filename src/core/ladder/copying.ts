/** Copying on five rungs: trace a word, a few words, a line, a stanza, all of it; cut from the real passage. */
import type { Rung } from '../plan/measures';
import { lettersOf, minutesToCopy, type Writer } from './handwriting';
import { count } from '../plan/called';
import { evenOne, plain, type Version } from './version';
import { wordingFor } from './wordings';

/** Minutes to lay out paper and pencil and to look it over afterwards. */
const SETTLING = 3;

/** Passages cut to a rung, longest first is not wanted: the rung's own cut is the full amount. */
export function cutFor(passage: string, rung: Rung): string {
  const lines = passage.split('\n').map((l) => l.trim());
  const stanzas = passage
    .trim()
    .split(/\n\s*\n/)
    .map((s) => s.trim())
    .filter(Boolean);
  const firstLine = lines.find(Boolean) ?? '';
  const words = firstLine.match(/[\p{L}\p{N}’'-]+/gu) ?? [];
  switch (rung) {
    case 1:
      return longest(words);
    case 2:
      return words.slice(0, 3).join(' ');
    case 3:
      return firstLine;
    case 4:
      return stanzas[0] ?? '';
    case 5:
      return stanzas.join('\n\n');
  }
}

/** The first so many words of a passage, in its own lines. */
export function firstWords(passage: string, n: number): string {
  const words = [...passage.trim().matchAll(/\S+/g)].slice(0, n);
  const last = words.at(-1);
  return last ? passage.trim().slice(0, last.index + last[0].length) : '';
}

/**
 * What a child copies of a passage on a rung: the rung's own cut, and as much of it as they can write in one stretch.
 * @param words so many words instead of the rung's own cut
 */
export function copyText(
  passage: string,
  rung: Rung,
  writer: Writer,
  words: number | null = null,
): { asked: string; text: string } {
  const asked = words === null ? cutFor(passage, rung) : firstWords(passage, words);
  let text = asked;
  while (minutesFor(text, writer) > writer.stretch && wordCount(text) > 1) text = withoutLastPiece(text);
  return { asked, text };
}

/** One child's copying from a passage, with minutes by hand and age; shortened where it would outlast their attention. */
export function copyingVersion(
  passage: string,
  rung: Rung,
  writer: Writer,
  words: number | null = null,
): Version {
  const { asked, text } = copyText(passage, rung, writer, words);
  const minutes = minutesFor(text, writer) + SETTLING;
  const shortened = text !== asked;
  return {
    rung,
    ...inWords(text, rung, shortened || words !== null),
    minutes,
    letters: lettersOf(text),
    produces: 'a copied page',
    supplies: rung === 1 ? 'a page to trace' : '',
    parentMinutes: rung === 1 ? minutes : rung === 2 ? Math.min(3, minutes) : 0,
    note: shortened
      ? `All ${count(wordCount(asked), 'word')} would take ${minutesFor(asked, writer)} min of writing, more than the ${writer.stretch} min that suit this age. Offered: the first ${count(wordCount(text), 'word')}.`
      : minutesFor(text, writer) > writer.stretch
        ? evenOne('word', minutesFor(text, writer), writer.stretch)
        : '',
  };
}

/** Where neither the lesson nor its unit has a passage: nothing is copied, never the title of the lesson instead. */
export const withoutPassage = (rung: Rung, doing: 'copy' | 'learn by heart'): Version => ({
  ...plain,
  rung,
  wording: `Nothing to ${doing}: there is no passage`,
  minutes: 0,
  parentMinutes: 0,
  note: 'Give the lesson a passage of its own, or the unit one for all its lessons.',
});

function minutesFor(text: string, writer: Writer): number {
  return minutesToCopy(lettersOf(text), writer.rate);
}

/** A text without its last line, or without its last word when it is one line. */
function withoutLastPiece(text: string): string {
  const line = text.lastIndexOf('\n');
  if (line > 0) return text.slice(0, line).trimEnd();
  return text.slice(0, text.lastIndexOf(' ')).trimEnd();
}

function inWords(text: string, rung: Rung, cut: boolean): Pick<Version, 'wording' | 'amount'> {
  const words = wordCount(text);
  if (rung === 1) return { wording: wordingFor('copying', rung, { text }), amount: `“${text}”` };
  const amount =
    rung === 2
      ? `${words === 1 ? 'one word' : words > 3 ? `${words} words` : `${number(words)} words`}: ${text}`
      : `${cut ? 'from the passage' : rung === 3 ? 'one line' : rung === 4 ? 'one stanza' : 'the whole passage'}, ${count(words, 'word')}: “${text.split(/\s+/).slice(0, 4).join(' ')}…”`;
  return { wording: wordingFor('copying', rung, { amount }), amount };
}

export const wordCount = (text: string): number => text.split(/\s+/).filter(Boolean).length;
const longest = (words: readonly string[]): string =>
  words.reduce((best, w) => (w.length > best.length ? w : best), '');
const number = (n: number): string => ['no', 'one', 'two', 'three'][n] ?? String(n);

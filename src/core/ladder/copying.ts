/** Copying on five rungs: trace a word, a few words, a line, a stanza, all of it; cut from the real passage. */
import type { IsoDate, Rung } from '../plan/measures';
import type { Child } from '../plan/plan';
import { ageOn, gradeOf } from './age';
import { attentionStretch, lettersOf, minutesToCopy } from './handwriting';
import type { Version } from './version';

/** Minutes to lay out paper and pencil and to look it over afterwards. */
const SETTLING = 3;

/** Passages cut to a rung, longest first is not wanted: the rung's own cut is the full amount. */
export function cutFor(passage: string, rung: Rung): string {
  const lines = passage.split('\n').map((l) => l.trim());
  const stanzas = passage.trim().split(/\n\s*\n/).map((s) => s.trim()).filter(Boolean);
  const firstLine = lines.find(Boolean) ?? '';
  const words = firstLine.match(/[\p{L}\p{N}’'-]+/gu) ?? [];
  switch (rung) {
    case 1: return longest(words);
    case 2: return words.slice(0, 3).join(' ');
    case 3: return firstLine;
    case 4: return stanzas[0] ?? '';
    case 5: return stanzas.join('\n\n');
  }
}

/** What a child copies of a passage on a rung: the rung's own cut, and as much of it as they can write in one stretch. */
export function copyText(passage: string, rung: Rung, child: Child, date: IsoDate): { asked: string; text: string } {
  const grade = gradeOf(child.birthMonth, date);
  const stretch = attentionStretch(ageOn(child.birthMonth, date));
  const asked = cutFor(passage, rung);
  let text = asked;
  while (writingMinutes(text, grade) > stretch && wordCount(text) > 1) text = withoutLastPiece(text);
  return { asked, text };
}

/** One child's copying from a passage, with minutes by hand and age; shortened where it would outlast their attention. */
export function copyingVersion(passage: string, rung: Rung, child: Child, date: IsoDate): Version {
  const grade = gradeOf(child.birthMonth, date);
  const stretch = attentionStretch(ageOn(child.birthMonth, date));
  const { asked, text } = copyText(passage, rung, child, date);
  const minutes = writingMinutes(text, grade) + SETTLING;
  const shortened = text !== asked;
  return {
    rung,
    wording: inWords(text, rung, shortened),
    minutes,
    produces: 'a copied page', supplies: rung === 1 ? 'a page to trace' : '',
    parentMinutes: rung === 1 ? minutes : rung === 2 ? Math.min(3, minutes) : 0,
    note: shortened
      ? `All ${count(wordCount(asked), 'word')} would take ${writingMinutes(asked, grade)} min of writing, more than the ${stretch} min that suit this age. Offered: the first ${count(wordCount(text), 'word')}.`
      : '',
  };
}

function writingMinutes(text: string, grade: number): number {
  return minutesToCopy(lettersOf(text), grade);
}

/** A text without its last line, or without its last word when it is one line. */
function withoutLastPiece(text: string): string {
  const line = text.lastIndexOf('\n');
  if (line > 0) return text.slice(0, line).trimEnd();
  return text.slice(0, text.lastIndexOf(' ')).trimEnd();
}

function inWords(text: string, rung: Rung, shortened: boolean): string {
  const words = wordCount(text);
  const firstWords = text.split(/\s+/).slice(0, 4).join(' ');
  if (rung === 1) return `Trace “${text}”`;
  if (rung === 2) return `Copy ${words === 1 ? 'one word' : `${number(words)} words`}: ${text}`;
  const shape = shortened ? 'from the passage' : rung === 3 ? 'one line' : rung === 4 ? 'one stanza' : 'the whole passage';
  return `Copy ${shape}, ${count(words, 'word')}: “${firstWords}…”`;
}

export const wordCount = (text: string): number => text.split(/\s+/).filter(Boolean).length;
const longest = (words: readonly string[]): string => words.reduce((best, w) => (w.length > best.length ? w : best), '');
const count = (n: number, what: string): string => `${n} ${what}${n === 1 ? '' : 's'}`;
const number = (n: number): string => ['no', 'one', 'two', 'three'][n] ?? String(n);

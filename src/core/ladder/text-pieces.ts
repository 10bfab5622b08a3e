/** A passage taken apart: verse by lines and stanzas, prose by sentences; phrases for those who write a few words. */
import { sentencesIn } from '../books/sentences';

export const wordCount = (text: string): number => text.split(/\s+/).filter(Boolean).length;

/** Characters up to which a line is a line of verse, not a paragraph. Own choice. */
const LINE_OF_VERSE = 70;

const linesIn = (text: string): string[] =>
  text
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean);

/** Stanzas of verse, or paragraphs of prose. */
export const stanzasIn = (passage: string): string[] =>
  passage
    .trim()
    .split(/\n\s*\n/)
    .map((s) => linesIn(s).join('\n'))
    .filter(Boolean);

/** Whether a passage is verse: written in short lines, more than one to a stanza. */
export function isVerse(passage: string): boolean {
  const lines = linesIn(passage);
  return lines.length > stanzasIn(passage).length && lines.every((l) => l.length <= LINE_OF_VERSE);
}

/** The least of a passage that is copied whole: a line of verse, a sentence of prose. */
export const unitsIn = (passage: string): string[] =>
  isVerse(passage)
    ? linesIn(passage)
    : sentencesIn(
        passage
          .split(/\n\s*\n/)
          .map((p) => linesIn(p).join(' '))
          .join('\n\n'),
      );

/**
 * How units that stand side by side in a passage are put together again: verse in its lines, stanzas apart; prose in one.
 */
export function joined(passage: string, units: readonly string[]): string {
  if (!isVerse(passage)) return units.join(' ');
  const all = unitsIn(passage);
  const from = all.findIndex((_, i) => units.every((u, n) => all[i + n] === u));
  const ends = new Set<number>();
  let at = -1;
  for (const stanza of stanzasIn(passage)) ends.add((at += stanza.split('\n').length));
  return units
    .map((u, i) => (i === units.length - 1 ? u : `${u}${ends.has(from + i) ? '\n\n' : '\n'}`))
    .join('');
}

/** Words of a phrase, at least and at most. Own choice. */
const PHRASE = { least: 2, most: 5 };
const PREPOSITIONS =
  'to|into|in|on|over|under|of|off|with|for|from|by|at|as|through|across|behind|before|after|like';
const BEGINS_A_PHRASE = new RegExp(
  String.raw`\s+(?=(?:and|or|but|so|that|which|who|when|where|while|till|until|${PREPOSITIONS})\s)`,
  'iu',
);

/** Whole phrases of a passage, in its order: what stands between marks, or begins with a joining word. */
export function phrasesIn(passage: string): string[] {
  return unitsIn(passage).flatMap((unit) =>
    unit.split(/(?<=[,;:!?…—–])\s+/u).flatMap((between) => {
      const phrases: string[] = [];
      for (const piece of between.split(BEGINS_A_PHRASE)) {
        const before = phrases.at(-1);
        const fits = before !== undefined && wordCount(`${before} ${piece}`) <= PHRASE.most;
        if (before !== undefined && (fits || wordCount(piece) < PHRASE.least))
          phrases[phrases.length - 1] = `${before} ${piece}`;
        else phrases.push(piece);
      }
      return withWhatFollows(phrases.flatMap(halves))
        .map((p) => p.replace(/[,;:.—–]+$/u, '').trim())
        .filter(Boolean);
    }),
  );
}

/** “Two hundred bones | are under my skin”: what helps a verb, or says how much of what follows, does not end a phrase: “in whispers | all over the keep”. */
function withWhatFollows(phrases: readonly string[]): string[] {
  const all = [...phrases];
  for (let i = 0; i + 1 < all.length; i++) {
    const words = all[i].split(/\s+/u);
    if (
      !GOES_WITH_WHAT_FOLLOWS.test(words.at(-1)!) ||
      words.length <= PHRASE.least ||
      wordCount(all[i + 1]) >= PHRASE.most
    )
      continue;
    all[i + 1] = `${words.pop()} ${all[i + 1]}`;
    all[i] = words.join(' ');
  }
  return all;
}

const NAMES_A_THING = /^(?:the|a|an|her|his|its|their|my|our|your|this|that|each|every|all|no)$/iu;
const IS_PREPOSITION = new RegExp(`^(?:${PREPOSITIONS})$`, 'iu');
const GOES_WITH_WHAT_FOLLOWS =
  /^(?:has|have|had|is|are|was|were|be|been|will|would|can|could|may|might|must|did|not|never|all|both|half|just|only|even|very|so|too|quite|almost|more|most|such)$/iu;

/**
 * A phrase that is too long, in two nearest to its middle where something is done to a thing that is named; as it is where
 * there is no such place. What is done stays with what it is done to.
 */
function halves(phrase: string): string[] {
  if (wordCount(phrase) <= PHRASE.most) return [phrase];
  const words = phrase.split(/\s+/u);
  const cuts = words
    .flatMap((word, i) => (i > 0 && NAMES_A_THING.test(word) ? [withWhatIsDone(words, i)] : []))
    .map((at) => [words.slice(0, at).join(' '), words.slice(at).join(' ')])
    .filter((two) => two.every((half) => wordCount(half) >= PHRASE.least))
    .sort((a, b) => unevenness(a) - unevenness(b));
  return cuts[0] ?? [phrase];
}

/** Where the words begin that say what is done to the thing named at a place; the thing itself, where it is a second one. */
function withWhatIsDone(words: readonly string[], thing: number): number {
  let at = thing - 1;
  // The word before names a thing itself: “off the hill | the flock came”, and “gave the boy a loaf” in one.
  if (NAMES_A_THING.test(words[at - 1] ?? ''))
    return IS_PREPOSITION.test(words[at - 2] ?? '') ? thing : thing - 3;
  while (GOES_WITH_WHAT_FOLLOWS.test(words[at - 1] ?? '')) at--;
  return at;
}
const unevenness = ([a, b]: readonly string[]): number => Math.abs(wordCount(a) - wordCount(b));

/** How a text begins: its first four words, and that it goes on where it does. */
export function startOf(text: string): string {
  const words = text.split(/\s+/).filter(Boolean);
  return words.length > 4
    ? `${words
        .slice(0, 4)
        .join(' ')
        .replace(/[,;:.]$/u, '')}…`
    : words.join(' ');
}

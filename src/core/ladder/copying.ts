/**
 * Copying on five rungs, from the real passage: traced, a phrase, a line or a sentence, a stanza or a few sentences, more.
 * The passage is walked through: each lesson takes it up where the one before left it, and the last has all of it, for
 * those who can.
 */
import { count } from '../plan/called';
import type { Rung } from '../plan/measures';
import { lettersOf, minutesToCopy, type Writer } from './handwriting';
import type { Material } from './material';
import { isVerse, joined, phrasesIn, stanzasIn, startOf, unitsIn, wordCount } from './text-pieces';
import { tracedWords } from './traced';
import { evenOne, nothingTo, type Version } from './version';
import { wordingFor } from './wordings';

/** Minutes to lay out paper and pencil and to look it over afterwards. */
const SETTLING = 3;

/** Words of a sentence that is copied on rung 3, of two or three on rung 4, of those on rung 5. Common practice, no source. */
const SENTENCE = 12;
const A_FEW = { sentences: 3, words: 40 };
const A_LOT = { least: 60, most: 80 };

/** What is copied from, and where in the unit a lesson stands. */
export type Copied = Pick<Material, 'passage' | 'traced' | 'walk'>;

/** Groups of whole units, each as long as a rung asks for. */
function grouped(passage: string, most: { units: number; words: number }): string[] {
  const groups: string[][] = [];
  for (const unit of unitsIn(passage)) {
    const group = groups.at(-1);
    if (group && group.length < most.units && wordCount([...group, unit].join(' ')) <= most.words)
      group.push(unit);
    else groups.push([unit]);
  }
  return groups.map((g) => joined(passage, g));
}

/** The last piece taken with the one before it where it is only a rest. */
function withoutRest(pieces: string[], least: number): string[] {
  const last = pieces.at(-1);
  return pieces.length > 1 && last && wordCount(last) < least ? pieces.slice(0, -1) : pieces;
}

/** The pieces in which a rung goes through a passage, in its order. */
export function piecesFor(passage: string, rung: Rung): string[] {
  const verse = isVerse(passage);
  switch (rung) {
    case 1:
      return tracedWords(passage);
    case 2:
      return phrasesIn(passage);
    case 3: {
      const units = unitsIn(passage);
      const short = verse ? units : units.filter((u) => wordCount(u) <= SENTENCE);
      // Where no sentence is as short, the shortest there is: none is broken off.
      return short.length ? short : [...units].sort((a, b) => wordCount(a) - wordCount(b)).slice(0, 1);
    }
    case 4:
      return verse ? stanzasIn(passage) : grouped(passage, { units: A_FEW.sentences, words: A_FEW.words });
    case 5: {
      const most = { units: Infinity, words: A_LOT.most };
      return verse
        ? stanzasIn(passage).reduce<string[]>((all, stanza) => {
            const before = all.at(-1);
            const most = Math.min(A_LOT.most, Math.ceil(wordCount(passage) / 2));
            if (before !== undefined && wordCount(before) + wordCount(stanza) <= most)
              all[all.length - 1] = `${before}\n\n${stanza}`;
            else all.push(stanza);
            return all;
          }, [])
        : withoutRest(grouped(passage, most), A_LOT.least / 2);
    }
  }
}

export interface CopyText {
  /** What the rung takes of the passage here, and as much of it as the hand writes in one stretch. */
  asked: string;
  text: string;
  /** It is all of the passage. */
  whole: boolean;
  /** How often the passage has been gone through before. */
  round: number;
}

/**
 * What a child copies in a lesson: the piece of the passage that comes here, as much of it as they can write in one
 * stretch, never broken off within a line or a sentence.
 * @param words about so many words instead of the rung's own piece
 */
export function copyText(from: Copied, rung: Rung, writer: Writer, words: number | null = null): CopyText {
  const { passage, walk } = from;
  const fits = (text: string): boolean => minutesFor(text, writer) <= writer.stretch;
  const all = joined(passage, unitsIn(passage));
  if (rung === 1) {
    const { word, round } = from.traced;
    const text = word ?? writer.initial;
    return { asked: text, text, whole: false, round };
  }
  const isLast = walk.of > 1 && walk.place === walk.of - 1;
  if (words === null && rung >= 4 && isLast && fits(all))
    return { asked: all, text: all, whole: true, round: 0 };
  const pieces = words === null ? piecesFor(passage, rung) : piecesOfWords(passage, rung, words);
  const asked = pieces[walk.place % Math.max(1, pieces.length)] ?? '';
  const round = roundOf(walk.place, pieces.length);
  const text = rung === 2 ? asked : asFits(passage, asked, fits);
  return { asked, text, whole: text === all, round };
}

const roundOf = (place: number, pieces: number): number => Math.floor(place / Math.max(1, pieces));

/** Pieces of about so many words, as a family asks for; of phrases where even a line or a sentence has more. */
function piecesOfWords(passage: string, rung: Rung, words: number): string[] {
  const isShort = unitsIn(passage).some((u) => wordCount(u) > words);
  return rung === 2 || isShort ? phrasesIn(passage) : grouped(passage, { units: Infinity, words });
}

/** As many whole lines or sentences of a text as fit; at least one. */
function asFits(passage: string, asked: string, fits: (text: string) => boolean): string {
  const units = unitsIn(asked);
  let n = units.length;
  if (fits(asked) || n <= 1) return asked;
  while (n > 1 && !fits(joined(passage, units.slice(0, n)))) n--;
  return joined(passage, units.slice(0, n));
}

/** One child's copying in a lesson, with minutes by hand and age; shortened where it would outlast their attention. */
export function copyingVersion(
  material: Copied & Pick<Material, 'topic'>,
  rung: Rung,
  writer: Writer,
  words: number | null = null,
): Version {
  const { asked, text, whole, round } = copyText(material, rung, writer, words);
  const minutes = minutesFor(text, writer) + SETTLING;
  const shortened = text !== asked;
  return {
    rung,
    ...inWords(material, text, rung, {
      shortened: shortened || words !== null,
      whole,
      round,
      grade: writer.grade,
    }),
    minutes,
    letters: lettersOf(text),
    produces: rung === 1 ? 'a traced page' : 'a copied page',
    supplies: rung === 1 ? 'a page to trace' : '',
    parentMinutes: rung === 1 ? minutes : rung === 2 ? Math.min(3, minutes) : 0,
    note: noteOn(material.passage, { asked, text }, rung, writer),
  };
}

function noteOn(
  passage: string,
  { asked, text }: { asked: string; text: string },
  rung: Rung,
  writer: Writer,
): string {
  if (text !== asked)
    return `All ${count(wordCount(asked), 'word')} would take ${minutesFor(asked, writer)} min, more than the ${writer.stretch} min that suit this age. Offered: the first ${count(wordCount(text), 'word')}.`;
  if (minutesFor(text, writer) > writer.stretch)
    return evenOne(
      rung === 2 ? 'phrase' : isVerse(passage) ? 'line' : 'sentence',
      minutesFor(text, writer),
      writer.stretch,
    );
  if (rung === 3 && !isVerse(passage) && wordCount(text) > SENTENCE)
    return `The shortest sentence of the passage has ${wordCount(text)} words.`;
  return '';
}

/** Where neither the lesson nor its unit has a passage: nothing is copied, never the title of the lesson instead. */
export const withoutPassage = (rung: Rung, doing: 'copy' | 'learn by heart', because?: string): Version =>
  nothingTo(
    rung,
    `${doing}: ${because ?? 'there is no passage'}`,
    'Give the lesson a passage of its own, or the unit one for all its lessons.',
  );

function minutesFor(text: string, writer: Writer): number {
  return minutesToCopy(lettersOf(text), writer.rate);
}

/** How the piece of a passage is called: by what it is of verse or prose. */
function called(passage: string, text: string, rung: Rung, whole: boolean): string {
  if (whole) return 'the whole passage';
  const verse = isVerse(passage);
  if (rung === 3) return verse ? 'one line' : 'one sentence';
  if (verse) return stanzasIn(text).length === 1 ? 'one stanza' : `${stanzasIn(text).length} stanzas`;
  return count(unitsIn(text).length, 'sentence');
}

function inWords(
  { passage, topic }: Copied & Pick<Material, 'topic'>,
  text: string,
  rung: Rung,
  { shortened, whole, round, grade }: { shortened: boolean; whole: boolean; round: number; grade: number },
): Pick<Version, 'wording' | 'amount'> {
  const words = wordCount(text);
  const says = (fill: Record<string, string>): string =>
    round === 0
      ? wordingFor('copying', rung, { topic, ...fill }, 0, grade)
      : wordingFor('copying again', rung, { topic, ...fill }, round - 1, grade);
  if (rung === 1) return { wording: says({ text }), amount: `“${text}”` };
  const piece = shortened ? 'from the passage' : called(passage, text, rung, whole);
  const amount =
    rung === 2 ? `${count(words, 'word')}: ${text}` : `${piece}, ${count(words, 'word')}: “${startOf(text)}”`;
  return { wording: says({ amount }), amount };
}

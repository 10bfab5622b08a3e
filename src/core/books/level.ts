/**
 * The level of a passage: its counts, the published measures side by side with what each is for, and their spread;
 * never one number as truth.
 */
import { automatedReadability } from 'automated-readability';
import { colemanLiau } from 'coleman-liau';
import { daleChall } from 'dale-chall';
import { daleChallFormula, daleChallGradeLevel } from 'dale-chall-formula';
import { flesch } from 'flesch';
import { fleschKincaid } from 'flesch-kincaid';
import { gunningFog } from 'gunning-fog';
import { smogFormula } from 'smog-formula';
import { spache } from 'spache';
import { spacheFormula } from 'spache-formula';
import { syllable } from 'syllable';
import { ageOn, gradeOf } from '../plan/age';
import { sentencesIn } from './sentences';
import { proposedRung, rungOf } from '../plan/rungs';
import type { IsoDate } from '../plan/measures';
import type { Child } from '../plan/plan';

export interface Counts {
  sentences: number;
  words: number;
  syllables: number;
  letters: number;
  /** Letters and digits. */
  characters: number;
  /** Words of three syllables and more. */
  long: number;
  /** Of those, the ones Gunning counts: neither names, nor joined words, nor long only by -es, -ed or -ing. */
  complex: number;
  /** Words that are not on the list of Dale and Chall, each time they come. */
  difficult: number;
  /** Words that are not on the list of Spache, each once in a hundred words. */
  unfamiliar: number;
}

export interface Measure {
  name: string;
  /** Who published it, and when. */
  source: string;
  use: string;
  score: number;
  /** School grade from and to; the same where it gives one. Below 0 is before school, 17 and above beyond it. */
  grade: [number, number];
  /** Why it says little here; empty where it is in its place. */
  but: string;
}

export interface Level {
  counts: Counts;
  /** Too few words for steady figures. */
  short: boolean;
  measures: Measure[];
  /** Lowest, middle and highest grade among the measures in their place, the middle that of Spache below grade 3; undefined for no text. */
  spread?: { low: number; middle: number; high: number };
}

/** Words from which the counts are steady. Common practice, no source. */
const STEADY_WORDS = 100;
/** Grade below which Spache decides. */
const FIRST_GRADES = 3;
/** Sentences that McLaughlin's measure was made for. */
const SMOG_SENTENCES = 30;

const DALE = new Set(daleChall);
const SPACHE = new Set(spache);

/** Whether a list has a word, itself or in a regular ending, as both authors count. */
function listed(list: ReadonlySet<string>, word: string): boolean {
  const w = word
    .toLowerCase()
    .replace(/’/g, "'")
    .replace(/'s$|'$/, '');
  const bases = [
    w,
    w.replace(/ies$/, 'y'),
    w.replace(/es$/, ''),
    w.replace(/s$/, ''),
    w.replace(/ied$/, 'y'),
    w.replace(/ed$/, ''),
    w.replace(/d$/, ''),
    w.replace(/ing$/, ''),
    w.replace(/ing$/, 'e'),
    w.replace(/(.)\1(ed|ing)$/, '$1'),
  ];
  return (
    bases.some((b) => list.has(b)) ||
    (w.includes('-') && w.split('-').every((piece) => !piece || listed(list, piece)))
  );
}

const wordsOf = (text: string): string[] => text.match(/[\p{L}\p{N}]+(?:['’-][\p{L}\p{N}]+)*/gu) ?? [];

/** What one says or does that only a person or a named creature does. */
const DOES =
  /^(?:said|says|asked|asks|was|is|had|has|went|ran|took|gave|looked|walked|came|saw|smiled|laughed|cried|thought|knew|wanted|likes|loves|felt|held|put|sat|stood|and)$/;

/**
 * Words of a text that are names: written with a capital within a sentence, or only ever at the start of one, unknown as
 * a word, and followed by what somebody does.
 */
function namesIn(sentences: readonly string[][]): Set<string> {
  const [within, lower] = [new Set<string>(), new Set<string>()];
  for (const words of sentences)
    words.forEach((w, i) => {
      if (!/^\p{Lu}/u.test(w)) lower.add(w);
      else if (i > 0) within.add(w.toLowerCase());
    });
  const first = sentences.flatMap(([w, next]) =>
    w && next && /^\p{Lu}\p{Ll}/u.test(w) && !listed(DALE, w) && DOES.test(next) && !/(?:s|ing|ed)$/.test(w)
      ? [w.toLowerCase()]
      : [],
  );
  return new Set([...within, ...first].filter((w) => !lower.has(w)));
}

/** Words of a sample by which Spache counts. */
const SAMPLE = 100;

/**
 * What is counted in a passage. A name is never a hard word, wherever it stands. For Spache a strange word counts once
 * in each hundred words, as the formula has it.
 */
export function countsOf(text: string): Counts {
  const counts: Counts = {
    sentences: 0,
    words: 0,
    syllables: 0,
    letters: 0,
    characters: 0,
    long: 0,
    complex: 0,
    difficult: 0,
    unfamiliar: 0,
  };
  const sentences = sentencesIn(text).map(wordsOf);
  const names = namesIn(sentences);
  let strange = new Set<string>();
  for (const words of sentences) {
    counts.sentences++;
    words.forEach((word, i) => {
      const syllables = Math.max(1, syllable(word));
      counts.words++;
      counts.syllables += syllables;
      counts.letters += (word.match(/\p{L}/gu) ?? []).length;
      counts.characters += (word.match(/[\p{L}\p{N}]/gu) ?? []).length;
      const isName = /^\p{Lu}/u.test(word) && (i > 0 || names.has(word.toLowerCase()));
      if (syllables >= 3) {
        counts.long++;
        const bare = /(es|ed|ing)$/.test(word)
          ? Math.max(1, syllable(word.replace(/(es|ed|ing)$/, '')))
          : syllables;
        if (!isName && !word.includes('-') && bare >= 3) counts.complex++;
      }
      if (!/^\p{N}+$/u.test(word) && !isName) {
        if (!listed(DALE, word)) counts.difficult++;
        if (!listed(SPACHE, word)) strange.add(word.toLowerCase());
      }
      if (counts.words % SAMPLE === 0) {
        counts.unfamiliar += strange.size;
        strange = new Set();
      }
    });
  }
  counts.unfamiliar += strange.size;
  return counts;
}

/** Grades that go with Flesch's reading ease (Flesch 1948; bands from memory). */
const EASE_GRADES: readonly [number, number, number][] = [
  [90, 5, 5],
  [80, 6, 6],
  [70, 7, 7],
  [60, 8, 9],
  [50, 10, 12],
  [30, 13, 16],
  [-Infinity, 17, 17],
];

export function levelOf(text: string): Level {
  const counts = countsOf(text);
  if (!counts.words) return { counts, short: true, measures: [] };
  const {
    sentences: sentence,
    words: word,
    syllables,
    letters: letter,
    characters: character,
    long,
    complex,
    difficult,
    unfamiliar,
  } = counts;
  const ease = flesch({ sentence, word, syllable: syllables });
  const [, easeFrom, easeTo] = EASE_GRADES.find(([least]) => ease >= least)!;
  const dale = daleChallFormula({ word, sentence, difficultWord: difficult });
  const [daleFrom, daleTo] = daleChallGradeLevel(dale);
  const one = (score: number): [number, number] => [score, score];
  const spacheScore = spacheFormula({ word, sentence, unfamiliarWord: unfamiliar });
  const kincaid = fleschKincaid({ sentence, word, syllable: syllables });
  const coleman = colemanLiau({ sentence, word, letter });
  const ari = automatedReadability({ sentence, word, character });
  const smog = smogFormula({ sentence, polysillabicWord: long });
  const fog = gunningFog({ sentence, word, complexPolysillabicWord: complex });
  const measures: Measure[] = [
    {
      name: 'Spache',
      source: 'Spache 1953, revised 1974',
      use: 'first readers, up to grade 3',
      score: spacheScore,
      grade: one(spacheScore),
      but: spacheScore > 4 ? 'made for easier texts than this' : '',
    },
    {
      name: 'Dale–Chall',
      source: 'formula of Dale and Chall 1948, their word list of 1995',
      use: 'grade 4 and up, by words most children know',
      score: dale,
      grade: [daleFrom, Math.min(17, daleTo)],
      but: dale < 5 ? 'tells nothing apart below grade 5' : '',
    },
    {
      name: 'Flesch–Kincaid',
      source: 'Kincaid 1975',
      use: 'general prose, as a grade',
      score: kincaid,
      grade: one(kincaid),
      but: '',
    },
    {
      name: 'Reading ease',
      source: 'Flesch 1948',
      use: '0 to 100, higher is easier',
      score: ease,
      grade: [easeFrom, easeTo],
      but: ease >= 90 ? 'tells nothing apart below grade 5' : '',
    },
    {
      name: 'Coleman–Liau',
      source: 'Coleman and Liau 1975',
      use: 'by letters, not syllables',
      score: coleman,
      grade: one(coleman),
      but: '',
    },
    {
      name: 'Automated readability',
      source: 'Smith and Senter 1967',
      use: 'by letters and digits',
      score: ari,
      grade: one(ari),
      but: '',
    },
    {
      name: 'SMOG',
      source: 'McLaughlin 1969',
      use: 'full understanding; thirty sentences or more',
      score: smog,
      grade: one(smog),
      but: sentence < SMOG_SENTENCES ? `made for ${SMOG_SENTENCES} sentences or more` : '',
    },
    {
      name: 'Fog',
      source: 'Gunning 1952',
      use: 'grown-up prose',
      score: fog,
      grade: one(fog),
      but: fog < 6 ? 'made for harder texts than this' : '',
    },
  ];
  const placed = measures
    .filter((m) => !m.but)
    .map((m) => (m.grade[0] + m.grade[1]) / 2)
    .sort((a, b) => a - b);
  // Below grade 3 the measure that was made for it decides.
  const isFirst = spacheScore < FIRST_GRADES;
  const middle = isFirst
    ? spacheScore
    : (placed[Math.floor((placed.length - 1) / 2)] + placed[Math.ceil((placed.length - 1) / 2)]) / 2;
  const all = isFirst ? [...placed, spacheScore] : placed;
  return {
    counts,
    short: counts.words < STEADY_WORDS,
    measures,
    spread: all.length ? { low: Math.min(...all), middle, high: Math.max(...all) } : undefined,
  };
}

/** Grades that a rung of reading above or below that of the age is worth. Own choice. */
const GRADES_A_RUNG = 2;

export type Judgement = 'aloud' | 'easy' | 'suits' | 'stretch' | 'hard';

const JUDGED: Record<Judgement, string> = {
  aloud: 'not reading alone yet: read it aloud',
  easy: 'easy to read alone',
  suits: 'suits their own reading',
  stretch: 'a stretch: with help, or in short pieces',
  hard: 'too hard to read alone: read it aloud, or together',
};

/**
 * What the middle of the spread means for a child: against their grade, and their rung of reading where it is not that
 * of their age.
 */
export function judge(
  middle: number,
  child: Child,
  date: IsoDate,
): { as: Judgement; message: string; reads: number } {
  const reads =
    gradeOf(child.birthMonth, date) +
    GRADES_A_RUNG * (rungOf(child, 'reading', date) - proposedRung(ageOn(child.birthMonth, date)));
  const over = middle - reads;
  const as: Judgement =
    reads < 1 ? 'aloud' : over < -2 ? 'easy' : over <= 1 ? 'suits' : over <= 2.5 ? 'stretch' : 'hard';
  return { as, message: JUDGED[as], reads };
}

import { colemanLiau } from 'coleman-liau';
import { daleChallFormula, daleChallGradeLevel } from 'dale-chall-formula';
import { flesch } from 'flesch';
import { fleschKincaid } from 'flesch-kincaid';
import { gunningFog } from 'gunning-fog';
import { smogFormula } from 'smog-formula';
import { spacheFormula } from 'spache-formula';
import { describe, expect, it } from 'vitest';
import { countsOf, judge, levelOf } from '@/core/books/level';
import { blankChild } from '@/core/plan/blank';
import type { Child } from '@/core/plan/plan';

const measure = (text: string, name: string): number =>
  levelOf(text).measures.find((m) => m.name === name)!.score;

describe('published worked examples', () => {
  // The worked example that goes round with Flesch's and Kincaid's formulas (from memory): 1 sentence, 13 words, 24 to
  // 26 syllables by who counts.
  const PLATYPUS = 'The Australian platypus is seemingly a hybrid of a mammal and reptilian creature.';
  it('counts the sentence that the packages print as their example as they do: 13 words, 4 of them long', () => {
    expect(countsOf(PLATYPUS)).toMatchObject({ sentences: 1, words: 13, long: 4 });
    expect(Math.abs(countsOf(PLATYPUS).syllables - 25)).toBeLessThanOrEqual(1);
    expect(measure(PLATYPUS, 'SMOG')).toBeCloseTo(14.554593, 4);
    expect(Math.abs(measure(PLATYPUS, 'Flesch–Kincaid') - 13.08)).toBeLessThan(1);
  });
  it('gives “The cat sat on the mat.” the reading ease of about 116 (from memory)', () => {
    expect(countsOf('The cat sat on the mat.')).toMatchObject({
      sentences: 1,
      words: 6,
      syllables: 6,
      letters: 17,
      difficult: 0,
    });
    expect(measure('The cat sat on the mat.', 'Reading ease')).toBeCloseTo(116.145, 2);
  });
});

describe('the formulas as published', () => {
  const words = (n: number): string => `Cat ${Array.from({ length: n - 1 }, () => 'cat').join(' ')}`;
  it('Flesch 1948: 206.835 − 1.015 words a sentence − 84.6 syllables a word', () => {
    expect(flesch({ sentence: 5, word: 100, syllable: 150 })).toBeCloseTo(
      206.835 - 1.015 * 20 - 84.6 * 1.5,
      9,
    );
    expect(measure(`${words(10)}. ${words(10)}.`, 'Reading ease')).toBeCloseTo(
      206.835 - 1.015 * 10 - 84.6,
      9,
    );
  });
  it('Kincaid 1975: 0.39 words a sentence + 11.8 syllables a word − 15.59', () =>
    expect(fleschKincaid({ sentence: 5, word: 100, syllable: 150 })).toBeCloseTo(
      0.39 * 20 + 11.8 * 1.5 - 15.59,
      9,
    ));
  it('Spache, revised 1974: 0.121 words a sentence + 0.082 per cent of unfamiliar words + 0.659', () =>
    expect(spacheFormula({ sentence: 10, word: 100, unfamiliarWord: 10 })).toBeCloseTo(
      0.121 * 10 + 0.082 * 10 + 0.659,
      9,
    ));
  it('Dale–Chall: 0.1579 per cent of difficult words + 0.0496 words a sentence, 3.6365 more above five per cent; 9 to 9.9 is grade 13 to 15', () => {
    expect(daleChallFormula({ sentence: 5, word: 100, difficultWord: 5 })).toBeCloseTo(
      0.1579 * 5 + 0.0496 * 20,
      9,
    );
    expect(daleChallFormula({ sentence: 5, word: 100, difficultWord: 10 })).toBeCloseTo(
      0.1579 * 10 + 0.0496 * 20 + 3.6365,
      9,
    );
    expect(daleChallGradeLevel(9.5)).toEqual([13, 15]);
  });
  it('Coleman and Liau 1975: 0.0588 letters and 0.296 sentences a hundred words, less 15.8', () =>
    expect(colemanLiau({ sentence: 5, word: 119, letter: 639 })).toBeCloseTo(
      0.0588 * (639 / 1.19) - 0.296 * (5 / 1.19) - 15.8,
      9,
    ));
  it('McLaughlin 1969: 1.043 √(long words × 30 / sentences) + 3.1291', () =>
    expect(smogFormula({ sentence: 30, polysillabicWord: 25 })).toBeCloseTo(1.043 * 5 + 3.1291, 9));
  it('Gunning 1952: 0.4 (words a sentence + per cent of hard words)', () =>
    expect(gunningFog({ sentence: 5, word: 100, complexPolysillabicWord: 10 })).toBeCloseTo(
      0.4 * (20 + 10),
      9,
    ));
});

describe('what is counted', () => {
  it('ends sentences at marks and empty lines, not at Mr. or e.g.', () => {
    expect(countsOf('Mr. Reed came, e.g. with wool. Did he? “He did!” she said\n\nThe end').sentences).toBe(
      4,
    );
    expect(countsOf('').words).toBe(0);
    expect(levelOf('…').spread).toBeUndefined();
  });
  it('ends sentences neither at abbreviations nor at initials, whichever they are', () => {
    for (const [text, n] of [
      ['J. R. Hobb kept the mill. He sang.', 2],
      ['Dr. Tamm met Capt. Reed at St. Olaf. They spoke.', 2],
      ['See fig. 3 and pp. 4 to 9. Then go on.', 2],
      ['We rose at 5 a.m. and went. It rained.', 2],
      ['Bring cord, pegs, etc. Then begin.', 2],
      ['So did I. Then we left.', 2],
    ] as const)
      expect([text, countsOf(text).sentences]).toEqual([text, n]);
  });
  it('counts no name as a hard word, at the start of a sentence either', () => {
    expect(countsOf('Ottilie walked to the house. The dog ran to Ottilie.').difficult).toBe(0);
    expect(countsOf('Wenke said no. We went home.').difficult).toBe(0);
    expect(countsOf('Mordants hold the colour.').difficult).toBeGreaterThan(0);
  });
  it('counts a strange word once in each hundred words for Spache', () => {
    const hundred = `Cat ${Array.from({ length: 97 }, () => 'cat').join(' ')} mordant mordant. `;
    expect(countsOf(hundred).unfamiliar).toBe(1);
    expect(countsOf(hundred.repeat(3)).unfamiliar).toBe(3);
    expect(measure(hundred.repeat(3), 'Spache')).toBeCloseTo(measure(hundred, 'Spache'), 6);
  });
  it('knows listed words in regular endings, and counts a strange one once for Spache, each time for Dale and Chall', () => {
    expect(countsOf('The cats jumped and played while running.').difficult).toBe(0);
    expect(countsOf('The mordant holds. A mordant bites.')).toMatchObject({
      unfamiliar: expect.any(Number),
      difficult: 2,
    });
  });
  it('leaves names, joined words and mere endings out of Gunning’s hard words', () => {
    expect(countsOf('We saw Ottilie wear a three-coloured coat, and it reminded us.')).toMatchObject({
      complex: 0,
    });
    expect(countsOf('A remarkable machine.')).toMatchObject({ complex: 1 });
  });
});

describe('the spread and what it means', () => {
  const EASY =
    'The sheep is in the field. It eats the grass. It is warm. The man cuts the wool. The wool is soft. We wash it. We pull it. We make a hat.';
  const HARD =
    'Mechanisation transformed the production of textiles, concentrating innumerable previously independent artisans within factories whose proprietors determined wages, hours and conditions according to the fluctuating requirements of international commerce.';
  it('rises with the text, holds the middle within it, and names measures that are out of their place', () => {
    const [easy, hard] = [levelOf(EASY), levelOf(HARD)];
    expect(easy.spread!.middle).toBeLessThan(hard.spread!.low);
    for (const l of [easy, hard])
      expect(l.spread!.low <= l.spread!.middle && l.spread!.middle <= l.spread!.high).toBe(true);
    expect(easy.measures.find((m) => m.name === 'Spache')!.but).toBe('');
    expect(hard.measures.find((m) => m.name === 'Spache')!.but).not.toBe('');
  });
  const child = (years: number, over: Partial<Child> = {}): Child => ({
    ...blankChild,
    id: 'c',
    name: 'C',
    hatch: 'dots',
    birthMonth: `${2026 - years}-01`,
    ...over,
  });
  it('is that of Spache below grade 3', () => {
    const easy = levelOf(EASY);
    const spache = easy.measures.find((m) => m.name === 'Spache')!.score;
    expect(spache).toBeLessThan(3);
    expect(easy.spread!.middle).toBe(spache);
    expect(easy.spread!.low).toBeLessThanOrEqual(spache);
  });
  it('says for each child what to do with it, by grade and by the rung of reading', () => {
    expect([4, 7, 9, 10, 14].map((age) => judge(4, child(age), '2026-09-01').as)).toEqual([
      'aloud',
      'stretch',
      'suits',
      'suits',
      'easy',
    ]);
    expect(judge(3, child(7, { rungs: { reading: 5 } }), '2026-09-01').as).toBe('easy');
    expect(judge(9, child(9), '2026-09-01').as).toBe('hard');
  });
});

describe('a passage counted by hand', () => {
  // Three sentences of 9, 9 and 13 words; syllables 1 1 1 2 1 1 1 1 1 (10), 1 1 1 1 1 1 1 1 1 (9) and
  // 2 2 1 1 2 1 1 1 1 1 1 2 1 (17). Two names stand in it, neither at a sentence's start; no word has three syllables.
  const PASSAGE =
    'The sheep came over the hill with old Bram. They had been out in the wind all day. Farmer Wenke shut the wooden gate and the last lamb ran under it.';
  const counted = countsOf(PASSAGE);
  it('has the sentences, words, syllables and letters it has', () => {
    const words = PASSAGE.replace(/\./g, '').split(' ');
    expect(counted).toMatchObject({
      sentences: 3,
      words: words.length,
      letters: words.join('').length,
      characters: words.join('').length,
      long: 0,
      complex: 0,
    });
    expect(words.length).toBe(31);
    expect(counted.syllables).toBe(36);
  });
  it('gives every measure what its formula gives of these counts', () => {
    const [w, s, y, l] = [31, 3, 36, counted.letters];
    const by = Object.fromEntries(levelOf(PASSAGE).measures.map((m) => [m.name, m.score]));
    expect(Object.keys(by).length).toBe(8);
    expect(by['Reading ease']).toBeCloseTo(206.835 - 1.015 * (w / s) - 84.6 * (y / w), 6);
    expect(by['Flesch–Kincaid']).toBeCloseTo(0.39 * (w / s) + 11.8 * (y / w) - 15.59, 6);
    expect(by['Coleman–Liau']).toBeCloseTo(0.0588 * ((100 * l) / w) - 0.296 * ((100 * s) / w) - 15.8, 6);
    expect(by['Automated readability']).toBeCloseTo(4.71 * (l / w) + 0.5 * (w / s) - 21.43, 6);
    expect(by.SMOG).toBeCloseTo(3.1291, 6);
    expect(by.Fog).toBeCloseTo(0.4 * (w / s), 6);
    const difficult = (100 * counted.difficult) / w;
    expect(by['Dale–Chall']).toBeCloseTo(
      0.1579 * difficult + 0.0496 * (w / s) + (difficult > 5 ? 3.6365 : 0),
      6,
    );
    expect(by.Spache).toBeCloseTo(0.121 * (w / s) + 0.082 * ((100 * counted.unfamiliar) / w) + 0.659, 6);
  });
});

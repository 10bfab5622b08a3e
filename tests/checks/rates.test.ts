/** Rates of reading and writing, and book numbers, against their published sources. */
import { describe, expect, it } from 'vitest';
import { ean13Check, isbn10Check, readNumber } from '@/core/books/numbers';
import {
  ALOUD_RATE,
  minutesAloud,
  ORAL_RATE,
  readingRate,
  SILENT_RATE,
  silentRate,
  wordsPerPage,
} from '@/core/books/reading';
import {
  composingRate,
  COPY_RATE,
  minutesToCompose,
  SUSTAINED,
  sustainedRate,
  wordsOfSentence,
} from '@/core/ladder/handwriting';
import { gradeOf } from '@/core/plan/age';

describe('reading', () => {
  // Brysbaert 2019, “How many words do we read per minute? A review and meta-analysis of reading rate”, Journal of
  // Memory and Language 109: 183 words a minute aloud.
  it('adults read 183 words a minute aloud', () => expect(ALOUD_RATE).toBe(183));
  it('so 3,000 words, slowed for listening, take between 16 and 25 minutes', () => {
    expect(minutesAloud(3000)).toBeGreaterThanOrEqual(Math.ceil(3000 / 183));
    expect(minutesAloud(3000)).toBeLessThanOrEqual(25);
  });
  // Taylor 1965, “Eye movements in reading: facts and fallacies”, American Educational Research Journal 2: silent
  // words a minute by grade. From memory.
  it('silent rates by grade, from memory', () => {
    expect([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12].map((g) => SILENT_RATE[g - 1])).toEqual([
      80, 115, 138, 158, 173, 185, 195, 204, 214, 224, 237, 250,
    ]);
    expect(silentRate(4)).toBe(158);
    expect(silentRate(0)).toBe(80);
  });
});

describe('reading of those who begin', () => {
  // Hasbrouck and Tindal 2017, “An update to compiled ORF norms” (Technical Report 1702): words correct a minute, medians
  // of grades 1 to 3 in autumn, winter and spring. From memory.
  it.each([
    [1, '2027-01-15', 29],
    [1, '2027-05-15', 60],
    [2, '2026-10-15', 50],
    [2, '2027-01-15', 84],
    [2, '2027-05-15', 100],
    [3, '2026-10-15', 83],
    [3, '2027-01-15', 97],
    [3, '2027-05-15', 112],
  ])('is aloud in grade %i on %s: %i words a minute', (grade, date, words) =>
    expect(readingRate(grade, date)).toBe(words),
  );
  it('is slower than silent reading in every grade, and silent from grade 4', () => {
    for (const [i, seasons] of ORAL_RATE.entries())
      for (const rate of seasons) expect(rate).toBeLessThan(SILENT_RATE[i]);
    expect(readingRate(4, '2026-10-15')).toBe(silentRate(4));
  });
  it('first readers and chapter books have fewer words a page (common practice, no source)', () => {
    const of = (form: 'reader' | 'book', readFrom: number | null): number => wordsPerPage({ form, readFrom });
    expect(of('reader', 5)).toBeLessThan(of('reader', 7));
    expect(of('book', 7)).toBeLessThan(of('book', 9));
    expect(of('book', 9)).toBeLessThan(of('book', null));
  });
});

describe('a grade', () => {
  it('is the age at which the school year began, and stays until the next begins', () => {
    expect(['2026-08-31', '2026-12-01', '2027-06-30'].map((d) => gradeOf('2020-03', d))).toEqual([1, 1, 1]);
    expect(gradeOf('2020-03', '2027-09-01')).toBe(2);
    // Where school begins in February.
    expect(gradeOf('2020-01', '2027-03-01', '2027-02-01')).toBe(2);
    expect(gradeOf('2020-05', '2027-06-01', '2027-02-01')).toBe(1);
  });
});

describe('writing of one’s own', () => {
  // Hunt 1965, “Grammatical structures written at three grade levels”: words to a T-unit in grades 4, 8 and 12; O’Donnell,
  // Griffin and Norris 1967 for grade 3. From memory.
  it.each([
    [3, 7.7],
    [4, 8.6],
    [8, 11.5],
    [12, 14.4],
  ])('has sentences in grade %i of %f words', (grade, words) =>
    expect(wordsOfSentence(grade)).toBeCloseTo(words, 6),
  );
  it('rises with every grade, in words and in words a minute', () => {
    for (let grade = 1; grade < 12; grade++) {
      expect(wordsOfSentence(grade + 1)).toBeGreaterThan(wordsOfSentence(grade));
      expect(composingRate(grade + 1)).toBeGreaterThan(composingRate(grade));
    }
  });
  // Malecki and Jewell 2003, total words in three minutes by grade, from memory: about 24 in grade 2, 54 in grade 6.
  it('keeps up half of a test of three minutes', () => {
    expect(composingRate(2) * 6).toBeCloseTo(24, 0);
    expect(composingRate(6) * 6).toBeCloseTo(54, 0);
  });
  it('is slower than copying the same words, at every grade', () => {
    for (let grade = 1; grade <= 12; grade++) {
      const rate = sustainedRate(grade);
      const copied = (10 * wordsOfSentence(grade) * 4.5) / rate;
      expect(minutesToCompose(10, { rate, grade })).toBeGreaterThan(copied);
    }
  });
});

describe('handwriting', () => {
  // Graham, Berninger, Weintraub & Schafer 1998, Journal of Educational Research 92, 42–52: letters a minute copied;
  // girls and boys averaged. From memory.
  const GIRLS_AND_BOYS = [
    [21, 17],
    [37, 32],
    [50, 45],
    [66, 61],
    [75, 71],
    [91, 78],
    [109, 91],
    [118, 112],
    [121, 114],
  ];
  it('copying rates lie between the means of girls and boys, from memory', () => {
    GIRLS_AND_BOYS.forEach(([girls, boys], i) => {
      expect(COPY_RATE[i]).toBeGreaterThanOrEqual(boys);
      expect(COPY_RATE[i]).toBeLessThanOrEqual(girls);
      expect(sustainedRate(i + 1)).toBeCloseTo(COPY_RATE[i] * SUSTAINED);
    });
  });
});

describe('book numbers (ISO 2108; GS1 General Specifications for EAN-13)', () => {
  // Worked examples of the ISBN Users’ Manual and of common textbooks on check digits, from memory.
  it('ISBN-10 0-306-40615-2 and ISBN-13 978-0-306-40615-7 are the same book', () => {
    expect(isbn10Check('030640615')).toBe('2');
    expect(ean13Check('978030640615')).toBe('7');
    expect(readNumber('0-306-40615-2')).toEqual({ kind: 'isbn', digits: '9780306406157' });
    expect(readNumber('978-0-306-40615-7')).toEqual({ kind: 'isbn', digits: '9780306406157' });
  });
  it('ten is written X', () =>
    expect(readNumber('0-8044-2957-X')).toEqual({ kind: 'isbn', digits: '9780804429573' }));
  it('EAN-13 4006381333931 has check digit 1, and is no book', () => {
    expect(ean13Check('400638133393')).toBe('1');
    expect(readNumber('4006381333931')).toHaveProperty('wrong');
  });
  it('every single wrong digit is noticed', () => {
    const good = '9780306406157';
    for (let i = 0; i < 13; i++)
      for (let d = 0; d < 10; d++)
        if (String(d) !== good[i])
          expect(readNumber(good.slice(0, i) + d + good.slice(i + 1))).toHaveProperty('wrong');
  });
  it('numbers that begin with 2 are labels of the house', () =>
    expect(readNumber(`273100000000${ean13Check('273100000000')}`)).toMatchObject({ kind: 'home' }));
});

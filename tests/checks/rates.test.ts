/** Rates of reading and writing, and book numbers, against their published sources. */
import { describe, expect, it } from 'vitest';
import { ean13Check, isbn10Check, readNumber } from '@/core/books/numbers';
import { ALOUD_RATE, minutesAloud, SILENT_RATE, silentRate } from '@/core/books/reading';
import { COPY_RATE, SUSTAINED, sustainedRate } from '@/core/ladder/handwriting';

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

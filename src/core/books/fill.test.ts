import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cellText, fillAlong, paceBook, readCell } from './fill';

const chapters = (n: number, each: number): { title: string; page: number }[] =>
  Array.from({ length: n }, (_, i) => ({ title: `Chapter ${i + 1}`, page: 1 + i * each }));
const book = { title: 'The book', pages: 60, chapters: chapters(6, 10) };
const plain = { title: 'The book', pages: 60 as number | null, chapters: [] };

describe('a cell', () => {
  it('takes pages, a page, chapters, all, and nothing', () => {
    expect(
      ['12-16', '12 – 16', 'pp. 12-16', '7', 'ch 2', 'ch. 2-3', 'ALL', ' '].map((t) => readCell(t, book)),
    ).toEqual([
      { pages: { first: 12, last: 16 } },
      { pages: { first: 12, last: 16 } },
      { pages: { first: 12, last: 16 } },
      { pages: { first: 7, last: 7 } },
      { pages: { first: 11, last: 20 } },
      { pages: { first: 11, last: 30 } },
      { pages: 'all' },
      { pages: null },
    ]);
  });
  it('says what is wrong with the rest', () => {
    for (const [typed, message] of [
      ['61', 'has 60 pages; 61 is beyond'],
      ['9-3', 'run backwards'],
      ['0', 'begin at 1'],
      ['ch 7', 'has 6 chapters; there is no chapter 7'],
      ['some', 'write pages as 12-16'],
    ] as const)
      expect(readCell(typed, book)).toMatchObject({ wrong: expect.stringContaining(message) });
    expect(readCell('ch 1', plain)).toMatchObject({ wrong: expect.stringContaining('contents') });
  });
  it('reads back what it shows', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 0, max: 59 }),
        fc.boolean(),
        (first, more, withContents) => {
          const b = withContents ? book : plain;
          const last = Math.min(60, first + more);
          expect(readCell(cellText(first, last, b), b)).toEqual({ pages: { first, last } });
        },
      ),
    );
    expect(cellText(11, 30, book)).toBe('ch. 2–3');
    expect(cellText(null, null, book)).toBe('all');
  });
});

describe('filling along', () => {
  it('gives a chapter a lesson, and deals them out when there are fewer lessons', () => {
    expect(fillAlong(book, 8, 'chapters')).toEqual([
      ...Array.from({ length: 6 }, (_, i) => ({ first: 1 + i * 10, last: 10 + i * 10 })),
      null,
      null,
    ]);
    expect(fillAlong(book, 3, 'chapters')).toEqual([
      { first: 1, last: 20 },
      { first: 21, last: 40 },
      { first: 41, last: 60 },
    ]);
  });
  it('spreads pages evenly: every page once, in order, and lessons differ by a page at most', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 0, max: 59 }),
        fc.integer({ min: 1, max: 30 }),
        (from, more, places) => {
          const to = Math.min(60, from + more);
          const filled = fillAlong(plain, places, 'pages', from, to);
          if ('wrong' in filled) throw new Error(filled.wrong);
          expect(filled).toHaveLength(places);
          const read = filled.flatMap((p) =>
            p && p !== 'all' ? Array.from({ length: p.last - p.first + 1 }, (_, i) => p.first + i) : [],
          );
          expect(read).toEqual(Array.from({ length: to - from + 1 }, (_, i) => from + i));
          const sizes = filled.map((p) => (p && p !== 'all' ? p.last - p.first + 1 : 0));
          expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
        },
      ),
    );
  });
  it('refuses what it cannot know', () => {
    expect(fillAlong(plain, 3, 'chapters')).toMatchObject({ wrong: expect.stringContaining('contents') });
    expect(fillAlong({ ...plain, pages: null }, 3, 'pages')).toMatchObject({
      wrong: expect.stringContaining('how many pages'),
    });
    expect(fillAlong(plain, 3, 'pages', 1, 80)).toMatchObject({
      wrong: expect.stringContaining('beyond its end'),
    });
  });
});

describe('pacing over days', () => {
  it('reads two chapters a day from here to there; fifteen at one a day fill three weeks of five', () => {
    expect(paceBook(book, 'chapters', 2, 2, 6)).toEqual([
      { title: 'The book, chapters 2–3', first: 11, last: 30 },
      { title: 'The book, chapters 4–5', first: 31, last: 50 },
      { title: 'The book, chapter 6', first: 51, last: 60 },
    ]);
    // A chapter a day: fifteen chapters fill three five-day weeks. Common practice, no source.
    expect(
      paceBook({ title: 'x', pages: 150, chapters: chapters(15, 10) }, 'chapters', 1, 1, 15),
    ).toHaveLength(3 * 5);
  });
  it('names what is not there', () => {
    expect(paceBook(book, 'chapters', 1, 1, 9)).toMatchObject({
      wrong: expect.stringContaining('has 6 chapters; 9'),
    });
    expect(paceBook(plain, 'chapters', 1, 1, 2)).toMatchObject({ wrong: expect.stringContaining('pages') });
    expect(paceBook(book, 'pages', 0, 1, 2)).toMatchObject({
      wrong: expect.stringContaining('at least one'),
    });
  });
});

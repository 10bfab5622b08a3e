import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lessonsFrom, readContents } from './contents';

const titles = (text: string, level = 0): string[] =>
  readContents(text, level)
    .filter((l) => l.becomes === 'lesson')
    .map((l) => l.title);
const pages = (text: string): (number | null)[] => readContents(text).map((l) => l.page);

describe('numbering of any common kind is taken off', () => {
  it.each([
    ['1. Wool on the hoof'],
    ['1) Wool on the hoof'],
    ['(1) Wool on the hoof'],
    ['Chapter 1: Wool on the hoof'],
    ['Chapter One – Wool on the hoof'],
    ['Lesson 12. Wool on the hoof'],
    ['I. Wool on the hoof'],
    ['iv) Wool on the hoof'],
    ['XIV – Wool on the hoof'],
    ['a) Wool on the hoof'],
    ['• Wool on the hoof'],
    ['- Wool on the hoof'],
    ['7 Wool on the hoof'],
    ['Wool on the hoof'],
  ])('%s', (line) => expect(titles(line)).toEqual(['Wool on the hoof']));

  it('leaves titles that only look like numbering', () => {
    expect(titles('I spin\nMill towns\nDye\nCivil works')).toEqual([
      'I spin',
      'Mill towns',
      'Dye',
      'Civil works',
    ]);
  });
});

describe('pages', () => {
  it.each([
    ['Shearing day ........ 7'],
    ['Shearing day . . . . 7'],
    ['Shearing day\t7'],
    ['Shearing day, p. 7'],
    ['Shearing day pp. 7-11'],
    ['Shearing day … 7'],
    ['2. Shearing day     7'],
  ])('%s', (line) => expect(readContents(line)[0]).toMatchObject({ title: 'Shearing day', page: 7 }));

  it('are plain numbers when most lines end in one', () =>
    expect(pages('Wool 1\nShears 7\nWashing 12')).toEqual([1, 7, 12]));

  it('are not the years of a title', () => {
    const lines = readContents('Wool 1\nThe winter of 1850\nShears 7\nWashing 12');
    expect(lines[1]).toMatchObject({
      title: 'The winter of 1850',
      page: null,
      doubt: 'the number at the end is taken as part of the title',
    });
  });

  it('that go backwards are doubted', () => {
    expect(readContents('A .... 5\nB .... 3\nC .... 9\nD .... 12').filter((l) => l.doubt).length).toBe(1);
  });
});

describe('what lines become', () => {
  const CONTENTS =
    'Contents\n1 Sheep ... 1\n   Breeds ... 2\n   Shepherds ... 4\n2 Shears ... 7\nGlossary ... 86';

  it('makes indented lines topics and leaves the heading and the glossary out', () => {
    expect(readContents(CONTENTS).map((l) => l.becomes)).toEqual([
      'nothing',
      'lesson',
      'topic',
      'topic',
      'lesson',
      'nothing',
    ]);
  });

  it('gives each lesson the pages up to the next line that is not its topic', () => {
    expect(lessonsFrom(readContents(CONTENTS), 88)).toEqual([
      {
        title: 'Sheep',
        firstPage: 1,
        lastPage: 6,
        topics: [
          { title: 'Breeds', page: 2 },
          { title: 'Shepherds', page: 4 },
        ],
      },
      { title: 'Shears', firstPage: 7, lastPage: 85, topics: [] },
    ]);
  });

  it('ends the last lesson with the book', () =>
    expect(lessonsFrom(readContents('A ... 1\nB ... 60'), 88)[1].lastPage).toBe(88));

  it('reads dotted numbers as depth', () =>
    expect(readContents('1 Sheep\n1.1 Breeds\n2 Shears').map((l) => l.level)).toEqual([0, 1, 0]));

  it('can take lessons from the second level', () => {
    expect(titles('Part One: The fleece\n  Sheep\n  Shears\nPart Two: The cloth\n  Looms', 1)).toEqual([
      'Sheep',
      'Shears',
      'Looms',
    ]);
  });

  it('keeps every line of any paste, each with a title', () => {
    fc.assert(
      fc.property(fc.array(fc.string({ maxLength: 40, unit: 'grapheme' }), { maxLength: 30 }), (lines) => {
        const text = lines.join('\n');
        const read = readContents(text);
        expect(read.length).toBe(text.split(/\r\n|\r|\n/).filter((l) => l.trim()).length);
        for (const l of read) expect(l.title.length).toBeGreaterThan(0);
      }),
    );
  });
});

describe('a long book in parts', () => {
  const lessons = (text: string): unknown[] =>
    lessonsFrom(readContents(text), 300).map((l) => [l.title, l.firstPage, l.lastPage]);
  it('a block ends where the next part begins, and a part is no lesson', () =>
    expect(
      lessons(
        'Part One: Wool .... 9\n1 Sheep .... 11\n2 Shears .... 20\nPart Two: Iron .... 33\n3 Ore .... 35',
      ),
    ).toEqual([
      ['Sheep', 11, 19],
      ['Shears', 20, 32],
      ['Ore', 35, 300],
    ]));
  it('parts alone, or with what is set in below them, are lessons as before', () => {
    expect(lessons('Part One: Wool .... 9\nPart Two: Iron .... 33')).toHaveLength(2);
    expect(lessons('Unit 1 Wool .... 9\n  Sheep .... 11\nUnit 2 Iron .... 33\n  Ore .... 35')).toHaveLength(
      2,
    );
  });
});

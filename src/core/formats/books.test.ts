import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ean13Check } from '../books/numbers';
import { blankBook } from '../plan/blank';
import type { Book } from '../plan/book';
import { BOOK_FORMS } from '../plan/words';
import { readBibtex, writeBibtex } from './bibtex';
import { sortDrafts } from './book-draft';
import { readBooksCsv, writeBooksCsv } from './books-csv';
import { readBookLine } from './book-line';
import { readBooksList } from './shelf-list';

const DATES = { near: '2026-11-01', order: 'day first' } as const;
import { readCslJson, writeCslJson } from './csl';

const word = fc.constantFrom(
  'Kettle',
  'Dyer’s',
  'Ünd',
  'wool',
  '100',
  'A & B',
  'x_y',
  '50% wool',
  '#3',
  'Tom “T” Halm',
  'c++',
  'naïve',
);
const title = fc.array(word, { minLength: 1, maxLength: 5 }).map((w) => w.join(' '));
const author = fc.constantFrom('Halm, T.', 'Oberwasser, Maria', 'The Weavers’ Guild');
const label = fc.nat(99_999_999).map((n) => {
  const stem = `2${String(n).padStart(11, '0')}`;
  return stem + ean13Check(stem);
});
const someBook: fc.Arbitrary<Book> = fc
  .record({
    title,
    authors: fc.array(author, { maxLength: 2 }).map((a) => a.join('; ')),
    label: fc.oneof(fc.constant(''), label),
    form: fc.constantFrom(...BOOK_FORMS),
    pages: fc.option(fc.integer({ min: 1, max: 900 }), { nil: null }),
    year: fc.option(fc.integer({ min: 1800, max: 2026 }), { nil: null }),
    language: fc.constantFrom('', 'english', 'de'),
    place: fc.constantFrom('', 'hall shelf', 'bin 3 & 4'),
  })
  .map((b) => ({ ...blankBook, id: 'b', ...b }));
/** What a format can carry of a book. */
const only = (b: Omit<Book, 'id'>, keys: (keyof Book)[]): unknown =>
  Object.fromEntries(keys.map((k) => [k, (b as Book)[k]]));

describe('books as tables, BibTeX and CSL-JSON', () => {
  it('are read back from a table as they were written', () => {
    const full = fc
      .tuple(
        someBook,
        fc.array(
          fc.record({ title: fc.constantFrom('Mordants', 'Looms'), first: fc.constantFrom(null, 3, 40) }),
          { maxLength: 2 },
        ),
        fc.option(fc.nat(9999), { nil: null }),
      )
      .map(([b, t, price]) => ({
        ...b,
        price,
        topics: t.map((x) => ({ ...x, last: x.first })),
        chapters: t.map((x) => ({ title: x.title, page: x.first })),
      }));
    fc.assert(
      fc.property(fc.array(full, { maxLength: 6 }), (books) => {
        const read = readBooksCsv(writeBooksCsv(books), DATES);
        expect(read.faults).toEqual([]);
        expect(read.books.map((b) => ({ ...b.book, id: 'b' }))).toEqual(books);
      }),
    );
  });
  it('are read back from BibTeX, with what it can carry', () => {
    fc.assert(
      fc.property(fc.array(someBook, { maxLength: 4 }), (books) => {
        const read = readBibtex(writeBibtex(books));
        expect(read.faults).toEqual([]);
        const keys: (keyof Book)[] = [
          'title',
          'authors',
          'label',
          'form',
          'pages',
          'year',
          'language',
          'place',
        ];
        expect(read.books.map((b) => only(b.book, keys))).toEqual(books.map((b) => only(b, keys)));
      }),
      { numRuns: 60 },
    );
  });
  it('are read back from CSL-JSON, with what it can carry', () => {
    fc.assert(
      fc.property(fc.array(someBook, { maxLength: 6 }), (books) => {
        const read = readCslJson(writeCslJson(books));
        expect(read.faults).toEqual([]);
        const keys: (keyof Book)[] = ['title', 'authors', 'label', 'pages', 'year', 'language'];
        expect(read.books.map((b) => only(b.book, keys))).toEqual(books.map((b) => only(b, keys)));
      }),
    );
  });
});

describe('books from elsewhere', () => {
  it('a table names each bad row and why', () => {
    const { books, faults, unknown, words } = readBooksCsv(
      'Title;Author;ISBN;Pages;Kind;Colour\nWool;A. Halm;978-0-306-40615-7;88;book;red\nDyes;;978-0-306-40615-8;;;\n;Nobody;;;;\nMills;;;many;scroll;\nRoads;;0-306-40615-2;;picture book;',
      DATES,
    );
    expect(books.map((b) => [b.book.title, b.book.label])).toEqual([
      ['Wool', '9780306406157'],
      ['Roads', '9780306406157'],
    ]);
    expect(unknown).toEqual(['Colour']);
    expect(faults).toEqual([
      {
        line: 3,
        what: 'number 978-0-306-40615-8: The last digit of this number should be 7, or one of the others is mistyped.',
      },
      { line: 4, what: 'it has no title' },
      { line: 5, what: '“many” under pages: write a whole number from 1 to 9999' },
    ]);
    expect(words).toEqual([{ column: 'form', word: 'scroll', means: null }]);
  });
  it('a family’s own labels and words are taken as they are, and a word is asked about once', () => {
    const table =
      'Title,Label,Type,Source,Due\nWool box,KIT-01,box,ours,\nMills,KIT-02,Scroll,library,9 Nov\nLooms,,scroll,,\nDyes,,DVD,,soon';
    const read = readBooksCsv(table, DATES);
    expect(read.books.map((b) => [b.book.title, b.book.label, b.book.form, b.book.source])).toEqual([
      ['Wool box', 'KIT-01', 'kit', 'owned'],
    ]);
    expect(read.words.map((w) => [w.column, w.word, w.means])).toEqual([
      ['form', 'box', 'kit'],
      ['source', 'ours', 'owned'],
      ['form', 'Scroll', null],
      ['source', 'library', 'borrowed'],
      ['form', 'DVD', 'film'],
    ]);
    expect(read.faults).toEqual([{ line: 5, what: '“soon” under due: write a day, such as 9 Nov' }]);
    const said = readBooksCsv(table, DATES, {}, { 'form scroll': 'poster' });
    expect(said.books.map((b) => [b.book.title, b.book.form, b.due])).toEqual([
      ['Wool box', 'kit', null],
      ['Mills', 'poster', '2026-11-09'],
      ['Looms', 'poster', null],
    ]);
  });
  it('a list is read line by line, with its labels and the days on which things are due', () => {
    const read = readBooksList(
      '1. The Dyer’s Kettle; M. Oberwasser; 88 p; due 12 Nov\n2. Loom box; kit; KIT-07\n\n- Blue Roads; library book\nWeld; due whenever',
      DATES,
    );
    expect(
      read.books.map((b) => [b.line, b.book.title, b.book.label, b.book.form, b.book.source, b.due]),
    ).toEqual([
      [1, 'The Dyer’s Kettle', '', 'book', 'borrowed', '2026-11-12'],
      [2, 'Loom box', 'KIT-07', 'kit', 'owned', null],
      [4, 'Blue Roads', '', 'book', 'borrowed', null],
    ]);
    expect(read.faults).toEqual([{ line: 5, what: '“due whenever” is no day; write due 9 Nov' }]);
  });
  it('BibTeX with LaTeX, several names and a broken entry', () => {
    const { books, faults } = readBibtex(
      '@book{a,\n title = {The {Dyer}\'s K\\"ottle},\n author = {Oberwasser, M. and Halm, T.}, year = 2019, isbn = {0-306-40615-2}\n}\n\n@book{b, title = {Broken',
    );
    expect(books).toMatchObject([
      {
        line: 1,
        book: {
          title: "The Dyer's Köttle",
          authors: 'Oberwasser, M.; Halm, T.',
          year: 2019,
          label: '9780306406157',
        },
      },
    ]);
    expect(faults).toMatchObject([{ line: 6, what: expect.stringContaining('Unterminated') }]);
  });
  it('CSL-JSON that is none, and an item that is none', () => {
    expect(readCslJson('{').faults[0].what).toContain('this is not JSON');
    expect(
      readCslJson('[{"title":"Wool","type":"motion_picture"},{"title":5},{"type":"book"}]'),
    ).toMatchObject({
      books: [{ line: 1, book: { form: 'film' } }],
      faults: [{ line: 2 }, { line: 3, what: 'it has no title' }],
    });
  });
  it('what is on the shelf already is known by its number, or asked by its title and author', () => {
    const shelf: Book[] = [
      { ...blankBook, id: 's', title: 'The Dyer’s Kettle', authors: 'M. Oberwasser', label: '9780306406157' },
    ];
    const draft = (over: Partial<Book>) => ({
      line: 2,
      book: { ...blankBook, title: 'x', ...over },
      due: null,
    });
    const sorted = sortDrafts(
      [
        draft({ title: 'Other words', label: '9780306406157' }),
        draft({ title: 'Dyer’s kettle', authors: 'Oberwasser, M.' }),
        draft({ title: 'The Dyer’s Kettles', authors: 'Oberwasser, M.' }),
        draft({ title: 'The Dyer’s Kettle', authors: 'M. Oberwasser', form: 'film' }),
      ],
      shelf,
    );
    expect([
      sorted.known.length,
      sorted.asked.map((a) => a.as),
      sorted.fresh.map((f) => f.book.title),
    ]).toEqual([1, ['The Dyer’s Kettle'], ['The Dyer’s Kettles', 'The Dyer’s Kettle']]);
  });
});

describe('what a thing is by its form', () => {
  it('stands in a table, and is read back', () => {
    const books: Book[] = [
      { ...blankBook, id: 'f', title: 'The shearers', form: 'film', minutes: 24 },
      {
        ...blankBook,
        id: 'g',
        title: 'Shepherds',
        form: 'game',
        pieces: 64,
        players: { from: 2, to: 4 },
        partsPlace: 'a tin, hall',
      },
      { ...blankBook, id: 's', title: 'Patience', form: 'game', players: { from: 1, to: 1 } },
    ];
    const read = readBooksCsv(writeBooksCsv(books), DATES);
    expect(read.faults).toEqual([]);
    expect(read.books.map((b) => b.book)).toEqual(books.map(({ id: _, ...b }) => b));
  });
  it.each([
    ['2 to 6', { from: 2, to: 6 }],
    ['3', { from: 3, to: 3 }],
  ])('players: %s', (text, players) =>
    expect(readBooksCsv(`title,form,players\nA game,game,${text}`, DATES).books[0].book.players).toEqual(
      players,
    ),
  );
  it.each(['four', '6-2', '0'])('players that are none: %s', (text) =>
    expect(readBooksCsv(`title,form,players\nA game,game,${text}`, DATES).faults).toEqual([
      { line: 2, what: `“${text}” under players: write how many can play, such as 2-4` },
    ]),
  );
  it('a film in one line has its minutes', () =>
    expect(readBookLine('A Day with the Shearers; film; 24 min')).toMatchObject({
      form: 'film',
      minutes: 24,
    }));
});

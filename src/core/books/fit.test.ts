import { describe, expect, it } from 'vitest';
import { aLesson, aPlan } from '../../../tests/sample-plan';
import { blankBook, blankChild } from '../plan/blank';
import type { Book } from '../plan/book';
import type { Child, Plan } from '../plan/plan';
import { factsIn, fillings, thinLessons } from './facts';
import { bandOf, chapterPages, lessonsCovered, serves, suits, tellingWords } from './fit';
import { noteReading } from '../edit/loans';
import { takenIn } from './taken-in';
import { ownRate, silentRate, wordsOf } from './reading';

const aBook = (over: Partial<Book> = {}): Book => ({
  ...blankBook,
  id: 'b',
  title: 'A thing',
  pages: 60,
  ...over,
});
const child = (years: number): Plan['children'][number] => ({
  ...aPlan(0).children[0],
  id: 'c',
  birthMonth: `${2026 - years}-01`,
});

describe('whom a book suits', () => {
  it('goes by what was said of it, else by its form, and says which', () => {
    expect(bandOf(aBook({ form: 'picture book' }), 'listen')).toEqual({ from: 3, to: 10, guessed: true });
    expect(bandOf(aBook({ form: 'picture book', listenFrom: 5 }), 'listen')).toEqual({
      from: 5,
      to: 99,
      guessed: false,
    });
    expect(bandOf(aBook({ form: 'film' }), 'read')).toBeUndefined();
  });
  it('fits within the band, is a stretch a year short of it, beyond before that, and young above it', () => {
    const book = aBook({ readFrom: 8, readTo: 11 });
    expect([6, 7, 8, 11, 12].map((age) => suits(book, child(age), '2026-09-01', 'read'))).toEqual([
      'beyond',
      'stretch',
      'fits',
      'fits',
      'young',
    ]);
  });
  it('serves no child it is ruled out for, and an older one though it looks young', () => {
    const book = aBook({ form: 'picture book', readFrom: 4, readTo: 6 });
    expect(serves({ ...book, notFor: ['c'] }, child(5), '2026-09-01')).toBeUndefined();
    expect(serves(book, child(12), '2026-09-01')?.as).toBe('young');
    expect(serves(aBook({ readFrom: 12, listenFrom: 10 }), child(6), '2026-09-01')).toBeUndefined();
  });
});

describe('which lessons a book has something on', () => {
  const lessons = [
    aLesson('l1', { title: 'Dye plants' }),
    aLesson('l2', { title: 'Weaving', topics: [{ title: 'The frame loom', page: null }] }),
    aLesson('l3', { title: 'Bridges' }),
  ];
  it('knows a word in its endings', () => {
    expect([...tellingWords('Dyeing the dyes, dyed')]).toEqual(['dy']);
    expect([...tellingWords('Spinning, spins; weavers weave; mills')]).toEqual(['spin', 'weav', 'mil']);
    expect(tellingWords('a story of the sheep').has('sheep')).toBe(true);
  });
  it('takes topics before chapters before the title, with their pages', () => {
    const book = aBook({
      title: 'The weaver',
      chapters: [
        { title: 'Plants that dye', page: 1 },
        { title: 'Looms', page: 31 },
      ],
      topics: [{ title: 'looms', first: 40, last: 44 }],
    });
    expect(lessonsCovered(book, lessons)).toEqual([
      { lessonId: 'l1', by: 'Plants that dye', first: 1, last: 30 },
      { lessonId: 'l2', by: 'looms', first: 40, last: 44 },
    ]);
    expect(lessonsCovered(aBook({ title: 'Bridges and more' }), lessons)).toEqual([
      { lessonId: 'l3', by: 'Bridges and more', first: null, last: null },
    ]);
  });
  it('ends a chapter where the next one begins, and the last with the book', () => {
    expect(
      chapterPages({
        pages: 50,
        chapters: [
          { title: 'a', page: 3 },
          { title: 'b', page: null },
          { title: 'c', page: 20 },
        ],
      }),
    ).toEqual([
      { title: 'a', first: 3, last: 19 },
      { title: 'b', first: null, last: null },
      { title: 'c', first: 20, last: 50 },
    ]);
  });
});

describe('thin lessons', () => {
  const plan = aPlan(2, {
    lessons: [aLesson('l1', { title: 'Felt' }), aLesson('l2', { title: 'Looms' })],
    children: aPlan(0).children.map((c, i) => ({ ...c, birthMonth: i ? '2021-01' : '2014-01' })),
    books: [
      aBook({ id: 'old', title: 'Felt and felting', listenFrom: 10 }),
      aBook({ id: 'young', title: 'Felt feet', form: 'picture book', listenFrom: 3, listenTo: 8 }),
      aBook({ id: 'lent', title: 'Felt boots', form: 'picture book', state: 'lent out' }),
    ],
    pulls: [{ id: 'p', unitId: 'u1', bookId: 'old', role: 'together', read: 'aloud', childIds: [] }],
    uses: [{ id: 'u', pullId: 'p', lessonId: 'l1', firstPage: null, lastPage: null }],
  });
  const unit = plan.units[0];
  it('are those where nothing fits a child’s band', () => {
    expect(thinLessons(plan, unit)).toEqual([
      { lessonId: 'l1', number: 1, childIds: ['c2'] },
      { lessonId: 'l2', number: 2, childIds: ['c1', 'c2'] },
    ]);
  });
  it('are filled from what is here, has something on it and suits the child', () => {
    expect(fillings(plan, unit, thinLessons(plan, unit)[0]).map((f) => f.book.id)).toEqual(['young']);
    expect(fillings(plan, unit, thinLessons(plan, unit)[1])).toEqual([]);
  });
  it('tell what a book is good for', () => {
    const facts = factsIn(plan, unit)({ ...plan.books[1], preview: 'parts', previewNote: 'page 9' });
    expect(facts.covers.map((c) => c.number)).toEqual([1]);
    expect(facts.children.map((c) => c.listen)).toEqual(['young', 'fits']);
    expect(facts.cautions).toEqual(['Leave parts out: page 9']);
    expect(facts.minutesAloud).toBeGreaterThan(20);
  });
});

describe('a child’s own rate', () => {
  const plan: Plan = {
    ...aPlan(1),
    books: [aBook({ pages: 100, words: 20_000 }), aBook({ id: 'film', form: 'film' })],
  };
  const read = (p: Plan, pages: number, minutes: number, date: string, bookId: string | null = 'b'): Plan => {
    const done = noteReading({ childId: 'c1', bookId, date, pages, minutes })(p, {
      today: '2026-09-30',
      newId: () => `r${p.readings.length}`,
    });
    if ('refused' in done) throw new Error(done.refused);
    return done.plan;
  };
  it('is the table’s until ten minutes were measured, then words over minutes', () => {
    const table = silentRate(5);
    expect(ownRate(plan, 'c1', '2026-09-01')).toEqual({ rate: table, measuredOn: 0 });
    const once = read(plan, 4, 9, '2026-09-02');
    expect(ownRate(once, 'c1', '2026-09-01').measuredOn).toBe(0);
    expect(ownRate(read(once, 6, 11, '2026-09-03'), 'c1', '2026-09-01')).toEqual({
      rate: 100,
      measuredOn: 2,
    });
  });
  it('goes by the latest eight, and not by what has no words', () => {
    let p = read(plan, 1, 100, '2026-09-01');
    for (let i = 2; i < 10; i++) p = read(p, 10, 10, `2026-09-0${i}`);
    expect(ownRate(read(p, 30, 60, '2026-09-20', 'film'), 'c1', '2026-09-01')).toEqual({
      rate: 200,
      measuredOn: 8,
    });
  });
  it('counts real words in proportion, else words by form', () => {
    expect(wordsOf(plan.books[0], 10)).toBe(2000);
    expect(wordsOf(aBook({ form: 'picture book' }), 10)).toBe(600);
    expect(wordsOf(plan.books[1], 10)).toBe(0);
  });
});

describe('whom a book suits', () => {
  const reads = (age: number, rung?: 1 | 2 | 3 | 4 | 5): Child => ({
    ...blankChild,
    id: 'c',
    name: 'C',
    hatch: 'dots',
    birthMonth: `${2026 - age}-01`,
    rungs: rung ? { reading: rung } : {},
  });
  const on = '2026-10-01';
  it('to read alone heeds the rung of reading, to listen to only the age', () => {
    const novel = aBook({ form: 'book', readFrom: 10, readTo: 14, listenFrom: 8 });
    expect(suits(novel, reads(9), on, 'read')).toBe('stretch');
    expect(suits(novel, reads(9, 5), on, 'read')).toBe('fits');
    expect(suits(novel, reads(11, 2), on, 'read')).toBe('beyond');
    expect(suits(novel, reads(11, 2), on, 'listen')).toBe('fits');
  });
  it('is nobody at school where it is only for toddlers, though what looks young still serves', () => {
    const board = aBook({ form: 'board book' });
    expect(serves(board, reads(2), on)).toMatchObject({ as: 'fits' });
    expect(serves(board, reads(7), on)).toMatchObject({ as: 'young' });
    expect(serves(board, reads(16), on)).toBeUndefined();
    expect(serves(aBook({ form: 'picture book' }), reads(14), on)).toMatchObject({ as: 'young' });
  });
  it.each([
    ['film', 'watched'],
    ['game', 'played'],
    ['kit', 'built'],
    ['audio', 'heard'],
    ['poster', 'looked at'],
    ['board book', 'looked at'],
    ['book', 'read aloud'],
  ] as const)('a %s is %s', (form, done) => expect(takenIn(form, 'listen')).toBe(done));
});

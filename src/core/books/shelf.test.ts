import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blankBook } from '../plan/blank';
import type { Book } from '../plan/book';
import { duplicates, folded } from './duplicates';
import { indexOf, search } from './search';

const book = (id: string, title: string, over: Partial<Book> = {}): Book => ({
  ...blankBook,
  id,
  title,
  ...over,
});
const SHELF = [
  book('a', 'The Dyer’s Kettle', {
    authors: 'M. Oberwasser',
    topics: [{ title: 'Mordants', first: 33, last: 35 }],
  }),
  book('b', 'Käthe’s Loom', { authors: 'Ö. Linden', place: 'hall shelf' }),
  book('c', 'Kettle and Loom', { form: 'picture book' }),
];

describe('searching as one types', () => {
  const index = indexOf(SHELF);
  it.each([
    ['', ['a', 'b', 'c']],
    ['kettle', ['c', 'a']],
    ['KATHE', ['b']],
    ['oberw', ['a']],
    ['mord', ['a']],
    ['loom kett', ['c']],
    ['hall shelf', ['b']],
    ['picture', ['c']],
    ['ettle', []],
    ['dyer s kettle', ['a']],
  ])('“%s” finds %j', (typed, found) => expect(search(index, typed)).toEqual(found));
  it('finds every book by any beginning of its title, and never more by typing more', () => {
    fc.assert(
      fc.property(fc.constantFrom(...SHELF), fc.integer({ min: 1, max: 12 }), (b, n) => {
        const typed = b.title.slice(0, n);
        const found = search(index, typed);
        expect(found).toContain(b.id);
        expect(search(index, b.title.slice(0, n + 1)).every((id) => found.includes(id))).toBe(true);
      }),
    );
  });
});

describe('the same thing twice', () => {
  it('by number surely; by title, author and form perhaps; alike is left alone', () => {
    const shelf = [
      book('a', 'The Dyer’s Kettle', { authors: 'M. Oberwasser', label: '9780306406157' }),
      book('b', 'Other', { label: '9780306406157' }),
      book('c', 'Dyer’s Kettle', { authors: 'Oberwasser, Maria' }),
      book('d', 'The Dyer’s Kettle', { form: 'film' }),
      book('e', 'The Dyer’s Kettles', { authors: 'M. Oberwasser' }),
    ];
    expect(duplicates(shelf)).toEqual([
      { by: 'number', ids: ['a', 'b'] },
      { by: 'work', ids: ['a', 'c'] },
    ]);
  });
  it('folds case, accents and punctuation', () =>
    expect(folded('  Käthe’s—LOOM, straße ')).toBe('kathe s loom strasse'));
});

/** OPDS 2.0, drafts.opds.io/opds-2.0: its worked examples of a feed and of a library's link properties, from memory. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { book } from '@/core/plan/book';
import { BORROW, readOpds, type OpdsPublication } from '@/core/formats/opds';

const onShelf = book.omit({ id: true });
const inFeed = (...publications: unknown[]): string =>
  JSON.stringify({
    metadata: { title: 'Example listing publications' },
    links: [{ rel: 'self', href: 'http://example.com/new', type: 'application/opds+json' }],
    publications,
  });
const one = (
  publication: object,
): Extract<ReturnType<typeof readOpds>, { books: unknown }>['books'][number] => {
  const read = readOpds(inFeed(publication));
  if ('wrong' in read) throw new Error(read.wrong);
  return read.books[0];
};

describe('the specification’s examples', () => {
  const EXAMPLE = {
    metadata: {
      '@type': 'http://schema.org/Book',
      title: 'An Example',
      author: 'A. Writer',
      identifier: 'urn:isbn:9780306406157',
      language: 'en',
      modified: '2015-09-29T17:00:00Z',
    },
    links: [
      { rel: 'self', href: 'http://example.org/publication.json', type: 'application/opds-publication+json' },
      {
        rel: BORROW,
        href: 'http://example.org/borrow',
        type: 'application/opds-publication+json',
        properties: {
          availability: {
            state: 'unavailable',
            since: '2019-09-29T01:03:02Z',
            until: '2019-10-12T01:03:02Z',
          },
          holds: { total: 3, position: 1 },
          copies: { total: 1, available: 0 },
        },
      },
    ],
    images: [{ href: 'http://example.org/cover.jpg', type: 'image/jpeg', height: 1400, width: 800 }],
  };
  it('a publication with availability, holds and copies', () => {
    expect(one(EXAMPLE)).toMatchObject({
      ref: 'urn:isbn:9780306406157',
      state: 'unavailable',
      since: '2019-09-29',
      until: '2019-10-12',
      holds: { total: 3, position: 1 },
      copies: { total: 1, available: 0 },
      book: {
        title: 'An Example',
        authors: 'A. Writer',
        label: '9780306406157',
        language: 'en',
        form: 'book',
      },
    });
  });
  it('a contributor with a name, several, and subjects as words or as objects', () => {
    const { book: read } = one({
      ...EXAMPLE,
      metadata: {
        ...EXAMPLE.metadata,
        author: [{ name: 'A. Writer', sortAs: 'Writer, A.' }, 'B. Second'],
        subject: ['Looms', { name: 'Dyes', code: 'X', scheme: 'http://example.org' }],
      },
    });
    expect(read.authors).toBe('A. Writer; B. Second');
    expect(read.topics.map((t) => t.title)).toEqual(['Looms', 'Dyes']);
  });
  it('a feed without publications, such as one of navigation alone', () => {
    expect(
      readOpds(
        JSON.stringify({
          metadata: { title: 'Example' },
          navigation: [{ href: '/new', title: 'New' }],
          links: [],
        }),
      ),
    ).toEqual({ books: [], odd: 0 });
  });
});

describe('whatever a library sends', () => {
  const publication: fc.Arbitrary<OpdsPublication> = fc.record({
    metadata: fc.record({
      title: fc.string({ minLength: 1, maxLength: 300 }),
      identifier: fc.option(fc.string({ maxLength: 40 }), { nil: undefined }),
      numberOfPages: fc.option(fc.integer({ min: 1, max: 9999 }), { nil: undefined }),
      published: fc.option(fc.string({ maxLength: 12 }), { nil: undefined }),
      subject: fc.option(
        fc.array(
          fc.oneof(
            fc.string({ maxLength: 30 }),
            fc.nat(120).map((n) => `Ages ${n}–${n + 3}`),
          ),
          { maxLength: 4 },
        ),
        { nil: undefined },
      ),
    }),
    links: fc.array(fc.record({ rel: fc.constantFrom('self', BORROW, 'alternate'), href: fc.webUrl() }), {
      maxLength: 3,
    }),
  });
  it('is read into books a shelf can hold, or named as no feed', () => {
    fc.assert(
      fc.property(publication, (p) => {
        const { book: made, ref } = one(p);
        expect(onShelf.safeParse(made).error?.issues ?? []).toEqual([]);
        expect(ref.length).toBeLessThanOrEqual(200);
        expect(made.source).toBe('borrowed');
      }),
      { numRuns: 200 },
    );
    fc.assert(
      fc.property(fc.json(), (text) => {
        const read = readOpds(text);
        expect('books' in read ? Array.isArray(read.books) : read.wrong.length > 10).toBe(true);
      }),
      { numRuns: 200 },
    );
  });
});

describe('feeds as libraries write them', () => {
  const good = (title: unknown, identifier = 'urn:x:1'): object => ({
    metadata: { title, identifier },
    links: [{ rel: 'self', href: 'http://example.com/1' }],
  });
  it('an odd publication does not refuse the others, and is counted', () => {
    const read = readOpds(
      inFeed(good('One'), { metadata: {} }, good('Two', 'urn:x:2'), 'nothing', { links: [] }),
    );
    expect('books' in read && [read.books.map((b) => b.book.title), read.odd]).toEqual([['One', 'Two'], 3]);
  });
  // OPDS 2.0, section 1.4: a feed may hold its publications in groups.
  it('publications in groups are read too', () => {
    const read = readOpds(
      JSON.stringify({
        metadata: { title: 'Groups' },
        groups: [
          { metadata: { title: 'New' }, publications: [good('In the first')] },
          { metadata: { title: 'Old' }, publications: [good('In the second', 'urn:x:2')] },
        ],
      }),
    );
    expect('books' in read && read.books.map((b) => b.book.title)).toEqual(['In the first', 'In the second']);
  });
  // Readium Web Publication Manifest: a title may be a map of languages by BCP 47 tags.
  it('a title by language is taken in English, else in the first there is', () => {
    expect(one(good({ fr: 'La laine', en: 'Wool' })).book.title).toBe('Wool');
    expect(one(good({ de: 'Die Wolle', fr: 'La laine' })).book.title).toBe('Die Wolle');
  });
  it('authors and subjects may be named by language', () => {
    const { book: of } = one({
      metadata: {
        title: 'Wool',
        author: { name: { en: 'A. Writer' } },
        subject: [{ name: { en: 'Sheep' } }],
      },
      links: [],
    });
    expect([of.authors, of.topics[0].title]).toEqual(['A. Writer', 'Sheep']);
  });
});

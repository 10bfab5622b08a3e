/**
 * A library's catalogue in OPDS 2.0 (publications with acquisition links; availability, holds and copies as properties
 * of a link): read with what a shelf and a card can use of it.
 */
import { z } from 'zod';
import { readNumber } from '../books/numbers';
import { blankBook } from '../plan/blank';
import type { Book, BookForm } from '../plan/book';
import { isoDate, type IsoDate } from '../plan/measures';

export const BORROW = 'http://opds-spec.org/acquisition/borrow';
/** A link with this relation gets the thing itself: it is lent to us. */
export const LENT = 'http://opds-spec.org/acquisition';

const queue = z.object({ total: z.int().min(0), position: z.int().min(0).optional() });
const properties = z.object({
  availability: z
    .object({
      state: z.enum(['available', 'unavailable', 'reserved', 'ready']),
      since: z.string().optional(),
      until: z.string().optional(),
    })
    .optional(),
  holds: queue.optional(),
  copies: z.object({ total: z.int().min(0), available: z.int().min(0) }).optional(),
});
const link = z.object({
  rel: z.union([z.string(), z.array(z.string())]).optional(),
  href: z.string(),
  properties: properties.optional(),
});
/** A text, or the same in several languages (RWPM: a map by BCP 47 tag). */
const localised = z.union([z.string(), z.record(z.string(), z.string())]);
const contributor = z.union([z.string(), z.object({ name: localised })]);
export const publication = z.object({
  metadata: z.object({
    '@type': z.string().optional(),
    title: localised,
    identifier: z.string().optional(),
    author: z.union([contributor, z.array(contributor)]).optional(),
    language: z.union([z.string(), z.array(z.string())]).optional(),
    numberOfPages: z.int().min(1).max(9999).optional(),
    published: z.string().optional(),
    description: z.string().optional(),
    subject: z.array(z.union([z.string(), z.object({ name: localised })])).optional(),
  }),
  links: z.array(link),
});
export const feed = z.object({
  metadata: z.object({ title: localised, numberOfItems: z.int().optional() }),
  publications: z.array(publication).default([]),
});
/** A feed as it comes: its publications are looked at one by one, so that an odd one does not refuse the others. */
const anyFeed = z.object({
  metadata: z.object({ title: localised }),
  publications: z.array(z.unknown()).default([]),
  groups: z.array(z.object({ publications: z.array(z.unknown()).default([]) })).default([]),
});
export type OpdsFeed = z.input<typeof feed>;
export type OpdsPublication = z.input<typeof publication>;

export interface LibraryBook {
  /** The library's identifier. */
  ref: string;
  book: Omit<Book, 'id'>;
  /** `out`: lent to us. */
  state: 'available' | 'unavailable' | 'reserved' | 'ready' | 'out';
  /** When the state began; when a copy is thought to be free, or a loan is due. */
  since: IsoDate | null;
  until: IsoDate | null;
  copies: { total: number; available: number };
  /** Readers waiting, and one's own place among them. */
  holds: { total: number; position: number | null };
}

const FORMS: Readonly<Record<string, BookForm>> = {
  VideoObject: 'film',
  Movie: 'film',
  Audiobook: 'audio',
  AudioObject: 'audio',
  Game: 'game',
  Map: 'poster',
};

/** A text in English, else in the first language there is. */
function said(text: z.output<typeof localised>): string {
  if (typeof text === 'string') return text;
  return text.en ?? Object.values(text)[0] ?? '';
}

/**
 * Publications of a feed, those of its groups too; a feed that is not OPDS 2.0 is named, and publications that are odd
 * are counted.
 */
export function readOpds(text: string): { books: LibraryBook[]; odd: number } | { wrong: string } {
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch {
    return { wrong: 'The library’s answer is not JSON.' };
  }
  const parsed = anyFeed.safeParse(document);
  if (!parsed.success)
    return {
      wrong: `The library’s answer is no OPDS 2.0 feed: ${parsed.error.issues[0].path.join('.')} ${parsed.error.issues[0].message}.`,
    };
  const { publications, groups } = parsed.data;
  const all = [...publications, ...groups.flatMap((g) => g.publications)];
  const books = all.flatMap((p) => {
    const one = publication.safeParse(p);
    return one.success ? [bookOf(one.data)] : [];
  });
  return { books, odd: all.length - books.length };
}

/** A line as a shelf can hold it: without what cannot be seen, and no longer than this. */
const line = (text: string, most: number): string => text.replace(/\s+/gu, ' ').trim().slice(0, most).trim();
/** The date of a time stamp; nothing where it is none. */
const day = (stamp: string | undefined): IsoDate | null =>
  stamp && isoDate.safeParse(stamp.slice(0, 10)).success ? stamp.slice(0, 10) : null;
/** An age of a band; beyond the ages that a band knows, the end is open. */
const age = (digits: string | undefined): number | null =>
  digits === undefined || Number(digits) > 21 ? null : Number(digits);

function bookOf(p: z.output<typeof publication>): LibraryBook {
  const { metadata: m, links } = p;
  const has =
    (rel: string) =>
    (l: z.output<typeof link>): boolean =>
      [l.rel ?? []].flat().includes(rel);
  const lent = links.find(has(LENT));
  const borrow = lent ?? links.find(has(BORROW));
  const about = borrow?.properties ?? {};
  const number = m.identifier?.startsWith('urn:isbn:') ? readNumber(m.identifier.slice(9)) : { wrong: '' };
  const type = m['@type']?.split('/').at(-1) ?? '';
  const subjects = (m.subject ?? []).map((s) => (typeof s === 'string' ? s : said(s.name)));
  // A subject “Ages 6–9” gives the band; “Picture books” and “Early readers” the form; the others are topics.
  const band = subjects.map((s) => /^ages? (\d+)(?:\s*[-–]\s*(\d+))?$/i.exec(s)).find(Boolean);
  const form =
    FORMS[type] ??
    (subjects.some((s) => /^picture books?$/i.test(s))
      ? 'picture book'
      : subjects.some((s) => /^early readers?$/i.test(s))
        ? 'reader'
        : 'book');
  const topics = subjects.filter((s) => !/^ages? \d|^picture books?$|^early readers?$/i.test(s));
  const year = Number(m.published?.slice(0, 4));
  return {
    ref: (m.identifier || links.find(has('self'))?.href || borrow?.href || said(m.title)).slice(0, 200),
    book: {
      ...blankBook,
      title: line(said(m.title), 200) || 'Without a title',
      authors: line(
        [m.author ?? []]
          .flat()
          .map((a) => (typeof a === 'string' ? a : said(a.name)))
          .join('; '),
        200,
      ),
      label: 'digits' in number ? number.digits : '',
      form,
      pages: m.numberOfPages ?? null,
      language: line([m.language ?? []].flat()[0] ?? '', 40),
      year: year >= 1400 && year <= 2200 ? year : null,
      source: 'borrowed',
      topics: topics
        .map((t) => line(t, 200))
        .filter(Boolean)
        .slice(0, 500)
        .map((title) => ({ title, first: null, last: null })),
      listenFrom: age(band?.[1]),
      listenTo: age(band?.[2]),
    },
    state: lent ? 'out' : (about.availability?.state ?? 'available'),
    since: day(about.availability?.since),
    until: day(about.availability?.until),
    copies: about.copies ?? { total: 1, available: about.availability?.state === 'unavailable' ? 0 : 1 },
    holds: { total: about.holds?.total ?? 0, position: about.holds?.position ?? null },
  };
}

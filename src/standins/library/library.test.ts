import { describe, expect, it } from 'vitest';
import { feed, publication, readOpds } from '@/core/formats/opds';
import { CATALOGUE } from './catalogue';
import { standingOf, type Request } from './desk';
import { serve, type Answer, type Ledger } from './serve';

function library(): {
  ask: (today: string, method: string, path: string, query?: string) => Answer;
  requests: Request[];
} {
  const requests: Request[] = [];
  const ledger: Ledger = {
    requests: () => requests,
    enter: (r) => {
      requests.push(r);
    },
  };
  return {
    requests,
    ask: (today, method, path, query = '') => serve(method, path.split('/'), query, ledger, today),
  };
}
const find = (title: string): string => CATALOGUE.find((h) => h.title.startsWith(title))!.id;
const read = (answer: Answer): Extract<ReturnType<typeof readOpds>, { books: unknown }>['books'] => {
  const read = readOpds(JSON.stringify(answer.body));
  if ('wrong' in read) throw new Error(read.wrong);
  return read.books;
};
const FREE = find('Round Goes');
const QUEUED = find('Madder');
const KEPT = find('Indigo: A Leaf');

describe('the stand-in library', () => {
  it('speaks OPDS 2.0: feeds of publications with availability, holds and copies', () => {
    const { ask } = library();
    const all = ask('2026-10-28', 'GET', 'catalogue');
    expect(feed.parse(all.body).publications.length).toBe(CATALOGUE.length);
    const [book] = read(ask('2026-10-28', 'GET', 'catalogue', 'whorl')).filter((b) =>
      b.book.title.startsWith('Round'),
    );
    expect(book).toMatchObject({
      state: 'available',
      copies: { total: 2, available: 2 },
      book: { form: 'reader', pages: 36, listenFrom: 5, listenTo: 8, source: 'borrowed' },
    });
    expect(book.book.topics.map((t) => t.title)).toEqual(['spindle', 'spinning', 'thread']);
    expect(publication.safeParse(ask('2026-10-28', 'GET', `publications/${FREE}`).body).success).toBe(true);
  });
  it('lets a thing that is in be fetched, renewed once, and taken back', () => {
    const { ask } = library();
    expect(ask('2026-10-31', 'POST', `publications/${FREE}/borrow`).status).toBe(200);
    const due = (day: string): string | null => read(ask(day, 'GET', 'shelf'))[0].until;
    expect(due('2026-10-31')).toBe('2026-11-21');
    expect(ask('2026-11-10', 'POST', `publications/${FREE}/renew`).status).toBe(200);
    expect(due('2026-11-10')).toBe('2026-12-12');
    expect(ask('2026-11-20', 'POST', `publications/${FREE}/renew`)).toMatchObject({
      status: 409,
      body: { detail: 'it was renewed once already' },
    });
    expect(ask('2026-12-01', 'POST', `publications/${FREE}/return`).status).toBe(200);
    expect(read(ask('2026-12-01', 'GET', 'shelf'))).toEqual([]);
  });
  it('keeps a queue that moves on until the thing lies ready on a pick-up day, and lapses after ten', () => {
    const { ask } = library();
    ask('2026-10-28', 'POST', `publications/${QUEUED}/hold`);
    const at = (day: string): ReturnType<typeof read>[number] | undefined =>
      read(ask(day, 'GET', 'shelf'))[0];
    const thought = at('2026-10-28')!.until!;
    let place = at('2026-10-28')!.holds.position!;
    expect(place).toBe(3);
    for (
      let day = Date.parse('2026-10-29');
      new Date(day).toISOString().slice(0, 10) < thought;
      day += 86_400_000
    ) {
      const now = at(new Date(day).toISOString().slice(0, 10))!;
      expect(now.holds.position!).toBeLessThanOrEqual(place);
      place = now.holds.position!;
    }
    const days = Array.from({ length: 60 }, (_, i) =>
      new Date(Date.parse('2026-10-28') + i * 86_400_000).toISOString().slice(0, 10),
    );
    const ready = days.filter((d) => at(d)?.state === 'ready');
    expect([2, 6]).toContain(new Date(ready[0]).getUTCDay());
    expect(ready).toHaveLength(11);
    expect(at(days[days.indexOf(ready[10]) + 1])).toBeUndefined();
  });
  it('comes later than it thought when a reader keeps it over the time, and says so only then', () => {
    const { ask } = library();
    ask('2026-10-28', 'POST', `publications/${KEPT}/hold`);
    const until = (day: string): string | null => read(ask(day, 'GET', 'shelf'))[0].until;
    const thought = until('2026-10-28')!;
    expect(until('2026-11-10')).toBe(thought);
    expect(until(new Date(Date.parse(thought) + 86_400_000).toISOString().slice(0, 10))! > thought).toBe(
      true,
    );
  });
  it('refuses what cannot be, in words', () => {
    const { ask } = library();
    expect(ask('2026-10-28', 'POST', `publications/${QUEUED}/borrow`)).toMatchObject({
      status: 409,
      body: { detail: 'no copy is in' },
    });
    expect(ask('2026-10-28', 'POST', 'publications/1/hold').status).toBe(404);
    expect(ask('2026-10-28', 'POST', `publications/${FREE}/eat`).status).toBe(405);
    ask('2026-10-28', 'POST', `publications/${FREE}/hold`);
    expect(ask('2026-10-28', 'POST', `publications/${FREE}/hold`).status).toBe(409);
    expect(ask('2026-10-29', 'POST', `publications/${FREE}/cancel`).status).toBe(200);
  });
  it('does not renew what another reader waits for, and lends twelve at the most', () => {
    const { ask, requests } = library();
    requests.push({ id: QUEUED, does: 'borrow', date: '2026-10-20' });
    expect(ask('2026-10-28', 'POST', `publications/${QUEUED}/renew`)).toMatchObject({
      status: 409,
      body: { detail: 'another reader is waiting for it' },
    });
    const free = CATALOGUE.filter((h) => !h.waiting).map((h) => h.id);
    for (const id of free.slice(0, 11))
      expect(ask('2026-10-28', 'POST', `publications/${id}/borrow`).status).toBe(200);
    expect(ask('2026-10-28', 'POST', `publications/${free[11]}/borrow`)).toMatchObject({
      status: 409,
      body: { detail: 'your card has 12 things out' },
    });
  });
  it('answers the same for the same requests on the same day', () => {
    for (const h of CATALOGUE)
      expect(standingOf(h, [], '2026-11-11')).toEqual(standingOf(h, [], '2026-11-11'));
  });
});

describe('a library’s answer', () => {
  it('that is no feed is named, and one that says little is read with what it says', () => {
    expect(readOpds('<html>')).toEqual({ wrong: 'The library’s answer is not JSON.' });
    expect(readOpds('{"publications": 3}')).toMatchObject({
      wrong: expect.stringContaining('no OPDS 2.0 feed'),
    });
    const read = readOpds(
      JSON.stringify({
        metadata: { title: 'x' },
        publications: [
          {
            metadata: {
              title: 'Plain',
              identifier: 'urn:isbn:0306406152',
              author: [{ name: 'A. B.' }, 'C. D.'],
            },
            links: [{ href: '/p/1', rel: ['http://opds-spec.org/acquisition/borrow'] }],
          },
        ],
      }),
    );
    expect(read).toMatchObject({
      books: [
        {
          ref: 'urn:isbn:0306406152',
          state: 'available',
          book: { label: '9780306406157', authors: 'A. B.; C. D.', form: 'book' },
        },
      ],
    });
  });
});

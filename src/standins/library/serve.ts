/** The stand-in library's counter: requests in, OPDS 2.0 or a problem (RFC 9457) out. No network, no clock of its own. */
import { folded } from '@/core/books/duplicates';
import { BORROW, LENT, type OpdsFeed, type OpdsPublication } from '@/core/formats/opds';
import type { IsoDate } from '@/core/plan/measures';
import { CATALOGUE, type Holding } from './catalogue';
import { holding, refusal, standingOf, type Request } from './desk';

export interface Answer {
  status: number;
  type: 'application/opds+json' | 'application/opds-publication+json' | 'application/problem+json';
  body: unknown;
}

export interface Ledger {
  requests: () => Request[];
  enter: (request: Request) => void;
}

const ON_PAGE = 50;

/** `GET catalogue?query=`, `GET shelf`, `POST publications/{id}/{hold|cancel|borrow|renew|return}`. */
export function serve(
  method: string,
  path: readonly string[],
  query: string,
  ledger: Ledger,
  today: IsoDate,
): Answer {
  const requests = ledger.requests();
  if (method === 'GET' && path[0] === 'catalogue') {
    const words = folded(query).split(' ').filter(Boolean);
    // Any of the words: a catalogue search is broader than a shelf's.
    const found = words.length
      ? CATALOGUE.filter((h) => {
          const text = ` ${folded([h.title, h.author, ...h.subjects].join(' '))}`;
          return words.some((w) => text.includes(` ${w}`));
        })
      : CATALOGUE;
    return feedOf('Catalogue', found.slice(0, ON_PAGE), found.length, requests, today);
  }
  if (method === 'GET' && path[0] === 'shelf') {
    const ours = CATALOGUE.filter((h) => {
      const s = standingOf(h, requests, today);
      return s.state === 'out' || s.state === 'ready' || s.position !== null;
    });
    return feedOf('On your card', ours, ours.length, requests, today);
  }
  const [, id, does] = path;
  const h = path[0] === 'publications' ? holding(id) : undefined;
  if (!h) return problem(404, 'Not found', 'The library has nothing of that number.');
  if (method === 'GET')
    return {
      status: 200,
      type: 'application/opds-publication+json',
      body: publicationOf(h, requests, today),
    };
  if (method !== 'POST' || !isRequest(does))
    return problem(405, 'Not possible', 'Ask to hold, cancel, borrow, renew or return.');
  const refused = refusal(h, does, requests, today);
  if (refused) return problem(409, 'Refused', refused);
  ledger.enter({ id, does, date: today });
  return {
    status: 200,
    type: 'application/opds-publication+json',
    body: publicationOf(h, ledger.requests(), today),
  };
}

const isRequest = (does: string): does is Request['does'] =>
  ['hold', 'cancel', 'borrow', 'renew', 'return'].includes(does);

const problem = (status: number, title: string, detail: string): Answer => ({
  status,
  type: 'application/problem+json',
  body: { type: 'about:blank', title, status, detail },
});

function feedOf(
  title: string,
  holdings: readonly Holding[],
  total: number,
  requests: readonly Request[],
  today: IsoDate,
): Answer {
  const body: OpdsFeed & { links: unknown[] } = {
    metadata: { title, numberOfItems: total },
    links: [
      { rel: 'self', href: title === 'Catalogue' ? 'catalogue' : 'shelf', type: 'application/opds+json' },
      { rel: 'search', href: 'catalogue{?query}', type: 'application/opds+json', templated: true },
    ],
    publications: holdings.map((h) => publicationOf(h, requests, today)),
  };
  return { status: 200, type: 'application/opds+json', body };
}

/** A holding as an OPDS 2.0 publication. A loan is `available` until it is due, as the specification has it. */
function publicationOf(h: Holding, requests: readonly Request[], today: IsoDate): OpdsPublication {
  const s = standingOf(h, requests, today);
  const out = s.state === 'out';
  return {
    metadata: {
      '@type': `http://schema.org/${h.type}`,
      identifier: `urn:hausplan:library:${h.id}`,
      title: h.title,
      author: h.author,
      language: 'en',
      published: String(h.year),
      ...(h.pages ? { numberOfPages: h.pages } : {}),
      subject: h.subjects,
    },
    links: [
      { rel: 'self', href: `publications/${h.id}` },
      {
        rel: out ? LENT : BORROW,
        href: `publications/${h.id}/${out ? 'return' : 'hold'}`,
        properties: {
          availability: {
            state: s.state === 'out' ? 'available' : s.state,
            ...(s.since ? { since: s.since } : {}),
            ...(s.until ? { until: s.until } : {}),
          },
          holds: { total: s.waiting, ...(s.position ? { position: s.position } : {}) },
          copies: { total: h.copies, available: s.copiesIn },
        },
      },
    ],
  };
}

/**
 * Speaking to the library, over HTTP, in OPDS 2.0: the one `HAUSPLAN_LIBRARY` names, else the stand-in that this server
 * serves itself. What it answers is read by `core/formats/opds.ts` and never trusted further.
 */
import { headers } from 'next/headers';
import { readOpds, type LibraryBook } from '@/core/formats/opds';

const PATIENCE_MS = 8000;

export type Heard = { books: LibraryBook[] } | { wrong: string };

export const catalogue = (query: string): Promise<Heard> =>
  ask('GET', `catalogue?query=${encodeURIComponent(query)}`);
export const onCard = (): Promise<Heard> => ask('GET', 'shelf');

/** Asks something of a publication; the library's refusal comes back in its words. */
export async function askOf(
  ref: string,
  does: 'hold' | 'cancel' | 'borrow' | 'renew' | 'return',
): Promise<Heard> {
  return ask('POST', `publications/${encodeURIComponent(ref.split(':').at(-1)!)}/${does}`);
}

async function ask(method: 'GET' | 'POST', path: string): Promise<Heard> {
  const origin = `http://${(await headers()).get('host')}`;
  try {
    const answer = await fetch(`${process.env.HAUSPLAN_LIBRARY ?? `${origin}/standins/library`}/${path}`, {
      method,
      cache: 'no-store',
      signal: AbortSignal.timeout(PATIENCE_MS),
      headers: method === 'POST' ? { origin } : {},
    });
    const text = await answer.text();
    if (!answer.ok) return { wrong: problemOf(text) };
    return readOpds(
      answer.headers.get('content-type')?.includes('publication')
        ? JSON.stringify({ metadata: { title: '' }, publications: [JSON.parse(text)] })
        : text,
    );
  } catch {
    return {
      wrong:
        'The library does not answer. Nothing was asked of it; try again later, or write the loan down by hand.',
    };
  }
}

/** The detail of a problem document (RFC 9457). */
function problemOf(text: string): string {
  try {
    const { detail } = JSON.parse(text) as { detail?: unknown };
    if (typeof detail === 'string') return detail.slice(0, 200);
  } catch {
    /* No problem document: the general words below. */
  }
  return 'it gave no reason';
}

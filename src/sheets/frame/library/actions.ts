'use server';
import * as commands from '@/core/command/library';
import { readDrawn } from '@/data/door';
import { desk, NOT_ON_PAPER } from '../desk';
import { give } from '../act';
import type { Outcome } from '../outcome';
import { catalogue } from './library';
import { ensure, hearing, standingInWords } from './asking';

export interface LibraryHit {
  ref: string;
  title: string;
  rest: string;
  topics: string;
  message: string;
  /** On the shelf or on the list already. */
  known: boolean;
}

/** Looks in the library; nothing is stored. */
export async function lookInLibrary(query: string): Promise<{ hits: LibraryHit[] } | { wrong: string }> {
  if (typeof query !== 'string') return { wrong: 'Say what to look for.' };
  const heard = await catalogue(query.slice(0, 200));
  if ('wrong' in heard) return heard;
  const { plan } = readDrawn((await desk()).db);
  const refs = new Set(plan.loans.filter((l) => !l.back).map((l) => l.ref));
  return {
    hits: heard.books.map((b) => ({
      ref: b.ref,
      title: b.book.title,
      rest: [
        b.book.authors,
        b.book.form === 'book' ? '' : b.book.form,
        b.book.pages ? `${b.book.pages} pages` : '',
        b.book.listenFrom !== null ? `ages ${b.book.listenFrom}–${b.book.listenTo ?? ''}` : '',
      ]
        .filter(Boolean)
        .join(' · '),
      topics: b.book.topics.map((t) => t.title).join(', '),
      message: standingInWords(b),
      known: refs.has(b.ref),
    })),
  };
}

/** Asks the library for a thing: it comes onto the shelf as borrowed, is pulled to be sorted, and stands on the list of loans. */
export async function askFor(base: number, unitId: string | null, ref: string): Promise<Outcome> {
  if ((await desk()).traced) return NOT_ON_PAPER;
  if (typeof ref !== 'string')
    return { is: 'refused', refused: 'Say which of the library’s things is asked for.' };
  const heard = await ensure(ref, 'hold');
  if ('wrong' in heard) return { is: 'refused', refused: `The library says: ${heard.wrong}.` };
  const [there] = heard.books;
  return give(commands.askFor, base, ref, {
    unitId,
    found: { ref, draft: there.book, until: there.until },
    heard: hearing({ from: null, ready: null }, there),
  });
}

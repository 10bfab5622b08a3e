'use server';
import { z } from 'zod';
import { addBooks, pullBooks } from '@/core/edit/books';
import { hearOfLoans, wantLoan } from '@/core/edit/loans';
import { inTurn } from '@/core/edit/pages';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';
import { act } from '../act';
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
  const { plan } = readDrawn(store());
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
  if (typeof ref !== 'string')
    return { is: 'refused', refused: 'Say which of the library’s things is asked for.' };
  const heard = await ensure(ref, 'hold');
  if ('wrong' in heard) return { is: 'refused', refused: `The library says: ${heard.wrong}.` };
  const [book] = heard.books;
  return act({
    base,
    input: ref,
    shape: z.string().max(200),
    label: () => `Asked the library for “${book.book.title}”`,
    edit: () => (plan, context) => {
      const there = plan.books.find((b) =>
        book.book.label
          ? b.label === book.book.label
          : plan.loans.some((l) => l.ref === ref && l.bookId === b.id),
      );
      const added = there ? { plan } : addBooks([book.book])(plan, context);
      if ('refused' in added) return added;
      const bookId = there?.id ?? added.plan.books[added.plan.books.length - 1].id;
      const wanted = inTurn(added.plan, context, [
        wantLoan(bookId, ref, book.until),
        ...(unitId && !plan.pulls.some((p) => p.unitId === unitId && p.bookId === bookId)
          ? [pullBooks(unitId, [bookId])]
          : []),
      ]);
      if ('refused' in wanted) return wanted;
      const loan = wanted.plan.loans[wanted.plan.loans.length - 1];
      return hearOfLoans([{ id: loan.id, asked: context.today, ...hearing(loan, book) }])(
        wanted.plan,
        context,
      );
    },
  });
}

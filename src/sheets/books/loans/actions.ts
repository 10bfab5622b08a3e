'use server';
import { loanTitle } from './loan-title';
import { z } from 'zod';
import { hearOfLoans, setCard, stepLoan, unwantLoan } from '@/core/edit/loans';
import type { LibraryBook } from '@/core/formats/opds';
import { card, type Loan } from '@/core/plan/loan';
import { id } from '@/core/plan/measures';
import { type Plan } from '@/core/plan/plan';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';
import { act } from '../../frame/act';
import { today } from '../../frame/clock';
import type { Outcome } from '../../frame/outcome';
import { askOf, onCard } from '../../frame/library/library';
import { ensure, hearing, standingInWords } from '../../frame/library/asking';

export async function keepCard(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: card.nullable(),
    label: (v) => (v ? 'Wrote down what the library card allows' : 'Took the library card away'),
    edit: setCard,
  });
}

const STEPS = { ask: 'hold', fetch: 'borrow', renew: 'renew', return: 'return' } as const;

/** Goes one stage on with a loan: through the library where it came from there, by hand where it did not. */
export async function step(base: number, loanId: string, which: unknown): Promise<Outcome> {
  const shape = z.enum(['ask', 'ready', 'fetch', 'renew', 'return']);
  const now = today();
  const loan = readDrawn(store()).plan.loans.find((l) => l.id === loanId);
  const parsed = shape.safeParse(which);
  let heard: LibraryBook | undefined;
  if (loan?.ref && parsed.success && parsed.data !== 'ready') {
    const answer = await ensure(loan.ref, STEPS[parsed.data]);
    if ('wrong' in answer) {
      // A refused renewal is news: the book must go back.
      if (parsed.data !== 'renew') return { is: 'refused', refused: `The library says: ${answer.wrong}.` };
      return act({
        base,
        input: which,
        shape,
        label: (_, plan) => `${loanTitle(plan, loanId)} cannot be renewed: ${answer.wrong}`,
        edit: () => hearOfLoans([{ id: loanId, refused: answer.wrong }]),
      });
    }
    [heard] = answer.books;
  }
  return act({
    base,
    input: which,
    shape,
    label: (v, plan) =>
      ({
        ask: `Asked for ${loanTitle(plan, loanId)}`,
        ready: `${loanTitle(plan, loanId)} lies ready`,
        fetch: `Fetched ${loanTitle(plan, loanId)}`,
        renew: `Renewed ${loanTitle(plan, loanId)}`,
        return: `Took ${loanTitle(plan, loanId)} back`,
      })[v],
    edit: (v) => (plan, context) => {
      const stepped = stepLoan(loanId, v, now)(plan, context);
      return 'refused' in stepped || !heard
        ? stepped
        : hearOfLoans([
            {
              id: loanId,
              ...hearing(
                stepped.plan.loans.find((l) => l.id === loanId)!,
                heard,
              ),
            },
          ])(stepped.plan, context);
    },
  });
}

export async function unwant(base: number, loanId: string): Promise<Outcome> {
  const loan = readDrawn(store()).plan.loans.find((l) => l.id === loanId);
  if (loan?.ref && loan.asked && !loan.from) {
    const heard = await askOf(loan.ref, 'cancel');
    // What the library no longer holds is taken off the list all the same.
    if ('wrong' in heard && heard.wrong.startsWith('The library does not answer'))
      return { is: 'refused', refused: heard.wrong };
  }
  return act({
    base,
    input: loanId,
    shape: id,
    label: (v, plan) => `Took ${loanTitle(plan, v)} off the list of loans`,
    edit: unwantLoan,
  });
}

/** What the library says that the plan does not know yet. */
async function newsNow(
  plan: Plan,
): Promise<{ news: ({ id: string; message: string } & Partial<Loan>)[] } | { wrong: string }> {
  const loans = plan.loans.filter((l) => l.ref && l.asked && !l.back);
  if (!loans.length) return { news: [] };
  const heard = await onCard();
  if ('wrong' in heard) return heard;
  return {
    news: loans.flatMap((loan) => {
      const b = heard.books.find((x) => x.ref === loan.ref);
      const title = plan.books.find((x) => x.id === loan.bookId)!.title;
      if (!b)
        return loan.from
          ? []
          : [
              {
                id: loan.id,
                message: `“${title}” is held no longer: ask again`,
                asked: null,
                expected: null,
                ready: null,
              },
            ];
      const now = hearing(loan, b);
      const changed = Object.entries(now).some(([k, v]) => loan[k as keyof Loan] !== v);
      return changed ? [{ id: loan.id, message: `“${title}” ${standingInWords(b)}`, ...now }] : [];
    }),
  };
}

/** News from the library, to be looked at; nothing is stored. */
export async function newsFromLibrary(): Promise<string[]> {
  const heard = await newsNow(readDrawn(store()).plan);
  return 'wrong' in heard ? [] : heard.news.map((n) => n.message);
}

export async function takeNews(base: number): Promise<Outcome> {
  const heard = await newsNow(readDrawn(store()).plan);
  if ('wrong' in heard) return { is: 'refused', refused: heard.wrong };
  return act({
    base,
    input: null,
    shape: z.null(),
    label: () => 'Took over the library’s news',
    edit: () => hearOfLoans(heard.news.map(({ message: _, ...news }) => news)),
  });
}

'use server';
import * as commands from '@/core/command/loans';
import type { LibraryBook } from '@/core/formats/opds';
import type { Loan } from '@/core/plan/loan';
import type { Plan } from '@/core/plan/plan';
import { readDrawn } from '@/data/door';
import { desk, NOT_ON_PAPER } from '../../frame/desk';
import { give } from '../../frame/act';
import type { Outcome } from '../../frame/outcome';
import { askOf, onCard } from '../../frame/library/library';
import { ensure, hearing, standingInWords } from '../../frame/library/asking';

export const keepCard = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.keepCard, base, input);

const STEPS = { ask: 'hold', fetch: 'borrow', renew: 'renew', return: 'return' } as const;

/** Goes one stage on with a loan: through the library where it came from there, by hand where it did not. */
export async function step(base: number, loanId: string, which: unknown): Promise<Outcome> {
  const { db, traced } = await desk();
  if (traced) return NOT_ON_PAPER;
  const loan = readDrawn(db).plan.loans.find((l) => l.id === loanId);
  const stage = commands.step.shape.safeParse(which);
  let heard: LibraryBook | undefined;
  if (loan?.ref && stage.success && stage.data !== 'ready') {
    const answer = await ensure(loan.ref, STEPS[stage.data]);
    if ('wrong' in answer)
      return stage.data === 'renew'
        ? give(commands.notRenewed, base, answer.wrong, { loanId })
        : { is: 'refused', refused: `The library says: ${answer.wrong}.` };
    [heard] = answer.books;
  }
  return give(commands.step, base, which, {
    loanId,
    heard: heard && loan ? { id: loanId, ...hearing(loan, heard) } : null,
  });
}

export async function unwant(base: number, loanId: string): Promise<Outcome> {
  const { db, traced } = await desk();
  if (traced) return NOT_ON_PAPER;
  const loan = readDrawn(db).plan.loans.find((l) => l.id === loanId);
  if (loan?.ref && loan.asked && !loan.from) {
    const heard = await askOf(loan.ref, 'cancel');
    // What the library no longer holds is taken off the list all the same.
    if ('wrong' in heard && heard.wrong.startsWith('The library does not answer'))
      return { is: 'refused', refused: heard.wrong };
  }
  return give(commands.unwant, base, loanId);
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
  const heard = await newsNow(readDrawn((await desk()).db).plan);
  return 'wrong' in heard ? [] : heard.news.map((n) => n.message);
}

export async function takeNews(base: number): Promise<Outcome> {
  const heard = await newsNow(readDrawn((await desk()).db).plan);
  if ('wrong' in heard) return { is: 'refused', refused: heard.wrong };
  return give(
    commands.takeNews,
    base,
    heard.news.map(({ message: _, ...news }) => news),
  );
}

/** Asking the library so that a second try counts as one, and what its answer means for a loan. */
import type { LibraryBook } from '@/core/formats/opds';
import { shortDate } from '@/core/calendar/dates';
import { type Loan } from '@/core/plan/loan';
import { askOf, onCard, type Heard } from './library';

export function standingInWords({ state, until, copies, holds }: LibraryBook): string {
  const of = `${copies.available} of ${copies.total} ${copies.total === 1 ? 'copy' : 'copies'} in`;
  const on = until ? shortDate(until) : '';
  if (state === 'out') return `on your card, due ${on}`;
  if (state === 'ready') return `lies ready for you until ${on}`;
  if (state === 'reserved')
    return `held for you${holds.position ? `, place ${holds.position}` : ''}${until ? `, about ${on}` : ''}`;
  return state === 'available' ? of : `${of}, ${holds.total} waiting${until ? `, about ${on}` : ''}`;
}

/** What a loan comes to by what the library says of it. */
export const hearing = (loan: Pick<Loan, 'from' | 'ready'>, b: LibraryBook): Partial<Loan> => {
  if (b.state === 'out') return { from: loan.from ?? b.since, due: b.until, ready: loan.ready ?? b.since };
  if (b.state === 'ready') return { ready: b.since };
  return b.state === 'reserved' ? { expected: b.until, ready: null } : {};
};

const REACHED = { hold: ['reserved', 'ready'], borrow: ['out'] } as const;

/**
 * Asks, and takes it as done where the library has it so already: an earlier try may have got through to it and not
 * into the plan.
 */
export async function ensure(ref: string, does: Parameters<typeof askOf>[1]): Promise<Heard> {
  const heard = await askOf(ref, does);
  if (!('wrong' in heard) || does === 'renew' || does === 'cancel') return heard;
  const ours = await onCard();
  if ('wrong' in ours) return heard;
  const there = ours.books.find((b) => b.ref === ref);
  if (does === 'return') return there?.state === 'out' ? heard : { books: [] };
  return there && (REACHED[does] as readonly string[]).includes(there.state) ? { books: [there] } : heard;
}

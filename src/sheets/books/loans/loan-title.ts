import { titled } from '@/core/plan/called';
import type { Plan } from '@/core/plan/plan';

/** The title of the book that a loan is of. */
export const loanTitle = (plan: Plan, loanId: string): string =>
  titled(plan, 'books', plan.loans.find((l) => l.id === loanId)?.bookId);

'use server';
import * as commands from '@/core/command/loans';
import { remediesForLoan, type LoanRemedy } from '@/core/edit/loan-remedies';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';
import { give } from '../../frame/act';
import { today } from '../../frame/clock';
import type { Outcome } from '../../frame/outcome';

/** What can be done about a book that comes late or goes back early, each way worked out; nothing is stored. */
export const remediesFor = async (loanId: string): Promise<LoanRemedy[]> =>
  remediesForLoan(readDrawn(store()).plan, loanId, today());

export const remedy = async (base: number, loanId: string, input: unknown): Promise<Outcome> =>
  give(commands.remedy, base, input, { loanId });

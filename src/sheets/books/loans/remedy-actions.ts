'use server';
import * as commands from '@/core/command/loans';
import type { LoanRemedy } from '@/core/edit/loan-remedies';
import { id } from '@/core/plan/measures';
import { askBeside } from '@/worker/beside';
import { give } from '../../frame/act';
import { today } from '../../frame/clock';
import { desk } from '../../frame/desk';
import type { Outcome } from '../../frame/outcome';

/** What can be done about a book that comes late or goes back early, each way worked out; nothing is stored. */
export const remediesFor = async (loanId: string): Promise<LoanRemedy[]> =>
  id.safeParse(loanId).success ? askBeside('loan', { loanId }, today(), await desk()) : [];

export const remedy = async (base: number, loanId: string, input: unknown): Promise<Outcome> =>
  give(commands.remedy, base, input, { loanId });

/** What a page asks the choosing worker, and what it hears back. */
import { type Proposal } from '@/core/loans/proposals';
import type { Asking } from '@/core/loans/choosing';
import type { Unit } from '@/core/plan/unit';

export interface SetAsked {
  asking: Asking;
  unit: Unit;
}

export interface SetFound {
  proposals: Proposal[];
  leftOut: { id: string; message: string; cautions: string[] }[];
  /** What each limit costs. */
  prices: string[];
  /** What stays thin, and what nothing known has anything for; empty when there is none. */
  thin: string;
  hopeless: string;
  loans: number;
  money: number;
  /** Nothing better exists under these limits. */
  proved: boolean;
}

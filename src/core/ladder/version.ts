import type { Rung } from '../plan/measures';

/** A kind of work as one child gets it. */
export interface Version {
  rung: Rung;
  wording: string;
  minutes: number;
  /** Minutes of it for which the child needs the parent. */
  parentMinutes: number;
  /** Why the amount is not the full one; empty when it is. */
  note: string;
}

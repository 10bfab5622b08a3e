import type { Rung } from '../plan/measures';

/** A kind of work as one child gets it. */
export interface Version {
  rung: Rung;
  wording: string;
  minutes: number;
  /** Minutes of it for which the child needs the parent. */
  parentMinutes: number;
  /** Why the amount is not the full one, or what to take care of; empty when there is nothing to say. */
  note: string;
  /** What there is to show for it afterwards, and what it takes; empty for nothing. */
  produces: string;
  supplies: string;
}

import type { Rung } from '../plan/measures';

/** A kind of work as one child gets it. */
export interface Version {
  rung: Rung;
  wording: string;
  /** The part of the wording that is counted: “4 labels: wool, vat”. Empty where nothing is. */
  amount: string;
  minutes: number;
  /** Minutes of it for which the child needs the parent. */
  parentMinutes: number;
  /** Why the amount is not the full one, or what to take care of; empty when there is nothing to say. */
  note: string;
  /** What there is to show for it afterwards, and what it takes; empty for nothing. */
  produces: string;
  supplies: string;
  /** Letters the hand copies in it, of which a rate can be measured; 0 where it does not copy. */
  letters: number;
}

/** What most versions have nothing to say of. */
export const plain = { amount: '', note: '', produces: '', supplies: '', letters: 0 };

/** Where a lesson has nothing that the kind of work could be about: it says so, and what would give it something. */
export const nothingTo = (rung: Rung, doing: string, note: string): Version => ({
  ...plain,
  rung,
  wording: `Nothing to ${doing}`,
  minutes: 0,
  parentMinutes: 0,
  note,
});

/** Said where not even one of something can be written in one stretch of attention. */
export const evenOne = (what: string, minutes: number, stretch: number): string =>
  `Even one ${what} takes ${minutes} min, more than the ${stretch} min that suit this age. Let it be said and write it down for them, or go a rung down.`;

import type { Role } from '@/core/plan/plan';

export interface Pile {
  role: Role;
  name: string;
  means: string;
  /** The key that puts what is in hand on it; a book for one child has that child's number instead. */
  key: string;
}

/** The piles, in their order. */
export const PILES: readonly Pile[] = [
  { role: 'spine', name: 'Spine', means: 'leads the unit', key: 'S' },
  { role: 'together', name: 'Read together', means: 'aloud, everyone', key: 'T' },
  { role: 'own', name: 'On their own', means: 'alone', key: '' },
  { role: 'basket', name: 'Basket', means: 'left out to browse', key: 'B' },
  { role: 'reference', name: 'For me', means: 'reference', key: 'M' },
  { role: 'not now', name: 'Not this time', means: 'put back', key: 'N' },
  { role: 'give away', name: 'Give away', means: 'outgrown', key: 'G' },
];

export const pileOf = (role: Role): Pile | undefined => PILES.find((p) => p.role === role);

/** Roles whose books stand on lessons. */
export const ON_LESSONS: readonly Role[] = ['spine', 'together', 'own', 'basket', 'reference'];

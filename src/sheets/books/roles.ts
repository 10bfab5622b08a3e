import type { Role } from '@/core/plan/plan';

/** The roles a book can have in a unit, in the order of the piles. */
export const ROLES: readonly { role: Role; name: string; means: string }[] = [
  { role: 'spine', name: 'Spine', means: 'it leads the unit' },
  { role: 'together', name: 'Read together', means: 'aloud, everyone' },
  { role: 'own', name: 'On their own', means: 'a child reads it alone' },
  { role: 'basket', name: 'Basket', means: 'left out to browse' },
  { role: 'reference', name: 'For me', means: 'your reference' },
];

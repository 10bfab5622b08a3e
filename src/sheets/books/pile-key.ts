/** One key per pile: the letter of the pile, or the number of the child who reads it alone. */
import type { Role } from '@/core/plan/plan';
import type { Reader } from './load';
import { PILES } from './roles';

export interface KeyPressed {
  key: string;
  ctrlKey: boolean;
  metaKey: boolean;
  altKey: boolean;
}

export function pileKey(
  e: KeyPressed,
  readers: readonly Reader[],
): { role: Role; childIds: string[] } | undefined {
  if (e.ctrlKey || e.metaKey || e.altKey) return undefined;
  const child = /^[1-8]$/.test(e.key) ? readers[Number(e.key) - 1] : undefined;
  if (child) return { role: 'own', childIds: [child.id] };
  const pile = PILES.find((p) => p.key && p.key === e.key.toUpperCase());
  return pile && { role: pile.role, childIds: [] };
}

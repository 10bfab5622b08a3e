import { describe, expect, it } from 'vitest';
import { ROLES } from '@/core/plan/words';
import type { Reader } from './load';
import { pileKey } from './pile-key';
import { ON_LESSONS, PILES } from './roles';

const readers = ['Ottilie', 'Bram'].map((name): Reader => ({
  id: name,
  name,
  hatch: 'dots',
  rate: 100,
  measuredOn: 0,
  reads: true,
}));
const press = (
  key: string,
  held: Partial<Record<'ctrlKey' | 'metaKey' | 'altKey', boolean>> = {},
): ReturnType<typeof pileKey> =>
  pileKey({ key, ctrlKey: false, metaKey: false, altKey: false, ...held }, readers);

describe('one key per pile', () => {
  it('every pile but a child’s own has a key, and no two the same', () => {
    const keys = PILES.filter((p) => p.role !== 'own').map((p) => p.key);
    expect(keys.every((k) => /^[A-Z]$/.test(k))).toBe(true);
    expect(new Set(keys).size).toBe(keys.length);
    for (const pile of PILES.filter((p) => p.key))
      expect(press(pile.key.toLowerCase())).toEqual({ role: pile.role, childIds: [] });
  });
  it('a number is the child who reads it alone, where there is such a child', () => {
    expect(press('2')).toEqual({ role: 'own', childIds: ['Bram'] });
    expect(press('3')).toBeUndefined();
  });
  it('leaves other keys, and keys held with others, alone', () => {
    for (const key of ['Enter', 'ArrowRight', 'z', '0', '9']) expect(press(key)).toBeUndefined();
    for (const held of ['ctrlKey', 'metaKey', 'altKey'] as const)
      expect(press('s', { [held]: true })).toBeUndefined();
  });
  it('every role has its pile, but for what is still to be sorted', () => {
    expect(PILES.map((p) => p.role).sort()).toEqual(ROLES.filter((r) => r !== 'unsorted').sort());
    expect(ON_LESSONS).not.toContain('not now');
  });
});

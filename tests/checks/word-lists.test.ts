/** The published word lists, as their packages ship them, and what the ladder makes of them. */
import { daleChall } from 'dale-chall';
import { spache } from 'spache';
import { describe, expect, it } from 'vitest';
import { hardness } from '@/core/ladder/hardness';
import { SIGHT_WORDS } from '@/core/ladder/word-list';

describe('the lists', () => {
  it('of Dale and Chall (1995) has about three thousand words, of Spache (revised 1974) about a thousand (from memory)', () => {
    expect(Math.abs(daleChall.length - 3000)).toBeLessThan(100);
    expect(Math.abs(spache.length - 1000)).toBeLessThan(120);
  });
  it('nest nearly: most first words are known to most in grade 4', () => {
    const known = new Set(daleChall);
    expect(spache.filter((w) => known.has(w)).length / spache.length).toBeGreaterThan(0.85);
  });
  it('of sight words holds common words alone (Dolch 1936, from memory: 220 words, no nouns)', () => {
    expect(SIGHT_WORDS.length).toBeLessThanOrEqual(220);
    expect(SIGHT_WORDS.every((w) => hardness(w) <= 2)).toBe(true);
    for (const noun of ['cat', 'dog', 'tree', 'house']) expect(SIGHT_WORDS).not.toContain(noun);
  });
});

describe('how hard a word is', () => {
  it('never makes a word of Spache’s list harder than 2, nor one of Dale and Chall’s harder than 3', () => {
    expect(Math.max(...spache.map(hardness))).toBeLessThanOrEqual(2);
    expect(Math.max(...daleChall.map(hardness))).toBeLessThanOrEqual(3);
  });
  it('knows the words of the trade from each other, as a teacher would', () => {
    // Common practice, no source: what a beginner reads, and what is a term.
    const order = ['red', 'wool', 'thread', 'mordant', 'oxidisation'].map(hardness);
    expect([...order].sort((a, b) => a - b)).toEqual(order);
    expect(order[0]).toBe(1);
    expect(order[4]).toBe(5);
  });
});

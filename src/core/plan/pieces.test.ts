import { describe, expect, it } from 'vitest';
import { aPlan, aUnit } from '../../../tests/sample-plan';
import { readSupplies } from '../formats/supplies';
import { named, numbered } from './pieces';
import type { Plan } from './plan';

const word = (text: string, id = ''): Plan['units'][number]['vocabulary'][number] => ({
  id,
  word: text,
  meaning: '',
});
const withWords = (...vocabulary: Plan['units'][number]['vocabulary']): Plan => ({
  ...aPlan(1),
  units: [aUnit({ vocabulary })],
});
let n = 0;
const newId = (): string => `new-${++n}`;
const ids = (p: Plan): string[] => p.units[0].vocabulary.map((v) => v.id);

describe('pieces', () => {
  const before = withWords(word('mordant', 'a'), word('carding', 'b'), word('vat', 'c'));

  it('keep their ids when a list is typed anew, in whatever order', () => {
    expect(ids(named(before, withWords(word('vat'), word('mordant'), word('carding')), newId))).toEqual([
      'c',
      'a',
      'b',
    ]);
  });
  it('keep them when re-worded in part, and what is new has a new one', () => {
    const [a, carded, fresh, c] = ids(
      named(before, withWords(word('Mordant'), word('carded'), word('selvage'), word('vat')), newId),
    );
    expect([a, carded, c]).toEqual(['a', 'b', 'c']);
    expect(fresh).toMatch(/^new-/);
  });
  it('do not hand the id of what is gone to something quite different', () => {
    expect(
      ids(named(before, withWords(word('mordant'), word('vat'), word('spindle whorl')), newId))[2],
    ).toMatch(/^new-/);
  });
  it('that are copied with what they stand in get ids of their own', () => {
    const [unit] = before.units;
    const after = named(before, { ...before, units: [unit, { ...unit, id: 'u2' }] }, newId);
    expect(after.units[0]).toBe(unit);
    expect(after.units[1].vocabulary.every((v) => v.id.startsWith('new-'))).toBe(true);
  });
  it('keep them when they move to another owner, as prompts do when lessons are joined', () => {
    const [unit] = before.units;
    const after = named(before, { ...before, units: [{ ...unit, id: 'u2' }] }, newId);
    expect(ids(after)).toEqual(['a', 'b', 'c']);
  });
  it('of a file without ids are numbered, the same each time', () => {
    const plan: Plan = { ...aPlan(1) };
    const part = { ...plan.parts[0], supplies: readSupplies('alum 12 g; salt') };
    const read = numbered({ ...plan, parts: [part] });
    expect(read.parts[0].supplies.map((s) => s.id)).toEqual([`${part.id}-s0`, `${part.id}-s1`]);
    expect(numbered(read)).toBe(read);
  });
});

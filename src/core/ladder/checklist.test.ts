import { expect, it } from 'vitest';
import { aPlan, aUnit } from '../../../tests/sample-plan';
import { checklistFor } from './checklist';
import { copyText } from './copying';
import { writerOf } from './handwriting';

const unit = aUnit({
  vocabulary: [
    { id: '', word: 'wool', meaning: 'hair of a sheep' },
    { id: '', word: 'mordant', meaning: 'what makes a dye hold' },
  ],
});
const plan = {
  ...aPlan(1, { units: [unit] }),
  objectives: Array.from({ length: 8 }, (_, i) => ({
    id: `o${i}`,
    unitId: 'u1',
    code: '',
    wording: `Name step ${i}`,
  })),
};
const child = (birthMonth: string): (typeof plan.children)[number] => ({ ...plan.children[0], birthMonth });

it('a checklist is in the child’s own wording and measure', () => {
  const young = checklistFor(plan, unit, child('2020-01'), '2026-09-01');
  const old = checklistFor(plan, unit, child('2013-01'), '2026-09-01');
  expect(young.able).toEqual([0, 1, 2, 3].map((i) => `Show and tell: name step ${i}`));
  expect(young.words).toEqual([{ word: 'wool', meaning: 'hair of a sheep' }]);
  expect(old.able).toHaveLength(8);
  expect(old.able[0]).toBe('Explain, and say how you know: name step 0');
  expect(old.words.map((w) => w.word)).toEqual(['mordant', 'wool']);
});

it('a copying sheet holds what the child’s version says, cut to what the hand can do', () => {
  const lines = Array.from({ length: 30 }, () => 'Off the hill the grey flock came').join('\n');
  const young = copyText(lines, 5, writerOf(child('2019-01'), '2026-09-01'));
  expect(young.asked).toBe(lines);
  expect(young.text.split('\n').length).toBeLessThan(30);
  expect(lines.startsWith(young.text)).toBe(true);
});

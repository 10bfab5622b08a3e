import { expect, it } from 'vitest';
import { aMaterial } from '../../../tests/a-material';
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
  expect(young.able).toEqual([0, 1, 2, 3].map((i) => `Name step ${i}, with help`));
  expect(young.words).toEqual([{ word: 'wool', meaning: 'hair of a sheep' }]);
  expect(old.able).toHaveLength(8);
  expect(old.able[0]).toBe('Name step 0, alone');
  expect(old.words.map((w) => w.word)).toEqual(['mordant', 'wool']);
});

it('keeps the objective’s own verb, and support varies with the rung and with what is asked', () => {
  const of = (wording: string, birth: string): string =>
    checklistFor(
      { ...plan, objectives: [{ id: 'o', unitId: 'u1', code: '', wording }] },
      unit,
      child(birth),
      '2026-09-01',
    ).able[0];
  expect(of('Students will be able to name three tools.', '2020-01')).toBe('Name three tools, with help');
  expect(of('To be able to draw a loom', '2018-01')).toBe('Draw a loom, alone');
  expect(of('The student can explain why alum holds', '2013-01')).toBe(
    'Explain why alum holds, and say how you know',
  );
  expect(of('I can count the threads', '2013-01')).toBe('Count the threads, alone');
  expect(of('Tomorrow is named', '2013-01')).toBe('Tomorrow is named, alone');
});

it('a beginner gets the easiest, not the first, and how many more there are is said', () => {
  const objectives = [
    'Argue whether it was just',
    'Explain how gears turn',
    'Students will name the parts',
    'Draw the wheel',
    'Point to the axle',
  ].map((wording, i) => ({ id: `o${i}`, unitId: 'u1', code: '', wording }));
  const young = checklistFor({ ...plan, objectives }, unit, child('2023-01'), '2026-09-01');
  expect(young.able).toEqual([
    'Name the parts, with help',
    'Draw the wheel, with help',
    'Point to the axle, with help',
  ]);
  expect(young.more).toBe(2);
});

it('a copying sheet holds what the child’s version says, cut to what the hand can do', () => {
  const lines = Array.from({ length: 5 }, () => 'Off the hill the grey flock came to the old fold').join(
    '\n',
  );
  const young = copyText(aMaterial({ passage: lines }), 5, writerOf(child('2020-01'), '2026-09-01'));
  expect(young.asked).toBe(lines);
  expect(young.text.split('\n').length).toBeLessThan(5);
  expect(lines.startsWith(young.text)).toBe(true);
});

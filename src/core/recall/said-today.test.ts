import { expect, it } from 'vitest';
import { aLesson, aPart, aPlan, aUnit } from '../../../tests/sample-plan';
import { canonical } from '../plan/canonical';
import { redraw } from '../layout/redraw';
import { saidToday } from './said-today';

const plan = canonical(
  redraw(
    aPlan(3, {
      units: [
        aUnit({
          bigIdeas: ['Twist makes strong.', 'Colour is cooked.'],
          vocabulary: [
            { id: '', word: 'vat', meaning: '' },
            { id: '', word: 'weft', meaning: '' },
          ],
        }),
      ],
      lessons: [
        aLesson('l1', { recall: [{ id: '', easy: 'Which animal?', hard: 'Which breed?', answer: '' }] }),
        aLesson('l2'),
        aLesson('l3'),
      ],
    }),
    { today: '2026-08-31' },
  ).plan,
);
const message = saidToday(plan);
const ofUnit = (kind: 'opening' | 'recall' | 'check' | 'look-back') =>
  aPart('p', 'l1', { lessonId: null, unitId: 'u1', kind });

it('a week opens, and a unit closes, with its big ideas', () =>
  expect([
    message(ofUnit('opening'), '2026-08-31'),
    message(ofUnit('look-back'), '2026-09-04'),
    message(aPart('x', 'l1', { kind: 'look-back' }), '2026-09-04'),
  ]).toEqual(['Twist makes strong. Colour is cooked.', 'Twist makes strong. Colour is cooked.', '']));
it('recall asks what the lesson before left for it, or by its name', () =>
  expect(['2026-08-31', '2026-09-01', '2026-09-03'].map((d) => message(ofUnit('recall'), d))).toEqual([
    '',
    'Which animal?',
    'What do you remember of “Lesson l2”?',
  ]));
it('a word check has the words of the unit', () =>
  expect(message(ofUnit('check'), '2026-09-04')).toBe('vat, weft'));

import { describe, expect, it } from 'vitest';
import { daysBeforeFrom } from './days-before';
import { NUMBER_WORDS, numberIn } from './number-words';
import { minutesFrom, waitFrom } from './times-in-text';

describe('a number in words', () => {
  it('is read as the figure is', () => {
    expect(['a', 'an', 'One', 'seven', 'seventeen', 'twenty', '12', '1,5'].map(numberIn)).toEqual([
      1, 1, 1, 7, 17, 20, 12, 1.5,
    ]);
    expect(numberIn('constructor')).toBeNaN();
  });
  it('is found whole', () =>
    expect(new RegExp(NUMBER_WORDS).exec('for seventeen days')?.[0]).toBe('seventeen'));
});

describe('a wait', () => {
  it.each([
    ['Let it dry for two days', 48, 'dries', ''],
    ['stands a week', 168, 'stands', ''],
    ['leave the dough to rise for an hour', 1, 'rises', ''],
    ['dries overnight', 12, 'dries', ''],
    ['Stir; then wait 36 h', 36, 'waits', 'Stir'],
  ])('%s', (text, hours, label, rest) => expect(waitFrom(text)).toEqual({ hours, label, rest }));
  it('is none where nothing waits', () => expect(waitFrom('two days at the mill')).toBeUndefined());
});

describe('minutes', () => {
  it.each([
    ['Paint the bees [30 min]', 30, 'Paint the bees'],
    ['Paint (1 h 30)', 90, 'Paint'],
    ['half a day at the mill', 180, 'at the mill'],
    ['Paint 30 bees', null, 'Paint 30 bees'],
  ])('%s', (text, minutes, rest) => expect(minutesFrom(text)).toEqual({ minutes, rest }));
});

describe('days ahead', () => {
  it.each([
    ['two days before', 2],
    ['order a week ahead', 7],
    ['3 weeks before', 21],
    ['the evening before', 1],
    ['order the yarn', 7],
    ['a drum', 0],
  ])('%s', (text, days) => expect(daysBeforeFrom(text)).toBe(days));
});

/** Cautions to the letter: at which age they go, where their words are looked for, and all that they say. */
import { describe, expect, it } from 'vitest';
import { aPart, aSupply } from '../../../tests/sample-plan';
import { blankChild } from '../plan/blank';
import type { Part } from '../plan/lesson';
import type { Child } from '../plan/plan';
import { allergensTyped, isKnownAllergy, meets, waysMet } from './allergens';
import { cautionsFor, shown } from './match';

const DATE = '2026-10-28';
const born = (birthMonth: string, mouths = false, name = 'Pim'): Child => ({
  ...blankChild,
  id: name,
  name,
  birthMonth,
  hatch: 'dots',
  mouths,
});
const of = (over: Partial<Part>, children: Child[] = [], allergies: string[] = []) =>
  cautionsFor(aPart('p', 'l', over), children, allergies, DATE);
const ids = (...asked: Parameters<typeof of>): string[] => of(...asked).map((c) => c.id);
const supply = (name: string) => aSupply(name, null, '');

describe('ages (small parts under 3, magnets under 14, balloons under 8: toy safety rules, from memory; the others common practice, no source)', () => {
  it.each<[string, string, number]>([
    ['hot-small', 'Boil the madder', 5],
    ['small-parts', 'Glass beads', 3],
    ['magnets', 'Magnets', 14],
    ['cells', 'A light from a coin cell', 6],
    ['water-beads', 'Soak water beads', 6],
    ['balloons', 'Blow up balloons', 8],
    ['choking', 'Grapes on sticks', 5],
    ['honey', 'Stir in honey', 1],
    ['scissors', 'Cut out a wheel', 5],
    ['needles', 'Sew a bag', 8],
    ['neck', 'Thread a necklace', 6],
    ['water-small', 'To the mill pond', 5],
  ])('%s goes with the birthday', (id, title, age) => {
    const year = 2026 - age;
    expect(ids({ title }, [born(`${year}-11`)])).toContain(id);
    expect(ids({ title }, [born(`${year}-10`)])).not.toContain(id);
  });
  it.each<[string, string, boolean]>([
    ['small-parts', 'Glass beads', true],
    ['magnets', 'Magnets', true],
    ['cells', 'A light from a coin cell', true],
    ['water-beads', 'Soak water beads', true],
    ['balloons', 'Blow up balloons', true],
    ['choking', 'Grapes on sticks', true],
    ['honey', 'Stir in honey', false],
    ['scissors', 'Cut out a wheel', false],
    ['needles', 'Sew a bag', false],
    ['hot-small', 'Boil the madder', false],
    ['water-small', 'To the mill pond', false],
  ])('%s stays at any age for one who mouths things: %s, %s', (id, title, stays) =>
    expect(ids({ title }, [born('2010-01', true)]).includes(id)).toBe(stays),
  );
  it('names each small child and no other', () =>
    expect(
      of({ title: 'Boil the madder' }, [
        born('2023-04', true),
        born('2014-05', false, 'Ottilie'),
        born('2025-01', false, 'Wen'),
      ]).map((c) => c.because),
    ).toEqual(['“boil”', '“boil”, Pim is 3, Wen is 1']));
});

describe('where words are looked for', () => {
  it.each<[string, Partial<Part>]>([
    ['title', { title: 'BOIL the madder' }],
    ['directions', { title: 'Madder', directions: 'Then Boil it.' }],
    [
      'preparations',
      {
        title: 'Madder',
        preparations: [{ id: '', what: 'boil water', daysBefore: 1, minutes: null, atMostBefore: null }],
      },
    ],
    ['supplies', { title: 'Madder', supplies: [supply('boiling water')] }],
    ['needs', { title: 'Madder', needs: ['boiled madder'] }],
  ])('%s', (_, over) => {
    const [hot] = of(over);
    expect(hot.id).toBe('hot');
    expect(hot.because).toMatch(/^“boil/);
  });
  it.each([
    'read-aloud',
    'own-reading',
    'tell-back',
    'copying',
    'word-list',
    'notebook',
    'booklet',
    'labels',
    'memory',
    'talk',
    'recall',
    'check',
    'quiz',
    'opening',
    'look-back',
    'music',
  ] as const)('%s only speaks of it, unless there is something in hand', (kind) => {
    expect(ids({ kind, title: 'Boil the madder' })).toEqual([]);
    expect(ids({ kind, title: 'Boil the madder', supplies: [supply('a candle')] })).toContain('hot');
  });
  it('a walk, a trip and a film need no word', () => {
    expect(of({ kind: 'walk', title: 'Up' }).map((c) => [c.id, c.because])).toEqual([['outdoors', '']]);
    expect(ids({ kind: 'trip', title: 'Away' })).toEqual(['outdoors']);
    expect(ids({ kind: 'film', title: 'See it' })).toEqual(['film']);
    expect(of({ title: 'Draw', outdoors: true }).map((c) => c.because)).toEqual(['outdoors']);
    expect(ids({ title: 'Draw' })).toEqual([]);
  });
});

describe('what is said of an allergy', () => {
  it.each<[allergy: string, over: Partial<Part>, expected: object]>([
    [
      'Eggs',
      { title: 'Whisk the MERINGUES' },
      {
        id: 'allergy-eggs',
        title: 'Allergy: Eggs',
        because: '“meringues”',
        who: 'An adult reads the labels.',
        steps: 'Leave it out or take something else; keep boards, bowls and hands apart.',
        defers: 'Your doctor’s plan for this allergy.',
        stays: true,
        seen: false,
      },
    ],
    [
      'latex',
      { title: 'Blow up balloons' },
      { who: 'An adult sees to it that it is not touched.', stays: true },
    ],
    ['wool', { title: 'Card raw fleece' }, { steps: expect.stringContaining('hands and table washed') }],
    ['bees', { title: 'Look into a hive' }, { steps: expect.stringContaining('Keep well away from hives') }],
    ['pollen', { title: 'Shake the catkins' }, { who: 'An adult watches the breathing.', stays: true }],
    [
      'sorrel',
      { title: 'Sorrel soup' },
      { title: 'Allergy: sorrel', because: '“sorrel”', who: 'An adult reads the labels.' },
    ],
    [
      'eggs',
      { kind: 'cooking', title: 'Soup' },
      { title: 'Check labels for eggs', because: 'food', stays: false, seen: false },
    ],
    ['sorrel', { kind: 'cooking', title: 'Soup' }, { title: 'Check labels for sorrel' }],
    [
      'bees',
      { kind: 'trip', title: 'Away' },
      {
        title: 'Outdoors, with an allergy: bees',
        because: 'outdoors',
        steps: 'The emergency set goes along, and an adult who knows it.',
      },
    ],
    [
      'hay fever',
      { title: 'Draw', outdoors: true },
      { id: 'allergy-hay-fever', steps: 'Look at the pollen of the day; medicine goes along.', stays: false },
    ],
  ])('%s, %o', (allergy, over, expected) =>
    expect(of(over, [], [allergy]).find((c) => c.id.startsWith('allergy'))).toMatchObject(expected),
  );
  it.each<[string, Partial<Part>]>([
    ['eggs', { kind: 'walk', title: 'Up' }],
    ['latex', { kind: 'cooking', title: 'Soup' }],
    ['latex', { kind: 'walk', title: 'Up' }],
    ['pollen', { kind: 'cooking', title: 'Soup' }],
    ['bees', { title: 'Draw' }],
    ['pollen', { title: 'Draw' }],
  ])('nothing of %s in %o', (allergy, over) =>
    expect(ids(over, [], [allergy]).filter((id) => id.startsWith('allergy'))).toEqual([]),
  );
  it('is noted as seen under its own name, which is cut where it is long', () => {
    const long = 'the red dye that is in some sweets and drinks';
    const [caution] = of({ kind: 'cooking', title: 'Lunch' }, [], [long]);
    expect(caution.id).toBe('allergy-the-red-dye-that-is-in-some-swee');
    expect(caution.id.length).toBeLessThanOrEqual(40);
    const seen = of({ kind: 'cooking', title: 'Lunch', seen: [caution.id] }, [], [long]);
    expect([
      seen[0].seen,
      shown(seen),
      shown(of({ kind: 'cooking', title: 'Lunch' }, [], [long])).length,
    ]).toEqual([true, [], 1]);
  });
});

describe('an allergy as it is typed', () => {
  it('is known or not, is met by its own ways, and by its own word where it is not known', () => {
    expect([isKnownAllergy('eggs'), isKnownAllergy('sorrel'), allergensTyped('sorrel')]).toEqual([
      true,
      false,
      [],
    ]);
    expect([waysMet('eggs'), waysMet('sorrel'), waysMet('pollen'), waysMet('latex')]).toEqual([
      ['food'],
      ['food'],
      ['air'],
      ['touch'],
    ]);
    expect(meets('Boil the SORRELS', ' Sorrel ')).toEqual({ word: 'sorrels', by: 'food' });
    expect(meets('Boil the sorrel', 'Sorrels')).toEqual({ word: 'sorrel', by: 'food' });
    expect(meets('Boil the nettle', 'sorrel')).toBeUndefined();
    expect(meets('a+b', 'a+b')).toEqual({ word: 'a+b', by: 'food' });
  });
  it.each(['walnut', 'cashew', 'pecan', 'pistachio', 'macadamia', 'brazil nut', 'chestnut', 'pine nut'])(
    '%s: itself and mixed nuts, not another nut',
    (nut) => {
      expect(meets(`Chop ${nut}s`, nut)?.word).toBe(`${nut}s`);
      expect(meets('A bag of mixed nuts', nut)).toBeDefined();
      expect(meets('Chopped nuts on top', nut)).toBeDefined();
      expect(meets('Roll almonds', nut)).toBeUndefined();
      expect(!!meets('Stir in the pesto', nut)).toBe(nut === 'pine nut');
    },
  );
});

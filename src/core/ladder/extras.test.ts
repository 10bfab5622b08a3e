import { describe, expect, it } from 'vitest';
import { blankActivity } from '../formats/blank-draft';
import type { Outline } from '../plan/lesson';
import { extrasFor, PLAIN_EXTRAS } from './extras';

const lesson = { title: 'Colour from the dye pot', topics: [{ title: 'Mordants', page: null }] };
const kept: Outline[] = [
  { ...blankActivity, id: 'k1', title: 'Dye eggs with onion', taste: 'cooking' },
  { ...blankActivity, id: 'k2', title: 'Felt balls', taste: 'art' },
];

describe('extras proposed for a lesson', () => {
  it('are about a thing of the lesson that can be done so: looked for, modelled, cooked', () => {
    const titles = (title: string, topics: string[] = []): string[] =>
      extrasFor({ title, topics: topics.map((t) => ({ title: t, page: null })) }, [], [], []).map(
        (o) => o.title,
      );
    expect(titles('Birds of the hedge')).toContain('A walk to look for birds of the hedge');
    expect(titles('How wool is spun', ['Spindles'])).toContain('A small model of spindles');
    expect(titles('Bread and butter')).toContain('Cook something that goes with bread and butter');
    for (const title of ['Trade and tolls', 'Counting in fives', 'What a law is'])
      for (const t of titles(title))
        expect(t).not.toMatch(/^(?:A walk to look for|A small model of|Cook something|Draw it from life)/);
  });
  it('are not looked for where nobody meets them, nor tried where nothing can be, and are called in short', () => {
    const titles = (title: string, topics: string[] = []): string =>
      extrasFor({ title, topics: topics.map((t) => ({ title: t, page: null })) }, [], [], [])
        .map((o) => o.title)
        .join('\n');
    const WALK = /A walk|from life/;
    expect(titles('Rain forests', ['Sloths', 'Poison dart frogs'])).not.toMatch(WALK);
    expect(titles('Deserts', ['Stones', 'Camels'])).not.toMatch(WALK);
    expect(titles('Roman roads')).not.toMatch(WALK);
    expect(titles('Ponds', ['Frogs'])).toMatch(/A walk to look for frogs/);
    expect(titles('Rivers: from source to mouth')).toMatch(/A walk to look for rivers$/m);
    expect(titles('Colour from the dye pot')).toMatch(/^A walk to look for colour$/m);
    expect(titles('Fractions in the kitchen')).not.toMatch(/Sort|walk/);
    expect(titles('Field trip to the museum')).toMatch(/^A film on the museum,/m);
    expect(titles('Continents', ['Islands'])).not.toMatch(/Guess first/);
    expect(titles('Kings and laws')).not.toMatch(/Guess first/);
    for (const title of ['Magnets', 'How dough rises', 'What floats, what sinks', 'Shadows'])
      expect(titles(title)).toMatch(/Guess first, then try/);
    expect(titles('Mixtures of 3:2')).toMatch(/mixtures of 3:2$/m);
    expect(titles('How a law is made')).not.toMatch(/Paint|Guess/);
  });
  it('to the family’s taste come first, what it has kept before what is plain', () => {
    expect(
      extrasFor(lesson, kept, ['art'], [])
        .slice(0, 3)
        .map((o) => o.title),
    ).toEqual(['Felt balls', 'Paint or print mordants', 'A folded booklet of mordants']);
    expect(extrasFor(lesson, kept, [], [])[0].title).toBe('Dye eggs with onion');
  });
  it('leave out what the lesson has already, and are otherwise all there', () => {
    expect(extrasFor(lesson, kept, [], ['felt balls']).map((o) => o.id)).not.toContain('k2');
    expect(extrasFor(lesson, kept, [], [])).toHaveLength(kept.length + PLAIN_EXTRAS.length - 2);
  });
  it('outdoors always have something indoors instead', () =>
    expect(PLAIN_EXTRAS.filter((o) => o.outdoors).every((o) => o.indoors)).toBe(true));
});

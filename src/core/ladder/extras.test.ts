import { describe, expect, it } from 'vitest';
import { blankDraftPart } from '../formats/blank-draft';
import type { Outline } from '../plan/lesson';
import { extrasFor, PLAIN_EXTRAS } from './extras';

const lesson = { title: 'Colour from the dye pot', topics: [{ title: 'Mordants', page: null }] };
const kept: Outline[] = [
  { ...blankDraftPart, id: 'k1', title: 'Dye eggs with onion', taste: 'cooking' },
  { ...blankDraftPart, id: 'k2', title: 'Felt balls', taste: 'art' },
];

describe('extras proposed for a lesson', () => {
  it('carry the lesson’s name where they are plain', () =>
    expect(extrasFor(lesson, [], ['outdoors'], [])[0]).toMatchObject({
      title: 'A walk to look for colour from the dye pot',
      kind: 'walk',
      outdoors: true,
    }));
  it('to the family’s taste come first, what it has kept before what is plain', () => {
    expect(
      extrasFor(lesson, kept, ['art'], [])
        .slice(0, 3)
        .map((o) => o.title),
    ).toEqual([
      'Felt balls',
      'Paint or print colour from the dye pot',
      'A folded booklet of colour from the dye pot',
    ]);
    expect(extrasFor(lesson, kept, [], [])[0].title).toBe('Dye eggs with onion');
  });
  it('leave out what the lesson has already, and are otherwise all there', () => {
    expect(extrasFor(lesson, kept, [], ['felt balls']).map((o) => o.id)).not.toContain('k2');
    expect(extrasFor(lesson, kept, [], [])).toHaveLength(kept.length + PLAIN_EXTRAS.length);
  });
  it('outdoors always have something indoors instead', () =>
    expect(PLAIN_EXTRAS.filter((o) => o.outdoors).every((o) => o.indoors)).toBe(true));
});

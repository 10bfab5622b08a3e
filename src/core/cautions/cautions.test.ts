import { describe, expect, it } from 'vitest';
import { aPart, aSupply } from '../../../tests/sample-plan';
import { blankChild } from '../plan/blank';
import type { Part } from '../plan/lesson';
import type { Child } from '../plan/plan';
import { cautionsFor, shown } from './match';
import { CAUTIONS } from './table';

const child = (name: string, birthMonth: string, mouths = false): Child => ({
  ...blankChild,
  id: name,
  name,
  birthMonth,
  hatch: 'dots',
  mouths,
});
const OLDER = [child('Ottilie', '2014-05'), child('Bram', '2017-03'), child('Junia', '2020-06')];
const PIM = child('Pim', '2023-04', true);
const DATE = '2026-10-28';
const ids = (over: Partial<Part>, children = [...OLDER, PIM], allergies: string[] = ['hazelnut']): string[] =>
  cautionsFor(aPart('p', 'l', over), children, allergies, DATE).map((c) => c.id);
const supply = (name: string) => aSupply(name, null, '');

describe('cautions that must come', () => {
  it.each<[string, Partial<Part>, string[]]>([
    ['a dye pot', { title: 'Dye pot: onion skin and madder' }, ['hot', 'hot-small']],
    ['baking', { title: 'Bake flat bread', kind: 'cooking' }, ['hot', 'hot-small', 'allergy-hazelnut']],
    ['an iron', { title: 'Press it', directions: 'Iron it flat between papers.' }, ['hot', 'hot-small']],
    ['a glue gun', { supplies: [supply('glue gun')] }, ['hot', 'hot-small']],
    ['a knife in the supplies', { supplies: [supply('craft knife')] }, ['edge']],
    ['a hammer', { title: 'Hammer a nail frame' }, ['edge']],
    ['dry ice', { title: 'Fog', supplies: [supply('dry ice')] }, ['corrosive']],
    ['lye', { directions: 'Stir the lye into the fat.' }, ['corrosive']],
    ['a strong acid', { supplies: [supply('hydrochloric acid')] }, ['corrosive']],
    ['a mordant', { supplies: [supply('alum')] }, ['dye']],
    ['mushrooms', { kind: 'walk', title: 'Find mushrooms' }, ['wild', 'outdoors']],
    ['gathering leaves', { title: 'Gather dye leaves in the lane' }, ['wild']],
    ['beads with one who mouths things', { supplies: [supply('glass beads')] }, ['small-parts']],
    ['magnets', { supplies: [supply('magnets')] }, ['magnets']],
    ['button cells', { supplies: [supply('button cells')] }, ['cells']],
    ['water beads', { supplies: [supply('water beads')] }, ['water-beads']],
    ['a pond', { kind: 'walk', title: 'To the mill pond' }, ['water-still', 'water-small', 'outdoors']],
    ['plaster', { title: 'A leaf in plaster', supplies: [supply('plaster of Paris')] }, ['plaster']],
    ['plaster around a hand', { directions: 'Wrap plaster bandages around your hand' }, ['plaster']],
    ['a farm', { kind: 'trip', title: 'Sheep farm visit' }, ['outdoors', 'animals']],
    ['out in the open', { title: 'Draw the hill', outdoors: true }, ['outdoors']],
    ['a film', { kind: 'film', title: 'A Day with the Shearers' }, ['film']],
    ['online', { title: 'Look at looms on a website', needs: ['laptop'] }, ['online']],
    [
      'hazelnut itself',
      { kind: 'cooking', title: 'Nut biscuits', supplies: [supply('chopped hazelnuts')] },
      ['hot', 'hot-small', 'choking', 'allergy-hazelnut'],
    ],
    ['hazelnut by another name', { title: 'A treat', supplies: [supply('gianduja')] }, ['allergy-hazelnut']],
  ])('%s', (_, over, expected) => expect(ids(over)).toEqual(expected));
});

describe('what must not warn', () => {
  it.each<[string, Partial<Part>]>([
    ['reading about a kettle and a hot pot', { kind: 'read-aloud', title: 'The hot pot on the stove' }],
    ['a quiz on acids', { kind: 'quiz', title: 'Hydrochloric acid and lye' }],
    ['the Iron Age', { title: 'Draw an Iron Age loom' }],
    ['an iron bridge', { title: 'Model of an iron bridge' }],
    ['a flower pot', { title: 'Paint a flower pot' }],
    ['a butterfly, when butter is the allergy', { title: 'Butterfly prints' }],
    ['a nutcracker tune', { kind: 'music', title: 'The nutcracker' }],
    ['eggplant colour', { title: 'An eggplant-purple cloth' }],
    ['planting a seed', { title: 'Plant a flax seed' }],
    ['a sawtooth edge', { title: 'A sawtooth pattern in paper' }],
    ['a match of socks', { title: 'Match the socks' }],
    ['board work indoors', { kind: 'game', title: 'Spin and tell' }],
    ['coconut, when nuts are the allergy', { title: 'Coconut fibre rope' }],
  ])('%s', (_, over) => expect(ids(over, [...OLDER, PIM], ['hazelnut', 'milk', 'egg', 'nuts'])).toEqual([]));
  it('small parts, where nobody is small and nobody mouths things', () => {
    expect(ids({ supplies: [supply('glass beads')] }, OLDER)).toEqual([]);
    expect(ids({ supplies: [supply('glass beads')] }, [child('Six', '2020-06', true)])).toEqual([
      'small-parts',
    ]);
    expect(ids({ supplies: [supply('glass beads')] }, [child('Two', '2024-09')])).toEqual(['small-parts']);
  });
  it('hot with a small child near, where there is none', () =>
    expect(ids({ title: 'Boil the madder' }, OLDER)).toEqual(['hot']));
});

describe('a caution', () => {
  it('says what to do, who must, and to whom it defers, in every row of the table', () => {
    for (const row of CAUTIONS)
      expect([row.steps, row.who, row.defers].every((t) => t.length > 10)).toBe(true);
    expect(new Set(CAUTIONS.map((c) => c.id)).size).toBe(CAUTIONS.length);
  });
  it('says by what it was known, and for whom', () =>
    expect(
      cautionsFor(aPart('p', 'l', { supplies: [supply('glass beads')] }), [PIM], [], DATE)[0].because,
    ).toBe('“beads”, Pim is 3 and mouths things'));
  it('noted as seen goes, but not one that is there for the youngest or for an allergy', () => {
    const part = aPart('p', 'l', {
      title: 'Dye pot',
      supplies: [supply('gianduja')],
      seen: ['hot', 'hot-small', 'allergy-hazelnut'],
    });
    expect(shown(cautionsFor(part, [PIM], ['hazelnut'], DATE)).map((c) => c.id)).toEqual([
      'hot-small',
      'allergy-hazelnut',
    ]);
  });
  it('grows away with the children', () =>
    expect(
      cautionsFor(aPart('p', 'l', { title: 'Boil the madder' }), [PIM], [], '2031-05-01').map((c) => c.id),
    ).toEqual(['hot']));
});

describe('water', () => {
  it.each([
    ['To the mill pond', 'still'],
    ['Build a raft for the stream', 'river'],
    ['Swim across', 'pool'],
    ['Down to the beach', 'sea'],
    ['Out on the ice', 'ice'],
    ['A rowing boat', 'boat'],
    ['Rock pools at the sea shore', 'sea'],
    ['Float corks in a wash tub', 'tub'],
  ])('is warned of at every age, for what it is: %s', (title, kind) => {
    const says = ids({ title }, [child('Ottilie', '2010-05')], []);
    expect(says.filter((id) => id.startsWith('water'))).toEqual([`water-${kind}`]);
    expect(ids({ title })).toContain('water-small');
  });
  it.each([
    'Draw the river',
    'Map of the river',
    'A model of the lake in clay',
    'A live stream from the mill',
    'Watercolour wash',
  ])('is not there: %s', (title) =>
    expect(ids({ title }, OLDER, []).filter((id) => id.startsWith('water'))).toEqual([]),
  );
});

describe('plaster', () => {
  it.each([
    'Plaster hand prints',
    'Cast a footprint in plaster',
    'A plaster mask of your face',
    'Mix the plaster',
  ])('burns: %s', (title) =>
    expect(cautionsFor(aPart('p', 'l', { title }), OLDER, [], DATE)[0]).toMatchObject({
      id: 'plaster',
      steps: expect.stringMatching(/^Never around a hand, a foot, a finger or a face/),
    }),
  );
  it.each(['Put a sticking plaster on it', 'A wall of plasterboard'])('is not meant: %s', (title) =>
    expect(ids({ title }, OLDER, [])).not.toContain('plaster'),
  );
});

describe('an allergy that is not named', () => {
  it('is looked for on labels where there is food', () =>
    expect(ids({ kind: 'cooking', title: 'Soup' }, OLDER, ['eggs'])).toContain('allergy-eggs'));
  it('to stings or pollen goes along outdoors, and is none of the cook’s', () => {
    expect(ids({ kind: 'walk', title: 'Up the hill' }, OLDER, ['bee stings', 'pollen'])).toEqual([
      'outdoors',
      'allergy-bee-stings',
      'allergy-pollen',
    ]);
    expect(ids({ kind: 'cooking', title: 'Soup' }, OLDER, ['bee stings'])).not.toContain(
      'allergy-bee-stings',
    );
  });
  it('in a hive says to keep away', () => {
    const [caution] = cautionsFor(
      aPart('p', 'l', { title: 'Listen at the bee hive' }),
      OLDER,
      ['bee stings'],
      DATE,
    ).filter((c) => c.id.startsWith('allergy'));
    expect([caution.title, caution.because, caution.stays]).toEqual([
      'Allergy: bee stings',
      '“bee hive”',
      true,
    ]);
  });
});

/** What a lesson gives the ladder to work with, for tests: one written by hand. */
import type { Material } from '@/core/ladder/material';

export const POEM =
  'Off the hill the grey flock came,\nEach to her own bell, each to her name.\n\nShear it and wash it and hang it to dry,\nWool for the winter and none to deny.';

export function aMaterial(over: Partial<Material> = {}): Material {
  const passage = over.passage ?? POEM;
  return {
    topic: 'Shearing day',
    nature: 'a doing',
    place: 0,
    turn: 0,
    passage,
    walk: { place: 0, of: 1 },
    learning: { place: 0, of: 1 },
    byHeart: passage,
    words: ['shears', 'fleece', 'shearing', 'wool'],
    beginners: passage.match(/\p{L}+/gu) ?? [],
    traced: { word: null, round: 0 },
    names: [],
    things: ['shears', 'fleece', 'wool'],
    others: { words: ['mordant', 'whorl', 'vat', 'carding'], due: 2, earlier: [] },
    sources: [],
    question: null,
    questions: [],
    recall: 0,
    objectives: [],
    hasLabels: true,
    ...over,
  };
}

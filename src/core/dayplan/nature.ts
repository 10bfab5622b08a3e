/** What kinds of work are like, for the order of a day. Common practice, no source. */

const WRITTEN = ['copying', 'word-list', 'notebook', 'labels', 'quiz', 'practice'];
/** Thinks hard; done before what is light. */
const HARD = [...WRITTEN, 'tell-back', 'memory', 'looking-up', 'check'];
const LIGHT = ['game', 'film', 'music', 'craft', 'own-reading', 'booklet'];
/** What one is up and about with: a break from sitting. */
const UP = [
  'game',
  'walk',
  'trip',
  'craft',
  'cooking',
  'model',
  'project',
  'experiment',
  'activity',
  'music',
];

export interface Nature {
  written: boolean;
  hard: boolean;
  light: boolean;
  still: boolean;
}

export const natureOf = ({ kind, outdoors }: { kind: string; outdoors: boolean }): Nature => ({
  written: WRITTEN.includes(kind),
  hard: HARD.includes(kind),
  light: LIGHT.includes(kind),
  still: !UP.includes(kind) && !outdoors,
});

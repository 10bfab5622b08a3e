/**
 * The table of cautions. Each row says what it is about, by which words it is known, what to do, who does it and whom to
 * ask. Common practice, no source, where none is named; none of it replaces local rules or someone qualified.
 */
import type { PartKind } from '../plan/lesson';
import type { CautionRow } from './row';
import { HEAT } from './rows/heat';
import { SUBSTANCES } from './rows/substances';
import { SWALLOWED } from './rows/swallowed';
import { TOOLS } from './rows/tools';
import { WATER } from './rows/water';
import { OUT_AND_ABOUT } from './rows/out-and-about';
import { SCREENS } from './rows/screens';

export const CAUTIONS: readonly CautionRow[] = [
  ...HEAT,
  ...TOOLS,
  ...SUBSTANCES,
  ...SWALLOWED,
  ...WATER,
  ...OUT_AND_ABOUT,
  ...SCREENS,
];

/** Kinds in which nothing is handled: the words of a book or a quiz are no danger. */
export const ONLY_WORDS: readonly PartKind[] = [
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
];

/** A row of the table of cautions: what it is about, by which words it is known, what to do, who does it, whom to ask. */
import type { PartKind } from '../plan/lesson';
import type { Meant } from './meant';

export interface CautionRow {
  id: string;
  title: string;
  steps: string;
  who: string;
  defers: string;
  /** Known by any of these in the title, the doing, the preparations or the supplies. */
  words?: RegExp;
  /** Known by these kinds of part. */
  kinds?: readonly PartKind[];
  /** Known by these words where the part is of such a kind: a bird that is watched, not one that is a word. */
  wordsIn?: { kinds: readonly PartKind[]; words: RegExp };
  /** Words that are looked for in all that is said, or in what stands for nothing else; what is large is not painted on. */
  reads: keyof Meant | 'said';
  /** Known by being outdoors. */
  outdoors?: true;
  /** Only when a child below this age, in whole years, or one who mouths things is in the house. */
  under?: number;
  mouthers?: true;
}

/** A space may be a hyphen as well: “egg-tempera”. */
export const orHyphen = (expression: string): string =>
  expression
    .split(/(\[[^\]]*\])/u)
    .map((piece) => (piece.startsWith('[') ? piece : piece.replaceAll(' ', '[ -]')))
    .join('');

/** Any of some words or expressions, standing by itself. */
export const words = (...list: string[]): RegExp =>
  new RegExp(`(?<![\\p{L}-])(?:${list.map(orHyphen).join('|')})(?![\\p{L}])`, 'iu');

export const BURNS =
  'Burns: cool running water for twenty minutes, then help; your local emergency number and first-aid advice.';

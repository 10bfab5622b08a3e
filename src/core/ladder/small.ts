/**
 * Whoever is small in the house: joins what is done together for one stretch, or stays beside it with something of their
 * own, and is never in hot or sharp work. Common practice, no source.
 */
import { cautionsFor } from '../cautions/match';
import { ageOn } from '../plan/age';
import type { Part } from '../plan/lesson';
import type { IsoDate } from '../plan/measures';
import type { Child } from '../plan/plan';
import { OWN_WORK_KINDS } from '../plan/words';

/** Age below which a child is small. */
export const SMALL_UNDER = 5;

export const isSmall = (child: Pick<Child, 'birthMonth'>, date: IsoDate): boolean =>
  ageOn(child.birthMonth, date) < SMALL_UNDER;

/** Minutes of one stretch in which a small child joins in: 6 at two, 8 at three, 10 at four. */
export const smallStretch = (age: number): number => Math.max(6, Math.min(10, 2 * age + 2));

/** What a small child is not in, wherever it is done. */
const NOT_FOR_SMALL: readonly string[] = [
  'hot',
  'edge',
  'corrosive',
  'dye',
  'spray',
  'plaster',
  'laser',
  'thrown',
];
/** They come along out of the house, as long as it takes. */
const COMES_ALONG: readonly Part['kind'][] = ['walk', 'trip'];

export type Joins = 'whole' | 'beside' | { minutes: number };

/**
 * How a child is in a part: all of it, for so many minutes, or beside it.
 * @param others the children who do it; where all are small it is theirs
 */
export function joins(part: Part, child: Child, others: readonly Child[], date: IsoDate): Joins {
  if (!isSmall(child, date) || OWN_WORK_KINDS.includes(part.kind)) return 'whole';
  const known = cautionsFor(part, [], [], date).map((c) => c.id);
  if (known.some((id) => NOT_FOR_SMALL.includes(id))) return 'beside';
  if (COMES_ALONG.includes(part.kind) || others.every((c) => isSmall(c, date))) return 'whole';
  return { minutes: smallStretch(ageOn(child.birthMonth, date)) };
}

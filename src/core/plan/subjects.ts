/** The subjects that a part counts for: those of its kind, then those of its unit, each once. */
import type { Part } from './lesson';
import type { Slice } from './plan';
import type { Unit } from './unit';

export const subjectsOf = (
  plan: Pick<Slice, 'family'>,
  part: Pick<Part, 'kind'>,
  unit: Pick<Unit, 'subjects'> | undefined,
): string[] => [...new Set([...(plan.family?.countsFor[part.kind] ?? []), ...(unit?.subjects ?? [])])];

/** Every subject the family has a word for, in the order in which it says them. */
export const allSubjects = (plan: Pick<Slice, 'family' | 'units'>): string[] => [
  ...new Set([
    ...Object.values(plan.family?.countsFor ?? {}).flat(),
    ...plan.units.flatMap((u) => u.subjects),
  ]),
];

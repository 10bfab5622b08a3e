/** A way through something, and what several kinds of ways are made from. */
import { doneParts, lessonsOf } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';
import type { Edit } from './edit';

export interface Way {
  /** The same for the same way through the same thing. */
  key: string;
  does: string;
  edit: Edit;
}

/** Lessons of a unit of which nothing is done, and nothing stands before a day. */
export function lessonsToCome(plan: Plan, unit: Unit, from: IsoDate): Plan['lessons'] {
  const on = new Map(plan.sittings.map((s) => [s.partId, s.date]));
  const done = doneParts(plan);
  return lessonsOf(plan, unit.id).filter((l) => {
    const parts = plan.parts.filter((p) => p.lessonId === l.id);
    return (
      !l.leftOut && parts.length > 0 && parts.every((p) => !done.has(p.id) && (on.get(p.id) ?? '9') >= from)
    );
  });
}

const NUMERALS = ['No', 'One', 'Two', 'Three', 'Four', 'Five'];
/** A small number in words, as a sentence begins with it. */
export const numeral = (n: number): string => NUMERALS[n] ?? String(n);

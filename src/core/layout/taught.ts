/** What of a unit has been taught. */
import { doneParts, lessonsOf, partsByLesson } from '../plan/lookup';
import type { Slice } from '../plan/plan';

export interface Taught {
  lessons: number;
  /** Lessons of which anything was done. */
  taught: number;
  /** Parts that stand on a day, not done. */
  unticked: number;
}

/** Counts a unit's lessons that were taught, and the parts that stand on days before today and were not ticked. */
export function taughtOf(plan: Slice, unitId: string): Taught {
  const done = doneParts(plan);
  const partsOf = partsByLesson(plan.parts);
  const lessons = lessonsOf(plan, unitId);
  const all = lessons.flatMap((l) => partsOf.get(l.id) ?? []);
  const begun = new Set(all.filter((p) => done.has(p.id)).map((p) => p.lessonId));
  const own = new Set(all.map((p) => p.id));
  return {
    lessons: lessons.length,
    taught: lessons.filter((l) => begun.has(l.id)).length,
    unticked: plan.sittings.filter(
      (s) => own.has(s.partId) && !done.has(s.partId) && s.reason.kind === 'unticked',
    ).length,
  };
}

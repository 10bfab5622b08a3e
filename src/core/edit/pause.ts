/** A pause in a unit: from a lesson on it waits until a day, while other things go on. */
import { shortDate } from '../calendar/dates';
import { schoolDays } from '../calendar/school-days';
import type { Part } from '../plan/lesson';
import { doneParts } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { GONE, type Edit } from './edit';
import { waitUntil } from './loans';

/** Parts of a lesson that are still to come. */
function toCome(plan: Plan, lessonId: string): Part[] {
  const done = doneParts(plan);
  return plan.parts.filter((p) => p.lessonId === lessonId && p.ruleId === null && !done.has(p.id));
}

/** The day until which a lesson waits, with all of it that is still to come; null where it does not wait as a whole. */
export function pausedUntil(parts: readonly Pick<Part, 'earliest'>[]): IsoDate | null {
  const [first, ...more] = parts.map((p) => p.earliest);
  return first && more.every((d) => d === first) ? first : null;
}

/**
 * Pauses a unit before a lesson: nothing of it stands before the day, and what comes after it follows at the unit's pace.
 * What a part waits for on its own account stays.
 * @param until null: it does not wait any more
 */
export const pauseBefore =
  (lessonId: string, until: IsoDate | null): Edit =>
  (plan, context) => {
    const lesson = plan.lessons.find((l) => l.id === lessonId);
    if (!lesson) return { refused: GONE };
    const parts = toCome(plan, lessonId);
    if (!parts.length) return { refused: `“${lesson.title}” has nothing in it that is still to come.` };
    const was = pausedUntil(parts);
    const waiting = new Set(was === null ? [] : parts.map((p) => p.id));
    const free: Plan = {
      ...plan,
      parts: plan.parts.map((p) => (waiting.has(p.id) ? { ...p, earliest: null } : p)),
    };
    const fresh = [lesson.unitId];
    if (until === null) return was === null ? { plan } : { plan: free, fresh };
    if (!plan.year || !schoolDays(plan.year).some((d) => d.date >= until))
      return {
        refused: `There is no school day from ${shortDate(until)} on. Choose an earlier day, or a longer year.`,
      };
    const paused = waitUntil(
      [lessonId],
      until,
      'Change that date first, or choose an earlier day.',
    )(free, context);
    return 'refused' in paused ? paused : { ...paused, fresh };
  };

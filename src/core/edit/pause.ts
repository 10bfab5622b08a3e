/** A pause in a unit: from a lesson on it waits until a day, while other things go on. */
import { shortDate } from '../calendar/dates';
import { schoolDays } from '../calendar/school-days';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { GONE, type Edit } from './edit';
import { lessonsAfter, toCome, waitingParts, waitUntil } from './waiting';

/** The day until which a lesson waits, with all of it that is still to come; null where it does not wait as a whole. */
export function pausedUntil(plan: Plan, lessonId: string): IsoDate | null {
  const [first, ...more] = waitingParts(plan, [lessonId]).map((p) => p.earliest);
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
    const parts = waitingParts(plan, [lessonId]);
    if (!parts.length) return { refused: `“${lesson.title}” has nothing in it that is still to come.` };
    const was = pausedUntil(plan, lessonId);
    if (until === null && was === null) return { plan };
    if (until !== null && !(plan.year && schoolDays(plan.year).some((d) => d.date >= until)))
      return {
        refused: `There is no school day from ${shortDate(until)} on. Choose an earlier day, or a longer year.`,
      };
    const waiting = new Set(was === null ? [] : parts.map((p) => p.id));
    const free = fromHereAnew(
      { ...plan, parts: plan.parts.map((p) => (waiting.has(p.id) ? { ...p, earliest: null } : p)) },
      lessonId,
    );
    return until === null
      ? { plan: free }
      : waitUntil([lessonId], until, 'choose an earlier day')(free, context);
  };

/** From a lesson on the pencil is rubbed out, to be laid out anew; what stands before it stays where it is. */
function fromHereAnew(plan: Plan, lessonId: string): Plan {
  const here = new Set(toCome(plan, [lessonId, ...lessonsAfter(plan, [lessonId])]).map((p) => p.id));
  return { ...plan, sittings: plan.sittings.filter((s) => !here.has(s.partId) || s.state === 'ink') };
}

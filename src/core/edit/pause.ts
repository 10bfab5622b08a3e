/** A pause in a unit: from a lesson on it waits until a day, while other things go on. */
import { shortDate } from '../calendar/dates';
import { schoolDays } from '../calendar/school-days';
import type { Lesson, Part } from '../plan/lesson';
import { doneParts, lessonsOf } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { GONE, type Edit } from './edit';
import { waitUntil } from './loans';

/** Parts of some lessons that are still to come, with those that come back by themselves. */
function toCome(plan: Plan, lessonIds: readonly string[]): Part[] {
  const done = doneParts(plan);
  return plan.parts.filter((p) => p.lessonId !== null && lessonIds.includes(p.lessonId) && !done.has(p.id));
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
    const parts = toCome(plan, [lessonId]).filter((p) => p.ruleId === null);
    if (!parts.length) return { refused: `“${lesson.title}” has nothing in it that is still to come.` };
    const was = pausedUntil(parts);
    if (until === null && was === null) return { plan };
    if (until !== null && !(plan.year && schoolDays(plan.year).some((d) => d.date >= until)))
      return {
        refused: `There is no school day from ${shortDate(until)} on. Choose an earlier day, or a longer year.`,
      };
    const inked = until === null ? undefined : inkBefore(plan, lesson, until);
    if (inked)
      return {
        refused: `“${inked.title}” comes after it and is in ink on ${shortDate(inked.date)}, before it would go on. Rub out the ink first, or choose an earlier day.`,
      };
    const waiting = new Set(was === null ? [] : parts.map((p) => p.id));
    const free = fromHereAnew(
      { ...plan, parts: plan.parts.map((p) => (waiting.has(p.id) ? { ...p, earliest: null } : p)) },
      lesson,
    );
    return until === null
      ? { plan: free }
      : waitUntil([lessonId], until, 'Change that date first, or choose an earlier day.')(free, context);
  };

const lessonsAfter = (plan: Plan, { id, unitId }: Lesson): string[] => {
  const ids = lessonsOf(plan, unitId).map((l) => l.id);
  return ids.slice(ids.indexOf(id) + 1);
};

/** What of the lessons after it stands in ink before a day. */
function inkBefore(plan: Plan, lesson: Lesson, until: IsoDate): { title: string; date: IsoDate } | undefined {
  const titles = new Map(toCome(plan, lessonsAfter(plan, lesson)).map((p) => [p.id, p.title]));
  const ink = plan.sittings.find((s) => s.state === 'ink' && s.date < until && titles.has(s.partId));
  return ink && { title: titles.get(ink.partId)!, date: ink.date };
}

/** From a lesson on the pencil is rubbed out, to be laid out anew; what stands before it stays where it is. */
function fromHereAnew(plan: Plan, lesson: Lesson): Plan {
  const here = new Set(toCome(plan, [lesson.id, ...lessonsAfter(plan, lesson)]).map((p) => p.id));
  return {
    ...plan,
    sittings: plan.sittings.filter((s) => !here.has(s.partId) || s.state === 'ink'),
  };
}

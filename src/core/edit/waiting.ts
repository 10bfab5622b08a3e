/** Lessons that wait until a day: for a book, or because the unit pauses there. */
import { shortDate } from '../calendar/dates';
import { breaches } from '../layout/check';
import type { Part } from '../plan/lesson';
import { doneParts, lessonsOf } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { latest } from './compose';
import { GONE, type Edit } from './edit';

/** Parts of some lessons that are still to come, with those that come back by themselves. */
export function toCome(plan: Plan, lessonIds: readonly string[]): Part[] {
  const done = doneParts(plan);
  return plan.parts.filter((p) => p.lessonId !== null && lessonIds.includes(p.lessonId) && !done.has(p.id));
}

/** The parts of some lessons that wait with them. */
export const waitingParts = (plan: Plan, lessonIds: readonly string[]): Part[] =>
  toCome(plan, lessonIds).filter((p) => p.ruleId === null);

/** The lessons of a unit after the first of some of them, in its order. */
export function lessonsAfter(plan: Plan, lessonIds: readonly string[]): string[] {
  const unitId = plan.lessons.find((l) => lessonIds.includes(l.id))?.unitId;
  const ids = unitId === undefined ? [] : lessonsOf(plan, unitId).map((l) => l.id);
  return ids.slice(ids.findIndex((id) => lessonIds.includes(id)) + 1);
}

/**
 * None of the parts of some lessons that are still to come stand before a day. Ink on those parts is rubbed out, since
 * waiting is what the parent chose.
 * @param otherwise what else can be done where one of them cannot wait: “choose an earlier day”
 */
export const waitUntil =
  (lessonIds: readonly string[], until: IsoDate, otherwise: string): Edit =>
  (plan) => {
    if (!lessonIds.length || !plan.lessons.some((l) => lessonIds.includes(l.id))) return { refused: GONE };
    const parts = waitingParts(plan, lessonIds);
    if (!parts.length) return { refused: 'Everything in it is done already.' };
    for (const { title, fixedDate, latest: last } of parts) {
      const own = [fixedDate, last].find((d) => d !== null && d < until);
      if (own)
        return {
          refused: `“${title}” has a date of its own before that, ${shortDate(own)}; the lesson cannot wait. Change that date, or ${otherwise}.`,
        };
    }
    const waiting = new Set(parts.map((p) => p.id));
    const before = new Set(breaches(plan).map((b) => b.message));
    return {
      plan: {
        ...plan,
        parts: plan.parts.map((p) => (waiting.has(p.id) ? { ...p, earliest: latest(p.earliest, until) } : p)),
        sittings: plan.sittings.map((s) =>
          waiting.has(s.partId) && s.state === 'ink' ? { ...s, state: 'pencil' } : s,
        ),
      },
      unless: (drawn) => {
        const broken = breaches(drawn.plan).flatMap((b) => (before.has(b.message) ? [] : [b.message]));
        if (broken.length) return { refused: broken.slice(0, 2).join(' ') };
        const placed = new Set(drawn.plan.sittings.map((s) => s.partId));
        const ink = parts.every((p) => placed.has(p.id)) ? undefined : inkBefore(plan, lessonIds, until);
        return ink ? { refused: `${ink} Rub out that ink, or ${otherwise}.` } : undefined;
      },
    };
  };

/** Which of what comes after some lessons stands in ink before a day, in words. */
function inkBefore(plan: Plan, lessonIds: readonly string[], day: IsoDate): string | undefined {
  const titles = new Map(toCome(plan, lessonsAfter(plan, lessonIds)).map((p) => [p.id, p.title]));
  const ink = plan.sittings.find((s) => s.state === 'ink' && s.date < day && titles.has(s.partId));
  return (
    ink &&
    `“${titles.get(ink.partId)!}” comes after it and is in ink on ${shortDate(ink.date)}, before that day.`
  );
}

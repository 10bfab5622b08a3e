/** Lessons that build on nothing may come before others: ways through that only change the order. */
import { lessonsOf } from '../plan/lookup';
import type { Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { afresh, several } from './compose';
import type { Edit, EditContext } from './edit';
import { reorderLesson } from './lessons';
import { lessonsToCome, type Way } from './way';

/** Changes of order that are tried before it is given up. Own choice. */
const MOST_TRIED = 40;

/** A lesson that builds on nothing earlier in its unit, so that all fits: the change over the fewest lessons. */
export function changePlaces(
  plan: Plan,
  unit: Unit,
  { today }: EditContext,
  holds: (edit: Edit) => boolean,
): Way[] {
  const lessons = lessonsOf(plan, unit.id);
  const toCome = new Set(lessonsToCome(plan, unit, today).map((l) => l.id));
  const first = lessons.findIndex((l) => toCome.has(l.id));
  const moves = lessons
    .flatMap((l, at) =>
      !l.buildsOn && toCome.has(l.id)
        ? Array.from({ length: Math.max(0, at - first) }, (_, n) => ({ lesson: l, at, by: -(n + 1) }))
        : [],
    )
    .sort((a, b) => b.by - a.by)
    .slice(0, MOST_TRIED);
  const found = moves.find(({ lesson, by }) => holds(several(reorderLesson(lesson.id, by), afresh(unit.id))));
  if (!found) return [];
  const { lesson, at, by } = found;
  return [
    {
      key: `order:${lesson.id}:${by}`,
      does: `“${lesson.title}” before “${lessons[at + by].title}”; it builds on nothing`,
      edit: several(reorderLesson(lesson.id, by), afresh(unit.id)),
    },
  ];
}

/** Puts a lesson before an earlier one of its unit. */
export const putBefore =
  (lessonId: string, otherId: string): Edit =>
  (plan, context) => {
    const unitId = plan.lessons.find((l) => l.id === lessonId)?.unitId ?? '';
    const ids = lessonsOf(plan, unitId).map((l) => l.id);
    return reorderLesson(lessonId, ids.indexOf(otherId) - ids.indexOf(lessonId))(plan, context);
  };

/** Later lessons that can be taught before one that has to wait: those that build on nothing, and the next one at any rate. */
export function beforeIt(
  plan: Plan,
  unitId: string,
  lessonId: string,
): { lesson: Plan['lessons'][number]; does: string }[] {
  const lessons = lessonsOf(plan, unitId);
  const at = lessons.findIndex((l) => l.id === lessonId);
  const later = lessons.slice(at + 1).filter((l) => !l.leftOut);
  const free = later.filter((l) => !l.buildsOn).slice(0, 3);
  const next = later[0] && later[0].buildsOn ? [later[0]] : [];
  return [...free, ...next].map((lesson) => ({
    lesson,
    does: `“${lesson.title}” first, then “${lessons[at].title}”${
      lesson.buildsOn && later.some((l) => !l.buildsOn) ? ', though it builds on what comes before' : ''
    }`,
  }));
}

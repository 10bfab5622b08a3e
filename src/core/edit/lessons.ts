/** Lessons of a unit and the parts in them. */
import type { Lesson, Part } from '../plan/lesson';
import { WORKED_OUT_KINDS } from '../plan/words';
import { GONE, withChanged, withMoved, type Edit } from './edit';
import { newLesson, newPart } from './units';

/** Adds a lesson at the end of a unit. */
export const addLesson = (unitId: string, title: string): Edit => (plan, { newId }) => {
  const unit = plan.units.find((u) => u.id === unitId);
  if (!unit) return { refused: GONE };
  const { lesson, parts } = newLesson(unit, { title }, newId);
  return { plan: { ...plan, lessons: [...plan.lessons, lesson], parts: [...plan.parts, ...parts] } };
};

export const editLesson = (id: string, change: Pick<Lesson, 'title' | 'passage'>): Edit => (plan) =>
  plan.lessons.some((l) => l.id === id) ? { plan: { ...plan, lessons: withChanged(plan.lessons, id, change) } } : { refused: GONE };

export const removeLesson = (id: string): Edit => (plan) => ({ plan: { ...plan, lessons: plan.lessons.filter((l) => l.id !== id) } });

/** Moves a lesson up (−) or down (+) among its unit's lessons; the unit's pencil is drawn afresh. */
export const reorderLesson = (id: string, by: number): Edit => (plan) => {
  const lesson = plan.lessons.find((l) => l.id === id);
  if (!lesson) return { refused: GONE };
  return { plan: { ...plan, lessons: withMoved(plan.lessons, id, by, (a, b) => a.unitId === b.unitId) }, fresh: [lesson.unitId] };
};

/** What a parent can say of a part; where it belongs and what brings it back are not theirs to change. */
export type PartFields = Omit<Part, 'id' | 'lessonId' | 'unitId' | 'ruleId' | 'seen'>;

/** Adds a part at the end of a lesson. */
export const addPart = (lessonId: string, fields: PartFields): Edit => (plan, { newId }) =>
  check(fields) ?? (plan.lessons.some((l) => l.id === lessonId) ? { plan: { ...plan, parts: [...plan.parts, newPart(lessonId, fields, newId)] } } : { refused: GONE });

export const editPart = (id: string, fields: PartFields): Edit => (plan) =>
  check(fields) ?? (plan.parts.some((p) => p.id === id) ? { plan: { ...plan, parts: withChanged(plan.parts, id, fields) } } : { refused: GONE });

export const removePart = (id: string): Edit => (plan) => ({ plan: { ...plan, parts: plan.parts.filter((p) => p.id !== id) } });

export const reorderPart = (id: string, by: number): Edit => (plan) => ({ plan: { ...plan, parts: withMoved(plan.parts, id, by, (a, b) => a.lessonId === b.lessonId) } });

function check(fields: PartFields): { refused: string } | undefined {
  if (fields.minutes === null && !WORKED_OUT_KINDS.includes(fields.kind)) return { refused: 'Say how many minutes this activity takes.' };
  if (fields.childIds && !fields.childIds.length) return { refused: 'Choose at least one child for this part.' };
  return undefined;
}

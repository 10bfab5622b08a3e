/** A lesson and its parts as they begin. */
import { blankLesson, blankPart } from '../plan/blank';
import type { Lesson, Part } from '../plan/lesson';
import type { Unit } from '../plan/unit';

const START_PARTS: Record<Unit['startKinds'][number], Pick<Part, 'kind' | 'title' | 'lead'>> = {
  'read-aloud': { kind: 'read-aloud', title: 'Read together', lead: 'leads' },
  'tell-back': { kind: 'tell-back', title: 'Tell it back', lead: 'not-needed' },
  copying: { kind: 'copying', title: 'Copying', lead: 'not-needed' },
};

/** A new lesson with the parts its unit begins lessons with. */
export function newLesson(
  unit: Unit,
  fields: Partial<Lesson> & Pick<Lesson, 'title'>,
  newId: () => string,
): { lesson: Lesson; parts: Part[] } {
  const lesson: Lesson = { ...blankLesson, id: newId(), unitId: unit.id, ...fields };
  return { lesson, parts: unit.startKinds.map((kind) => newPart(lesson.id, START_PARTS[kind], newId)) };
}

export function newPart(
  lessonId: string | null,
  fields: Partial<Part> & Pick<Part, 'kind' | 'title' | 'lead'>,
  newId: () => string,
): Part {
  return { ...blankPart, ...fields, id: newId(), lessonId };
}

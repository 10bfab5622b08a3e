/** A lesson and its parts as they begin. */
import { blankLesson, blankPart } from '../plan/blank';
import type { DraftPart } from '../formats/draft';
import type { Lesson, Part } from '../plan/lesson';
import type { Unit } from '../plan/unit';

/** The part in which what leads a unit is read aloud. */
export const READ_TOGETHER = { kind: 'read-aloud', title: 'Read together', lead: 'leads' } as const;

const START_PARTS: Record<Unit['startKinds'][number], Pick<Part, 'kind' | 'title' | 'lead'>> = {
  'read-aloud': READ_TOGETHER,
  'tell-back': { kind: 'tell-back', title: 'Tell it back', lead: 'not-needed' },
  copying: { kind: 'copying', title: 'Copying', lead: 'not-needed' },
  'word-list': { kind: 'word-list', title: 'Word list', lead: 'not-needed' },
  notebook: { kind: 'notebook', title: 'Journal page', lead: 'not-needed' },
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

/** A part from its draft; its alternatives get names of their own. */
export const partOf = (
  lessonId: string,
  { alternatives, ...fields }: DraftPart,
  newId: () => string,
): Part => ({
  ...newPart(lessonId, fields, newId),
  alternatives: alternatives.map((a) => ({ id: newId(), ...a })),
});

/** Where a lesson has pages and nothing says who reads them, they are read together. */
export const withReading = (lesson: Lesson, parts: readonly Part[], newId: () => string): Part[] =>
  lesson.firstPage === null || parts.some((p) => p.kind === 'read-aloud' || p.kind === 'own-reading')
    ? [...parts]
    : [newPart(lesson.id, READ_TOGETHER, newId), ...parts];

export function newPart(
  lessonId: string | null,
  fields: Partial<Part> & Pick<Part, 'kind' | 'title' | 'lead'>,
  newId: () => string,
): Part {
  return { ...blankPart, ...fields, id: newId(), lessonId };
}

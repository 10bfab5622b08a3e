/** What is gathered for a unit: objectives, the children's questions, the ideas of the brainstorm. */
import { datesWritten } from '../calendar/customs';
import { newLesson, partOf } from './new-lesson';
import { blankDraftPart } from '../formats/blank-draft';
import { kindFrom } from '../formats/kind-words';
import { readActivity } from '../formats/activity-line';
import { asChildIds } from '../plan/lookup';
import type { Part } from '../plan/lesson';
import type { IsoDate } from '../plan/measures';
import type { Idea, Objective, Question } from '../plan/unit';
import { GONE, withChanged, withMoved, type Edit } from './edit';

/** Adds objectives after those there are; one with a code that is there already gets its new wording. */
export const addObjectives =
  (unitId: string, lines: readonly Pick<Objective, 'code' | 'wording'>[]): Edit =>
  (plan, { newId }) => {
    if (!plan.units.some((u) => u.id === unitId)) return { refused: GONE };
    let objectives = plan.objectives;
    for (const { code, wording } of lines) {
      const same =
        code && objectives.find((o) => o.unitId === unitId && o.code.toLowerCase() === code.toLowerCase());
      objectives = same
        ? withChanged(objectives, same.id, { wording })
        : [...objectives, { id: newId(), unitId, code, wording }];
    }
    return { plan: { ...plan, objectives } };
  };

export const editObjective =
  (id: string, change: Pick<Objective, 'code' | 'wording'>): Edit =>
  (plan) =>
    plan.objectives.some((o) => o.id === id)
      ? { plan: { ...plan, objectives: withChanged(plan.objectives, id, change) } }
      : { refused: GONE };

export const removeObjective =
  (id: string): Edit =>
  (plan) => ({ plan: { ...plan, objectives: plan.objectives.filter((o) => o.id !== id) } });

/** Says which lessons meet an objective. */
export const tieObjective =
  (id: string, lessonIds: readonly string[]): Edit =>
  (plan) => {
    const objective = plan.objectives.find((o) => o.id === id);
    if (!objective) return { refused: GONE };
    return {
      plan: {
        ...plan,
        lessons: plan.lessons.map((l) => {
          if (l.unitId !== objective.unitId || l.objectiveIds.includes(id) === lessonIds.includes(l.id))
            return l;
          return {
            ...l,
            objectiveIds: lessonIds.includes(l.id)
              ? [...l.objectiveIds, id]
              : l.objectiveIds.filter((o) => o !== id),
          };
        }),
      },
    };
  };

export const askQuestion =
  (unitId: string, childId: string | null, text: string, asked: IsoDate): Edit =>
  (plan, { newId }) =>
    plan.units.some((u) => u.id === unitId)
      ? {
          plan: {
            ...plan,
            questions: [...plan.questions, { id: newId(), unitId, childId, text, asked, answer: '' }],
          },
        }
      : { refused: GONE };

export const editQuestion =
  (id: string, change: Partial<Pick<Question, 'text' | 'answer' | 'childId'>>): Edit =>
  (plan) =>
    plan.questions.some((q) => q.id === id)
      ? { plan: { ...plan, questions: withChanged(plan.questions, id, change) } }
      : { refused: GONE };

export const removeQuestion =
  (id: string): Edit =>
  (plan) => ({ plan: { ...plan, questions: plan.questions.filter((q) => q.id !== id) } });

/** Adds ideas, one to a line; they suit everyone until they are sorted. */
export const addIdeas =
  (unitId: string, texts: readonly string[]): Edit =>
  (plan, { newId }) => {
    const unit = plan.units.find((u) => u.id === unitId);
    if (!unit) return { refused: GONE };
    const made = texts.map((text): Idea => ({
      id: newId(),
      unitId,
      text,
      childIds: unit.childIds,
      becomes: 'unsorted',
    }));
    return { plan: { ...plan, ideas: [...plan.ideas, ...made] } };
  };

/** Whom an idea suits. */
export const suitIdea =
  (id: string, childIds: readonly string[]): Edit =>
  (plan) =>
    plan.ideas.some((i) => i.id === id)
      ? { plan: { ...plan, ideas: withChanged(plan.ideas, id, { childIds: [...childIds] }) } }
      : { refused: GONE };

export const reorderIdea =
  (id: string, by: number): Edit =>
  (plan) => ({ plan: { ...plan, ideas: withMoved(plan.ideas, id, by, (a, b) => a.unitId === b.unitId) } });

export const removeIdea =
  (id: string): Edit =>
  (plan) => ({ plan: { ...plan, ideas: plan.ideas.filter((i) => i.id !== id) } });

/** Turns an idea into a lesson, at once; an activity waits to be put on a lesson, a book topic on the shelf. */
export const turnIdea =
  (id: string, becomes: Idea['becomes']): Edit =>
  (plan, { newId }) => {
    const idea = plan.ideas.find((i) => i.id === id);
    const unit = plan.units.find((u) => u.id === idea?.unitId);
    if (!idea || !unit) return { refused: GONE };
    if (idea.becomes === 'lesson' && becomes === 'lesson') return { plan };
    const ideas = withChanged(plan.ideas, id, { becomes });
    if (becomes !== 'lesson') return { plan: { ...plan, ideas } };
    const { lesson, parts } = newLesson(unit, { title: idea.text }, newId);
    const childIdsFor = ({ kind }: Pick<Part, 'kind'>): string[] | null =>
      idea.childIds.length ? asChildIds(idea.childIds, unit, plan.children, kind) : null;
    const made = parts.length
      ? parts
      : [partOf(lesson.id, { ...blankDraftPart, title: idea.text, kind: kindFrom(idea.text) }, newId)];
    return {
      plan: {
        ...plan,
        ideas,
        lessons: [...plan.lessons, lesson],
        parts: [...plan.parts, ...made.map((p) => ({ ...p, childIds: childIdsFor(p) ?? p.childIds }))],
      },
    };
  };

/** Puts an idea that became an activity on a lesson; the idea has found its place and leaves the list. */
export const placeIdea =
  (id: string, lessonId: string): Edit =>
  (plan, { newId, today }) => {
    const idea = plan.ideas.find((i) => i.id === id);
    const lesson = plan.lessons.find((l) => l.id === lessonId);
    const unit = plan.units.find((u) => u.id === lesson?.unitId);
    if (!idea || !unit) return { refused: GONE };
    const doing = readActivity(idea.text, datesWritten(plan, today)) ?? {
      ...blankDraftPart,
      title: idea.text,
    };
    const childIds = idea.childIds.length ? asChildIds(idea.childIds, unit, plan.children, doing.kind) : null;
    const part = { ...partOf(lessonId, doing, newId), childIds };
    return { plan: { ...plan, ideas: plan.ideas.filter((i) => i.id !== id), parts: [...plan.parts, part] } };
  };

/** Lessons of a unit and the parts in them. */
import { withLessons } from './spine';
import { newLesson, newPart, partOf } from './new-lesson';
import type { Draft, DraftPart } from '../formats/draft';
import type { Lesson, Part } from '../plan/lesson';
import { lessonsOf } from '../plan/lookup';
import type { Plan } from '../plan/plan';
import { WORKED_OUT_KINDS } from '../plan/words';
import { GONE, withChanged, withMoved, type Edit } from './edit';

/** Adds a lesson at the end of a unit, or after one of its lessons. */
export const addLesson =
  (unitId: string, title: string, after: string | null = null): Edit =>
  (plan, { newId }) => {
    const unit = plan.units.find((u) => u.id === unitId);
    if (!unit) return { refused: GONE };
    const { lesson, parts } = newLesson(unit, { title }, newId);
    const at = after === null ? -1 : plan.lessons.findIndex((l) => l.id === after);
    const lessons =
      at < 0
        ? [...plan.lessons, lesson]
        : [...plan.lessons.slice(0, at + 1), lesson, ...plan.lessons.slice(at + 1)];
    return { plan: { ...plan, lessons, parts: [...plan.parts, ...parts] }, fresh: at < 0 ? [] : [unitId] };
  };

export type LessonFields = Omit<Lesson, 'id' | 'unitId' | 'rungMoves'>;

export const editLesson =
  (id: string, change: Partial<LessonFields>): Edit =>
  (plan) =>
    plan.lessons.some((l) => l.id === id)
      ? { plan: { ...plan, lessons: withChanged(plan.lessons, id, change) } }
      : { refused: GONE };

/** Says of lessons whether they may be left out when days run short. */
export const setOptional =
  (ids: readonly string[], optional: boolean): Edit =>
  (plan) => ({
    plan: { ...plan, lessons: plan.lessons.map((l) => (ids.includes(l.id) ? { ...l, optional } : l)) },
  });

/** Says of lessons whether they build on those before them. */
export const setBuildsOn =
  (ids: readonly string[], buildsOn: boolean): Edit =>
  (plan) =>
    ids.every((id) => plan.lessons.some((l) => l.id === id))
      ? { plan: { ...plan, lessons: plan.lessons.map((l) => (ids.includes(l.id) ? { ...l, buildsOn } : l)) } }
      : { refused: GONE };

/** Leaves lessons out this time, or takes them in again; what was taught of them stays. */
export const leaveOut =
  (ids: readonly string[], leftOut: boolean): Edit =>
  (plan) =>
    ids.every((id) => plan.lessons.some((l) => l.id === id))
      ? { plan: { ...plan, lessons: plan.lessons.map((l) => (ids.includes(l.id) ? { ...l, leftOut } : l)) } }
      : { refused: GONE };

export const removeLessons =
  (ids: readonly string[]): Edit =>
  (plan) => ({ plan: { ...plan, lessons: plan.lessons.filter((l) => !ids.includes(l.id)) } });

/** Moves a lesson up (−) or down (+) among its unit's lessons; the unit's pencil is drawn afresh. */
export const reorderLesson =
  (id: string, by: number): Edit =>
  (plan) => {
    const lesson = plan.lessons.find((l) => l.id === id);
    if (!lesson) return { refused: GONE };
    return {
      plan: { ...plan, lessons: withMoved(plan.lessons, id, by, (a, b) => a.unitId === b.unitId) },
      fresh: [lesson.unitId],
    };
  };

/**
 * Moves lessons of a unit together to another place among its lessons, in the order they stand in.
 * @param to the number, from 1, that the first of them has then
 */
export const moveLessons =
  (ids: readonly string[], to: number): Edit =>
  (plan) => {
    const moving = plan.lessons.filter((l) => ids.includes(l.id));
    const unitId = moving[0]?.unitId;
    if (!moving.length || moving.length !== new Set(ids).size || moving.some((l) => l.unitId !== unitId))
      return { refused: GONE };
    const others = plan.lessons.filter((l) => l.unitId === unitId && !moving.includes(l));
    if (to < 1 || to > others.length + 1) return { refused: `Say a place from 1 to ${others.length + 1}.` };
    const inOrder = [...others.slice(0, to - 1), ...moving, ...others.slice(to - 1)];
    let next = 0;
    return {
      plan: { ...plan, lessons: plan.lessons.map((l) => (l.unitId === unitId ? inOrder[next++] : l)) },
      fresh: [unitId],
    };
  };

/** How lessons are added from something that was read. */
export interface HowAdded {
  /** Whether each lesson also begins with the unit's own first parts. */
  start: boolean;
  /** Whether their titles are questions, to be kept open until they are answered. */
  questions: boolean;
}

/**
 * Adds the lessons of a guide, a table, a pack, cards or questions to a unit, after those it has. New words join its
 * vocabulary.
 */
export const addDrafts =
  (unitId: string, drafts: readonly Draft[], { start, questions }: HowAdded): Edit =>
  (plan, { newId, today }) => {
    const unit = plan.units.find((u) => u.id === unitId);
    if (!unit) return { refused: GONE };
    if (!drafts.length) return { refused: 'There is no lesson in it.' };
    const codes = new Map(
      plan.objectives.filter((o) => o.unitId === unitId && o.code).map((o) => [o.code, o.id]),
    );
    const made = drafts.map(({ parts, words: _, objectiveCodes, bigIdeas: __, ...fields }) => {
      const objectiveIds = [...new Set(objectiveCodes.flatMap((c) => codes.get(c) ?? []))];
      const { lesson, parts: first } = newLesson(unit, { ...fields, objectiveIds }, newId);
      const all = [...(start ? first : []), ...parts.map((p) => partOf(lesson.id, p, newId))];
      return { lesson, parts: all };
    });
    const ideas = drafts.flatMap((d) => d.bigIdeas).filter((b) => !unit.bigIdeas.includes(b));
    const known = new Set(unit.vocabulary.map((v) => v.word.toLowerCase()));
    const words = [...new Set(drafts.flatMap((d) => d.words))]
      .filter((w) => !known.has(w.toLowerCase()))
      .map((word) => ({ id: '', word, meaning: '' }));
    return {
      plan: {
        ...withLessons(plan, unitId, made, newId),
        units:
          words.length || ideas.length
            ? withChanged(plan.units, unitId, {
                vocabulary: [...unit.vocabulary, ...words].slice(0, 500),
                bigIdeas: [...unit.bigIdeas, ...new Set(ideas)],
              })
            : plan.units,
        questions: questions
          ? [
              ...plan.questions,
              ...drafts.map((d) => ({
                id: newId(),
                unitId,
                childId: null,
                text: d.title,
                asked: today,
                answer: '',
              })),
            ]
          : plan.questions,
      },
    };
  };

/** Puts activities on the lessons a unit has: for each activity the place of its lesson, from 0. */
export const dealActivities =
  (unitId: string, activities: readonly DraftPart[], places: readonly number[]): Edit =>
  (plan, { newId }) => {
    const lessons = lessonsOf(plan, unitId);
    if (!lessons.length)
      return { refused: 'This unit has no lessons yet. Make lessons of the activities instead.' };
    const made = activities.map((a, i) =>
      partOf(lessons[Math.min(lessons.length - 1, Math.max(0, places[i] ?? 0))].id, a, newId),
    );
    return { plan: { ...plan, parts: [...plan.parts, ...made] } };
  };

/** What a parent can say of a part; where it belongs and what brings it back are not theirs to change. */
export type PartFields = Omit<
  Part,
  | 'id'
  | 'lessonId'
  | 'unitId'
  | 'ruleId'
  | 'seen'
  | 'workId'
  | 'rungMoves'
  | 'swaps'
  | 'teaches'
  | 'alternatives'
>;

/** Adds a part at the end of a lesson. */
export const addPart =
  (lessonId: string, fields: PartFields): Edit =>
  (plan, { newId }) =>
    check(fields, plan) ??
    (plan.lessons.some((l) => l.id === lessonId)
      ? { plan: { ...plan, parts: [...plan.parts, newPart(lessonId, fields, newId)] } }
      : { refused: GONE });

/** Adds a part to the unit itself: a trip, a closing event. Without a date it comes after the last lesson. */
export const addUnitPart =
  (unitId: string, fields: PartFields): Edit =>
  (plan, { newId }) =>
    check(fields, plan) ??
    (plan.units.some((u) => u.id === unitId)
      ? { plan: { ...plan, parts: [...plan.parts, { ...newPart(null, fields, newId), unitId }] } }
      : { refused: GONE });

export const editPart =
  (id: string, fields: PartFields): Edit =>
  (plan) => {
    const part = plan.parts.find((p) => p.id === id);
    if (!part) return { refused: GONE };
    if (part.ruleId !== null)
      return { refused: `“${part.title}” comes back by itself. Change what brings it back.` };
    return check(fields, plan) ?? { plan: { ...plan, parts: withChanged(plan.parts, id, fields) } };
  };

export const removePart =
  (id: string): Edit =>
  (plan) => {
    const part = plan.parts.find((p) => p.id === id);
    if (part?.ruleId)
      return {
        refused: `“${part.title}” comes back by itself. Change what brings it back, or mark it as left out on its day.`,
      };
    return { plan: { ...plan, parts: plan.parts.filter((p) => p.id !== id) } };
  };

export const reorderPart =
  (id: string, by: number): Edit =>
  (plan) => ({
    plan: {
      ...plan,
      parts: withMoved(plan.parts, id, by, (a, b) => a.lessonId === b.lessonId && a.unitId === b.unitId),
    },
  });

/** Notes a caution of a part as seen, or takes the note back. */
export const noteSeen =
  (id: string, caution: string, seen: boolean): Edit =>
  (plan) => {
    const part = plan.parts.find((p) => p.id === id);
    if (!part) return { refused: GONE };
    return {
      plan: {
        ...plan,
        parts: withChanged(plan.parts, id, {
          seen: [...part.seen.filter((s) => s !== caution), ...(seen ? [caution] : [])],
        }),
      },
    };
  };

function check(fields: PartFields, plan: Plan): { refused: string } | undefined {
  if (fields.minutes === null && !WORKED_OUT_KINDS.includes(fields.kind))
    return { refused: `Say how many minutes “${fields.title}” takes.` };
  if (fields.childIds && !fields.childIds.length)
    return { refused: 'Choose at least one child for this part.' };
  if (fields.ageFrom !== null && fields.ageTo !== null && fields.ageTo < fields.ageFrom)
    return { refused: 'The ages it is meant for end before they begin. Change one of them.' };
  if (fields.earliest && fields.latest && fields.latest < fields.earliest)
    return { refused: 'The latest day comes before the earliest. Change one of them.' };
  if (
    fields.weekday !== null &&
    plan.year &&
    !plan.year.weekdays.includes(fields.weekday) &&
    !plan.year.extraDays.length
  )
    return { refused: 'You do not teach on that weekday. Choose another one.' };
  return undefined;
}

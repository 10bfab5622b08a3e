import { ids, lessonName, several } from './names';
import { count, titled } from '../plan/called';
import { z } from 'zod';
import { freeAlternative, makeAlternative, takeAlternative } from '../edit/alternatives';
import {
  addDrafts,
  addLesson,
  addPart,
  addUnitPart,
  dealActivities,
  editLesson,
  editPart,
  leaveOut,
  noteSeen,
  removeLessons,
  removePart,
  reorderLesson,
  reorderPart,
  setBuildsOn,
  setOptional,
} from '../edit/lessons';
import { placeIdea } from '../edit/gathered';
import { addRule, editRule, keepOutline, placeOutline, removeOutline, removeRule } from '../edit/rules';
import { addContents, editUnit } from '../edit/units';
import { draft, draftPart } from '../formats/draft';
import { lesson, outline, part, rule } from '../plan/lesson';
import { id } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { taste, unit } from '../plan/unit';
import { given } from './given';
import { command } from './command';

const contentsLine = z.strictObject({
  line: z.int(),
  title: z.string().min(1).max(200),
  page: z.int().min(1).max(9999).nullable(),
  level: z.int().min(0).max(50),
  becomes: z.enum(['lesson', 'topic', 'nothing']),
  doubt: z.string().max(200),
});

const by = z.int().min(-1000).max(1000);

const partFields = part.omit({
  id: true,
  lessonId: true,
  unitId: true,
  ruleId: true,
  seen: true,
  workId: true,
  rungMoves: true,
  swaps: true,
  teaches: true,
  alternatives: true,
});

const alternativeOf = z.strictObject({ partId: id, alternativeId: id });

const alternativeName = (plan: Plan, v: z.infer<typeof alternativeOf>): string => {
  const part = plan.parts.find((p) => p.id === v.partId);
  return `“${part?.alternatives.find((a) => a.id === v.alternativeId)?.title ?? 'an alternative'}”`;
};

const partName = (plan: Plan, partId: string): string => titled(plan, 'parts', partId);

export const applyContents = command({
  shape: z.strictObject({ unitId: id, lines: z.array(contentsLine).min(1).max(1000) }),
  label: (v) =>
    `Made ${count(v.lines.filter((l) => l.becomes === 'lesson').length, 'lesson')} from a contents page`,
  edit: (v) => addContents(v.unitId, v.lines),
});

export const applyDrafts = command({
  shape: z.strictObject({
    unitId: id,
    drafts: z.array(draft).min(1).max(1000),
    start: z.boolean(),
    questions: z.boolean(),
    from: z.string().max(40),
  }),
  label: (v) => `Made ${count(v.drafts.length, 'lesson')} from ${v.from}`,
  edit: (v) => addDrafts(v.unitId, v.drafts, v),
});

export const applyActivities = command({
  shape: z.strictObject({
    unitId: id,
    activities: z.array(draftPart).min(1).max(1000),
    places: z.array(z.int().min(0)).max(1000),
  }),
  label: (v) =>
    `Put ${v.activities.length === 1 ? 'an activity' : `${v.activities.length} activities`} on the lessons`,
  edit: (v) => dealActivities(v.unitId, v.activities, v.places),
});

export const newLesson = command({
  shape: z.strictObject({ unitId: id, title: lesson.shape.title, after: id.nullable() }),
  label: (v) => `Added “${v.title}”`,
  edit: (v) => addLesson(v.unitId, v.title, v.after),
});

export const changeLesson = command({
  about: z.strictObject({ lessonId: id }),
  shape: lesson.omit({ id: true, unitId: true, rungMoves: true }).partial(),
  label: (_, plan, { lessonId }) => `Changed ${lessonName(plan, lessonId)}`,
  edit: (v, { lessonId }, input) => editLesson(lessonId, given(v, input)),
});

export const dropLessons = command({
  shape: ids,
  label: (v, plan) => `Dropped ${several(plan, v)}`,
  edit: removeLessons,
});

export const mayBeLeftOut = command({
  shape: z.strictObject({ ids, optional: z.boolean() }),
  label: (v, plan) => `${several(plan, v.ids)} ${v.optional ? 'may' : 'must not'} be left out`,
  edit: (v) => setOptional(v.ids, v.optional),
});

export const orderIsHabit = command({
  shape: z.strictObject({ ids, buildsOn: z.boolean() }),
  label: (v, plan) => {
    const build = v.ids.length === 1 ? 'builds' : 'build';
    return `${several(plan, v.ids)} ${build}${v.buildsOn ? '' : ' no more'} on what comes before`;
  },
  edit: (v) => setBuildsOn(v.ids, v.buildsOn),
});

export const leaveLessonsOut = command({
  shape: z.strictObject({ ids, leftOut: z.boolean() }),
  label: (v, plan) =>
    v.leftOut ? `Left out ${several(plan, v.ids)}` : `Took in ${several(plan, v.ids)} again`,
  edit: (v) => leaveOut(v.ids, v.leftOut),
});

export const shiftLesson = command({
  shape: z.strictObject({ lessonId: id, by }),
  label: (v, plan) => `Moved ${lessonName(plan, v.lessonId)} ${v.by < 0 ? 'up' : 'down'}`,
  edit: (v) => reorderLesson(v.lessonId, v.by),
});

export const savePart = command({
  about: z.strictObject({
    where: z.union([z.strictObject({ lessonId: id }), z.strictObject({ unitId: id })]),
    partId: id.nullable(),
  }),
  shape: partFields,
  label: (v, plan, { where, partId }) =>
    partId
      ? `Changed “${v.title}”`
      : `Added “${v.title}”${'lessonId' in where ? ` to ${lessonName(plan, where.lessonId)}` : ''}`,
  edit: (v, { where, partId }) => {
    if (partId) return editPart(partId, v);
    if ('lessonId' in where) return addPart(where.lessonId, v);
    return addUnitPart(where.unitId, v);
  },
});

export const dropPart = command({
  shape: id,
  label: (v, plan) => `Dropped ${partName(plan, v)}`,
  edit: removePart,
});

export const turnIntoAlternative = command({
  shape: z.strictObject({ partId: id, toId: id }),
  label: (v, plan) => `Made ${partName(plan, v.partId)} an alternative to ${partName(plan, v.toId)}`,
  edit: (v) => makeAlternative(v.partId, v.toId),
});

export const doInstead = command({
  shape: alternativeOf,
  label: (v, plan) => `Took ${alternativeName(plan, v)} instead of ${partName(plan, v.partId)}`,
  edit: (v) => takeAlternative(v.partId, v.alternativeId),
});

export const doAsWell = command({
  shape: alternativeOf,
  label: (v, plan) => `Made ${alternativeName(plan, v)} a part of its own`,
  edit: (v) => freeAlternative(v.partId, v.alternativeId),
});

export const dropAlternative = command({
  shape: alternativeOf,
  label: (v, plan) => `Dropped ${alternativeName(plan, v)}`,
  edit: (v) => freeAlternative(v.partId, v.alternativeId, true),
});

export const shiftPart = command({
  shape: z.strictObject({ partId: id, by }),
  label: (v, plan) => `Moved ${partName(plan, v.partId)} ${v.by < 0 ? 'up' : 'down'}`,
  edit: (v) => reorderPart(v.partId, v.by),
});

export const see = command({
  shape: z.strictObject({ partId: id, caution: z.string().max(40), seen: z.boolean() }),
  label: (v, plan) => `Noted a caution of ${partName(plan, v.partId)} as ${v.seen ? 'seen' : 'not seen'}`,
  edit: (v) => noteSeen(v.partId, v.caution, v.seen),
});

export const saveRule = command({
  about: z.strictObject({ ruleId: id.nullable() }),
  shape: rule.omit({ id: true }).refine((r) => r.amountTo === null || r.amountTo > (r.amount ?? Infinity), {
    error: 'more than so many each time, or empty',
    path: ['amountTo'],
  }),
  label: (v, _plan, { ruleId }) => `${ruleId ? 'Changed' : 'Added'} what comes back: “${v.title}”`,
  edit: (v, { ruleId }, input) => (ruleId ? editRule(ruleId, given(v, input)) : addRule(v)),
});

export const dropRule = command({
  shape: id,
  label: (v, plan) => `${titled(plan, 'rules', v)} comes back no more`,
  edit: removeRule,
});

export const keepAsOutline = command({
  shape: z.strictObject({ partId: id, taste: taste.nullable() }),
  label: (v, plan) => `Kept ${partName(plan, v.partId)} for another time`,
  edit: (v) => keepOutline(v.partId, v.taste),
});

export const addExtra = command({
  shape: z.strictObject({ lessonId: id, outline }),
  label: (v, plan) => `Added “${v.outline.title}” to ${lessonName(plan, v.lessonId)}`,
  edit: (v) => placeOutline(v.lessonId, v.outline),
});

export const dropOutline = command({
  shape: id,
  label: (v, plan) => `${titled(plan, 'outlines', v)} is kept no more`,
  edit: removeOutline,
  touches: ['kept'],
});

export const putIdea = command({
  shape: z.strictObject({ ideaId: id, lessonId: id }),
  label: (v, plan) =>
    `Put “${plan.ideas.find((i) => i.id === v.ideaId)?.text ?? 'an idea'}” on ${lessonName(plan, v.lessonId)}`,
  edit: (v) => placeIdea(v.ideaId, v.lessonId),
  touches: ['gathered', 'plan'],
});

/** Keeps a pace that was looked at: lessons a week, or a wished end. */
export const keepPace = command({
  about: z.strictObject({ unitId: id }),
  shape: unit.pick({ lessonsPerWeek: true, mostPerWeek: true, wishedEnd: true }),
  label: (_, plan, { unitId }) => `Changed the pace of ${titled(plan, 'units', unitId)}`,
  edit: (v, { unitId }, input) => editUnit(unitId, given(v, input)),
});

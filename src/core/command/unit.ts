import { count, titled } from '../plan/called';
import { z } from 'zod';
import {
  addIdeas,
  addObjectives,
  askQuestion,
  editObjective,
  editQuestion,
  removeIdea,
  removeObjective,
  removeQuestion,
  reorderIdea,
  suitIdea,
  tieObjective,
  turnIdea,
} from '../edit/gathered';
import { addUnit, editUnit, removeUnit } from '../edit/units';
import * as closing from '../edit/closing';
import { takeUnit as takeUnitEdit } from '../edit/take-unit';
import { takeFactors as takeFactorsEdit } from '../edit/teach-again';
import { unitOutline } from '../formats/unit-outline';
import { taughtOf } from '../layout/taught';
import { id } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { idea, objective, question, unit } from '../plan/unit';
import { PART_KINDS } from '../plan/words';
import { command } from './command';
import { given } from './given';

const ideaName = (plan: Plan, ideaId: string): string =>
  `“${plan.ideas.find((i) => i.id === ideaId)?.text ?? 'an idea'}”`;

const fields = unit.omit({ id: true });

export const beginUnit = command({
  shape: fields,
  label: (v) => `Began “${v.title}”`,
  edit: addUnit,
});

/** What a form says of a unit; what it does not show stays. */
export const changeUnit = command({
  about: z.strictObject({ unitId: id }),
  shape: fields.partial(),
  label: (_, plan, { unitId }) => `Changed ${titled(plan, 'units', unitId)}`,
  edit: (v, { unitId }, input) => editUnit(unitId, given(v, input)),
});

export const dropUnit = command({
  shape: id,
  label: (v, plan) => `Took ${titled(plan, 'units', v)} off the plan`,
  edit: removeUnit,
});

export const saveObjectives = command({
  shape: z.strictObject({
    unitId: id,
    lines: z
      .array(objective.pick({ code: true, wording: true }))
      .min(1, 'There is no objective in it.')
      .max(500),
  }),
  label: (v) => `Added ${v.lines.length} ${v.lines.length === 1 ? 'objective' : 'objectives'}`,
  edit: (v) => addObjectives(v.unitId, v.lines),
  touches: ['gathered'],
});

export const changeObjective = command({
  shape: objective.omit({ unitId: true }),
  label: (v) => `Changed objective ${v.code || `“${v.wording.slice(0, 40)}”`}`,
  edit: ({ id: objectiveId, ...change }) => editObjective(objectiveId, change),
  touches: ['gathered'],
});

export const dropObjective = command({
  shape: id,
  label: () => 'Dropped an objective',
  edit: removeObjective,
  touches: ['gathered'],
});

export const tie = command({
  shape: z.strictObject({ objectiveId: id, lessonIds: z.array(id).max(1000) }),
  label: (v) =>
    `Tied an objective to ${v.lessonIds.length} ${v.lessonIds.length === 1 ? 'lesson' : 'lessons'}`,
  edit: (v) => tieObjective(v.objectiveId, v.lessonIds),
  touches: ['gathered'],
});

export const ask = command({
  shape: question.pick({ unitId: true, childId: true, text: true }),
  label: (v) => `Asked: ${v.text.slice(0, 60)}`,
  edit: (v) => (plan, context) => askQuestion(v.unitId, v.childId, v.text, context.today)(plan, context),
  touches: ['gathered'],
});

export const changeQuestion = command({
  about: z.strictObject({ questionId: id }),
  shape: question.pick({ text: true, answer: true }).partial(),
  label: (v) => (v.answer ? 'Answered a question' : 'Changed a question'),
  edit: (v, { questionId }) => editQuestion(questionId, v),
  touches: ['gathered'],
});

export const dropQuestion = command({
  shape: id,
  label: () => 'Dropped a question',
  edit: removeQuestion,
  touches: ['gathered'],
});

export const jot = command({
  shape: z.strictObject({ unitId: id, texts: z.array(idea.shape.text).min(1).max(500) }),
  label: (v) => (v.texts.length === 1 ? `Jotted “${v.texts[0]}”` : `Jotted ${v.texts.length} ideas`),
  edit: (v) => addIdeas(v.unitId, v.texts),
  touches: ['gathered'],
});

export const suit = command({
  shape: z.strictObject({ ideaId: id, childIds: z.array(id).max(8) }),
  label: (v, plan) => `Said whom ${ideaName(plan, v.ideaId)} suits`,
  edit: (v) => suitIdea(v.ideaId, v.childIds),
  touches: ['gathered'],
});

export const turn = command({
  shape: z.strictObject({ ideaId: id, becomes: idea.shape.becomes }),
  label: (v, plan) =>
    `${ideaName(plan, v.ideaId)} ${v.becomes === 'dropped' ? 'is dropped' : v.becomes === 'unsorted' ? 'is an idea again' : `becomes ${v.becomes === 'activity' ? 'an activity' : `a ${v.becomes}`}`}`,
  edit: (v) => turnIdea(v.ideaId, v.becomes),
  touches: ['gathered', 'plan'],
});

export const shiftIdea = command({
  shape: z.strictObject({ ideaId: id, by: z.int().min(-500).max(500) }),
  label: (v, plan) => `Moved ${ideaName(plan, v.ideaId)}`,
  edit: (v) => reorderIdea(v.ideaId, v.by),
  touches: ['gathered'],
});

export const dropIdea = command({
  shape: id,
  label: (v, plan) => `Dropped ${ideaName(plan, v)}`,
  edit: removeIdea,
  touches: ['gathered'],
});

/** “Closed “From Fleece to Cloth”: 12 of 14 lessons taught, 2 left over”, with what nobody has ticked. */
function closingInWords(plan: Plan, unitId: string): string {
  const { lessons, taught, unticked } = taughtOf(plan, unitId);
  const figures = lessons
    ? `: ${taught} of ${count(lessons, 'lesson')} taught, ${lessons - taught} left over`
    : '';
  const note = unticked
    ? `; ${count(unticked, 'part')} on days gone by ${unticked === 1 ? 'was' : 'were'} not ticked and ${unticked === 1 ? 'counts' : 'count'} as left`
    : '';
  return `Closed ${titled(plan, 'units', unitId)}${figures}${note}`;
}

/** What is settled with it; nothing, where only the unit is named. */
const settling = z.strictObject({
  partIds: z.array(id).max(1000),
  ruleIds: z.array(id).max(200),
  pullIds: z.array(id).max(1000),
});

export const closeUnit = command({
  shape: z.union([id, z.strictObject({ unitId: id, settling })]),
  label: (v, plan) => closingInWords(plan, typeof v === 'string' ? v : v.unitId),
  edit: (v) => (typeof v === 'string' ? closing.closeUnit(v) : closing.closeUnit(v.unitId, v.settling)),
});

export const takeLeftOver = command({
  shape: z.strictObject({ lessonId: id, unitId: id }),
  label: (v, plan) => `Took ${titled(plan, 'lessons', v.lessonId)} into ${titled(plan, 'units', v.unitId)}`,
  edit: (v) => closing.takeLeftOver(v.lessonId, v.unitId),
});

/** A unit from an outline: one that was shared, or one of the family’s own that is taught again. */
export const takeUnit = command({
  shape: z.strictObject({
    outline: unitOutline,
    taking: z.strictObject({
      title: unit.shape.title,
      starts: unit.shape.starts,
      waiting: z.boolean(),
      childIds: unit.shape.childIds,
      lessonsPerWeek: unit.shape.lessonsPerWeek,
      whose: z.record(id, z.array(id).max(8)).optional(),
      repeats: unit.shape.repeats.unwrap(),
    }),
  }),
  label: (v) =>
    v.taking.repeats ? `“${v.taking.title}” is taught again` : `Took in “${v.taking.title}” from an outline`,
  edit: (v) => takeUnitEdit(v.outline, v.taking),
});

/** Minutes as such things really took, for what is still to come in a unit. */
export const takeFactors = command({
  shape: z.strictObject({
    unitId: id,
    factors: z
      .array(z.strictObject({ kind: z.enum(PART_KINDS), factor: z.number().min(0.1).max(10) }))
      .min(1, 'Choose at least one kind.')
      .max(PART_KINDS.length),
  }),
  label: (v, plan) => `Minutes of ${titled(plan, 'units', v.unitId)} by what such things took`,
  edit: (v) => takeFactorsEdit(v.unitId, v.factors),
});

export const reopenUnit = command({
  shape: id,
  label: (v, plan) => `Went on with ${titled(plan, 'units', v)}`,
  edit: closing.reopenUnit,
});

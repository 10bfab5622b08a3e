'use server';
import { titled } from '@/core/plan/called';
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
} from '@/core/edit/gathered';
import { addUnit, editUnit, removeUnit } from '@/core/edit/units';
import { id } from '@/core/plan/measures';
import type { Plan } from '@/core/plan/plan';
import { idea, objective, question, unit } from '@/core/plan/unit';
import { act } from '../frame/act';
import { today } from '../frame/clock';
import { given } from '../frame/given';
import type { Outcome } from '../frame/outcome';

const fields = unit.omit({ id: true });
const ideaName = (plan: Plan, ideaId: string): string =>
  `“${plan.ideas.find((i) => i.id === ideaId)?.text ?? 'an idea'}”`;

/** Begins a unit, or changes what the form says of one. */
export async function saveUnit(base: number, unitId: string | null, input: unknown): Promise<Outcome> {
  if (unitId === null)
    return act({ base, input, shape: fields, label: (v) => `Began “${v.title}”`, edit: addUnit });
  return act({
    base,
    input,
    shape: fields.partial(),
    label: (_, plan) => `Changed ${titled(plan, 'units', unitId)}`,
    edit: (v) => editUnit(unitId, given(v, input)),
  });
}

export async function dropUnit(base: number, unitId: string): Promise<Outcome> {
  return act({
    base,
    input: unitId,
    shape: id,
    label: (v, plan) => `Took ${titled(plan, 'units', v)} off the plan`,
    edit: removeUnit,
  });
}

export async function saveObjectives(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({
      unitId: id,
      lines: z
        .array(objective.pick({ code: true, wording: true }))
        .min(1, 'There is no objective in it.')
        .max(500),
    }),
    label: (v) => `Added ${v.lines.length} ${v.lines.length === 1 ? 'objective' : 'objectives'}`,
    edit: (v) => addObjectives(v.unitId, v.lines),
  });
}

export async function changeObjective(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: objective.omit({ unitId: true }),
    label: (v) => `Changed objective ${v.code || `“${v.wording.slice(0, 40)}”`}`,
    edit: ({ id: objectiveId, ...change }) => editObjective(objectiveId, change),
  });
}

export async function dropObjective(base: number, objectiveId: string): Promise<Outcome> {
  return act({
    base,
    input: objectiveId,
    shape: id,
    label: () => 'Dropped an objective',
    edit: removeObjective,
  });
}

export async function tie(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ objectiveId: id, lessonIds: z.array(id).max(1000) }),
    label: (v) =>
      `Tied an objective to ${v.lessonIds.length} ${v.lessonIds.length === 1 ? 'lesson' : 'lessons'}`,
    edit: (v) => tieObjective(v.objectiveId, v.lessonIds),
  });
}

export async function ask(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: question.pick({ unitId: true, childId: true, text: true }),
    label: (v) => `Asked: ${v.text.slice(0, 60)}`,
    edit: (v) => askQuestion(v.unitId, v.childId, v.text, today()),
  });
}

export async function changeQuestion(base: number, questionId: string, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: question.pick({ text: true, answer: true }).partial(),
    label: (v) => (v.answer ? 'Answered a question' : 'Changed a question'),
    edit: (v) => editQuestion(questionId, v),
  });
}

export async function dropQuestion(base: number, questionId: string): Promise<Outcome> {
  return act({ base, input: questionId, shape: id, label: () => 'Dropped a question', edit: removeQuestion });
}

export async function jot(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ unitId: id, texts: z.array(idea.shape.text).min(1).max(500) }),
    label: (v) => (v.texts.length === 1 ? `Jotted “${v.texts[0]}”` : `Jotted ${v.texts.length} ideas`),
    edit: (v) => addIdeas(v.unitId, v.texts),
  });
}

export async function suit(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ ideaId: id, childIds: z.array(id).max(8) }),
    label: (v, plan) => `Said whom ${ideaName(plan, v.ideaId)} suits`,
    edit: (v) => suitIdea(v.ideaId, v.childIds),
  });
}

export async function turn(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ ideaId: id, becomes: idea.shape.becomes }),
    label: (v, plan) =>
      `${ideaName(plan, v.ideaId)} ${v.becomes === 'dropped' ? 'is dropped' : v.becomes === 'unsorted' ? 'is an idea again' : `becomes ${v.becomes === 'activity' ? 'an activity' : `a ${v.becomes}`}`}`,
    edit: (v) => turnIdea(v.ideaId, v.becomes),
  });
}

export async function shiftIdea(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ ideaId: id, by: z.int().min(-500).max(500) }),
    label: (v, plan) => `Moved ${ideaName(plan, v.ideaId)}`,
    edit: (v) => reorderIdea(v.ideaId, v.by),
  });
}

export async function dropIdea(base: number, ideaId: string): Promise<Outcome> {
  return act({
    base,
    input: ideaId,
    shape: id,
    label: (v, plan) => `Dropped ${ideaName(plan, v)}`,
    edit: removeIdea,
  });
}

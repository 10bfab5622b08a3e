'use server';
import { childName, titled } from '@/core/plan/called';
import { z } from 'zod';
import {
  addForChildren,
  endTeaching,
  joinLesson,
  letTeach,
  moveInPart,
  moveKindFromHere,
  moveRung,
  moveRungFromHere,
  showBy,
  skipPart,
  swapWork,
  wordByHand,
  wordByLadder,
} from '@/core/edit/ladder';
import { addPart, removePart } from '@/core/edit/lessons';
import { addWorkPart, keepWork, removeWork } from '@/core/edit/works';
import { blankPart } from '@/core/plan/blank';
import { id, minutes, shortText } from '@/core/plan/measures';
import { lead, swap } from '@/core/plan/lesson';
import { show } from '@/core/plan/unit';
import { workFields } from '@/core/plan/work';
import type { Plan } from '@/core/plan/plan';
import { LADDER_KINDS, WORKED_OUT_KINDS } from '@/core/plan/words';
import { act } from '../frame/act';
import { KINDS } from '../frame/part-words';
import type { Outcome } from '../frame/outcome';

const nameOf = (plan: Plan, childId: string): string => childName(plan, childId, 'A child');
const titleOf = (plan: Plan, partId: string): string =>
  plan.parts.find((p) => p.id === partId)?.title ?? 'a part';
const rungs = (by: number): string =>
  `${Math.abs(by)} ${Math.abs(by) === 1 ? 'rung' : 'rungs'} ${by > 0 ? 'up' : 'down'}`;
const by = z.int().min(-4).max(4);
const step = z.union([z.literal(1), z.literal(-1)]);

export async function moveForPart(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ partId: id, childId: id, by }),
    edit: (v) => moveInPart(v.partId, v.childId, v.by),
    label: (v, plan) =>
      v.by === 0
        ? `${nameOf(plan, v.childId)} back on their own rung in “${titleOf(plan, v.partId)}”`
        : `${nameOf(plan, v.childId)} ${rungs(v.by)} in “${titleOf(plan, v.partId)}”, this lesson`,
  });
}

export async function moveForLesson(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ lessonId: id, childId: id, by }),
    label: (v, plan) =>
      v.by === 0
        ? `${nameOf(plan, v.childId)} back on their own rung`
        : `Moved ${nameOf(plan, v.childId)} ${rungs(v.by)} for this lesson`,
    edit: (v) => moveRung(v.lessonId, v.childId, v.by),
  });
}

export async function moveKind(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ partId: id, childId: id, step }),
    edit: (v) => moveKindFromHere(v.partId, v.childId, v.step),
    label: (v, plan) =>
      `Moved ${nameOf(plan, v.childId)} ${rungs(v.step)} in “${titleOf(plan, v.partId)}” from here on`,
  });
}

export async function moveFromHere(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ lessonId: id, childId: id, step }),
    label: (v, plan) => `Moved ${nameOf(plan, v.childId)} a rung ${v.step > 0 ? 'up' : 'down'} from here on`,
    edit: (v) => moveRungFromHere(v.lessonId, v.childId, v.step),
  });
}

export async function reword(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({
      partId: id,
      childId: id,
      wording: z.string().trim().min(1, 'Say what the work is.').max(2000),
      minutes,
    }),
    label: (v, plan) => `Worded ${nameOf(plan, v.childId)}’s work by hand`,
    edit: (v) => wordByHand(v.partId, v.childId, v.wording, v.minutes),
  });
}

export async function unword(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ partId: id, childId: id }),
    label: (v, plan) => `Gave ${nameOf(plan, v.childId)}’s work back to the ladder`,
    edit: (v) => wordByLadder(v.partId, v.childId),
  });
}

export async function skip(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ partId: id, childId: id }),
    edit: (v) => skipPart(v.partId, v.childId),
    label: (v, plan) => `${nameOf(plan, v.childId)}: “${titleOf(plan, v.partId)}” left out or taken up again`,
  });
}

export async function sitOut(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ lessonId: id, childId: id, joins: z.boolean() }),
    edit: (v) => joinLesson(v.lessonId, v.childId, v.joins),
    label: (v, plan) =>
      `${nameOf(plan, v.childId)} ${v.joins ? 'joins the lesson again' : 'sits this lesson out'}`,
  });
}

export async function swapFor(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ partId: id, childId: id, kind: swap.shape.kind, why: swap.shape.why }),
    edit: (v) => swapWork(v.partId, v.childId, { kind: v.kind, why: v.why }),
    label: (v, plan) =>
      `${nameOf(plan, v.childId)} does something else instead of “${titleOf(plan, v.partId)}”`,
  });
}

export async function unswap(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ partId: id, childId: id }),
    edit: (v) => swapWork(v.partId, v.childId, null),
    label: (v, plan) => `${nameOf(plan, v.childId)} does “${titleOf(plan, v.partId)}” like the others again`,
  });
}

export async function addForOne(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({
      lessonId: id,
      childId: id,
      title: shortText,
      minutes: minutes.min(1, 'Say how many minutes.'),
      lead,
    }),
    edit: (v) => addForChildren(v.lessonId, [v.childId], v),
    label: (v, plan) => `Added for ${nameOf(plan, v.childId)}: “${v.title.slice(0, 60)}”`,
  });
}

export async function teach(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ partId: id, youngerId: id, elderId: id }),
    edit: (v) => letTeach(v.partId, v.youngerId, v.elderId),
    label: (v, plan) =>
      `${nameOf(plan, v.elderId)} teaches ${nameOf(plan, v.youngerId)} “${titleOf(plan, v.partId)}”`,
  });
}

export async function unteach(base: number, partId: string): Promise<Outcome> {
  return act({
    base,
    input: partId,
    shape: id,
    edit: endTeaching,
    label: (v, plan) => `Ended: ${titleOf(plan, v)}`,
  });
}

export async function setShow(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ unitId: id, childId: id, show }),
    edit: (v) => showBy(v.unitId, v.childId, v.show),
    label: (v, plan) => `${nameOf(plan, v.childId)} shows what they know by: ${v.show}`,
  });
}

/** Adds a kind of work to a lesson, for every child of the unit. */
export async function addWork(base: number, lessonId: string, kind: unknown): Promise<Outcome> {
  return act({
    base,
    input: kind,
    shape: z.enum(LADDER_KINDS),
    label: (v) => `Added ${KINDS.find((k) => k.value === v)!.name} to the lesson`,
    edit: (v) => {
      const { title, name, lead: leads } = KINDS.find((k) => k.value === v)!;
      return addPart(lessonId, {
        ...blankPart,
        kind: v,
        title: title || name[0].toUpperCase() + name.slice(1),
        lead: leads,
        minutes: WORKED_OUT_KINDS.includes(v) ? null : 20,
      });
    },
  });
}

export async function addOwnKind(base: number, lessonId: string, workId: string): Promise<Outcome> {
  return act({
    base,
    input: { lessonId, workId },
    shape: z.strictObject({ lessonId: id, workId: id }),
    edit: (v) => addWorkPart(v.lessonId, v.workId),
    label: (v, plan) => `Added ${titled(plan, 'works', v.workId)} to the lesson`,
  });
}

export async function takeOff(base: number, partId: string): Promise<Outcome> {
  return act({
    base,
    input: partId,
    shape: id,
    edit: removePart,
    label: (v, plan) => `Took “${titleOf(plan, v)}” off the lesson`,
  });
}

export async function saveWork(base: number, workId: string | null, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: workFields,
    edit: (v) => keepWork(workId, v),
    label: (v) => `Kept the versions of “${v.title}”`,
  });
}

export async function dropWork(base: number, workId: string): Promise<Outcome> {
  return act({
    base,
    input: workId,
    shape: id,
    edit: removeWork,
    label: (v, plan) => `Took back ${titled(plan, 'works', v)}`,
  });
}

import { childName, titled } from '../plan/called';
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
} from '../edit/ladder';
import { addPart, removePart } from '../edit/lessons';
import { addWorkPart, keepWork, removeWork } from '../edit/works';
import { blankPart } from '../plan/blank';
import { id, minutes, shortText } from '../plan/measures';
import { lead, swap } from '../plan/lesson';
import { show } from '../plan/unit';
import { workFields } from '../plan/work';
import type { Plan } from '../plan/plan';
import { LADDER_KINDS, WORKED_OUT_KINDS } from '../plan/words';
import { KINDS } from '../plan/part-kinds';
import { command } from './command';

const nameOf = (plan: Plan, childId: string): string => childName(plan, childId, 'A child');

const titleOf = (plan: Plan, partId: string): string =>
  plan.parts.find((p) => p.id === partId)?.title ?? 'a part';

const rungs = (by: number): string =>
  `${Math.abs(by)} ${Math.abs(by) === 1 ? 'rung' : 'rungs'} ${by > 0 ? 'up' : 'down'}`;

const by = z.int().min(-4).max(4);

const step = z.union([z.literal(1), z.literal(-1)]);

export const moveForPart = command({
  shape: z.strictObject({ partId: id, childId: id, by }),
  label: (v, plan) =>
    v.by === 0
      ? `${nameOf(plan, v.childId)} back on their own rung in “${titleOf(plan, v.partId)}”`
      : `${nameOf(plan, v.childId)} ${rungs(v.by)} in “${titleOf(plan, v.partId)}”, this lesson`,
  edit: (v) => moveInPart(v.partId, v.childId, v.by),
});

export const moveForLesson = command({
  shape: z.strictObject({ lessonId: id, childId: id, by }),
  label: (v, plan) =>
    v.by === 0
      ? `${nameOf(plan, v.childId)} back on their own rung`
      : `Moved ${nameOf(plan, v.childId)} ${rungs(v.by)} for this lesson`,
  edit: (v) => moveRung(v.lessonId, v.childId, v.by),
});

export const moveKind = command({
  shape: z.strictObject({ partId: id, childId: id, step }),
  label: (v, plan) =>
    `Moved ${nameOf(plan, v.childId)} ${rungs(v.step)} in “${titleOf(plan, v.partId)}” from here on`,
  edit: (v) => moveKindFromHere(v.partId, v.childId, v.step),
});

export const moveFromHere = command({
  shape: z.strictObject({ lessonId: id, childId: id, step }),
  label: (v, plan) => `Moved ${nameOf(plan, v.childId)} a rung ${v.step > 0 ? 'up' : 'down'} from here on`,
  edit: (v) => moveRungFromHere(v.lessonId, v.childId, v.step),
});

export const reword = command({
  shape: z.strictObject({
    partId: id,
    childId: id,
    wording: z.string().trim().min(1, 'Say what the work is.').max(2000),
    minutes,
  }),
  label: (v, plan) => `Worded ${nameOf(plan, v.childId)}’s work by hand`,
  edit: (v) => wordByHand(v.partId, v.childId, v.wording, v.minutes),
});

export const unword = command({
  shape: z.strictObject({ partId: id, childId: id }),
  label: (v, plan) => `Gave ${nameOf(plan, v.childId)}’s work back to the ladder`,
  edit: (v) => wordByLadder(v.partId, v.childId),
});

export const skip = command({
  shape: z.strictObject({ partId: id, childId: id }),
  label: (v, plan) => `${nameOf(plan, v.childId)}: “${titleOf(plan, v.partId)}” left out or taken up again`,
  edit: (v) => skipPart(v.partId, v.childId),
});

export const sitOut = command({
  shape: z.strictObject({ lessonId: id, childId: id, joins: z.boolean() }),
  label: (v, plan) =>
    `${nameOf(plan, v.childId)} ${v.joins ? 'joins the lesson again' : 'sits this lesson out'}`,
  edit: (v) => joinLesson(v.lessonId, v.childId, v.joins),
});

export const swapFor = command({
  shape: z.strictObject({ partId: id, childId: id, kind: swap.shape.kind, why: swap.shape.why }),
  label: (v, plan) =>
    `${nameOf(plan, v.childId)} does something else instead of “${titleOf(plan, v.partId)}”`,
  edit: (v) => swapWork(v.partId, v.childId, { kind: v.kind, why: v.why }),
});

export const unswap = command({
  shape: z.strictObject({ partId: id, childId: id }),
  label: (v, plan) => `${nameOf(plan, v.childId)} does “${titleOf(plan, v.partId)}” like the others again`,
  edit: (v) => swapWork(v.partId, v.childId, null),
});

export const addForOne = command({
  shape: z.strictObject({
    lessonId: id,
    childId: id,
    title: shortText,
    minutes: minutes.min(1, 'Say how many minutes.'),
    lead,
  }),
  label: (v, plan) => `Added for ${nameOf(plan, v.childId)}: “${v.title.slice(0, 60)}”`,
  edit: (v) => addForChildren(v.lessonId, [v.childId], v),
});

export const teach = command({
  shape: z.strictObject({ partId: id, youngerId: id, elderId: id }),
  label: (v, plan) =>
    `${nameOf(plan, v.elderId)} teaches ${nameOf(plan, v.youngerId)} “${titleOf(plan, v.partId)}”`,
  edit: (v) => letTeach(v.partId, v.youngerId, v.elderId),
});

export const unteach = command({
  shape: id,
  label: (v, plan) => `Ended: ${titleOf(plan, v)}`,
  edit: endTeaching,
});

export const setShow = command({
  shape: z.strictObject({ unitId: id, childId: id, show }),
  label: (v, plan) => `${nameOf(plan, v.childId)} shows what they know by: ${v.show}`,
  edit: (v) => showBy(v.unitId, v.childId, v.show),
});

/** Adds a kind of work to a lesson, for every child of the unit. */
export const addWork = command({
  about: z.strictObject({ lessonId: id }),
  shape: z.enum(LADDER_KINDS),
  label: (v) => `Added ${KINDS.find((k) => k.value === v)!.name} to the lesson`,
  edit: (v, { lessonId }) => {
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

export const addOwnKind = command({
  shape: z.strictObject({ lessonId: id, workId: id }),
  label: (v, plan) => `Added ${titled(plan, 'works', v.workId)} to the lesson`,
  edit: (v) => addWorkPart(v.lessonId, v.workId),
});

export const takeOff = command({
  shape: id,
  label: (v, plan) => `Took “${titleOf(plan, v)}” off the lesson`,
  edit: removePart,
});

export const saveWork = command({
  about: z.strictObject({ workId: id.nullable() }),
  shape: workFields,
  label: (v) => `Kept the versions of “${v.title}”`,
  edit: (v, { workId }) => keepWork(workId, v),
});

export const dropWork = command({
  shape: id,
  label: (v, plan) => `Took back ${titled(plan, 'works', v)}`,
  edit: removeWork,
});

'use server';
import { z } from 'zod';
import { moveRung, moveRungFromHere, skipPart, wordByHand, wordByLadder } from '@/core/edit/ladder';
import { addPart } from '@/core/edit/lessons';
import { remediesFor, remedyEdit } from '@/core/ladder/loads';
import { blankPart } from '@/core/plan/blank';
import { id, minutes } from '@/core/plan/measures';
import type { Plan } from '@/core/plan/plan';
import { LADDER_KINDS, SHARED_KINDS } from '@/core/plan/words';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';
import { act } from '../frame/act';
import { today } from '../frame/clock';
import { KINDS } from '../lessons/part-words';
import type { Outcome } from '../frame/outcome';

const nameOf = (plan: Plan, childId: string): string => plan.children.find((c) => c.id === childId)?.name ?? 'A child';

export async function moveForLesson(base: number, input: unknown): Promise<Outcome> {
  return act({
    base, input, shape: z.strictObject({ lessonId: id, childId: id, by: z.int().min(-4).max(4) }),
    label: (v, plan) => (v.by === 0 ? `${nameOf(plan, v.childId)} back on their own rung` : `Moved ${nameOf(plan, v.childId)} ${Math.abs(v.by)} ${Math.abs(v.by) === 1 ? 'rung' : 'rungs'} ${v.by > 0 ? 'up' : 'down'} for this lesson`),
    edit: (v) => moveRung(v.lessonId, v.childId, v.by),
  });
}

export async function reword(base: number, input: unknown): Promise<Outcome> {
  return act({
    base, input, shape: z.strictObject({ partId: id, childId: id, wording: z.string().trim().min(1, 'Say what the work is.').max(2000), minutes }),
    label: (v, plan) => `Worded ${nameOf(plan, v.childId)}’s work by hand`, edit: (v) => wordByHand(v.partId, v.childId, v.wording, v.minutes),
  });
}

export async function unword(base: number, input: unknown): Promise<Outcome> {
  return act({ base, input, shape: z.strictObject({ partId: id, childId: id }), label: (v, plan) => `Gave ${nameOf(plan, v.childId)}’s work back to the ladder`, edit: (v) => wordByLadder(v.partId, v.childId) });
}

export async function moveFromHere(base: number, input: unknown): Promise<Outcome> {
  return act({
    base, input, shape: z.strictObject({ lessonId: id, childId: id, step: z.union([z.literal(1), z.literal(-1)]) }),
    label: (v, plan) => `Moved ${nameOf(plan, v.childId)} a rung ${v.step > 0 ? 'up' : 'down'} from here on`, edit: (v) => moveRungFromHere(v.lessonId, v.childId, v.step),
  });
}

export async function skip(base: number, input: unknown): Promise<Outcome> {
  return act({
    base, input, shape: z.strictObject({ partId: id, childId: id }), edit: (v) => skipPart(v.partId, v.childId),
    label: (v, plan) => `${nameOf(plan, v.childId)}: “${plan.parts.find((p) => p.id === v.partId)?.title ?? 'a part'}” left out or taken up again`,
  });
}

/** Adds a kind of work to a lesson, for every child of the unit. */
export async function addWork(base: number, lessonId: string, kind: unknown): Promise<Outcome> {
  return act({
    base, input: kind, shape: z.enum(LADDER_KINDS), label: (v) => `Added ${KINDS.find((k) => k.value === v)!.name} to the lesson`,
    edit: (v) => {
      const { title, name, lead } = KINDS.find((k) => k.value === v)!;
      return addPart(lessonId, { ...blankPart, kind: v, title: title || name[0].toUpperCase() + name.slice(1), lead, minutes: SHARED_KINDS.includes(v) || v === 'looking-up' ? 20 : null });
    },
  });
}

const remedyShape = z.discriminatedUnion('does', [z.strictObject({ does: z.literal('rung'), by: z.int().min(-8).max(8) }), z.strictObject({ does: z.literal('skip'), partId: id })]);

/** What would make a child's share of a lesson less, each way worked out; nothing is stored. */
export async function loadRemedies(lessonId: string, childId: string): Promise<{ remedy: z.infer<typeof remedyShape>; says: string }[]> {
  let n = 0;
  return remediesFor(readDrawn(store()).plan, lessonId, childId, { today: today(), newId: () => `tried${++n}` }).slice(0, 5).map(({ remedy, says }) => ({ remedy, says }));
}

export async function mendLoad(base: number, lessonId: string, childId: string, input: unknown): Promise<Outcome> {
  return act({ base, input, shape: remedyShape, label: (_, plan) => `Made ${nameOf(plan, childId)}’s share of the lesson less`, edit: (v) => remedyEdit(lessonId, childId, v.does === 'rung' ? { ...v, by: Math.max(-4, Math.min(4, v.by)) } : v) });
}

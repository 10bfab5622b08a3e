'use server';
import { z } from 'zod';
import { moveRung, wordByHand, wordByLadder } from '@/core/edit/ladder';
import { id, minutes } from '@/core/plan/measures';
import type { Plan } from '@/core/plan/plan';
import { act } from '../frame/act';
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

'use server';
import { z } from 'zod';
import { addLesson, addPart, editLesson, editPart, removeLessons, removePart, reorderLesson, reorderPart } from '@/core/edit/lessons';
import { addContents } from '@/core/edit/units';
import { id } from '@/core/plan/measures';
import { lesson, part } from '@/core/plan/lesson';
import { type Plan } from '@/core/plan/plan';
import { act } from '../frame/act';
import type { Outcome } from '../frame/outcome';

const contentsLine = z.strictObject({
  line: z.int(), title: z.string().min(1).max(200), page: z.int().min(1).max(9999).nullable(), level: z.int().min(0).max(50), becomes: z.enum(['lesson', 'topic', 'nothing']), doubt: z.string().max(200),
});
const by = z.int().min(-200).max(200);
const partFields = part.omit({ id: true, lessonId: true, unitId: true, ruleId: true, seen: true });

const lessonName = (plan: Plan, lessonId: string): string => `“${plan.lessons.find((l) => l.id === lessonId)?.title ?? 'a lesson'}”`;
const partName = (plan: Plan, partId: string): string => `“${plan.parts.find((p) => p.id === partId)?.title ?? 'a part'}”`;

export async function applyContents(base: number, input: unknown): Promise<Outcome> {
  return act({
    base, input, shape: z.strictObject({ unitId: id, lines: z.array(contentsLine).min(1).max(1000) }),
    label: (v) => `Made ${v.lines.filter((l) => l.becomes === 'lesson').length} lessons from a contents page`,
    edit: (v) => addContents(v.unitId, v.lines),
  });
}

export async function newLesson(base: number, input: unknown): Promise<Outcome> {
  return act({ base, input, shape: z.strictObject({ unitId: id, title: lesson.shape.title }), label: (v) => `Added “${v.title}”`, edit: (v) => addLesson(v.unitId, v.title) });
}

export async function changeLesson(base: number, input: unknown): Promise<Outcome> {
  return act({
    base, input, shape: lesson.pick({ id: true, title: true, passage: true }),
    label: (v) => `Changed “${v.title}”`, edit: ({ id: lessonId, ...change }) => editLesson(lessonId, change),
  });
}

export async function dropLesson(base: number, lessonId: string): Promise<Outcome> {
  return act({ base, input: lessonId, shape: id, label: (v, plan) => `Dropped ${lessonName(plan, v)}`, edit: (v) => removeLessons([v]) });
}

export async function shiftLesson(base: number, input: unknown): Promise<Outcome> {
  return act({ base, input, shape: z.strictObject({ lessonId: id, by }), label: (v, plan) => `Moved ${lessonName(plan, v.lessonId)} ${v.by < 0 ? 'up' : 'down'}`, edit: (v) => reorderLesson(v.lessonId, v.by) });
}

export async function savePart(base: number, lessonId: string, partId: string | null, input: unknown): Promise<Outcome> {
  return act({
    base, input, shape: partFields,
    label: (v, plan) => (partId ? `Changed “${v.title}”` : `Added “${v.title}” to ${lessonName(plan, lessonId)}`),
    edit: (v) => (partId ? editPart(partId, v) : addPart(lessonId, v)),
  });
}

export async function dropPart(base: number, partId: string): Promise<Outcome> {
  return act({ base, input: partId, shape: id, label: (v, plan) => `Dropped ${partName(plan, v)}`, edit: removePart });
}

export async function shiftPart(base: number, input: unknown): Promise<Outcome> {
  return act({ base, input, shape: z.strictObject({ partId: id, by }), label: (v, plan) => `Moved ${partName(plan, v.partId)} ${v.by < 0 ? 'up' : 'down'}`, edit: (v) => reorderPart(v.partId, v.by) });
}

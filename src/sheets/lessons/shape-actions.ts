'use server';
import { gatherLessons, stretchLessons } from '@/core/edit/stretch';
import { z } from 'zod';
import { keepPattern } from '@/core/edit/rules';
import {
  groupLessons,
  indentLesson,
  joinLessons,
  outdentTopic,
  splitLesson,
  swapLessons,
} from '@/core/edit/shape';
import { pattern } from '@/core/plan/lesson';
import { id } from '@/core/plan/measures';
import { act } from '../frame/act';
import type { Outcome } from '../frame/outcome';
import { ids, lessonName, several } from './lesson-names';

export async function join(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ ids, title: z.string().max(200).nullable(), asTopics: z.boolean() }),
    label: (v) => `Joined ${v.ids.length} lessons`,
    edit: (v) => joinLessons(v.ids, v.title, v.asTopics),
  });
}

export async function group(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ ids, firsts: z.array(z.int().min(0)).min(1).max(1000) }),
    label: (v) => `Grouped ${v.ids.length} lessons into ${v.firsts.length}`,
    edit: (v) => groupLessons(v.ids, v.firsts),
  });
}

export async function indent(base: number, lessonId: string): Promise<Outcome> {
  return act({
    base,
    input: lessonId,
    shape: id,
    label: (v, plan) => `Made ${lessonName(plan, v)} a topic`,
    edit: indentLesson,
  });
}

export async function outdent(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ lessonId: id, index: z.int().min(0) }),
    label: (v, plan) =>
      `Made “${plan.lessons.find((l) => l.id === v.lessonId)?.topics[v.index]?.title ?? 'a topic'}” a lesson`,
    edit: (v) => outdentTopic(v.lessonId, v.index),
  });
}

export async function swap(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ a: id, b: id }),
    label: (v, plan) => `Swapped ${lessonName(plan, v.a)} and ${lessonName(plan, v.b)}`,
    edit: (v) => swapLessons(v.a, v.b),
  });
}

export async function split(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ lessonId: id, into: z.int() }),
    label: (v, plan) => `Split ${lessonName(plan, v.lessonId)} into ${v.into}`,
    edit: (v) => splitLesson(v.lessonId, v.into),
  });
}

export async function stretch(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ ids, pattern: pattern.omit({ id: true }), onePerWeek: z.boolean() }),
    label: (v, plan) => `Stretched ${several(plan, v.ids)} over the week`,
    edit: (v) => stretchLessons(v.ids, v.pattern, v.onePerWeek),
  });
}

export async function gather(base: number, lessonIds: string[]): Promise<Outcome> {
  return act({
    base,
    input: lessonIds,
    shape: ids,
    label: (v, plan) => `Took ${several(plan, v)} together again`,
    edit: gatherLessons,
  });
}

export async function savePattern(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: pattern.omit({ id: true }),
    label: (v) => `Kept the pattern “${v.name}”`,
    edit: keepPattern,
  });
}

'use server';
import { z } from 'zod';
import { addDays, dayMonth, shortDate } from '@/core/calendar/dates';
import { inkDays, inkLesson, layOutAgain, moveLesson, rubOutDays, rubOutLesson } from '@/core/edit/weeks';
import { id, isoDate } from '@/core/plan/measures';
import type { Plan } from '@/core/plan/plan';
import { act } from '../frame/act';
import type { Outcome } from '../frame/outcome';

function lessonName(plan: Plan, lessonId: string): string {
  const lesson = plan.lessons.find((l) => l.id === lessonId);
  const number =
    plan.lessons.filter((l) => l.unitId === lesson?.unitId).findIndex((l) => l.id === lessonId) + 1;
  return `lesson ${number}`;
}

export async function inkWeek(base: number, monday: unknown): Promise<Outcome> {
  return act({
    base,
    input: monday,
    shape: isoDate,
    label: (v) => `Inked the week of ${dayMonth(v)}`,
    edit: (v) => inkDays(v, addDays(v, 6)),
  });
}

export async function rubOutWeek(base: number, monday: unknown): Promise<Outcome> {
  return act({
    base,
    input: monday,
    shape: isoDate,
    label: (v) => `Rubbed out the ink of the week of ${dayMonth(v)}`,
    edit: (v) => rubOutDays(v, addDays(v, 6)),
  });
}

export async function layOut(base: number): Promise<Outcome> {
  return act({
    base,
    input: null,
    shape: z.null(),
    label: () => 'Laid the pencil out again',
    edit: layOutAgain,
  });
}

export async function move(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ lessonId: id, from: isoDate, to: isoDate }),
    label: (v, plan) => `Moved ${lessonName(plan, v.lessonId)} to ${shortDate(v.to)}`,
    edit: (v) => moveLesson(v.lessonId, v.from, v.to),
    moves: (v) => [v.lessonId],
  });
}

export async function ink(base: number, lessonId: unknown): Promise<Outcome> {
  return act({
    base,
    input: lessonId,
    shape: id,
    label: (v, plan) => `Inked ${lessonName(plan, v)}`,
    edit: inkLesson,
  });
}

export async function rubOut(base: number, lessonId: unknown): Promise<Outcome> {
  return act({
    base,
    input: lessonId,
    shape: id,
    label: (v, plan) => `Rubbed out the ink of ${lessonName(plan, v)}`,
    edit: rubOutLesson,
  });
}

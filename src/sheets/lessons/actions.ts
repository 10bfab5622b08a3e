'use server';
import { z } from 'zod';
import type { PaceTried } from '@/core/layout/what-if';
import { id, isoDate } from '@/core/plan/measures';
import { askBeside } from '@/worker/beside';
import { today } from '../frame/clock';
import { desk } from '../frame/desk';
import type { Outcome } from '../frame/outcome';
import * as commands from '@/core/command/lessons';
import { give } from '../frame/act';

export const applyContents = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.applyContents, base, input);
export const applyDrafts = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.applyDrafts, base, input);
export const applyActivities = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.applyActivities, base, input);
export const newLesson = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.newLesson, base, input);
export const changeLesson = async (base: number, lessonId: string, input: unknown): Promise<Outcome> =>
  give(commands.changeLesson, base, input, { lessonId });
export const dropLessons = async (base: number, lessonIds: string[]): Promise<Outcome> =>
  give(commands.dropLessons, base, lessonIds);
export const mayBeLeftOut = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.mayBeLeftOut, base, input);
export const orderIsHabit = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.orderIsHabit, base, input);
export const leaveLessonsOut = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.leaveLessonsOut, base, input);
export const shiftLesson = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.shiftLesson, base, input);
export const savePart = async (
  base: number,
  where: { lessonId: string } | { unitId: string },
  partId: string | null,
  input: unknown,
): Promise<Outcome> => give(commands.savePart, base, input, { where, partId });
export const dropPart = async (base: number, partId: string): Promise<Outcome> =>
  give(commands.dropPart, base, partId);
export const turnIntoAlternative = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.turnIntoAlternative, base, input);
export const doInstead = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.doInstead, base, input);
export const doAsWell = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.doAsWell, base, input);
export const dropAlternative = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.dropAlternative, base, input);
export const shiftPart = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.shiftPart, base, input);
export const see = async (base: number, input: unknown): Promise<Outcome> => give(commands.see, base, input);
export const saveRule = async (base: number, ruleId: string | null, input: unknown): Promise<Outcome> =>
  give(commands.saveRule, base, input, { ruleId });
export const dropRule = async (base: number, ruleId: string): Promise<Outcome> =>
  give(commands.dropRule, base, ruleId);
export const keepAsOutline = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.keepAsOutline, base, input);
export const addExtra = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.addExtra, base, input);
export const dropOutline = async (base: number, outlineId: string): Promise<Outcome> =>
  give(commands.dropOutline, base, outlineId);
export const putIdea = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.putIdea, base, input);
/** What a pace or an end would come to; nothing is stored. */
export async function lookAtPace(input: unknown): Promise<PaceTried | undefined> {
  const asked = z
    .strictObject({
      unitId: id,
      lessonsPerWeek: z.int().min(1).max(35).nullable(),
      wishedEnd: isoDate.nullable(),
    })
    .safeParse(input);
  return asked.success ? askBeside('pace', asked.data, today(), await desk()) : undefined;
}
export const keepPace = async (base: number, unitId: string, input: unknown): Promise<Outcome> =>
  give(commands.keepPace, base, input, { unitId });

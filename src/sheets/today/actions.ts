'use server';
import type { Outcome } from '../frame/outcome';
import * as commands from '@/core/command/today';
import * as lessonCommands from '@/core/command/lessons';
import * as unitCommands from '@/core/command/unit';
import type { ClosingDay } from '@/core/edit/close-day';
import { isoDate } from '@/core/plan/measures';
import { askBeside } from '@/worker/beside';
import { give } from '../frame/act';
import { today } from '../frame/clock';
import { desk } from '../frame/desk';

export const tick = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.tick, base, input);
export const tickDay = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.tickDay, base, input);
/** What closing a day comes to; nothing is stored. */
export async function lookAtClosing(date: unknown): Promise<ClosingDay | undefined> {
  const asked = isoDate.safeParse(date);
  return asked.success ? askBeside('closing', { date: asked.data }, today(), await desk()) : undefined;
}
export const dayDidNotHappen = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.dayDidNotHappen, base, input);
export const untick = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.untick, base, input);
export const moveOn = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.moveOn, base, input);
export const felt = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.felt, base, input);
export const took = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.took, base, input);
export const ask = async (base: number, input: unknown): Promise<Outcome> =>
  give(unitCommands.ask, base, input);
export const answer = async (base: number, questionId: string, input: unknown): Promise<Outcome> =>
  give(unitCommands.changeQuestion, base, input, { questionId });
export const dropPart = async (base: number, partId: string): Promise<Outcome> =>
  give(lessonCommands.dropPart, base, partId);
export const doInstead = async (base: number, input: unknown): Promise<Outcome> =>
  give(lessonCommands.doInstead, base, input);
export const noteRead = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.noteRead, base, input);
export const forgetReading = async (base: number, readingId: string): Promise<Outcome> =>
  give(commands.forgetReading, base, readingId);

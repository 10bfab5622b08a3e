'use server';
import type { Outcome } from '../frame/outcome';
import * as cameUpCommands from '@/core/command/came-up';
import * as commands from '@/core/command/weeks';
import { cameUp } from '@/core/edit/came-up';
import type { Better } from '@/core/layout/better';
import type { WayThrough } from '@/core/edit/ways-through';
import { askBeside } from '@/worker/beside';
import { today } from '../frame/clock';
import { desk } from '../frame/desk';
import { give } from '../frame/act';

export const inkWeek = async (base: number, weekFrom: unknown): Promise<Outcome> =>
  give(commands.inkWeek, base, weekFrom);
export const inkUpTo = async (base: number, date: unknown): Promise<Outcome> =>
  give(commands.inkUpTo, base, date);
export const rubOutWeek = async (base: number, weekFrom: unknown): Promise<Outcome> =>
  give(commands.rubOutWeek, base, weekFrom);
export const layOut = async (base: number): Promise<Outcome> => give(commands.layOut, base, null);
export const move = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.move, base, input);
export const ink = async (base: number, lessonId: unknown): Promise<Outcome> =>
  give(commands.ink, base, lessonId);
export const rubOut = async (base: number, lessonId: unknown): Promise<Outcome> =>
  give(commands.rubOut, base, lessonId);

/** A better lay-out than the one that stands, where there is one that is worth what it moves; nothing is stored. */
export async function lookForBetter(): Promise<Better | undefined> {
  return askBeside('better', null, today(), await desk());
}
export const takeBetter = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.takeBetter, base, input);

/** The ways through what came up, each worked out; nothing is stored. What is wrong with what was typed comes back in words. */
export async function lookThrough(
  input: unknown,
): Promise<{ because: string; ways: WayThrough[] } | { faults: { where: string; what: string }[] }> {
  const asked = cameUp.safeParse(input);
  if (!asked.success)
    return {
      faults: asked.error.issues.map((i) => ({
        where: i.path.join('.'),
        what: i.code === 'invalid_type' ? 'This is still empty.' : i.message,
      })),
    };
  const what = asked.data;
  if ('first' in what && what.last < what.first)
    return { faults: [{ where: 'last', what: 'The last day comes before the first.' }] };
  return askBeside('through', { what }, today(), await desk());
}

export const takeThrough = async (base: number, input: unknown): Promise<Outcome> =>
  give(cameUpCommands.take, base, input);

'use server';
import type { Outcome } from '../frame/outcome';
import * as commands from '@/core/command/today';
import { give } from '../frame/act';

export const tick = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.tick, base, input);
export const tickDay = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.tickDay, base, input);
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
export const noteRead = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.noteRead, base, input);
export const forgetReading = async (base: number, readingId: string): Promise<Outcome> =>
  give(commands.forgetReading, base, readingId);

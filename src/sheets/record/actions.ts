'use server';
import { saveCounting } from '@/core/command/family';
import * as commands from '@/core/command/facts';
import { give } from '../frame/act';
import type { Outcome } from '../frame/outcome';

export const check = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.check, base, input);
export const count = async (base: number, input: unknown): Promise<Outcome> =>
  give(saveCounting, base, input);
export const attend = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.attend, base, input);
export const takeBack = async (base: number, entryId: string): Promise<Outcome> =>
  give(commands.takeBack, base, { entryId });

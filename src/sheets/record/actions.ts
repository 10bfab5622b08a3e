'use server';
import { saveCounting } from '@/core/command/family';
import * as commands from '@/core/command/facts';
import { give } from '../frame/act';
import type { Outcome } from '../frame/outcome';

export const ask = async (base: number, input: unknown): Promise<Outcome> => give(commands.ask, base, input);
export const check = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.check, base, input);
export const count = async (base: number, input: unknown): Promise<Outcome> =>
  give(saveCounting, base, input);

'use server';
import * as factCommands from '@/core/command/facts';
import { saveCounting } from '@/core/command/family';
import * as commands from '@/core/command/ready';
import type { Outcome } from '../frame/outcome';
import { give } from '../frame/act';

export const prepare = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.prepare, base, input);
export const doOtherwise = async (base: number, input: unknown): Promise<Outcome> =>
  give(factCommands.doOtherwise, base, input);
export const buy = async (base: number, input: unknown): Promise<Outcome> => give(commands.buy, base, input);
export const print = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.print, base, input);
export const pack = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.pack, base, input);
export const countIn = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.countIn, base, input);
export const saveKit = async (base: number, lessonId: string, input: unknown): Promise<Outcome> =>
  give(commands.saveKit, base, input, { lessonId });
export const countKits = async (base: number, input: unknown): Promise<Outcome> =>
  give(saveCounting, base, input);

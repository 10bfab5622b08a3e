'use server';
import * as factCommands from '@/core/command/facts';
import * as commands from '@/core/command/ready';
import type { Outcome } from '../frame/outcome';
import { give } from '../frame/act';

export const prepare = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.prepare, base, input);
export const doOtherwise = async (base: number, input: unknown): Promise<Outcome> =>
  give(factCommands.doOtherwise, base, input);

'use server';
import type { Outcome } from '../frame/outcome';
import * as commands from '@/core/command/shape';
import { give } from '../frame/act';

export const join = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.join, base, input);
export const group = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.group, base, input);
export const indent = async (base: number, lessonId: string): Promise<Outcome> =>
  give(commands.indent, base, lessonId);
export const outdent = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.outdent, base, input);
export const swap = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.swap, base, input);
export const moveTo = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.moveTo, base, input);
export const split = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.split, base, input);
export const stretch = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.stretch, base, input);
export const pause = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.pause, base, input);
export const gather = async (base: number, lessonIds: string[]): Promise<Outcome> =>
  give(commands.gather, base, lessonIds);
export const savePattern = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.savePattern, base, input);

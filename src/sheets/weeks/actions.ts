'use server';
import type { Outcome } from '../frame/outcome';
import * as commands from '@/core/command/weeks';
import { give } from '../frame/act';

export const inkWeek = async (base: number, monday: unknown): Promise<Outcome> =>
  give(commands.inkWeek, base, monday);
export const rubOutWeek = async (base: number, monday: unknown): Promise<Outcome> =>
  give(commands.rubOutWeek, base, monday);
export const layOut = async (base: number): Promise<Outcome> => give(commands.layOut, base, null);
export const move = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.move, base, input);
export const ink = async (base: number, lessonId: unknown): Promise<Outcome> =>
  give(commands.ink, base, lessonId);
export const rubOut = async (base: number, lessonId: unknown): Promise<Outcome> =>
  give(commands.rubOut, base, lessonId);

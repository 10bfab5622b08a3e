'use server';
import type { Outcome } from '../frame/outcome';
import * as commands from '@/core/command/ladder';
import { give } from '../frame/act';

export const moveForPart = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.moveForPart, base, input);
export const moveForLesson = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.moveForLesson, base, input);
export const moveKind = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.moveKind, base, input);
export const moveFromHere = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.moveFromHere, base, input);
export const reword = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.reword, base, input);
export const unword = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.unword, base, input);
export const skip = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.skip, base, input);
export const sitOut = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.sitOut, base, input);
export const swapFor = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.swapFor, base, input);
export const unswap = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.unswap, base, input);
export const addForOne = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.addForOne, base, input);
export const teach = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.teach, base, input);
export const unteach = async (base: number, partId: string): Promise<Outcome> =>
  give(commands.unteach, base, partId);
export const setShow = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.setShow, base, input);
export const addWork = async (base: number, lessonId: string, kind: unknown): Promise<Outcome> =>
  give(commands.addWork, base, kind, { lessonId });
export const addOwnKind = async (base: number, lessonId: string, workId: string): Promise<Outcome> =>
  give(commands.addOwnKind, base, { lessonId, workId });
export const takeOff = async (base: number, partId: string): Promise<Outcome> =>
  give(commands.takeOff, base, partId);
export const saveWork = async (base: number, workId: string | null, input: unknown): Promise<Outcome> =>
  give(commands.saveWork, base, input, { workId });
export const dropWork = async (base: number, workId: string): Promise<Outcome> =>
  give(commands.dropWork, base, workId);

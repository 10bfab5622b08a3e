'use server';
import * as commands from '@/core/command/unit';
import { leaveLessonsOut } from '@/core/command/lessons';
import { give } from '../frame/act';
import type { Outcome } from '../frame/outcome';

/** Begins a unit, or changes what the form says of one. */
export const saveUnit = async (base: number, unitId: string | null, input: unknown): Promise<Outcome> =>
  unitId === null
    ? give(commands.beginUnit, base, input)
    : give(commands.changeUnit, base, input, { unitId });
export const dropUnit = async (base: number, unitId: string): Promise<Outcome> =>
  give(commands.dropUnit, base, unitId);
export const saveObjectives = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.saveObjectives, base, input);
export const changeObjective = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.changeObjective, base, input);
export const dropObjective = async (base: number, objectiveId: string): Promise<Outcome> =>
  give(commands.dropObjective, base, objectiveId);
export const tie = async (base: number, input: unknown): Promise<Outcome> => give(commands.tie, base, input);
export const ask = async (base: number, input: unknown): Promise<Outcome> => give(commands.ask, base, input);
export const changeQuestion = async (base: number, questionId: string, input: unknown): Promise<Outcome> =>
  give(commands.changeQuestion, base, input, { questionId });
export const dropQuestion = async (base: number, questionId: string): Promise<Outcome> =>
  give(commands.dropQuestion, base, questionId);
export const jot = async (base: number, input: unknown): Promise<Outcome> => give(commands.jot, base, input);
export const suit = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.suit, base, input);
export const turn = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.turn, base, input);
export const shiftIdea = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.shiftIdea, base, input);
export const dropIdea = async (base: number, ideaId: string): Promise<Outcome> =>
  give(commands.dropIdea, base, ideaId);
export const takeLeftOver = async (base: number, input: unknown): Promise<Outcome> =>
  give(commands.takeLeftOver, base, input);

/** What becomes of the lesson of a question that is answered. */
export const leaveLesson = async (base: number, input: unknown): Promise<Outcome> =>
  give(leaveLessonsOut, base, input);

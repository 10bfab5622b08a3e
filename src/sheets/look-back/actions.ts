'use server';
import { giveTalk as talk, judge as judgeCommand } from '@/core/command/facts';
import { onceMore as once } from '@/core/command/shape';
import { changeUnit, takeFactors } from '@/core/command/unit';
import { give } from '../frame/act';
import type { Outcome } from '../frame/outcome';

export const judge = async (base: number, input: unknown): Promise<Outcome> =>
  give(judgeCommand, base, input);
export const giveMinutes = async (base: number, input: unknown): Promise<Outcome> =>
  give(takeFactors, base, input);
export const onceMore = async (base: number, partId: string): Promise<Outcome> =>
  give(once, base, { partId });
export const saveTalks = async (base: number, unitId: string, talks: unknown): Promise<Outcome> =>
  give(changeUnit, base, { talks }, { unitId });
export const giveTalk = async (base: number, input: unknown): Promise<Outcome> => give(talk, base, input);

'use server';
import { closeUnit as close, reopenUnit as reopen } from '@/core/command/unit';
import { give } from './act';
import type { Outcome } from './outcome';

export const closeUnit = async (base: number, unitId: string): Promise<Outcome> => give(close, base, unitId);
export const reopenUnit = async (base: number, unitId: string): Promise<Outcome> =>
  give(reopen, base, unitId);

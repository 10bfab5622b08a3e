'use server';
import { ask as askCommand } from '@/core/command/facts';
import { give } from '../act';
import type { Outcome } from '../outcome';

export const ask = async (base: number, input: unknown): Promise<Outcome> => give(askCommand, base, input);

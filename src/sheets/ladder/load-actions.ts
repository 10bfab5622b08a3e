'use server';
import { z } from 'zod';
import { id } from '@/core/plan/measures';
import { askBeside } from '@/worker/beside';
import type { Way } from '@/worker/questions';
import { today } from '../frame/clock';
import { desk } from '../frame/desk';
import type { Outcome } from '../frame/outcome';
import * as commands from '@/core/command/loads';
import { give } from '../frame/act';

const waitShape = z.strictObject({ childId: id, partId: id, forIds: z.array(id).max(20), forPartId: id });

/** What would make somebody's share of a lesson less, each way worked out; nothing is stored. Null: the parent's. */
export async function loadRemedies(lessonId: string, childId: string | null): Promise<Way[]> {
  const asked = z.strictObject({ lessonId: id, childId: id.nullable() }).safeParse({ lessonId, childId });
  return asked.success ? askBeside('load', asked.data, today(), await desk()) : [];
}

/** What would make a wait shorter, each way worked out; nothing is stored. */
export async function waitRemedies(lessonId: string, wait: unknown): Promise<Way[]> {
  const asked = z.strictObject({ lessonId: id, wait: waitShape }).safeParse({ lessonId, wait });
  return asked.success ? askBeside('wait', asked.data, today(), await desk()) : [];
}

export const mendLoad = async (base: number, lessonId: string, input: unknown): Promise<Outcome> =>
  give(commands.mendLoad, base, input, { lessonId });

'use server';
import { remediesFor, remediesForWait, type Remedy } from '@/core/edit/load-remedies';
import { z } from 'zod';
import { id } from '@/core/plan/measures';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';
import { today } from '../frame/clock';
import type { Outcome } from '../frame/outcome';
import * as commands from '@/core/command/loads';
import { give } from '../frame/act';

const MOST_WAYS = 5;

const waitShape = z.strictObject({ childId: id, partId: id, forIds: z.array(id).max(20), forPartId: id });

/** What would make somebody's share of a lesson less, each way worked out; nothing is stored. Null: the parent's. */
export async function loadRemedies(
  lessonId: string,
  childId: string | null,
): Promise<{ remedy: Remedy; message: string }[]> {
  let n = 0;
  return remediesFor(readDrawn(store()).plan, lessonId, childId === null ? 'parent' : { childId }, {
    today: today(),
    newId: () => `tried${++n}`,
  })
    .slice(0, MOST_WAYS)
    .map(({ remedy, message }) => ({ remedy, message }));
}
/** What would make a wait shorter, each way worked out; nothing is stored. */
export async function waitRemedies(
  lessonId: string,
  wait: unknown,
): Promise<{ remedy: Remedy; message: string }[]> {
  const asked = waitShape.safeParse(wait);
  if (!asked.success) return [];
  let n = 0;
  return remediesForWait(readDrawn(store()).plan, lessonId, asked.data, {
    today: today(),
    newId: () => `tried${++n}`,
  }).map(({ remedy, message }) => ({ remedy, message }));
}
export const mendLoad = async (base: number, lessonId: string, input: unknown): Promise<Outcome> =>
  give(commands.mendLoad, base, input, { lessonId });

'use server';
import { remediesFor, remediesForWait, remedyEdit, type Remedy } from '@/core/edit/load-remedies';
import { z } from 'zod';
import { id, isoDate } from '@/core/plan/measures';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';
import { act } from '../frame/act';
import { today } from '../frame/clock';
import type { Outcome } from '../frame/outcome';

const remedyShape = z.discriminatedUnion('does', [
  z.strictObject({ does: z.literal('rung'), childId: id, by: z.int().min(-8).max(8) }),
  z.strictObject({ does: z.literal('skip'), childId: id, partId: id }),
  z.strictObject({ does: z.literal('teach'), partId: id, youngerId: id, elderId: id }),
  z.strictObject({ does: z.literal('later'), partId: id, date: isoDate }),
  z.strictObject({ does: z.literal('drop'), partId: id }),
]);

const MOST_WAYS = 5;

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

const waitShape = z.strictObject({ childId: id, partId: id, forIds: z.array(id).max(20), forPartId: id });

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

export async function mendLoad(base: number, lessonId: string, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: remedyShape,
    label: () => 'Made a share of the lesson less',
    edit: (v) => remedyEdit(lessonId, v),
  });
}

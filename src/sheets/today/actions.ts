'use server';
import { childName, titled } from '@/core/plan/called';
import { z } from 'zod';
import { didNotHappen, markDone, noteFelt, noteTook, unmark } from '@/core/edit/today';
import { id, isoDate, minutes } from '@/core/plan/measures';
import { noteReading, removeReading } from '@/core/edit/loans';
import { reading } from '@/core/plan/loan';
import { FELT } from '@/core/plan/words';
import type { Plan } from '@/core/plan/plan';
import { act } from '../frame/act';
import type { Outcome } from '../frame/outcome';

const partName = (plan: Plan, partId: string): string => titled(plan, 'parts', partId);
const forWhom = (plan: Plan, childId: string | null): string =>
  childId ? ` for ${childName(plan, childId)}` : '';

export async function tick(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ partId: id, childId: id.nullable(), date: isoDate }),
    label: (v, plan) => `Ticked ${partName(plan, v.partId)}${forWhom(plan, v.childId)}`,
    edit: (v) => markDone(v.partId, v.childId, v.date),
    commutes: true,
  });
}

export async function untick(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ partId: id, childId: id.nullable() }),
    label: (v, plan) => `Took the tick off ${partName(plan, v.partId)}${forWhom(plan, v.childId)}`,
    edit: (v) => unmark(v.partId, v.childId),
    commutes: true,
  });
}

export async function moveOn(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ partId: id, date: isoDate, rubOut: z.boolean() }),
    label: (v, plan) => `${partName(plan, v.partId)} did not happen`,
    edit: (v) => didNotHappen(v.partId, v.date, v.rubOut),
  });
}

export async function felt(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({
      partId: id,
      childId: id,
      felt: z.enum(FELT),
      date: isoDate,
    }),
    label: (v, plan) =>
      `${partName(plan, v.partId)} was ${{ id: '', easy: 'easy', right: 'just right', hard: 'too hard' }[v.felt]}${forWhom(plan, v.childId)}`,
    edit: (v) => noteFelt(v.partId, v.childId, v.felt, v.date),
    commutes: true,
  });
}

export async function took(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({
      partId: id,
      childId: id,
      minutes: minutes.min(1, 'Say how many minutes.'),
      date: isoDate,
    }),
    label: (v, plan) => `${partName(plan, v.partId)} took ${v.minutes} min${forWhom(plan, v.childId)}`,
    edit: (v) => noteTook(v.partId, v.childId, v.minutes, v.date),
    commutes: true,
  });
}

export async function noteRead(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: reading.omit({ id: true }),
    edit: noteReading,
    commutes: true,
    label: (v, plan) =>
      `${childName(plan, v.childId, 'A child')} read ${v.pages} ${v.pages === 1 ? 'page' : 'pages'} in ${v.minutes} min`,
  });
}

export async function forgetReading(base: number, readingId: string): Promise<Outcome> {
  return act({
    base,
    input: readingId,
    shape: id,
    label: () => 'Took back a note of reading',
    edit: removeReading,
    commutes: true,
  });
}

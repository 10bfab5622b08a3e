import { preparationOf } from '../prep/beforehand';
import { z } from 'zod';
import { countBack, setBought, setKit, setPacked, setPrepared, setPrinted } from '../edit/ready';
import { childName, count, titled } from '../plan/called';
import { lesson } from '../plan/lesson';
import { amount, id, isoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { command } from './command';

const whatOf = (plan: Plan, partId: string, preparationId: string): string =>
  preparationOf(
    plan,
    plan.parts.find((p) => p.id === partId),
    preparationId,
  )?.what ?? 'a preparation';

export const prepare = command({
  shape: z.strictObject({ partId: id, preparationId: id, isReady: z.boolean(), date: isoDate }),
  label: (v, plan) =>
    `“${whatOf(plan, v.partId, v.preparationId)}” is ${v.isReady ? 'ready' : 'not ready after all'}`,
  edit: (v) => setPrepared(v.partId, v.preparationId, v.isReady, v.date),
  touches: ['happened'],
});

export const buy = command({
  shape: z.strictObject({
    name: z.string().trim().min(1).max(80),
    amount: amount.nullable(),
    unit: z.string().trim().max(20),
    is: z.boolean(),
    date: isoDate,
  }),
  label: (v) => (v.is ? `Got ${v.name}` : `${v.name} was not got after all`),
  edit: ({ is, date, ...thing }) => setBought(thing, is, date),
  touches: ['happened'],
});

export const print = command({
  shape: z.strictObject({
    partIds: z.array(id).min(1).max(100),
    childId: id,
    is: z.boolean(),
    date: isoDate,
  }),
  label: (v, plan) =>
    `${count(v.partIds.length, 'page')} for ${childName(plan, v.childId)} ${v.is ? 'printed' : 'not printed after all'}`,
  edit: (v) => setPrinted(v.partIds, v.childId, v.is, v.date),
  touches: ['happened'],
});

export const pack = command({
  shape: z.strictObject({ lessonId: id, is: z.boolean(), date: isoDate }),
  label: (v, plan) => `The kit of ${titled(plan, 'lessons', v.lessonId)} is ${v.is ? '' : 'not '}packed`,
  edit: (v) => setPacked(v.lessonId, v.is, v.date),
  touches: ['happened'],
});

export const countIn = command({
  shape: z.strictObject({
    lessonId: id,
    what: z.string().trim().min(1).max(80),
    pieces: z.int().min(0).max(10_000),
    date: isoDate,
  }),
  label: (v) => `${v.pieces} of ${v.what} came back`,
  edit: (v) => countBack(v.lessonId, v.what, v.pieces, v.date),
  touches: ['happened'],
});

export const saveKit = command({
  about: z.strictObject({ lessonId: id }),
  shape: lesson.pick({ kitPlace: true, kitCounts: true }),
  label: (_, plan, { lessonId }) => `Changed the kit of ${titled(plan, 'lessons', lessonId)}`,
  edit: (v, { lessonId }) => setKit(lessonId, v),
});

import { childName, titled } from '../plan/called';
import { z } from 'zod';
import { shortDate } from '../calendar/dates';
import { didNotHappen, markDone, noteFelt, noteTook, nothingHappened, tickAll, unmark } from '../edit/today';
import { id, isoDate, minutes } from '../plan/measures';
import { noteReading, removeReading } from '../edit/loans';
import { reading } from '../plan/loan';
import { FELT } from '../plan/words';
import type { Plan } from '../plan/plan';
import { command } from './command';

const partName = (plan: Plan, partId: string): string => titled(plan, 'parts', partId);

const forWhom = (plan: Plan, childId: string | null): string =>
  childId ? ` for ${childName(plan, childId)}` : '';

export const tick = command({
  shape: z.strictObject({ partId: id, childId: id.nullable(), date: isoDate }),
  label: (v, plan) => `Ticked ${partName(plan, v.partId)}${forWhom(plan, v.childId)}`,
  edit: (v) => markDone(v.partId, v.childId, v.date),
  who: ['parent', 'child'],
  touches: ['happened'],
});

export const tickDay = command({
  shape: z.strictObject({ date: isoDate, lessonId: id.nullable() }),
  label: (v, plan) =>
    v.lessonId
      ? `Ticked all of ${titled(plan, 'lessons', v.lessonId)} on ${shortDate(v.date)}`
      : `Ticked all of ${shortDate(v.date)}`,
  edit: (v) => tickAll(v.date, v.lessonId),
  touches: ['happened'],
});

export const dayDidNotHappen = command({
  shape: z.strictObject({ date: isoDate, rubOut: z.boolean() }),
  label: (v) => `What was left of ${shortDate(v.date)} did not happen`,
  edit: (v) => nothingHappened(v.date, v.rubOut),
});

export const untick = command({
  shape: z.strictObject({ partId: id, childId: id.nullable() }),
  label: (v, plan) => `Took the tick off ${partName(plan, v.partId)}${forWhom(plan, v.childId)}`,
  edit: (v) => unmark(v.partId, v.childId),
  who: ['parent', 'child'],
  touches: ['happened'],
});

export const moveOn = command({
  shape: z.strictObject({ partId: id, date: isoDate, rubOut: z.boolean() }),
  label: (v, plan) => `${partName(plan, v.partId)} did not happen`,
  edit: (v) => didNotHappen(v.partId, v.date, v.rubOut),
});

export const felt = command({
  shape: z.strictObject({
    partId: id,
    childId: id,
    felt: z.enum(FELT),
    date: isoDate,
  }),
  label: (v, plan) =>
    `${partName(plan, v.partId)} was ${{ id: '', easy: 'easy', right: 'just right', hard: 'too hard' }[v.felt]}${forWhom(plan, v.childId)}`,
  edit: (v) => noteFelt(v.partId, v.childId, v.felt, v.date),
  who: ['parent', 'child'],
  touches: ['happened'],
});

export const took = command({
  shape: z.strictObject({
    partId: id,
    childId: id.nullable(),
    minutes: minutes.min(1, 'Say how many minutes.'),
    date: isoDate,
  }),
  label: (v, plan) => `${partName(plan, v.partId)} took ${v.minutes} min${forWhom(plan, v.childId)}`,
  edit: (v) => noteTook(v.partId, v.childId, v.minutes, v.date),
  touches: ['happened'],
});

export const noteRead = command({
  shape: reading.omit({ id: true }),
  label: (v, plan) =>
    `${childName(plan, v.childId, 'A child')} read ${v.pages} ${v.pages === 1 ? 'page' : 'pages'} in ${v.minutes} min`,
  edit: noteReading,
  touches: ['happened'],
});

export const forgetReading = command({
  shape: id,
  label: () => 'Took back a note of reading',
  edit: removeReading,
  touches: ['happened'],
});

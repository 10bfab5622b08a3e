import { z } from 'zod';
import { shortDate } from '../calendar/dates';
import * as edits from '../edit/facts';
import { childName, titled } from '../plan/called';
import { fileName } from '../plan/entry';
import { id, isoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { promptOf } from '../plan/pieces';
import { CALLS, KNEW, MET } from '../plan/words';
import { command } from './command';

const noteText = z.string().trim().max(500, 'at most 500 characters');

const whatOf = (plan: Plan, partId: string | null, date: string): string =>
  partId === null ? shortDate(date) : titled(plan, 'parts', partId);

export const love = command({
  shape: z.strictObject({ partId: id, childId: id.nullable(), is: z.boolean(), date: isoDate }),
  label: (v, plan) =>
    `${v.childId ? childName(plan, v.childId) : 'Everyone'} ${v.is ? 'loved' : 'did not love'} ${titled(plan, 'parts', v.partId)}`,
  edit: (v) => edits.setLoved(v.partId, v.childId, v.is, v.date),
  touches: ['happened'],
});

export const doOtherwise = command({
  shape: z.strictObject({ partId: id, is: z.boolean(), date: isoDate }),
  label: (v, plan) => `${titled(plan, 'parts', v.partId)} is done ${v.is ? 'indoors' : 'as it was meant'}`,
  edit: (v) => edits.setOtherwise(v.partId, v.is, v.date),
  touches: ['happened'],
});

export const takeLonger = command({
  shape: z.strictObject({ partId: id, minutes: z.int().min(1).max(240), date: isoDate }),
  label: (v, plan) => `${v.minutes} min more for ${titled(plan, 'parts', v.partId)}`,
  edit: (v) => edits.takeLonger(v.partId, v.minutes, v.date),
  touches: ['happened'],
});

/** How well a child knew something, as in KNEW; null takes it back. */
export const ask = command({
  shape: z.strictObject({
    promptId: id,
    childId: id,
    grade: z.int().min(1).max(KNEW.length).nullable(),
    date: isoDate,
  }),
  label: (v, plan) =>
    v.grade === null
      ? `${childName(plan, v.childId)} was not asked after all`
      : `${childName(plan, v.childId)}, ${KNEW[v.grade - 1]}: ${promptOf(plan, v.promptId) ?? 'what was asked'}`,
  edit: (v) => edits.setAsked(v.promptId, v.childId, v.grade, v.date),
  touches: ['happened'],
});

export const check = command({
  shape: z.strictObject({
    objectiveId: id,
    childId: id,
    grade: z.int().min(1).max(MET.length),
    date: isoDate,
  }),
  label: (v, plan) =>
    `${childName(plan, v.childId)}, ${MET[v.grade - 1]}: ${plan.objectives.find((o) => o.id === v.objectiveId)?.wording ?? 'an objective'}`,
  edit: (v) => edits.setChecked(v.objectiveId, v.childId, v.grade, v.date),
  touches: ['happened'],
});

export const note = command({
  shape: z.strictObject({
    partId: id.nullable(),
    childId: id.nullable(),
    note: noteText.min(1, 'Write the note first.'),
    date: isoDate,
  }),
  label: (v, plan) => `A note on ${whatOf(plan, v.partId, v.date)}`,
  edit: (v) => edits.noteOn(v.partId, v.childId, v.note, v.date),
  touches: ['happened'],
});

export const keepWork = command({
  shape: z.strictObject({
    partId: id.nullable(),
    childId: id.nullable(),
    file: fileName,
    note: noteText,
    date: isoDate,
  }),
  label: (v, plan) => `Kept work of ${whatOf(plan, v.partId, v.date)}`,
  edit: (v) => edits.keepFile(v.partId, v.childId, v.file, v.note, v.date),
  touches: ['happened'],
});

export const callParent = command({
  shape: z.strictObject({ childId: id, kind: z.enum(CALLS), partId: id.nullable(), date: isoDate }),
  label: (v, plan) => `${childName(plan, v.childId)} ${v.kind === 'help' ? 'needs help' : 'is done early'}`,
  edit: (v) => edits.call(v.childId, v.kind, v.partId, v.date),
  who: ['parent', 'child'],
  touches: ['happened'],
});

export const takeBack = command({
  shape: z.strictObject({ entryId: id }),
  label: (v, plan) => {
    const entry = plan.entries.find((e) => e.id === v.entryId);
    if (entry?.kind === 'help' || entry?.kind === 'early') return `Saw to ${entry.about.child}`;
    return `Took back a note${entry?.about.title ? ` on “${entry.about.title}”` : ''}`;
  },
  edit: (v) => edits.takeBackFact(v.entryId),
  touches: ['happened'],
});

import { z } from 'zod';
import { shortDate } from '../calendar/dates';
import * as edits from '../edit/facts';
import { childName, titled } from '../plan/called';
import { fileName } from '../plan/entry';
import { id, isoDate, subject } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { wordingOf } from '../plan/checkable';
import { promptOf } from '../plan/pieces';
import { CALLS, JUDGED, KNEW, MET } from '../plan/words';
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
    of: z.union([
      z.strictObject({ objectiveId: id }),
      z.strictObject({ promptId: id }),
      z.strictObject({ idea: z.string().min(1).max(500) }),
    ]),
    childId: id,
    grade: z.int().min(1).max(MET.length),
    date: isoDate,
    note: noteText.optional(),
    file: fileName.nullable().optional(),
  }),
  label: (v, plan) =>
    `${childName(plan, v.childId)}, ${MET[v.grade - 1]}: ${wordingOf(plan, v.of) ?? 'something of the unit'}`,
  edit: ({ note, file, ...v }) => edits.setChecked(v.of, v.childId, v.grade, v.date, { note, file }),
  touches: ['happened'],
});

/** A trip, or anything of school that stands in no lesson. */
export const attend = command({
  shape: z.strictObject({
    childIds: z.array(id).min(1, 'Say who was there.').max(8),
    title: z.string().trim().min(1, 'Say where, or what.').max(200),
    minutes: z.int().min(1).max(1440).nullable(),
    subjects: z.array(subject).max(6),
    date: isoDate,
  }),
  label: (v) => `${v.title}, ${shortDate(v.date)}`,
  edit: (v) => edits.attend(v.childIds, v.title, v.minutes, v.subjects, v.date),
  touches: ['happened'],
});

export const giveTalk = command({
  shape: z.strictObject({ unitId: id, childId: id, is: z.boolean(), date: isoDate }),
  label: (v, plan) => `${childName(plan, v.childId)} ${v.is ? 'gave' : 'did not give'} their talk`,
  edit: (v) => edits.giveTalk(v.unitId, v.childId, v.is, v.date),
  touches: ['happened'],
});

/** What becomes of a part, a lesson or a book another time, as in JUDGED; null takes it back. */
export const judge = command({
  shape: z.strictObject({
    of: z.union([
      z.strictObject({ partId: id }),
      z.strictObject({ lessonId: id }),
      z.strictObject({ bookId: id }),
    ]),
    grade: z.int().min(1).max(JUDGED.length).nullable(),
    note: noteText,
    date: isoDate,
  }),
  label: (v, plan) =>
    `Another time${v.grade === null ? ', no word on' : `: ${JUDGED[v.grade - 1]}`} ${judgedName(plan, v.of)}`,
  edit: (v) => edits.judge(v.of, v.grade, v.note, v.date),
  touches: ['happened'],
});

function judgedName(plan: Plan, of: { partId: string } | { lessonId: string } | { bookId: string }): string {
  if ('partId' in of) return titled(plan, 'parts', of.partId);
  return 'lessonId' in of ? titled(plan, 'lessons', of.lessonId) : titled(plan, 'books', of.bookId);
}

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

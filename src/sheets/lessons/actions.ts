'use server';
import { ids, lessonName, several } from './lesson-names';
import { count, titled } from '@/core/plan/called';
import { z } from 'zod';
import { freeAlternative, makeAlternative, takeAlternative } from '@/core/edit/alternatives';
import {
  addDrafts,
  addLesson,
  addPart,
  addUnitPart,
  dealActivities,
  editLesson,
  editPart,
  noteSeen,
  removeLessons,
  removePart,
  reorderLesson,
  reorderPart,
  setOptional,
} from '@/core/edit/lessons';
import { placeIdea } from '@/core/edit/gathered';
import { addRule, editRule, keepOutline, placeOutline, removeOutline, removeRule } from '@/core/edit/rules';
import { addContents, editUnit } from '@/core/edit/units';
import { draft, draftPart } from '@/core/formats/draft';
import { tryPace, type PaceTried } from '@/core/layout/what-if';
import { lesson, outline, part, rule } from '@/core/plan/lesson';
import { id, isoDate } from '@/core/plan/measures';
import type { Plan } from '@/core/plan/plan';
import { taste, unit } from '@/core/plan/unit';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';
import { act } from '../frame/act';
import { today } from '../frame/clock';
import { given } from '../frame/given';
import type { Outcome } from '../frame/outcome';

const contentsLine = z.strictObject({
  line: z.int(),
  title: z.string().min(1).max(200),
  page: z.int().min(1).max(9999).nullable(),
  level: z.int().min(0).max(50),
  becomes: z.enum(['lesson', 'topic', 'nothing']),
  doubt: z.string().max(200),
});
const by = z.int().min(-1000).max(1000);
const partFields = part.omit({
  id: true,
  lessonId: true,
  unitId: true,
  ruleId: true,
  seen: true,
  workId: true,
  rungMoves: true,
  swaps: true,
  teaches: true,
  alternatives: true,
});
const alternativeOf = z.strictObject({ partId: id, alternativeId: id });
const alternativeName = (plan: Plan, v: z.infer<typeof alternativeOf>): string => {
  const part = plan.parts.find((p) => p.id === v.partId);
  return `“${part?.alternatives.find((a) => a.id === v.alternativeId)?.title ?? 'an alternative'}”`;
};
const partName = (plan: Plan, partId: string): string => titled(plan, 'parts', partId);

export async function applyContents(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ unitId: id, lines: z.array(contentsLine).min(1).max(1000) }),
    label: (v) =>
      `Made ${count(v.lines.filter((l) => l.becomes === 'lesson').length, 'lesson')} from a contents page`,
    edit: (v) => addContents(v.unitId, v.lines),
  });
}

export async function applyDrafts(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({
      unitId: id,
      drafts: z.array(draft).min(1).max(1000),
      start: z.boolean(),
      questions: z.boolean(),
      from: z.string().max(40),
    }),
    label: (v) => `Made ${count(v.drafts.length, 'lesson')} from ${v.from}`,
    edit: (v) => addDrafts(v.unitId, v.drafts, v),
  });
}

export async function applyActivities(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({
      unitId: id,
      activities: z.array(draftPart).min(1).max(1000),
      places: z.array(z.int().min(0)).max(1000),
    }),
    label: (v) =>
      `Put ${v.activities.length === 1 ? 'an activity' : `${v.activities.length} activities`} on the lessons`,
    edit: (v) => dealActivities(v.unitId, v.activities, v.places),
  });
}

export async function newLesson(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ unitId: id, title: lesson.shape.title, after: id.nullable() }),
    label: (v) => `Added “${v.title}”`,
    edit: (v) => addLesson(v.unitId, v.title, v.after),
  });
}

export async function changeLesson(base: number, lessonId: string, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: lesson.omit({ id: true, unitId: true, rungMoves: true }).partial(),
    label: (_, plan) => `Changed ${lessonName(plan, lessonId)}`,
    edit: (v) => editLesson(lessonId, given(v, input)),
  });
}

export async function dropLessons(base: number, lessonIds: string[]): Promise<Outcome> {
  return act({
    base,
    input: lessonIds,
    shape: ids,
    label: (v, plan) => `Dropped ${several(plan, v)}`,
    edit: removeLessons,
  });
}

export async function mayBeLeftOut(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ ids, optional: z.boolean() }),
    label: (v, plan) => `${several(plan, v.ids)} ${v.optional ? 'may' : 'must not'} be left out`,
    edit: (v) => setOptional(v.ids, v.optional),
  });
}

export async function shiftLesson(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ lessonId: id, by }),
    label: (v, plan) => `Moved ${lessonName(plan, v.lessonId)} ${v.by < 0 ? 'up' : 'down'}`,
    edit: (v) => reorderLesson(v.lessonId, v.by),
  });
}

export async function savePart(
  base: number,
  where: { lessonId: string } | { unitId: string },
  partId: string | null,
  input: unknown,
): Promise<Outcome> {
  return act({
    base,
    input,
    shape: partFields,
    label: (v, plan) =>
      partId
        ? `Changed “${v.title}”`
        : `Added “${v.title}”${'lessonId' in where ? ` to ${lessonName(plan, where.lessonId)}` : ''}`,
    edit: (v) => {
      if (partId) return editPart(partId, v);
      if ('lessonId' in where) return addPart(where.lessonId, v);
      return addUnitPart(where.unitId, v);
    },
  });
}

export async function dropPart(base: number, partId: string): Promise<Outcome> {
  return act({
    base,
    input: partId,
    shape: id,
    label: (v, plan) => `Dropped ${partName(plan, v)}`,
    edit: removePart,
  });
}

export async function turnIntoAlternative(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ partId: id, toId: id }),
    label: (v, plan) => `Made ${partName(plan, v.partId)} an alternative to ${partName(plan, v.toId)}`,
    edit: (v) => makeAlternative(v.partId, v.toId),
  });
}

export async function doInstead(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: alternativeOf,
    label: (v, plan) => `Took ${alternativeName(plan, v)} instead of ${partName(plan, v.partId)}`,
    edit: (v) => takeAlternative(v.partId, v.alternativeId),
  });
}

export async function doAsWell(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: alternativeOf,
    label: (v, plan) => `Made ${alternativeName(plan, v)} a part of its own`,
    edit: (v) => freeAlternative(v.partId, v.alternativeId),
  });
}

export async function dropAlternative(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: alternativeOf,
    label: (v, plan) => `Dropped ${alternativeName(plan, v)}`,
    edit: (v) => freeAlternative(v.partId, v.alternativeId, true),
  });
}

export async function shiftPart(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ partId: id, by }),
    label: (v, plan) => `Moved ${partName(plan, v.partId)} ${v.by < 0 ? 'up' : 'down'}`,
    edit: (v) => reorderPart(v.partId, v.by),
  });
}

export async function see(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ partId: id, caution: z.string().max(40), seen: z.boolean() }),
    label: (v, plan) => `Noted a caution of ${partName(plan, v.partId)} as ${v.seen ? 'seen' : 'not seen'}`,
    edit: (v) => noteSeen(v.partId, v.caution, v.seen),
  });
}

export async function saveRule(base: number, ruleId: string | null, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: rule.omit({ id: true }),
    label: (v) => `${ruleId ? 'Changed' : 'Added'} what comes back: “${v.title}”`,
    edit: (v) => (ruleId ? editRule(ruleId, given(v, input)) : addRule(v)),
  });
}

export async function dropRule(base: number, ruleId: string): Promise<Outcome> {
  return act({
    base,
    input: ruleId,
    shape: id,
    label: (v, plan) => `${titled(plan, 'rules', v)} comes back no more`,
    edit: removeRule,
  });
}

export async function keepAsOutline(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ partId: id, taste: taste.nullable() }),
    label: (v, plan) => `Kept ${partName(plan, v.partId)} for another time`,
    edit: (v) => keepOutline(v.partId, v.taste),
  });
}

export async function addExtra(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ lessonId: id, outline }),
    label: (v, plan) => `Added “${v.outline.title}” to ${lessonName(plan, v.lessonId)}`,
    edit: (v) => placeOutline(v.lessonId, v.outline),
  });
}

export async function dropOutline(base: number, outlineId: string): Promise<Outcome> {
  return act({
    base,
    input: outlineId,
    shape: id,
    label: (v, plan) => `${titled(plan, 'outlines', v)} is kept no more`,
    edit: removeOutline,
  });
}

export async function putIdea(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ ideaId: id, lessonId: id }),
    label: (v, plan) =>
      `Put “${plan.ideas.find((i) => i.id === v.ideaId)?.text ?? 'an idea'}” on ${lessonName(plan, v.lessonId)}`,
    edit: (v) => placeIdea(v.ideaId, v.lessonId),
  });
}

/** What a pace or an end would come to; nothing is stored. */
export async function lookAtPace(input: unknown): Promise<PaceTried | undefined> {
  const asked = z
    .strictObject({
      unitId: id,
      lessonsPerWeek: z.int().min(1).max(35).nullable(),
      wishedEnd: isoDate.nullable(),
    })
    .safeParse(input);
  return asked.success ? tryPace(readDrawn(store()).plan, asked.data.unitId, asked.data, today()) : undefined;
}

/** Keeps a pace that was looked at: lessons a week, or a wished end. */
export async function keepPace(base: number, unitId: string, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: unit.pick({ lessonsPerWeek: true, wishedEnd: true }),
    label: (_, plan) => `Changed the pace of ${titled(plan, 'units', unitId)}`,
    edit: (v) => editUnit(unitId, v),
  });
}

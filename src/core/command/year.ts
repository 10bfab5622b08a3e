import { titled, yearName } from '../plan/called';
import { nanoid } from 'nanoid';
import { z } from 'zod';
import { shortDate } from '../calendar/dates';
import { addUnit } from '../edit/units';
import {
  dropInIllness,
  endUnit,
  letUnitWait,
  placeInRow,
  placeUnit,
  setYear,
  takeDayOff,
} from '../edit/year';
import { closeYear } from '../edit/years';
import { blankUnit } from '../plan/blank';
import { id, isoDate, minutes, shortText } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { schoolYear, type SchoolYear } from '../plan/year';
import { command } from './command';

/** Days and terms come without ids when they are new. */
const typed = z.preprocess((v) => {
  const given = (v ?? {}) as Record<string, unknown>;
  const withIds = (list: unknown): unknown =>
    Array.isArray(list) ? list.map((d: { id?: string }) => ({ ...d, id: d.id || nanoid(12) })) : list;
  return {
    ...given,
    daysOff: withIds(given.daysOff),
    terms: withIds(given.terms),
    shortDays: withIds(given.shortDays),
    extraDays: withIds(given.extraDays),
  };
}, schoolYear) as z.ZodType<SchoolYear>;

const unitName = (plan: Plan, unitId: string): string => titled(plan, 'units', unitId);

export const saveYear = command({
  shape: typed,
  label: () => 'Changed the school year',
  edit: setYear,
});

export const closeThisYear = command({
  shape: z.strictObject({
    starts: isoDate,
    ends: isoDate,
    unitIds: z.array(id).max(500),
    ruleIds: z.array(id).max(500),
    questionIds: z.array(id).max(2000),
    leadMinutes: minutes,
    childMinutes: z.record(id, minutes),
  }),
  isNoTrial: true,
  label: (v, plan) => `Closed ${plan.year ? yearName(plan.year) : 'the year'}, opened ${yearName(v)}`,
  edit: closeYear,
});

export const takeHoliday = command({
  shape: z.strictObject({ first: isoDate, last: isoDate, label: z.string().trim().max(100) }),
  label: (v) => `Took ${v.label || 'a holiday'} off, ${shortDate(v.first)}`,
  edit: (v) => takeDayOff({ ...v, kind: 'holiday' }),
});

export const fallIll = command({
  shape: z
    .strictObject({ first: isoDate, last: isoDate, label: z.string().trim().max(100) })
    .refine((v) => v.first <= v.last, { error: 'the last day comes before the first', path: ['last'] }),
  label: (v) => `Illness from ${shortDate(v.first)} to ${shortDate(v.last)}`,
  edit: (v) => dropInIllness(v.first, v.last, v.label),
});

export const place = command({
  shape: z.strictObject({ unitId: id, starts: isoDate }),
  label: (v, plan) => `Placed ${unitName(plan, v.unitId)} from ${shortDate(v.starts)}`,
  edit: (v) => placeUnit(v.unitId, v.starts),
});

export const end = command({
  shape: z.strictObject({ unitId: id, wishedEnd: isoDate.nullable() }),
  label: (v, plan) =>
    v.wishedEnd
      ? `${unitName(plan, v.unitId)} ends ${shortDate(v.wishedEnd)}`
      : `Left the end of ${unitName(plan, v.unitId)} open`,
  edit: (v) => endUnit(v.unitId, v.wishedEnd),
});

export const wait = command({
  shape: id,
  label: (v, plan) => `${unitName(plan, v)} waits`,
  edit: letUnitWait,
});

export const placeRow = command({
  shape: z.strictObject({
    unitIds: z.array(id).min(1).max(50),
    from: isoDate,
    end: isoDate.nullable().optional(),
  }),
  label: (v) =>
    `Placed ${v.unitIds.length} ${v.unitIds.length === 1 ? 'unit' : 'units one after another'} from ${shortDate(v.from)}${v.end ? `, to end by ${shortDate(v.end)}` : ''}`,
  edit: (v) => placeInRow(v.unitIds, v.from, v.end),
});

/** Adds a topic that waits for its place; its children are all, until it is said otherwise. */
export const addTopic = command({
  shape: z.strictObject({ title: shortText }),
  label: (v) => `Added the topic “${v.title}”`,
  edit: (v) => (plan, context) =>
    addUnit({
      ...blankUnit,
      title: v.title,
      waiting: true,
      starts: plan.year?.starts ?? context.today,
      hopedWeeks: 3,
      childIds: plan.children.map((c) => c.id),
      startKinds: ['read-aloud', 'tell-back'],
    })(plan, context),
});

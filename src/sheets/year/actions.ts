'use server';
import { titled } from '@/core/plan/called';
import { nanoid } from 'nanoid';
import { z } from 'zod';
import { shortDate } from '@/core/calendar/dates';
import { countries, publicHolidays, regions, type Holiday } from '@/core/calendar/holidays';
import { addUnit } from '@/core/edit/units';
import {
  dropInIllness,
  endUnit,
  letUnitWait,
  placeInRow,
  placeUnit,
  setYear,
  takeDayOff,
} from '@/core/edit/year';
import { closeYear } from '@/core/edit/years';
import { blankUnit } from '@/core/plan/blank';
import { id, isoDate, minutes, shortText } from '@/core/plan/measures';
import type { Plan } from '@/core/plan/plan';
import { schoolYear, type SchoolYear } from '@/core/plan/year';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';
import { act } from '../frame/act';
import { today } from '../frame/clock';
import { yearName } from '../frame/look';
import type { Outcome } from '../frame/outcome';

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

export async function saveYear(base: number, input: unknown): Promise<Outcome> {
  return act({ base, input, shape: typed, label: () => 'Changed the school year', edit: setYear });
}

export async function closeThisYear(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({
      starts: isoDate,
      ends: isoDate,
      unitIds: z.array(id).max(500),
      ruleIds: z.array(id).max(500),
      questionIds: z.array(id).max(2000),
      leadMinutes: minutes,
      childMinutes: z.record(id, minutes),
    }),
    label: (v, plan) => `Closed ${plan.year ? yearName(plan.year) : 'the year'}, opened ${yearName(v)}`,
    edit: closeYear,
  });
}

export async function takeHoliday(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ first: isoDate, last: isoDate, label: z.string().trim().max(100) }),
    label: (v) => `Took ${v.label || 'a holiday'} off, ${shortDate(v.first)}`,
    edit: (v) => takeDayOff({ ...v, kind: 'holiday' }),
  });
}

export async function fallIll(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z
      .strictObject({ first: isoDate, last: isoDate, label: z.string().trim().max(100) })
      .refine((v) => v.first <= v.last, { error: 'the last day comes before the first', path: ['last'] }),
    label: (v) => `Illness from ${shortDate(v.first)} to ${shortDate(v.last)}`,
    edit: (v) => dropInIllness(v.first, v.last, v.label),
  });
}

export async function place(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ unitId: id, starts: isoDate }),
    label: (v, plan) => `Placed ${unitName(plan, v.unitId)} from ${shortDate(v.starts)}`,
    edit: (v) => placeUnit(v.unitId, v.starts),
  });
}

export async function end(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ unitId: id, wishedEnd: isoDate.nullable() }),
    label: (v, plan) =>
      v.wishedEnd
        ? `${unitName(plan, v.unitId)} ends ${shortDate(v.wishedEnd)}`
        : `Left the end of ${unitName(plan, v.unitId)} open`,
    edit: (v) => endUnit(v.unitId, v.wishedEnd),
  });
}

export async function wait(base: number, unitId: string): Promise<Outcome> {
  return act({
    base,
    input: unitId,
    shape: id,
    label: (v, plan) => `${unitName(plan, v)} waits`,
    edit: letUnitWait,
  });
}

export async function placeRow(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ unitIds: z.array(id).min(1).max(50), from: isoDate }),
    label: (v) =>
      `Placed ${v.unitIds.length} ${v.unitIds.length === 1 ? 'unit' : 'units one after another'} from ${shortDate(v.from)}`,
    edit: (v) => placeInRow(v.unitIds, v.from),
  });
}

/** Adds a topic that waits for its place; its children are all, until it is said otherwise. */
export async function addTopic(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ title: shortText }),
    label: (v) => `Added the topic “${v.title}”`,
    edit: (v) => (plan, context) =>
      addUnit({
        ...blankUnit,
        title: v.title,
        waiting: true,
        starts: plan.year?.starts ?? today(),
        hopedWeeks: 3,
        childIds: plan.children.map((c) => c.id),
        startKinds: ['read-aloud', 'tell-back'],
      })(plan, context),
  });
}

export interface HolidayOffer {
  countries: { code: string; name: string }[];
  regions: { code: string; name: string }[];
  holidays: Holiday[];
}

/** What public holidays there are in the school year; nothing is stored. */
export async function offerHolidays(country: string, region: string): Promise<HolidayOffer> {
  const { year } = readDrawn(store()).plan;
  const known = countries();
  if (!year || !known.some((c) => c.code === country)) return { countries: known, regions: [], holidays: [] };
  const areas = regions(country);
  return {
    countries: known,
    regions: areas,
    holidays: publicHolidays(
      country,
      areas.some((r) => r.code === region) ? region : '',
      year.starts,
      year.ends,
    ),
  };
}

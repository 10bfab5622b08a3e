/**
 * What every sheet reads first: the plan with its revision, the day, and the unit the sheet is about (`unit=newest`:
 * the one just begun).
 */
import { connection } from 'next/server';
import { isoDate, type IsoDate } from '@/core/plan/measures';
import { homes } from '@/core/plan/lookup';
import type { Plan } from '@/core/plan/plan';
import type { Unit } from '@/core/plan/unit';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';
import { today } from './clock';

export interface FrameInfo {
  revision: number;
  undo?: string;
  redo?: string;
  family?: string;
  /** The unit that the sheets of a unit are about. */
  unitId?: string;
  units: { id: string; title: string }[];
}

export interface Loaded {
  plan: Plan;
  info: FrameInfo;
  today: IsoDate;
  unit?: Unit;
}

export type SearchParams = Promise<Record<string, string | string[] | undefined>>;

export async function load(params?: SearchParams): Promise<Loaded> {
  await connection();
  const { plan, ...history } = readDrawn(store());
  const asked = (await params)?.unit;
  const now = today();
  const unit =
    plan.units.find((u) => u.id === asked) ??
    (asked === 'newest' ? plan.units.at(-1) : runningUnit(plan, now));
  return {
    plan,
    today: now,
    unit,
    info: {
      ...history,
      family: plan.family?.name,
      unitId: unit?.id,
      units: plan.units.map(({ id, title }) => ({ id, title })),
    },
  };
}

/** The unit with the nearest sitting from today on, else the last one. */
function runningUnit(plan: Plan, now: IsoDate): Unit | undefined {
  const homeOf = homes(plan);
  const unitOf = new Map(plan.parts.map((p) => [p.id, homeOf(p).lesson?.unitId]));
  const next = plan.sittings
    .filter((s) => s.date >= now && unitOf.get(s.partId))
    .sort((a, b) => (a.date < b.date ? -1 : 1))[0];
  return (
    plan.units.find((u) => u.id === (next && unitOf.get(next.partId))) ??
    plan.units.filter((u) => !u.waiting).at(-1) ??
    plan.units.at(-1)
  );
}

/** A date given as a search parameter; undefined when it is none, or far from any school year. */
export async function dateParam(params: SearchParams, name: string): Promise<IsoDate | undefined> {
  const value = await param(params, name);
  return value && isoDate.safeParse(value).success && value > '1900' && value < '2200' ? value : undefined;
}

/** One value of a search parameter. */
export async function param(params: SearchParams, name: string): Promise<string | undefined> {
  const value = (await params)[name];
  return Array.isArray(value) ? value[0] : value;
}

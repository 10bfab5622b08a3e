/**
 * What every sheet reads first: the plan with its revision, the day, and the unit the sheet is about (`unit=newest`:
 * the one just begun).
 */
import { connection } from 'next/server';
import { addDays } from '@/core/calendar/dates';
import { isoDate, type IsoDate } from '@/core/plan/measures';
import { homes } from '@/core/plan/lookup';
import type { Plan } from '@/core/plan/plan';
import type { Unit } from '@/core/plan/unit';
import { readClosedYear } from '@/data/closed-years';
import { difference, differenceInWords } from '@/core/layout/difference';
import { desk } from './desk';
import { firstSteps, type FirstStep } from './first-steps';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';
import { today } from './clock';
import { LOOK, type YearLookedAt } from './look';

export interface FrameInfo {
  revision: number;
  undo?: string;
  redo?: string;
  family?: string;
  /** The unit that the sheets of a unit are about. */
  unitId?: string;
  units: { id: string; title: string }[];
  /** The closed year that is shown; absent for the open one. */
  looking?: YearLookedAt;
  /** What is still to be done before a week can be taught; absent when all is. */
  steps?: FirstStep[];
  /** What was tried on the tracing paper; absent on the plan itself. */
  traced?: Traced;
}

/** What was tried on tracing paper, and what it comes to beside the plan, in words. */
export interface Traced {
  changes: string[];
  differs: string;
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
  const { db, traced } = await desk();
  const { plan: open, ...history } = readDrawn(db);
  const asked = (await params)?.unit;
  const closed = lookedAt(open, (await params)?.[LOOK]);
  const plan = closed?.plan ?? open;
  const now = closed ? addDays(closed.year.ends, 1) : today();
  const unit =
    plan.units.find((u) => u.id === asked) ??
    (asked === 'newest' ? plan.units.at(-1) : runningUnit(plan, now));
  return {
    plan,
    today: now,
    unit,
    info: {
      revision: history.revision,
      ...(closed
        ? { looking: closed.year }
        : {
            undo: traced && !traced.length ? undefined : history.undo,
            redo: history.redo,
            ...(traced ? { traced: { changes: traced, differs: differsFromPlan(plan) } } : {}),
          }),
      ...stepsOf(plan, !!closed),
      family: plan.family?.name,
      unitId: unit?.id,
      units: plan.units.map(({ id, title }) => ({ id, title })),
    },
  };
}

/** The first steps, while one of them is still to be taken. */
function stepsOf(plan: Plan, closed: boolean): Pick<FrameInfo, 'steps'> {
  // Whoever teaches already has found their own way.
  const isTeaching = closed || plan.closedYears.length > 0 || plan.marks.length > 0;
  const steps = isTeaching ? [] : firstSteps(plan);
  return steps.some((s) => !s.done) ? { steps } : {};
}

/** What moves on the paper that stands elsewhere in the plan. */
const differsFromPlan = (onPaper: Plan): string =>
  differenceInWords(difference(readDrawn(store()).plan, onPaper));

/** The last day on which something stood: where one begins to look at a year that is closed. */
export const lastDay = ({ sittings }: Pick<Plan, 'sittings'>): IsoDate | undefined =>
  sittings
    .map((s) => s.date)
    .sort()
    .at(-1);

/** The closed year that is asked for, as it stood; undefined where none is, or it is not there. */
export function lookedAt(
  open: Plan,
  look: string | string[] | null | undefined,
): { plan: Plan; year: YearLookedAt } | undefined {
  const found = open.closedYears.find((y) => y.id === look);
  const slice = found && readClosedYear(store(), found.id);
  if (!slice) return undefined;
  const { slice: _, ...year } = found;
  return { plan: { ...slice, closedYears: open.closedYears }, year };
}

/** The plan that a file is asked of: the open year, or the closed one that is looked at. */
export function planAsked(request: Request): Plan {
  const { plan } = readDrawn(store());
  return lookedAt(plan, new URL(request.url).searchParams.get(LOOK))?.plan ?? plan;
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
    plan.units.filter((u) => !u.waiting && u.closedOn === null).at(-1) ??
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

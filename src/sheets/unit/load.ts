import { addDays, mondayOf } from '@/core/calendar/dates';
import { ageOn } from '@/core/plan/age';
import { unitDays, type UnitDay } from '@/core/layout/unit-days';
import { verdictInWords, verdictOf, type Verdict } from '@/core/layout/verdict';
import { doneParts, lessonsOf } from '@/core/plan/lookup';
import type { Idea, Objective, Question, Unit } from '@/core/plan/unit';
import type { Plan } from '@/core/plan/plan';
import { leftOverLessons } from '@/core/record/leavings';
import { readClosedYear } from '@/data/closed-years';
import { store } from '@/data/open';
import type { HatchName } from '@/kit/hatch';
import { forecastFor, type ForecastLine } from '../frame/forecast-load';
import { inYear } from '../frame/look';
import { load, param, type FrameInfo, type SearchParams } from '../frame/load';

export interface UnitView {
  info: FrameInfo;
  today: string;
  /** The unit on the sheet; null for a new one. */
  unit: Unit | null;
  /** First day a new unit could start. */
  firstDay: string;
  /** From the oldest down. */
  children: { id: string; name: string; hatch: HatchName; age: number }[];
  /** Other units that it can follow in a row. */
  others: { id: string; title: string }[];
  hasYear: boolean;
  lessons: {
    id: string;
    number: number;
    title: string;
    objectiveIds: string[];
    isLeftOut: boolean;
    /** Something of it is done. */
    isTaught: boolean;
  }[];
  objectives: Objective[];
  questions: Question[];
  ideas: Idea[];
  /** Lessons that closed units left over. */
  leftOver: { id: string; title: string; lessons: { id: string; title: string; parts: number }[] }[];
  /** Where the unit it repeats is looked back on. */
  repeated?: string;
  verdict?: Verdict;
  message: string;
  /** When it is likely to end, from what happened so far. */
  forecast?: ForecastLine;
  days: UnitDay[];
}

/** Where a repeated unit is: in the open year, or in the closed one that has it. */
function repeatedAt(plan: Plan, unit: Unit | null): string | undefined {
  const repeats = unit?.repeats;
  if (!repeats) return undefined;
  if (plan.units.some((u) => u.id === repeats.unitId)) return `/record/look-back?unit=${repeats.unitId}`;
  const year = plan.closedYears.findLast((y) =>
    readClosedYear(store(), y.id)?.units.some((u) => u.id === repeats.unitId),
  );
  return year && inYear(`/record/look-back?unit=${repeats.unitId}`, year.id);
}

/** The day a new unit is proposed to start on: the year's first, and for a first unit a Monday; never a day gone by. */
function firstDayFor({ year, units }: Plan, today: string): string {
  if (year && year.starts > today) return year.starts;
  if (units.length) return today;
  const monday = mondayOf(today);
  const next = monday === today ? today : addDays(monday, 7);
  return year && next > year.ends ? today : next;
}

export async function loadUnit(params: SearchParams): Promise<UnitView> {
  const { plan, info, today, unit: running } = await load(params);
  const unit = (await param(params, 'new')) ? null : (running ?? null);
  const verdict = unit ? verdictOf(plan, unit.id, today) : undefined;
  const ofUnit = <T extends { unitId: string }>(items: readonly T[]): T[] =>
    items.filter((i) => i.unitId === unit?.id);
  const done = doneParts(plan);
  const taught = new Set(plan.parts.flatMap((p) => (p.lessonId && done.has(p.id) ? p.lessonId : [])));
  return {
    info,
    today,
    unit,
    verdict,
    firstDay: firstDayFor(plan, today),
    children: plan.children
      .map(({ id, name, hatch, birthMonth }) => ({ id, name, hatch, age: ageOn(birthMonth, today) }))
      .sort((a, b) => b.age - a.age),
    others: plan.units.filter((u) => u.id !== unit?.id && !u.waiting).map(({ id, title }) => ({ id, title })),
    hasYear: !!plan.year,
    lessons: unit
      ? lessonsOf(plan, unit.id).map(({ id, number, title, objectiveIds, leftOut }) => ({
          id,
          number,
          title,
          objectiveIds,
          isLeftOut: leftOut,
          isTaught: taught.has(id),
        }))
      : [],
    objectives: ofUnit(plan.objectives),
    questions: ofUnit(plan.questions),
    ideas: ofUnit(plan.ideas),
    leftOver: leftOverLessons(plan, today).map(({ unit: u, lessons }) => ({
      id: u.id,
      title: u.title,
      lessons: lessons.map(({ lesson, parts }) => ({ id: lesson.id, title: lesson.title, parts })),
    })),
    repeated: repeatedAt(plan, unit),
    message: verdict ? verdictInWords(verdict) : '',
    forecast: info.looking || !unit ? undefined : forecastFor(plan, unit, today),
    days: unit ? unitDays(plan, unit.id) : [],
  };
}

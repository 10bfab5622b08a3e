import { ageOn } from '@/core/plan/age';
import { unitDays, type UnitDay } from '@/core/layout/unit-days';
import { verdictInWords, verdictOf, type Verdict } from '@/core/layout/verdict';
import { lessonsOf } from '@/core/plan/lookup';
import type { Idea, Objective, Question, Unit } from '@/core/plan/unit';
import type { HatchName } from '@/kit/hatch';
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
  lessons: { id: string; number: number; title: string; objectiveIds: string[] }[];
  objectives: Objective[];
  questions: Question[];
  ideas: Idea[];
  verdict?: Verdict;
  message: string;
  days: UnitDay[];
}

export async function loadUnit(params: SearchParams): Promise<UnitView> {
  const { plan, info, today, unit: running } = await load(params);
  const unit = (await param(params, 'new')) ? null : (running ?? null);
  const verdict = unit ? verdictOf(plan, unit.id, today) : undefined;
  const ofUnit = <T extends { unitId: string }>(items: readonly T[]): T[] =>
    items.filter((i) => i.unitId === unit?.id);
  return {
    info,
    today,
    unit,
    verdict,
    firstDay: plan.year && plan.year.starts > today ? plan.year.starts : today,
    children: plan.children
      .map(({ id, name, hatch, birthMonth }) => ({ id, name, hatch, age: ageOn(birthMonth, today) }))
      .sort((a, b) => b.age - a.age),
    others: plan.units.filter((u) => u.id !== unit?.id && !u.waiting).map(({ id, title }) => ({ id, title })),
    hasYear: !!plan.year,
    lessons: unit
      ? lessonsOf(plan, unit.id).map(({ id, number, title, objectiveIds }) => ({
          id,
          number,
          title,
          objectiveIds,
        }))
      : [],
    objectives: ofUnit(plan.objectives),
    questions: ofUnit(plan.questions),
    ideas: ofUnit(plan.ideas),
    message: verdict ? verdictInWords(verdict) : '',
    days: unit ? unitDays(plan, unit.id) : [],
  };
}

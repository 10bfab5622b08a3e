import { unitDays, type UnitDay } from '@/core/layout/unit-days';
import { verdictInWords, verdictOf, type Verdict } from '@/core/layout/verdict';
import { lessonsOf } from '@/core/plan/lookup';
import type { Unit } from '@/core/plan/unit';
import type { HatchName } from '@/kit/hatch';
import { load, param, type FrameInfo, type SearchParams } from '../frame/load';

export interface UnitView {
  info: FrameInfo;
  today: string;
  /** The unit on the sheet; null for a new one. */
  unit: Unit | null;
  /** First day a new unit could start. */
  firstDay: string;
  children: { id: string; name: string; hatch: HatchName }[];
  hasYear: boolean;
  lessons: number;
  verdict?: Verdict;
  says: string;
  days: UnitDay[];
}

export async function loadUnit(params: SearchParams): Promise<UnitView> {
  const { plan, info, today, unit: running } = await load(params);
  const unit = (await param(params, 'new')) ? null : (running ?? null);
  const verdict = unit ? verdictOf(plan, unit.id, today) : undefined;
  return {
    info, today, unit, verdict,
    firstDay: plan.year && plan.year.starts > today ? plan.year.starts : today,
    children: plan.children.map(({ id, name, hatch }) => ({ id, name, hatch })),
    hasYear: !!plan.year,
    lessons: unit ? lessonsOf(plan, unit.id).length : 0,
    says: verdict ? verdictInWords(verdict) : '',
    days: unit ? unitDays(plan, unit.id) : [],
  };
}

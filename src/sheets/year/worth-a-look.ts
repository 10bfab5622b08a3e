/** What of the year is worth a look: units that do not fit, end late, run past a break or stand in another season; ink while somebody is away. */
import { countryOf } from '@/core/calendar/customs';
import { shortDate } from '@/core/calendar/dates';
import type { SchoolDay } from '@/core/calendar/school-days';
import { seasonOf } from '@/core/calendar/seasons';
import { inkedWhileAway } from '@/core/layout/check-away';
import { verdictOf } from '@/core/layout/verdict';
import type { Plan } from '@/core/plan/plan';
import type { Unit } from '@/core/plan/unit';

export interface WorthALook {
  message: string;
  detail: string;
  urgent: boolean;
  unitId?: string;
}

/** Where a unit stands. */
interface Stands {
  first: string;
  last: string;
  closed?: unknown;
}

export function worthALook(
  plan: Plan,
  placed: { unit: Unit; is: Stands }[],
  days: SchoolDay[],
  today: string,
): WorthALook[] {
  const found: WorthALook[] = inkedWhileAway(plan, today).map((message) => ({
    urgent: true,
    message,
    detail: 'in ink; rub it out to have it laid elsewhere',
  }));
  for (const { unit, is } of placed) {
    if (is.closed) continue;
    const verdict = verdictOf(plan, unit.id, today);
    if (verdict && verdict.placed < verdict.lessons)
      found.push({
        unitId: unit.id,
        urgent: true,
        message: `“${unit.title}” does not fit into the year`,
        detail: `${verdict.lessons - verdict.placed} of its ${verdict.lessons} lessons have no day`,
      });
    else if (verdict && !verdict.meetsEnd && unit.wishedEnd)
      found.push({
        unitId: unit.id,
        urgent: true,
        message: `“${unit.title}” ends after you wished`,
        detail: `${shortDate(is.last)} instead of ${shortDate(unit.wishedEnd)}${verdict.remedy ? `; ${verdict.remedy.lessonsPerWeek} a week would meet it` : ''}`,
      });
    const [a, b] = [is.first, is.last].map((date) => days.find((d) => d.date >= date) ?? days.at(-1));
    if (a && b && b.block > a.block)
      found.push({
        unitId: unit.id,
        urgent: false,
        message: `“${unit.title}” runs past a break`,
        detail: `${shortDate(is.first)} to ${shortDate(is.last)}`,
      });
    const season = seasonOf(is.first, countryOf(plan));
    if (unit.season && season !== unit.season && seasonOf(is.last, countryOf(plan)) !== unit.season)
      found.push({
        unitId: unit.id,
        urgent: false,
        message: `“${unit.title}” wants ${unit.season}`,
        detail: `it stands in ${season}${unit.wish ? `; ${unit.wish}` : ''}`,
      });
  }
  return found;
}

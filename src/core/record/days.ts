/** The school days of the year as they were kept and lost, against the family’s own target. */
import { addDays, weekdayOf } from '../calendar/dates';
import { weekOf } from '../calendar/week';
import { schoolDays } from '../calendar/school-days';
import { groupBy } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Slice } from '../plan/plan';
import type { SchoolYear } from '../plan/year';
import { doings } from './hours';

export interface WeekKept {
  weekFrom: IsoDate;
  kept: number;
  lost: number;
  /** School days of the week that are still to come. */
  toCome: number;
}

export interface DaysKept {
  weeks: WeekKept[];
  kept: number;
  /** Days on which there was to be school and was none, with why: the label of the day off, or nothing was written down. */
  lost: { date: IsoDate; why: string }[];
  /** School days from today on that are on the plan, today only while nothing is written down of it. */
  toCome: number;
  target: number | null;
  /** Days by which the plan falls short of the target; 0 where it does not. */
  short: number;
  /** Days that the plan has beyond the target. */
  spare: number;
  /** Saturdays that would make up what is short; fewer than that where there are not so many. */
  wouldDo: IsoDate[];
}

/** Kinds of days off on which there was to be school. */
const LOST: readonly string[] = ['illness'];

/**
 * Days that were kept by the family’s own rule: something of school is written down; a child had so many minutes; so many
 * different things were done. Of what is no longer in the plan it is known that it was done.
 */
export function keptOn(plan: Slice): Set<IsoDate> {
  const { by, least } = plan.family?.keeps ?? { by: 'anything', least: 1 };
  const { done, unknown } = doings(plan);
  const days = groupBy(done, (d) => d.date);
  if (by === 'anything') return new Set([...days.keys(), ...unknown.map((e) => e.date)]);
  const goneOn = groupBy(unknown, (e) => e.date);
  const parts = (date: IsoDate): number =>
    new Set((days.get(date) ?? []).map((d) => d.entry.partId ?? d.entry.id)).size +
    (goneOn.get(date)?.length ?? 0);
  const minutes = (date: IsoDate): number =>
    Math.max(
      0,
      ...[...groupBy(days.get(date) ?? [], (d) => d.childId).values()].map((of) =>
        of.reduce((sum, d) => sum + d.minutes, 0),
      ),
    );
  const so = by === 'parts' ? parts : minutes;
  return new Set([...days.keys(), ...goneOn.keys()].filter((date) => so(date) >= least));
}

/** @returns undefined while there is no school year */
export function daysKept(plan: Slice, today: IsoDate): DaysKept | undefined {
  const { year } = plan;
  if (!year) return undefined;
  const kept = keptOn(plan);
  const school = schoolDays(year).map((d) => d.date);
  const isSchool = new Set(school);
  // Without what kept school from being held there would have been school.
  const meant = schoolDays({ ...year, daysOff: year.daysOff.filter((d) => !LOST.includes(d.kind)) }).map(
    (d) => d.date,
  );
  const off = (date: IsoDate): string =>
    year.daysOff.find((d) => LOST.includes(d.kind) && d.first <= date && date <= d.last)?.label ?? '';
  const lost = meant
    .filter((date) => date < today && !kept.has(date))
    .map((date) => ({ date, why: isSchool.has(date) ? '' : off(date) || 'lost' }));
  const toCome = school.filter((d) => d > today || (d === today && !kept.has(d)));
  const keptInYear = [...kept].filter((d) => d >= year.starts && d <= today).sort();
  const weeks = new Map<IsoDate, WeekKept>();
  const weekWith = (date: IsoDate): WeekKept => {
    const weekFrom = weekOf(year, date);
    let week = weeks.get(weekFrom);
    if (!week) weeks.set(weekFrom, (week = { weekFrom, kept: 0, lost: 0, toCome: 0 }));
    return week;
  };
  for (const d of meant) weekWith(d);
  for (const d of keptInYear) weekWith(d).kept++;
  for (const { date } of lost) weekWith(date).lost++;
  for (const d of toCome) weekWith(d).toCome++;
  const beyond = keptInYear.length + toCome.length - (year.targetDays ?? 0);
  const short = Math.max(0, -beyond);
  return {
    weeks: [...weeks.values()].sort((a, b) => (a.weekFrom < b.weekFrom ? -1 : 1)),
    kept: keptInYear.length,
    lost,
    toCome: toCome.length,
    target: year.targetDays,
    short,
    spare: year.targetDays === null ? 0 : Math.max(0, beyond),
    wouldDo: freeSaturdays(year, isSchool, today).slice(0, short),
  };
}

/** Saturdays to come without school, each after a school Friday and in no break, the first ones first. */
function freeSaturdays(year: SchoolYear, school: ReadonlySet<IsoDate>, today: IsoDate): IsoDate[] {
  const found: IsoDate[] = [];
  const isOff = (date: IsoDate): boolean => year.daysOff.some((d) => d.first <= date && date <= d.last);
  for (let day = addDays(today, 1); day <= year.ends; day = addDays(day, 1)) {
    if (weekdayOf(day) !== 6 || school.has(day) || isOff(day)) continue;
    if (school.has(addDays(day, -1))) found.push(day);
  }
  return found;
}

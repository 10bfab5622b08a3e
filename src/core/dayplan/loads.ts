/**
 * What work asks of each child and of the parent with one child at a time, by lesson, day and week, against what they
 * can take. The evening takes nobody's school minutes.
 */
import { schoolDays } from '../calendar/school-days';
import { weekOf } from '../calendar/week';
import { partMinutes } from '../layout/input';
import type { LayPart } from '../layout/problem';
import { childrenOf, groupBy, homes, isDayOut } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { EVENING } from '../plan/words';
import { waitsOn } from './waits';

/** Minutes the parent leads: none where another adult does. */
const parentLeads = (p: LayPart): number => (p.leader === null ? p.lead : 0);

export interface Load {
  minutes: number;
  /** What can be taken on the days over which the work stands; on one where it stands nowhere. */
  limit: number;
}

export interface ChildLoad extends Load {
  childId: string;
}

/** A share of a lesson; `day` is the fullest of its days, where all that stands on it is more than can be taken. */
export interface Share extends Load {
  day: (Load & { date: IsoDate }) | null;
}

/** Minutes over what can be taken: in the lesson as a whole, or on its fullest day. */
export const overBy = ({ minutes, limit, day }: Share): number =>
  Math.max(0, minutes - limit, day ? day.minutes - day.limit : 0);

export interface LessonLoad {
  children: (Share & { childId: string })[];
  /** All minutes in which the parent leads or helps. */
  parent: Share;
  /** Minutes of them in which one child alone needs the parent. */
  oneToOne: number;
}

export function lessonLoad(plan: Plan, lessonId: string): LessonLoad {
  const homeOf = homes(plan);
  const parts = plan.parts.filter((p) => p.lessonId === lessonId && p.window !== EVENING && !isDayOut(p));
  const days = groupBy(plan.sittings, (s) => s.partId);
  const minutes = partMinutes(plan);
  const dates = [...new Set(parts.flatMap((p) => (days.get(p.id) ?? []).map((s) => s.date)))].sort();
  const stands = Math.max(1, dates.length);
  const ids = new Set(parts.map((p) => p.id));
  const stretches = loadsOn(plan, dates);
  const fullest = (of: (s: Stretch) => Load): Share['day'] => {
    const over = stretches
      .map((s) => ({ date: s.date, ...of(s) }))
      .filter((d) => d.minutes > d.limit)
      .sort((x, y) => y.minutes - y.limit - x.minutes + x.limit)[0];
    return over ? { date: over.date, minutes: over.minutes, limit: over.limit } : null;
  };
  return {
    children: plan.children.flatMap((c) => {
      const childParts = parts.filter((p) =>
        childrenOf(p, homeOf(p).unit, plan.children).some((x) => x.id === c.id),
      );
      return childParts.length
        ? [
            {
              childId: c.id,
              minutes: childParts.reduce((sum, p) => sum + minutes(p, homeOf(p).unit).minutes[c.id], 0),
              limit: c.minutes * stands,
              day: fullest((s) => s.children.find((x) => x.childId === c.id)!),
            },
          ]
        : [];
    }),
    parent: {
      minutes: parts.reduce((sum, p) => sum + parentLeads(minutes(p, homeOf(p).unit)), 0),
      limit: (plan.family?.leadMinutes ?? 0) * stands,
      day: fullest((s) => s.parent),
    },
    oneToOne: plan.assignments.filter((a) => ids.has(a.partId)).reduce((sum, a) => sum + a.parentMinutes, 0),
  };
}

export interface Stretch {
  /** A school day, or the first day of a week. */
  date: IsoDate;
  children: ChildLoad[];
  parent: Load;
}

/** Everybody's minutes on every school day from one date to another, all units and the daily work together. */
export function loadsByDay(plan: Plan, first: IsoDate, last: IsoDate): Stretch[] {
  return plan.year
    ? loadsOn(
        plan,
        schoolDays(plan.year)
          .map((d) => d.date)
          .filter((d) => d >= first && d <= last),
      )
    : [];
}

/** Everybody's minutes on each of these dates, school days or not. */
export function loadsOn(plan: Plan, dates: readonly IsoDate[]): Stretch[] {
  const homeOf = homes(plan);
  const minutes = partMinutes(plan);
  const parts = new Map(plan.parts.map((p) => [p.id, minutes(p, homeOf(p).unit)]));
  const on = groupBy(plan.sittings, (s) => s.date);
  return dates.map((date) => {
    const laid = (on.get(date) ?? [])
      .filter((s) => s.window !== EVENING)
      .map((s) => parts.get(s.partId)!)
      .filter((p) => !p.dayOut);
    return {
      date,
      children: plan.children.map((c) => ({
        childId: c.id,
        minutes: laid.reduce((sum, p) => sum + (p.minutes[c.id] ?? 0), 0),
        limit: c.minutes,
      })),
      parent: {
        minutes: laid.reduce((sum, p) => sum + parentLeads(p), 0),
        limit: plan.family?.leadMinutes ?? 0,
      },
    };
  });
}

/** Days added up to weeks, each under its first day; the limits of its school days add up too. */
export function loadsByWeek({ year }: Pick<Plan, 'year'>, days: readonly Stretch[]): Stretch[] {
  const sum = (loads: readonly Load[]): Load => ({
    minutes: loads.reduce((s, l) => s + l.minutes, 0),
    limit: loads.reduce((s, l) => s + l.limit, 0),
  });
  return [...groupBy(days, (d) => weekOf(year, d.date))].map(([date, of]) => ({
    date,
    parent: sum(of.map((d) => d.parent)),
    children: of[0].children.map(({ childId }) => ({
      childId,
      ...sum(of.map((d) => d.children.find((c) => c.childId === childId)!)),
    })),
  }));
}

/** Minutes in which children wait for the parent with parts of a lesson, all its days together. */
export function waitingIn(plan: Plan, lessonId: string): number {
  const parts = new Set(plan.parts.filter((p) => p.lessonId === lessonId).map((p) => p.id));
  const dates = [...new Set(plan.sittings.filter((s) => parts.has(s.partId)).map((s) => s.date))];
  return dates
    .flatMap((date) => waitsOn(plan, date))
    .filter((w) => parts.has(w.partId))
    .reduce((sum, w) => sum + w.minutes, 0);
}

/** On which day each preparation is done, within the minutes there are for it; and on which trips what is needed is bought. */
import { addDays, weekdayOf } from '../calendar/dates';
import { weekOf } from '../calendar/week';
import { schoolDays } from '../calendar/school-days';
import { byId, groupBy, homes } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { dayForEach, tooFull, type Task, type TooFull } from './fit';
import { allToPrepare, isPrepared, type ToPrepare } from './get-ready';
import { lessThere, plus, type SoMuch } from './amount';
import { isCopied, neededIn, type Needed } from './supplies';
import { fewestTrips } from './trips';

export interface Planned extends ToPrepare {
  /** The day it is done on: as late as there is time for it. */
  day: IsoDate;
  isReady: boolean;
  /** Its last day has gone by. */
  isLate: boolean;
}

/** Days into which it does not all fit. */
export interface Shortage extends TooFull {
  /** The days have the minutes, and the units’ own limits of a week do not. */
  byUnits: boolean;
}

export interface Preparing {
  planned: Planned[];
  full: Shortage | undefined;
}

const keyOf = (p: Pick<ToPrepare, 'partId' | 'preparationId'>): string => `${p.partId} ${p.preparationId}`;

/** What is to be prepared for days from today on, each with its day. */
export function preparing(plan: Plan, today: IsoDate): Preparing {
  const all = allToPrepare(plan).filter((p) => p.on >= today);
  const open = all.filter((p) => !isPrepared(plan, p));
  const has = minutesOf(plan, today, weekLimits(plan));
  const tasks = tasksOf(open, today);
  const days = dayForEach(tasks, (day) => has(day, day));
  const full = tooFull(tasks, has);
  const onDays = minutesOf(plan, today, () => Infinity);
  return {
    planned: all
      .map((p): Planned => {
        const isReady = isPrepared(plan, p);
        return { ...p, day: days.get(keyOf(p)) ?? p.date, isReady, isLate: !isReady && p.date < today };
      })
      .sort((a, b) => (a.day < b.day ? -1 : Number(a.day > b.day))),
    full: full && { ...full, byUnits: onDays(full.first, full.last) >= full.needs },
  };
}

/** Of one part they are done in the order in which they stand there, as far as their days allow. */
function tasksOf(open: readonly ToPrepare[], today: IsoDate): Task[] {
  return [...groupBy(open, (p) => p.partId).values()].flatMap((of) =>
    of.map((p, i): Task => {
      const last = p.date < today ? today : p.date;
      const first = p.notBefore === null || p.notBefore < today ? today : p.notBefore;
      return {
        id: keyOf(p),
        minutes: p.minutes,
        first: first < last ? first : last,
        last,
        after: of
          .slice(0, i)
          .filter((x) => x.date <= p.date)
          .map(keyOf),
        like: p.what.toLocaleLowerCase('en').split(/[\s,]/)[0],
      };
    }),
  );
}

/** Minutes there are to prepare from a day to another: those of each day, and of each week no more than its limit. */
function minutesOf(
  plan: Plan,
  today: IsoDate,
  limits: (weekFrom: IsoDate) => number,
): (first: IsoDate, last: IsoDate) => number {
  const { year } = plan;
  if (!year) return () => Infinity;
  const school = new Set(schoolDays(year).map((d) => d.date));
  const onDay = (day: IsoDate): number => (school.has(day) ? year.prepOnSchoolDay : year.prepOnFreeDay);
  return (first, last) => {
    const weeks = new Map<IsoDate, number>();
    for (let day = first < today ? today : first; day <= last; day = addDays(day, 1))
      weeks.set(weekOf(year, day), (weeks.get(weekOf(year, day)) ?? 0) + onDay(day));
    return [...weeks].reduce((sum, [weekFrom, minutes]) => sum + Math.min(minutes, limits(weekFrom)), 0);
  };
}

/** What the units that stand in a week may take of it together, where each of them says so. */
function weekLimits(plan: Plan): (weekFrom: IsoDate) => number {
  const homeOf = homes(plan);
  const parts = byId(plan.parts);
  const units = new Map<IsoDate, Set<string>>();
  for (const s of plan.sittings) {
    const part = parts.get(s.partId)!;
    const unit = part.preparations.length ? homeOf(part).unit : undefined;
    if (!unit) continue;
    const weekFrom = weekOf(plan.year, s.date);
    units.set(weekFrom, (units.get(weekFrom) ?? new Set<string>()).add(unit.id));
  }
  return (weekFrom) => {
    const of = plan.units.filter((u) => units.get(weekFrom)?.has(u.id));
    const limits = of.map((u) => u.prepLimit);
    return of.length && limits.every((l) => l !== null) ? limits.reduce((sum, l) => sum + l, 0) : Infinity;
  };
}

/** So much of a thing, to be bought in one go. */
export interface ToBuyOf extends SoMuch {
  name: string;
  unit: string;
  keepsDays: number | null;
  /** The first day it is needed. */
  from: IsoDate;
}

export interface Trip {
  /** The day; null for what cannot be bought on any shopping day in time. */
  day: IsoDate | null;
  things: ToBuyOf[];
}

/** What is to be bought until a day, by trip: the fewest there can be, each thing before it is needed and while it keeps. */
export function shopping(plan: Plan, today: IsoDate, last: IsoDate): Trip[] {
  const things = neededIn(plan, today, last)
    .filter((n) => n.toGet !== 0 && !isCopied(n))
    .flatMap(inGoes);
  const { trips, missed } = fewestTrips(
    (until) => lastShopping(plan, today, until),
    things.map((thing) => ({
      thing,
      first: thing.keepsDays === null ? today : addDays(thing.from, -thing.keepsDays),
      // The day before at the latest; on the day itself where that is today.
      last: thing.from > today ? addDays(thing.from, -1) : today,
    })),
  );
  return [
    ...(missed.length ? [{ day: null, things: together(missed.map((e) => e.thing)) }] : []),
    ...trips.map((t): Trip => ({ day: t.date, things: together(t.errands.map((e) => e.thing)) })),
  ];
}

/** The last day one shops on up to a day; undefined where there is none from today on. */
function lastShopping(plan: Plan, today: IsoDate, until: IsoDate): IsoDate | undefined {
  const weekdays = plan.year?.shopWeekdays ?? [];
  for (let day = until, n = 0; n < 7 && day >= today; n++, day = addDays(day, -1))
    if (weekdays.includes(weekdayOf(day))) return day;
  return undefined;
}

/** What keeps is bought in one go; what does not, for each day it is needed on, less what is in the house. */
function inGoes({ name, unit, from, keepsDays, toGet, leastToGet, inHouse, parts }: Needed): ToBuyOf[] {
  if (keepsDays === null) return [{ name, unit, amount: toGet, least: leastToGet, keepsDays, from }];
  let left = inHouse ?? Infinity;
  return [...groupBy(parts, (p) => p.date)].flatMap(([date, of]): ToBuyOf[] => {
    const needed = of.reduce<SoMuch>(plus, { amount: null, least: null });
    if (needed.amount === null) return [{ name, unit, amount: null, least: null, keepsDays, from: date }];
    const toBuy = lessThere(needed, left);
    left = Math.max(0, left - needed.amount);
    return toBuy.amount ? [{ name, unit, ...toBuy, keepsDays, from: date }] : [];
  });
}

/** The same thing twice on one trip is once so much of it. */
function together(things: readonly ToBuyOf[]): ToBuyOf[] {
  return [...groupBy(things, (t) => `${t.name} ${t.unit}`).values()].map(([first, ...more]) => ({
    ...first,
    ...more.reduce<SoMuch>(plus, first),
  }));
}

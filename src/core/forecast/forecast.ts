/** The finish of a unit as dates with chances, from days kept and lost and from how long things really took. */
import { addDays, dayMonth } from '../calendar/dates';
import { schoolDays } from '../calendar/school-days';
import { partMinutes } from '../layout/input';
import { inForce } from '../plan/happened';
import { byId, doneParts, groupBy, homes } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan, Slice } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { daysKept, keptOn } from '../record/days';
import { tookOf } from '../record/look-back';
import { finishes, type Course, type Step } from './finish';

export interface Forecast {
  /** Days of school on record, of this year and those that are closed. */
  days: number;
  /** Whether there are enough of them to go by; else it is the family’s guess. */
  isKnown: boolean;
  /** Of ten runs one ends before the first and one after the last; null: not within the school year. */
  first: IsoDate | null;
  last: IsoDate | null;
  /** The wished end, and the share of runs that are done by then. */
  by: { date: IsoDate; share: number } | null;
  /** Dates on which runs end, with their share; what is missing to 1 is not done within the school year. */
  ends: { date: IsoDate; share: number }[];
}

/** School days for which the family’s guess stands, and those on record from which on it is known. */
const GUESS_DAYS = 20;
const KNOWN_FROM = 10;
const RUNS = 1000;
/** The parent, among those whose minutes are counted. */
const PARENT = '';

/**
 * Days kept; and days lost since the first that was kept: said to be lost, or with work on them of which none was done. A day on
 * which nothing was planned and nothing written down says nothing of how many are lost.
 */
function onRecord(slice: Slice, today: IsoDate): { kept: number; lost: number } {
  const first = [...keptOn(slice)].sort()[0];
  const days = daysKept(slice, today);
  if (!days || first === undefined) return { kept: 0, lost: 0 };
  const stood = new Set([
    ...slice.sittings.map((s) => s.date),
    ...inForce(slice.entries).flatMap((e) => (e.kind === 'missed' ? [e.date] : [])),
  ]);
  const lost = days.lost.filter((d) => d.date > first && (d.why !== '' || stood.has(d.date)));
  return { kept: days.kept, lost: lost.length };
}

/**
 * The forecast for a unit that is being taught: what is laid out from today on, in the lay-out’s order and within its limits.
 * @param earlier years that are closed, whose days count too
 * @returns undefined where nothing of it is laid out, or something of it found no day
 */
export function forecastOf(
  plan: Plan,
  unit: Unit,
  today: IsoDate,
  earlier: readonly Slice[] = [],
): Forecast | undefined {
  if (!plan.year || unit.waiting || unit.closedOn !== null) return undefined;
  const days = schoolDays(plan.year).filter((d) => d.date >= today);
  const steps = stepsOf(plan, unit, days, today);
  if (!steps?.length) return undefined;
  const records = [
    onRecord(plan, today),
    ...earlier.map((slice) => onRecord(slice, slice.year ? addDays(slice.year.ends, 1) : today)),
  ];
  const kept = records.reduce((sum, r) => sum + r.kept, 0);
  const lost = records.reduce((sum, r) => sum + r.lost, 0);
  const guess = (plan.family?.daysExpected ?? 100) / 100;
  const course: Course = {
    weeks: days.map((d) => d.week),
    steps,
    perWeek: perWeekOf(steps, unit, days),
    kept: kept + guess * GUESS_DAYS,
    lost: lost + (1 - guess) * GUESS_DAYS,
    took: new Map(
      [...tookOf(plan, inForce(plan.entries))].map(([kind, ratios]) => [kind, ratios.map(Math.log)]),
    ),
  };
  const ends = finishes(course, RUNS, seedOf(unit.id));
  return {
    days: kept + lost,
    isKnown: kept + lost >= KNOWN_FROM,
    ...spanOf(
      ends,
      days.map((d) => d.date),
      unit.wishedEnd,
    ),
  };
}

/** A seed that is the unit’s own: the same plan has the same forecast. */
const seedOf = (id: string): number =>
  [...id].reduce((h, c) => Math.imul(h ^ c.charCodeAt(0), 16777619), 2166136261);

type Span = Pick<Forecast, 'first' | 'last' | 'by' | 'ends'>;

/** What the runs say: the days that a tenth of them lie before and after, and how many are done by the wished end. */
export function spanOf(ends: readonly number[], dates: readonly IsoDate[], wished: IsoDate | null): Span {
  const sorted = ends.map((i) => (i < 0 ? dates.length : i)).sort((a, b) => a - b);
  const at = (share: number): IsoDate | null =>
    dates[sorted[Math.floor(share * (sorted.length - 1))]] ?? null;
  const shareOf = (n: number): number => n / sorted.length;
  return {
    first: at(0.1),
    last: at(0.9),
    by:
      wished === null
        ? null
        : {
            date: wished,
            share: shareOf(sorted.filter((i) => i < dates.length && dates[i] <= wished).length),
          },
    ends: [
      ...groupBy(
        sorted.filter((i) => i < dates.length),
        String,
      ),
    ].map(([i, same]) => ({
      date: dates[Number(i)],
      share: shareOf(same.length),
    })),
  };
}

/**
 * What is laid out of a unit and not done, day by day. A day’s work is that of whoever has least to spare on it, and its room is
 * what they have that day beside other work.
 * @returns undefined where a part that is needed stands on no day
 */
function stepsOf(
  plan: Plan,
  unit: Unit,
  days: readonly { date: IsoDate }[],
  today: IsoDate,
): Step[] | undefined {
  const homeOf = homes(plan);
  const done = doneParts(plan);
  const parts = byId(plan.parts);
  const minutesFor = partMinutes(plan);
  const isOfUnit = (partId: string): boolean => {
    const part = parts.get(partId)!;
    return homeOf(part).unit?.id === unit.id && (part.ruleId === null || part.fixedDate === null);
  };
  const left = plan.sittings.filter((s) => !done.has(s.partId));
  const placed = new Set(left.map((s) => s.partId));
  const isOut = plan.parts.some(
    (p) =>
      homeOf(p).unit?.id === unit.id &&
      p.ruleId === null &&
      !p.optional &&
      !done.has(p.id) &&
      !placed.has(p.id) &&
      !homeOf(p).lesson?.optional &&
      !homeOf(p).lesson?.leftOut,
  );
  if (isOut) return undefined;
  const limits = new Map([
    ...plan.children.map((c): [string, number] => [c.id, c.minutes]),
    [PARENT, plan.family?.leadMinutes ?? 0],
  ]);
  const minutesOf = (partId: string): Map<string, number> => {
    const part = parts.get(partId)!;
    const { minutes, lead } = minutesFor(part, homeOf(part).unit);
    return new Map([...Object.entries(minutes), [PARENT, part.adultId === null ? lead : 0]]);
  };
  const index = new Map(days.map((d, i) => [d.date, i]));
  // What was not ticked on days gone by is still to be done: with the first day there is.
  const dayOf = (date: IsoDate): IsoDate => (date < today ? (days[0]?.date ?? date) : date);
  return [...groupBy(left, (s) => dayOf(s.date))]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .flatMap(([date, sittings]): Step[] => {
      const of = sittings.filter((s) => isOfUnit(s.partId)).map((s) => s.partId);
      if (!of.length) return [];
      const load = (ids: readonly string[], who: string): number =>
        ids.reduce((sum, id) => sum + (minutesOf(id).get(who) ?? 0), 0);
      const all = sittings.map((s) => s.partId);
      const [who, limit] = [...limits]
        .filter(([id]) => load(of, id) > 0)
        .sort(([a, x], [b, y]) => load(all, b) / (y || 1) - load(all, a) / (x || 1))[0] ?? [PARENT, 0];
      return [
        {
          from: index.get(date) ?? 0,
          pieces: of.flatMap((id) => {
            const minutes = minutesOf(id).get(who) ?? 0;
            return minutes ? [{ kind: parts.get(id)!.kind, minutes }] : [];
          }),
          room: load(of, who) + Math.max(0, limit - load(all, who)),
        },
      ];
    });
}

/** Days of a week on which the unit is taught, at most: as many as its fullest week has now, or its pace allows. */
function perWeekOf(steps: readonly Step[], unit: Unit, days: readonly { week: number }[]): number | null {
  const pace = unit.mostPerWeek ?? unit.lessonsPerWeek;
  if (pace === null) return null;
  const fullest = Math.max(
    ...[...groupBy(steps, (s) => String(days[s.from].week))].map(([, same]) => same.length),
  );
  return Math.max(fullest, pace);
}

/** “between 19 and 27 Nov, 86 in 100 by 27 Nov”; where little is known, that it is a guess. */
export function forecastInWords({ days, isKnown, first, last, by }: Forecast, guess: number): string {
  const when =
    first === null
      ? 'not within the school year'
      : last === null
        ? `from ${dayMonth(first)} on, or not within the school year`
        : first === last
          ? `on ${dayMonth(first)}`
          : `between ${dayMonth(first)} and ${dayMonth(last)}`;
  if (!isKnown)
    return `${when}, if you keep ${guess} of 100 days as you guess (${days ? `${days} on record` : 'none on record yet'})`;
  return by
    ? `${when}, ${Math.round(by.share * 100)} in 100 by ${dayMonth(by.date)}`
    : `${when}, 8 times in 10`;
}

/**
 * How good a lay-out is, as one sum: less is better, and each line is worth far more than all below it. The engine, the exact
 * solver it is measured against, the tests and the screen's figures share it. Weights: own choice, in the order of wishes.
 */
import { Pace } from './pace';
import { schoolDayFrom, type SchoolDay } from '../calendar/school-days';
import type { IsoDate } from '../plan/measures';
import {
  mayPlace,
  type LayLesson,
  type LayoutInput,
  type LayPart,
  type LayUnit,
  type Place,
} from './problem';

/** What one of each costs. */
export const WEIGHT = {
  /** A part without a place; one that may be left out costs least. */
  out: 30_000,
  optionalOut: 3_000,
  /** A lesson that begins in a week over the unit's pace. */
  overPace: 5_000,
  /** A school day after a wished end. */
  late: 800,
  /** A lesson that begins on a day on which as many begin as the pace needs in a day. */
  crowded: 250,
  /** A part on another day than it stood on; in another half-day of it. */
  moved: 200,
  shifted: 50,
  /** A lesson that begins in another week than the pace would have it, counted in both weeks. */
  uneven: 30,
  /** A weekend within a lesson, and a break on top of it. */
  overWeekend: 20,
  overBreak: 20,
  /** A day over which a lesson is spread. */
  spread: 6,
  /** A part in another half-day than is wished for. */
  window: 4,
  /** A school day after that on which the pace alone would have a unit’s last lesson begin, until it is done. */
  finish: 1,
  /** A school day between where a lesson begins and where the pace alone would have it begin. */
  aim: 0.02,
} as const;

export type Score = Record<keyof typeof WEIGHT, number> & { total: number };

/** Where a part stands, as the day's index and the window's; undefined for one that stands nowhere. */
export type PlaceOf = (part: LayPart) => { day: number; window: number } | undefined;

/** What of a lay-out's problem the score looks at again and again, worked out once. */
export interface Scale {
  input: LayoutInput;
  /** School weeks. */
  weeks: number;
  dayOf: ReadonlyMap<string, number>;
  windowOf: ReadonlyMap<string, number>;
  /** For each unit the day on which its pace alone would have each lesson begin from today on; past the last where the year is too short. */
  ideal: ReadonlyMap<string, readonly number[]>;
  /** Lessons of each unit that may begin on a day. */
  perDay: ReadonlyMap<string, number>;
  /** Of them so many in each school week; none for a unit with neither pace nor end. */
  idealInWeek: ReadonlyMap<string, Float64Array>;
  /** For each unit the day on which its pace alone would have its last lesson begin, and the last day that is not late. */
  ends: ReadonlyMap<string, { due: number; last: number }>;
}

export function scaleOf(input: LayoutInput): Scale {
  const weeks = (input.days.at(-1)?.week ?? -1) + 1;
  const ideal = new Map(input.units.map((u) => [u.id, idealDays(u, input)]));
  return {
    input,
    weeks,
    dayOf: new Map(input.days.map((d) => [d.date, d.index])),
    windowOf: new Map(input.windows.map((w, i) => [w.name, i])),
    ideal,
    perDay: new Map(input.units.map((u) => [u.id, new Pace(u, input.days).perDay])),
    idealInWeek: new Map(
      input.units.flatMap((u) => {
        if (u.lessonsPerWeek === null && u.wishedEnd === null) return [];
        const inWeek = new Float64Array(weeks);
        for (const day of ideal.get(u.id)!) if (day < input.days.length) inWeek[input.days[day].week]++;
        return [[u.id, inWeek] as const];
      }),
    ),
    ends: new Map(
      input.units.map((u) => [u.id, { due: ideal.get(u.id)!.at(-1) ?? 0, last: lastInTime(u, input.days) }]),
    ),
  };
}

function lastInTime({ wishedEnd }: LayUnit, days: readonly SchoolDay[]): number {
  return wishedEnd === null ? Infinity : days.filter((d) => d.date <= wishedEnd).length - 1;
}

/**
 * The day on which the pace alone would have each lesson begin, from today on, whatever stands in the way. One that stays with
 * something of it begins there.
 */
function idealDays(unit: LayUnit, { days, today, held }: LayoutInput): number[] {
  const pace = new Pace(unit, days);
  const dayFrom = (date: IsoDate): number => schoolDayFrom(days, date)?.index ?? days.length;
  const stays = unit.lessons.map(({ parts }) => {
    const on = parts.flatMap((p) => held.get(p.id)?.date ?? p.fixedDate ?? []).sort();
    return on.length ? dayFrom(on[0]) : undefined;
  });
  for (const day of stays) if (day !== undefined && day < days.length) pace.begins(day);
  let from = Math.max(pace.firstDay, dayFrom(today));
  return unit.lessons.map((_, i) => {
    const day = stays[i] ?? pace.target(i, from);
    if (stays[i] === undefined && day < days.length) pace.begins(day);
    from = Math.min(Math.max(from, day), days.length);
    return Math.min(day, days.length);
  });
}

/** Nothing counted yet. */
export const noScore = (): Score => ({
  out: 0,
  optionalOut: 0,
  overPace: 0,
  late: 0,
  crowded: 0,
  moved: 0,
  shifted: 0,
  uneven: 0,
  overWeekend: 0,
  overBreak: 0,
  spread: 0,
  window: 0,
  finish: 0,
  aim: 0,
  total: 0,
});

/**
 * The score of a lay-out. What is held or has a fixed date stands where it stands: only its lateness and its place in the weeks
 * count. What closes a unit is not counted: it is placed when the lessons stand.
 */
export function score(scale: Scale, placeOf: PlaceOf): Score {
  const { input } = scale;
  const s = noScore();
  for (const unit of input.units) scoreUnit(scale, unit, placeOf, s);
  for (const kind of Object.keys(WEIGHT) as (keyof typeof WEIGHT)[]) s.total += s[kind] * WEIGHT[kind];
  return s;
}

function scoreUnit(scale: Scale, unit: LayUnit, placeOf: PlaceOf, s: Score): void {
  const { input } = scale;
  const { due, last } = scale.ends.get(unit.id)!;
  const ideal = scale.ideal.get(unit.id)!;
  const idealInWeek = scale.idealInWeek.get(unit.id);
  const begun = new Map<number, number>();
  const onDay = new Map<number, number>();
  let end = -1;
  for (const [i, lesson] of unit.lessons.entries()) {
    const began = scoreLesson(scale, lesson, placeOf, s);
    if (began !== undefined) {
      s.aim += Math.abs(began - ideal[i]);
      const { week } = input.days[began];
      begun.set(week, (begun.get(week) ?? 0) + 1);
      onDay.set(began, (onDay.get(began) ?? 0) + 1);
    }
    for (const part of lesson.parts) end = Math.max(end, placeOf(part)?.day ?? -1);
  }
  if (end > last) s.late += end - last;
  if (end > due) s.finish += end - due;
  if (unit.mostPerWeek !== null)
    for (const n of begun.values()) s.overPace += Math.max(0, n - unit.mostPerWeek);
  const perDay = scale.perDay.get(unit.id)!;
  for (const n of onDay.values()) s.crowded += Math.max(0, n - perDay);
  if (idealInWeek) idealInWeek.forEach((n, week) => (s.uneven += Math.abs(n - (begun.get(week) ?? 0))));
}

/**
 * Adds what a lesson costs by itself.
 * @returns the day on which it begins; undefined where none of it stands
 */
export function scoreLesson(scale: Scale, lesson: LayLesson, placeOf: PlaceOf, s: Score): number | undefined {
  const { days } = scale.input;
  let began: number | undefined;
  let from: number | undefined;
  let to = 0;
  let isWaiting = false;
  for (const part of lesson.parts) {
    scorePart(scale, part, placeOf, s);
    const place = placeOf(part);
    if (place) {
      began = Math.min(began ?? Infinity, place.day);
      // What comes after a wait does not tear the lesson.
      if (!isWaiting) {
        from = Math.min(from ?? Infinity, place.day);
        to = Math.max(to, place.day);
      }
    }
    isWaiting ||= part.waitAfterHours > 0;
  }
  if (from !== undefined && to > from) {
    s.spread += to - from;
    s.overWeekend += days[to].week - days[from].week;
    s.overBreak += days[to].block - days[from].block;
  }
  return began;
}

function scorePart(scale: Scale, part: LayPart, placeOf: PlaceOf, s: Score): void {
  const { previous } = scale.input;
  if (!mayPlace(scale.input, part)) return;
  const place = placeOf(part);
  if (!place) {
    if (part.optional) s.optionalOut++;
    else s.out++;
    return;
  }
  const was = previous.get(part.id);
  const day = was && scale.dayOf.get(was.date);
  if (was && day !== undefined) {
    if (day !== place.day) s.moved++;
    else if (scale.windowOf.get(was.window) !== place.window) s.shifted++;
  }
  if (part.window && scale.windowOf.get(part.window) !== place.window) s.window++;
}

/** Finds places among the placements of a lay-out. */
export function placesAmong(scale: Scale, placements: readonly ({ partId: string } & Place)[]): PlaceOf {
  const places = new Map(
    placements.flatMap((p) => {
      const day = scale.dayOf.get(p.date);
      return day === undefined ? [] : [[p.partId, { day, window: scale.windowOf.get(p.window)! }] as const];
    }),
  );
  return (part) => places.get(part.id);
}

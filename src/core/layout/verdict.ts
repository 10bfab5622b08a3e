/** How a unit's lay-out stands against its wished end, in figures, with the pace that would meet it worked out. */
import { count } from '../plan/called';
import { shortDate } from '../calendar/dates';
import { paceForWeeks } from '../pacing/pacing';
import type { IsoDate } from '../plan/measures';
import { once } from '../plan/once';
import type { Plan } from '../plan/plan';
import { layoutInput } from './input';
import { needsOf, unitWithin } from './availability';
import type { Bound, LayoutInput, LayPart, LayUnit } from './problem';
import { AS_CONSTRUCTED, layOut } from './lay-out';
import { noPace, type HeldBy } from './no-pace';
import { taughtOf } from './taught';

export interface Verdict {
  unitId: string;
  lessons: number;
  /** Lessons with every part placed. */
  placed: number;
  /** The last day a part stands on; undefined while nothing is placed. */
  finishes?: IsoDate;
  wishedEnd: IsoDate | null;
  meetsEnd: boolean;
  /** School days after the finish, up to and with the wished end; 0 when it is late or there is none. */
  spareDays: number;
  /** School days from the wished end to the finish; 0 when it is met. */
  daysLate: number;
  /** Since when the unit is closed, with the lessons of which anything was taught. */
  closed?: { on: IsoDate; taught: number };
  /** Lessons that end after the wished end or have no place. */
  lessonsBeyond: number;
  /** Lessons a week that the whole unit would need, from its start to the wished end; not rounded. */
  neededPerWeek?: number;
  /** The lowest pace above the present one that meets the end when laid out afresh, and when it would finish. */
  remedy?: { lessonsPerWeek: number; finishes: IsoDate };
  /** Where no pace meets the end: the first of these without which one would; undefined where none of them alone is it. */
  heldBy?: HeldBy;
  /** The one thing that has to be there for it, where that is it. */
  needs?: Bound;
}

/** What a lay-out of a plan works on, for a day; the same for each of its units. */
const inputs = once((_: Plan) => new Map<IsoDate, LayoutInput | undefined>());
function asLaidOut(plan: Plan, today: IsoDate): LayoutInput | undefined {
  const known = inputs(plan);
  if (!known.has(today)) known.set(today, layoutInput(plan, { today }));
  return known.get(today);
}

/** Measures a plan's sittings of a unit against its wished end; undefined while there is no year to lay out on. */
export function howItStands(plan: Plan, unitId: string, today: IsoDate): Verdict | undefined {
  const input = asLaidOut(plan, today);
  const unit = input?.units.find((u) => u.id === unitId);
  if (!input || !unit) return undefined;
  const closedOn = plan.units.find((u) => u.id === unitId)?.closedOn ?? null;
  if (closedOn !== null) {
    const { lessons, taught } = taughtOf(plan, unitId);
    const stood = measure(input, plan.sittings, { ...unit, wishedEnd: null });
    return {
      ...stood,
      lessons,
      placed: taught,
      meetsEnd: true,
      lessonsBeyond: 0,
      closed: { on: closedOn, taught },
    };
  }
  return measure(input, plan.sittings, unit);
}

/** The same, with the pace that would meet the end where it is not met, or what is in the way of it. */
export function verdictOf(plan: Plan, unitId: string, today: IsoDate): Verdict | undefined {
  const figures = howItStands(plan, unitId, today);
  const input = asLaidOut(plan, today);
  const unit = input?.units.find((u) => u.id === unitId);
  if (!figures || !input || !unit?.wishedEnd || figures.meetsEnd || figures.lessons === 0) return figures;
  const { wishedEnd } = unit;
  const weeks = new Set(
    input.days.filter((d) => d.date >= unit.starts && d.date <= wishedEnd).map((d) => d.week),
  ).size;
  const remedy = fasterPace(input, unit);
  return {
    ...figures,
    neededPerWeek: weeks ? paceForWeeks(figures.lessons, weeks) : undefined,
    remedy,
    ...(remedy ? {} : whatHolds(input, unit)),
  };
}

/** The verdict as a parent would say it, with its figures. */
export function verdictInWords(v: Verdict): string {
  if (!v.lessons) return 'There are no lessons yet.';
  if (v.closed)
    return `Closed on ${shortDate(v.closed.on)}: ${v.closed.taught} of ${count(v.lessons, 'lesson')} taught${v.closed.taught < v.lessons ? `, ${v.lessons - v.closed.taught} left over` : ''}.`;
  if (!v.finishes) return `None of the ${count(v.lessons, 'lesson')} has a place in the school year.`;
  const message = [`${count(v.lessons, 'lesson')}, the last on ${shortDate(v.finishes)}.`];
  if (v.placed < v.lessons)
    message.push(
      `${count(v.lessons - v.placed, 'lesson')} ${v.lessons - v.placed === 1 ? 'does' : 'do'} not fit into the school year.`,
    );
  if (!v.wishedEnd) return message.join(' ');
  if (v.meetsEnd)
    message.push(
      v.spareDays
        ? `${count(v.spareDays, 'school day')} to spare before ${shortDate(v.wishedEnd)}.`
        : 'Just as you wished.',
    );
  else {
    if (v.daysLate)
      message.push(
        `That is ${count(v.daysLate, 'school day')} after your wished end, ${shortDate(v.wishedEnd)};`,
        `${count(v.lessonsBeyond, 'lesson')} ${v.lessonsBeyond === 1 ? 'lies' : 'lie'} beyond it.`,
      );
    else message.push(`Your wished end is ${shortDate(v.wishedEnd)}.`);
    if (v.neededPerWeek)
      message.push(`Meeting it takes ${decimal(v.neededPerWeek)} lessons a week from the start.`);
    message.push(
      v.remedy
        ? `At ${v.remedy.lessonsPerWeek} a week it would end on ${shortDate(v.remedy.finishes)}.`
        : v.heldBy === 'needs'
          ? `${noPace(v)}; do without it, or move the end.`
          : `${noPace(v)}: drop or shorten lessons, or move the end.`,
    );
  }
  return message.join(' ');
}

const decimal = (n: number): string => String(Math.round(n * 10) / 10);

function measure(
  input: LayoutInput,
  sittings: readonly { partId: string; date: IsoDate }[],
  unit: LayUnit,
): Verdict {
  const dateOf = new Map(sittings.map((s) => [s.partId, s.date]));
  const { wishedEnd } = unit;
  let finishes: IsoDate | undefined;
  let placed = 0;
  let lessonsBeyond = 0;
  for (const lesson of unit.lessons) {
    const dates = lesson.parts.map((p) => dateOf.get(p.id));
    const whole = dates.every((d) => d !== undefined);
    if (whole) placed++;
    for (const d of dates) if (d && (!finishes || d > finishes)) finishes = d;
    if (!whole || (wishedEnd && dates.some((d) => d! > wishedEnd))) lessonsBeyond++;
  }
  const daysAfter = (from: IsoDate, to: IsoDate): number =>
    input.days.filter((d) => d.date > from && d.date <= to).length;
  return {
    unitId: unit.id,
    lessons: unit.lessons.length,
    placed,
    finishes,
    wishedEnd,
    meetsEnd: lessonsBeyond === 0,
    spareDays: finishes && wishedEnd && finishes <= wishedEnd ? daysAfter(finishes, wishedEnd) : 0,
    daysLate: finishes && wishedEnd && finishes > wishedEnd ? daysAfter(wishedEnd, finishes) : 0,
    lessonsBeyond,
  };
}

/** The fewest lessons a week with which a unit, laid out afresh, meets its wished end; undefined when none does. */
export function paceMeeting(plan: Plan, unitId: string, today: IsoDate): number | undefined {
  const input = layoutInput(plan, { today });
  const unit = input?.units.find((u) => u.id === unitId);
  return input && unit?.wishedEnd && unit.lessons.length
    ? fasterPace(input, unit, 1)?.lessonsPerWeek
    : undefined;
}

function fasterPace(
  input: LayoutInput,
  unit: LayUnit,
  from = (unit.mostPerWeek ?? 0) + 1,
): Verdict['remedy'] {
  const inUnit = new Set(unit.lessons.flatMap((l) => l.parts.map((p) => p.id)));
  const previous = new Map([...input.previous].filter(([partId]) => !inUnit.has(partId)));
  for (let lessonsPerWeek = from; lessonsPerWeek <= Math.max(from + 4, 10); lessonsPerWeek++) {
    const outcome = atPace({ ...input, previous }, unit, lessonsPerWeek);
    if (outcome.meetsEnd && outcome.finishes) return { lessonsPerWeek, finishes: outcome.finishes };
  }
  return undefined;
}

/** How a unit stands, laid out afresh at a pace. */
function atPace(input: LayoutInput, unit: LayUnit, lessonsPerWeek: number): Verdict {
  const faster = { ...unit, lessonsPerWeek, mostPerWeek: lessonsPerWeek };
  const trial = { ...input, units: input.units.map((u) => (u.id === unit.id ? faster : u)) };
  return measure(trial, layOut(trial, AS_CONSTRUCTED).placements, faster);
}

/** More than any day holds, and as fast as a unit can go. */
const NO_LIMIT = 24 * 60;
const FASTEST = 35;

/** What stands against an end that no pace meets: limits are lifted one after the other until one does. */
function whatHolds(input: LayoutInput, unit: LayUnit): Pick<Verdict, 'heldBy' | 'needs'> {
  const alone = { ...input, previous: new Map() };
  const meets = (trial: LayoutInput, of: LayUnit = unit): boolean => atPace(trial, of, FASTEST).meetsEnd;
  const needed = needsOf(unit);
  if (
    needed.length &&
    meets(
      alone,
      unitWithin(unit, () => false),
    )
  )
    return {
      heldBy: 'needs',
      needs: needed.find(({ of }) =>
        meets(
          alone,
          unitWithin(unit, (b) => b.of !== of),
        ),
      ),
    };
  if (input.away.size && meets({ ...alone, away: new Map() })) return { heldBy: 'appointments' };
  const minutes = {
    ...alone,
    leadLimit: NO_LIMIT,
    childLimits: Object.fromEntries(Object.keys(input.childLimits).map((id) => [id, NO_LIMIT])),
  };
  if (meets(minutes)) return { heldBy: 'minutes' };
  const oneMinute = (part: LayPart): LayPart => ({
    ...part,
    minutes: Object.fromEntries(Object.keys(part.minutes).map((id) => [id, 1])),
    lead: Math.min(part.lead, 1),
    inUse: Math.min(part.inUse, 1),
  });
  const short = withParts(unit, oneMinute);
  if (meets(minutes, short)) return { heldBy: 'school-day' };
  const byAnybody = withParts(short, (part) => ({ ...part, leader: null }));
  return { heldBy: meets(minutes, byAnybody) ? 'adults' : undefined };
}

const withParts = (unit: LayUnit, change: (part: LayPart) => LayPart): LayUnit => ({
  ...unit,
  lessons: unit.lessons.map((l) => ({ ...l, parts: l.parts.map(change) })),
  closing: unit.closing.map(change),
});

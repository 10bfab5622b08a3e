/**
 * Draws a plan again after a change: what comes back and the work of each child first, since they take time, then the
 * lay-out.
 */
import { addDays } from '../calendar/dates';
import { schoolDayFrom, schoolDays, type SchoolDay } from '../calendar/school-days';
import { assignments } from '../ladder/assign';
import { byId, groupBy, homes } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan, Reason, Sitting } from '../plan/plan';
import { layoutInput, type LayoutChoice } from './input';
import type { LayoutInput } from './problem';
import { boundBy, isBound } from './availability';
import type { Layout, Placement } from './answer';
import { layOut } from './lay-out';
import { sameParts, withRecurring, type Reach } from './recurring';

export interface Redrawn {
  plan: Plan;
  /** Undefined while there is no family or no school year to lay out on. */
  input?: LayoutInput;
  layout?: Layout;
}

/** Days from today on for which the family's recurring parts are made, whatever units there are. */
const AHEAD = 13;
/** Rounds in which the reach follows the lessons; where it runs ahead of them for ever, it is then the whole year. */
const FOLLOWING_ROUNDS = 4;
/** Rounds after those in which what comes back follows lessons that stay where they were found a place, if they can. */
const SETTLING_ROUNDS = 4;

/** A plan drawn again, its units in a row one after the other. */
export function redraw(given: Plan, choice: LayoutChoice): Redrawn {
  let plan = given;
  let drawn = drawOnce(plan, given, choice);
  // A unit of a row starts when the one before it has ended, which may move the next: once for each of the row.
  const rounds = plan.units.some((u) => u.after !== null) ? 2 * plan.units.length + 2 : 0;
  for (let round = 0; round < rounds; round++) {
    const units = startedInRow(drawn);
    if (!units) break;
    plan = { ...drawn.plan, units };
    const moved = units.filter((u, i) => u !== drawn.plan.units[i]).map((u) => u.id);
    drawn = drawOnce(plan, given, {
      ...choice,
      // What was found a place for stays there; only what follows moves.
      search: false,
      fresh: moved,
    });
  }
  return drawn;
}

/**
 * The units with the start of each that follows another put on the school day after that one's last; undefined where all
 * stand so already. One that follows a unit on no day keeps its start.
 */
function startedInRow({ plan, input, layout }: Redrawn): Plan['units'] | undefined {
  if (!input || !layout || plan.units.every((u) => u.after === null)) return undefined;
  const homeOf = homes(plan);
  const parts = byId(plan.parts);
  const ends = new Map<string, IsoDate>();
  for (const { partId, date } of layout.placements) {
    const part = parts.get(partId)!;
    const unit = part.ruleId === null ? homeOf(part).unit : undefined;
    if (unit && date > (ends.get(unit.id) ?? '')) ends.set(unit.id, date);
  }
  let isMoved = false;
  const units = plan.units.map((unit) => {
    const end = unit.after === null || unit.waiting ? undefined : ends.get(unit.after);
    // After the last school day there is none: the next waits for another year.
    const starts = end && (schoolDayFrom(input.days, addDays(end, 1))?.date ?? addDays(end, 1));
    if (!starts || starts === unit.starts) return unit;
    isMoved = true;
    return { ...unit, starts };
  });
  return isMoved ? units : undefined;
}

/** Before anything stands anywhere. */
const NOWHERE: Reach = { units: new Map(), family: '', places: new Map() };

/**
 * What comes back is made as far as the lessons reach, and takes minutes that may push the lessons on; so the two are
 * drawn in turn, the reach only ever growing, until nothing is added. What was made beyond where they reach in the end goes
 * again, and they stay.
 */
function drawOnce(from: Plan, given: Plan, choice: LayoutChoice): Redrawn {
  const comesBack = from.rules.length > 0 || from.parts.some((p) => p.ruleId !== null);
  if (!comesBack) return drawnOn(from, given, choice);
  // What goes with lessons is there before there is a year.
  const days = from.year ? schoolDays(from.year) : [];
  const staying: LayoutChoice = { ...choice, fresh: [], search: false };
  let reach = NOWHERE;
  let plan = from;
  let drawn: Redrawn | undefined;
  for (let round = 0; ; round++) {
    const next = broughtBack(plan, days, reach);
    const isSettled = round > 0 && sameParts(next.parts, plan.parts);
    drawn =
      round > FOLLOWING_ROUNDS ? drawnOn(next, given, staying, drawn?.layout) : drawnOn(next, given, choice);
    if (isSettled || !drawn.layout || !next.rules.length || round > FOLLOWING_ROUNDS + SETTLING_ROUNDS) break;
    reach = grown(reach, next, drawn.layout, choice.today);
    // Where what comes back pushes away what it comes after, it would follow it for ever.
    plan = round < FOLLOWING_ROUNDS ? next : drawn.plan;
    if (round === FOLLOWING_ROUNDS) reach = toTheEnd(reach, next, days.at(-1)?.date ?? '');
  }
  // What is on no day would come into the room that is left then, and bring it back.
  if (!drawn.layout || drawn.layout.unplaced.length) return drawn;
  const within = broughtBack(drawn.plan, days, grown(NOWHERE, drawn.plan, drawn.layout, choice.today));
  return sameParts(within.parts, drawn.plan.parts) ? drawn : drawnOn(within, given, staying, drawn.layout);
}

/**
 * A plan laid out, with the work of each child.
 * @param stood where what stays stood a moment ago, and why: it stands there for the same reason
 */
function drawnOn(plan: Plan, given: Plan, choice: LayoutChoice, stood?: Layout): Redrawn {
  const worked = { ...plan, assignments: assignments(plan) };
  const laid = laidOut(worked, choice);
  if (!laid) return { plan: { ...worked, sittings: [] } };
  const layout = stood ? forReasonsOf(stood, laid.layout) : laid.layout;
  return { plan: { ...worked, sittings: sittingsFrom(layout, given) }, input: laid.input, layout };
}

function forReasonsOf(stood: Layout, layout: Layout): Layout {
  const before = new Map(stood.placements.map((p) => [p.partId, p]));
  const isThere = (a: Placement, b: Placement): boolean => a.date === b.date && a.window === b.window;
  return {
    ...layout,
    placements: layout.placements.map((p) => {
      const was = before.get(p.partId);
      return was && isThere(was, p) ? { ...p, reason: was.reason } : p;
    }),
  };
}

/** The plan with what its rules bring back as far as it reaches. */
function broughtBack(plan: Plan, days: readonly SchoolDay[], reach: Reach): Plan {
  const parts = withRecurring(plan, days, reach);
  const ids = new Set(parts.map((p) => p.id));
  return {
    ...plan,
    // Nothing may speak of a part that a rule brings back no more.
    parts: parts.map((p) => (p.teaches === null || ids.has(p.teaches) ? p : { ...p, teaches: null })),
    marks: plan.marks.filter((m) => ids.has(m.partId)),
  };
}

const toTheEnd = (reach: Reach, { units }: Plan, end: IsoDate): Reach => ({
  ...reach,
  units: new Map(units.map((u) => [u.id, end])),
  family: end,
});

interface Laid {
  input: LayoutInput;
  layout: Layout;
}

/** How many of the things that parts need are let go one by one, before all are. Own choice. */
const LET_GO = 6;

/**
 * Each part on a day on which what it needs is there. Where something would stand nowhere then, and would stand somewhere
 * otherwise, the things that bind most are let go, as few as do.
 */
function laidOut(plan: Plan, choice: LayoutChoice): Laid | undefined {
  const regardlessOf = (names: Iterable<string>): Laid | undefined => {
    const input = layoutInput(plan, { ...choice, regardless: new Set(names) });
    return input && { input, layout: layOut(input) };
  };
  const laid = regardlessOf([]);
  if (!laid?.layout.unplaced.length || !isBound(laid.input)) return laid;
  const names = boundBy(plan, choice.today);
  const none = regardlessOf(names)!;
  const least = none.layout.unplaced.length;
  if (least >= laid.layout.unplaced.length) return laid;
  for (let n = 1; n < names.length && n <= LET_GO; n++) {
    const some = regardlessOf(names.slice(0, n))!;
    if (some.layout.unplaced.length <= least) return some;
  }
  return none;
}

function grown(reach: Reach, plan: Plan, layout: Layout, today: IsoDate): Reach {
  const units = new Map(reach.units);
  const places = new Map(layout.placements.map((p) => [p.partId, p.date]));
  const homeOf = homes(plan);
  let family = [reach.family, addDays(today, AHEAD)].sort()[1];
  for (const part of plan.parts) {
    const date = places.get(part.id);
    const { lesson } = homeOf(part);
    if (!date || !lesson) continue;
    if (date > (units.get(lesson.unitId) ?? '')) units.set(lesson.unitId, date);
    if (date > family) family = date;
  }
  return { units, family, places };
}

/** The lay-out as sittings: a part keeps its sitting and its ink. */
function sittingsFrom(layout: Layout, plan: Plan): Sitting[] {
  const before = groupBy(plan.sittings, (s) => s.partId);
  return layout.placements.map(({ partId, date, window, reason }): Sitting => {
    const was = before.get(partId)?.[0];
    if (was?.date === date && was.window === window && isSameReason(was.reason, reason)) return was;
    return {
      id: was?.id ?? `sitting-${partId}`.slice(0, 64),
      partId,
      date,
      window,
      state: was?.state ?? 'pencil',
      reason,
    };
  });
}

const isSameReason = (a: Reason, b: Reason): boolean =>
  a.kind === b.kind && a.of === b.of && a.date === b.date;

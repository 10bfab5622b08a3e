/** One lesson tried from one day on: where its parts would stand, what that moves and what it costs. */
import type { Reason } from '../plan/plan';
import type { LayoutInput, LayPart } from './problem';
import type { Block, Schedule } from './schedule';
import type { Slot } from './slots';

/**
 * What a trial costs beside what it moves. Own choice: a week is looked through before the next one is begun, and a
 * lesson waits for Monday rather than be torn by the weekend.
 */
export const COST = { day: 3, laterWeek: 10, spread: 2, overWeekend: 14, overBreak: 18, window: 1 };

export interface Trial {
  /** Parts that stood somewhere in the last lay-out and would stand on another day; a quarter for another half-day. */
  moved: number;
  cost: number;
  placed: { part: LayPart; slot: Slot; reason: Reason }[];
}

/** What stood in the way of a part, on which school day. */
export interface Blocked {
  by?: Block;
  day: number;
}

export interface Attempt {
  /** School day on which the first free part must stand. */
  day: number;
  /** School day on which it is due, or stood. */
  aim: number;
  kept: number | undefined;
  earliest: Slot;
  latest: Slot;
  /** What stood in the way on the day aimed at. */
  blocked: Blocked | undefined;
}

export const isBetter = (a: Trial, b: Trial | undefined): boolean =>
  !b || a.moved < b.moved || (a.moved === b.moved && a.cost < b.cost);

/** Ways of looking for room: what stood, stays, and wishes are heard; then without one or the other. */
const WAYS = [
  { keep: true, wish: true },
  { keep: true, wish: false },
  { keep: false, wish: true },
] as const;

/**
 * The best trial of a lesson's parts, in order, from a day on; or what blocks it. A wanted half-day that is full must
 * not send a part to another day while another half-day has room, so each day is also tried without wishes.
 */
export function tryLesson(
  schedule: Schedule,
  input: LayoutInput,
  parts: readonly LayPart[],
  from: Attempt,
): Trial | Blocked {
  let best: Trial | undefined;
  let blocked: Blocked | undefined;
  for (const way of WAYS) {
    const trial = tryWay(schedule, input, parts, from, way);
    if ('placed' in trial) {
      if (isBetter(trial, best)) best = trial;
      if (trial.moved === 0 && trial.cost <= distance(input, from)) break;
    } else blocked ??= trial;
  }
  return best ?? blocked!;
}

/** What it costs to begin on another day than the one aimed at. */
function distance({ days }: LayoutInput, { day, aim }: Attempt): number {
  const weeksLater = Math.max(0, days[day].week - (days[aim]?.week ?? 0));
  return Math.abs(day - aim) * COST.day + weeksLater * COST.laterWeek;
}

function tryWay(
  schedule: Schedule,
  input: LayoutInput,
  parts: readonly LayPart[],
  from: Attempt,
  way: (typeof WAYS)[number],
): Trial | Blocked {
  const { slots } = schedule;
  const placed: Trial['placed'] = [];
  let at: Slot = Math.max(from.earliest, slots.firstOf(from.day));
  let cost = distance(input, from);
  let moved = 0;
  let waitedFor: LayPart | undefined;
  let first: Slot | undefined;
  let last: Slot = at;
  let failure: Blocked | undefined;

  for (const [i, part] of parts.entries()) {
    if (schedule.offPlace(part)) {
      at = Math.max(at, schedule.standsFrom(part)!);
      if (part.waitAfterHours > 0) {
        waitedFor = part;
        at = Math.max(at, schedule.afterWaitFor(part));
      }
      continue;
    }
    let slot = schedule.slotOf(part);
    if (slot === undefined) {
      at = Math.max(at, slots.notBefore(part));
      const bound = Math.min(schedule.nextHeld(parts, i), waitedFor ? Infinity : from.latest);
      const to = i === 0 ? Math.min(bound, slots.lastOf(from.day)) : bound;
      const found = schedule.room(part, { from: at, to, ...way });
      if (found.slot === undefined) {
        failure = { by: found.block, day: i === 0 ? from.day : slots.day(at) };
        break;
      }
      slot = found.slot;
      const later = found.block ? { by: found.block, day: slots.day(at) } : undefined;
      const blocked = i > 0 ? later : from.day === from.aim ? undefined : from.blocked;
      placed.push({ part, slot, reason: whyThere(schedule, input, i === 0, from, blocked, waitedFor, slot) });
      schedule.take(part, slot);
      if (part.window && slots.placeOf(slot).window !== part.window) cost += COST.window;
      const was = schedule.previousSlot(part);
      if (was !== undefined && was !== slot) moved += slots.day(was) === slots.day(slot) ? 0.25 : 1;
    } else if (slot < at && placed.length && schedule.binds(part)) {
      failure = { day: from.day };
      break;
    }
    at = Math.max(at, slot);
    if (!waitedFor) {
      first ??= slot;
      last = at;
    }
    if (part.waitAfterHours > 0) {
      waitedFor = part;
      at = Math.max(from.earliest, schedule.afterWaitFor(part, slot));
    }
  }
  for (const { part, slot } of placed) schedule.take(part, slot, -1);
  if (failure) return failure;
  const [a, b] = [first ?? last, last].map((slot) => input.days[slots.day(slot)]);
  cost +=
    (b.index - a.index) * COST.spread +
    (b.week - a.week) * COST.overWeekend +
    (b.block - a.block) * COST.overBreak;
  return { moved, cost, placed };
}

const FULL = { day: 'full', 'half-day': 'half-days-full', presence: 'not-there' } as const;

/** The binding constraint of a part just placed. */
function whyThere(
  { slots }: Schedule,
  { days }: LayoutInput,
  opens: boolean,
  from: Attempt,
  blocked: Blocked | undefined,
  waitedFor: LayPart | undefined,
  slot: Slot,
): Reason {
  const full = blocked?.by && blocked.by !== 'own-limits' ? blocked.by : undefined;
  const fullThen: Reason | undefined = full && {
    kind: FULL[full.of],
    of: full.who,
    date: days[blocked!.day].date,
  };
  if (opens) return fullThen ?? { kind: from.day === from.kept ? 'kept' : 'pace' };
  if (waitedFor) return { kind: 'wait', of: waitedFor.id, date: slots.placeOf(slot).date };
  return fullThen ?? { kind: 'with-lesson' };
}

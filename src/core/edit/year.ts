/** The school year, and units in their places in it. */
import { addDays, daysBetween, shortDate } from '../calendar/dates';
import { schoolDays } from '../calendar/school-days';
import { unitsInRow, type InRow } from '../pacing/pacing';
import { doneParts, homes, lessonsOf } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Mark, Plan } from '../plan/plan';
import type { DayOff, SchoolYear } from '../plan/year';
import { isClosed } from './closing';
import { GONE, withChanged, type Edit, type Refusal } from './edit';
import { blankMark } from '../plan/blank';
import type { Unit } from '../plan/unit';

/** Sets the school year. Pencil keeps its days where it can; what stood on a day that is now closed moves. */
export const setYear =
  (year: SchoolYear): Edit =>
  (plan) => ({ plan: { ...plan, year } });

/** Adds days off. */
export const takeDayOff =
  (off: Omit<DayOff, 'id'>): Edit =>
  (plan, { newId }) => {
    if (!plan.year) return { refused: 'There is no school year yet.' };
    if (plan.year.daysOff.some((o) => o.first <= off.first && off.last <= o.last))
      return { refused: `${shortDate(off.first)} is off already.` };
    return {
      plan: {
        ...plan,
        year: {
          ...plan.year,
          daysOff: [...plan.year.daysOff, { ...off, id: newId() }].sort((a, b) =>
            a.first < b.first ? -1 : 1,
          ),
        },
      },
    };
  };

/**
 * Days lost to illness, at any time: they are closed, what was not done on them did not happen, and what was in ink
 * there is pencil again so that it can move.
 */
export const dropInIllness =
  (first: IsoDate, last: IsoDate, label: string): Edit =>
  (plan, { newId, today }) => {
    if (!plan.year) return { refused: 'There is no school year yet.' };
    if (last < first) return { refused: 'The last day comes before the first.' };
    const done = doneParts(plan);
    const lost = plan.sittings.filter((s) => s.date >= first && s.date <= last && !done.has(s.partId));
    const lostParts = new Set(lost.map((s) => s.partId));
    const byRule = new Set(
      plan.parts.filter((p) => p.ruleId !== null && p.lessonId === null).map((p) => p.id),
    );
    // What is still to come has not been missed: it only finds another day.
    const marks = lost
      .filter(
        (s) =>
          s.date <= today &&
          !byRule.has(s.partId) &&
          !plan.marks.some((m) => m.partId === s.partId && m.date === s.date),
      )
      .map((s): Mark => ({
        id: newId(),
        partId: s.partId,
        childId: null,
        date: s.date,
        outcome: 'missed',
        ...blankMark,
        note: label,
      }));
    return {
      plan: {
        ...plan,
        year: {
          ...plan.year,
          daysOff: [...plan.year.daysOff, { id: newId(), first, last, label, kind: 'illness' }],
        },
        marks: [...plan.marks, ...marks],
        sittings: plan.sittings.map((s) =>
          lostParts.has(s.partId) && s.state === 'ink' ? { ...s, state: 'pencil' } : s,
        ),
      },
    };
  };

/** Puts a unit in its place: it starts on a date, and a hard end moves as far as the start does. A waiting unit waits no more. */
export const placeUnit =
  (id: string, starts: IsoDate): Edit =>
  (plan) => {
    const unit = plan.units.find((u) => u.id === id);
    if (!unit) return { refused: GONE };
    if (unit.closedOn !== null) return { refused: isClosed(unit) };
    const begun = unit.waiting ? undefined : begunOn(plan, id);
    if (begun && starts > begun)
      return {
        refused: `“${unit.title}” has begun: something of it is in ink or done on ${shortDate(begun)}. Rub out the ink first.`,
      };
    const wishedEnd =
      unit.wishedEnd && !unit.waiting
        ? addDays(unit.wishedEnd, daysBetween(unit.starts, starts))
        : unit.wishedEnd;
    return {
      plan: {
        ...plan,
        units: withChanged(plan.units, id, {
          starts,
          waiting: false,
          // On a day of its own it follows no other any more.
          after: null,
          wishedEnd: wishedEnd && wishedEnd < starts ? null : wishedEnd,
        }),
      },
      fresh: [id],
    };
  };

/** Sets a unit's hard end, or with null leaves it open. */
export const endUnit =
  (id: string, wishedEnd: IsoDate | null): Edit =>
  (plan) => {
    const unit = plan.units.find((u) => u.id === id);
    if (!unit) return { refused: GONE };
    if (unit.closedOn !== null) return { refused: isClosed(unit) };
    if (wishedEnd && wishedEnd < unit.starts)
      return {
        refused: `“${unit.title}” starts on ${shortDate(unit.starts)}; its end cannot come before that.`,
      };
    return { plan: { ...plan, units: withChanged(plan.units, id, { wishedEnd }) }, fresh: [id] };
  };

/** Takes a unit out of the year; it waits, with its lessons, for another place. */
export const letUnitWait =
  (id: string): Edit =>
  (plan) => {
    const unit = plan.units.find((u) => u.id === id);
    if (!unit) return { refused: GONE };
    if (unit.closedOn !== null) return { refused: isClosed(unit) };
    const begun = begunOn(plan, id);
    if (begun)
      return {
        refused: `“${unit.title}” has begun: something of it is in ink or done on ${shortDate(begun)}. Rub out the ink first.`,
      };
    return { plan: { ...plan, units: withChanged(plan.units, id, { waiting: true }) } };
  };

/** Sets a unit's pace: so many lessons a week, or with null as even as can be. */
export const paceUnit =
  (id: string, lessonsPerWeek: number | null): Edit =>
  (plan) => {
    const unit = plan.units.find((u) => u.id === id);
    if (!unit) return { refused: GONE };
    if (unit.closedOn !== null) return { refused: isClosed(unit) };
    return {
      plan: { ...plan, units: withChanged(plan.units, id, { lessonsPerWeek, mostPerWeek: null }) },
      fresh: [id],
    };
  };

/**
 * Places units one after another from a date on, tied: each begins on the school day after the one before has ended.
 * @param end the hard end of them all; undefined: that of the last one stays
 */
export const placeInRow =
  (ids: readonly string[], from: IsoDate, end?: IsoDate | null): Edit =>
  (plan): ReturnType<Edit> => {
    if (!plan.year) return { refused: 'There is no school year yet.' };
    const closed = plan.units.find((u) => ids.includes(u.id) && u.closedOn !== null);
    if (closed) return { refused: isClosed(closed) };
    if (end && end < from)
      return { refused: `They cannot end on ${shortDate(end)}, before they begin on ${shortDate(from)}.` };
    const row = rowOf(plan, ids);
    if ('refused' in row) return row;
    const { units } = unitsInRow(schoolDays(plan.year), from, row);
    const unplaced = units.find((u) => !u.starts);
    if (unplaced)
      return {
        refused: `The year is over before “${unplaced.title}” could begin. Quicken the pace or let it wait.`,
      };
    return {
      plan: {
        ...plan,
        units: plan.units.map((u) =>
          ids.includes(u.id)
            ? {
                ...u,
                waiting: false,
                starts: units[ids.indexOf(u.id)].starts!,
                after: ids[ids.indexOf(u.id) - 1] ?? null,
                // One hard end for the row: that of its last unit stays, if it comes late enough.
                wishedEnd: endOfRow(u, ids, units[ids.indexOf(u.id)].starts!, end),
              }
            : u,
        ),
      },
      fresh: ids,
    };
  };

function endOfRow(
  unit: Unit,
  ids: readonly string[],
  starts: IsoDate,
  end: IsoDate | null | undefined,
): IsoDate | null {
  if (unit.id !== ids.at(-1)) return null;
  if (end !== undefined) return end;
  return unit.wishedEnd !== null && unit.wishedEnd >= starts ? unit.wishedEnd : null;
}

/**
 * Units as they stand in a row: their lessons and pace; one without lessons counts as it is hoped, at three a week
 * where no pace is set.
 */
export function rowOf(plan: Plan, ids: readonly string[]): InRow[] | Refusal {
  const row: InRow[] = [];
  for (const id of ids) {
    const unit = plan.units.find((u) => u.id === id);
    if (!unit) return { refused: GONE };
    const perWeek = unit.lessonsPerWeek ?? 3;
    const lessons = lessonsOf(plan, id).length || (unit.hopedWeeks ?? 0) * perWeek;
    if (!lessons)
      return {
        refused: `“${unit.title}” has neither lessons nor a hoped length. Say how many weeks it may take.`,
      };
    row.push({ title: unit.title, lessons, perWeek });
  }
  return row;
}

/** The last day on which something of a unit's lessons is in ink or done. */
function begunOn(plan: Plan, id: string): IsoDate | undefined {
  const homeOf = homes(plan);
  const done = doneParts(plan);
  const parts = new Set(
    plan.parts.filter((p) => p.ruleId === null && homeOf(p).unit?.id === id).map((p) => p.id),
  );
  return plan.sittings
    .filter((s) => parts.has(s.partId) && (s.state === 'ink' || done.has(s.partId)))
    .map((s) => s.date)
    .sort()[0];
}

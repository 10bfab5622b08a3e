/** Checks a plan's sittings against what a lay-out promises. Used on files from outside and in tests. */
import { once } from '../plan/once';
import { shortDate, weekdayName } from '../calendar/dates';
import { schoolDayFrom, schoolDays, servesFor, whyClosed, windowsOf } from '../calendar/school-days';
import { byId, doneParts, groupBy, homes, isLeft, partsByLesson } from '../plan/lookup';
import type { Part } from '../plan/lesson';
import type { Plan, Sitting } from '../plan/plan';
import type { Breach } from './breach';
import { whileAway } from './check-away';
import { overLimits, overPace } from './check-limits';
import { placedByLayout } from './placed';
import { EVENING } from '../plan/words';
import { hoursBetween } from './waits';

/** The promises that what stands on a day breaks. What stands on none is told by `withoutPlace`. */
export const breaches = once((plan: Plan): readonly Breach[] => {
  if (!plan.year || !plan.family) return [];
  return [
    ...onClosedDays(plan),
    ...outOfOrder(plan),
    ...overLimits(plan),
    ...whileAway(plan),
    ...overPace(plan),
  ];
});

/** Parts that a lay-out should have put on a day and has not: a plan with such a part does not hold. */
export function withoutPlace(plan: Plan): { part: Part; message: string }[] {
  if (!plan.year || !plan.family) return [];
  const stands = new Set(plan.sittings.map((s) => s.partId));
  const homeOf = homes(plan);
  return plan.parts.flatMap((part) => {
    const home = homeOf(part);
    const { lesson, unit } = home;
    if (
      stands.has(part.id) ||
      unit?.waiting ||
      isLeft(home) !== undefined ||
      (!unit && part.fixedDate === null)
    )
      return [];
    return { part, message: `“${part.title}”${lesson ? ` of “${lesson.title}”` : ''} has no day.` };
  });
}

/** All that is broken in a plan from elsewhere, in words: what stands where it may not, and what stands nowhere. */
export function brokenIn(plan: Plan): string[] {
  return [...breaches(plan), ...withoutPlace(plan)].map((b) => b.message);
}

function onClosedDays(plan: Plan): Breach[] {
  const found: Breach[] = [];
  const parts = byId(plan.parts);
  const homeOf = homes(plan);
  const days = schoolDays(plan.year!);
  const open = new Set(days.map((d) => d.date));
  const ends = lastDays(plan);
  for (const s of placedByLayout(plan)) {
    const part = parts.get(s.partId)!;
    const { unit } = homeOf(part);
    const closed = open.has(s.date) ? undefined : whyClosed(plan.year!, s.date);
    if (closed)
      found.push({ kind: 'closed-day', message: `“${part.title}” is on ${shortDate(s.date)}, ${closed}.` });
    const before = unit?.after == null ? undefined : ends().get(unit.after);
    if (before && s.date <= before.date)
      found.push({
        kind: 'order',
        message: `“${part.title}” is on ${shortDate(s.date)}, and “${before.title}”, which comes first, goes on to ${shortDate(before.date)}.`,
      });
    if (unit && s.date < unit.starts)
      found.push({
        kind: 'before-unit',
        message: `“${part.title}” is on ${shortDate(s.date)}, before “${unit.title}” starts.`,
      });
    const at = part.weekday === null || closed ? undefined : schoolDayFrom(days, s.date);
    if (at && part.weekday !== null && !servesFor(days, at.index, part.weekday))
      found.push({
        kind: 'weekday',
        message: `“${part.title}” is on ${shortDate(s.date)}, and belongs on a ${weekdayName(part.weekday)}.`,
      });
    if ((part.window === EVENING) !== (s.window === EVENING))
      found.push({
        kind: 'window',
        message: `“${part.title}” is in the ${s.window} of ${shortDate(s.date)}, and ${
          part.window === EVENING ? 'is for the evening' : 'is not for the evening'
        }.`,
      });
    if (part.earliest && s.date < part.earliest)
      found.push({
        kind: 'order',
        message: `“${part.title}” is on ${shortDate(s.date)}, before ${shortDate(part.earliest)}, the earliest day for it.`,
      });
    if (part.latest && s.date > part.latest)
      found.push({
        kind: 'order',
        message: `“${part.title}” is on ${shortDate(s.date)}, after ${shortDate(part.latest)}, the latest day for it.`,
      });
  }
  return found;
}

/** The last day of each unit, worked out when it is first asked for: only units in a row ask. */
function lastDays(plan: Plan): () => ReadonlyMap<string, { title: string; date: string }> {
  let found: Map<string, { title: string; date: string }> | undefined;
  return () => {
    if (found) return found;
    found = new Map();
    const homeOf = homes(plan);
    const parts = byId(plan.parts);
    for (const { partId, date } of plan.sittings) {
      const part = parts.get(partId)!;
      const unit = part.ruleId === null ? homeOf(part).unit : undefined;
      if (unit && date > (found.get(unit.id)?.date ?? '')) found.set(unit.id, { title: unit.title, date });
    }
    return found;
  };
}

function outOfOrder(plan: Plan): Breach[] {
  const found: Breach[] = [];
  const windows = windowsOf(plan.year!);
  const names = windows.map((w) => w.name);
  const sittingOf = new Map(plan.sittings.map((s) => [s.partId, s]));
  const pencil = new Set(placedByLayout(plan).map((s) => s.partId));
  const done = doneParts(plan);
  // What was done ahead of its day happened on the day it was done.
  const doneOn = new Map(
    plan.marks.filter((m) => m.outcome === 'done' && done.has(m.partId)).map((m) => [m.partId, m.date]),
  );
  const moment = (s: Sitting): string => {
    const on = doneOn.get(s.partId);
    return `${on && on < s.date ? on : s.date} ${names.indexOf(s.window)}`;
  };
  const partsOf = partsByLesson(plan.parts);
  for (const lessons of groupBy(plan.lessons, (l) => l.unitId).values()) {
    let chain: Sitting | undefined;
    for (const lesson of lessons) {
      let before: Sitting | undefined;
      let waiting: { since: Sitting; hours: number; title: string } | undefined;
      let opens = true;
      for (const part of partsOf.get(lesson.id) ?? []) {
        const s = sittingOf.get(part.id);
        if (s) {
          const after = before ?? (opens ? chain : undefined);
          if (
            after &&
            !done.has(s.partId) &&
            s.reason.kind !== 'unticked' &&
            moment(s) < moment(after) &&
            (pencil.has(s.partId) || pencil.has(after.partId))
          )
            found.push({
              kind: 'order',
              message: `“${part.title}” of “${lesson.title}” is on ${shortDate(s.date)}, before what comes first on ${shortDate(after.date)}.`,
            });
          if (waiting && pencil.has(s.partId) && hoursBetween(waiting.since, s, windows) < waiting.hours)
            found.push({
              kind: 'wait',
              message: `“${part.title}” comes before “${waiting.title}” has waited ${waiting.hours} h.`,
            });
          before = s;
          // What is done in the evening, or after a wait, holds up no other lesson.
          if (!waiting && s.window !== EVENING && (!chain || moment(s) > moment(chain))) chain = s;
          opens = false;
        }
        if (part.waitAfterHours > 0 && s)
          waiting = { since: s, hours: part.waitAfterHours, title: part.title };
      }
    }
  }
  return found;
}

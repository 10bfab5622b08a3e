/** Checks a plan's sittings against what a lay-out promises. Used on files from outside and in tests. */
import { shortDate, weekdayName } from '../calendar/dates';
import { schoolDayFrom, schoolDays, servesFor, whyClosed, windowsOf } from '../calendar/school-days';
import { byId, childrenOf, doneParts, groupBy, homes, partsByLesson } from '../plan/lookup';
import type { Plan, Sitting } from '../plan/plan';
import { partMinutes } from './input';
import { hoursBetween } from './waits';

export interface Breach {
  kind: 'closed-day' | 'before-unit' | 'weekday' | 'order' | 'wait' | 'child-minutes' | 'parent-minutes';
  says: string;
}

export function breaches(plan: Plan): Breach[] {
  if (!plan.year || !plan.family) return [];
  return [...onClosedDays(plan), ...outOfOrder(plan), ...overLimits(plan)];
}

/** Sittings that the parent fixed by ink, by date or by having done them: theirs to place where they like. */
function placedByLayout(plan: Plan): Sitting[] {
  const done = doneParts(plan);
  const fixed = new Set(plan.parts.filter((p) => p.fixedDate).map((p) => p.id));
  return plan.sittings.filter((s) => s.state === 'pencil' && !done.has(s.partId) && !fixed.has(s.partId));
}

function onClosedDays(plan: Plan): Breach[] {
  const found: Breach[] = [];
  const parts = byId(plan.parts);
  const homeOf = homes(plan);
  const days = schoolDays(plan.year!);
  const open = new Set(days.map((d) => d.date));
  for (const s of placedByLayout(plan)) {
    const part = parts.get(s.partId)!;
    const { unit } = homeOf(part);
    const closed = open.has(s.date) ? undefined : whyClosed(plan.year!, s.date);
    if (closed) found.push({ kind: 'closed-day', says: `“${part.title}” is on ${shortDate(s.date)}, ${closed}.` });
    if (unit && s.date < unit.starts) found.push({ kind: 'before-unit', says: `“${part.title}” is on ${shortDate(s.date)}, before “${unit.title}” starts.` });
    const at = part.weekday === null || closed ? undefined : schoolDayFrom(days, s.date);
    if (at && part.weekday !== null && !servesFor(days, at.index, part.weekday)) found.push({ kind: 'weekday', says: `“${part.title}” is on ${shortDate(s.date)}, and belongs on a ${weekdayName(part.weekday)}.` });
    if (part.earliest && s.date < part.earliest) found.push({ kind: 'order', says: `“${part.title}” is on ${shortDate(s.date)}, before ${shortDate(part.earliest)}, the earliest day for it.` });
    if (part.latest && s.date > part.latest) found.push({ kind: 'order', says: `“${part.title}” is on ${shortDate(s.date)}, after ${shortDate(part.latest)}, the latest day for it.` });
  }
  return found;
}

function outOfOrder(plan: Plan): Breach[] {
  const found: Breach[] = [];
  const windows = windowsOf(plan.year!);
  const names = windows.map((w) => w.name);
  const sittingOf = new Map(plan.sittings.map((s) => [s.partId, s]));
  const pencil = new Set(placedByLayout(plan).map((s) => s.partId));
  const done = doneParts(plan);
  // What was done ahead of its day happened on the day it was done.
  const doneOn = new Map(plan.marks.filter((m) => m.outcome === 'done' && done.has(m.partId)).map((m) => [m.partId, m.date]));
  const moment = (s: Sitting): string => { const on = doneOn.get(s.partId); return `${on && on < s.date ? on : s.date} ${names.indexOf(s.window)}`; };
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
          if (after && !done.has(s.partId) && s.reason.kind !== 'unticked' && moment(s) < moment(after) && (pencil.has(s.partId) || pencil.has(after.partId)))
            found.push({ kind: 'order', says: `“${part.title}” of “${lesson.title}” is on ${shortDate(s.date)}, before what comes first on ${shortDate(after.date)}.` });
          if (waiting && pencil.has(s.partId) && hoursBetween(waiting.since, s, windows) < waiting.hours)
            found.push({ kind: 'wait', says: `“${part.title}” comes before “${waiting.title}” has waited ${waiting.hours} h.` });
          before = s;
          if (!waiting && (!chain || moment(s) > moment(chain))) chain = s;
          opens = false;
        }
        if (part.waitAfterHours > 0 && s) waiting = { since: s, hours: part.waitAfterHours, title: part.title };
      }
    }
  }
  return found;
}

/** Days on which a pencilled part takes someone over their minutes, of the day or of a window. */
function overLimits(plan: Plan): Breach[] {
  const found: Breach[] = [];
  const parts = byId(plan.parts);
  const homeOf = homes(plan);
  const minutesFor = partMinutes(plan);
  const pencil = new Set(placedByLayout(plan).map((s) => s.partId));
  const limits = new Map(plan.children.map((c) => [c.id, c.minutes]));
  for (const [date, sittings] of groupBy(plan.sittings, (s) => s.date)) {
    const taken = new Map<string, { minutes: number; pencil: boolean }>();
    for (const s of sittings) {
      const part = parts.get(s.partId)!;
      const { unit } = homeOf(part);
      const lay = minutesFor(part, unit);
      const people: [string, number][] = [...childrenOf(part, unit, plan.children).map((c): [string, number] => [c.id, lay.minutes[c.id]]), ['parent', lay.lead]];
      for (const [who, m] of people) {
        if (m === 0) continue;
        const sum = taken.get(who) ?? { minutes: 0, pencil: false };
        taken.set(who, { minutes: sum.minutes + m, pencil: sum.pencil || pencil.has(s.partId) });
      }
    }
    for (const [who, sum] of taken) {
      const limit = who === 'parent' ? plan.family!.leadMinutes : limits.get(who)!;
      if (!sum.pencil || sum.minutes <= limit) continue;
      const name = plan.children.find((c) => c.id === who)?.name;
      found.push(name
        ? { kind: 'child-minutes', says: `${name} has ${sum.minutes} min on ${shortDate(date)}; the limit is ${limit}.` }
        : { kind: 'parent-minutes', says: `You lead ${sum.minutes} min on ${shortDate(date)}; the limit is ${limit}.` });
    }
  }
  return found;
}

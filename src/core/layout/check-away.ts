/** Checks a plan's sittings against the family's other appointments, without the engine: minute by minute. */
import { shortDate } from '../calendar/dates';
import { schoolDays, windowsOf, type DayWindow, type SchoolDay } from '../calendar/school-days';
import { namesIn } from '../plan/called';
import { byId, childrenOf, doneParts, groupBy, homes, isDayOut } from '../plan/lookup';
import type { Appointment } from '../plan/appointment';
import type { Part } from '../plan/lesson';
import type { IsoDate } from '../plan/measures';
import type { Plan, Sitting } from '../plan/plan';
import { EVENING, OWN_WORK_KINDS } from '../plan/words';
import type { Breach } from './breach';
import { PARENT } from './counted';
import { placedByLayout } from './placed';
import { partMinutes } from './input';

const isAway = (a: Appointment, who: string): boolean =>
  who === PARENT ? a.parent : a.childIds.includes(who) || a.adultIds.includes(who);

/** The minutes of a window, each by itself, in which somebody is at an appointment. */
export function minutesAt(
  appointments: readonly Appointment[],
  who: string,
  date: IsoDate,
  from: number,
  to: number,
): Set<number> {
  const minutes = new Set<number>();
  for (const a of appointments)
    if (isAway(a, who) && a.dates.includes(date))
      for (let m = Math.max(from, a.starts); m < Math.min(to, a.ends); m++) minutes.add(m);
  return minutes;
}

/** The first and the minute after the last of a window on a day. */
export const spanOf = (window: DayWindow, day: SchoolDay | undefined): [from: number, to: number] => [
  window.starts,
  window.name === EVENING ? window.ends : Math.min(window.ends, day?.ends ?? window.ends),
];

/** What a lay-out placed in a half-day in which those who are in it have no time for it together. */
export const whileAway = (plan: Plan): Breach[] =>
  shutOut(plan, placedByLayout(plan)).map((message) => ({ kind: 'away', message }));

/** What is in ink, from a day on, in a half-day in which those who are in it have no time for it together; in words. */
export function inkedWhileAway(plan: Plan, today: IsoDate): string[] {
  const done = doneParts(plan);
  return plan.year
    ? shutOut(
        plan,
        plan.sittings.filter((s) => s.state === 'ink' && s.date >= today && !done.has(s.partId)),
      )
    : [];
}

function shutOut(plan: Plan, sittings: readonly Sitting[]): string[] {
  if (!plan.appointments.length) return [];
  const busyOn = new Set(plan.appointments.flatMap((a) => a.dates));
  const days = byId(schoolDays(plan.year!).map((d) => ({ ...d, id: d.date })));
  const windows = groupBy(windowsOf(plan.year!), (w) => w.name);
  const parts = byId(plan.parts);
  const found: string[] = [];
  for (const s of sittings) {
    if (!busyOn.has(s.date)) continue;
    const part = parts.get(s.partId)!;
    const [from, to] = spanOf(windows.get(s.window)![0], days.get(s.date));
    for (const group of groupsOf(plan, part)) {
      const length = isDayOut(part) ? Math.min(group.minutes, to - from) : group.minutes;
      const busy = group.who.map(({ id, minutes }) => ({
        id,
        minutes: Math.min(minutes, length),
        at: minutesAt(plan.appointments, id, s.date, from, to),
      }));
      if (busy.every((b) => !b.at.size)) continue;
      const isFree = (at: number): boolean =>
        busy.every((b) => Array.from({ length: b.minutes }, (_, m) => at + m).every((m) => !b.at.has(m)));
      let at = from;
      while (at + length <= to && !isFree(at)) at++;
      if (at + length <= to) continue;
      const { id } = busy.find((b) => b.at.size)!;
      const name = id === PARENT ? 'you are' : `${namesIn(plan)(id)} is`;
      found.push(
        `“${part.title}” takes ${length} min in the ${s.window} of ${shortDate(s.date)}, and ${name} away then.`,
      );
      break;
    }
  }
  return found;
}

interface Group {
  /** Minutes for which all of it lasts, and for which each is in it from its start. */
  minutes: number;
  who: { id: string; minutes: number }[];
}

/** Who is in a part at once: all who do it together, with who leads it; each alone where the work is their own. */
function groupsOf(plan: Plan, part: Part): Group[] {
  const { unit } = homes(plan)(part);
  const lay = partMinutes(plan)(part, unit);
  const children = childrenOf(part, unit, plan.children)
    .map((c) => ({ id: c.id, minutes: lay.minutes[c.id] }))
    .filter((c) => c.minutes > 0);
  if (OWN_WORK_KINDS.includes(part.kind)) return children.map((c) => ({ minutes: c.minutes, who: [c] }));
  const minutes = Math.max(lay.lead, 0, ...children.map((c) => c.minutes));
  const leader = { id: (part.orParent ? null : part.adultId) ?? PARENT, minutes: lay.lead };
  return [
    { minutes, who: [...children.map(({ id }) => ({ id, minutes })), ...(lay.lead > 0 ? [leader] : [])] },
  ];
}

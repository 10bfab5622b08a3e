/** Checks a plan's sittings against minutes and pace, without the engine: sums over days, half-days and weeks. */
import { once } from '../plan/once';
import { shortDate } from '../calendar/dates';
import type { IsoDate } from '../plan/measures';
import { minutesAt, spanOf } from './check-away';
import { placedByLayout } from './placed';
import { schoolDays, windowsOf, type DayWindow, type SchoolDay } from '../calendar/school-days';
import { byId, childrenOf, doneParts, groupBy, homes, isDayOut, partsByLesson } from '../plan/lookup';
import type { Plan, Sitting } from '../plan/plan';
import { EVENING } from '../plan/words';
import type { Breach } from './breach';
import { oneOf, thingIn } from './counted';
import { partMinutes } from './input';

interface Taken {
  minutes: number;
  /** Whether any of it was placed by a lay-out. */
  pencil: boolean;
}

/** Days and half-days on which a pencilled part takes someone over their minutes; a day that ends early has fewer. */
export function overLimits(plan: Plan): Breach[] {
  const windows = windowsOf(plan.year!);
  const days = new Map(schoolDays(plan.year!).map((d) => [d.date, d]));
  const adults = byId(plan.adults);
  const limits = new Map([...plan.children, ...plan.adults].map((c) => [c.id, c.minutes]));
  const names = new Map([...plan.children, ...plan.adults].map((c) => [c.id, c.name]));
  const found: Breach[] = [];
  const tell = (who: string, { minutes }: Taken, when: string, limit: number): void => {
    const thing = thingIn(who);
    if (thing) {
      const message = `There is one ${thing}, wanted for ${minutes} min ${when}, which has ${limit}.`;
      found.push({ kind: 'one-of', message });
      return;
    }
    const name = names.get(who);
    const message = `${minutes} min ${when}; the limit is ${limit}.`;
    if (!name) found.push({ kind: 'parent-minutes', message: `You lead ${message}` });
    else if (adults.has(who)) found.push({ kind: 'adult-minutes', message: `${name} leads ${message}` });
    else found.push({ kind: 'child-minutes', message: `${name} has ${message}` });
  };
  for (const [date, sittings] of groupBy(plan.sittings, (s) => s.date)) {
    const day = days.get(date);
    const { out } = minutesIn(plan);
    const atSchool = sittings.filter((s) => s.window !== EVENING && !out.has(s.partId));
    for (const [who, taken] of minutesTaken(plan, atSchool)) {
      const whole = limits.get(who) ?? plan.family!.leadMinutes;
      const limit = Math.floor(whole * (day ? shareOf(day, windows) : 1));
      if (!thingIn(who) && taken.pencil && taken.minutes > limit)
        tell(who, taken, `on ${shortDate(date)}`, limit);
    }
    for (const window of windows) {
      // A day out that is longer than its half-day takes all of it: nothing else may stand there.
      const here = sittings.filter((s) => s.window === window.name);
      const alone = here.length === 1 && out.has(here[0].partId);
      const inWindow = alone ? [] : here;
      for (const [who, taken] of minutesTaken(plan, inWindow)) {
        const length = minutesThere(plan, who, date, window, day);
        if (taken.pencil && taken.minutes > length)
          tell(who, taken, `in the ${window.name} of ${shortDate(date)}`, length);
      }
    }
  }
  return found;
}

/** Minutes of a window that there are on a day, for somebody who comes and goes. */
function minutesThere(
  plan: Plan,
  who: string,
  date: IsoDate,
  window: DayWindow,
  day: SchoolDay | undefined,
): number {
  const [starts, ends] = spanOf(window, day);
  const adult = plan.adults.find((a) => a.id === who);
  if (adult && day && !adult.weekdays.includes(day.weekday)) return 0;
  const from = Math.max(starts, adult?.starts ?? 0);
  const to = Math.min(ends, adult?.ends ?? ends);
  return Math.max(0, to - from - minutesAt(plan.appointments, who, date, from, to).size);
}

/** How much of a whole day a school day has. */
function shareOf(day: SchoolDay, windows: readonly DayWindow[]): number {
  const starts = windows[0].starts;
  const ends = windows.find((w) => w.name === 'afternoon')!.ends;
  return (Math.min(day.ends, ends) - starts) / (ends - starts);
}

interface Minutes {
  pencil: Set<string>;
  of: Map<string, [who: string, minutes: number][]>;
  /** Days out: they take their half-day, and nothing of the minutes of a day. */
  out: Set<string>;
}

/** For whom each part takes how many minutes, worked out once a plan. */
const minutesIn = once((plan: Plan): Minutes => {
  const homeOf = homes(plan);
  const minutesFor = partMinutes(plan);
  const of = new Map<string, [string, number][]>();
  const parts = byId(plan.parts);
  const out = new Set(plan.parts.filter(isDayOut).map((p) => p.id));
  for (const s of plan.sittings) {
    const part = parts.get(s.partId)!;
    const { unit } = homeOf(part);
    const lay = minutesFor(part, unit);
    const children = childrenOf(part, unit, plan.children);
    of.set(part.id, [
      ...children.map((c): [string, number] => [c.id, lay.minutes[c.id]]),
      [(part.orParent ? null : part.adultId) ?? 'parent', lay.lead],
      ...[...new Set(lay.needs)].map((thing): [string, number] => [oneOf(thing), lay.inUse]),
    ]);
  }
  return { pencil: new Set(placedByLayout(plan).map((s) => s.partId)), of, out };
});

function minutesTaken(plan: Plan, sittings: readonly Sitting[]): Map<string, Taken> {
  const { pencil, of } = minutesIn(plan);
  const taken = new Map<string, Taken>();
  for (const s of sittings)
    for (const [who, minutes] of of.get(s.partId)!) {
      if (minutes === 0) continue;
      const sum = taken.get(who) ?? { minutes: 0, pencil: false };
      taken.set(who, { minutes: sum.minutes + minutes, pencil: sum.pencil || pencil.has(s.partId) });
    }
  return taken;
}

/**
 * Weeks in which more lessons of a unit begin than its pace has. Lessons squeezed before something in ink or with a
 * fixed date, or before the end of the year, are no breach: there is nowhere else for them.
 */
export function overPace(plan: Plan): Breach[] {
  const found: Breach[] = [];
  const partsOf = partsByLesson(plan.parts);
  const sittingOf = new Map(plan.sittings.map((s) => [s.partId, s]));
  const done = doneParts(plan);
  const days = schoolDays(plan.year!);
  const weeks = (days.at(-1)?.week ?? -1) + 1;
  const open = new Map(days.map((d) => [d.date, d]));
  for (const unit of plan.units) {
    if (unit.waiting || unit.closedOn !== null || unit.lessonsPerWeek === null) continue;
    const most = Math.max(unit.lessonsPerWeek, unit.mostPerWeek ?? 0);
    const begun = new Map<number, { lessons: number; keeps: boolean }>();
    let isSqueezed = false;
    for (const lesson of plan.lessons.filter((l) => l.unitId === unit.id).reverse()) {
      const parts = (partsOf.get(lesson.id) ?? []).filter((p) => sittingOf.has(p.id));
      const stays = (p: (typeof parts)[number]): boolean =>
        !done.has(p.id) && (sittingOf.get(p.id)!.state === 'ink' || p.fixedDate !== null);
      isSqueezed ||= parts.some(stays);
      const sittings = parts.map((p) => sittingOf.get(p.id)!);
      if (!sittings.length) continue;
      const first = sittings.reduce((a, b) => (b.date < a.date ? b : a));
      const isFree = !sittings.some((s) => done.has(s.partId) || s.reason.kind === 'unticked');
      // What began on a day that has no school any more is in no week.
      const week = open.get(first.date)?.week;
      if (week === undefined) continue;
      const was = begun.get(week) ?? { lessons: 0, keeps: false };
      begun.set(week, { lessons: was.lessons + 1, keeps: was.keeps || (isFree && !isSqueezed) });
    }
    // More than the pace has until the end of the year have nowhere else to begin.
    let later = 0;
    for (let week = weeks - 1; week >= 0; week--) {
      const here = begun.get(week);
      later += here?.lessons ?? 0;
      if (!here?.keeps || here.lessons <= most) continue;
      if (later > most * (weeks - week)) continue;
      const { weekFrom } = days.find((d) => d.week === week)!;
      found.push({
        kind: 'pace',
        message: `${here.lessons} lessons of “${unit.title}” begin in the week of ${shortDate(weekFrom)}; its pace is ${most}. Ink it there, raise the pace, or move another lesson out of that week first.`,
      });
    }
  }
  return found;
}

/**
 * Why a part stands where it does: what stands in its way on each of the days before, worked out by sums over what stands
 * there and not by the engine. Without what is named it could stand there; where nothing is, only wishes have it where it is.
 */
import { shortDate, weekdayName } from '../calendar/dates';
import { servesFor, type SchoolDay } from '../calendar/school-days';
import { namesIn } from '../plan/called';
import { homes } from '../plan/lookup';
import type { IsoDate, WindowName } from '../plan/measures';
import { EVENING } from '../plan/words';
import type { Plan } from '../plan/plan';
import { inTheWay, minutesBeside } from './beside';
import { heldUpBy } from './availability';
import { countedIn, inDay, inWindow, PARENT, thingIn, type Counted } from './counted';
import { layoutInput } from './input';
import type { Bound, LayLesson, LayoutInput, LayPart, LayUnit } from './problem';
import { Pace } from './pace';
import { reasonInWords } from './reasons';
import { Slots, type Slot } from './slots';

/** What keeps a part from a half-day. */
export type Obstacle =
  | { is: 'gone by' }
  | { is: 'weekday'; weekday: number }
  | { is: 'not before'; date: IsoDate; for?: Bound }
  | { is: 'after'; partId: string; date: IsoDate }
  | { is: 'waits'; partId: string; hours: number }
  | { is: 'minutes'; of: string; has: number; needs: number; limit: number }
  | { is: 'half-day'; of: string; has: number; needs: number; limit: number; beside?: string }
  | { is: 'away'; of: string; title: string }
  | { is: 'pace'; lessons: number; in: 'week' | 'day' };

export interface Earlier {
  date: IsoDate;
  window: WindowName;
  obstacles: Obstacle[];
}

export interface WhyHere {
  partId: string;
  title: string;
  date: IsoDate;
  window: WindowName;
  /** The half-day of each of the days before that has least in its way, the nearest first, up to what bars all before it. */
  earlier: Earlier[];
}

/** What stands in the way of every earlier day as well. */
const FOR_GOOD: readonly Obstacle['is'][] = ['gone by', 'not before', 'after', 'waits'];
/** Days before that are looked at. */
const DAYS = 5;

/** @returns undefined for what stands nowhere, or stays where it is: in ink, done, on a fixed date */
export function whyHere(plan: Plan, partId: string, today: IsoDate): WhyHere | undefined {
  const sitting = plan.sittings.find((s) => s.partId === partId);
  const input = layoutInput(plan, { today });
  if (!sitting || !input || input.held.has(partId)) return undefined;
  for (const unit of input.units)
    for (const [index, lesson] of unit.lessons.entries()) {
      const at = lesson.parts.findIndex((p) => p.id === partId);
      if (at < 0 || lesson.parts[at].fixedDate) continue;
      const look = new Look(plan, input, { unit, index, lesson, at });
      return { partId, title: lesson.parts[at].title, ...look.earlier() };
    }
  return undefined;
}

interface Where {
  unit: LayUnit;
  index: number;
  lesson: LayLesson;
  at: number;
}

class Look {
  private readonly slots: Slots;
  private readonly part: LayPart;
  private readonly standing: ReadonlyMap<string, Slot>;
  private readonly all: readonly LayPart[];
  private readonly counted: readonly Counted[];

  constructor(
    plan: Plan,
    private readonly input: LayoutInput,
    private readonly where: Where,
  ) {
    this.slots = new Slots(input);
    this.part = where.lesson.parts[where.at];
    this.all = [
      ...input.units.flatMap((u) => [...u.lessons.flatMap((l) => l.parts), ...u.closing]),
      ...input.dated,
    ];
    this.counted = countedIn(input).filter((c) => c.minutesFor(this.part) > 0);
    this.standing = new Map(
      plan.sittings.flatMap((s) => {
        const slot = this.slots.at(s);
        return slot === undefined ? [] : [[s.partId, slot] as const];
      }),
    );
  }

  earlier(): Pick<WhyHere, 'date' | 'window' | 'earlier'> {
    const { slots, part } = this;
    const here = this.standing.get(part.id) ?? 0;
    const earlier: Earlier[] = [];
    const first = Math.max(0, slots.dayFrom(this.where.unit.starts), slots.day(here) - DAYS);
    for (let day = slots.day(here) - 1; day >= first; day--) {
      let least: Earlier | undefined;
      for (let window = 0; window < slots.windows; window++) {
        if ((this.input.windows[window].name === EVENING) !== (part.window === EVENING)) continue;
        const place = slots.placeOf(slots.of(day, window));
        const obstacles = this.obstaclesAt(slots.of(day, window));
        const isWanted = place.window === part.window;
        if (
          !least ||
          obstacles.length < least.obstacles.length ||
          (isWanted && obstacles.length === least.obstacles.length)
        )
          least = { ...place, obstacles };
      }
      if (least) earlier.push(least);
      // What holds for a day holds for all before it.
      if (least?.obstacles.some((o) => FOR_GOOD.includes(o.is))) break;
    }
    return { ...slots.placeOf(here), earlier };
  }

  /** All that would be broken if the part stood on a slot, everything else staying where it is. */
  private obstaclesAt(slot: Slot): Obstacle[] {
    const { slots, part, input } = this;
    const day = input.days[slots.day(slot)];
    return [
      ...(day.date < input.today ? [{ is: 'gone by' as const }] : []),
      ...(part.weekday !== null && !servesFor(input.days, day.index, part.weekday)
        ? [{ is: 'weekday' as const, weekday: part.weekday }]
        : []),
      ...(part.earliest && day.date < part.earliest
        ? [{ is: 'not before' as const, date: part.earliest, for: heldUpBy(part) }]
        : []),
      ...this.order(slot),
      ...this.minutes(slot, day),
      ...this.pace(day),
    ];
  }

  /** What has to come first: earlier parts of the lesson and their waits, and what the lesson before holds up. */
  private order(slot: Slot): Obstacle[] {
    const { slots } = this;
    const { lesson, at, unit, index } = this.where;
    const found: Obstacle[] = [];
    const before = lesson.parts.slice(0, at).filter((p) => this.standing.has(p.id));
    for (const p of before) {
      const stands = this.standing.get(p.id)!;
      if (stands > slot) found.push({ is: 'after', partId: p.id, date: slots.placeOf(stands).date });
      else if (p.waitAfterHours && slots.afterWait(slots.placeOf(stands), p.waitAfterHours) > slot)
        found.push({ is: 'waits', partId: p.id, hours: p.waitAfterHours });
    }
    if (before.length) return found.slice(-1);
    let last: { part: LayPart; stands: Slot } | undefined;
    for (const earlier of unit.lessons.slice(0, index))
      for (const p of earlier.parts) {
        const stands = this.standing.get(p.id);
        if (stands !== undefined && this.isAtSchool(stands) && (!last || stands > last.stands))
          last = { part: p, stands };
        if (p.waitAfterHours > 0 && stands !== undefined) break;
      }
    if (last && last.stands > slot)
      found.push({ is: 'after', partId: last.part.id, date: slots.placeOf(last.stands).date });
    return found;
  }

  private isAtSchool(slot: Slot): boolean {
    return this.input.windows[this.slots.window(slot)].atSchool;
  }

  private minutes(slot: Slot, day: SchoolDay): Obstacle[] {
    const { slots, input, part } = this;
    const school = input.windows.filter((w) => w.atSchool);
    const [starts, ends] = [school[0].starts, school[school.length - 1].ends];
    const share = (Math.min(day.ends, ends) - starts) / (ends - starts);
    const window = input.windows[slots.window(slot)];
    const to = window.atSchool ? Math.min(window.ends, day.ends) : window.ends;
    const away = (input.away.get(day.date) ?? []).filter((a) => a.from < to && a.to > window.starts);
    const obstacles = this.counted.flatMap((who): Obstacle[] => {
      const needs = who.minutesFor(part);
      const taken = (on: (s: Slot) => boolean, of: (p: LayPart, minutes: number) => number): number =>
        this.all.reduce((sum, p) => {
          const stands = p.id === part.id ? undefined : this.standing.get(p.id);
          return stands !== undefined && on(stands) ? sum + of(p, who.minutesFor(p)) : sum;
        }, 0);
      const limit = Math.floor(who.dayLimit * share);
      const has = taken((s) => slots.day(s) === day.index && this.isAtSchool(s), inDay);
      if (window.atSchool && inDay(part, needs) > 0 && has + needs > limit)
        return [{ is: 'minutes', of: who.id, has, needs, limit }];
      const isThere = who.there?.weekdays.includes(day.weekday) ?? true;
      const from = Math.max(window.starts, who.there?.starts ?? 0);
      const until = Math.min(to, who.there?.ends ?? to);
      const long = isThere ? minutesBeside({ from, to: until }, who.id, away) : 0;
      const here = taken(
        (s) => s === slot,
        (p, minutes) => inWindow(p, minutes, long),
      );
      return here + inWindow(part, needs, long) > long
        ? [
            {
              is: 'half-day',
              of: who.id,
              has: here,
              needs,
              limit: long,
              beside: away.find((a) => a.who === who.id)?.title,
            },
          ]
        : [];
    });
    const of = obstacles.length ? undefined : inTheWay(part, { from: window.starts, to }, away);
    return of === undefined
      ? obstacles
      : [{ is: 'away', of, title: away.find((a) => a.who === of)?.title ?? '' }];
  }

  /** Whether the lesson would begin in a week, or on a day, that has all the lessons its pace allows. */
  private pace(day: SchoolDay): Obstacle[] {
    const { unit, index, lesson, at } = this.where;
    const { input, slots } = this;
    const begins = (l: LayLesson): number | undefined => {
      const stood = l.parts.flatMap((p) => this.standing.get(p.id) ?? []);
      return stood.length ? slots.day(Math.min(...stood)) : undefined;
    };
    const own = begins(lesson);
    const isFirst = lesson.parts.slice(0, at).every((p) => !this.standing.has(p.id));
    if (!isFirst || own === undefined || day.index >= own) return [];
    const others = unit.lessons.flatMap((l, i) => (i === index ? [] : (begins(l) ?? [])));
    const inWeek = others.filter((d) => input.days[d].week === day.week).length;
    if (unit.mostPerWeek !== null && inWeek >= unit.mostPerWeek && input.days[own].week !== day.week)
      return [{ is: 'pace', lessons: inWeek, in: 'week' }];
    const onDay = others.filter((d) => d === day.index).length;
    return onDay >= new Pace(unit, input.days).perDay ? [{ is: 'pace', lessons: onDay, in: 'day' }] : [];
  }
}

/** “Mon 2 Nov: Junia has 190 min and this takes 20; the limit is 200.” One line for each day before. */
export function whyHereInWords(plan: Plan, partId: string, today: IsoDate): string[] {
  const sitting = plan.sittings.find((s) => s.partId === partId);
  if (!sitting) return ['It stands on no day.'];
  const nameOf = namesIn(plan);
  const why = whyHere(plan, partId, today);
  if (!why) return [reasonInWords(sitting.reason, nameOf)];
  const home = homes(plan)(plan.parts.find((p) => p.id === partId)!);
  if (!why.earlier.length)
    return [`${shortDate(why.date)} is the first day there is for “${home.unit?.title ?? ''}”.`];
  return why.earlier.map(({ date, window, obstacles }) =>
    obstacles.length
      ? `${shortDate(date)}: ${obstacles.map((o) => obstacleInWords(o, plan, window)).join('; ')}.`
      : `${shortDate(date)}, ${window}: nothing stands in its way. ${wish(sitting.reason, nameOf)}`,
  );
}

const wish = (reason: Plan['sittings'][number]['reason'], nameOf: (id: string) => string): string =>
  reason.kind === 'pace'
    ? 'The pace spreads the lessons evenly, and has it later.'
    : reasonInWords(reason, nameOf);

const awayFor = (of: string, title: string, nameOf: (id: string) => string): string =>
  of === PARENT ? `you are away for “${title}”` : `${nameOf(of)} is away for “${title}”`;

/** What it needs, from when on that can be there, and that where it stands before that day it stays, and goes no earlier. */
function neededInWords({ of, is, date, holds }: Bound): string {
  const first = shortDate(date);
  const words =
    is === 'borrowed'
      ? `${of} can be here for it on ${first} at the earliest`
      : `${of} has to be done first, which leaves ${first} at the earliest`;
  return holds < date ? `${words}; it stays where it stands, and goes no earlier` : words;
}

function obstacleInWords(o: Obstacle, plan: Plan, window: WindowName): string {
  const titleOf = (partId: string): string => {
    const part = plan.parts.find((p) => p.id === partId);
    const lesson = plan.lessons.find((l) => l.id === part?.lessonId);
    return `“${part?.title ?? ''}”${lesson ? ` of “${lesson.title}”` : ''}`;
  };
  const nameOf = namesIn(plan);
  switch (o.is) {
    case 'gone by':
      return 'that day has gone by';
    case 'weekday':
      return `it belongs on a ${weekdayName(o.weekday)}`;
    case 'not before':
      return o.for ? neededInWords(o.for) : `not before ${shortDate(o.date)}`;
    case 'after':
      return `${titleOf(o.partId)} comes first, on ${shortDate(o.date)}`;
    case 'waits':
      return `${titleOf(o.partId)} waits ${o.hours} h first`;
    case 'minutes':
      return o.of === PARENT
        ? `you lead ${o.has} min and this takes ${o.needs}; the limit is ${o.limit}`
        : `${nameOf(o.of)} has ${o.has} min and this takes ${o.needs}; the limit is ${o.limit}`;
    case 'half-day': {
      const thing = thingIn(o.of);
      if (thing) return `there is one ${thing}, in use for ${o.has} min of the ${window}`;
      const who = o.of === PARENT ? 'your' : `${nameOf(o.of)}’s`;
      if (!o.limit && o.beside) return awayFor(o.of, o.beside, nameOf);
      if (!o.limit) return `${nameOf(o.of) || 'nobody'} is not there`;
      const left = `${o.limit - o.has} min left${o.beside ? ` beside “${o.beside}”` : ''}`;
      return `${who} ${window} has ${left} and this takes ${o.needs}`;
    }
    case 'away':
      return `${awayFor(o.of, o.title, nameOf)}, and what is left of the ${window} is too short for it`;
    case 'pace':
      return o.in === 'week'
        ? `that week has its ${o.lessons} ${o.lessons === 1 ? 'lesson' : 'lessons'}`
        : `that day has its ${o.lessons === 1 ? 'lesson' : `${o.lessons} lessons`}`;
  }
}

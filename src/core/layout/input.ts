/** A lay-out’s problem, read out of a plan. */
import { onceOf } from '../plan/once';
import { awayOf } from '../calendar/away';
import { addDays } from '../calendar/dates';
import { schoolDays, windowsOf, type SchoolDay } from '../calendar/school-days';
import { paceForEnd } from '../pacing/pacing';
import type { IsoDate } from '../plan/measures';
import type { Assignment, Plan } from '../plan/plan';
import type { Part } from '../plan/lesson';
import type { Unit } from '../plan/unit';
import { OWN_WORK_KINDS } from '../plan/words';
import { isLadderKind } from '../ladder/kinds';
import { joins, type Joins } from '../ladder/small';
import {
  assignmentKey,
  childrenOf,
  doneParts,
  isDayOut,
  isLeft,
  groupBy,
  homes,
  partsByLesson,
  takesPart,
} from '../plan/lookup';
import { readingMinutes } from '../books/reading';
import type { Held, LayoutInput, LayPart, LayUnit, Place, Stood } from './problem';
import { availabilityOf, whileAvailable } from './availability';

export interface LayoutChoice {
  today: IsoDate;
  /** Units whose pencil is rubbed out and drawn afresh; the others keep what need not move. */
  fresh?: 'all' | readonly string[];
  /** What is out or late is looked for a better place; so it is where all is laid out again. */
  search?: boolean;
  /** Pencilled parts put somewhere by hand in this change. */
  moved?: ReadonlyMap<string, Place>;
  /** Things borrowed or prepared, by their names, of which it is not asked whether they are there. */
  regardless?: ReadonlySet<string>;
}

/** Reads a lay-out's input out of a plan; undefined while there is no family or no school year. */
export function layoutInput(plan: Plan, choice: LayoutChoice): LayoutInput | undefined {
  if (!plan.family || !plan.year) return undefined;
  const partsOf = partsByLesson(plan.parts);
  const lessonsOf = groupBy(plan.lessons, (l) => l.unitId);
  const minutesFor = partMinutes(plan);
  const homeOf = homes(plan);
  const done = doneParts(plan);
  const days = schoolDays(plan.year);
  const narrow = narrowed(plan, choice);
  // Of what is closed or left out only what was taught stands.
  const stands = (p: Part): boolean => done.has(p.id) || isLeft(homeOf(p)) === undefined;
  const loose = plan.parts.filter((p) => p.lessonId === null && !homeOf(p).unit?.waiting && stands(p));
  const units = plan.units
    .filter((u) => !u.waiting)
    .map((unit): LayUnit => ({
      id: unit.id,
      starts: unit.starts,
      wishedEnd: unit.wishedEnd,
      ...paceOf(unit, days, (lessonsOf.get(unit.id) ?? []).filter((l) => !l.leftOut).length),
      lessons: (lessonsOf.get(unit.id) ?? []).flatMap((lesson) => {
        const parts = (partsOf.get(lesson.id) ?? []).filter(stands);
        if (lesson.leftOut && !parts.length) return [];
        return {
          id: lesson.id,
          parts: parts.map((p) => {
            const lay = narrow(minutesFor(p, unit));
            return lesson.optional && !lay.optional ? { ...lay, optional: true } : lay;
          }),
        };
      }),
      closing: loose
        .filter((p) => p.unitId === unit.id && p.fixedDate === null)
        .map((p) => narrow(minutesFor(p, unit))),
    }));
  return {
    days,
    windows: windowsOf(plan.year),
    childLimits: Object.fromEntries(plan.children.map((c) => [c.id, c.minutes])),
    leadLimit: plan.family.leadMinutes,
    adults: plan.adults,
    away: awayOf(plan),
    today: choice.today,
    search: choice.search ?? choice.fresh === 'all',
    units,
    dated: loose.filter((p) => p.fixedDate !== null).map((p) => minutesFor(p, homeOf(p).unit)),
    ...standing(plan, choice),
  };
}

/**
 * Narrows parts to the days on which what they need is there. Where they stand they may go on standing; only where all is laid
 * out again does a borrowed book move them. What should have been prepared by today is taken to be.
 */
function narrowed(plan: Plan, { today, fresh, regardless }: LayoutChoice): (part: LayPart) => LayPart {
  const available = availabilityOf(plan, today, regardless);
  if (!available.size) return (part) => part;
  const dateOf = new Map(plan.sittings.map((s) => [s.partId, s.date]));
  return (part) =>
    whileAvailable(part, available.get(part.id), ({ is }) =>
      is === 'borrowed' && fresh === 'all' ? undefined : dateOf.get(part.id),
    );
}

/**
 * The lessons a week that a unit aims at: those of its pace; of a pace that is a range, the fewest with which it would end as
 * wished, and its lower end where nothing asks for more.
 */
function paceOf(
  { lessonsPerWeek: least, mostPerWeek, wishedEnd, starts }: Unit,
  days: readonly SchoolDay[],
  lessons: number,
): Pick<LayUnit, 'lessonsPerWeek' | 'mostPerWeek'> {
  if (least === null) return { lessonsPerWeek: null, mostPerWeek: null };
  const most = Math.max(least, mostPerWeek ?? least);
  const needed = wishedEnd ? (paceForEnd(days, starts, wishedEnd, lessons) ?? most) : least;
  return { lessonsPerWeek: Math.min(most, Math.max(least, needed)), mostPerWeek: most };
}

/**
 * What stays and what stood. Pencil on a day gone by that nobody has ticked stays there until the parent says that it did
 * not happen, or has everything laid out again: it may well have been done.
 */
function standing(
  plan: Plan,
  { today, fresh = [], moved = new Map() }: LayoutChoice,
): Pick<LayoutInput, 'held' | 'previous'> {
  const held = new Map<string, Held>();
  const previous = new Map<string, Stood>();
  const done = doneParts(plan);
  const missed = lastMissed(plan);
  const homeOf = homes(plan);
  const unitOfPart = new Map(plan.parts.map((p) => [p.id, homeOf(p).unit?.id ?? '']));
  // A rule that names days says each time where its parts stand; one that goes with lessons leaves them where they are.
  const recurring = new Set(
    plan.parts.filter((p) => p.ruleId !== null && p.fixedDate !== null).map((p) => p.id),
  );
  for (const s of plan.sittings) {
    const place = { date: s.date, window: s.window };
    if (done.has(s.partId)) held.set(s.partId, { ...place, kind: 'done' });
    else if (s.state === 'ink') held.set(s.partId, { ...place, kind: 'inked' });
    else if (fresh === 'all' || recurring.has(s.partId)) continue;
    else if (s.date < today && s.date > (missed.get(s.partId) ?? ''))
      held.set(s.partId, { ...place, kind: 'unticked' });
    else if (!fresh.includes(unitOfPart.get(s.partId)!))
      previous.set(s.partId, s.reason.kind === 'by-hand' ? { ...place, byHand: true } : place);
  }
  for (const [partId, place] of moved) held.set(partId, { ...place, kind: 'by-hand' });
  return { held, previous };
}

/** The last day on which a part did not happen, by part. */
function lastMissed(plan: Pick<Plan, 'marks'>): Map<string, IsoDate> {
  const missed = new Map<string, IsoDate>();
  for (const m of plan.marks)
    if (m.outcome === 'missed' && m.date > (missed.get(m.partId) ?? '')) missed.set(m.partId, m.date);
  return missed;
}

/** A thing there is one of, under one name however it is typed: “The laptop” is “laptop”. */
export const thingCalled = (typed: string): string =>
  typed
    .trim()
    .toLocaleLowerCase('en')
    .replace(/^(the|our|a|an)\s+/, '')
    .replace(/\s+/g, ' ');

/** Minutes of a part for a child who is in all of it, joins in for a stretch, or stays beside. */
function joinedMinutes(how: Joins, whole: number): number {
  if (how === 'whole') return whole;
  return how === 'beside' ? 0 : Math.min(whole, how.minutes);
}

/** How long each part takes each child, and the parent: from the part, its pages or its assignments. */
const MINUTES_FROM = [
  'assignments',
  'marks',
  'children',
  'readings',
  'books',
  'pulls',
  'uses',
  'lessons',
  'units',
] as const;
export const partMinutes = onceOf<
  Plan,
  (typeof MINUTES_FROM)[number],
  (part: Part, unit: Unit | undefined) => LayPart
>(MINUTES_FROM, (plan) => {
  const assignments = new Map<string, Assignment>(
    plan.assignments.map((a) => [assignmentKey(a.partId, a.childId), a]),
  );
  const reading = readingMinutes(plan);
  const missed = lastMissed(plan);
  const known = new WeakMap<Part, { unit: Unit | undefined; lay: LayPart }>();
  return (part, unit) => {
    const found = known.get(part);
    if (found && found.unit === unit) return found.lay;
    const lay = layPartOf(part, unit);
    known.set(part, { unit, lay });
    return lay;
  };

  function layPartOf(part: Part, unit: Unit | undefined): LayPart {
    const who = childrenOf(part, unit, plan.children);
    const minutes: Record<string, number> = {};
    let lead = 0;
    let longest = 0;
    for (const child of who) {
      const given = assignments.get(assignmentKey(part.id, child.id));
      // The smallest are in the room where others have work, and have none.
      const isIdle = isLadderKind(part.kind) && !takesPart(child, unit?.starts);
      const whole = given?.minutes ?? part.minutes ?? (isIdle ? 0 : reading(part, child.id));
      minutes[child.id] = joinedMinutes(joins(part, child, who, unit?.starts ?? part.fixedDate ?? ''), whole);
      longest = Math.max(longest, whole);
      if (given) lead += given.parentMinutes;
    }
    if (part.lead === 'leads') lead = Math.max(lead, longest, 0);
    const { id, title, window, fixedDate, weekday, latest, waitAfterHours } = part;
    const last = missed.get(id);
    const again = last ? addDays(last, 1) : null;
    const earliest =
      again && part.earliest ? (again > part.earliest ? again : part.earliest) : (again ?? part.earliest);
    return {
      id,
      title,
      minutes,
      lead,
      // Where the parent can lead it as well, their minutes are enough on any day.
      leader: part.orParent ? null : part.adultId,
      together: !OWN_WORK_KINDS.includes(part.kind),
      needs: part.needs.map(thingCalled),
      inUse: OWN_WORK_KINDS.includes(part.kind)
        ? Object.values(minutes).reduce((sum, m) => sum + m, 0)
        : Math.max(lead, 0, ...Object.values(minutes)),
      window,
      fixedDate,
      weekday,
      earliest,
      latest,
      waitAfterHours,
      optional: part.optional,
      dayOut: isDayOut(part),
      comesBack: part.ruleId !== null,
    };
  }
});

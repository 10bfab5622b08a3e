/** Minutes by subject and child, from what was really done. */
import { partMinutes } from '../layout/input';
import { inForce } from '../plan/happened';
import { byId, childrenOf, homes } from '../plan/lookup';
import type { Part } from '../plan/lesson';
import type { IsoDate } from '../plan/measures';
import type { Entry } from '../plan/entry';
import { once } from '../plan/once';
import type { Slice } from '../plan/plan';
import { subjectsOf } from '../plan/subjects';
import type { Unit } from '../plan/unit';

export interface Hours {
  subject: string;
  /** By child: minutes, and how many of them were planned and not noted. */
  children: Record<string, { minutes: number; planned: number }>;
}

export interface HoursKept {
  subjects: Hours[];
  /** What counts for no subject. */
  other: Hours['children'];
  /** By child, each minute once. */
  total: Record<string, number>;
  /** Done without anybody saying how long, of a part that is no longer in the plan: it counts for nothing. */
  unknown: number;
}

/** Something of school that one child did on a day, and for how long. */
export interface Doing {
  date: IsoDate;
  childId: string;
  minutes: number;
  /** Nobody noted the minutes: these were planned. */
  isPlanned: boolean;
  subjects: readonly string[];
  /** What was ticked, read, attended or said. */
  entry: Entry;
}

/**
 * What each child did. A part that was ticked counts with the minutes that were noted, else with those it was planned with;
 * own reading that was noted counts where no own reading was ticked on that day; trips and talks count with their minutes.
 * Who all took part counts each for themselves.
 * @returns also how much was done without minutes, or by nobody who is known, of what is no longer in the plan
 */
export const doings = once((plan: Slice): { done: Doing[]; unknown: Entry[] } => {
  const entries = inForce(plan.entries);
  const parts = byId(plan.parts);
  const homeOf = homes(plan);
  const minutesFor = partMinutes(plan);
  const done: Doing[] = [];
  const unknown: Entry[] = [];
  const read = new Set<string>();
  for (const e of entries) {
    if (e.kind !== 'done') continue;
    const part = parts.get(e.partId!);
    const unit = part && homeOf(part).unit;
    if (!part && (e.minutes === null || e.childId === null)) {
      unknown.push(e);
      continue;
    }
    const subjects = e.about.subject ? e.about.subject.split(', ') : subjectsHere(plan, part, unit);
    const took = e.childId === null ? childrenOf(part!, unit, plan.children).map((c) => c.id) : [e.childId];
    // Whoever it was of is not in the plan any more: it was done all the same.
    if (!took.length) unknown.push(e);
    for (const childId of took) {
      const minutes = e.minutes ?? minutesFor(part!, unit).minutes[childId] ?? 0;
      done.push({ date: e.date, childId, minutes, isPlanned: e.minutes === null, subjects, entry: e });
      if (e.about.kind === 'own-reading') read.add(`${childId} ${e.date}`);
    }
  }
  for (const e of entries) {
    const isBeside = e.kind === 'attended' || e.kind === 'talked';
    if (!isBeside && (e.kind !== 'read' || read.has(`${e.childId} ${e.date}`))) continue;
    const own = plan.family?.countsFor[e.kind === 'talked' ? 'presentation' : 'own-reading'] ?? [];
    const subjects = e.about.subject ? e.about.subject.split(', ') : e.kind === 'attended' ? [] : own;
    done.push({
      date: e.date,
      childId: e.childId!,
      minutes: e.minutes ?? 0,
      isPlanned: false,
      subjects,
      entry: e,
    });
  }
  return { done, unknown };
});

/** Minutes by subject and child, from one day to another. */
export function hoursKept(plan: Slice, first: IsoDate, last: IsoDate): HoursKept {
  const isWithin = ({ date }: { date: IsoDate }): boolean => date >= first && date <= last;
  const { done, unknown } = doings(plan);
  const subjects = new Map<string, Hours['children']>();
  const other: Hours['children'] = {};
  const total: Record<string, number> = {};
  const add = (to: Hours['children'], childId: string, minutes: number, isPlanned: boolean): void => {
    const was = to[childId] ?? { minutes: 0, planned: 0 };
    to[childId] = { minutes: was.minutes + minutes, planned: was.planned + (isPlanned ? minutes : 0) };
  };
  for (const { childId, minutes, subjects: of, isPlanned } of done.filter(isWithin)) {
    total[childId] = (total[childId] ?? 0) + minutes;
    if (!of.length) {
      add(other, childId, minutes, isPlanned);
      continue;
    }
    const each = plan.family?.hours === 'shared' ? minutes / of.length : minutes;
    for (const subject of of) {
      if (!subjects.has(subject)) subjects.set(subject, {});
      add(subjects.get(subject)!, childId, each, isPlanned);
    }
  }
  return {
    subjects: [...subjects].map(([subject, children]) => ({ subject, children })),
    other,
    total,
    unknown: unknown.filter(isWithin).length,
  };
}

const subjectsHere = (plan: Slice, part: Part | undefined, unit: Unit | undefined): string[] =>
  part ? subjectsOf(plan, part, unit) : [];

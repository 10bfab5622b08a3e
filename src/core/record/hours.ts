/** Minutes by subject and child, from what was really done. */
import { partMinutes } from '../layout/input';
import { inForce } from '../plan/happened';
import { byId, childrenOf, homes } from '../plan/lookup';
import type { Part } from '../plan/lesson';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
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

/**
 * A part that was ticked counts with the minutes that were noted, else with those it was planned with; own reading that was
 * noted counts where no own reading was ticked on that day. Who all took part counts each for themselves.
 */
export function hoursKept(plan: Plan, first: IsoDate, last: IsoDate): HoursKept {
  const entries = inForce(plan.entries).filter((e) => e.date >= first && e.date <= last);
  const parts = byId(plan.parts);
  const homeOf = homes(plan);
  const minutesFor = partMinutes(plan);
  const subjects = new Map<string, Hours['children']>();
  const other: Hours['children'] = {};
  const total: Record<string, number> = {};
  let unknown = 0;
  const add = (to: Hours['children'], childId: string, minutes: number, isPlanned: boolean): void => {
    const was = to[childId] ?? { minutes: 0, planned: 0 };
    to[childId] = { minutes: was.minutes + minutes, planned: was.planned + (isPlanned ? minutes : 0) };
  };
  const count = (childId: string, of: readonly string[], minutes: number, isPlanned: boolean): void => {
    total[childId] = (total[childId] ?? 0) + minutes;
    if (!of.length) return add(other, childId, minutes, isPlanned);
    const each = plan.family?.hours === 'shared' ? minutes / of.length : minutes;
    for (const subject of of) {
      if (!subjects.has(subject)) subjects.set(subject, {});
      add(subjects.get(subject)!, childId, each, isPlanned);
    }
  };
  const read = new Set<string>();
  for (const e of entries) {
    if (e.kind !== 'done') continue;
    const part = parts.get(e.partId!);
    const unit = part && homeOf(part).unit;
    // Whom it was of is only known of a part that is gone where it names a child.
    if (!part && (e.minutes === null || e.childId === null)) {
      unknown++;
      continue;
    }
    const named = e.about.subject ? e.about.subject.split(', ') : subjectsHere(plan, part, unit);
    const took = e.childId === null ? childrenOf(part!, unit, plan.children).map((c) => c.id) : [e.childId];
    for (const childId of took) {
      const minutes = e.minutes ?? minutesFor(part!, unit).minutes[childId] ?? 0;
      count(childId, named, minutes, e.minutes === null);
      if (e.about.kind === 'own-reading') read.add(`${childId} ${e.date}`);
    }
  }
  for (const e of entries)
    if (e.kind === 'read' && !read.has(`${e.childId} ${e.date}`))
      count(e.childId!, plan.family?.countsFor['own-reading'] ?? [], e.minutes!, false);
  return {
    subjects: [...subjects].map(([subject, children]) => ({ subject, children })),
    other,
    total,
    unknown,
  };
}

const subjectsHere = (plan: Plan, part: Part | undefined, unit: Unit | undefined): string[] =>
  part ? subjectsOf(plan, part, unit) : [];

/** What is to be printed for the lessons of some days: a page for each child who will use it, and none that nobody does. */
import { inForce } from '../plan/happened';
import { byId, childrenOf, groupBy, homes, isDone, lessonsOf } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { assignments, ladderOf } from './assign';
import { isLadderKind } from './kinds';
import { paperFor } from './paper';

export interface Prints {
  unitId: string;
  lessonId: string;
  number: number;
  title: string;
  /** The first day on which a page of it is used. */
  on: IsoDate;
  /** Pages by child, and how many of them were printed; those who need one in the order of the family. */
  pages: { childId: string; count: number; printed: number }[];
}

/** @returns lesson by lesson, in the order of the days on which their pages are first used */
export function printsIn(plan: Plan, first: IsoDate, last: IsoDate): Prints[] {
  const parts = byId(plan.parts);
  const homeOf = homes(plan);
  const ladder = ladderOf(plan);
  const marks = groupBy(plan.marks, (m) => m.partId);
  const given = groupBy(assignments(plan), (a) => a.partId);
  const numbers = new Map(plan.units.flatMap((u) => lessonsOf(plan, u.id).map((l) => [l.id, l.number])));
  const printed = inForce(plan.entries).filter((e) => e.kind === 'printed');
  const printedOf = (lessonId: string, childId: string): number =>
    printed.find((e) => e.lessonId === lessonId && e.childId === childId)?.amount ?? 0;
  const found = new Map<string, Prints>();
  const sittings = plan.sittings
    .filter((s) => s.date >= first && s.date <= last)
    .sort((a, b) => (a.date < b.date ? -1 : Number(a.date > b.date)));
  for (const { partId, date } of sittings) {
    const part = parts.get(partId)!;
    const { lesson, unit } = homeOf(part);
    if (!lesson || !unit || !isLadderKind(part.kind)) continue;
    for (const child of childrenOf(part, unit, plan.children)) {
      const own = given.get(partId)?.find((a) => a.childId === child.id);
      if (!own || isDone(marks.get(partId) ?? [], [child])) continue;
      if (!paperFor(ladder, { part, child, lesson, unit }, own)) continue;
      const line = found.get(lesson.id) ?? {
        unitId: unit.id,
        lessonId: lesson.id,
        number: numbers.get(lesson.id)!,
        title: lesson.title,
        on: date,
        pages: [],
      };
      found.set(lesson.id, line);
      const pages = line.pages.find((p) => p.childId === child.id);
      if (pages) pages.count++;
      else line.pages.push({ childId: child.id, count: 1, printed: printedOf(lesson.id, child.id) });
    }
  }
  const place = new Map(plan.children.map((c, i) => [c.id, i]));
  for (const { pages } of found.values()) pages.sort((a, b) => place.get(a.childId)! - place.get(b.childId)!);
  return [...found.values()];
}

/** What is to be printed for the lessons of some days: a page for each child who will use it, and none that nobody does. */
import { inForce } from '../plan/happened';
import { assignmentKey, byId, childrenOf, groupBy, homes, isDone, lessonsOf } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { assignments } from './assign';
import { ladderOf } from './ladder-of';
import { isLadderKind } from './kinds';
import { paperFor } from './paper';
import { onSheets } from './sheets';
import { worksOnPaper } from './works-on-paper';

export interface Prints {
  unitId: string;
  lessonId: string;
  number: number;
  title: string;
  /** The first day on which a page of it is used. */
  on: IsoDate;
  /**
   * The parts each child has work on paper for, how many of those are printed, and on how many sheets all of it goes; who
   * needs any, in the order of the family.
   */
  pages: { childId: string; partIds: string[]; printed: number; sheets: number }[];
}

/** @returns lesson by lesson, in the order of the days on which their pages are first used */
export function printsIn(plan: Plan, first: IsoDate, last: IsoDate): Prints[] {
  const parts = byId(plan.parts);
  const homeOf = homes(plan);
  const ladder = ladderOf(plan);
  const marks = groupBy(plan.marks, (m) => m.partId);
  const given = groupBy(assignments(plan), (a) => a.partId);
  const numbers = new Map(plan.units.flatMap((u) => lessonsOf(plan, u.id).map((l) => [l.id, l.number])));
  const printed = new Set(
    inForce(plan.entries).flatMap((e) =>
      e.kind === 'printed' ? [assignmentKey(e.partId!, e.childId!)] : [],
    ),
  );
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
      let pages = line.pages.find((p) => p.childId === child.id);
      if (!pages) {
        const works = worksOnPaper(plan, { lesson, unit, child }, () => 0);
        pages = { childId: child.id, partIds: [], printed: 0, sheets: onSheets(works, 'A4').length };
        line.pages.push(pages);
      }
      pages.partIds.push(partId);
      if (printed.has(assignmentKey(partId, child.id))) pages.printed++;
    }
  }
  const place = new Map(plan.children.map((c, i) => [c.id, i]));
  for (const { pages } of found.values()) pages.sort((a, b) => place.get(a.childId)! - place.get(b.childId)!);
  return [...found.values()];
}

/** Ways through a plan: what belongs to what, in the plan's own order. */
import type { Lesson, Part } from './lesson';
import type { Child, Mark, Plan } from './plan';
import type { Unit } from './unit';

/** Values gathered under a key, each group in the order given. */
export function groupBy<T>(items: readonly T[], key: (item: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const item of items) {
    const group = groups.get(key(item));
    if (group) group.push(item);
    else groups.set(key(item), [item]);
  }
  return groups;
}

/** Values by their id. */
export function byId<T extends { id: string }>(items: readonly T[]): Map<string, T> {
  return new Map(items.map((item) => [item.id, item]));
}

/** What a part belongs to: a lesson and its unit, a unit alone, or only the family. */
export interface Home {
  lesson?: Lesson;
  unit?: Unit;
}

/** Finds what a part belongs to. */
export function homes(plan: Pick<Plan, 'lessons' | 'units'>): (part: Part) => Home {
  const lessons = byId(plan.lessons);
  const units = byId(plan.units);
  return (part) => {
    const lesson = part.lessonId === null ? undefined : lessons.get(part.lessonId);
    return { lesson, unit: units.get(lesson?.unitId ?? part.unitId ?? '') };
  };
}

/** Parts of each lesson, in order; those of the unit or the family are left out. */
export function partsByLesson(parts: readonly Part[]): Map<string, Part[]> {
  return groupBy(parts.filter((p) => p.lessonId !== null), (p) => p.lessonId!);
}

/** The children who take part in a part, in the family's order: all of them where there is no unit. */
export function childrenOf(part: Pick<Part, 'childIds'>, unit: Unit | undefined, children: readonly Child[]): Child[] {
  const all = unit?.childIds ?? children.map((c) => c.id);
  const named = part.childIds ?? all;
  return children.filter((c) => named.includes(c.id) && all.includes(c.id));
}

/** Key of one child's version of a part. */
export const assignmentKey = (partId: string, childId: string): string => `${partId} ${childId}`;

/** Which parts are done: marked done as a whole, or by every child who takes part. */
export function doneParts(plan: Plan): Set<string> {
  const done = new Set<string>();
  const parts = byId(plan.parts);
  const homeOf = homes(plan);
  for (const [partId, marks] of groupBy(plan.marks.filter((m) => m.outcome === 'done'), (m) => m.partId)) {
    const part = parts.get(partId);
    if (part && isDone(marks, childrenOf(part, homeOf(part).unit, plan.children))) done.add(partId);
  }
  return done;
}

/** Whether these marks of one part say that it is done for all of these children. */
export function isDone(marks: readonly Mark[], children: readonly Child[]): boolean {
  const done = marks.filter((m) => m.outcome === 'done');
  if (done.some((m) => m.childId === null)) return true;
  return children.length > 0 && children.every((c) => done.some((m) => m.childId === c.id));
}

/** A unit's lessons in order, each with its place in the unit, counted from 1. */
export function lessonsOf(plan: Pick<Plan, 'lessons'>, unitId: string): (Lesson & { number: number })[] {
  return plan.lessons.filter((l) => l.unitId === unitId).map((l, i) => ({ ...l, number: i + 1 }));
}

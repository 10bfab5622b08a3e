/** Ways through a plan: what belongs to what, in the plan's own order. */
import type { Child, Lesson, Mark, Part, Plan, Unit } from './plan';

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

/** The children who take part in a part, in the family's order. */
export function childrenOf(part: Part, unit: Unit, children: readonly Child[]): Child[] {
  const named = part.childIds ?? unit.childIds;
  return children.filter((c) => named.includes(c.id) && unit.childIds.includes(c.id));
}

/** Key of one child's version of a part. */
export const assignmentKey = (partId: string, childId: string): string => `${partId} ${childId}`;

/** Which parts are done: marked done as a whole, or by every child who takes part. */
export function doneParts(plan: Plan): Set<string> {
  const done = new Set<string>();
  const units = byId(plan.units);
  const lessons = byId(plan.lessons);
  const parts = byId(plan.parts);
  for (const [partId, marks] of groupBy(plan.marks.filter((m) => m.outcome === 'done'), (m) => m.partId)) {
    const part = parts.get(partId);
    const unit = part && units.get(lessons.get(part.lessonId)?.unitId ?? '');
    if (part && unit && isDone(marks, childrenOf(part, unit, plan.children))) done.add(partId);
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
export function lessonsOf(plan: Plan, unitId: string): (Lesson & { number: number })[] {
  return plan.lessons.filter((l) => l.unitId === unitId).map((l, i) => ({ ...l, number: i + 1 }));
}

/**
 * An edit is a pure function from a plan to the plan after it, or a refusal in words. The store, a what-if and a
 * test all run the same edit. What an edit leaves hanging is swept away here, and the plan is drawn again.
 */
import { breaches } from '../layout/check';
import type { LayoutChoice } from '../layout/input';
import { redraw, type Redrawn } from '../layout/redraw';
import type { IsoDate } from '../plan/measures';
import type { Book } from '../plan/book';
import type { Lesson } from '../plan/lesson';
import type { Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';

export interface EditContext {
  today: IsoDate;
  /** A new id, not used before. */
  newId: () => string;
}

export interface Refusal {
  /** What stands in the way and what to do. */
  refused: string;
  /** A way to go ahead all the same, for the parent to choose. */
  offer?: 'rub-out';
}

export interface Edited {
  plan: Plan;
  /** Units to lay out afresh; the others keep what need not move. */
  fresh?: LayoutChoice['fresh'];
  /** Parts put somewhere by hand. A lay-out that breaks a promise with them there is refused. */
  moved?: LayoutChoice['moved'];
  /** Looks at the outcome before it is kept. */
  unless?: (drawn: Redrawn) => Refusal | undefined;
}

export type Edit = (plan: Plan, context: EditContext) => Edited | Refusal;

export function perform(edit: Edit, plan: Plan, context: EditContext): Redrawn | Refusal {
  const edited = edit(plan, context);
  if ('refused' in edited) return edited;
  const drawn = redraw(swept(edited.plan), { today: context.today, fresh: edited.fresh, moved: edited.moved });
  if (edited.moved) {
    const found = breaches(drawn.plan);
    // What was broken before is not this move's doing; looked at only where something is broken now.
    const before = new Set(found.length ? breaches(plan).map((b) => b.says) : []);
    const broken = found.filter((b) => !before.has(b.says));
    if (broken.length) return { refused: broken.slice(0, 3).map((b) => b.says).join(' ') };
  }
  return edited.unless?.(drawn) ?? drawn;
}

/** The plan without what hangs on something that is gone. */
function swept(plan: Plan): Plan {
  const ids = (items: readonly { id: string }[]): Set<string> => new Set(items.map((i) => i.id));
  const children = ids(plan.children);
  const known = (list: readonly string[]): string[] => list.filter((c) => children.has(c));
  const knownKeys = <V>(record: Record<string, V>): Record<string, V> => Object.fromEntries(Object.entries(record).filter(([c]) => children.has(c)));
  const units = plan.units.map((u): Unit => ({ ...u, childIds: known(u.childIds), shows: knownKeys(u.shows), askedBy: u.askedBy !== null && children.has(u.askedBy) ? u.askedBy : null }));
  const unitIds = ids(units);
  const inUnit = <T extends { unitId: string }>(items: readonly T[]): T[] => items.filter((i) => unitIds.has(i.unitId));
  const objectives = inUnit(plan.objectives);
  const objectiveIds = ids(objectives);
  const lessons = inUnit(plan.lessons).map((l): Lesson => ({ ...l, rungMoves: knownKeys(l.rungMoves), objectiveIds: l.objectiveIds.filter((o) => objectiveIds.has(o)) }));
  const lessonIds = ids(lessons);
  // A rule for children who are all gone goes with them; it does not come to be for everyone.
  const rules = plan.rules.filter((r) => (r.unitId === null || unitIds.has(r.unitId)) && (r.childIds === null || known(r.childIds).length > 0)).map((r) => ({ ...r, childIds: r.childIds && known(r.childIds) }));
  const parts = plan.parts
    .filter((p) => (p.lessonId === null || lessonIds.has(p.lessonId)) && (p.unitId === null || unitIds.has(p.unitId)))
    .map((p) => ({ ...p, childIds: p.childIds && known(p.childIds), rungMoves: knownKeys(p.rungMoves), swaps: knownKeys(p.swaps) }));
  const partIds = ids(parts);
  const works = ids(plan.works);
  const shelf = plan.books.map((b): Book => (b.notFor.every((c) => children.has(c)) ? b : { ...b, notFor: known(b.notFor) }));
  const books = ids(shelf);
  const pulls = inUnit(plan.pulls).filter((p) => books.has(p.bookId) && (p.childId === null || children.has(p.childId)));
  const pullIds = ids(pulls);
  return {
    ...plan, units, objectives, lessons, pulls, books: shelf,
    parts: parts.map((p) => (p.teaches === null || partIds.has(p.teaches) ? p : { ...p, teaches: null })).map((p) => (p.workId === null || works.has(p.workId) ? p : { ...p, workId: null })),
    rules: rules.filter((r) => r.rhythm.on !== 'after' || partIds.has(r.rhythm.partId)),
    questions: inUnit(plan.questions).map((q) => ({ ...q, childId: q.childId !== null && children.has(q.childId) ? q.childId : null })),
    ideas: inUnit(plan.ideas).map((i) => ({ ...i, childIds: known(i.childIds) })),
    loans: plan.loans.filter((l) => books.has(l.bookId)),
    readings: plan.readings.filter((r) => children.has(r.childId)).map((r) => (r.bookId === null || books.has(r.bookId) ? r : { ...r, bookId: null })),
    uses: plan.uses.filter((u) => pullIds.has(u.pullId) && lessonIds.has(u.lessonId)),
    assignments: plan.assignments.filter((a) => partIds.has(a.partId) && children.has(a.childId)),
    sittings: plan.sittings.filter((s) => partIds.has(s.partId)),
    marks: plan.marks.filter((m) => partIds.has(m.partId) && (m.childId === null || children.has(m.childId))),
  };
}

/** A list with one item changed. */
export function withChanged<T extends { id: string }>(items: readonly T[], id: string, change: Partial<NoInfer<T>>): T[] {
  return items.map((item) => (item.id === id ? { ...item, ...change } : item));
}

/** A list with one item moved by so many places among those that `alike` names its companions. */
export function withMoved<T extends { id: string }>(items: readonly T[], id: string, by: number, alike: (a: T, b: T) => boolean): T[] {
  const moving = items.find((i) => i.id === id);
  if (!moving) return [...items];
  const group = items.filter((i) => alike(i, moving));
  const at = group.indexOf(moving);
  const to = Math.min(group.length - 1, Math.max(0, at + by));
  group.splice(at, 1);
  group.splice(to, 0, moving);
  let next = 0;
  return items.map((i) => (alike(i, moving) ? group[next++] : i));
}

export const GONE = 'That is no longer in the plan; someone may have removed it in another window.';

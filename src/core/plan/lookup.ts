/** Ways through a plan: what belongs to what, in the plan's own order. */
import { ageOn } from './age';
import type { Book } from './book';
import type { Lesson, Part, PartKind } from './lesson';
import type { IsoDate } from './measures';
import type { Child, Mark, Plan, Pull } from './plan';
import { once, onceOf } from './once';
import type { Unit } from './unit';
import { OWN_WORK_KINDS } from './words';

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

/** The shelf by id, gathered once for each shelf: it is long, and asked for often. */
export const booksById = once((books: readonly Book[]): ReadonlyMap<string, Book> => byId(books));

/** What a part belongs to: a lesson and its unit, a unit alone, or only the family. */
export interface Home {
  lesson?: Lesson;
  unit?: Unit;
}

const lessonsById = once((lessons: readonly Lesson[]) => byId(lessons));
const unitsById = once((units: readonly Unit[]) => byId(units));

/** Finds what a part belongs to. */
export function homes(plan: Pick<Plan, 'lessons' | 'units'>): (part: Part) => Home {
  const lessons = lessonsById(plan.lessons);
  const units = unitsById(plan.units);
  return (part) => {
    const lesson = part.lessonId === null ? undefined : lessons.get(part.lessonId);
    return { lesson, unit: units.get(lesson?.unitId ?? part.unitId ?? '') };
  };
}

/** Parts of each lesson, in order; those of the unit or the family are left out. */
export function partsByLesson(parts: readonly Part[]): Map<string, Part[]> {
  return groupBy(
    parts.filter((p) => p.lessonId !== null),
    (p) => p.lessonId!,
  );
}

/** Under this age a child takes part in nothing unless named for it, and is given no work. Common practice, no source. */
export const TAKES_PART_FROM = 3;

/** Whether a child is old enough, on a date, to take part in what names nobody. */
export const takesPart = (child: Pick<Child, 'birthMonth'>, date: IsoDate | null | undefined): boolean =>
  !date || ageOn(child.birthMonth, date) >= TAKES_PART_FROM;

/** Whether what is done in a part is done together; those who only listen in take part in that, and have no work of their own. */
export const isTogether = (kind: PartKind): boolean => !OWN_WORK_KINDS.includes(kind);

/** Who takes part in what names nobody: those in the unit, or of the family, who are not too small; all, where all are. */
export function byDefault(
  unit: Pick<Unit, 'childIds' | 'starts'> | undefined,
  children: readonly Child[],
  date: IsoDate | null | undefined = unit?.starts,
): Child[] {
  const all = unit ? children.filter((c) => unit.childIds.includes(c.id)) : [...children];
  const older = all.filter((c) => takesPart(c, date));
  return older.length ? older : all;
}

type Takers = Record<'together' | 'alone', readonly Child[]>;
const takersOf = once((_: Unit) => new WeakMap<readonly Child[], Takers>());

/** Who takes part in what names nobody, gathered once for each unit: with those who listen in, and without. */
function ofUnit(unit: Unit, children: readonly Child[]): Takers {
  const known = takersOf(unit);
  const found = known.get(children);
  if (found) return found;
  const alone = byDefault(unit, children);
  const together = unit.listens.length
    ? children.filter((c) => alone.includes(c) || unit.listens.includes(c.id))
    : alone;
  known.set(children, { alone, together });
  return { alone, together };
}

const takersIn = (unit: Unit, kind: PartKind, children: readonly Child[]): readonly Child[] =>
  ofUnit(unit, children)[isTogether(kind) ? 'together' : 'alone'];

/** The children who take part in a part, in the family's order. */
export function childrenOf(
  part: Pick<Part, 'childIds' | 'kind'> & Partial<Pick<Part, 'fixedDate'>>,
  unit: Unit | undefined,
  children: readonly Child[],
): readonly Child[] {
  const { childIds, kind } = part;
  if (childIds === null)
    return unit ? takersIn(unit, kind, children) : byDefault(unit, children, part.fixedDate);
  const isIn = (id: string): boolean =>
    !unit || unit.childIds.includes(id) || (isTogether(kind) && unit.listens.includes(id));
  return children.filter((c) => childIds.includes(c.id) && isIn(c.id));
}

/** These children as a part of a kind keeps them: null where they are those who take part by default. */
export function asChildIds(
  ids: readonly string[],
  unit: Unit,
  children: readonly Child[],
  kind: PartKind,
): string[] | null {
  const usual = takersIn(unit, kind, children);
  return sameIds(
    usual.map((c) => c.id),
    ids,
  )
    ? null
    : [...ids];
}

/** Whether two lists name the same things, in whatever order. */
export const sameIds = (a: readonly string[], b: readonly string[]): boolean =>
  a.length === b.length && a.every((id) => b.includes(id));

/** Whether a pulled book is for a child: it is on that child's pile, or on nobody's. */
export const isFor = (pull: Pick<Pull, 'childIds'>, childId: string): boolean =>
  !pull.childIds.length || pull.childIds.includes(childId);

/** Key of one child's version of a part. */
export const assignmentKey = (partId: string, childId: string): string => `${partId} ${childId}`;

/** Which parts are done: marked done as a whole, or by every child who takes part. */
export const doneParts = onceOf<
  Plan,
  'parts' | 'marks' | 'lessons' | 'units' | 'children',
  ReadonlySet<string>
>(['parts', 'marks', 'lessons', 'units', 'children'], (plan) => {
  const done = new Set<string>();
  const parts = byId(plan.parts);
  const homeOf = homes(plan);
  for (const [partId, marks] of groupBy(
    plan.marks.filter((m) => m.outcome === 'done'),
    (m) => m.partId,
  )) {
    const part = parts.get(partId);
    if (part && isDone(marks, childrenOf(part, homeOf(part).unit, plan.children))) done.add(partId);
  }
  return done;
});

/** Whether these marks of one part say that it is done for all of these children. */
export function isDone(marks: readonly Mark[], children: readonly Pick<Child, 'id'>[]): boolean {
  const done = marks.filter((m) => m.outcome === 'done');
  if (done.some((m) => m.childId === null)) return true;
  return children.length > 0 && children.every((c) => done.some((m) => m.childId === c.id));
}

/** A unit's lessons in order, each with its place in the unit, counted from 1. */
export function lessonsOf(plan: Pick<Plan, 'lessons'>, unitId: string): (Lesson & { number: number })[] {
  return plan.lessons.filter((l) => l.unitId === unitId).map((l, i) => ({ ...l, number: i + 1 }));
}

/** Why what was not taught of a part's home stands on no day: the unit is closed, or the lesson left out; undefined where it stands. */
export function isLeft({
  lesson,
  unit,
}: {
  lesson?: Pick<Lesson, 'leftOut'>;
  unit?: Pick<Unit, 'closedOn'>;
}): 'closed' | 'left out' | undefined {
  if (unit && unit.closedOn !== null) return 'closed';
  return lesson?.leftOut ? 'left out' : undefined;
}

/** A day out: it takes its half-day, and none of the minutes that a day has for unit work. */
export const isDayOut = ({ kind }: Pick<Part, 'kind'>): boolean => kind === 'trip';

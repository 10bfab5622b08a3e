/** Books that lead a unit: their pages on its lessons, and the parts in which they are read. */
import { isReadAlone, isReadAloud, isReadBeforehand } from '../books/readers';
import type { Book } from '../plan/book';
import type { Lesson, Part } from '../plan/lesson';
import { doneParts, groupBy, isFor, sameIds } from '../plan/lookup';
import type { Plan, Pull, Use } from '../plan/plan';
import { withChanged } from './edit';
import { newPart, READ_TOGETHER, withReading } from './new-lesson';

/** The first of the books that lead a unit: lessons are made from its contents. */
export function spineOf(plan: Plan, unitId: string): Pull | undefined {
  return plan.pulls.find((p) => p.unitId === unitId && p.role === 'spine');
}

/** Pages of the spine on each lesson whose contents name pages. */
export function usesFromContents(spine: Pull, lessons: readonly Lesson[], newId: () => string): Use[] {
  return lessons
    .filter((l) => l.firstPage !== null)
    .map((l) => ({
      id: newId(),
      pullId: spine.id,
      lessonId: l.id,
      firstPage: l.firstPage,
      lastPage: l.lastPage ?? l.firstPage,
    }));
}

/** A contents page that lessons were made from is the book's own from then on, where it had none. */
export const withContents = (
  books: readonly Book[],
  bookId: string,
  lessons: readonly Pick<Lesson, 'title' | 'firstPage'>[],
): Book[] =>
  books.map((b) =>
    b.id === bookId && !b.chapters.length
      ? { ...b, chapters: lessons.slice(0, 500).map((l) => ({ title: l.title, page: l.firstPage })) }
      : b,
  );

/** New lessons of a unit with their parts, and the pages of the book that leads it on them, read as it is read. */
export function withLessons(
  plan: Plan,
  unitId: string,
  made: readonly { lesson: Lesson; parts: readonly Part[] }[],
  newId: () => string,
): Plan {
  const lessons = made.map((m) => m.lesson);
  const added: Plan = {
    ...plan,
    lessons: [...plan.lessons, ...lessons],
    parts: [...plan.parts, ...made.flatMap((m) => withReading(m.lesson, m.parts, newId))],
  };
  const spine = spineOf(plan, unitId);
  if (!spine) return added;
  const uses = [...plan.uses, ...usesFromContents(spine, lessons, newId)];
  return asItIsRead({ ...added, uses }, spine, newId);
}

/**
 * A book that leads the unit stands on every lesson whose contents name pages, unless it has pages already. Beside another
 * that leads it the pages are that one's: its own are said by hand.
 */
export function withSpinePages(plan: Plan, pull: Pull, newId: () => string): Plan {
  if (pull.role !== 'spine' || plan.uses.some((u) => u.pullId === pull.id)) return plan;
  const leads = new Set(
    plan.pulls
      .filter((p) => p.unitId === pull.unitId && p.role === 'spine' && p.id !== pull.id)
      .map((p) => p.id),
  );
  if (plan.uses.some((u) => leads.has(u.pullId))) return plan;
  const lessons = plan.lessons.filter((l) => l.unitId === pull.unitId);
  const pages = plan.books.find((b) => b.id === pull.bookId)?.pages ?? null;
  // The contents leave the last lesson open; the book says where it ends.
  const last = lessons.filter((l) => l.firstPage !== null).at(-1);
  const closed = lessons.map((l) =>
    l === last && l.lastPage === null && pages !== null && pages >= l.firstPage!
      ? { ...l, lastPage: pages }
      : l,
  );
  return { ...plan, uses: [...plan.uses, ...usesFromContents(pull, closed, newId)] };
}

/**
 * Gives the lessons a book has pages on the parts in which it is read: an own-reading part for those who read it alone; for a
 * spine one in which it is read aloud, or told by the parent who read it. What is left with nothing to read goes, unless it
 * was taught.
 * @param was how it was read before, where that changes
 */
export function asItIsRead(plan: Plan, pull: Pull, newId: () => string, was?: Pull): Plan {
  const on = new Set(plan.uses.filter((u) => u.pullId === pull.id).map((u) => u.lessonId));
  const read = readAlready(plan);
  let now = plan;
  for (const lesson of plan.lessons) {
    if (!on.has(lesson.id) || read.has(lesson.id)) continue;
    if (isReadAlone(pull)) now = withOwnReading(now, lesson, pull, newId);
    else if (was && isReadAlone(was)) now = withoutIdleReading(now, lesson.id, was);
    if (pull.role === 'spine') now = ledBySpine(now, lesson.id, newId, was);
  }
  return now;
}

/** Lessons that are over, or whose reading is: no part is put into them or taken out of them any more. */
function readAlready(plan: Plan): Set<string> {
  const done = doneParts(plan);
  const isReading = (p: Part): boolean =>
    p.kind === 'read-aloud' || p.kind === 'own-reading' || isPlain(p, TOLD);
  const ofLessons = groupBy(plan.parts, (p) => p.lessonId ?? '');
  const isRead = ([, parts]: [string, Part[]]): boolean =>
    parts.every((p) => done.has(p.id)) || parts.some((p) => isReading(p) && done.has(p.id));
  return new Set([...ofLessons].filter(isRead).map(([lessonId]) => lessonId));
}

const readOn = (plan: Plan, lessonId: string): Pull[] => {
  const here = new Set(plan.uses.filter((u) => u.lessonId === lessonId).map((u) => u.pullId));
  return plan.pulls.filter((p) => here.has(p.id));
};

/** Own reading for which a lesson has no book any more goes, and whoever has none any more leaves it. */
function withoutIdleReading(plan: Plan, lessonId: string, was: Pull): Plan {
  const alone = readOn(plan, lessonId).filter(isReadAlone);
  const done = doneParts(plan);
  const isIdle = (childId: string): boolean =>
    was.childIds.includes(childId) && !alone.some((p) => isFor(p, childId));
  return {
    ...plan,
    parts: plan.parts.flatMap((p) => {
      if (p.lessonId !== lessonId || p.kind !== 'own-reading' || done.has(p.id)) return [p];
      if (!alone.length) return [];
      const childIds = p.childIds?.filter((c) => !isIdle(c));
      return childIds?.length && childIds.length < p.childIds!.length ? [{ ...p, childIds }] : [p];
    }),
  };
}

/**
 * The parts in which a lesson's spine is read aloud or told, as it is read now: one for everyone, and one for each group of
 * children to whom one is read. None where all read alone, and none is added where the lesson says already who reads.
 */
export function ledBySpine(plan: Plan, lessonId: string, newId: () => string, was?: Pull): Plan {
  const parts = plan.parts.filter((p) => p.lessonId === lessonId);
  const done = doneParts(plan);
  const plain = parts.filter((p) => (isPlain(p, READ_TOGETHER) || isPlain(p, TOLD)) && !done.has(p.id));
  const wanted = readingsOf(plan, lessonId);
  const given = new Map<Reading, Part>();
  const free = (p: Part): boolean => ![...given.values()].includes(p);
  for (const exactly of [true, false])
    for (const w of wanted) {
      const part = plain.find((p) => free(p) && (!exactly || isOfSame(p, w)));
      if (part && !given.has(w)) given.set(w, part);
    }
  let now: Plan = { ...plan, parts: plan.parts.filter((p) => !plain.includes(p) || !free(p)) };
  for (const [w, part] of given) now = { ...now, parts: withChanged(now.parts, part.id, w) };
  const saysWho = (p: Part, w: Reading): boolean =>
    w.childIds === null
      ? (p.kind === 'read-aloud' && !wanted.some((o) => o !== w && isOfSame(p, o))) ||
        isPlain(p, TOLD) ||
        (!was && p.kind === 'own-reading')
      : p.kind === 'read-aloud' && isOfSame(p, w);
  for (const w of wanted) {
    if (given.has(w) || parts.some((p) => saysWho(p, w))) continue;
    // A lesson begins with it.
    const first = now.parts.findIndex((p) => p.lessonId === lessonId);
    now = {
      ...now,
      parts: now.parts.toSpliced(first < 0 ? now.parts.length : first, 0, newPart(lessonId, w, newId)),
    };
  }
  return now;
}

/** A part in which a lesson's spine is read aloud or told, and to whom; null: everyone. */
type Reading = Pick<Part, 'kind' | 'title' | 'lead' | 'childIds'>;

/** Those a lesson should have. What the parent has read is told to those to whom nothing is read. */
function readingsOf(plan: Plan, lessonId: string): Reading[] {
  const on = readOn(plan, lessonId);
  const aloud = on.filter(isReadAloud);
  const groups = aloud
    .map((p) => p.childIds)
    .filter((ids, i, all) => ids.length && all.findIndex((other) => sameIds(ids, other)) === i);
  const readings = groups.map((childIds): Reading => ({ ...READ_TOGETHER, childIds }));
  if (aloud.some((p) => !p.childIds.length)) return [{ ...READ_TOGETHER, childIds: null }, ...readings];
  if (!on.some(isReadBeforehand)) return readings;
  const unitId = plan.lessons.find((l) => l.id === lessonId)?.unitId;
  const left = plan.units
    .find((u) => u.id === unitId)!
    .childIds.filter((c) => !groups.some((ids) => ids.includes(c)));
  if (!groups.length) return [{ ...TOLD, childIds: null }];
  return left.length ? [{ ...TOLD, childIds: left }, ...readings] : readings;
}

const isOfSame = (a: Pick<Part, 'childIds'>, b: Pick<Part, 'childIds'>): boolean =>
  a.childIds === null || b.childIds === null ? a.childIds === b.childIds : sameIds(a.childIds, b.childIds);

/** Told by the parent, who read it. */
const TOLD = { kind: 'activity', title: 'Told by you', lead: 'leads' } as const;

const isPlain = (part: Part, as: Pick<Part, 'kind' | 'title'>): boolean =>
  part.kind === as.kind && part.title === as.title;

/** A part in which a lesson's book is read alone by its readers; those who join it are added. */
export function withOwnReading(plan: Plan, lesson: Lesson, pull: Pull, newId: () => string): Plan {
  const part = plan.parts.find((p) => p.lessonId === lesson.id && p.kind === 'own-reading');
  if (!part) {
    const made = newPart(
      lesson.id,
      {
        kind: 'own-reading',
        title: 'Own reading',
        lead: 'not-needed',
        childIds: pull.childIds.length ? pull.childIds : null,
      },
      newId,
    );
    return { ...plan, parts: [...plan.parts, made] };
  }
  const { childIds } = part;
  if (childIds === null || (pull.childIds.length && pull.childIds.every((c) => childIds.includes(c))))
    return plan;
  return {
    ...plan,
    parts: withChanged(plan.parts, part.id, {
      childIds: pull.childIds.length ? [...new Set([...childIds, ...pull.childIds])] : null,
    }),
  };
}

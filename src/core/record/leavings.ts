/** What a unit leaves when it is closed: what was not taught, what goes back or can be passed on, sheets nobody used. */
import { isLadderKind } from '../ladder/kinds';
import { stageOf } from '../books/borrowing';
import type { Book } from '../plan/book';
import { inForce } from '../plan/happened';
import type { Lesson, Part } from '../plan/lesson';
import { byId, doneParts, groupBy, homes, partsByLesson } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Slice } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { isOutgrown } from './look-back';

export interface Leavings {
  /** Lessons of which nothing was taught, with how many parts they have. */
  lessons: { lesson: Lesson; parts: number }[];
  /** What nobody did of lessons that were begun, and of the unit itself, and could go on: not what a lesson is written up with. */
  parts: Part[];
  /** What the unit’s rules would have gone on bringing, and makes sense without it. */
  rules: { id: string; title: string }[];
  /** What is borrowed for it and for nothing else that is to come. */
  giveBack: { book: Book; due: IsoDate | null }[];
  /** Owned books of it that everybody has outgrown. */
  passOn: { book: Book; pullId: string }[];
  /** Sheets that were printed and not used: of whom, for what. */
  sheets: { childId: string; title: string }[];
}

/** Kinds that are about the unit they stand in. */
const OF_A_UNIT: readonly string[] = ['opening', 'recall', 'check', 'quiz', 'look-back'];

export function leavingsOf(plan: Slice, unit: Unit, today: IsoDate): Leavings {
  const done = doneParts(plan);
  const partsOf = partsByLesson(plan.parts);
  const lessons = plan.lessons.filter((l) => l.unitId === unit.id);
  const isBegun = (l: Lesson): boolean => (partsOf.get(l.id) ?? []).some((p) => done.has(p.id));
  const books = byId(plan.books);
  const homeOf = homes(plan);
  const pulls = plan.pulls.filter((p) => p.unitId === unit.id);
  const elsewhere = new Set(
    plan.units
      .filter((u) => u.id !== unit.id && u.closedOn === null)
      .flatMap((u) =>
        plan.pulls.filter((p) => p.unitId === u.id && p.role !== 'give away').map((p) => p.bookId),
      ),
  );
  const only = pulls.filter((p) => !elsewhere.has(p.bookId));
  const own = plan.parts.filter((p) => homeOf(p).unit?.id === unit.id);
  return {
    lessons: lessons
      .filter((l) => !isBegun(l) && !l.leftOut)
      .map((lesson) => ({ lesson, parts: (partsOf.get(lesson.id) ?? []).length })),
    parts: own.filter(
      (p) =>
        p.ruleId === null &&
        !done.has(p.id) &&
        !isLadderKind(p.kind) &&
        (p.lessonId === null || lessons.some((l) => l.id === p.lessonId && isBegun(l))),
    ),
    rules: plan.rules
      .filter((r) => r.unitId === unit.id && r.rhythm.on !== 'lesson' && !OF_A_UNIT.includes(r.kind))
      .map(({ id, title }) => ({ id, title })),
    giveBack: plan.loans
      .filter((l) => stageOf(l) === 'out' && only.some((p) => p.bookId === l.bookId))
      .map((l) => ({ book: books.get(l.bookId)!, due: l.due })),
    passOn: only
      .filter((p) => p.role !== 'give away')
      .map((p) => ({ book: books.get(p.bookId)!, pullId: p.id }))
      .filter(({ book }) => book.source !== 'borrowed' && isOutgrown(book, plan, today)),
    sheets: unusedSheets(plan, new Set(own.map((p) => p.id))),
  };
}

function unusedSheets(plan: Slice, own: ReadonlySet<string>): Leavings['sheets'] {
  const marks = groupBy(
    plan.marks.filter((m) => m.outcome === 'done'),
    (m) => m.partId,
  );
  return inForce(plan.entries)
    .filter((e) => e.kind === 'printed' && own.has(e.partId!))
    .filter((e) => !(marks.get(e.partId!) ?? []).some((m) => m.childId === null || m.childId === e.childId))
    .map((e) => ({ childId: e.childId!, title: e.about.title }));
}

/** Lessons that closed units left over, for another unit to take in. */
export const leftOverLessons = (
  plan: Slice,
  today: IsoDate,
): { unit: Unit; lessons: Leavings['lessons'] }[] =>
  plan.units
    .filter((u) => u.closedOn !== null)
    .map((unit) => ({ unit, lessons: leavingsOf(plan, unit, today).lessons }))
    .filter((u) => u.lessons.length);

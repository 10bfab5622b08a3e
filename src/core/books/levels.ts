/** What each child reads alone on each lesson of a unit, by the ages it is for, beside the age at which they read. */
import { isReadAlone } from './readers';
import { booksById, byId, groupBy, isFor, lessonsOf } from '../plan/lookup';
import type { Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { bandOf, readsAtAge } from './fit';

export interface LessonLevel {
  lessonId: string;
  /** The youngest and the oldest that what is read is for; `guessed`: taken from the form of a book. */
  from: number;
  to: number;
  guessed: boolean;
  titles: string[];
}

export interface ChildLevels {
  childId: string;
  /** The age at which they read: their own, and two years for each rung above it or below. */
  readsAt: number;
  lessons: LessonLevel[];
}

/** @returns children who read something alone, in the plan's order */
export function levelsOver(plan: Plan, unit: Unit): ChildLevels[] {
  const pulls = byId(plan.pulls);
  const books = booksById(plan.books);
  const uses = groupBy(plan.uses, (u) => u.lessonId);
  return plan.children
    .filter((c) => unit.childIds.includes(c.id))
    .flatMap((child): ChildLevels[] => {
      const lessons = lessonsOf(plan, unit.id).flatMap((lesson): LessonLevel[] => {
        const read = (uses.get(lesson.id) ?? [])
          .map((u) => pulls.get(u.pullId)!)
          .filter((p) => isReadAlone(p) && isFor(p, child.id))
          .flatMap((p) => {
            const book = books.get(p.bookId)!;
            const band = bandOf(book, 'read');
            return band ? [{ book, band }] : [];
          });
        if (!read.length) return [];
        return [
          {
            lessonId: lesson.id,
            from: Math.max(...read.map((r) => r.band.from)),
            to: Math.max(...read.map((r) => r.band.to)),
            guessed: read.some((r) => r.band.guessed),
            titles: read.map((r) => r.book.title),
          },
        ];
      });
      return lessons.length ? [{ childId: child.id, readsAt: readsAtAge(child, unit.starts), lessons }] : [];
    });
}

/** Minutes of reading in each lesson, aloud and alone by child, against what the lesson takes and the child can take. */
import { partMinutes } from './input';
import { booksById, byId, groupBy, isFor, lessonsOf } from '../plan/lookup';
import type { Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { isReadAlone, isReadAloud } from '../books/readers';
import { pagesOf, readingClock, wordsOf } from '../books/reading';

export interface LessonReading {
  lessonId: string;
  aloud: number;
  children: {
    childId: string;
    alone: number;
    /** All the lesson takes this child, reading included. */
    lesson: number;
    /** What the child can take on the days over which the lesson stands, or on one where it stands nowhere. */
    limit: number;
  }[];
}

export function lessonReading(plan: Plan, unit: Unit): LessonReading[] {
  const pulls = byId(plan.pulls);
  const books = booksById(plan.books);
  const uses = groupBy(plan.uses, (u) => u.lessonId);
  const parts = groupBy(
    plan.parts.filter((p) => p.lessonId !== null),
    (p) => p.lessonId!,
  );
  const days = groupBy(plan.sittings, (s) => s.partId);
  const minutes = partMinutes(plan);
  const clock = readingClock(plan);
  const children = plan.children.filter((c) => unit.childIds.includes(c.id));
  return lessonsOf(plan, unit.id).map((lesson): LessonReading => {
    const read = (uses.get(lesson.id) ?? []).map((u) => ({
      pull: pulls.get(u.pullId)!,
      words: wordsOf(
        books.get(pulls.get(u.pullId)!.bookId)!,
        pagesOf(u, books.get(pulls.get(u.pullId)!.bookId)!.pages),
      ),
    }));
    const sum = (which: (r: (typeof read)[number]) => boolean): number =>
      read.filter(which).reduce((words, r) => words + r.words, 0);
    const here = parts.get(lesson.id) ?? [];
    const taken = here.map((p) => minutes(p, unit).minutes);
    const dates = new Set(here.flatMap((p) => (days.get(p.id) ?? []).map((s) => s.date))).size;
    return {
      lessonId: lesson.id,
      aloud: clock.aloud(sum((r) => isReadAloud(r.pull))),
      children: children.map((c) => ({
        childId: c.id,
        alone: clock.alone(
          sum((r) => isReadAlone(r.pull) && isFor(r.pull, c.id)),
          c.id,
          unit.starts,
        ),
        lesson: taken.reduce((total, t) => total + (t[c.id] ?? 0), 0),
        limit: c.minutes * Math.max(1, dates),
      })),
    };
  });
}

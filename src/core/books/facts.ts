/** What a book is good for in a unit: everything one wants to know before it goes on a pile. */
import { isReadBeforehand } from './readers';
import { booksById, byId, groupBy, isFor, lessonsOf } from '../plan/lookup';
import type { Book } from '../plan/book';
import type { Child, Plan, Pull } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { bandOf, lessonsCovered, serves, suits, type OnLesson, type Suits } from './fit';
import { readingClock, wordsOf } from './reading';

export interface ForChild {
  childId: string;
  listen: Suits;
  read: Suits;
  /** Minutes to read all of it alone, at the child's own rate; 0 without words. */
  minutesAlone: number;
}

export interface Facts {
  covers: (OnLesson & { number: number; title: string })[];
  children: ForChild[];
  /** Words in all of it; 0 for what is not read. */
  words: number;
  minutesAloud: number;
  /** Bands were taken from its form: nobody has said. */
  bandsGuessed: boolean;
  /** What to look out for: not looked through, parts to leave out, whom it is not for, not in its place. */
  cautions: string[];
}

/** The facts of books in a unit; worked out for one book at a time. */
export function factsIn(plan: Plan, unit: Unit): (book: Book) => Facts {
  const lessons = lessonsOf(plan, unit.id);
  const at = byId(lessons);
  const children = plan.children.filter((c) => unit.childIds.includes(c.id));
  const clock = readingClock(plan);
  return (book) => {
    const words = wordsOf(book, book.pages ?? 0);
    return {
      covers: lessonsCovered(book, lessons).map((on) => ({
        ...on,
        number: at.get(on.lessonId)!.number,
        title: at.get(on.lessonId)!.title,
      })),
      children: children.map((c) => ({
        childId: c.id,
        listen: suits(book, c, unit.starts, 'listen'),
        read: suits(book, c, unit.starts, 'read'),
        minutesAlone: clock.alone(words, c.id, unit.starts),
      })),
      words,
      minutesAloud: clock.aloud(words),
      bandsGuessed: !!bandOf(book, 'listen')?.guessed,
      cautions: [
        book.preview === 'not seen' ? 'Not looked through yet: leaf through it before they do.' : '',
        ...foundIn(book, children),
        book.state === 'here' ? '' : `It is ${book.state}${book.stateNote ? ` (${book.stateNote})` : ''}.`,
      ].filter(Boolean),
    };
  };
}

/** What a preview found: parts to leave out, whom the book is not for, and why. */
export function foundIn(book: Book, children: readonly Child[]): string[] {
  const names = book.notFor.flatMap((id) => children.find((c) => c.id === id)?.name ?? []);
  return [
    book.preview === 'parts' ? `Leave parts out${book.previewNote ? `: ${book.previewNote}` : '.'}` : '',
    names.length ? `Not for ${names.join(', ')}${book.previewNote ? `: ${book.previewNote}` : '.'}` : '',
  ].filter(Boolean);
}

export interface Thin {
  lessonId: string;
  number: number;
  /** Children for whom nothing on the lesson fits their band. */
  childIds: string[];
}

/** Roles that lie out for the children; what is for the parent, put off or given away fills no gap. */
const FOR_CHILDREN = new Set<Pull['role']>(['spine', 'together', 'own', 'basket']);

/** Lessons that are thin for a child: nothing pulled for them stands on the lesson that suits them, to hear or to read. */
export function thinLessons(plan: Plan, unit: Unit): Thin[] {
  const books = booksById(plan.books);
  const pulls = byId(plan.pulls);
  const uses = groupBy(plan.uses, (u) => u.lessonId);
  const children = plan.children.filter((c) => unit.childIds.includes(c.id));
  return lessonsOf(plan, unit.id).flatMap((lesson): Thin[] => {
    const childIds = children
      .filter(
        (child) =>
          !(uses.get(lesson.id) ?? []).some((use) => {
            const pull = pulls.get(use.pullId)!;
            if (!FOR_CHILDREN.has(pull.role) || isReadBeforehand(pull) || !isFor(pull, child.id))
              return false;
            const fit = serves(books.get(pull.bookId)!, child, unit.starts);
            return fit !== undefined && fit.as !== 'young';
          }),
      )
      .map((c) => c.id);
    return childIds.length ? [{ lessonId: lesson.id, number: lesson.number, childIds }] : [];
  });
}

export interface Filling {
  book: Book;
  by: OnLesson;
  childIds: string[];
}

/**
 * What on the shelf could fill a gap: things that are here, have something on the lesson and suit one of the children;
 * most children first, then the shelf's order.
 */
export function fillings(plan: Plan, unit: Unit, gap: Thin): Filling[] {
  const lesson = plan.lessons.filter((l) => l.id === gap.lessonId);
  const used = new Set(
    plan.uses
      .filter((u) => u.lessonId === gap.lessonId)
      .map((u) => plan.pulls.find((p) => p.id === u.pullId)?.bookId),
  );
  const given = new Set(
    plan.pulls.filter((p) => p.unitId === unit.id && p.role === 'give away').map((p) => p.bookId),
  );
  const children = plan.children.filter((c) => gap.childIds.includes(c.id));
  return plan.books
    .filter((b) => b.state === 'here' && !used.has(b.id) && !given.has(b.id))
    .flatMap((book): Filling[] => {
      const [by] = lessonsCovered(book, lesson);
      const childIds = by
        ? children
            .filter((c) => {
              const fit = serves(book, c, unit.starts);
              return fit && fit.as !== 'young';
            })
            .map((c) => c.id)
        : [];
      return childIds.length ? [{ book, by, childIds }] : [];
    })
    .sort((a, b) => b.childIds.length - a.childIds.length);
}

/** What the parent reads ahead of a lesson: pages of a book that leads the unit and is read by nobody else. */
import { isReadBeforehand } from '../books/readers';
import { pagesOf, pagesText, silentlyRead, wordsOf } from '../books/reading';
import type { Part, Preparation } from '../plan/lesson';
import { booksById, byId } from '../plan/lookup';
import { onceOf } from '../plan/once';
import type { Plan } from '../plan/plan';

/** Days before its lesson on which it is read: the evening before. */
export const DAYS_BEFORE = 1;

/** @returns for a lesson, what is read before it, the evening before at the latest; by the id of its pages on the lesson */
export const readBefore = onceOf<
  Plan,
  'pulls' | 'uses' | 'books',
  ReadonlyMap<string, readonly Preparation[]>
>(['pulls', 'uses', 'books'], (plan) => {
  const pulls = byId(plan.pulls);
  const books = booksById(plan.books);
  const by = new Map<string, Preparation[]>();
  for (const use of plan.uses) {
    const pull = pulls.get(use.pullId)!;
    if (!isReadBeforehand(pull)) continue;
    const book = books.get(pull.bookId)!;
    const words = wordsOf(book, pagesOf(use, book.pages));
    const reading: Preparation = {
      id: use.id,
      what: `Read “${book.title}”${pagesText(use)}`,
      daysBefore: DAYS_BEFORE,
      minutes: words ? silentlyRead(words) : null,
      atMostBefore: null,
    };
    by.set(use.lessonId, [...(by.get(use.lessonId) ?? []), reading]);
  }
  return by;
});

/** A preparation of a part, or what is read before its lesson. */
export const preparationOf = (
  plan: Plan,
  part: Part | undefined,
  preparationId: string,
): Preparation | undefined =>
  [...(part?.preparations ?? []), ...(readBefore(plan).get(part?.lessonId ?? '') ?? [])].find(
    (p) => p.id === preparationId,
  );

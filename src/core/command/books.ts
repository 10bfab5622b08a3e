import { childName, count, inAList, titled } from '../plan/called';
import { z } from 'zod';
import { FILLS, readCell } from '../books/fill';
import { addBook, editBook, pullBook, pullBooks, putBack, setRole, setRoles } from '../edit/books';
import { fillBook, fillBooks, giveAway, paceBookOver, setCells } from '../edit/pages';
import { id, isoDate } from '../plan/measures';
import { book } from '../plan/book';
import { role, spineRead, type Plan } from '../plan/plan';
import { given } from './given';
import { idsOnShelf } from '../books/on-shelf';
import { typedNumber } from '../books/typed-number';
import { command } from './command';

const bookFields = book.omit({ id: true }).extend({ label: typedNumber });

const placing = z.strictObject({ role, childIds: z.array(id).max(8), read: spineRead.optional() });

const page = z.int('a page is a whole number').min(1, 'pages begin at 1').max(9999);

const bookTitle = (plan: Plan, bookId: string | undefined): string => titled(plan, 'books', bookId);

const titleOf = (plan: Plan, pullId: string): string =>
  bookTitle(plan, plan.pulls.find((p) => p.id === pullId)?.bookId);

const numberOf = (plan: Plan, lessonId: string): number => {
  const unitId = plan.lessons.find((l) => l.id === lessonId)?.unitId;
  return plan.lessons.filter((l) => l.unitId === unitId).findIndex((l) => l.id === lessonId) + 1;
};

const lessonIds = z.array(id).min(1, 'choose at least one lesson').max(500);

export const newBook = command({
  about: z.strictObject({ unitId: id }),
  shape: z.strictObject({ book: bookFields, placed: placing }),
  label: (v) => `Put “${v.book.title}” on the shelf`,
  edit: (v, { unitId }) => addBook(unitId, v.book, v.placed.role, v.placed.childIds),
  touches: ['shelf', 'plan'],
});

export const changeBook = command({
  about: z.strictObject({ bookId: id }),
  shape: bookFields.partial(),
  label: (_, plan, { bookId }) => `Changed ${bookTitle(plan, bookId)}`,
  edit: (v, { bookId }, input) => editBook(bookId, given(v, input)),
  touches: ['shelf'],
});

/** Pulls books to be sorted; a few at once, or all that were found. */
export const pull = command({
  about: z.strictObject({ unitId: id }),
  shape: z.array(id).min(1).max(5000),
  label: (v, plan) => (v.length === 1 ? `Pulled ${bookTitle(plan, v[0])}` : `Pulled ${v.length} books`),
  edit: (v, { unitId }) => pullBooks(unitId, v),
});

/** Pulls all that is found by what is typed and not pulled yet. */
export const pullFound = command({
  about: z.strictObject({ unitId: id }),
  shape: z.string().max(200),
  label: (v, plan, { unitId }) => `Pulled ${count(idsOnShelf(plan, v, unitId).length, 'book')}`,
  edit:
    (v, { unitId }) =>
    (plan, context) =>
      pullBooks(unitId, idsOnShelf(plan, v, unitId))(plan, context),
});

/** Puts a book from the shelf on a lesson to fill a gap: read together, all of it. */
export const fillGap = command({
  about: z.strictObject({ unitId: id }),
  shape: z.strictObject({
    bookId: id,
    lessonId: id,
    pages: z.union([z.literal('all'), z.strictObject({ first: page, last: page })]),
  }),
  label: (v, plan) => `Put ${bookTitle(plan, v.bookId)} on lesson ${numberOf(plan, v.lessonId)}`,
  edit:
    (v, { unitId }) =>
    (plan, context) => {
      const there = plan.pulls.find((p) => p.unitId === unitId && p.bookId === v.bookId);
      const pulled = there
        ? there.role === 'unsorted' || there.role === 'not now'
          ? setRole(there.id, 'together')(plan, context)
          : { plan }
        : pullBook(unitId, v.bookId, 'together')(plan, context);
      if ('refused' in pulled) return pulled;
      const pullId = pulled.plan.pulls.find((p) => p.unitId === unitId && p.bookId === v.bookId)!.id;
      return setCells([{ pullId, lessonId: v.lessonId, pages: v.pages }])(pulled.plan, context);
    },
});

/** What was done with one book: put on a pile, or, where it leads the unit already, to be read otherwise. */
function placedText(plan: Plan, to: z.infer<typeof placing> & { pullId: string }): string {
  const title = titleOf(plan, to.pullId);
  if (to.role !== 'spine' || plan.pulls.find((p) => p.id === to.pullId)?.role !== 'spine')
    return `Put ${title} on another pile`;
  const readers = to.childIds.map((c) => childName(plan, c));
  const how = {
    aloud: `aloud to ${readers.length ? inAList(readers) : 'everyone'}`,
    alone: `alone${readers.length ? ` by ${inAList(readers)}` : ''}`,
    beforehand: 'only by you, before the lesson',
  };
  return `${title} is read ${how[to.read ?? 'aloud']}`;
}

/** Puts books on other piles, all or none. */
export const placeOnPiles = command({
  shape: z
    .array(placing.extend({ pullId: id }))
    .min(1)
    .max(5000),
  label: (v, plan) => (v.length === 1 ? placedText(plan, v[0]!) : `Put ${v.length} books on other piles`),
  edit: setRoles,
});

export const backToShelf = command({
  shape: id,
  label: (v, plan) => `Put ${titleOf(plan, v)} back`,
  edit: putBack,
});

export const clearGiveAway = command({
  shape: id,
  label: () => 'Gave away what lay on the pile',
  edit: giveAway,
});

/** Writes cells as they are typed: pages, chapters, all, or nothing. */
export const writeCells = command({
  shape: z
    .array(z.strictObject({ pullId: id, lessonId: id, typed: z.string().max(40) }))
    .min(1)
    .max(5000),
  label: (v, plan) =>
    v.length === 1
      ? `${v[0].typed.trim() ? 'Put' : 'Took'} ${titleOf(plan, v[0].pullId)} ${v[0].typed.trim() ? 'on' : 'off'} lesson ${numberOf(plan, v[0].lessonId)}`
      : `Changed ${v.length} cells of the pages`,
  edit: (v) => (plan, context) => {
    const cells = [];
    for (const { pullId, lessonId, typed } of v) {
      const known = plan.books.find((b) => b.id === plan.pulls.find((p) => p.id === pullId)?.bookId);
      if (!known)
        return {
          refused: 'One of these books is no longer pulled; someone may have put it back in another window.',
        };
      const cell = readCell(typed, known);
      if ('wrong' in cell) return { refused: cell.wrong };
      cells.push({ pullId, lessonId, pages: cell.pages });
    }
    return setCells(cells)(plan, context);
  },
});

export const fill = command({
  shape: z.strictObject({
    pullId: id,
    lessonIds,
    how: z.enum(FILLS),
    from: page.optional(),
    to: page.optional(),
  }),
  label: (v, plan) => `Filled ${titleOf(plan, v.pullId)} along ${v.lessonIds.length} lessons`,
  edit: (v) => fillBook(v.pullId, v.lessonIds, v.how, v.from, v.to),
});

export const fillOneEach = command({
  shape: z.strictObject({ pullIds: z.array(id).min(1).max(500), lessonIds }),
  label: (v) => `Laid ${v.pullIds.length} books along the lessons, one each`,
  edit: (v) => fillBooks(v.pullIds, v.lessonIds),
});

export const pace = command({
  shape: z.strictObject({
    pullId: id,
    by: z.enum(['chapters', 'pages']),
    each: z.int().min(1, 'at least one a day').max(500),
    from: page,
    to: page,
    first: isoDate,
  }),
  label: (v, plan) => `Paced ${titleOf(plan, v.pullId)} over days`,
  edit: paceBookOver,
});

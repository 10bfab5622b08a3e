'use server';
import { count, titled } from '@/core/plan/called';
import { z } from 'zod';
import { fillings, thinLessons } from '@/core/books/facts';
import { FILLS, readCell } from '@/core/books/fill';
import { judge, levelOf, type Level } from '@/core/books/level';
import { addBook, editBook, pullBook, pullBooks, putBack, setRole, setRoles } from '@/core/edit/books';
import { fillBook, fillBooks, giveAway, paceBookOver, setCells } from '@/core/edit/pages';
import { id, isoDate } from '@/core/plan/measures';
import { book } from '@/core/plan/book';
import { role, type Plan } from '@/core/plan/plan';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';
import { act } from '../frame/act';
import { today } from '../frame/clock';
import { given } from '../frame/given';
import type { Outcome } from '../frame/outcome';
import { idsOnShelf } from '../frame/shelf/find';
import { typedNumber } from '../frame/book-number';

const bookFields = book.omit({ id: true }).extend({ label: typedNumber });
const placing = z.strictObject({ role, childIds: z.array(id).max(8) });
const page = z.int('a page is a whole number').min(1, 'pages begin at 1').max(9999);

const bookTitle = (plan: Plan, bookId: string | undefined): string => titled(plan, 'books', bookId);
const titleOf = (plan: Plan, pullId: string): string =>
  bookTitle(plan, plan.pulls.find((p) => p.id === pullId)?.bookId);
const numberOf = (plan: Plan, lessonId: string): number => {
  const unitId = plan.lessons.find((l) => l.id === lessonId)?.unitId;
  return plan.lessons.filter((l) => l.unitId === unitId).findIndex((l) => l.id === lessonId) + 1;
};

export async function newBook(
  base: number,
  unitId: string,
  input: unknown,
  placed: unknown,
): Promise<Outcome> {
  return act({
    base,
    input: { book: input, placed },
    shape: z.strictObject({ book: bookFields, placed: placing }),
    label: (v) => `Put “${v.book.title}” on the shelf`,
    edit: (v) => addBook(unitId, v.book, v.placed.role, v.placed.childIds),
  });
}

export async function changeBook(base: number, bookId: string, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: bookFields.partial(),
    label: (_, plan) => `Changed ${bookTitle(plan, bookId)}`,
    edit: (v) => editBook(bookId, given(v, input)),
  });
}

/** Pulls books to be sorted; a few at once, or all that were found. */
export async function pull(base: number, unitId: string, bookIds: unknown): Promise<Outcome> {
  return act({
    base,
    input: bookIds,
    shape: z.array(id).min(1).max(5000),
    label: (v, plan) => (v.length === 1 ? `Pulled ${bookTitle(plan, v[0])}` : `Pulled ${v.length} books`),
    edit: (v) => pullBooks(unitId, v),
  });
}

/** Pulls all that is found by what is typed and not pulled yet. */
export async function pullFound(base: number, unitId: string, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.string().max(200),
    label: (v, plan) => `Pulled ${count(idsOnShelf(plan, v, unitId).length, 'book')}`,
    edit: (v) => (plan, context) => pullBooks(unitId, idsOnShelf(plan, v, unitId))(plan, context),
  });
}

/** Puts a book from the shelf on a lesson to fill a gap: read together, all of it. */
export async function fillGap(base: number, unitId: string, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({
      bookId: id,
      lessonId: id,
      pages: z.union([z.literal('all'), z.strictObject({ first: page, last: page })]),
    }),
    label: (v, plan) => `Put ${bookTitle(plan, v.bookId)} on lesson ${numberOf(plan, v.lessonId)}`,
    edit: (v) => (plan, context) => {
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
}

/** Puts books on other piles, all or none. */
export async function placeOnPiles(base: number, placed: unknown): Promise<Outcome> {
  return act({
    base,
    input: placed,
    shape: z
      .array(placing.extend({ pullId: id }))
      .min(1)
      .max(5000),
    label: (v, plan) =>
      v.length === 1
        ? `Put ${titleOf(plan, v[0]!.pullId)} on another pile`
        : `Put ${v.length} books on other piles`,
    edit: setRoles,
  });
}

export async function backToShelf(base: number, pullId: string): Promise<Outcome> {
  return act({
    base,
    input: pullId,
    shape: id,
    label: (v, plan) => `Put ${titleOf(plan, v)} back`,
    edit: putBack,
  });
}

export async function clearGiveAway(base: number, unitId: string): Promise<Outcome> {
  return act({
    base,
    input: unitId,
    shape: id,
    label: () => 'Gave away what lay on the pile',
    edit: giveAway,
  });
}

/** Writes cells as they are typed: pages, chapters, all, or nothing. */
export async function writeCells(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
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
            refused:
              'One of these books is no longer pulled; someone may have put it back in another window.',
          };
        const cell = readCell(typed, known);
        if ('wrong' in cell) return { refused: cell.wrong };
        cells.push({ pullId, lessonId, pages: cell.pages });
      }
      return setCells(cells)(plan, context);
    },
  });
}

const lessonIds = z.array(id).min(1, 'choose at least one lesson').max(500);

export async function fill(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
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
}

export async function fillOneEach(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
    shape: z.strictObject({ pullIds: z.array(id).min(1).max(500), lessonIds }),
    label: (v) => `Laid ${v.pullIds.length} books along the lessons, one each`,
    edit: (v) => fillBooks(v.pullIds, v.lessonIds),
  });
}

export async function pace(base: number, input: unknown): Promise<Outcome> {
  return act({
    base,
    input,
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
}

/** What on the shelf could fill a thin lesson; worked out when it is asked for, since a shelf may be long. */
export async function gapFillings(
  unitId: string,
  lessonId: string,
): Promise<
  {
    bookId: string;
    title: string;
    place: string;
    by: string;
    first: number | null;
    last: number | null;
    childIds: string[];
  }[]
> {
  const { plan } = readDrawn(store());
  const unit = plan.units.find((u) => u.id === unitId);
  const gap = unit && thinLessons(plan, unit).find((t) => t.lessonId === lessonId);
  if (!unit || !gap) return [];
  return fillings(plan, unit, gap)
    .slice(0, 12)
    .map(({ book: b, by, childIds }) => ({
      bookId: b.id,
      title: b.title,
      place: [b.source, b.place].filter(Boolean).join(', '),
      by: by.by,
      first: by.first,
      last: by.last,
      childIds,
    }));
}

export interface LevelView extends Level {
  children: { id: string; name: string; as: string; message: string }[];
}

/** The level of a passage, and what it means for each child; nothing is stored. */
export async function levelOfText(text: string): Promise<LevelView> {
  const level = levelOf(typeof text === 'string' ? text.slice(0, 200_000) : '');
  const { plan } = readDrawn(store());
  const middle = level.spread?.middle;
  return {
    ...level,
    children:
      middle === undefined
        ? []
        : plan.children.map((c) => ({ id: c.id, name: c.name, ...judge(middle, c, today()) })),
  };
}

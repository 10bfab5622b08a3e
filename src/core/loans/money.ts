/** What a unit costs: what is to buy, against the unit's limit, and what the family has that would do instead. */
import { lessonsCovered, serves } from '../books/fit';
import { booksById } from '../plan/lookup';
import type { Book } from '../plan/book';
import type { Plan, Pull, Slice } from '../plan/plan';
import type { Unit } from '../plan/unit';

export interface Money {
  toBuy: {
    book: Book;
    /** Owned things that have something on all the lessons it is for, and suit a child it suits. */ instead: Book[];
  }[];
  /** Minor units. */
  total: number;
  limit: number | null;
  /** Prices that nobody has given. */
  unpriced: number;
}

/** What is to buy for a unit. */
function wantedFor(plan: Pick<Slice, 'books' | 'pulls'>, unit: Unit): { pull: Pull; book: Book }[] {
  const books = booksById(plan.books);
  return plan.pulls
    .filter((p) => p.unitId === unit.id && p.role !== 'not now' && p.role !== 'give away')
    .map((p) => ({ pull: p, book: books.get(p.bookId)! }))
    .filter(({ book }) => book.source === 'to buy');
}

const totalOf = (wanted: readonly { book: Book }[]): number =>
  wanted.reduce((sum, { book }) => sum + (book.price ?? 0), 0);

/** What a unit costs, in minor units, as far as prices are known. */
export const costOf = (plan: Pick<Slice, 'books' | 'pulls'>, unit: Unit): number =>
  totalOf(wantedFor(plan, unit));

export function moneyOf(plan: Plan, unit: Unit): Money {
  const wanted = wantedFor(plan, unit);
  return {
    toBuy: wanted.map(({ pull, book }) => ({
      book,
      instead: instead(
        plan,
        unit,
        book,
        plan.uses.filter((u) => u.pullId === pull.id).map((u) => u.lessonId),
      ),
    })),
    total: totalOf(wanted),
    limit: unit.moneyLimit,
    unpriced: wanted.filter(({ book }) => book.price === null).length,
  };
}

function instead(plan: Plan, unit: Unit, wanted: Book, used: readonly string[]): Book[] {
  const lessons = plan.lessons.filter((l) => l.unitId === unit.id);
  const on = used.length ? used : lessonsCovered(wanted, lessons).map((c) => c.lessonId);
  if (!on.length) return [];
  const children = plan.children.filter(
    (c) => unit.childIds.includes(c.id) && serves(wanted, c, unit.starts),
  );
  return plan.books.filter((b) => {
    if (b.id === wanted.id || b.source !== 'owned' || b.state !== 'here') return false;
    const covers = new Set(lessonsCovered(b, lessons).map((c) => c.lessonId));
    return on.every((l) => covers.has(l)) && children.some((c) => serves(b, c, unit.starts)?.as === 'fits');
  });
}

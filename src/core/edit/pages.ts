/** Pages on lessons: many cells at once, a book filled along, paced over days, and a whole set taken. */
import { fillAlong, paceBook, type Fill, type Pages } from '../books/fill';
import { isReadAlone } from '../books/readers';
import { readingClock, wordsOf } from '../books/reading';
import { schoolDayFrom, schoolDays } from '../calendar/school-days';
import { blankRule } from '../plan/blank';
import type { IsoDate } from '../plan/measures';
import type { Plan, Role } from '../plan/plan';
import { addBooks, pullBook, putOnLesson, setRole, withoutUse, type BookFields } from './books';
import { GONE, type Edit, type EditContext, type Refusal } from './edit';
import { wantLoan } from './loans';

export interface CellChange {
  pullId: string;
  lessonId: string;
  /** Null takes the book off the lesson. */
  pages: Pages | null;
}

/** Edits done one after the other as one change: all of them, or none. */
export function inTurn(plan: Plan, context: EditContext, edits: readonly Edit[]): { plan: Plan } | Refusal {
  let now = plan;
  for (const edit of edits) {
    const done = edit(now, context);
    if ('refused' in done) return done;
    now = done.plan;
  }
  return { plan: now };
}

/** Writes cells of the sheet of pages; what stood in them makes way. */
export const setCells =
  (cells: readonly CellChange[]): Edit =>
  (plan, context) =>
    inTurn(
      plan,
      context,
      cells.map(({ pullId, lessonId, pages }): Edit => (now, c) => {
        if (pages)
          return putOnLesson(
            pullId,
            lessonId,
            pages === 'all' ? null : pages.first,
            pages === 'all' ? null : pages.last,
          )(now, c);
        const use = now.uses.find((u) => u.pullId === pullId && u.lessonId === lessonId);
        return { plan: use ? withoutUse(now, use) : now };
      }),
    );

/** Fills a pulled book along lessons, in their order. */
export const fillBook =
  (pullId: string, lessonIds: readonly string[], how: Fill, from?: number, to?: number): Edit =>
  (plan, context) => {
    const pull = plan.pulls.find((p) => p.id === pullId);
    if (!pull) return { refused: GONE };
    const book = plan.books.find((b) => b.id === pull.bookId)!;
    const inOrder = plan.lessons.filter((l) => lessonIds.includes(l.id)).map((l) => l.id);
    const filled = fillAlong(book, inOrder.length, how, from, to ?? book.pages);
    if ('wrong' in filled) return { refused: filled.wrong };
    return setCells(inOrder.map((lessonId, i) => ({ pullId, lessonId, pages: filled[i] })))(plan, context);
  };

/** Lays books along lessons, one a lesson, in the order given: a picture book a day. */
export const fillBooks =
  (pullIds: readonly string[], lessonIds: readonly string[]): Edit =>
  (plan, context) => {
    const inOrder = plan.lessons.filter((l) => lessonIds.includes(l.id)).map((l) => l.id);
    if (!pullIds.length || !inOrder.length) return { refused: 'Choose at least one book and one lesson.' };
    return setCells(
      inOrder
        .slice(0, pullIds.length)
        .map((lessonId, i) => ({ pullId: pullIds[i], lessonId, pages: 'all' as const })),
    )(plan, context);
  };

export interface Pacing {
  pullId: string;
  by: 'chapters' | 'pages';
  each: number;
  from: number;
  to: number;
  /** The first day; each school day after it takes the next piece. */
  first: IsoDate;
}

/** Paces a pulled book over school days: a part each day with its own minutes, until all of it is read. */
export const paceBookOver =
  ({ pullId, by, each, from, to, first }: Pacing): Edit =>
  (plan, { newId }) => {
    const pull = plan.pulls.find((p) => p.id === pullId);
    const unit = plan.units.find((u) => u.id === pull?.unitId);
    if (!pull || !unit || !plan.year)
      return { refused: plan.year ? GONE : 'There is no school year yet to read in.' };
    const book = plan.books.find((b) => b.id === pull.bookId)!;
    const steps = paceBook(book, by, each, from, to);
    if ('wrong' in steps) return { refused: steps.wrong };
    const days = schoolDays(plan.year);
    const start = schoolDayFrom(days, first > unit.starts ? first : unit.starts);
    const left = start ? days.length - start.index : 0;
    if (steps.length > left)
      return {
        refused: `That takes ${steps.length} school days, and from then on the year has ${left}. Read more a day, or begin earlier.`,
      };
    if (steps.length > 400)
      return { refused: 'More than 400 days is longer than a school year. Read more a day.' };
    const own = isReadAlone(pull);
    const clock = readingClock(plan);
    const readers = !own ? [] : pull.childIds.length ? pull.childIds : unit.childIds;
    const minutesOf = (pages: number): number => {
      const words = wordsOf(book, pages);
      return Math.max(
        1,
        own ? Math.max(0, ...readers.map((c) => clock.alone(words, c, unit.starts))) : clock.aloud(words),
      );
    };
    const paced = steps.map((s) => ({
      title: s.title,
      minutes: Math.min(600, minutesOf(s.last - s.first + 1)),
    }));
    return {
      plan: {
        ...plan,
        rules: [
          ...plan.rules,
          {
            ...blankRule,
            id: newId(),
            unitId: unit.id,
            title: book.title,
            kind: own ? 'own-reading' : 'read-aloud',
            minutes: paced[0].minutes,
            lead: own ? 'not-needed' : 'leads',
            childIds: own && pull.childIds.length ? pull.childIds : null,
            rhythm: { on: 'day' },
            steps: paced,
            first,
          },
        ],
      },
    };
  };

export interface Pick {
  /** A book on the shelf, or one that comes onto it. */
  book: { id: string } | { draft: BookFields; ref: string; expected: IsoDate | null };
  role: Role;
  childId: string | null;
  lessons: { lessonId: string; pages: Pages }[];
}

/** Takes a set: each book is pulled in its role and put on its lessons; what comes from the library is to be asked for. */
export const takeSet =
  (unitId: string, picks: readonly Pick[]): Edit =>
  (plan, context) =>
    inTurn(
      plan,
      context,
      picks.map(({ book, role, childId, lessons }): Edit => (now, c) => {
        const readers = childId ? [childId] : [];
        let bookId = 'id' in book ? book.id : '';
        let then: { plan: Plan } | Refusal = { plan: now };
        if ('draft' in book) {
          then = inTurn(now, c, [addBooks([book.draft])]);
          if ('refused' in then) return then;
          bookId = then.plan.books[then.plan.books.length - 1].id;
          const { source } = book.draft;
          if (source === 'borrowed') then = inTurn(then.plan, c, [wantLoan(bookId, book.ref, book.expected)]);
          if ('refused' in then) return then;
        }
        const pulled = then.plan.pulls.find((p) => p.unitId === unitId && p.bookId === bookId);
        then = inTurn(then.plan, c, [
          pulled ? setRole(pulled.id, role, readers) : pullBook(unitId, bookId, role, readers),
        ]);
        if ('refused' in then) return then;
        const pullId = then.plan.pulls.find((p) => p.unitId === unitId && p.bookId === bookId)!.id;
        return setCells(lessons.map(({ lessonId, pages }) => ({ pullId, lessonId, pages })))(then.plan, c);
      }),
    );

/** What lies on the pile to give away leaves the house: it stays known on the shelf, as given away. */
export const giveAway =
  (unitId: string): Edit =>
  (plan) => {
    const gone = new Set(
      plan.pulls.filter((p) => p.unitId === unitId && p.role === 'give away').map((p) => p.bookId),
    );
    if (!gone.size) return { refused: 'Nothing lies on the pile to give away.' };
    return {
      plan: {
        ...plan,
        books: plan.books.map((b) => (gone.has(b.id) ? { ...b, state: 'given away' } : b)),
        pulls: plan.pulls.filter((p) => !gone.has(p.bookId)),
      },
    };
  };

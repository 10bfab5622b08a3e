/** Books on the shelf, pulled for a unit in a role, and put on its lessons. */
import { isReadAlone, placed } from '../books/readers';
import { asItIsRead, ledBySpine, withOwnReading, withSpinePages } from './spine';
import { newPart } from './new-lesson';
import { isGone, type Book } from '../plan/book';
import type { Plan, Pull, Role, SpineRead, Use } from '../plan/plan';
import type { Lesson } from '../plan/lesson';
import { GONE, withChanged, type Edit } from './edit';

export type BookFields = Omit<Book, 'id'>;

/** Puts a new book on the shelf and pulls it for a unit. A spine takes its pages from the lessons' contents. */
export const addBook =
  (unitId: string, fields: BookFields, role: Role, childIds: readonly string[] = []): Edit =>
  (plan, context) => {
    const same = fields.label && plan.books.find((b) => b.label === fields.label);
    if (same)
      return {
        refused: `“${same.title}” has the same number ${fields.label} and is on the shelf already. Pull it from there.`,
      };
    const id = context.newId();
    return pullBook(
      unitId,
      id,
      role,
      childIds,
    )({ ...plan, books: [...plan.books, { ...fields, id }] }, context);
  };

const goneInWords = ({ title, state }: Book): string =>
  `“${title}” is ${state}, by what the shelf says of it. Say there that it is here again, and then pull it.`;

/** Pulls a book from the shelf for a unit, in a role. */
export const pullBook =
  (
    unitId: string,
    bookId: string,
    role: Role,
    childIds: readonly string[] = [],
    read: SpineRead = 'aloud',
  ): Edit =>
  (plan, { newId }) => {
    if (!plan.units.some((u) => u.id === unitId) || !plan.books.some((b) => b.id === bookId))
      return { refused: GONE };
    const book = plan.books.find((b) => b.id === bookId)!;
    if (isGone(book)) return { refused: goneInWords(book) };
    if (plan.pulls.some((p) => p.unitId === unitId && p.bookId === bookId))
      return { refused: `“${book.title}” is pulled for this unit already.` };
    const pull: Pull = { id: newId(), unitId, bookId, ...placed({ role, childIds, read }) };
    return { plan: laid({ ...plan, pulls: [...plan.pulls, pull] }, pull, newId) };
  };

/** Pulls many books from the shelf at once, to be sorted; those that are pulled already stay where they lie. */
export const pullBooks =
  (unitId: string, bookIds: readonly string[]): Edit =>
  (plan, { newId }) => {
    if (!plan.units.some((u) => u.id === unitId)) return { refused: GONE };
    const known = new Set(plan.books.filter((b) => !isGone(b)).map((b) => b.id));
    const gone = plan.books.filter((b) => bookIds.includes(b.id) && isGone(b));
    const pulled = new Set(plan.pulls.filter((p) => p.unitId === unitId).map((p) => p.bookId));
    const fresh = [...new Set(bookIds)].filter((b) => known.has(b) && !pulled.has(b));
    if (!fresh.length)
      return {
        refused: gone.length ? goneInWords(gone[0]) : 'All of these are pulled for this unit already.',
      };
    return {
      plan: {
        ...plan,
        pulls: [
          ...plan.pulls,
          ...fresh.map((bookId): Pull => ({
            id: newId(),
            unitId,
            bookId,
            ...placed({ role: 'unsorted', childIds: [], read: 'aloud' }),
          })),
        ],
      },
    };
  };

/** Puts a pulled book on another pile, or has it read otherwise. */
export const setRole =
  (pullId: string, role: Role, childIds: readonly string[] = [], read: SpineRead = 'aloud'): Edit =>
  (plan, { newId }) => {
    const pull = plan.pulls.find((p) => p.id === pullId);
    if (!pull) return { refused: GONE };
    const changed: Pull = { ...pull, ...placed({ role, childIds, read }) };
    const pulls = withChanged(plan.pulls, pullId, changed);
    return role === 'unsorted' || role === 'not now' || role === 'give away'
      ? { plan: { ...withoutPages(plan, pullId), pulls } }
      : { plan: laid({ ...plan, pulls }, changed, newId, pull) };
  };

/** With the pages it brings, and the parts in which they are read. */
const laid = (plan: Plan, pull: Pull, newId: () => string, was?: Pull): Plan =>
  asItIsRead(withSpinePages(plan, pull, newId), pull, newId, was);

/** Several put on their piles at once, one after the other. */
export const setRoles =
  (several: readonly { pullId: string; role: Role; childIds: readonly string[]; read?: SpineRead }[]): Edit =>
  (plan, context) => {
    let now = plan;
    for (const { pullId, role, childIds, read } of several) {
      const edited = setRole(pullId, role, childIds, read)(now, context);
      if ('refused' in edited) return edited;
      now = edited.plan;
    }
    return { plan: now };
  };

/** What is put off or given away leaves the lessons, and an own-reading part that is left without a book goes with it. */
function withoutPages(plan: Plan, pullId: string): Plan {
  return plan.uses.filter((u) => u.pullId === pullId).reduce((p, use) => withoutUse(p, use), plan);
}

export const editBook =
  (id: string, change: Partial<BookFields>): Edit =>
  (plan) => {
    if (!plan.books.some((b) => b.id === id)) return { refused: GONE };
    const same = change.label && plan.books.find((b) => b.label === change.label && b.id !== id);
    if (same) return { refused: `“${same.title}” has the number ${change.label} already.` };
    return { plan: { ...plan, books: withChanged(plan.books, id, change) } };
  };

/** Puts a pulled book back on the shelf; its pages leave the lessons. */
export const putBack =
  (pullId: string): Edit =>
  (plan) => ({ plan: { ...plan, pulls: plan.pulls.filter((p) => p.id !== pullId) } });

/**
 * Puts pages of a pulled book on a lesson (null pages: all of it), in place of what stood there. A book read alone
 * gives the lesson an own-reading part for its reader, if it has none; a film a part in which it is watched.
 */
export const putOnLesson =
  (pullId: string, lessonId: string, firstPage: number | null, lastPage: number | null): Edit =>
  (plan, { newId }) => {
    const pull = plan.pulls.find((p) => p.id === pullId);
    const lesson = plan.lessons.find((l) => l.id === lessonId);
    if (!pull || !lesson || lesson.unitId !== pull.unitId) return { refused: GONE };
    const book = plan.books.find((b) => b.id === pull.bookId)!;
    const last = lastPage ?? firstPage;
    if (firstPage !== null && last! < firstPage)
      return { refused: `Pages ${firstPage}–${last} run backwards.` };
    if (last !== null && book.pages !== null && last > book.pages)
      return { refused: `“${book.title}” has ${book.pages} pages; ${last} is beyond its end.` };
    const others = plan.uses.filter((u) => !(u.pullId === pullId && u.lessonId === lessonId));
    const used: Plan = {
      ...plan,
      uses: [...others, { id: newId(), pullId, lessonId, firstPage, lastPage: last }],
    };
    if (book.form === 'film') return { plan: withFilm(used, lesson, newId) };
    if (isReadAlone(pull)) return { plan: withOwnReading(used, lesson, pull, newId) };
    const isNew = others.length === plan.uses.length;
    return { plan: pull.role === 'spine' && isNew ? ledBySpine(used, lessonId, newId) : used };
  };

/** The title of the part that a film on a lesson brings. */
const WATCH = 'Watch a film';

function withFilm(plan: Plan, lesson: Lesson, newId: () => string): Plan {
  if (plan.parts.some((p) => p.lessonId === lesson.id && p.kind === 'film')) return plan;
  const made = newPart(lesson.id, { kind: 'film', title: WATCH, lead: 'near' }, newId);
  return { ...plan, parts: [...plan.parts, made] };
}

/** Takes a book off a lesson; an own-reading part that is left without a book goes with it, and a film's part with the film. */
export const takeOffLesson =
  (useId: string): Edit =>
  (plan) => {
    const use = plan.uses.find((u) => u.id === useId);
    return use ? { plan: withoutUse(plan, use) } : { refused: GONE };
  };

export function withoutUse(plan: Plan, use: Use): Plan {
  const uses = plan.uses.filter((u) => u.id !== use.id);
  const own = new Set(plan.pulls.filter(isReadAlone).map((p) => p.id));
  const stillRead = uses.some((u) => u.lessonId === use.lessonId && own.has(u.pullId));
  const drop = own.has(use.pullId) && !stillRead;
  const films = new Set(plan.books.filter((b) => b.form === 'film').map((b) => b.id));
  const shown = new Set(plan.pulls.filter((p) => films.has(p.bookId)).map((p) => p.id));
  const dropFilm =
    shown.has(use.pullId) && !uses.some((u) => u.lessonId === use.lessonId && shown.has(u.pullId));
  const goes = (p: Plan['parts'][number]): boolean =>
    p.lessonId === use.lessonId &&
    ((drop && p.kind === 'own-reading') || (dropFilm && p.kind === 'film' && p.title === WATCH));
  return { ...plan, uses, parts: drop || dropFilm ? plan.parts.filter((p) => !goes(p)) : plan.parts };
}

/** Puts books on the shelf that were read from elsewhere: all of them, or none when a number is there already. */
export const addBooks =
  (drafts: readonly BookFields[]): Edit =>
  (plan, { newId }) => {
    const known = new Map(plan.books.filter((b) => b.label).map((b) => [b.label, b.title]));
    const made: Book[] = [];
    for (const draft of drafts) {
      if (draft.label && known.has(draft.label))
        return {
          refused: `“${draft.title}” has the number ${draft.label}, and so has “${known.get(draft.label)}”. Leave one of them out.`,
        };
      if (draft.label) known.set(draft.label, draft.title);
      made.push({ ...draft, id: newId() });
    }
    if (!made.length) return { refused: 'There is no book in it.' };
    return { plan: { ...plan, books: [...plan.books, ...made] } };
  };

/** Takes books off the shelf for good; their pages leave the lessons. */
export const removeBook =
  (id: string): Edit =>
  (plan) =>
    plan.books.some((b) => b.id === id)
      ? { plan: { ...plan, books: plan.books.filter((b) => b.id !== id) } }
      : { refused: GONE };

/** Two records of one thing become one: the first stays, takes what only the other says, and every use of the other. */
export const mergeBooks =
  (keep: string, drop: string): Edit =>
  (plan) => {
    const [kept, other] = [plan.books.find((b) => b.id === keep), plan.books.find((b) => b.id === drop)];
    if (!kept || !other || keep === drop) return { refused: GONE };
    const blank = (v: unknown): boolean => v === '' || v === null || (Array.isArray(v) && !v.length);
    const merged = Object.fromEntries(
      Object.entries(kept).map(([key, value]) => [key, blank(value) ? other[key as keyof Book] : value]),
    ) as Book;
    // Where both were pulled for a unit, the pull of the one that stays takes the pages of the other.
    const moved = new Map(
      plan.pulls
        .filter((p) => p.bookId === drop)
        .map((p) => [p.id, plan.pulls.find((k) => k.bookId === keep && k.unitId === p.unitId)?.id ?? p.id]),
    );
    const pulls = plan.pulls
      .filter((p) => p.bookId !== drop || moved.get(p.id) === p.id)
      .map((p) => (p.bookId === drop ? { ...p, bookId: keep } : p));
    const taken = new Set(
      plan.uses.filter((u) => !moved.has(u.pullId)).map((u) => `${u.pullId} ${u.lessonId}`),
    );
    const uses = plan.uses.flatMap((u) => {
      const pullId = moved.get(u.pullId) ?? u.pullId;
      return pullId !== u.pullId && taken.has(`${pullId} ${u.lessonId}`) ? [] : [{ ...u, pullId }];
    });
    return {
      plan: {
        ...plan,
        books: plan.books.filter((b) => b.id !== drop).map((b) => (b.id === keep ? merged : b)),
        pulls,
        uses,
      },
    };
  };

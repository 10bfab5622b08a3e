/** A unit's shelf as a problem of choice, and an answer as something a parent can read and take. */
import { lessonsCovered, serves, type OnLesson } from '../books/fit';
import { thinLessons } from '../books/facts';
import { addDays, daysBetween } from '../calendar/dates';
import { weekOf } from '../calendar/week';
import { libraryDayFrom } from '../books/borrowing';
import { loanLines } from './lines';
import { moneyOf } from './money';
import { groupBy, homes, lessonsOf } from '../plan/lookup';
import type { Book } from '../plan/book';
import type { Lesson } from '../plan/lesson';
import type { IsoDate } from '../plan/measures';
import type { Child, Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';
import type { Candidate, Problem } from '../choose/problem';
import { customsOf, type Customs } from '../calendar/customs';

/** A book one might choose: on the shelf already (with its id), or the library's. */
export interface Offered {
  id: string;
  book: Book;
  /** The library's name for it, and when it could be had; null for what is in the house. */
  library: { ref: string; expected: IsoDate | null } | null;
  covers: OnLesson[];
  /** From when on it can be in the house; absent for what is there. What it has on lessons before that comes too late. */
  here?: IsoDate;
  late: OnLesson[];
}

export interface Asking {
  problem: Problem;
  /** How money is written. */
  money: Pick<Customs, 'currency' | 'locale'>;
  offered: Offered[];
  lessons: (Lesson & { number: number })[];
  children: Child[];
  /** Lessons and children that nothing known has anything for: `lesson * children + child`. */
  hopeless: number[];
}

export interface Wishes {
  perLesson: number;
  pinned: readonly string[];
  banned: readonly string[];
}

/** Weeks a loan is taken to run where there is no card that says so. */
const NO_CARD_WEEKS = 3;

/**
 * What is asked: every thing on the shelf or at the library that has something on the unit's lessons and is not put off,
 * given away or in use already, against the lessons and children for whom nothing stands there yet.
 */
export function askingFor(
  plan: Plan,
  unit: Unit,
  fromLibrary: readonly { ref: string; expected: IsoDate | null; book: Book }[],
  wishes: Wishes,
  today: IsoDate,
): Asking {
  const lessons = lessonsOf(plan, unit.id);
  const children = plan.children.filter((c) => unit.childIds.includes(c.id));
  const pulls = plan.pulls.filter((p) => p.unitId === unit.id);
  const used = new Set(plan.uses.map((u) => u.pullId));
  const shut = new Set(
    pulls
      .filter(
        (p) =>
          used.has(p.id) ||
          p.role === 'spine' ||
          p.role === 'not now' ||
          p.role === 'give away' ||
          p.role === 'reference',
      )
      .map((p) => p.bookId),
  );
  const numbers = new Set(plan.books.map((b) => b.label).filter(Boolean));
  const firsts = firstDays(plan);
  const offered: Offered[] = [
    ...plan.books
      .filter((b) => b.state === 'here' && !shut.has(b.id))
      .map((book) => ({ id: book.id, book, library: null })),
    ...fromLibrary
      .filter((o) => !o.book.label || !numbers.has(o.book.label))
      .map((o) => ({ id: o.book.id, book: o.book, library: { ref: o.ref, expected: o.expected } })),
  ]
    .map((o) => ({ ...o, covers: lessonsCovered(o.book, lessons), here: hereFrom(plan, o, today) }))
    .filter((o) => o.covers.length > 0)
    .map((o) => ({ ...o, ...inTime(o.covers, o.here, firsts) }));
  const served = new Set(lessons.flatMap((_, l) => children.map((__, c) => l * children.length + c)));
  for (const thin of thinLessons(plan, unit))
    for (const id of thin.childIds)
      served.delete((thin.number - 1) * children.length + children.findIndex((c) => c.id === id));
  const card = plan.family?.card ?? null;
  const lines = card ? loanLines(plan, card, today) : [];
  const money = moneyOf(plan, unit);
  const candidates = offered.map((o): Candidate => candidateOf(o, lessons, children, unit, wishes));
  const couldServe = new Set(
    candidates.flatMap((c) =>
      c.banned ? [] : c.covers.flatMap((k) => k.children.map((child) => k.lesson * children.length + child)),
    ),
  );
  const { currency, locale } = customsOf(plan);
  return {
    money: { currency, locale },
    offered,
    lessons,
    children,
    problem: {
      weeks: weeksOf(plan, unit, lessons),
      children: children.length,
      candidates,
      served,
      limits: {
        perLesson: wishes.perLesson,
        budget: money.limit === null ? null : Math.max(0, money.limit - money.total),
        loans: card
          ? Math.max(0, card.loans - peak(lines.map((l) => ({ first: l.here, last: l.due }))))
          : null,
        loanWeeks: card ? card.weeks * (1 + card.renewals) : NO_CARD_WEEKS,
      },
    },
    hopeless: lessons
      .flatMap((_, l) => children.map((__, c) => l * children.length + c))
      .filter((k) => !served.has(k) && !couldServe.has(k)),
  };
}

/** Days that what is bought takes to come. Own choice. */
const PARCEL_DAYS = 7;

/** From which day on a thing can be in the house; undefined for what is there. */
function hereFrom(
  plan: Plan,
  { book, library }: Pick<Offered, 'book' | 'library'>,
  today: IsoDate,
): IsoDate | undefined {
  const fetched = (known: IsoDate | null): IsoDate => {
    const from = known !== null && known > today ? known : today;
    return plan.family?.card ? libraryDayFrom(plan.family.card, from) : from;
  };
  if (library) return fetched(library.expected);
  if (book.source === 'to buy') return addDays(today, PARCEL_DAYS);
  if (book.source !== 'borrowed') return undefined;
  const loan = plan.loans.find((l) => l.bookId === book.id && l.back === null);
  return loan?.from ? undefined : fetched(loan?.ready ?? loan?.expected ?? null);
}

/** The first day of each lesson that stands somewhere. */
function firstDays(plan: Plan): ReadonlyMap<string, IsoDate> {
  const lessonOf = new Map(plan.parts.map((p) => [p.id, p.lessonId]));
  const first = new Map<string, IsoDate>();
  for (const { partId, date } of plan.sittings) {
    const lessonId = lessonOf.get(partId);
    if (lessonId && date < (first.get(lessonId) ?? '9')) first.set(lessonId, date);
  }
  return first;
}

/** What a thing has on lessons that it can be there for, and on those for which it comes too late. */
function inTime(
  covers: readonly OnLesson[],
  here: IsoDate | undefined,
  firsts: ReadonlyMap<string, IsoDate>,
): Pick<Offered, 'covers' | 'late'> {
  const isLate = ({ lessonId }: OnLesson): boolean =>
    here !== undefined && firsts.has(lessonId) && firsts.get(lessonId)! < here;
  return { covers: covers.filter((c) => !isLate(c)), late: covers.filter(isLate) };
}

function candidateOf(
  { id, book, covers, library }: Offered,
  lessons: readonly Lesson[],
  children: readonly Child[],
  unit: Unit,
  wishes: Wishes,
): Candidate {
  const at = new Map(lessons.map((l, i) => [l.id, i]));
  const fits = children.map((c) => serves(book, c, unit.starts)?.as);
  const serving = children.flatMap((_, i) => (fits[i] === 'fits' || fits[i] === 'stretch' ? [i] : []));
  const stretch = children.flatMap((_, i) => (fits[i] === 'stretch' ? [i] : []));
  return {
    id,
    form: book.form,
    price: book.source === 'to buy' ? (book.price ?? 0) : 0,
    source:
      library || book.source === 'borrowed' ? 'borrowed' : book.source === 'to buy' ? 'to buy' : 'owned',
    covers: serving.length
      ? covers.map((c) => ({ lesson: at.get(c.lessonId)!, children: serving, stretch }))
      : [],
    pinned: wishes.pinned.includes(id) && !wishes.banned.includes(id),
    banned: wishes.banned.includes(id),
  };
}

/** The calendar week, from the unit's first, in which each lesson is taught; the pace says so for lessons that stand nowhere. */
function weeksOf(plan: Plan, unit: Unit, lessons: readonly Lesson[]): number[] {
  const homeOf = homes(plan);
  const lessonOf = new Map(plan.parts.map((p) => [p.id, homeOf(p).lesson?.id ?? '']));
  const sittings = groupBy(plan.sittings, (s) => lessonOf.get(s.partId) ?? '');
  return lessons.map((l, i) => {
    const first = (sittings.get(l.id) ?? []).map((s) => s.date).sort()[0];
    return first
      ? Math.max(0, Math.floor(daysBetween(weekOf(plan.year, unit.starts), first) / 7))
      : Math.floor(i / (unit.lessonsPerWeek ?? 5));
  });
}

/** The most of these stretches of days that overlap on one. */
function peak(stretches: readonly { first: IsoDate; last: IsoDate }[]): number {
  return Math.max(
    0,
    ...stretches.map((s) => stretches.filter((t) => t.first <= s.first && s.first <= t.last).length),
  );
}

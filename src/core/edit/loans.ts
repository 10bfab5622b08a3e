/** Borrowing: what is wanted, how far it has come, what to do when it comes late, and what a child has read. */
import { besideASpine } from '../books/readers';
import { blankLoan } from '../plan/blank';
import type { Card, Loan, Reading } from '../plan/loan';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { dueAfter, stageOf } from '../books/borrowing';
import { lessonsCovered } from '../books/fit';
import { addBooks, pullBook, putOnLesson, withoutUse, type BookFields } from './books';
import { GONE, withChanged, type Edit } from './edit';
import { shortDate } from '../calendar/dates';
import { waitUntil } from './waiting';

export const setCard =
  (card: Card | null): Edit =>
  (plan) =>
    plan.family
      ? { plan: { ...plan, family: { ...plan.family, card } } }
      : { refused: 'Say who the family is first, on the Family sheet.' };

/**
 * Writes down that a book is to be borrowed; `ref` is what the library calls it, `expected` when it thinks that it can
 * be had.
 */
export const wantLoan =
  (bookId: string, ref: string, expected: IsoDate | null): Edit =>
  (plan, { newId }) => {
    const book = plan.books.find((b) => b.id === bookId);
    if (!book) return { refused: GONE };
    if (plan.loans.some((l) => l.bookId === bookId && l.back === null))
      return { refused: `“${book.title}” is on the list of loans already.` };
    const loan: Loan = { ...blankLoan, id: newId(), bookId, ref, expected };
    return {
      plan: {
        ...plan,
        books: withChanged(plan.books, bookId, { source: 'borrowed' }),
        loans: [...plan.loans, loan],
      },
    };
  };

/** Puts books on the shelf that came home from a library: out since today, and due when it says. */
export const addLoans =
  (drafts: readonly { book: BookFields; due: IsoDate | null }[]): Edit =>
  (plan, context) => {
    const done = addBooks(drafts.map((d) => (d.due ? { ...d.book, source: 'borrowed' as const } : d.book)))(
      plan,
      context,
    );
    if ('refused' in done) return done;
    const { today, newId } = context;
    const early = drafts.find((d) => d.due && d.due < today);
    if (early)
      return {
        refused: `“${early.book.title}” would have been due on ${shortDate(early.due!)}, before today. Say the day it is due.`,
      };
    const made = done.plan.books.slice(plan.books.length);
    const loans = drafts.flatMap(({ due }, i) =>
      due ? [{ ...blankLoan, id: newId(), bookId: made[i].id, from: today, due }] : [],
    );
    return { plan: { ...done.plan, loans: [...done.plan.loans, ...loans] } };
  };

export const unwantLoan =
  (id: string): Edit =>
  (plan) => {
    const loan = plan.loans.find((l) => l.id === id);
    if (!loan) return { refused: GONE };
    if (loan.from && !loan.back) return { refused: 'It is in the house. Say that it went back first.' };
    return { plan: { ...plan, loans: plan.loans.filter((l) => l.id !== id) } };
  };

/** Goes one stage on by hand: asked for, ready, fetched (due by the card), renewed, taken back. */
export const stepLoan =
  (id: string, step: 'ask' | 'ready' | 'fetch' | 'renew' | 'return', date: IsoDate): Edit =>
  (plan) => {
    const loan = plan.loans.find((l) => l.id === id);
    const card = plan.family?.card;
    if (!loan) return { refused: GONE };
    if (!card) return { refused: 'There is no library card yet. Say what it allows first.' };
    const stage = stageOf(loan);
    const order = {
      ask: ['to ask for'],
      ready: ['asked for'],
      fetch: ['to ask for', 'asked for', 'ready'],
      renew: ['out'],
      return: ['out'],
    }[step];
    if (!order.includes(stage)) return { refused: `It is ${stage} now.` };
    if (step === 'fetch' && plan.loans.filter((l) => stageOf(l) === 'out').length >= card.loans)
      return {
        refused: `${card.loans} things are out on the card, and it allows no more. Take one back first.`,
      };
    if (step === 'renew' && loan.refused) return { refused: `It cannot be renewed: ${loan.refused}.` };
    if (step === 'renew' && loan.renewals >= card.renewals)
      return {
        refused: `It was renewed ${card.renewals === 1 ? 'once' : `${card.renewals} times`}, and the card allows no more.`,
      };
    const change: Partial<Loan> =
      step === 'ask'
        ? { asked: date }
        : step === 'ready'
          ? { ready: date }
          : step === 'fetch'
            ? { asked: loan.asked ?? date, from: date, due: dueAfter(card, date) }
            : step === 'renew'
              ? { renewals: loan.renewals + 1, due: dueAfter(card, loan.due!) }
              : { back: date };
    return { plan: { ...plan, loans: withChanged(plan.loans, id, change) } };
  };

/** What the library says of loans now, taken over as it stands. */
export const hearOfLoans =
  (news: readonly ({ id: string } & Partial<Omit<Loan, 'id' | 'bookId' | 'ref'>>)[]): Edit =>
  (plan) => ({
    plan: {
      ...plan,
      loans: plan.loans.map((l) => {
        const now = news.find((n) => n.id === l.id);
        return now ? { ...l, ...now } : l;
      }),
    },
  });

/** Lessons wait for a book: until the day it can be read. */
export const waitForBook = (lessonIds: readonly string[], until: IsoDate): Edit =>
  waitUntil(lessonIds, until, 'read something else, or do without');

/**
 * Another book is read on these lessons in place of one that does not come in time; it is pulled if it is not yet, in
 * the same role.
 */
export const readInstead =
  (unitId: string, bookId: string, lessonIds: readonly string[], otherId: string): Edit =>
  (plan, context) => {
    const pull = plan.pulls.find((p) => p.unitId === unitId && p.bookId === bookId);
    const other = plan.books.find((b) => b.id === otherId);
    if (!pull || !other) return { refused: GONE };
    let now = plan;
    if (!now.pulls.some((p) => p.unitId === unitId && p.bookId === otherId)) {
      const { role, childIds } = besideASpine(pull);
      const pulled = pullBook(unitId, otherId, role, childIds)(now, context);
      if ('refused' in pulled) return pulled;
      now = pulled.plan;
    }
    const otherPull = now.pulls.find((p) => p.unitId === unitId && p.bookId === otherId)!;
    const on = new Map(
      lessonsCovered(
        other,
        now.lessons.filter((l) => lessonIds.includes(l.id)),
      ).map((c) => [c.lessonId, c]),
    );
    for (const lessonId of lessonIds) {
      const put = putOnLesson(
        otherPull.id,
        lessonId,
        on.get(lessonId)?.first ?? null,
        on.get(lessonId)?.last ?? null,
      )(now, context);
      if ('refused' in put) return put;
      now = put.plan;
    }
    return { plan: withoutBookOn(now, pull.id, lessonIds) };
  };

/** These lessons do without a book. */
export const doWithout =
  (unitId: string, bookId: string, lessonIds: readonly string[]): Edit =>
  (plan) => {
    const pull = plan.pulls.find((p) => p.unitId === unitId && p.bookId === bookId);
    return pull ? { plan: withoutBookOn(plan, pull.id, lessonIds) } : { refused: GONE };
  };

const withoutBookOn = (plan: Plan, pullId: string, lessonIds: readonly string[]): Plan =>
  plan.uses
    .filter((u) => u.pullId === pullId && lessonIds.includes(u.lessonId))
    .reduce((p, use) => withoutUse(p, use), plan);

/** Writes down what a child read alone; from ten minutes on it is their measure. */
export const noteReading =
  (fields: Omit<Reading, 'id'>): Edit =>
  (plan, { newId, today }) => {
    if (
      !plan.children.some((c) => c.id === fields.childId) ||
      (fields.bookId !== null && !plan.books.some((b) => b.id === fields.bookId))
    )
      return { refused: GONE };
    if (fields.date > today) return { refused: 'That day is still to come.' };
    return { plan: { ...plan, readings: [...plan.readings, { ...fields, id: newId() }] } };
  };

export const removeReading =
  (id: string): Edit =>
  (plan) =>
    plan.readings.some((r) => r.id === id)
      ? { plan: { ...plan, readings: plan.readings.filter((r) => r.id !== id) } }
      : { refused: GONE };

/**
 * What is borrowed against what the lessons need: when to ask, when to have it, when it goes back, and what is wrong
 * with that.
 */
import { isReadBeforehand, usedIn } from '../books/readers';
import { addDays, daysBetween, shortDate } from '../calendar/dates';
import { booksById, byId, groupBy, lessonsOf } from '../plan/lookup';
import type { Book } from '../plan/book';
import type { Card, Loan } from '../plan/loan';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { DAYS_BEFORE } from '../prep/beforehand';
import { fewestTrips, type Errand, type Trip } from '../prep/trips';
import {
  dueAfter,
  keptUntil,
  libraryDayFrom,
  libraryDayUntil,
  soonest,
  stageOf,
  type Stage,
} from '../books/borrowing';

export interface Need {
  lessonId: string;
  number: number;
  first: IsoDate;
  last: IsoDate;
}

export interface Trouble {
  kind: 'late' | 'early' | 'overdue' | 'renew' | 'ask' | 'unasked';
  message: string;
  /** Lessons it touches, for the remedies. */
  lessonIds: string[];
  /** The day from which the book can be read: for the lesson to wait for. */
  until?: IsoDate;
}

export interface LoanLine {
  loan: Loan;
  book: Book;
  stage: Stage;
  /** Lessons that use it, by day, with the days it is needed. */
  needs: Need[];
  /** The last library day before it is needed. */
  haveBy?: IsoDate;
  /** The last day on which to ask for it, from how long the library thinks that it takes. */
  askBy?: IsoDate;
  /** In the house from and to: as it is, or as it would come and be due. */
  here: IsoDate;
  due: IsoDate;
  troubles: Trouble[];
}

/**
 * Days on which each lesson of a unit that has not been taught needs a book: those of the parts that read it, else of
 * all its parts.
 */
export function needsOf(plan: Plan, bookId: string): Need[] {
  const pulls = byId(plan.pulls.filter((p) => p.bookId === bookId));
  const parts = groupBy(
    plan.parts.filter((p) => p.lessonId !== null),
    (p) => p.lessonId!,
  );
  const days = groupBy(plan.sittings, (s) => s.partId);
  const done = new Set(
    plan.marks.filter((m) => m.outcome === 'done' && m.childId === null).map((m) => m.partId),
  );
  const numbers = new Map(
    plan.units.flatMap((u) => lessonsOf(plan, u.id).map((l) => [l.id, l.number] as const)),
  );
  return plan.uses
    .flatMap((use): Need[] => {
      const pull = pulls.get(use.pullId);
      if (!pull) return [];
      const dates = usedIn(pull, parts.get(use.lessonId) ?? [])
        .filter((p) => !done.has(p.id))
        .flatMap((p) => (days.get(p.id) ?? []).map((s) => s.date))
        .sort();
      return dates.length
        ? [
            {
              lessonId: use.lessonId,
              number: numbers.get(use.lessonId)!,
              first: isReadBeforehand(pull) ? addDays(dates[0], -DAYS_BEFORE) : dates[0],
              last: dates[dates.length - 1],
            },
          ]
        : [];
    })
    .sort((a, b) => (a.first < b.first ? -1 : 1));
}

/** The line of every loan that has not gone back, in the order in which they are needed. */
export function loanLines(plan: Plan, card: Card, today: IsoDate): LoanLine[] {
  const books = booksById(plan.books);
  return plan.loans
    .filter((l) => l.back === null)
    .map((loan) => lineOf(loan, books.get(loan.bookId)!, needsOf(plan, loan.bookId), card, today))
    .sort((a, b) => ((a.needs[0]?.first ?? '9') < (b.needs[0]?.first ?? '9') ? -1 : 1));
}

function lineOf(loan: Loan, book: Book, needs: Need[], card: Card, today: IsoDate): LoanLine {
  const stage = stageOf(loan);
  const first = needs[0]?.first;
  const last = needs
    .map((n) => n.last)
    .sort()
    .at(-1);
  const haveBy = first && libraryDayUntil(card, addDays(first, -1));
  // A copy that is in can be asked for and fetched on one trip; a queue takes as long as the library thinks from today.
  const wait = loan.expected ? Math.max(0, daysBetween(today, loan.expected)) : 0;
  const askBy = haveBy && stage === 'to ask for' ? addDays(haveBy, -wait) : undefined;
  const comes = loan.from ?? soonest(loan, card, today);
  const here = loan.from ?? (haveBy && haveBy > comes ? haveBy : comes);
  const due = loan.due ?? dueAfter(card, here);
  const troubles: Trouble[] = [];
  const late = stage === 'out' ? [] : needs.filter((n) => n.first <= comes);
  if (late.length) {
    const when =
      stage === 'ready'
        ? `can be fetched on ${shortDate(comes)}`
        : `comes on ${shortDate(comes)} at the earliest`;
    troubles.push({
      kind: 'late',
      message: `It ${when}; ${named(late)} ${late.length > 1 ? 'are' : 'is'} before that.`,
      lessonIds: late.map((n) => n.lessonId),
      until: addDays(comes, 1),
    });
  } else if (askBy !== undefined && askBy <= today)
    troubles.push({
      kind: 'ask',
      message: 'Ask for it today: later it will not be here in time.',
      lessonIds: [],
    });
  if (stage === 'out' && due < today)
    troubles.push({ kind: 'overdue', message: `It was due on ${shortDate(due)}.`, lessonIds: [] });
  if (last && last > due) {
    const left = card.renewals - loan.renewals;
    const after = needs.filter((n) => n.last > due);
    if (left > 0 && !loan.refused && last <= dueAfter(card, due, left - 1)) {
      if (stage === 'out')
        troubles.push({
          kind: 'renew',
          message: `Renew it by ${shortDate(due)}: ${named(after)} ${after.length > 1 ? 'come' : 'comes'} after that.`,
          lessonIds: [],
        });
    } else
      troubles.push({
        kind: 'early',
        message: `It must go back by ${shortDate(keptUntil(card, loan, due))}${loan.refused ? ` (${loan.refused})` : ''}; ${named(after)} ${after.length > 1 ? 'come' : 'comes'} after that.`,
        lessonIds: after.map((n) => n.lessonId),
      });
  }
  return { loan, book, stage, needs, haveBy, askBy, here, due, troubles };
}

const named = (needs: readonly Need[]): string => {
  const numbers = [...new Set(needs.map((n) => n.number))].sort((a, b) => a - b);
  return `lesson${numbers.length > 1 ? 's' : ''} ${numbers.length > 1 ? `${numbers.slice(0, -1).join(', ')} and ${numbers.at(-1)}` : numbers[0]}${numbers.length === 1 ? ` on ${shortDate(needs[0].first)}` : ''}`;
};

export interface LoanErrand extends Errand {
  what: string;
  loanId: string;
  does: 'fetch' | 'return';
}

/**
 * The fewest trips that fetch everything before it is needed and take everything back when it is no longer needed and
 * before it is due.
 */
export function tripsFor(
  lines: readonly LoanLine[],
  card: Card,
  today: IsoDate,
): { trips: Trip<LoanErrand>[]; missed: LoanErrand[] } {
  return fewestTrips(
    (date) => libraryDayUntil(card, date),
    lines.flatMap((line): LoanErrand[] => {
      const { loan, book, stage, needs, here, due, haveBy } = line;
      const errands: LoanErrand[] = [];
      if (stage !== 'out' && needs.length) {
        const first = soonest(loan, card, today);
        // Fetched no sooner than lets it stay to its last lesson, where that can be had.
        const stays = addDays(
          needs
            .map((n) => n.last)
            .sort()
            .at(-1)!,
          -card.weeks * 7 * (1 + card.renewals),
        );
        const last = haveBy && haveBy >= first ? haveBy : first;
        errands.push({
          loanId: loan.id,
          does: 'fetch',
          what: `Fetch “${book.title}”`,
          first: stays > first && stays <= last ? stays : first,
          last,
        });
      }
      const end = needs
        .map((n) => n.last)
        .sort()
        .at(-1);
      const free = end && end >= here ? addDays(end, 1) : here > today ? here : today;
      const latest = stage === 'out' || needs.length ? dueLatest(card, loan, due, end) : undefined;
      if (latest)
        errands.push({
          loanId: loan.id,
          does: 'return',
          what: `Take back “${book.title}”`,
          first: free > latest ? (latest > today ? latest : today) : free < today ? today : free,
          last: latest < today ? libraryDayFrom(card, today) : latest,
        });
      return errands;
    }),
  );
}

/** The last day to take it back: when it is due, renewed as often as its last lesson needs and the library lets. */
function dueLatest(card: Card, loan: Loan, due: IsoDate, end: IsoDate | undefined): IsoDate {
  let latest = due;
  for (let left = loan.refused ? 0 : card.renewals - loan.renewals; left > 0 && end && end > latest; left--)
    latest = dueAfter(card, latest);
  return latest;
}

/** How many things are out, from each day on which that changes: fetched, needed to the end of what they are for, or due. */
export function outByDay(lines: readonly LoanLine[]): { date: IsoDate; out: number }[] {
  const changes = lines
    .filter((l) => l.needs.length || l.stage === 'out')
    .flatMap((l) => {
      const end = l.needs
        .map((n) => n.last)
        .sort()
        .at(-1);
      return [
        { date: l.here, by: 1 },
        { date: addDays(end && end > l.here ? end : l.here, 1), by: -1 },
      ];
    })
    .sort((a, b) => (a.date < b.date ? -1 : 1));
  const days: { date: IsoDate; out: number }[] = [];
  let out = 0;
  for (const [i, { date, by }] of changes.entries()) {
    out += by;
    // What comes and goes on one day is looked at together.
    if (changes[i + 1]?.date !== date) days.push({ date, out });
  }
  return days;
}

/** Days on which more would be out than the card allows, with how many: the first day of each stretch, and where it grows. */
export function overCard(lines: readonly LoanLine[], card: Card): { date: IsoDate; out: number }[] {
  const over: { date: IsoDate; out: number }[] = [];
  let before = 0;
  for (const { date, out } of outByDay(lines)) {
    if (out > card.loans && (before <= card.loans || over.at(-1)!.out < out)) over.push({ date, out });
    before = out;
  }
  return over;
}

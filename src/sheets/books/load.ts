import { factsIn, thinLessons, type Facts } from '@/core/books/facts';
import { cellText } from '@/core/books/fill';
import { lessonReading, type LessonReading } from '@/core/layout/lesson-reading';
import { ownRate } from '@/core/books/reading';
import { levelsOver, type ChildLevels } from '@/core/books/levels';
import { loanLines, outByDay, overCard, tripsFor, type LoanLine } from '@/core/loans/lines';
import { costOf, moneyOf } from '@/core/loans/money';
import { gradeOf } from '@/core/plan/age';
import { booksById, groupBy, lessonsOf } from '@/core/plan/lookup';
import { isGone, type Book } from '@/core/plan/book';
import type { Card } from '@/core/plan/loan';
import type { Plan, Role, SpineRead } from '@/core/plan/plan';
import type { Unit } from '@/core/plan/unit';
import type { HatchName } from '@/kit/hatch';
import { load, type FrameInfo, type SearchParams } from '../frame/load';
import { ON_LESSONS, PILES } from './roles';

export interface CellOf {
  text: string;
  /** As it is read out: “pages 12 to 16”. */
  message: string;
}

export interface PulledBook {
  pullId: string;
  book: Book;
  role: Role;
  /** Those on whose piles it lies as their own reading. */
  /** How it is read, where it leads the unit. */
  read: SpineRead;
  readers: { id: string; name: string; hatch: HatchName }[];
  /** Pages on each lesson, in the unit's order; null where it is not used. */
  cells: (CellOf | null)[];
  facts: Facts;
}

/** A child of the unit: the rate at which they read alone, and how it is known. */
export interface Reader {
  id: string;
  name: string;
  hatch: HatchName;
  rate: number;
  measuredOn: number;
  /** Of an age to read alone, or measured already. */
  reads: boolean;
}

export interface LoansView {
  card: Card | null;
  lines: LoanLine[];
  trips: { date: string; errands: string[] }[];
  /** Errands for which there is no library day. */
  missed: string[];
  over: { date: string; out: number }[];
  out: number;
}

export interface OverUnit {
  levels: ChildLevels[];
  /** Things out, from each day on which that changes. */
  out: { date: string; out: number }[];
  /** What is to be bought for each unit of the year, against its limit. */
  money: { unitId: string; title: string; total: number; limit: number | null }[];
}

export interface BooksView {
  info: FrameInfo;
  today: string;
  unitTitle?: string;
  unitId?: string;
  lessons: { id: string; number: number; title: string; first: string | null }[];
  pulled: PulledBook[];
  /** Topics of the brainstorm to find a book for. */
  wanted: string[];
  /**
   * How many books on the shelf are not pulled for this unit; a shelf may be long, so they are fetched when they are
   * looked for.
   */
  unpulled: number;
  children: Reader[];
  covered: number;
  reading: LessonReading[];
  /** Lessons that are thin, with the children they are thin for. */
  thin: { lessonId: string; number: number; childIds: string[] }[];
  loans: LoansView;
  /** Figures over the unit, for pictures of them. */
  over: OverUnit;
  money: {
    total: number;
    limit: number | null;
    unpriced: number;
    toBuy: { id: string; title: string; price: number | null; instead: string[] }[];
  };
}

export async function loadBooks(params: SearchParams): Promise<BooksView> {
  const { plan, info, unit, today } = await load(params);
  const blank = { info, today, wanted: [], unpulled: plan.books.length, loans: loansView(plan, today, null) };
  if (!unit)
    return {
      ...blank,
      lessons: [],
      pulled: [],
      children: [],
      covered: 0,
      reading: [],
      thin: [],
      over: { levels: [], out: [], money: [] },
      money: { total: 0, limit: null, unpriced: 0, toBuy: [] },
    };
  const days = groupBy(plan.sittings, (s) => s.partId);
  const parts = groupBy(plan.parts, (p) => p.lessonId ?? '');
  const lessons = lessonsOf(plan, unit.id).map(({ id, number, title }) => ({
    id,
    number,
    title,
    first: (parts.get(id) ?? []).flatMap((p) => (days.get(p.id) ?? []).map((s) => s.date)).sort()[0] ?? null,
  }));
  const books = booksById(plan.books);
  const children = plan.children
    .filter((c) => unit.childIds.includes(c.id))
    .map(({ id, name, hatch, birthMonth }) => {
      const rate = ownRate(plan, id, unit.starts);
      return {
        id,
        name,
        hatch,
        ...rate,
        reads: rate.measuredOn > 0 || gradeOf(birthMonth, unit.starts) >= 1,
      };
    });
  const facts = factsIn(plan, unit);
  const uses = groupBy(plan.uses, (u) => u.pullId);
  const order = PILES.map((p) => p.role);
  const pulled = plan.pulls
    .filter((p) => p.unitId === unit.id)
    .map((pull): PulledBook => {
      const book = books.get(pull.bookId)!;
      return {
        pullId: pull.id,
        book,
        role: pull.role,
        read: pull.read,
        facts: facts(book),
        readers: children
          .filter((c) => pull.childIds.includes(c.id))
          .map(({ id, name, hatch }) => ({ id, name, hatch })),
        cells: lessons.map((l) => {
          const use = (uses.get(pull.id) ?? []).find((u) => u.lessonId === l.id);
          if (!use) return null;
          const text = cellText(use.firstPage, use.lastPage, book);
          const pages =
            use.firstPage === null
              ? 'all of it'
              : use.lastPage === use.firstPage
                ? `page ${use.firstPage}`
                : `pages ${use.firstPage} to ${use.lastPage}`;
          return {
            text,
            message: text.startsWith('ch')
              ? `${text.replace('ch.', 'chapter').replace('–', ' to ')}, ${pages}`
              : pages,
          };
        }),
      };
    })
    .sort((a, b) => order.indexOf(a.role) - order.indexOf(b.role));
  const money = moneyOf(plan, unit);
  const used = pulled.filter((p) => ON_LESSONS.includes(p.role));
  return {
    ...blank,
    unitTitle: unit.title,
    unitId: unit.id,
    lessons,
    pulled,
    children,
    wanted: plan.ideas.filter((i) => i.unitId === unit.id && i.becomes === 'book topic').map((i) => i.text),
    unpulled: plan.books.filter((b) => !isGone(b)).length - pulled.length,
    covered: lessons.filter((_, i) => used.some((p) => p.cells[i])).length,
    reading: lessonReading(plan, unit),
    thin: thinLessons(plan, unit),
    loans: loansView(plan, today, unit.id),
    over: overUnit(plan, unit, today),
    money: {
      ...money,
      toBuy: money.toBuy.map(({ book, instead }) => ({
        id: book.id,
        title: book.title,
        price: book.price,
        instead: instead.map((b) => b.title),
      })),
    },
  };
}

function overUnit(plan: Plan, unit: Unit, today: string): OverUnit {
  const card = plan.family?.card;
  return {
    levels: levelsOver(plan, unit),
    out: card ? outByDay(loanLines(plan, card, today)) : [],
    money: plan.units
      .map((u) => ({ unitId: u.id, title: u.title, total: costOf(plan, u), limit: u.moneyLimit }))
      .filter((m) => m.total > 0 || m.limit !== null),
  };
}

/** All loans, with those of this unit's books first. */
function loansView(plan: Plan, today: string, unitId: string | null): LoansView {
  const card = plan.family?.card ?? null;
  const out = plan.loans.filter((l) => l.from && !l.back).length;
  if (!card) return { card, lines: [], trips: [], missed: [], over: [], out };
  const lines = loanLines(plan, card, today);
  const ours = new Set(plan.pulls.filter((p) => p.unitId === unitId).map((p) => p.bookId));
  const { trips, missed } = tripsFor(lines, card, today);
  return {
    card,
    out,
    lines: [...lines].sort((a, b) => Number(ours.has(b.book.id)) - Number(ours.has(a.book.id))),
    trips: trips.map((t) => ({ date: t.date, errands: t.errands.map((e) => e.what) })),
    missed: missed.map((e) => e.what),
    over: overCard(lines, card),
  };
}

/** A unit's shelf as a problem of choice, and an answer as something a parent can read and take. */
import { lessonsCovered, serves, suits, type OnLesson } from '../books/fit';
import { thinLessons } from '../books/facts';
import { pagesOf, wordsOf } from '../books/reading';
import { daysBetween, mondayOf } from '../calendar/dates';
import { loanLines } from '../loans/lines';
import { moneyOf } from '../loans/money';
import { moneyText } from '../loans/money-text';
import { groupBy, homes, lessonsOf } from '../plan/lookup';
import type { Book } from '../plan/book';
import type { Lesson } from '../plan/lesson';
import type { IsoDate } from '../plan/measures';
import type { Child, Plan, Role } from '../plan/plan';
import type { Unit } from '../plan/unit';
import type { Chosen, Price } from './choose';
import type { Candidate, Problem } from './problem';

/** A book one might choose: on the shelf already (with its id), or the library's. */
export interface Offered {
  id: string;
  book: Book;
  /** The library's name for it, and when it could be had; null for what is in the house. */
  library: { ref: string; expected: IsoDate | null } | null;
  covers: OnLesson[];
}

export interface Asking {
  problem: Problem;
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
export function askingFor(plan: Plan, unit: Unit, fromLibrary: readonly { ref: string; expected: IsoDate | null; book: Book }[], wishes: Wishes, today: IsoDate): Asking {
  const lessons = lessonsOf(plan, unit.id);
  const children = plan.children.filter((c) => unit.childIds.includes(c.id));
  const pulls = plan.pulls.filter((p) => p.unitId === unit.id);
  const used = new Set(plan.uses.map((u) => u.pullId));
  const shut = new Set(pulls.filter((p) => used.has(p.id) || p.role === 'spine' || p.role === 'not now' || p.role === 'give away' || p.role === 'reference').map((p) => p.bookId));
  const numbers = new Set(plan.books.map((b) => b.label).filter(Boolean));
  const offered: Offered[] = [
    ...plan.books.filter((b) => b.state === 'here' && !shut.has(b.id)).map((book) => ({ id: book.id, book, library: null })),
    ...fromLibrary.filter((o) => !o.book.label || !numbers.has(o.book.label)).map((o) => ({ id: o.book.id, book: o.book, library: { ref: o.ref, expected: o.expected } })),
  ].map((o) => ({ ...o, covers: lessonsCovered(o.book, lessons) })).filter((o) => o.covers.length > 0);
  const served = new Set(lessons.flatMap((_, l) => children.map((__, c) => l * children.length + c)));
  for (const thin of thinLessons(plan, unit)) for (const id of thin.childIds) served.delete((thin.number - 1) * children.length + children.findIndex((c) => c.id === id));
  const card = plan.family?.card ?? null;
  const lines = card ? loanLines(plan, card, today) : [];
  const money = moneyOf(plan, unit);
  const candidates = offered.map((o): Candidate => candidateOf(o, lessons, children, unit, wishes));
  const couldServe = new Set(candidates.flatMap((c) => (c.banned ? [] : c.covers.flatMap((k) => k.children.map((child) => k.lesson * children.length + child)))));
  return {
    offered, lessons, children,
    problem: {
      weeks: weeksOf(plan, unit, lessons), children: children.length, candidates, served,
      limits: {
        perLesson: wishes.perLesson, budget: money.limit === null ? null : Math.max(0, money.limit - money.total),
        loans: card ? Math.max(0, card.loans - peak(lines.map((l) => ({ first: l.here, last: l.due })))) : null,
        loanWeeks: card ? card.weeks * (1 + card.renewals) : NO_CARD_WEEKS,
      },
    },
    hopeless: lessons.flatMap((_, l) => children.map((__, c) => l * children.length + c)).filter((k) => !served.has(k) && !couldServe.has(k)),
  };
}

function candidateOf({ id, book, covers, library }: Offered, lessons: readonly Lesson[], children: readonly Child[], unit: Unit, wishes: Wishes): Candidate {
  const at = new Map(lessons.map((l, i) => [l.id, i]));
  const fits = children.map((c) => serves(book, c, unit.starts)?.as);
  const serving = children.flatMap((_, i) => (fits[i] === 'fits' || fits[i] === 'stretch' ? [i] : []));
  const stretch = children.flatMap((_, i) => (fits[i] === 'stretch' ? [i] : []));
  return {
    id, form: book.form, price: book.source === 'to buy' ? (book.price ?? 0) : 0, source: library || book.source === 'borrowed' ? 'borrowed' : book.source === 'to buy' ? 'to buy' : 'owned',
    covers: serving.length ? covers.map((c) => ({ lesson: at.get(c.lessonId)!, children: serving, stretch })) : [],
    pinned: wishes.pinned.includes(id) && !wishes.banned.includes(id), banned: wishes.banned.includes(id),
  };
}

/** The calendar week, from the unit's first, in which each lesson is taught; the pace says so for lessons that stand nowhere. */
function weeksOf(plan: Plan, unit: Unit, lessons: readonly Lesson[]): number[] {
  const homeOf = homes(plan);
  const lessonOf = new Map(plan.parts.map((p) => [p.id, homeOf(p).lesson?.id ?? '']));
  const sittings = groupBy(plan.sittings, (s) => lessonOf.get(s.partId) ?? '');
  return lessons.map((l, i) => {
    const first = (sittings.get(l.id) ?? []).map((s) => s.date).sort()[0];
    return first ? Math.max(0, Math.floor(daysBetween(mondayOf(unit.starts), first) / 7)) : Math.floor(i / (unit.lessonsPerWeek ?? 5));
  });
}

/** The most of these stretches of days that overlap on one. */
function peak(stretches: readonly { first: IsoDate; last: IsoDate }[]): number {
  return Math.max(0, ...stretches.map((s) => stretches.filter((t) => t.first <= s.first && s.first <= t.last).length));
}

export interface Proposal {
  id: string;
  /** The pile it would lie on, and who reads it. */
  role: Role;
  childId: string | null;
  lessons: { lessonId: string; number: number; by: string; first: number | null; last: number | null }[];
  why: string;
}

/** The set as a proposal: for each book its pile, its lessons and why it was taken. */
export function proposals(asking: Asking, chosen: Chosen, unit: Unit): Proposal[] {
  const { offered, problem, lessons, children } = asking;
  return offered.flatMap((o, i): Proposal[] => {
    if (!chosen.choice[i].length && !problem.candidates[i].pinned) return [];
    const on = chosen.choice[i].map((l) => ({ lessonId: lessons[l].id, number: lessons[l].number, ...pick(o.covers.find((c) => c.lessonId === lessons[l].id)!) }));
    const whom = [...new Set(problem.candidates[i].covers.flatMap((c) => c.children))];
    const only = [...new Set(chosen.choice[i].flatMap((l) => (problem.candidates[i].covers.find((c) => c.lesson === l)?.children ?? []).filter((child) => !problem.served.has(l * children.length + child) && !servedElsewhere(asking, chosen, i, l, child))))];
    const reader = whom.length === 1 && suits(o.book, children[whom[0]], unit.starts, 'read') !== 'beyond' && wordsOf(o.book, pagesOf({ id: '', pullId: '', lessonId: '', firstPage: null, lastPage: null }, o.book.pages)) > 0;
    const role: Role = reader ? 'own' : ['film', 'audio'].includes(o.book.form) || wordsOf(o.book, o.book.pages ?? 0) > 0 ? 'together' : 'basket';
    return [{
      id: o.id, role, childId: reader ? children[whom[0]].id : null, lessons: on,
      why: [
        only.length ? `nothing else chosen serves ${names(children, only)} there` : problem.candidates[i].pinned ? 'you pinned it' : 'it adds a form of its own',
        o.library ? 'from the library' : problem.candidates[i].source === 'to buy' ? `to buy, ${moneyText(problem.candidates[i].price)}` : problem.candidates[i].source === 'borrowed' ? 'borrowed' : 'in the house',
      ].join('; '),
    }];
  });
}

const pick = ({ by, first, last }: OnLesson): { by: string; first: number | null; last: number | null } => ({ by, first, last });

function servedElsewhere({ problem }: Asking, chosen: Chosen, except: number, lesson: number, child: number): boolean {
  return chosen.choice.some((lessons, i) => i !== except && lessons.includes(lesson) && problem.candidates[i].covers.some((c) => c.lesson === lesson && c.children.includes(child)));
}

const names = (children: readonly Child[], at: readonly number[]): string => listed([...at].sort((a, b) => a - b).map((i) => children[i].name));
const listed = (items: readonly (string | number)[]): string => (items.length > 1 ? `${items.slice(0, -1).join(', ')} and ${items[items.length - 1]}` : String(items[0] ?? ''));

/** Lessons and children in words: “lessons 11 and 12 for Junia; lesson 14 for Pim”. */
export function pairsInWords(asking: Pick<Asking, 'lessons' | 'children'>, keys: readonly number[]): string {
  const n = asking.children.length;
  const byWhom = groupBy([...groupBy(keys.map((k) => ({ lesson: Math.floor(k / n), child: k % n })), (p) => String(p.lesson)).values()], (pairs) => pairs.map((p) => p.child).sort((a, b) => a - b).join(' '));
  return [...byWhom].map(([whom, groups]) => {
    const numbers = groups.map(([p]) => asking.lessons[p.lesson].number).sort((a, b) => a - b);
    return `lesson${numbers.length > 1 ? 's' : ''} ${listed(numbers)} for ${names(asking.children, whom.split(' ').map(Number))}`;
  }).join('; ');
}

const COUNTED = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];

/** What a limit costs, in words: “Five more loans would cover lessons 11 and 12 for Junia.” */
export function priceInWords(asking: Pick<Asking, 'lessons' | 'children'>, { limit, more, gains }: Price): string {
  const count = COUNTED[more] ?? String(more);
  const what = limit === 'budget' ? `${moneyText(more)} more to spend` : limit === 'loans' ? `${count} more loan${more > 1 ? 's' : ''} at once` : `${count} more thing${more > 1 ? 's' : ''} a lesson`;
  return `${what[0].toUpperCase()}${what.slice(1)} would cover ${pairsInWords(asking, gains)}.`;
}

/** What a book that was left out would have added, in words. */
export function leftOutInWords(asking: Asking, chosen: Chosen, left: Chosen['leftOut'][number]): string {
  if (left.thin.length) return `it would cover ${pairsInWords(asking, left.thin)}`;
  const instead = asking.offered.filter((_, i) => chosen.choice[i].some((l) => left.again.some((k) => Math.floor(k / asking.children.length) === l)));
  return instead.length ? `${listed(instead.slice(0, 3).map((o) => `“${o.book.title}”`))} already serve${instead.length > 1 ? '' : 's'} its lessons` : left.again.length ? 'what it covers is served already' : 'what stands on its lessons serves them already, or it suits none of the children';
}


/**
 * From when on, and until when, what a part needs is there: a borrowed book, and what is prepared days before it. What is laid
 * out anew keeps to it; what stands on a day already stays there, and is pointed at where it is too early or too late.
 */
import { keptUntil, soonest } from '../books/borrowing';
import { isReadBeforehand, usedIn } from '../books/readers';
import { addDays } from '../calendar/dates';
import type { Part } from '../plan/lesson';
import { booksById, byId, doneParts, groupBy, partsByLesson } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { DAYS_BEFORE, readBefore } from '../prep/beforehand';
import { isPrepared } from '../prep/get-ready';
import type { Availability, Bound, LayoutInput, LayPart, LayUnit } from './problem';

interface Available {
  /** The first days on which it is there, and the last ones: each of them holds. */
  from: Availability[];
  until: Availability[];
}

/** Whether what a part needs has narrowed the days of any. */
export const isBound = ({ units }: LayoutInput): boolean => units.some((u) => needsOf(u).length > 0);

/** What bounds parts, by their names: first what goes back soonest, then what comes last. */
export function boundBy(plan: Plan, today: IsoDate): string[] {
  const all = [...availabilityOf(plan, today).values()];
  const until = all.flatMap((b) => b.until).sort((a, b) => (a.date < b.date ? -1 : 1));
  const from = all.flatMap((b) => b.from).sort((a, b) => (a.date > b.date ? -1 : 1));
  return [...new Set([...until, ...from].map((b) => b.of))];
}

/**
 * What bounds each part that is still to come, by id; a part that nothing bounds is not in it.
 * @param regardless names of what bounds nothing
 */
export function availabilityOf(
  plan: Plan,
  today: IsoDate,
  regardless: ReadonlySet<string> = new Set(),
): ReadonlyMap<string, Available> {
  const bounds = new Map<string, Available>();
  const add = (partId: string, which: keyof Available, day: Availability): void => {
    if (regardless.has(day.of)) return;
    const found = bounds.get(partId) ?? { from: [], until: [] };
    found[which].push(day);
    bounds.set(partId, found);
  };
  const done = doneParts(plan);
  const partsOf = partsByLesson(plan.parts);
  const toCome = (parts: readonly Part[]): readonly Part[] => parts.filter((p) => !done.has(p.id));
  borrowed();
  prepared();
  return bounds;

  function borrowed(): void {
    const card = plan.family?.card;
    const loans = groupBy(
      plan.loans.filter((l) => l.back === null),
      (l) => l.bookId,
    );
    if (!card || !loans.size) return;
    const pulls = byId(plan.pulls);
    const books = booksById(plan.books);
    for (const use of plan.uses) {
      const pull = pulls.get(use.pullId)!;
      const loan = loans.get(pull.bookId)?.[0];
      if (!loan) continue;
      const title = `“${books.get(pull.bookId)!.title}”`;
      for (const part of toCome(usedIn(pull, partsOf.get(use.lessonId) ?? []))) {
        if (!loan.from) {
          // It is fetched the day before, and read ahead on the evening after that.
          const ahead = isReadBeforehand(pull) ? DAYS_BEFORE : 0;
          const date = addDays(soonest(loan, card, today), 1 + ahead);
          add(part.id, 'from', { date, of: title, is: 'borrowed', id: pull.bookId });
        } else if (loan.due) {
          const date = keptUntil(card, loan, loan.due);
          // What is overdue is told of; no day would be early enough for it.
          if (date >= today) add(part.id, 'until', { date, of: title, is: 'borrowed', id: pull.bookId });
        }
      }
    }
  }

  function prepared(): void {
    for (const part of toCome(plan.parts))
      for (const p of part.preparations)
        if (p.daysBefore && !isPrepared(plan, { partId: part.id, preparationId: p.id }))
          add(part.id, 'from', {
            date: addDays(today, p.daysBefore),
            of: `“${p.what}”`,
            is: 'prepared',
            id: p.id,
          });
    for (const [lessonId, before] of readBefore(plan)) {
      const parts = partsOf.get(lessonId) ?? [];
      // Once the lesson has begun there is no evening before it.
      if (!parts.length || toCome(parts).length < parts.length) continue;
      for (const p of before)
        if (!isPrepared(plan, { partId: parts[0].id, preparationId: p.id }))
          add(parts[0].id, 'from', {
            date: addDays(today, p.daysBefore),
            of: `“${p.what}”`,
            is: 'prepared',
            id: p.id,
          });
    }
  }
}

/**
 * A part with its days narrowed to those on which what it needs is there.
 * @param stood the day it stands on, which stays open to it
 */
export function whileAvailable(
  part: LayPart,
  available: Available | undefined,
  stood: (a: Availability) => IsoDate | undefined,
): LayPart {
  if (!available || part.fixedDate !== null) return part;
  const { earliest, latest } = part;
  return within({
    ...part,
    bound: {
      own: { earliest, latest },
      from: available.from.map((a) => ({ ...a, holds: [a.date, stood(a) ?? a.date].sort()[0] })),
      until: available.until.map((a) => ({ ...a, holds: [a.date, stood(a) ?? a.date].sort()[1] })),
    },
  });
}

/** A part within its own days and those bounds that are kept. */
export function within(part: LayPart, keeps: (b: Bound) => boolean = () => true): LayPart {
  if (!part.bound) return part;
  const { own, from, until } = part.bound;
  const days = (of: IsoDate | null, bounds: readonly Bound[]): IsoDate[] =>
    [...(of === null ? [] : [of]), ...bounds.filter(keeps).map((b) => b.holds)].sort();
  return {
    ...part,
    earliest: days(own.earliest, from).at(-1) ?? null,
    latest: days(own.latest, until)[0] ?? null,
  };
}

/** The same of all parts of a unit. */
export const unitWithin = (unit: LayUnit, keeps: (b: Bound) => boolean): LayUnit => ({
  ...unit,
  lessons: unit.lessons.map((l) => ({ ...l, parts: l.parts.map((p) => within(p, keeps)) })),
  closing: unit.closing.map((p) => within(p, keeps)),
});

/** What bounds the days of a unit’s parts, each once. */
export function needsOf(unit: LayUnit | undefined): Bound[] {
  const parts = unit ? [...unit.lessons.flatMap((l) => l.parts), ...unit.closing] : [];
  const bounds = parts.flatMap(({ bound }) => (bound ? [...bound.from, ...bound.until] : []));
  return [...new Map(bounds.map((b) => [b.of, b])).values()];
}

/** What sets the earliest day of a part, where that is not its own. */
export const heldUpBy = ({ earliest, bound }: LayPart): Bound | undefined =>
  bound?.own.earliest === earliest ? undefined : bound?.from.find((b) => b.holds === earliest);

/** What is shown of a year: of each child hours, reading, what they know, trips and talks, work; and a page for each unit. */
import { isReadAloud } from '../books/readers';
import type { Entry } from '../plan/entry';
import { inForce } from '../plan/happened';
import { byId, groupBy } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Child, Slice } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { daysKept, type DaysKept } from './days';
import { hoursKept } from './hours';
import { metBy } from './known';
import { lookBack, type LookBack } from './look-back';
import type { Shown } from './shown-in-words';

export interface BookRead {
  title: string;
  pages: number;
  minutes: number;
  first: IsoDate;
  last: IsoDate;
}

export interface ChildsRecord {
  child: Pick<Child, 'id' | 'name' | 'hatch'>;
  total: number;
  hours: { subject: string; minutes: number; planned: number }[];
  read: BookRead[];
  trips: Shown[];
  talks: Shown[];
  /** Files of the child’s work; each can be chosen or left. */
  samples: Entry[];
  units: { title: string; checks: Checked[] }[];
}

export interface Checked {
  objectiveId: string;
  wording: string;
  /** 1 not yet, 2 with help, 3 alone; null: never looked at. */
  grade: number | null;
  since: IsoDate | null;
  /** By what it was seen. */
  note: string;
  file: string | null;
}

export interface UnitsPage {
  unit: Unit;
  back: LookBack;
  /** Lessons that were taught, with the day on which the first of it was done. */
  lessons: { title: string; date: IsoDate; doings: string[] }[];
  together: string[];
}

export interface Portfolio {
  first: IsoDate;
  last: IsoDate;
  days: DaysKept | undefined;
  children: ChildsRecord[];
  units: UnitsPage[];
}

/** @param today the last day that counts */
export function portfolioOf(plan: Slice, today: IsoDate): Portfolio {
  const first = plan.year?.starts ?? today;
  const last = plan.year && plan.year.ends < today ? plan.year.ends : today;
  const hours = hoursKept(plan, first, last);
  const entries = inForce(plan.entries);
  const taught = plan.units
    .map((unit) => ({ unit, back: lookBack(plan, unit, today) }))
    .filter(({ back }) => back.from !== null);
  return {
    first,
    last,
    days: daysKept(plan, today),
    children: plan.children.map((child) => {
      const own = entries.filter((e) => e.childId === child.id);
      return {
        child: { id: child.id, name: child.name, hatch: child.hatch },
        total: hours.total[child.id] ?? 0,
        hours: [
          ...hours.subjects.map(({ subject, children }) => ({ subject, ...(children[child.id] ?? NONE) })),
          ...(hours.other[child.id] ? [{ subject: 'for no subject', ...hours.other[child.id] }] : []),
        ].filter((h) => h.minutes > 0),
        read: booksRead(plan, own),
        trips: shown(own, 'attended'),
        talks: shown(own, 'talked'),
        samples: own.filter((e) => e.kind === 'kept'),
        units: taught.map(({ unit }) => ({ title: unit.title, checks: checksOf(plan, unit, child.id) })),
      };
    }),
    units: taught.map(({ unit, back }) => unitsPage(plan, unit, back)),
  };
}

const NONE = { minutes: 0, planned: 0 };

const shown = (entries: readonly Entry[], kind: Entry['kind']): Shown[] =>
  [
    ...groupBy(
      entries.filter((e) => e.kind === kind),
      (e) => e.about.title,
    ).values(),
  ]
    .map((same) => {
      const dates = same.map((e) => e.date).sort();
      return {
        title: same[0].about.title,
        first: dates[0],
        last: dates.at(-1)!,
        times: same.length,
        minutes: same.reduce((sum, e) => sum + (e.minutes ?? 0), 0),
      };
    })
    .sort((a, b) => (a.first < b.first ? -1 : 1));

/** Books a child read alone, each with all its sittings; what was read without a book goes by its title. */
function booksRead(plan: Pick<Slice, 'books'>, entries: readonly Entry[]): BookRead[] {
  const books = byId(plan.books);
  const read = entries.filter((e) => e.kind === 'read');
  return [...groupBy(read, (e) => e.bookId ?? e.about.title).values()].map((same) => {
    const dates = same.map((e) => e.date).sort();
    return {
      title: books.get(same[0].bookId ?? '')?.title ?? (same[0].about.title || 'reading'),
      pages: same.reduce((sum, e) => sum + e.pages!, 0),
      minutes: same.reduce((sum, e) => sum + e.minutes!, 0),
      first: dates[0],
      last: dates.at(-1)!,
    };
  });
}

/** How far a child meets each objective of a unit. */
export const checksOf = (
  plan: Pick<Slice, 'objectives' | 'entries'>,
  unit: Pick<Unit, 'id'>,
  childId: string,
): Checked[] =>
  plan.objectives
    .filter((o) => o.unitId === unit.id)
    .map((o) => {
      const met = metBy(plan, { objectiveId: o.id })[childId];
      return {
        objectiveId: o.id,
        wording: o.wording,
        grade: met?.grade ?? null,
        since: met?.since ?? null,
        note: met?.note ?? '',
        file: met?.file ?? null,
      };
    });

function unitsPage(plan: Slice, unit: Unit, back: LookBack): UnitsPage {
  const parts = byId(plan.parts);
  const done = groupBy(
    plan.marks.filter((m) => m.outcome === 'done' && parts.has(m.partId)),
    (m) => parts.get(m.partId)!.lessonId ?? '',
  );
  const lessons = plan.lessons.filter((l) => l.unitId === unit.id && done.has(l.id));
  const books = byId(plan.books);
  const pulls = plan.pulls.filter((p) => p.unitId === unit.id && isReadAloud(p));
  const on = new Set(plan.uses.filter((u) => lessons.some((l) => l.id === u.lessonId)).map((u) => u.pullId));
  return {
    unit,
    back,
    lessons: lessons
      .map((l) => {
        const marks = done.get(l.id)!;
        return {
          title: l.title,
          date: marks.map((m) => m.date).sort()[0],
          doings: [...new Set(marks.map((m) => parts.get(m.partId)!.title))],
        };
      })
      .sort((a, b) => (a.date < b.date ? -1 : Number(a.date > b.date))),
    together: pulls.filter((p) => on.has(p.id)).map((p) => books.get(p.bookId)!.title),
  };
}

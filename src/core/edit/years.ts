/**
 * Closing a school year and opening the next. The year that is closed is kept as it stood, whole: it is looked at and never
 * drawn again. What was not finished goes on into the next one, as far as the family wants it to.
 */
import { measuredReading } from '../books/reading';
import { addDays, daysBetween, shortDate } from '../calendar/dates';
import { measuredHand } from '../ladder/handwriting';
import { pantryNow } from '../prep/in-house';
import { blankUnit } from '../plan/blank';
import { inForce } from '../plan/happened';
import type { Part } from '../plan/lesson';
import { childrenOf, doneParts, groupBy, homes, isDone } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import { EMPTY_PLAN, type Child, type Plan, type Slice } from '../plan/plan';
import { withoutDangling } from '../plan/references';
import type { Question, Unit } from '../plan/unit';
import type { SchoolYear } from '../plan/year';
import { momentOf, type Edit } from './edit';

export interface NextYear {
  starts: IsoDate;
  ends: IsoDate;
  /** Units that go on or go on waiting, family rules that stay, open questions of units that do not go on. */
  unitIds: readonly string[];
  ruleIds: readonly string[];
  questionIds: readonly string[];
  /** Minutes a school day, from the next year on. */
  leadMinutes: number;
  childMinutes: Readonly<Record<string, number>>;
}

/** What can be carried over from a year, for the family to choose from. */
export interface LeftOver {
  /** Units of which something is not done, with how many of their lessons. */
  unfinished: { unit: Unit; lessonsLeft: number; lessons: number }[];
  waiting: Unit[];
  rules: Plan['rules'];
  /** Questions without an answer, of any unit. */
  questions: Question[];
}

export function leftOver(plan: Plan): LeftOver {
  const open = lessonsLeft(plan);
  const lessons = groupBy(plan.lessons, (l) => l.unitId);
  return {
    unfinished: plan.units
      .filter((u) => !u.waiting && u.closedOn === null)
      .map((unit) => ({
        unit,
        lessons: lessons.get(unit.id)?.length ?? 0,
        lessonsLeft: (lessons.get(unit.id) ?? []).filter((l) => open.has(l.id)).length,
      }))
      .filter((u) => u.lessonsLeft > 0 || u.lessons === 0),
    waiting: plan.units.filter((u) => u.waiting),
    rules: plan.rules.filter((r) => r.unitId === null),
    questions: plan.questions.filter((q) => !q.answer),
  };
}

/** Lessons of which something is not done, or that have nothing in them yet. */
function lessonsLeft(plan: Plan): Set<string> {
  const done = doneParts(plan);
  const parts = groupBy(
    plan.parts.filter((p) => p.ruleId === null),
    (p) => p.lessonId ?? '',
  );
  return new Set(
    plan.lessons
      .filter((l) => !l.leftOut && ((parts.get(l.id) ?? []).some((p) => !done.has(p.id)) || !parts.has(l.id)))
      .map((l) => l.id),
  );
}

/** The last day of which something is written down. */
const lastEntry = (plan: Plan): IsoDate | undefined =>
  inForce(plan.entries)
    .map((e) => e.date)
    .sort()
    .at(-1);

export const closeYear =
  (next: NextYear): Edit =>
  (plan, context) => {
    const { newId } = context;
    const { year } = plan;
    if (!year) return { refused: 'There is no school year yet to close.' };
    const last = lastEntry(plan);
    if (next.starts <= year.starts)
      return {
        refused: `The year to be closed begins on ${shortDate(year.starts)}; the next one must begin after that.`,
      };
    if (last && next.starts <= last)
      return {
        refused: `Something of ${shortDate(last)} is written down in the year to be closed; the next one must begin after that.`,
      };
    if (next.ends < next.starts) return { refused: 'The next year ends before it starts.' };
    const dayBefore = addDays(next.starts, -1);
    return {
      plan: {
        ...carriedOver(plan, next, newId),
        closedYears: [
          ...plan.closedYears,
          {
            id: newId(),
            starts: year.starts,
            ends: year.ends < dayBefore ? year.ends : dayBefore,
            closedAt: momentOf(context),
            slice: sliceOf(plan),
          },
        ],
      },
      fresh: next.unitIds,
    };
  };

/** The year as it stood, with what of the household it speaks of: the rest of the shelf, and loans, go on. */
function sliceOf({ closedYears: _, ...plan }: Plan): Slice {
  const spoken = new Set([...plan.pulls.map((p) => p.bookId), ...plan.entries.map((e) => e.bookId)]);
  return { ...plan, outlines: [], loans: [], books: plan.books.filter((b) => spoken.has(b.id)) };
}

function carriedOver(plan: Plan, next: NextYear, newId: () => string): Plan {
  const goesOn = new Set(next.unitIds);
  const open = lessonsLeft(plan);
  const rules = plan.rules
    .filter((r) => (r.unitId === null ? next.ruleIds.includes(r.id) : goesOn.has(r.unitId)))
    .map((r) => ({ ...r, first: within(r.first, next), last: within(r.last, next) }));
  const asked = plan.questions.filter((q) => !goesOn.has(q.unitId) && next.questionIds.includes(q.id));
  const again = askedAgain(plan, asked, next, newId);
  const onUnit = <T extends { unitId: string }>(items: readonly T[]): T[] =>
    items.filter((i) => goesOn.has(i.unitId));
  return withoutDangling({
    ...EMPTY_PLAN,
    adults: plan.adults,
    appointments: appointmentsFrom(plan, next.starts),
    // What was used and bought stays in the year that is closed: what is there now is what is counted from.
    pantry: pantryNow(plan).map((t) => ({ ...t, since: null })),
    family: plan.family && { ...plan.family, leadMinutes: next.leadMinutes },
    year: calendarOf(plan.year!, next),
    children: plan.children.map((c) => olderChild(plan, c, next)),
    books: plan.books,
    loans: plan.loans,
    outlines: plan.outlines,
    works: plan.works,
    units: [...plan.units.filter((u) => goesOn.has(u.id)).map((u) => carriedUnit(u, next)), ...again.units],
    objectives: onUnit(plan.objectives),
    ideas: onUnit(plan.ideas),
    questions: [...onUnit(plan.questions), ...again.questions],
    lessons: onUnit(plan.lessons).filter((l) => open.has(l.id)),
    parts: partsLeft(plan, goesOn, next),
    rules,
    pulls: onUnit(plan.pulls),
    uses: plan.uses,
    assignments: plan.assignments.filter((a) => a.byHand),
  });
}

/** The family's other appointments of the days to come. */
function appointmentsFrom({ appointments }: Plan, first: IsoDate): Plan['appointments'] {
  return appointments
    .map((a) => ({ ...a, dates: a.dates.filter((d) => d >= first) }))
    .filter((a) => a.dates.length);
}

/** What was not done of the units that go on. What a rule brings is made anew. */
function partsLeft(plan: Plan, goesOn: ReadonlySet<string>, next: NextYear): Part[] {
  const done = doneParts(plan);
  const homeOf = homes(plan);
  const marks = groupBy(plan.marks, (m) => m.partId);
  return plan.parts.flatMap((part) => {
    const { unit } = homeOf(part);
    if (part.ruleId !== null || done.has(part.id) || !unit || !goesOn.has(unit.id)) return [];
    const children = childrenOf(part, unit, plan.children);
    const left = children.filter((c) => !isDone(marks.get(part.id) ?? [], [c]));
    return {
      ...part,
      childIds: left.length < children.length ? left.map((c) => c.id) : part.childIds,
      fixedDate: within(part.fixedDate, next),
      earliest: within(part.earliest, next),
      latest: within(part.latest, next),
    };
  });
}

/** A date that the next year still has before it; else none. */
const within = (date: IsoDate | null, next: NextYear): IsoDate | null =>
  date !== null && date >= next.starts ? date : null;

function carriedUnit(unit: Unit, next: NextYear): Unit {
  return {
    ...unit,
    starts: unit.starts >= next.starts ? unit.starts : next.starts,
    wishedEnd: within(unit.wishedEnd, next),
  };
}

/** Open questions of a unit that is over wait under its name, for when it is taken up again. */
function askedAgain(
  plan: Plan,
  questions: readonly Question[],
  next: NextYear,
  newId: () => string,
): { units: Unit[]; questions: Question[] } {
  const units: Unit[] = [];
  const found: Question[] = [];
  for (const [unitId, open] of groupBy(questions, (q) => q.unitId)) {
    const was = plan.units.find((u) => u.id === unitId)!;
    const id = newId();
    units.push({
      ...blankUnit,
      id,
      title: was.title,
      waiting: true,
      deeper: true,
      starts: next.starts,
      childIds: was.childIds,
      repeats: { unitId: was.id, title: was.title, closedOn: was.closedOn },
    });
    found.push(...open.map((q) => ({ ...q, unitId: id })));
  }
  return { units, questions: found };
}

/** The same rhythm, weekdays and hours; terms as many whole weeks later; days off, short and extra days are the year's own. */
function calendarOf(year: SchoolYear, next: NextYear): SchoolYear {
  const later = Math.round(daysBetween(year.starts, next.starts) / 7) * 7;
  return {
    ...year,
    starts: next.starts,
    ends: next.ends,
    daysOff: [],
    shortDays: [],
    extraDays: [],
    terms: year.terms
      .map((t) => ({
        ...t,
        first: [addDays(t.first, later), next.starts].sort()[1],
        last: [addDays(t.last, later), next.ends].sort()[0],
      }))
      .filter((t) => t.first <= t.last),
  };
}

/** The child's minutes are those of the next year; what was measured holds until that year says better. */
function olderChild(plan: Plan, child: Child, next: NextYear): Child {
  return {
    ...child,
    minutes: next.childMinutes[child.id] ?? child.minutes,
    measured: {
      reading: measuredReading(plan, child.id) ?? child.measured.reading,
      hand: measuredHand(child.id, plan.marks) ?? child.measured.hand,
    },
  };
}

/** What the next year is likely to be: the same days a year on, beginning on the same weekday. */
export function nextDates(year: Pick<SchoolYear, 'starts' | 'ends'>): { starts: IsoDate; ends: IsoDate } {
  const YEAR = 364;
  const starts = addDays(year.starts, YEAR);
  return { starts: starts > year.ends ? starts : addDays(year.ends, 1), ends: addDays(year.ends, YEAR) };
}

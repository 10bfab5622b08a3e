/** Ways through what came up, each worked out on a copy of the plan, those first that change least. */
import { weekBegins } from '../calendar/week';
import { shortDate } from '../calendar/dates';
import { schoolDays } from '../calendar/school-days';
import { withoutPlace } from '../layout/check';
import { conflictInWords } from '../layout/conflict';
import { difference } from '../layout/difference';
import { howItStands, type Verdict } from '../layout/verdict';
import { loanLines } from '../loans/lines';
import { count } from '../plan/called';
import { byId, doneParts, isLeft, lessonsOf, partsByLesson } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { toPrepare } from '../prep/get-ready';
import { waysFor, type CameUp } from './came-up';
import { perform, type Edit, type EditContext } from './edit';

/** A lesson with the days it stands on; none where it is left out or has no place. */
export interface DrawnLesson {
  id: string;
  unitId: string;
  number: number;
  title: string;
  dates: IsoDate[];
  state: 'pencil' | 'ink' | 'done';
}

/** The lessons of a plan on their days, and the days there are. */
export interface Drawn {
  lessons: DrawnLesson[];
  schoolDays: IsoDate[];
  /** The weekday with which weeks begin. */
  weekBegins: number;
}

export interface WayThrough {
  key: string;
  does: string;
  /** Why it cannot be; the rest then stands as it is. */
  refused: string;
  /** Lessons that would stand on another day, and that would stand on none where they did. */
  moved: string[];
  gone: string[];
  /** What it comes to for each unit, in words; `worse` where the end is missed or something has no place. */
  says: { text: string; worse: boolean }[];
  /** What else is other then: what is to be got ready, and loans. */
  also: string[];
  drawn: Drawn;
}

export function drawnLessons(plan: Plan): Drawn {
  const on = new Map(plan.sittings.map((s) => [s.partId, s]));
  const done = doneParts(plan);
  const partsOf = partsByLesson(plan.parts);
  return {
    schoolDays: plan.year ? schoolDays(plan.year).map((d) => d.date) : [],
    weekBegins: plan.year ? weekBegins(plan.year) : 1,
    lessons: plan.units
      .filter((u) => !u.waiting)
      .flatMap((u) =>
        lessonsOf(plan, u.id).map((l): DrawnLesson => {
          const sittings = (partsOf.get(l.id) ?? []).flatMap((p) => on.get(p.id) ?? []);
          const isDone = sittings.length > 0 && sittings.every((s) => done.has(s.partId));
          const isInked = sittings.some((s) => s.state === 'ink');
          return {
            id: l.id,
            unitId: u.id,
            number: l.number,
            title: l.title,
            dates: [...new Set(sittings.map((s) => s.date))].sort(),
            state: isDone ? 'done' : isInked ? 'ink' : 'pencil',
          };
        }),
      ),
  };
}

/** Each way through what came up, worked out; those that change nothing are left out, and those that cannot be stand last. */
export function waysThrough(plan: Plan, what: CameUp, context: EditContext): WayThrough[] {
  const worked = waysFor(plan, what, context).map((way) => {
    const done = perform(way.edit, plan, context);
    if ('refused' in done) {
      const nothing = { moved: [], gone: [], says: [], also: [], drawn: drawnLessons(plan) };
      return {
        ...nothing,
        key: way.key,
        does: way.does,
        refused: done.refused,
        rank: [Infinity],
        isIdle: false,
      };
    }
    const after = done.plan;
    const { moved } = difference(plan, after);
    const gone = nowhere(plan, after);
    const lost = withoutPlace(after).length - withoutPlace(plan).length;
    const units = plan.units.filter((u) =>
      plan.lessons.some((l) => l.unitId === u.id && (moved.includes(l.id) || gone.includes(l.id))),
    );
    const verdicts = units.flatMap((u) => {
      const verdict = howItStands(after, u.id, context.today);
      return verdict ? [{ unit: u, verdict }] : [];
    });
    // Late is what ends after the end that was wished before.
    const late = plan.units.filter((u) => {
      const then = howItStands(after, u.id, context.today);
      return u.wishedEnd && then && !then.closed && (then.finishes ?? '9') > u.wishedEnd;
    }).length;
    return {
      key: way.key,
      does: way.does,
      refused: '',
      moved,
      gone,
      says: [
        {
          text:
            moved.length || gone.length
              ? [
                  moved.length
                    ? `${count(moved.length, 'lesson')} ${moved.length === 1 ? 'moves' : 'move'}`
                    : '',
                  gone.length ? `${count(gone.length, 'lesson')} left out` : '',
                ]
                  .filter(Boolean)
                  .join(', ')
              : 'nothing else moves',
          worse: false,
        },
        ...(lost > 0 ? [{ text: lostInWords(plan, after, lost), worse: true }] : []),
        ...verdicts.map(({ unit, verdict }) => endOf(unit.title, verdict, units.length > 1)),
      ],
      also: [...preparedOtherwise(plan, after, context.today), ...loansOtherwise(plan, after, context.today)],
      drawn: drawnLessons(after),
      rank: [withoutPlace(after).length, late, gone.length, moved.length],
      isIdle: after.units.every((u, n) => u === plan.units[n]) && !moved.length && !gone.length && lost >= 0,
    };
  });
  return (
    worked
      // What mends nothing is no way to mend something.
      .filter((w) => !(what.is === 'does-not-fit' && w.isIdle))
      .map((w, i) => ({ w, i }))
      .sort((a, b) => compare(a.w.rank, b.w.rank) || a.i - b.i)
      .map(({ w: { rank: _, isIdle: __, ...way } }) => way)
  );
}

/** Why there is something to get through, in words; empty where that is plain. */
export function because(plan: Plan, what: CameUp, today: IsoDate): string {
  if (what.is !== 'does-not-fit') return '';
  const verdict = howItStands(plan, what.unitId, today);
  if (!verdict) return '';
  if (verdict.meetsEnd && verdict.placed === verdict.lessons) return 'It fits as it stands.';
  return conflictInWords(plan, what.unitId, today);
}

/** The plan has changed since the ways were worked out. */
const NO_LONGER =
  'This way through is not there any more: the plan has changed since it was worked out. Look at the ways again.';

/** Takes one of the ways through, worked out anew on the plan as it is. */
export const takeWay =
  (what: CameUp, key: string): Edit =>
  (plan, context) => {
    const way = waysFor(plan, what, context).find((w) => w.key === key);
    return way ? way.edit(plan, context) : { refused: NO_LONGER };
  };

/** “Farm visit” and 2 more on no day. */
function lostInWords(before: Plan, after: Plan, n: number): string {
  const known = new Set(withoutPlace(before).map((w) => w.part.id));
  const first = withoutPlace(after).find((w) => !known.has(w.part.id));
  const more = n > 1 ? ` and ${n - 1} more` : '';
  return first ? `“${first.part.title}”${more} on no day` : `${count(n, 'part')} on no day`;
}

function compare(a: readonly number[], b: readonly number[]): number {
  for (let i = 0; i < Math.min(a.length, b.length); i++) if (a[i] !== b[i]) return a[i] - b[i];
  return a.length - b.length;
}

/** Lessons that stood on a day and would stand on none, because they are left out or closed. */
function nowhere(before: Plan, after: Plan): string[] {
  const stands = new Set(after.sittings.map((s) => s.partId));
  const stood = new Set(before.sittings.map((s) => s.partId));
  const units = byId(after.units);
  const lessons = byId(after.lessons);
  return [...partsByLesson(before.parts)]
    .filter(([lessonId, parts]) => {
      const lesson = lessons.get(lessonId);
      return (
        lesson &&
        isLeft({ lesson, unit: units.get(lesson.unitId) }) !== undefined &&
        parts.some((p) => stood.has(p.id) && !stands.has(p.id))
      );
    })
    .map(([lessonId]) => lessonId);
}

function endOf(title: string, v: Verdict, isNamed: boolean): { text: string; worse: boolean } {
  const of = isNamed ? `“${title}” ` : '';
  if (v.closed) return { text: `${of}closed, ${v.closed.taught} of ${v.lessons} taught`, worse: false };
  if (!v.finishes) return { text: `${of}has no day left`, worse: true };
  const ends = `${of}ends ${shortDate(v.finishes)}`;
  if (v.daysLate) return { text: `${ends}, ${count(v.daysLate, 'school day')} after your end`, worse: true };
  if (!v.wishedEnd) return { text: ends, worse: false };
  return {
    text: v.spareDays ? `${ends}, ${count(v.spareDays, 'day')} to spare` : `${ends}, just in time`,
    worse: false,
  };
}

/** What would be got ready on another day than now; what was to be ready on days gone by is left out. */
function preparedOtherwise(before: Plan, after: Plan, today: IsoDate): string[] {
  const was = new Map(toPrepare(before).map((p) => [`${p.partId} ${p.what}`, p.date]));
  return toPrepare(after).flatMap((p) => {
    const date = was.get(`${p.partId} ${p.what}`);
    return date && date !== p.date && p.date >= today
      ? [`${p.what}: by ${shortDate(p.date)} instead of ${shortDate(date)}`]
      : [];
  });
}

/** Loans that would come too late or go back too early, and did not. */
function loansOtherwise(before: Plan, after: Plan, today: IsoDate): string[] {
  const troubled = (plan: Plan): Map<string, string> =>
    new Map(
      plan.family?.card
        ? loanLines(plan, plan.family.card, today).flatMap((l): [string, string][] => {
            const trouble = l.troubles.find((t) => t.kind === 'late' || t.kind === 'early');
            return trouble
              ? [
                  [
                    l.loan.id,
                    `“${l.book.title}” ${trouble.kind === 'late' ? 'comes too late' : 'goes back too early'}`,
                  ],
                ]
              : [];
          })
        : [],
    );
  const was = troubled(before);
  return [...troubled(after)].filter(([loanId]) => !was.has(loanId)).map(([, text]) => text);
}

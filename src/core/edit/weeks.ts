/** Pencil and ink: what stands on which day. */
import { shortDate } from '../calendar/dates';
import { whyClosed } from '../calendar/school-days';
import { byId, doneParts, lessonsOf } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { LayoutChoice } from '../layout/input';
import type { Place } from '../layout/problem';
import type { Plan, Sitting } from '../plan/plan';
import { GONE, type Edit } from './edit';

/** Inks every sitting from one day to another. */
export const inkDays =
  (first: IsoDate, last: IsoDate): Edit =>
  (plan) =>
    setState(plan, 'ink', (s) => s.date >= first && s.date <= last);

/** Rubs out the ink from one day to another; what is done stays. */
export const rubOutDays =
  (first: IsoDate, last: IsoDate): Edit =>
  (plan) =>
    setState(plan, 'pencil', (s) => s.date >= first && s.date <= last);

export const inkLesson =
  (lessonId: string): Edit =>
  (plan) =>
    setLesson(plan, lessonId, 'ink');
export const rubOutLesson =
  (lessonId: string): Edit =>
  (plan) =>
    setLesson(plan, lessonId, 'pencil');

function setLesson(plan: Plan, lessonId: string, state: 'pencil' | 'ink'): ReturnType<Edit> {
  const parts = new Set(plan.parts.filter((p) => p.lessonId === lessonId).map((p) => p.id));
  return setState(plan, state, (s) => parts.has(s.partId));
}

function setState(
  plan: Plan,
  state: 'pencil' | 'ink',
  which: (s: Plan['sittings'][number]) => boolean,
): ReturnType<Edit> {
  const done = doneParts(plan);
  const changes = (s: Plan['sittings'][number]): boolean =>
    which(s) && s.state !== state && !done.has(s.partId);
  if (!plan.sittings.some(changes))
    return {
      refused:
        state === 'ink' ? 'There is nothing in pencil there to ink.' : 'There is no ink there to rub out.',
    };
  return { plan: { ...plan, sittings: plan.sittings.map((s) => (changes(s) ? { ...s, state } : s)) } };
}

/** Rubs out all pencil and draws it again, as evenly as it goes. */
export const layOutAgain = (): Edit => (plan) => ({ plan, fresh: 'all' });

/**
 * Takes over a lay-out that was worked out beside the page: where its parts are said to stand, they do, and all else stays.
 * Refused where the plan has moved on so that they cannot.
 */
export const takeLayOut =
  (places: readonly ({ partId: string } & Place)[]): Edit =>
  (plan, { today }) => {
    const to = new Map(places.map((p) => [p.partId, p]));
    const parts = byId(plan.parts);
    const done = doneParts(plan);
    const stood = new Map(plan.sittings.map((s) => [s.partId, s]));
    if (
      places.some(
        ({ partId, date }) =>
          date < today ||
          !parts.get(partId)?.lessonId ||
          done.has(partId) ||
          stood.get(partId)?.state === 'ink',
      )
    )
      return { refused: MOVED_ON };
    return {
      plan: {
        ...plan,
        sittings: [
          ...plan.sittings.filter((s) => !to.has(s.partId)),
          ...places.map(({ partId, date, window }): Sitting => ({
            id: stood.get(partId)?.id ?? `sitting-${partId}`.slice(0, 64),
            partId,
            date,
            window,
            state: 'pencil',
            reason: { kind: 'pace' },
          })),
        ],
      },
      unless: ({ plan: drawn }) => {
        const now = new Map(drawn.sittings.map((s) => [s.partId, s]));
        const stands = ({ partId, date, window }: Pick<Sitting, 'partId' | 'date' | 'window'>): boolean =>
          now.get(partId)?.date === date && now.get(partId)?.window === window;
        const stays = (s: Sitting): boolean =>
          to.has(s.partId) || !parts.get(s.partId)?.lessonId || stands(s);
        return places.every(stands) && plan.sittings.every(stays) ? undefined : { refused: MOVED_ON };
      },
    };
  };

const MOVED_ON =
  'The plan has moved on since this lay-out was worked out, and it holds no more. Another is looked for now.';

/** Moves what a lesson has on one day, in pencil, to another day; what follows reflows. */
export const moveLesson =
  (lessonId: string, from: IsoDate, to: IsoDate): Edit =>
  (plan, { today }) => {
    const parts = new Set(plan.parts.filter((p) => p.lessonId === lessonId).map((p) => p.id));
    return moveSittings(
      plan,
      lessonId,
      plan.sittings.filter((s) => parts.has(s.partId) && s.date === from),
      to,
      today,
    );
  };

/** Moves one part of a lesson, in pencil, to another day; what follows reflows. */
export const movePart =
  (partId: string, to: IsoDate): Edit =>
  (plan, { today }) => {
    const lessonId = plan.parts.find((p) => p.id === partId)?.lessonId;
    return lessonId
      ? moveSittings(
          plan,
          lessonId,
          plan.sittings.filter((s) => s.partId === partId),
          to,
          today,
        )
      : { refused: GONE };
  };

function moveSittings(
  plan: Plan,
  lessonId: string,
  sittings: Plan['sittings'],
  to: IsoDate,
  today: IsoDate,
): ReturnType<Edit> {
  const lesson = plan.lessons.find((l) => l.id === lessonId);
  if (!lesson || !plan.year || !sittings.length) return { refused: GONE };
  const number = lessonsOf(plan, lesson.unitId).find((l) => l.id === lessonId)!.number;
  const parts = new Map(plan.parts.filter((p) => p.lessonId === lessonId).map((p) => [p.id, p]));
  const from = sittings[0].date;
  if (sittings.some((s) => s.state === 'ink'))
    return { refused: `Lesson ${number} is in ink on ${shortDate(from)}. Rub out the ink first.` };
  const done = doneParts(plan);
  if (sittings.some((s) => done.has(s.partId)))
    return { refused: `Lesson ${number} is done on ${shortDate(from)}; what is done stays.` };
  const fixed = sittings.find((s) => parts.get(s.partId)!.fixedDate);
  if (fixed)
    return {
      refused: `“${parts.get(fixed.partId)!.title}” has a fixed date. Change the date on the lesson.`,
    };
  const closed = whyClosed(plan.year, to);
  if (closed) return { refused: `${shortDate(to)} is ${closed}.` };
  if (to < today) return { refused: `${shortDate(to)} is over; pencil goes on days to come.` };
  if (to < from) {
    const before = blocking(plan, lesson.unitId, lessonId, to);
    if (before)
      return {
        refused: `Lesson ${before.number} stands on ${shortDate(before.date)} and comes first. Move it first, or change the order of the lessons.`,
      };
  }
  return {
    plan,
    moved: new Map(sittings.map((s) => [s.partId, { date: to, window: s.window }])) satisfies NonNullable<
      LayoutChoice['moved']
    >,
  };
}

/** The nearest earlier lesson of the unit with a part, not behind a wait, after a date. */
function blocking(
  plan: Plan,
  unitId: string,
  lessonId: string,
  date: IsoDate,
): { number: number; date: IsoDate } | undefined {
  const sittingOf = new Map(plan.sittings.map((s) => [s.partId, s]));
  const lessons = lessonsOf(plan, unitId);
  const earlier = lessons
    .slice(
      0,
      lessons.findIndex((l) => l.id === lessonId),
    )
    .reverse();
  for (const l of earlier) {
    for (const p of plan.parts.filter((x) => x.lessonId === l.id)) {
      const s = sittingOf.get(p.id);
      if (s && s.date > date) return { number: l.number, date: s.date };
      if (p.waitAfterHours > 0) break;
    }
  }
  return undefined;
}

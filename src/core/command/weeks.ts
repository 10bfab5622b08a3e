import { z } from 'zod';
import { addDays, dayMonth, shortDate } from '../calendar/dates';
import {
  inkDays,
  inkLesson,
  layOutAgain,
  moveLesson,
  rubOutDays,
  rubOutLesson,
  takeLayOut,
} from '../edit/weeks';
import { id, isoDate, windowName } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { command } from './command';

function lessonName(plan: Plan, lessonId: string): string {
  const lesson = plan.lessons.find((l) => l.id === lessonId);
  const number =
    plan.lessons.filter((l) => l.unitId === lesson?.unitId).findIndex((l) => l.id === lessonId) + 1;
  return `lesson ${number}`;
}

export const inkWeek = command({
  shape: isoDate,
  label: (v) => `Inked the week of ${dayMonth(v)}`,
  edit: (v) => inkDays(v, addDays(v, 6)),
});

export const inkUpTo = command({
  shape: isoDate,
  label: (v) => `Inked up to ${dayMonth(v)}`,
  edit: (v) => (plan, context) => inkDays(context.today, v)(plan, context),
});

export const rubOutWeek = command({
  shape: isoDate,
  label: (v) => `Rubbed out the ink of the week of ${dayMonth(v)}`,
  edit: (v) => rubOutDays(v, addDays(v, 6)),
});

export const layOut = command({
  shape: z.null(),
  label: () => 'Laid the pencil out again',
  edit: layOutAgain,
});

/** Takes over a better lay-out that was worked out beside the page. */
export const takeBetter = command({
  shape: z.strictObject({
    places: z
      .array(z.strictObject({ partId: id, date: isoDate, window: windowName }))
      .min(1)
      .max(5000),
  }),
  label: () => 'Took the better lay-out',
  edit: (v) => takeLayOut(v.places),
});

export const move = command({
  shape: z.strictObject({ lessonId: id, from: isoDate, to: isoDate }),
  label: (v, plan) => `Moved ${lessonName(plan, v.lessonId)} to ${shortDate(v.to)}`,
  edit: (v) => moveLesson(v.lessonId, v.from, v.to),
  moves: (v) => [v.lessonId],
});

export const ink = command({
  shape: id,
  label: (v, plan) => `Inked ${lessonName(plan, v)}`,
  edit: inkLesson,
});

export const rubOut = command({
  shape: id,
  label: (v, plan) => `Rubbed out the ink of ${lessonName(plan, v)}`,
  edit: rubOutLesson,
});

import { gatherLessons, onceMore as onceMoreEdit, stretchLessons } from '../edit/stretch';
import { z } from 'zod';
import { keepPattern } from '../edit/rules';
import {
  groupLessons,
  indentLesson,
  joinLessons,
  outdentTopic,
  splitLesson,
  swapLessons,
} from '../edit/shape';
import { shortDate } from '../calendar/dates';
import { moveLessons } from '../edit/lessons';
import { pauseBefore } from '../edit/pause';
import { titled } from '../plan/called';
import { pattern } from '../plan/lesson';
import { id, isoDate } from '../plan/measures';
import { ids, lessonName, several } from './names';
import { command } from './command';

export const join = command({
  shape: z.strictObject({ ids, title: z.string().max(200).nullable(), asTopics: z.boolean() }),
  label: (v) => `Joined ${v.ids.length} lessons`,
  edit: (v) => joinLessons(v.ids, v.title, v.asTopics),
});

export const group = command({
  shape: z.strictObject({ ids, firsts: z.array(z.int().min(0)).min(1).max(1000) }),
  label: (v) => `Grouped ${v.ids.length} lessons into ${v.firsts.length}`,
  edit: (v) => groupLessons(v.ids, v.firsts),
});

export const indent = command({
  shape: id,
  label: (v, plan) => `Made ${lessonName(plan, v)} a topic`,
  edit: indentLesson,
});

export const outdent = command({
  shape: z.strictObject({ lessonId: id, index: z.int().min(0) }),
  label: (v, plan) =>
    `Made “${plan.lessons.find((l) => l.id === v.lessonId)?.topics[v.index]?.title ?? 'a topic'}” a lesson`,
  edit: (v) => outdentTopic(v.lessonId, v.index),
});

export const swap = command({
  shape: z.strictObject({ a: id, b: id }),
  label: (v, plan) => `Swapped ${lessonName(plan, v.a)} and ${lessonName(plan, v.b)}`,
  edit: (v) => swapLessons(v.a, v.b),
});

export const moveTo = command({
  shape: z.strictObject({ ids: z.array(id).min(1).max(500), to: z.int().min(1) }),
  label: (v, plan) =>
    v.ids.length === 1
      ? `Moved ${lessonName(plan, v.ids[0])} to place ${v.to}`
      : `Moved ${v.ids.length} lessons to place ${v.to}`,
  edit: (v) => moveLessons(v.ids, v.to),
});

export const split = command({
  shape: z.strictObject({ lessonId: id, into: z.int() }),
  label: (v, plan) => `Split ${lessonName(plan, v.lessonId)} into ${v.into}`,
  edit: (v) => splitLesson(v.lessonId, v.into),
});

export const onceMore = command({
  shape: z.strictObject({ partId: id }),
  label: (v, plan) => `${titled(plan, 'parts', v.partId)} once more`,
  edit: (v) => onceMoreEdit(v.partId),
});

export const stretch = command({
  shape: z.strictObject({ ids, pattern: pattern.omit({ id: true }), onePerWeek: z.boolean() }),
  label: (v, plan) => `Stretched ${several(plan, v.ids)} over the week`,
  edit: (v) => stretchLessons(v.ids, v.pattern, v.onePerWeek),
});

export const pause = command({
  shape: z.strictObject({ lessonId: id, until: isoDate.nullable() }),
  label: (v, plan) =>
    v.until === null
      ? `No pause before ${lessonName(plan, v.lessonId)}`
      : `Paused before ${lessonName(plan, v.lessonId)} until ${shortDate(v.until)}`,
  edit: (v) => pauseBefore(v.lessonId, v.until),
});

export const gather = command({
  shape: ids,
  label: (v, plan) => `Took ${several(plan, v)} together again`,
  edit: gatherLessons,
});

export const savePattern = command({
  shape: pattern.omit({ id: true }),
  label: (v) => `Kept the pattern “${v.name}”`,
  edit: keepPattern,
});

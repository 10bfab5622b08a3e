'use client';
/** What a rule's form begins with, the usual rules to begin from, and the rhythm its fields say. */
import { suppliesText } from '@/core/formats/supplies';
import type { Rhythm, Rule } from '@/core/plan/lesson';
import { leaderValue } from '../frame/part-words';

export type Start = Partial<Omit<Rule, 'id'>>;

/** What families often have come back; each can be changed before it is kept. */
export const USUAL: readonly { name: string; of: 'unit' | 'family'; rule: Start }[] = [
  {
    name: 'The week opens with the big ideas',
    of: 'unit',
    rule: {
      title: 'The week opens: big ideas',
      kind: 'opening',
      minutes: 15,
      window: 'morning',
      rhythm: { on: 'week-first', everyWeeks: 1, startWeek: 1 },
    },
  },
  {
    name: 'Recall of the last lesson, daily',
    of: 'unit',
    rule: { title: 'Recall', kind: 'recall', minutes: 10, window: 'morning', rhythm: { on: 'day' } },
  },
  {
    name: 'A poem with tea on one weekday',
    of: 'family',
    rule: {
      title: 'Tea and a poem',
      kind: 'talk',
      minutes: 20,
      window: 'afternoon',
      rhythm: { on: 'weekday', weekday: 1, everyWeeks: 1, startWeek: 1 },
    },
  },
  {
    name: 'A film on one weekday',
    of: 'unit',
    rule: {
      title: 'A film',
      kind: 'film',
      minutes: 35,
      lead: 'near',
      window: 'afternoon',
      rhythm: { on: 'weekday', weekday: 3, everyWeeks: 1, startWeek: 1 },
    },
  },
  {
    name: 'A word check as the week closes',
    of: 'unit',
    rule: {
      title: 'Word check',
      kind: 'check',
      minutes: 15,
      window: 'morning',
      rhythm: { on: 'week-last', everyWeeks: 1, startWeek: 1 },
    },
  },
  {
    name: 'A quiz every third week',
    of: 'unit',
    rule: {
      title: 'Quiz',
      kind: 'quiz',
      minutes: 20,
      window: 'morning',
      rhythm: { on: 'week-last', everyWeeks: 3, startWeek: 3 },
    },
  },
  {
    name: 'A project that grows with each lesson',
    of: 'unit',
    rule: {
      title: 'Our project',
      kind: 'project',
      minutes: 15,
      lead: 'near',
      window: 'afternoon',
      piece: 'piece',
      rhythm: { on: 'lesson', place: 'last' },
      assembly: { title: 'Put the project together', minutes: 40 },
    },
  },
  {
    name: 'A companion book, a chapter with each lesson',
    of: 'unit',
    rule: {
      title: 'Companion reading',
      kind: 'read-aloud',
      minutes: 15,
      window: 'midday',
      piece: 'chapter',
      rhythm: { on: 'lesson', place: 'last' },
    },
  },
  {
    name: 'Daily practice',
    of: 'family',
    rule: {
      title: 'Mathematics',
      kind: 'practice',
      minutes: 20,
      lead: 'not-needed',
      window: 'morning',
      rhythm: { on: 'day' },
    },
  },
  {
    name: 'Spoken questions, so many a day',
    of: 'family',
    rule: {
      title: 'Questions at breakfast',
      kind: 'recall',
      minutes: 5,
      window: 'morning',
      amount: 5,
      amountOf: 'questions',
      rhythm: { on: 'day' },
    },
  },
];

export function fieldsOf(r: Start) {
  const on: Rhythm = r.rhythm ?? { on: 'day' };
  const weeks =
    on.on === 'weekday' || on.on === 'week-first' || on.on === 'week-last'
      ? on
      : { everyWeeks: 1, startWeek: 1 };
  return {
    title: r.title ?? '',
    kind: r.kind ?? ('recall' as Rule['kind']),
    minutes: r.minutes ?? (15 as number | null),
    lead: r.lead ?? ('leads' as Rule['lead']),
    leader: leaderValue(r),
    window: r.window ?? ('any' as NonNullable<Rule['window']> | 'any'),
    childIds: r.childIds ?? null,
    supplies: suppliesText(r.supplies ?? []).replaceAll('; ', '\n'),
    piece: r.piece ?? '',
    amount: r.amount ?? null,
    amountTo: r.amountTo ?? null,
    amountOf: r.amountOf ?? '',
    first: r.first ?? null,
    last: r.last ?? null,
    on: on.on as Rhythm['on'],
    weekday: String(on.on === 'weekday' ? on.weekday : 1),
    everyWeeks: weeks.everyWeeks as number | null,
    startWeek: weeks.startWeek as number | null,
    place: (on.on === 'lesson' ? on.place : 'last') as 'first' | 'last',
    everyDays: (on.on === 'after' ? on.everyDays : 3) as number | null,
    times: (on.on === 'after' ? on.times : 4) as number | null,
    partId: on.on === 'after' ? on.partId : '',
    assembled: !!r.assembly,
    assemblyTitle: r.assembly?.title ?? 'Put it together',
    assemblyMinutes: (r.assembly?.minutes ?? 40) as number | null,
  };
}

export function rhythmFrom(v: ReturnType<typeof fieldsOf>): Rhythm {
  const weeks = { everyWeeks: v.everyWeeks ?? 1, startWeek: v.startWeek ?? 1 };
  switch (v.on) {
    case 'weekday':
      return { on: 'weekday', weekday: Number(v.weekday), ...weeks };
    case 'week-first':
      return { on: 'week-first', ...weeks };
    case 'week-last':
      return { on: 'week-last', ...weeks };
    case 'lesson':
      return { on: 'lesson', place: v.place };
    case 'after':
      return { on: 'after', partId: v.partId, everyDays: v.everyDays ?? 3, times: v.times ?? 4 };
    case 'day':
      return { on: 'day' };
  }
}

/** The shape of a school year: its ends, its rhythm, and every day that differs from the others. */
import { z } from 'zod';
import { clockTime, id, isoDate, shortText, weekday, minutes } from './measures';
import { DAY_OFF_KINDS } from './words';

export const dayOff = z
  .strictObject({
    id,
    first: isoDate,
    last: isoDate,
    label: z.string().trim().max(100),
    kind: z.enum(DAY_OFF_KINDS).default('off'),
  })
  .refine((off) => off.first <= off.last, {
    error: 'the last day off comes before the first',
    path: ['last'],
  });
export type DayOff = z.infer<typeof dayOff>;

/** A named stretch of school; between terms there is none. */
export const term = z
  .strictObject({ id, name: shortText, first: isoDate, last: isoDate })
  .refine((t) => t.first <= t.last, { error: 'the term ends before it begins', path: ['last'] });
export type Term = z.infer<typeof term>;

/** A day that ends early. */
export const shortDay = z.strictObject({
  id,
  date: isoDate,
  ends: clockTime,
  label: z.string().trim().max(100),
});
export type ShortDay = z.infer<typeof shortDay>;

/** A day with school although its weekday, the rhythm or the terms have none. */
export const extraDay = z.strictObject({ id, date: isoDate, label: z.string().trim().max(100) });
export type ExtraDay = z.infer<typeof extraDay>;

/** Days of two years, a leap year among them. */
const LONGEST = 731;
const daysOf = (first: string, last: string): number =>
  (Date.parse(last) - Date.parse(first)) / 86_400_000 + 1;

export const schoolYear = z
  .strictObject({
    starts: isoDate,
    ends: isoDate,
    weekdays: z.array(weekday).min(1, 'choose at least one weekday'),
    /** With which weekday weeks begin where every day is a school day, null for a Monday; elsewhere the weekdays say it. */
    weekBegins: weekday.nullable().default(null),
    /** Rhythm: so many weeks on, so many off; no weeks off means no rhythm. Named terms, where there are any, take its place. */
    weeksOn: z.int().min(1).max(60),
    weeksOff: z.int().min(0).max(20),
    terms: z.array(term).max(12).default([]),
    dayStarts: clockTime,
    middayStarts: clockTime,
    afternoonStarts: clockTime,
    dayEnds: clockTime,
    /** The evening, outside school hours: a bedtime reading, colouring together. It begins when school has ended, at the earliest. */
    eveningStarts: clockTime.default(1080),
    eveningEnds: clockTime.default(1200),
    daysOff: z.array(dayOff),
    shortDays: z.array(shortDay).default([]),
    extraDays: z.array(extraDay).default([]),
    /** School days, and hours, the family means to keep; its own figures, not the law's. */
    targetDays: z.int().min(1).max(366).nullable().default(null),
    /** Minutes there are to prepare, on a day with school and on one without; and the weekdays on which one shops. */
    prepOnSchoolDay: minutes.default(30),
    prepOnFreeDay: minutes.default(60),
    shopWeekdays: z.array(weekday).default([6]),
    /** Where public holidays are looked up: ISO 3166 country, and a region of it. Never applied by themselves. */
    country: z.string().max(8).default(''),
    region: z.string().max(16).default(''),
  })
  .refine((y) => y.starts <= y.ends, { error: 'the year ends before it starts', path: ['ends'] })
  .refine((y) => y.dayStarts < y.middayStarts, {
    error: 'midday must begin after the day starts',
    path: ['middayStarts'],
  })
  .refine((y) => y.middayStarts < y.afternoonStarts, {
    error: 'the afternoon must begin after midday',
    path: ['afternoonStarts'],
  })
  .refine((y) => y.afternoonStarts < y.dayEnds, {
    error: 'the day must end after the afternoon begins',
    path: ['dayEnds'],
  })
  .refine((y) => y.eveningStarts < y.eveningEnds, {
    error: 'the evening must end after it begins',
    path: ['eveningEnds'],
  })
  .refine((y) => daysOf(y.starts, y.ends) <= LONGEST, {
    error: 'a school year is at most two years long',
    path: ['ends'],
  })
  .superRefine((y, context) => {
    const terms = [...y.terms].sort((a, b) => (a.first < b.first ? -1 : 1));
    terms.forEach((t, i) => {
      if (i && t.first <= terms[i - 1].last)
        context.addIssue({
          code: 'custom',
          path: ['terms'],
          message: `“${t.name}” begins before “${terms[i - 1].name}” has ended`,
        });
    });
    for (const s of y.shortDays)
      if (s.ends <= y.dayStarts || s.ends >= y.dayEnds)
        context.addIssue({
          code: 'custom',
          path: ['shortDays'],
          message: `the shortened day ${s.date} must end between the start and the end of a day`,
        });
  });
export type SchoolYear = z.infer<typeof schoolYear>;

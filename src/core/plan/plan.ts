/**
 * A plan: everything a family has told Hausplan and everything Hausplan has drawn from it. The same
 * shape is the input of the computations, the content of the store and the body of a Hausplan JSON file.
 * Order in a list is order in the plan (children at table, lessons in a unit, parts in a lesson).
 */
import { z } from 'zod';
import {
  clockTime, hatch, id, isoDate, isoMonth, longText, minutes, rung, shortText, skill, weekday, windowName,
} from './measures';
import { BOOK_FORMS, LEADS, PART_KINDS, ROLES } from './words';

export const family = z.strictObject({
  name: shortText,
  /** Minutes a school day the parent can lead. */
  leadMinutes: minutes,
});
export type Family = z.infer<typeof family>;

export const child = z.strictObject({
  id,
  name: z.string().trim().min(1, 'a child needs a name').max(60, 'at most 60 characters'),
  birthMonth: isoMonth,
  hatch,
  /** Minutes of unit work a school day this child can take. */
  minutes,
  /** Rungs set by hand; a skill that is absent stands on the rung proposed from age. */
  rungs: z.partialRecord(skill, rung),
});
export type Child = z.infer<typeof child>;

export const dayOff = z
  .strictObject({ id, first: isoDate, last: isoDate, label: z.string().trim().max(100) })
  .refine((off) => off.first <= off.last, { error: 'the last day off comes before the first', path: ['last'] });
export type DayOff = z.infer<typeof dayOff>;

export const schoolYear = z
  .strictObject({
    starts: isoDate,
    ends: isoDate,
    weekdays: z.array(weekday).min(1, 'choose at least one weekday'),
    /** Rhythm: so many weeks on, so many off; no weeks off means no rhythm. */
    weeksOn: z.int().min(1).max(60),
    weeksOff: z.int().min(0).max(20),
    dayStarts: clockTime,
    middayStarts: clockTime,
    afternoonStarts: clockTime,
    dayEnds: clockTime,
    daysOff: z.array(dayOff),
  })
  .refine((y) => y.starts <= y.ends, { error: 'the year ends before it starts', path: ['ends'] })
  .refine((y) => y.dayStarts < y.middayStarts, { error: 'midday must begin after the day starts', path: ['middayStarts'] })
  .refine((y) => y.middayStarts < y.afternoonStarts, { error: 'the afternoon must begin after midday', path: ['afternoonStarts'] })
  .refine((y) => y.afternoonStarts < y.dayEnds, { error: 'the day must end after the afternoon begins', path: ['dayEnds'] })
  .refine((y) => y.ends.slice(0, 4) <= String(Number(y.starts.slice(0, 4)) + 2), { error: 'a school year is at most two years long', path: ['ends'] });
export type SchoolYear = z.infer<typeof schoolYear>;

export const partKind = z.enum(PART_KINDS);
export type PartKind = z.infer<typeof partKind>;
/** The kinds a new lesson of a unit can begin with. */
export const startKind = z.enum(['read-aloud', 'tell-back', 'copying']);

export const unit = z.strictObject({
  id,
  title: shortText,
  starts: isoDate,
  wishedEnd: isoDate.nullable(),
  /** Fixed pace; null spreads the lessons evenly to the wished end, or gives a lesson a day. */
  lessonsPerWeek: z.int().min(1).max(35).nullable(),
  childIds: z.array(id),
  bigIdeas: z.array(z.string().trim().min(1).max(500)),
  /** What a lesson without its own passage copies from, lines and stanzas as written. */
  passage: longText,
  startKinds: z.array(startKind),
});
export type Unit = z.infer<typeof unit>;

export const topic = z.strictObject({ title: shortText, page: z.int().min(1).max(9999).nullable() });

export const lesson = z.strictObject({
  id,
  unitId: id,
  title: shortText,
  /** Pages of the spine as its contents give them; null when the contents give none. */
  firstPage: z.int().min(1).max(9999).nullable(),
  lastPage: z.int().min(1).max(9999).nullable(),
  topics: z.array(topic),
  passage: longText,
  /** Rungs up (+) or down (−) for one child in this lesson alone. */
  rungMoves: z.record(id, z.int().min(-4).max(4)),
});
export type Lesson = z.infer<typeof lesson>;

export const lead = z.enum(LEADS);

export const part = z.strictObject({
  id,
  lessonId: id,
  kind: partKind,
  title: shortText,
  /** Null: worked out from the pages (reading) or the ladder (telling back, copying). */
  minutes: minutes.nullable(),
  /** What the parent must do. */
  lead,
  window: windowName.nullable(),
  /** Null: every child of the unit. */
  childIds: z.array(id).nullable(),
  fixedDate: isoDate.nullable(),
  /** Hours that must pass after this part before the next one of the lesson (drying, freezing). */
  waitAfterHours: z.int().min(0).max(24 * 60),
  waitLabel: z.string().trim().max(40),
});
export type Part = z.infer<typeof part>;

export const bookForm = z.enum(BOOK_FORMS);
export type BookForm = z.infer<typeof bookForm>;

export const book = z.strictObject({
  id,
  title: shortText,
  authors: z.string().trim().max(200),
  /** ISBN-10, ISBN-13 or home label (EAN-13 with prefix 2), digits only; empty when there is none. */
  label: z.string().max(13),
  form: bookForm,
  pages: z.int().min(1).max(9999).nullable(),
  place: z.string().trim().max(100),
});
export type Book = z.infer<typeof book>;

export const role = z.enum(ROLES);
export type Role = z.infer<typeof role>;

/** A book pulled for a unit and the role it has there; `childId` names the reader of an own book. */
export const pull = z.strictObject({ id, unitId: id, bookId: id, role, childId: id.nullable() });
export type Pull = z.infer<typeof pull>;

/** Pages of a pulled book on a lesson; null pages mean the whole of it. */
export const use = z
  .strictObject({
    id, pullId: id, lessonId: id,
    firstPage: z.int().min(1).max(9999).nullable(),
    lastPage: z.int().min(1).max(9999).nullable(),
  })
  .refine((u) => u.firstPage === null || u.lastPage === null || u.firstPage <= u.lastPage, { error: 'the last page comes before the first', path: ['lastPage'] });
export type Use = z.infer<typeof use>;

/** One child's version of a part. */
export const assignment = z.strictObject({
  partId: id,
  childId: id,
  rung,
  wording: z.string().max(2000),
  minutes,
  /** Minutes of it for which the child needs the parent. */
  parentMinutes: minutes,
  /** Why the amount is what it is; a shorter offer when the full amount is not realistic. */
  note: z.string().max(500),
  /** Changed by hand: kept as it is when the work is given out again. */
  byHand: z.boolean(),
});
export type Assignment = z.infer<typeof assignment>;

/** Why a sitting stands where it does: the constraint that binds it. */
export const reason = z.strictObject({
  kind: z.enum(['done', 'unticked', 'inked', 'by-hand', 'fixed', 'kept', 'pace', 'full', 'wait', 'with-lesson']),
  /** Who was full, or which part is waited for. */
  of: z.string().max(64).optional(),
  /** The day that was full, or the day a wait ends. */
  date: isoDate.optional(),
});
export type Reason = z.infer<typeof reason>;

/** A part on a day and in a window. */
export const sitting = z.strictObject({
  id, partId: id, date: isoDate, window: windowName, state: z.enum(['pencil', 'ink']), reason,
});
export type Sitting = z.infer<typeof sitting>;

/** What happened. `childId` null speaks for the whole part. Never rewritten by a lay-out. */
export const mark = z.strictObject({
  id, partId: id, childId: id.nullable(), date: isoDate, outcome: z.enum(['done', 'missed']), note: z.string().max(500),
});
export type Mark = z.infer<typeof mark>;

export const plan = z.strictObject({
  family: family.nullable(),
  year: schoolYear.nullable(),
  children: z.array(child),
  units: z.array(unit),
  lessons: z.array(lesson),
  parts: z.array(part),
  books: z.array(book),
  pulls: z.array(pull),
  uses: z.array(use),
  assignments: z.array(assignment),
  sittings: z.array(sitting),
  marks: z.array(mark),
});
export type Plan = z.infer<typeof plan>;

export const EMPTY_PLAN: Plan = {
  family: null, year: null, children: [], units: [], lessons: [], parts: [], books: [], pulls: [], uses: [],
  assignments: [], sittings: [], marks: [],
};

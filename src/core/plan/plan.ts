/**
 * A plan: everything a family has told Hausplan and everything Hausplan has drawn from it. The same
 * shape is the input of the computations, the content of the store and the body of a Hausplan JSON file.
 * Order in a list is order in the plan (children at table, lessons in a unit, parts in a lesson).
 */
import { z } from 'zod';
import { appointment } from './appointment';
import { adult, thingInHouse } from './household';
import { book } from './book';
import { entry } from './entry';
import { lesson, outline, part, pattern, rule } from './lesson';
import { card, loan, reading } from './loan';
import {
  hatch,
  id,
  isoDate,
  isoMonth,
  minutes,
  rung,
  shortText,
  skill,
  subject,
  weekday,
  windowName,
} from './measures';
import { idea, objective, question, unit } from './unit';
import { FELT, JOINED_HANDS, KEEPS, PART_KINDS, PRINT_HANDS, ROLES, SPINE_READ, WRITES } from './words';
import { work } from './work';
import { schoolYear } from './year';

export const family = z.strictObject({
  name: shortText,
  /** Minutes a school day the parent can lead. */
  leadMinutes: minutes,
  /** Foods the household must not meet: hazelnut, milk. */
  allergies: z.array(z.string().trim().min(1).max(40)).max(40).default([]),
  /** Days over which a lesson can be stretched. */
  patterns: z.array(pattern).max(20).default([]),
  /** What a kind of work counts for, by kind: `copying` for handwriting and language. */
  countsFor: z.partialRecord(z.enum(PART_KINDS), z.array(subject).max(6)).default({}),
  /** Minutes a school day for what is said again, the share of it that is to be remembered, in hundredths, and what follows when all was known. */
  recall: z
    .strictObject({
      minutes: z.int().min(0).max(60),
      retention: z.int().min(70).max(97),
      reward: z.string().trim().max(100).default(''),
    })
    .default({ minutes: 8, retention: 90, reward: '' }),
  /** How an hour counts that serves several subjects: in full for each, or shared out among them. */
  hours: z.enum(['in full', 'shared']).default('in full'),
  /** A school day is kept when anything of school was written down; when a child had so many minutes; when so many parts were done. */
  keeps: z
    .strictObject({ by: z.enum(KEEPS), least: z.int().min(1).max(600) })
    .default({ by: 'anything', least: 1 }),
  /** Of a hundred school days, so many as the family expects to keep. */
  daysExpected: z.int().min(10).max(100).default(90),
  /** Kits are numbered through their unit, or through the year. */
  kitNumbers: z.enum(['unit', 'year']).default('unit'),
  /** The library card; null without one. */
  card: card.nullable().default(null),
  /** Where the family lives, and customs it has said itself; null follows the country. */
  lives: z
    .strictObject({
      country: z.string().max(8),
      region: z.string().max(8),
      dates: z.enum(['day first', 'month first']).nullable(),
      clock: z.union([z.literal(12), z.literal(24)]).nullable(),
      paper: z.enum(['A4', 'letter']).nullable(),
      measures: z.enum(['metric', 'customary']).nullable().default(null),
      spelling: z.enum(['British', 'American']).nullable().default(null),
      /** ISO weekday, 1 Monday to 7 Sunday. */
      weekStarts: weekday.nullable().default(null),
    })
    .nullable()
    .default(null),
  /** The models of handwriting to copy from: of print and of joined letters; null where nobody has said. */
  hands: z
    .strictObject({ print: z.enum(PRINT_HANDS), joined: z.enum(JOINED_HANDS) })
    .nullable()
    .default(null),
});
export type Family = z.infer<typeof family>;

/** How fast something went, as it was measured: so much in so many minutes, over so many sittings. */
export const measure = z.strictObject({
  amount: z.int().min(1).max(1_000_000),
  minutes: z.int().min(1).max(100_000),
  on: z.int().min(1).max(1000),
});
export type Measure = z.infer<typeof measure>;

export const child = z.strictObject({
  id,
  name: z.string().trim().min(1, 'a child needs a name').max(60, 'at most 60 characters'),
  birthMonth: isoMonth,
  hatch,
  /** Minutes of unit work a school day this child can take. */
  minutes,
  /** Rungs set by hand; a skill that is absent stands on the rung proposed from age. */
  rungs: z.partialRecord(skill, rung),
  /** Puts things in the mouth, whatever the age. */
  mouths: z.boolean().default(false),
  /** Writes print or joined letters; null for what goes with the age. */
  writes: z.enum(WRITES).nullable().default(null),
  /** What was measured of the child in years that are closed: words read alone, letters copied. It holds until this year says better. */
  measured: z
    .strictObject({ reading: measure.nullable(), hand: measure.nullable() })
    .default({ reading: null, hand: null }),
});
export type Child = z.infer<typeof child>;

export const role = z.enum(ROLES);
export type Role = z.infer<typeof role>;

export const spineRead = z.enum(SPINE_READ);
export type SpineRead = z.infer<typeof spineRead>;

/** A book pulled for a unit and the role it has there; on the piles of several children, their own reading. */
export const pull = z.strictObject({
  id,
  unitId: id,
  bookId: id,
  role,
  /** Who reads it alone; nobody named: whoever's of the unit. */
  childIds: z.array(id).max(8).default([]),
  /** How it is read, where it leads the unit; of a unit's several spines each can be for other readers. */
  read: spineRead.default('aloud'),
});
export type Pull = z.infer<typeof pull>;

/** Pages of a pulled book on a lesson; null pages mean the whole of it. */
export const use = z
  .strictObject({
    id,
    pullId: id,
    lessonId: id,
    firstPage: z.int().min(1).max(9999).nullable(),
    lastPage: z.int().min(1).max(9999).nullable(),
  })
  .refine((u) => u.firstPage === null || u.lastPage === null || u.firstPage <= u.lastPage, {
    error: 'the last page comes before the first',
    path: ['lastPage'],
  });
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
  /** What there is to show for it, and what it takes. */
  produces: z.string().max(200).default(''),
  supplies: z.string().max(200).default(''),
  /** Changed by hand: kept as it is when the work is given out again. */
  byHand: z.boolean(),
});
export type Assignment = z.infer<typeof assignment>;

/** Why a sitting stands where it does: the constraint that binds it. */
export const reason = z.strictObject({
  kind: z.enum([
    'done',
    'unticked',
    'inked',
    'by-hand',
    'fixed',
    'kept',
    'pace',
    'full',
    'half-days-full',
    'not-there',
    'wait',
    'with-lesson',
    'closes',
    'comes-back',
  ]),
  /** Who was full, or which part is waited for. */
  of: z.string().max(64).optional(),
  /** The day that was full, or the day a wait ends. */
  date: isoDate.optional(),
});
export type Reason = z.infer<typeof reason>;

/** A part on a day and in a window. */
export const sitting = z.strictObject({
  id,
  partId: id,
  date: isoDate,
  window: windowName,
  state: z.enum(['pencil', 'ink']),
  reason,
});
export type Sitting = z.infer<typeof sitting>;

/** What an entry says of a part that is in the plan. `childId` null speaks for the whole part. Never rewritten by a lay-out. */
export const mark = z.strictObject({
  id,
  partId: id,
  childId: id.nullable(),
  date: isoDate,
  outcome: z.enum(['done', 'missed']),
  note: z.string().max(500),
  /** How it went for the child, and the rung it was on. */
  felt: z.enum(FELT).nullable().default(null),
  rung: rung.nullable().default(null),
  /** Minutes it took, and the letters written in them where it was copying: the measure of a child's own hand. */
  minutes: minutes.nullable().default(null),
  letters: z.int().min(0).max(100_000).nullable().default(null),
});
export type Mark = z.infer<typeof mark>;

/** The household and one school year: what the computations, the edits and the sheets work on. */
export const slice = z.strictObject({
  family: family.nullable(),
  year: schoolYear.nullable(),
  adults: z.array(adult).max(12).default([]),
  appointments: z.array(appointment).max(1000).default([]),
  children: z.array(child),
  units: z.array(unit),
  objectives: z.array(objective).default([]),
  questions: z.array(question).default([]),
  ideas: z.array(idea).default([]),
  lessons: z.array(lesson),
  parts: z.array(part),
  rules: z.array(rule).default([]),
  outlines: z.array(outline).default([]),
  works: z.array(work).default([]),
  pantry: z.array(thingInHouse).max(500).default([]),
  books: z.array(book),
  pulls: z.array(pull),
  uses: z.array(use),
  loans: z.array(loan).default([]),
  readings: z.array(reading).default([]),
  assignments: z.array(assignment),
  sittings: z.array(sitting),
  marks: z.array(mark),
  entries: z.array(entry).default([]),
});
export type Slice = z.infer<typeof slice>;

/** A school year that is over: it is looked at, and never drawn again. */
export const closedYear = z.strictObject({
  id,
  starts: isoDate,
  ends: isoDate,
  /** The moment it was closed, UTC. */
  closedAt: z.iso.datetime(),
  /** How everything stood when it was closed; null while it lies in the store and nobody has asked for it. */
  slice: slice.nullable(),
});
export type ClosedYear = z.infer<typeof closedYear>;

/** The household and its open year, and the years before it. */
export const plan = slice.extend({ closedYears: z.array(closedYear).max(60).default([]) });
export type Plan = z.infer<typeof plan>;

export const EMPTY_PLAN: Plan = {
  family: null,
  year: null,
  adults: [],
  appointments: [],
  children: [],
  units: [],
  objectives: [],
  questions: [],
  ideas: [],
  lessons: [],
  parts: [],
  rules: [],
  outlines: [],
  works: [],
  pantry: [],
  books: [],
  pulls: [],
  uses: [],
  loans: [],
  readings: [],
  assignments: [],
  sittings: [],
  marks: [],
  entries: [],
  closedYears: [],
};

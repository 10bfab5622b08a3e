/** The shape of lessons, of parts (what can be placed), and of the rules by which parts come back. */
import { z } from 'zod';
import {
  amount,
  id,
  isoDate,
  longText,
  minutes,
  pieceId,
  rungMoves,
  shortText,
  weekday,
  windowName,
} from './measures';
import { LEADS, PART_KINDS, SWAP_KINDS } from './words';
import { taste } from './unit';

export const partKind = z.enum(PART_KINDS);
export type PartKind = z.infer<typeof partKind>;

export const topic = z.strictObject({ title: shortText, page: z.int().min(1).max(9999).nullable() });

/** A question for the next lesson's opening and for a quiz, in an easy and a hard form; the answer is kept apart from it. */
export const recallPrompt = z.strictObject({
  id: pieceId,
  easy: z.string().trim().max(300),
  hard: z.string().trim().max(300),
  answer: z.string().trim().max(300).default(''),
});
export type RecallPrompt = z.infer<typeof recallPrompt>;

export const lesson = z.strictObject({
  id,
  unitId: id,
  title: shortText,
  objective: z.string().trim().max(500).default(''),
  /** Objectives of the unit that this lesson meets. */
  objectiveIds: z.array(id).default([]),
  /** May be left out when days run short. */
  optional: z.boolean().default(false),
  /** Left out this time: what was not done of it stands on no day. */
  leftOut: z.boolean().default(false),
  /** Builds on the lessons before it. Lessons that build on nothing may change places. */
  buildsOn: z.boolean().default(true),
  /** Pages of the spine as its contents give them; null when the contents give none. */
  firstPage: z.int().min(1).max(9999).nullable(),
  lastPage: z.int().min(1).max(9999).nullable(),
  topics: z.array(topic),
  passage: longText,
  recall: z.array(recallPrompt).max(20).default([]),
  /** Where its kit stands: hall shelf, box 3. */
  kitPlace: z.string().trim().max(80).default(''),
  /** Small parts in it that are counted when they come back. */
  kitCounts: z
    .array(z.strictObject({ what: z.string().trim().min(1).max(80), pieces: z.int().min(1).max(10_000) }))
    .max(20)
    .default([]),
  /** Rungs up (+) or down (−) for one child in this lesson alone. */
  rungMoves,
});
export type Lesson = z.infer<typeof lesson>;

export const lead = z.enum(LEADS);

/** Something used up or laid ready: `alum 12 g`, `skeins 3`; for the whole table, or for each child. */
export const supply = z.strictObject({
  id: pieceId,
  name: z.string().trim().min(1, 'a supply needs a name').max(80),
  /** Of a range (“2 to 3 skeins”) the most. */
  amount: amount.nullable(),
  /** Of a range the least that will do; null: the amount is no range. */
  least: amount.nullable().default(null),
  unit: z.string().trim().max(20),
  each: z.boolean().default(false),
  /** Days it keeps once it is bought; null: long enough. */
  keepsDays: z.int().min(1).max(365).nullable().default(null),
});
export type Supply = z.infer<typeof supply>;

/** Something to be done ahead: on the day (0), the evening before (1), or so many days before. */
export const preparation = z.strictObject({
  id: pieceId,
  what: z.string().trim().min(1, 'say what to prepare').max(200),
  daysBefore: z.int().min(0).max(365),
  /** Minutes it takes; null: nobody has said. */
  minutes: minutes.nullable().default(null),
  /** Not more than so many days before; null: as early as one likes. */
  atMostBefore: z.int().min(0).max(365).nullable().default(null),
});
export type Preparation = z.infer<typeof preparation>;

const age = z.int().min(0).max(21).nullable().default(null);

/** What is done in a part, apart from where it stands and who takes part. An outline keeps the same for another time. */
const doing = {
  kind: partKind,
  title: shortText,
  /** Null: worked out from the pages (reading) or the ladder (telling back, copying). */
  minutes: minutes.nullable(),
  /** What the parent must do. */
  lead,
  window: windowName.nullable(),
  directions: longText.default(''),
  /** Asked before a demonstration: what will happen? */
  prediction: z.string().trim().max(300).default(''),
  outdoors: z.boolean().default(false),
  /** What is done instead when the weather is against it. */
  indoors: z.string().trim().max(200).default(''),
  supplies: z.array(supply).max(60).default([]),
  preparations: z.array(preparation).max(30).default([]),
  /** Things that exist once in the house and are needed: the laptop, the kitchen. */
  needs: z.array(z.string().trim().min(1).max(40)).max(10).default([]),
  /** Hours that must pass after this part before the next one of the lesson (drying, freezing). */
  waitAfterHours: z
    .int()
    .min(0)
    .max(24 * 60),
  waitLabel: z.string().trim().max(40),
  /** The ages it is meant for, as its maker or the family says; null leaves an end open. */
  ageFrom: age,
  ageTo: age,
};

/** What one child does instead, and why. */
export const swap = z.strictObject({
  kind: z.enum(SWAP_KINDS),
  why: z.string().trim().min(1, 'say why').max(200),
});
export type Swap = z.infer<typeof swap>;

/** What could be done instead of a part, by the same children; of the alternatives one stands. */
export const alternative = z.strictObject({ id, ...doing });
export type Alternative = z.infer<typeof alternative>;

export const part = z.strictObject({
  id,
  /** The lesson it belongs to; null for a part of the unit or, with no unit either, of the family. */
  lessonId: id.nullable(),
  unitId: id.nullable().default(null),
  /** The rule that brings it back; null for a part that was made by hand. */
  ruleId: id.nullable().default(null),
  ...doing,
  alternatives: z.array(alternative).max(12).default([]),
  /** Null: every child of the unit, or of the family. */
  childIds: z.array(id).nullable(),
  optional: z.boolean().default(false),
  fixedDate: isoDate.nullable(),
  /** The adult who leads it in the parent's place; null: the parent. */
  adultId: id.nullable().default(null),
  /** The parent can lead it as well as that adult, whoever is free. */
  orParent: z.boolean().default(false),
  /** Only on this weekday; where that day has no school, on the nearest school day of its week. */
  weekday: weekday.nullable().default(null),
  earliest: isoDate.nullable().default(null),
  latest: isoDate.nullable().default(null),
  /** Cautions the parent has noted as seen. */
  seen: z.array(z.string().max(40)).max(40).default([]),
  /** Rungs up (+) or down (−) for one child in this part alone, beside those of the lesson. */
  rungMoves: rungMoves.default({}),
  /** Children who do something else instead. */
  swaps: z.record(id, swap).default({}),
  /** Of an `own-kind`: the family's kind of work it is of. */
  workId: id.nullable().default(null),
  /** Of `teaching`: the part whose work the younger child does with the elder. */
  teaches: id.nullable().default(null),
});
export type Part = z.infer<typeof part>;

/** An activity the family has done well and keeps for another time. */
export const outline = z.strictObject({ id, ...doing, taste: taste.nullable() });
export type Outline = z.infer<typeof outline>;

const everyWeeks = z.int().min(1).max(52);
const startWeek = z.int().min(1).max(52);
/** When a rule's parts come. Weeks of a unit are its school weeks, those of the family calendar weeks; both count from 1. */
export const rhythm = z.discriminatedUnion('on', [
  z.strictObject({ on: z.literal('day') }),
  z.strictObject({ on: z.literal('weekday'), weekday, everyWeeks, startWeek }),
  z.strictObject({ on: z.literal('week-first'), everyWeeks, startWeek }),
  z.strictObject({ on: z.literal('week-last'), everyWeeks, startWeek }),
  z.strictObject({ on: z.literal('lesson'), place: z.enum(['first', 'last']) }),
  z.strictObject({
    on: z.literal('after'),
    partId: id,
    everyDays: z.int().min(1).max(60),
    times: z.int().min(1).max(60),
  }),
]);
export type Rhythm = z.infer<typeof rhythm>;

/** A part that comes back: made into real parts only as far as the plan reaches. */
export const rule = z.strictObject({
  id,
  /** Null: the family's, whatever unit is running. */
  unitId: id.nullable(),
  title: shortText,
  kind: partKind,
  minutes,
  lead,
  /** The adult who leads it in the parent's place; the parent as well, where it says so. */
  adultId: id.nullable().default(null),
  orParent: z.boolean().default(false),
  window: windowName.nullable(),
  childIds: z.array(id).nullable(),
  /** What each of its parts takes. */
  supplies: z.array(supply).max(60).default([]),
  rhythm,
  /** What the parts are called when they are counted: `strip`, `chapter`, `card`. Empty: they are not. */
  piece: z.string().trim().max(40).default(''),
  /** So many of something each time: five questions, ten cards. */
  amount: z.int().min(1).max(10_000).nullable().default(null),
  /** Up to so many, where it is a range: five to eight. */
  amountTo: z.int().min(1).max(10_000).nullable().default(null),
  amountOf: z.string().trim().max(40).default(''),
  /** The growing project is put together after the last lesson. */
  assembly: z.strictObject({ title: shortText, minutes }).nullable().default(null),
  /** What comes, one each time, in order; when all have come it ends. Empty: the same each time. */
  steps: z
    .array(z.strictObject({ title: shortText, minutes }))
    .max(400)
    .default([]),
  first: isoDate.nullable().default(null),
  last: isoDate.nullable().default(null),
});
export type Rule = z.infer<typeof rule>;

/** Days a lesson is stretched over: each takes its share of the parts; `closes` gets the close. */
export const pattern = z.strictObject({
  id,
  name: shortText,
  days: z
    .array(z.strictObject({ weekday, closes: z.boolean() }))
    .min(1)
    .max(7),
});
export type Pattern = z.infer<typeof pattern>;

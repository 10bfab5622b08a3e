/** The shape of a unit study, and of what is gathered for it before there is a lesson: objectives, questions, ideas. */
import { z } from 'zod';
import { clockTime, id, isoDate, longText, minutes, pieceId, shortText, subject } from './measures';
import { IDEA_BECOMES, SEASONS, SHOWS, TASTES } from './words';

/** The kinds a new lesson of a unit can begin with. */
export const startKind = z.enum(['read-aloud', 'tell-back', 'copying', 'word-list', 'notebook']);

export const taste = z.enum(TASTES);
export type Taste = z.infer<typeof taste>;
export const season = z.enum(SEASONS);
export type Season = z.infer<typeof season>;
export const show = z.enum(SHOWS);
export type Show = z.infer<typeof show>;

const line = z.string().trim().min(1).max(500);

export const talkEvening = z.strictObject({
  date: isoDate,
  starts: clockTime,
  talks: z
    .array(
      z.strictObject({
        childId: id,
        topic: shortText,
        minutes: z.int().min(1).max(120),
      }),
    )
    .max(16),
});
export type TalkEvening = z.infer<typeof talkEvening>;

export const unit = z.strictObject({
  id,
  title: shortText,
  /** Waits for its turn: it stands on no day, and its start says nothing yet. */
  waiting: z.boolean().default(false),
  starts: isoDate,
  /** A hard end. With neither end nor pace the unit is open: a lesson a day until interest ends. */
  wishedEnd: isoDate.nullable(),
  /** Fixed pace; null spreads the lessons evenly to the wished end, or gives a lesson a day. */
  lessonsPerWeek: z.int().min(1).max(35).nullable(),
  /** Up to so many a week where the wished end asks for it; null: no more than the pace. */
  mostPerWeek: z.int().min(1).max(35).nullable().default(null),
  /** What the family hopes or guesses it takes, before there are lessons to count. */
  hopedWeeks: z.int().min(1).max(60).nullable().default(null),
  /** Who is in it: takes part in all of it, with work of their own. */
  childIds: z.array(id),
  /** Who listens in: takes part in what is done together, with no work of their own. All others are only about. */
  listens: z.array(id).max(8).default([]),
  /** The unit it follows in a row: it does not begin before that one has ended. */
  after: id.nullable().default(null),
  /** Since when it is done, or was enough: what was not taught of it is left over, and stands on no day. */
  closedOn: isoDate.nullable().default(null),
  /** Subjects that all that is done in it counts for, beside those of its kind. */
  subjects: z.array(subject).max(12).default([]),
  goals: longText.default(''),
  bigIdeas: z.array(line),
  vocabulary: z
    .array(
      z.strictObject({
        id: pieceId,
        word: z.string().trim().min(1).max(80),
        meaning: z.string().trim().max(300),
      }),
    )
    .max(500)
    .default([]),
  /** What is learnt by heart: a verse, a passage, a list. */
  memoryWork: z
    .array(z.strictObject({ id: pieceId, text: line }))
    .max(100)
    .default([]),
  /** What a lesson without its own passage copies from, lines and stanzas as written. */
  passage: longText,
  startKinds: z.array(startKind),
  taste: z.array(taste).default([]),
  /** Money in minor units; minutes of preparation a week. Null: no limit. */
  moneyLimit: z.int().min(0).max(100_000_000).nullable().default(null),
  prepLimit: minutes.nullable().default(null),
  /** How each child shows what they know here; a child who is absent tells it back. */
  shows: z.partialRecord(id, show).default({}),
  /** Season it is wished for, why, and whether it has been taught before and comes back deeper. */
  season: season.nullable().default(null),
  wish: z.string().trim().max(200).default(''),
  deeper: z.boolean().default(false),
  askedBy: id.nullable().default(null),
  /** The unit that is taught again here, as it was called; it may be of a year that is closed. */
  repeats: z
    .strictObject({ unitId: id, title: shortText, closedOn: isoDate.nullable() })
    .nullable()
    .default(null),
  /** An evening on which the children say what they know: when, and in which order who speaks on what. */
  talks: talkEvening.nullable().default(null),
});
export type Unit = z.infer<typeof unit>;

/** What the children should know or be able to do; `code` names it in a list of standards. Lessons are tied to it. */
export const objective = z.strictObject({
  id,
  unitId: id,
  code: z.string().trim().max(40),
  wording: z.string().trim().min(1, 'an objective needs words').max(500),
});
export type Objective = z.infer<typeof objective>;

/** A question a child asked along the way; open while it has no answer. */
export const question = z.strictObject({
  id,
  unitId: id,
  childId: id.nullable(),
  text: z.string().trim().min(1, 'write the question').max(300),
  asked: isoDate.nullable(),
  answer: z.string().trim().max(1000),
});
export type Question = z.infer<typeof question>;

/** An idea of the brainstorm: whom it suits, and what became of it. */
export const idea = z.strictObject({
  id,
  unitId: id,
  text: shortText,
  childIds: z.array(id),
  becomes: z.enum(IDEA_BECOMES),
});
export type Idea = z.infer<typeof idea>;

/** What happened: a fact that no change of plan can take away. A correction is another fact, which withdraws it. */
import { z } from 'zod';
import { amountLeft, id, isoDate, minutes } from './measures';
import { ENTRY_KINDS, FELT } from './words';

/** What a fact was about, as it was when it happened: it says so still when the lesson or the child is long gone. */
export const about = z.strictObject({
  child: z.string().max(200).default(''),
  unit: z.string().max(200).default(''),
  lesson: z.string().max(200).default(''),
  title: z.string().max(500).default(''),
  /** The kind of part. */
  kind: z.string().max(64).default(''),
  subject: z.string().max(200).default(''),
  rung: z.int().min(1).max(5).nullable().default(null),
});
export type About = z.infer<typeof about>;

/** A file of the work: named by what is in it (SHA-256), so that it is kept once and never written over. */
export const fileName = z.string().regex(/^[0-9a-f]{64}\.(png|jpg|webp|pdf)$/, 'no name of a kept file');

const fields = z.strictObject({
  id,
  /** The moment it was written down, UTC, as `2026-10-28T14:05:00.000Z`. */
  at: z.iso.datetime(),
  /** The day it is of. */
  date: isoDate,
  kind: z.enum(ENTRY_KINDS),
  /** Whom it is of; null for all who took part. These and those below may be gone. */
  childId: id.nullable(),
  adultId: id.nullable().default(null),
  partId: id.nullable(),
  lessonId: id.nullable().default(null),
  objectiveId: id.nullable().default(null),
  promptId: id.nullable().default(null),
  preparationId: id.nullable().default(null),
  bookId: id.nullable(),
  about: about.prefault({}),
  minutes: minutes.nullable().default(null),
  pages: z.int().min(1).max(2000).nullable().default(null),
  /** Letters written, where it was copying: with the minutes the measure of a child's own hand. */
  letters: z.int().min(0).max(100_000).nullable().default(null),
  /** So much of something that was used or bought, so many small parts that came back. */
  amount: amountLeft.nullable().default(null),
  unit: z.string().trim().max(20).default(''),
  felt: z.enum(FELT).nullable().default(null),
  /** How well it was known when it was asked: forgotten, with effort, known, at once; how far an objective is met: not yet, with help, alone; what becomes of it: drop, change, keep. */
  grade: z.int().min(1).max(4).nullable().default(null),
  note: z.string().max(500).default(''),
  /** The name of a file kept in the folder beside the store. */
  file: fileName.nullable().default(null),
  /** The entry that is no longer in force because of this one. */
  withdraws: id.nullable().default(null),
});

/** What each kind cannot be without. */
const NEEDS = {
  done: ['partId'],
  missed: ['partId'],
  read: ['childId', 'pages', 'minutes'],
  prepared: ['preparationId'],
  used: ['partId'],
  bought: [],
  printed: ['partId', 'childId'],
  packed: ['lessonId'],
  counted: ['lessonId', 'amount'],
  asked: ['promptId', 'childId', 'grade'],
  checked: ['childId', 'grade'],
  attended: ['childId'],
  talked: ['childId'],
  loved: ['partId'],
  judged: ['grade'],
  noted: ['note'],
  otherwise: ['partId'],
  longer: ['partId', 'minutes'],
  kept: ['file'],
  help: ['childId'],
  early: ['childId'],
  withdrawn: ['withdraws'],
} as const satisfies Record<(typeof ENTRY_KINDS)[number], readonly (keyof z.infer<typeof fields>)[]>;

export const entry = fields.superRefine((e, context) => {
  for (const field of NEEDS[e.kind])
    if (e[field] === null || e[field] === '')
      context.addIssue({ code: 'custom', path: [field], message: `an entry “${e.kind}” must say this` });
});
export type Entry = z.infer<typeof entry>;

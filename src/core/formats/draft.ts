/** Lessons on their way into a plan, whatever they were read from: a guide, a table, a pack of activities, cards, questions. */
import { z } from 'zod';
import { lesson, outline, part } from '../plan/lesson';

const doing = outline.omit({ id: true, taste: true });

export const draftPart = doing.extend({
  optional: part.shape.optional,
  earliest: part.shape.earliest,
  weekday: part.shape.weekday,
  /** What could be done instead; it waits in the part. */
  alternatives: z.array(doing).max(12).default([]),
});
export type DraftPart = z.infer<typeof draftPart>;
export type DraftAlternative = DraftPart['alternatives'][number];

export const draft = lesson
  .pick({
    title: true,
    objective: true,
    firstPage: true,
    lastPage: true,
    topics: true,
    recall: true,
    optional: true,
  })
  .extend({
    parts: z.array(draftPart).max(40),
    words: z.array(z.string().trim().min(1).max(80)).max(60),
    /** Codes of objectives of the unit that the lesson meets. */
    objectiveCodes: z.array(z.string().trim().min(1).max(40)).max(30).default([]),
    /** Big ideas of the unit that are named at it. */
    bigIdeas: z.array(z.string().trim().min(1).max(500)).max(20).default([]),
  });
export type Draft = z.infer<typeof draft>;

/** What is wrong with a line or row of what was read. */
export interface LineFault {
  /** Line of the paste or row of the file, from 1. */
  line: number;
  what: string;
}

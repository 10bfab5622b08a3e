/** Lessons on their way into a plan, whatever they were read from: a guide, a table, a pack of activities, cards, questions. */
import { z } from 'zod';
import { lesson, outline } from '../plan/lesson';

export const draftPart = outline.omit({ id: true, taste: true });
export type DraftPart = z.infer<typeof draftPart>;

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
  .extend({ parts: z.array(draftPart).max(40), words: z.array(z.string().trim().min(1).max(80)).max(60) });
export type Draft = z.infer<typeof draft>;

/** What is wrong with a line or row of what was read. */
export interface LineFault {
  /** Line of the paste or row of the file, from 1. */
  line: number;
  what: string;
}

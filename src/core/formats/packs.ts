/** Other things lessons are made from: a pack of activities, a list of questions. */
import { readActivity } from './activity-line';
import type { DatesWritten } from '../calendar/customs';
import { blankDraft, blankDraftPart } from './blank-draft';
import type { Draft, DraftPart, LineFault } from './draft';

/** Activities, one to a line; lines that name none are pointed at. */
export function readActivities(
  text: string,
  dates: DatesWritten,
): {
  activities: (DraftPart & { line: number })[];
  faults: LineFault[];
} {
  const activities: (DraftPart & { line: number })[] = [];
  const faults: LineFault[] = [];
  text.split(/\r\n|\r|\n/).forEach((raw, i) => {
    if (!raw.trim()) return;
    const read = readActivity(raw, dates);
    if (read) activities.push({ line: i + 1, ...read });
    else faults.push({ line: i + 1, what: 'it names nothing to do' });
  });
  return { activities, faults };
}

/** A lesson for so many activities each, in order. */
export function draftsFromActivities(activities: readonly DraftPart[], perLesson: number): Draft[] {
  return chunks(activities, perLesson).map((parts) => ({
    ...blankDraft,
    title:
      parts.length === 1
        ? parts[0].title
        : `${parts[0].title} and ${parts.length === 2 ? parts[1].title.toLowerCase() : `${parts.length - 1} more`}`.slice(
            0,
            200,
          ),
    parts: [...parts],
  }));
}

/** Activities dealt to so many lessons, in order and as evenly as can be: for each activity its lesson, from 0. */
export function dealtToLessons(activities: number, lessons: number): number[] {
  return Array.from({ length: activities }, (_, i) => Math.floor((i * lessons) / Math.max(1, activities)));
}

/** A lesson for each question: what we think, looking it up, and what we found. */
export function draftsFromQuestions(text: string): Draft[] {
  return text
    .split(/\r\n|\r|\n/)
    .map((l) => l.trim().replace(/^(?:[•·▪*–-]|\d{1,4}[.)])\s+/u, ''))
    .filter(Boolean)
    .map((question) => ({
      ...blankDraft,
      title: question.slice(0, 200),
      objective: `Answer: ${question}`.slice(0, 500),
      parts: [
        {
          ...blankDraftPart,
          kind: 'talk',
          title: 'What do we think, and why?',
          minutes: 10,
          window: 'morning',
          prediction: question.slice(0, 300),
        },
        {
          ...blankDraftPart,
          kind: 'looking-up',
          title: 'Find out',
          minutes: 30,
          lead: 'near',
          window: 'morning',
        },
      ],
      recall: [{ id: '', easy: question.slice(0, 300), hard: '', answer: '' }],
    }));
}

function chunks<T>(items: readonly T[], size: number): T[][] {
  const n = Math.max(1, Math.floor(size));
  return Array.from({ length: Math.ceil(items.length / n) }, (_, i) => items.slice(i * n, (i + 1) * n));
}

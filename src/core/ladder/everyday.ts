/** What goes on day by day: practice, and a child's own reading. */
import type { Rung } from '../plan/measures';
import type { Writer } from './handwriting';
import { count } from '../plan/called';
import { plain, type Version } from './version';
import { wordingFor } from './wordings';

/** Tasks of practice, and minutes for each, by rung. Common practice, no source. */
const TASKS: Record<Rung, number> = { 1: 3, 2: 5, 3: 8, 4: 10, 5: 12 };
const A_TASK: Record<Rung, number> = { 1: 1.5, 2: 1.5, 3: 1.5, 4: 1.5, 5: 2 };

/** @param tasks so many instead of the rung's own; never more than fit into one stretch of attention */
export function practiceVersion(rung: Rung, { stretch }: Writer, tasks: number | null = null): Version {
  const asked = tasks ?? TASKS[rung];
  const n = Math.max(1, Math.min(asked, Math.floor(stretch / A_TASK[rung])));
  const amount = count(n, 'task');
  const minutes = Math.ceil(n * A_TASK[rung]);
  return {
    ...plain,
    rung,
    amount,
    minutes,
    parentMinutes: rung === 1 ? minutes : rung === 2 ? Math.min(4, minutes) : 0,
    wording: wordingFor('practice', rung, { amount }),
    note:
      n < asked
        ? `${count(asked, 'task')} would take ${Math.ceil(asked * A_TASK[rung])} min, more than the ${stretch} min that suit this age. Offered: ${n}.`
        : '',
  };
}

/**
 * A child's own reading.
 * @param what title and pages; empty where no book of their own is on the lesson
 * @param minutes by the child's measured rate, else the table's
 */
export function ownReadingVersion(rung: Rung, what: string, minutes: number): Version {
  const wording = what
    ? wordingFor('own-reading', rung, { book: what })
    : wordingFor('own-reading of any book', rung);
  return { ...plain, rung, wording, amount: what, minutes, parentMinutes: 0 };
}

/** What goes on day by day: practice, and a child's own reading. */
import type { Rung } from '../plan/measures';
import type { Writer } from './handwriting';
import { count, plain, type Version } from './version';

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
    ...plain, rung, amount, minutes, parentMinutes: rung === 1 ? minutes : rung === 2 ? Math.min(4, minutes) : 0,
    wording: { 1: `Count, match or sort real things: ${amount}`, 2: `${amount}, with things to count by`, 3: amount, 4: `${amount}; check them yourself`, 5: `${amount}; check them, and say where you went wrong` }[rung],
    note: n < asked ? `${count(asked, 'task')} would take ${Math.ceil(asked * A_TASK[rung])} min, more than the ${stretch} min that suit this age. Offered: ${n}.` : '',
  };
}

/**
 * A child's own reading.
 * @param what title and pages; empty where no book of their own is on the lesson
 * @param minutes by the child's measured rate, else the table's
 */
export function ownReadingVersion(rung: Rung, what: string, minutes: number): Version {
  const wording = what
    ? { 1: `Look at ${what}, and tell what you see`, 2: `Read ${what}, a finger under the line`, 3: `Read ${what}`, 4: `Read ${what}, and tell what was new`, 5: `Read ${what}, and note what was new` }[rung]
    : { 1: 'Look through a book from the basket', 2: 'Read a page or two of a book from the basket', 3: 'Read a few pages of a book of your own', 4: 'Read a chapter of a book of your own', 5: 'Read a chapter of a book of your own, and note what was new' }[rung];
  return { ...plain, rung, wording, amount: what, minutes, parentMinutes: 0 };
}

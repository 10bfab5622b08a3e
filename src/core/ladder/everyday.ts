/** What goes on day by day: practice, and a child's own reading. */
import type { Rung } from '../plan/measures';
import { READS_FROM } from '../books/reading';
import { amountOn, type Writer } from './handwriting';
import type { Material } from './material';
import { count } from '../plan/called';
import { plain, type Version } from './version';
import { wordingFor } from './wordings';

/** Tasks of practice, and minutes for each, by rung. Common practice, no source. */
const TASKS: Record<Rung, number> = { 1: 3, 2: 5, 3: 8, 4: 10, 5: 12 };
const A_TASK: Record<Rung, number> = { 1: 1.5, 2: 1.5, 3: 1.5, 4: 1.5, 5: 2 };

/** @param tasks so many instead of the rung's own; never more than fit into one stretch of attention */
export function practiceVersion(
  { topic }: Pick<Material, 'topic'>,
  rung: Rung,
  writer: Writer,
  tasks: number | null = null,
): Version {
  const { stretch } = writer;
  const asked = tasks ?? amountOn(TASKS, rung, writer);
  const n = Math.max(1, Math.min(asked, Math.floor(stretch / A_TASK[rung])));
  const amount = count(n, 'task');
  const minutes = Math.ceil(n * A_TASK[rung]);
  return {
    ...plain,
    rung,
    amount,
    minutes,
    parentMinutes: rung === 1 ? minutes : rung === 2 ? Math.min(4, minutes) : 0,
    wording: wordingFor('practice', rung, { amount, topic }),
    note:
      n < asked
        ? `${count(asked, 'task')} would take ${Math.ceil(asked * A_TASK[rung])} min, more than the ${stretch} min that suit this age. Offered: ${n}.`
        : '',
  };
}

/** Below so many minutes nothing is divided. */
const LEAST_STRETCH = 15;
/** Minutes of reading in one go that suit an age: a third more than of writing. Own choice. */
const READING_STRETCH = 4 / 3;

/**
 * A child's own reading; whoever is under five looks at it.
 * @param what title and pages; empty where no book of their own is on the lesson
 * @param minutes by the child's measured rate, else the table's
 */
export function ownReadingVersion(
  { topic, place }: Pick<Material, 'topic' | 'place'>,
  rung: Rung,
  writer: Writer,
  { what, minutes }: { what: string; minutes: number },
): Version {
  const looks = writer.age < READS_FROM;
  const on = looks ? 1 : rung;
  const wording = what
    ? wordingFor('own-reading', on, { book: what, topic }, place, writer.grade)
    : wordingFor('own-reading of any book', on, { topic }, place, writer.grade);
  const goes = Math.ceil(minutes / Math.max(LEAST_STRETCH, Math.round(writer.stretch * READING_STRETCH)));
  return {
    ...plain,
    rung,
    wording,
    amount: what,
    minutes: looks ? Math.min(minutes, writer.stretch + 2) : minutes,
    parentMinutes: 0,
    note:
      !looks && goes > 1
        ? `In ${goes} goes of ${Math.ceil(minutes / goes)} min, with something else between.`
        : '',
  };
}

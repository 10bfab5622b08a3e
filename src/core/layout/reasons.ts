/** The reason a part stands where it does, and why one has no place, in words. */
import { shortDate } from '../calendar/dates';
import type { Reason } from '../plan/plan';
import { PARENT } from './ledger';
import type { Unplaced } from './lay-out';

/** Names by id: children and parts. */
export type NameOf = (id: string) => string;

const whose = (of: string | undefined, nameOf: NameOf): string => (of === PARENT ? 'your time' : `${nameOf(of ?? '')}’s time`);

export function reasonInWords(reason: Reason, nameOf: NameOf): string {
  switch (reason.kind) {
    case 'done': return 'Done then.';
    case 'unticked': return 'It stood here, and has not been ticked.';
    case 'inked': return 'In ink: it stays here.';
    case 'by-hand': return 'You put it here.';
    case 'fixed': return 'Its date is fixed.';
    case 'kept': return 'It stood here before and nothing moves it.';
    case 'pace': return 'The unit’s pace puts it here.';
    case 'full': return `${capital(whose(reason.of, nameOf))} was full on ${reason.date ? shortDate(reason.date) : 'the day before'}.`;
    case 'wait': return `It waits for “${nameOf(reason.of ?? '')}”.`;
    case 'comes-back': return 'It comes back on this day by itself.';
    case 'closes': return 'It closes the unit, after the last lesson.';
    case 'with-lesson': return 'It follows the part before it.';
  }
}

export function unplacedInWords(unplaced: Unplaced, nameOf: NameOf): string {
  switch (unplaced.why) {
    case 'too-long': return `It takes more than ${whose(unplaced.of, nameOf)} for a whole day. Shorten it, split it, or raise the limit.`;
    case 'no-day': return 'No school days are left in the year.';
    case 'no-room': return unplaced.of === '' ? 'No day that is left suits its weekday and its dates.' : unplaced.of ? `No day that is left has room in ${whose(unplaced.of, nameOf)}.` : 'What is in ink after it leaves no day for it.';
  }
}

const capital = (text: string): string => text[0].toUpperCase() + text.slice(1);

/** The reason a part stands where it does, and why one has no place, in words. */
import { shortDate } from '../calendar/dates';
import type { Reason } from '../plan/plan';
import { PARENT, thingIn } from './counted';
import type { Unplaced } from './answer';

/** Names by id: children and parts. */
export type NameOf = (id: string) => string;

const whose = (of: string | undefined, nameOf: NameOf): string =>
  of === PARENT ? 'your time' : `${nameOf(of ?? '')}’s time`;

export function reasonInWords(reason: Reason, nameOf: NameOf): string {
  switch (reason.kind) {
    case 'done':
      return 'Done then.';
    case 'unticked':
      return 'It stood here, and has not been ticked.';
    case 'inked':
      return 'In ink: it stays here.';
    case 'by-hand':
      return 'You put it here.';
    case 'fixed':
      return 'Its date is fixed.';
    case 'kept':
      return 'It stood here before and nothing moves it.';
    case 'pace':
      return 'The unit’s pace puts it here.';
    case 'full':
      return `${capital(whose(reason.of, nameOf))} was full on ${dayOf(reason)}.`;
    case 'half-days-full':
      if (thingIn(reason.of ?? ''))
        return `There is one ${thingIn(reason.of ?? '')}, and it was in use on ${dayOf(reason)}.`;
      return `No half-day had room for it in ${whose(reason.of, nameOf)} on ${dayOf(reason)}.`;
    case 'not-there':
      return `${present(reason.of, nameOf)} not there on ${dayOf(reason)}.`;
    case 'wait':
      return `It waits for “${nameOf(reason.of ?? '')}”.`;
    case 'comes-back':
      return 'It comes back on this day by itself.';
    case 'closes':
      return 'It closes the unit, after the last lesson.';
    case 'with-lesson':
      return 'It follows the part before it.';
  }
}

export function unplacedInWords({ why, block }: Unplaced, nameOf: NameOf): string {
  const lack = block === 'own-limits' ? undefined : block;
  const time = whose(lack?.who, nameOf);
  switch (why) {
    case 'too-long':
      return `It takes more than ${time} for a whole day. Shorten it, split it, or raise the limit.`;
    case 'longer-than-half-day':
      return 'It takes longer than any half-day. Shorten it, split it, or make a half-day longer.';
    case 'never-there':
      return lack?.who === PARENT
        ? 'You are there in none of the hours it can be done in.'
        : `${capital(nameOf(lack?.who ?? ''))} is there in none of the hours it can be done in.`;
    case 'no-day':
      return 'No school days are left in the year.';
    case 'no-room':
      if (block === 'own-limits') return 'No day that is left suits its weekday and its dates.';
      if (lack && thingIn(lack.who))
        return `There is one ${thingIn(lack.who)}, and on no day that is left is it free long enough.`;
      if (!lack) return 'What is in ink after it leaves no day for it.';
      if (lack.of === 'presence')
        return lack.who === PARENT
          ? 'You are there on no day that is left for it.'
          : `${capital(nameOf(lack.who))} is there on no day that is left for it.`;
      return `No ${lack.of} that is left has room for it in ${time}.`;
  }
}

const present = (of: string | undefined, nameOf: NameOf): string =>
  of === PARENT ? 'You were' : `${capital(nameOf(of ?? ''))} was`;

const dayOf = ({ date }: Reason): string => (date ? shortDate(date) : 'the day before');
const capital = (text: string): string => text[0].toUpperCase() + text.slice(1);

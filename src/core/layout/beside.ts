/** Whether a part finds its time in a half-day beside the appointments of those who are in it. */
import { freeForAll, freeFrom, leftOf, minutesOf, type Away, type Stretch } from '../calendar/away';
import { PARENT } from './counted';
import type { LayPart } from './problem';

type InIt = Pick<LayPart, 'minutes' | 'lead' | 'leader' | 'together' | 'dayOut'>;

/**
 * Who stands in the way: somebody whose appointments leave no stretch as long as the part. What all do together needs one
 * stretch for all of them, and the one who leads it from its start; who does their own needs only their own.
 */
export function inTheWay(part: InIt, window: Stretch, away: readonly Away[]): string | undefined {
  const timesOf = (who: string): readonly Away[] => away.filter((a) => a.who === who);
  const children = Object.entries(part.minutes).filter(([, minutes]) => minutes > 0);
  if (!part.together) {
    const late = children.find(
      ([id, minutes]) => freeFrom(window.from, minutes, timesOf(id)) + minutes > window.to,
    );
    return late?.[0];
  }
  const whole = Math.max(part.lead, 0, ...children.map(([, minutes]) => minutes));
  // A day out that is longer than its half-day takes all of it.
  const length = part.dayOut ? Math.min(whole, window.to - window.from) : whole;
  const leader = part.leader ?? PARENT;
  const theirs = children.flatMap(([id]) => timesOf(id));
  const leads = part.lead > 0 ? timesOf(leader) : [];
  const at = freeForAll(window.from, [
    { length, away: theirs },
    { length: Math.min(part.lead, length), away: leads },
  ]);
  if (at + length <= window.to) return undefined;
  const here = [...theirs, ...leads].filter((a) => a.to > window.from && a.from < window.to);
  return here[0]?.who;
}

/** Minutes of a window that somebody has beside their appointments. */
export const minutesBeside = (window: Stretch, who: string, away: readonly Away[]): number =>
  minutesOf(
    leftOf(
      window,
      away.filter((a) => a.who === who),
    ),
  );

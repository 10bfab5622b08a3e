/** Why no pace of lessons meets an end, in words. */

import type { Bound } from './problem';

/** What alone stands against it, found by lifting it. */
export type HeldBy = 'needs' | 'appointments' | 'minutes' | 'school-day' | 'adults';

/** That no pace meets an end, and what it is that stands against it. */
export function noPace({ heldBy, needs }: { heldBy?: HeldBy; needs?: Bound }): string {
  switch (heldBy) {
    case 'needs':
      if (!needs) return 'No pace meets it: what has to be there for it comes too late';
      return needs.is === 'borrowed'
        ? `No pace meets it: ${needs.of} is not there in time for it`
        : `No pace meets it: ${needs.of} has to be done first, and takes too long`;
    case 'appointments':
      return 'No pace meets it beside the other appointments: somebody who is needed is away too often';
    case 'minutes':
      return 'No pace meets it within everyone’s minutes';
    case 'school-day':
      return 'No pace meets it within everyone’s minutes and the times of the school day';
    case 'adults':
      return 'No pace meets it: who leads is not there often enough before it';
    case undefined:
      return 'No pace meets it, were there minutes without end: what is inked, waits, has its own day or stays in order reaches beyond it';
  }
}

/** Why no pace of lessons meets an end, in words. */

/** What alone stands against it, found by lifting it. */
export type HeldBy = 'appointments' | 'minutes' | 'school-day' | 'adults';

/** That no pace meets an end, and what it is that stands against it. */
export function noPace(v: { heldBy?: HeldBy }): string {
  switch (v.heldBy) {
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

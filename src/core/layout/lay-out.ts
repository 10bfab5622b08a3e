/**
 * The lay-out: a date and a window for every part, with the reason it stands there.
 *
 * Hard: lessons of a unit begin in order; parts of a lesson keep their order; waits pass; inked, done and
 * hand-placed parts stay; no part on a closed day, before its unit, or (in pencil) before today; no child's
 * and not the parent's minutes exceeded, of the day or of the window; fixed dates and weekdays; earliest and latest days.
 * Soft, in this order: few changes against the last lay-out; even weeks; a lesson in one piece, not over a
 * weekend or a break; the wanted window.
 *
 * What comes after a wait does not hold up the next lesson: while the skeins dry, teaching goes on.
 * The method is constructive: lessons are taken in the order of their target days, each is tried on the days
 * around its target, and the trial that moves least, then the cheapest, is kept. Same input, same answer.
 */
import type { Layout } from './answer';
import type { LayoutInput } from './problem';
import { Scheduler } from './scheduler';
import type { Effort } from './search';

/** Nothing is looked for beyond the constructed lay-out. */
export const AS_CONSTRUCTED: Effort = { trials: 0, perPart: 0, for: 'what is wrong' };
/** What is looked for on the server while the parent waits: some 30 ms, up to three times that where something has no place. Own choice. */
export const AT_ONCE: Effort = { trials: 8_000, perPart: 400, for: 'all', tries: 7 };
/** What is looked for only to see whether it fits: where nothing is wrong, nothing. Own choice. */
export const TO_FIT: Effort = { trials: 4_000, perPart: 120, for: 'what is wrong' };

/** @param effort how long it is looked for something better than what is constructed */
export function layOut(input: LayoutInput, effort: Effort = input.search ? AT_ONCE : AS_CONSTRUCTED): Layout {
  const stood = input.previous.size && !effort.trials ? new Scheduler(input) : undefined;
  const leftOut = stood?.leaveAsItStood();
  // Where all can stay as it stood, it does, whatever way it came there.
  if (stood && !leftOut!.length) return stood.finish();
  const made = new Scheduler(input);
  made.construct(effort);
  if (!stood || !(made.hasLost() || stood.goesOnWith(leftOut!))) return made.finish();
  // What had a place is not to lose it, and what comes new moves nothing that need not move: all that can stay does, and the
  // rest is put between; unless that crowds it.
  stood.putBetween(leftOut!);
  const [between, anew] = [stood.score(), made.score()];
  const isCrowded = between.crowded > anew.crowded || between.overPace > anew.overPace;
  // What is got ready for a day is not there on an earlier one.
  const isHurried = stood.bringsForward() && !made.bringsForward();
  return (
    between.total < anew.total && (between.out < anew.out || !(isCrowded || isHurried)) ? stood : made
  ).finish();
}

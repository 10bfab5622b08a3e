/** Who could teach a younger child. */
import { homes } from '../plan/lookup';
import type { Part } from '../plan/lesson';
import type { Child, Plan } from '../plan/plan';
import { rungOf } from '../plan/rungs';

/** Years by which one who teaches is older. Own choice. */
const FEWEST_YEARS = 2;

/** Who in the unit could teach a child: some years older, and of those who speak best the one with the most minutes in a day. */
export function elderFor(plan: Plan, part: Part, younger: Child): Child | undefined {
  const { unit } = homes(plan)(part);
  const years = (c: Child): number =>
    (Number(younger.birthMonth.slice(0, 4)) * 12 +
      Number(younger.birthMonth.slice(5)) -
      Number(c.birthMonth.slice(0, 4)) * 12 -
      Number(c.birthMonth.slice(5))) /
    12;
  const speaks = (c: Child): number => (unit ? rungOf(c, 'speaking', unit.starts) : 0);
  return plan.children
    .filter((c) => unit?.childIds.includes(c.id) && years(c) >= FEWEST_YEARS)
    .sort((a, b) => speaks(b) - speaks(a) || b.minutes - a.minutes)[0];
}

/** A better lay-out than the one that stands, looked for at length, and offered only where it is worth what it moves. */
import { count } from '../plan/called';
import { doneParts } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Plan } from '../plan/plan';
import type { Solve } from '../solver/highs';
import type { Placement } from './answer';
import { layoutInput } from './input';
import type { LayoutInput } from './problem';
import { fixAndOptimize, type Patience } from './fix-and-optimize';
import { layOut } from './lay-out';
import { placesAmong, scaleOf, score, WEIGHT, type Score } from './score';
import type { Effort } from './search';

/** What is looked for beside the page while the parent reads: about a second. Own choice. */
export const AT_LENGTH: { search: Effort; solver: Patience } = {
  search: { trials: 60_000, perPart: Infinity, for: 'all' },
  solver: { small: 700, whole: 0.7, few: 0.25, times: 8 },
};
/** What a better lay-out must be better by, what it moves counted in. Own choice. */
const WORTH = 300;

export interface Better {
  /** What is better in it: “2 parts more find a day”. */
  gains: string[];
  /** Lessons of which a part moves. */
  moves: number;
  /** Where each part stands that is on another place, or was on none. */
  placements: Pick<Placement, 'partId' | 'date' | 'window'>[];
}

/** Whether there is anything that a better lay-out could mend: parts out, days late, lessons over the pace, crowded or torn. */
export function hasToGain(plan: Plan, today: IsoDate): boolean {
  const input = layoutInput(plan, { today });
  if (!input) return false;
  const s = standing(input, plan);
  return s.out + s.optionalOut + s.late + s.overPace + s.crowded > 0 || s.uneven * WEIGHT.uneven >= WORTH;
}

const standing = (input: LayoutInput, plan: Plan): Score => {
  const scale = scaleOf(input);
  return score(scale, placesAmong(scale, plan.sittings));
};

/** @returns undefined where none was found that is worth it */
export async function lookForBetter(
  plan: Plan,
  today: IsoDate,
  solve: Solve,
  effort = AT_LENGTH,
): Promise<Better | undefined> {
  const input = layoutInput(plan, { today });
  if (!input || !hasToGain(plan, today)) return undefined;
  const was = standing(input, plan);
  const { placements } = await fixAndOptimize(input, layOut(input, effort.search), solve, effort.solver);
  const scale = scaleOf(input);
  const is = score(scale, placesAmong(scale, placements));
  if (was.total - is.total < WORTH || is.out > was.out) return undefined;
  const lessonOf = new Map(plan.parts.map((p) => [p.id, p.lessonId]));
  const before = new Map(plan.sittings.map((s) => [s.partId, s]));
  const done = doneParts(plan);
  const changed = placements.filter(({ partId, date, window }) => {
    const stood = before.get(partId);
    return lessonOf.get(partId) && !done.has(partId) && (stood?.date !== date || stood.window !== window);
  });
  return {
    gains: gainsInWords(was, is),
    moves: new Set(
      changed
        .filter((p) => before.has(p.partId) && before.get(p.partId)!.date !== p.date)
        .map((p) => lessonOf.get(p.partId)),
    ).size,
    placements: changed.map(({ partId, date, window }) => ({ partId, date, window })),
  };
}

function gainsInWords(was: Score, is: Score): string[] {
  const less = (kind: keyof Score): number => was[kind] - is[kind];
  const found = less('out') + less('optionalOut');
  return [
    ...(found > 0 ? [`${count(found, 'part')} more ${found === 1 ? 'finds' : 'find'} a day`] : []),
    ...(less('late') > 0
      ? [is.late ? `${count(less('late'), 'school day')} less late` : 'it ends when it is wished to']
      : []),
    ...(less('overPace') > 0 ? [`${count(less('overPace'), 'lesson')} fewer over the pace`] : []),
    ...(less('crowded') > 0 ? ['lessons crowd fewer days'] : []),
    ...(less('uneven') > 0 ? ['the weeks are more even'] : []),
    ...(less('overWeekend') + less('overBreak') > 0 ? ['fewer lessons go over a weekend or a break'] : []),
  ];
}

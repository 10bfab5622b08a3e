/** What a child should know and be able to do at the end of a unit, in words for their rung. */
import type { IsoDate, Rung } from '../plan/measures';
import type { Child, Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { rungOf } from '../plan/rungs';
import { easiestFirst, withHelp } from './objectives';
import { wordsFor } from './word-list';

export interface Checklist {
  /** Words to know, hardest first, with what they mean where the unit says so. */
  words: { word: string; meaning: string }[];
  /** Things to show, tell or explain, each in its own words. */
  able: string[];
  /** Objectives of the unit that are not asked of this child, beyond those that are. */
  more: number;
}

/** As many objectives as a rung is asked for; a beginner has enough with three. Own choice. */
const MOST: Record<Rung, number> = { 1: 3, 2: 4, 3: 6, 4: 10, 5: 20 };

export function checklistFor(plan: Plan, unit: Unit, child: Child, date: IsoDate): Checklist {
  const [speaking, reading] = (['speaking', 'reading'] as const).map((s) => rungOf(child, s, date));
  const meanings = new Map(unit.vocabulary.map((v) => [v.word, v.meaning]));
  const hard = wordsFor([...meanings.keys()], Math.max(3, reading) as Rung);
  const all = [...hard, ...[...meanings.keys()].filter((w) => reading >= 4 && !hard.includes(w))];
  const objectives = plan.objectives.filter((o) => o.unitId === unit.id);
  // A beginner gets the easiest; they stay in the order of the unit.
  const easiest = new Set(easiestFirst(objectives.map((o) => o.wording)).slice(0, MOST[speaking]));
  const chosen = objectives.filter((o) => easiest.has(o.wording)).slice(0, MOST[speaking]);
  return {
    words: all.map((word) => ({ word, meaning: meanings.get(word) ?? '' })),
    able: chosen.map((o) => withHelp(o.wording, speaking)),
    more: objectives.length - chosen.length,
  };
}

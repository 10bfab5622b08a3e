/** What a child should know and be able to do at the end of a unit, in words for their rung. */
import type { IsoDate, Rung } from '../plan/measures';
import type { Child, Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { rungOf } from '../plan/rungs';
import { wordsFor } from './word-list';

export interface Checklist {
  /** Words to know, hardest first, with what they mean where the unit says so. */
  words: { word: string; meaning: string }[];
  /** Things to show, tell or explain. */
  able: string[];
}

/** How an objective is shown on each rung of speaking. */
const SHOWN: Record<Rung, string> = {
  1: 'Show me',
  2: 'Show and tell',
  3: 'Tell',
  4: 'Explain',
  5: 'Explain, and say how you know',
};
/** As many objectives as a rung is asked for; a beginner has enough with three. Own choice. */
const MOST: Record<Rung, number> = { 1: 3, 2: 4, 3: 6, 4: 10, 5: 20 };

/** An objective without the verb that the rung brings anew: “Say why a mordant holds” becomes “why a mordant holds”. */
const inChildsWords = (wording: string): string => {
  const said = wording.replace(/^(?:explain|say|tell|describe|know|show)\s+/i, '');
  return `${said[0].toLowerCase()}${said.slice(1)}`;
};

export function checklistFor(plan: Plan, unit: Unit, child: Child, date: IsoDate): Checklist {
  const [speaking, reading] = (['speaking', 'reading'] as const).map((s) => rungOf(child, s, date));
  const meanings = new Map(unit.vocabulary.map((v) => [v.word.toLowerCase(), v.meaning]));
  const hard = wordsFor([...meanings.keys()], Math.max(3, reading) as Rung);
  const all = [...hard, ...[...meanings.keys()].filter((w) => reading >= 4 && !hard.includes(w))];
  return {
    words: all.map((word) => ({ word, meaning: meanings.get(word) ?? '' })),
    able: plan.objectives
      .filter((o) => o.unitId === unit.id)
      .slice(0, MOST[speaking])
      .map((o) => `${SHOWN[speaking]}: ${inChildsWords(o.wording)}`),
  };
}

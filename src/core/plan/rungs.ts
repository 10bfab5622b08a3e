/** The five rungs, and on which of them a child stands: first from age, then as the parent sets it. */
import type { IsoDate, Rung, Skill } from './measures';
import type { Child } from './plan';
import { ageOn } from './age';

export const RUNGS: readonly { rung: Rung; name: string; means: string }[] = [
  { rung: 1, name: 'Beginning', means: 'draws, tells, traces' },
  { rung: 2, name: 'Early', means: 'words and short lines' },
  { rung: 3, name: 'Growing', means: 'sentences' },
  { rung: 4, name: 'Steady', means: 'paragraphs, looks things up' },
  { rung: 5, name: 'Independent', means: 'researches and argues' },
];

/** The rung proposed from age alone (common practice, no source): under 5, 5–6, 7–8, 9–11, 12 and over. */
export function proposedRung(age: number): Rung {
  if (age < 5) return 1;
  if (age < 7) return 2;
  if (age < 9) return 3;
  return age < 12 ? 4 : 5;
}

/** The rung a child stands on in a skill on a date. */
export function rungOf(child: Child, skill: Skill, date: IsoDate): Rung {
  return child.rungs[skill] ?? proposedRung(ageOn(child.birthMonth, date));
}

/** A rung moved up or down, kept on the ladder. */
export function moved(rung: Rung, by: number): Rung {
  return Math.min(5, Math.max(1, rung + by)) as Rung;
}

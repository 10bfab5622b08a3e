/** Objectives in a child's words: with their own verb, the easiest first, and how much help goes with them. */
import type { Rung } from '../plan/measures';

/** How guides begin an objective; what stands behind it is the objective. */
const PREAMBLE =
  /^(?:(?:by the end[^,]*,\s*)?(?:(?:the )?(?:students?|learners?|pupils?|child(?:ren)?|they|i|we)\s+(?:will|can|should|shall|must|is|are|am)(?:\s+be)?(?:\s+able)?(?:\s+to)?|(?:will |to )?be able to|swbat|to)\s+)+/iu;

/** An objective as a child is told it: “Students will be able to name three tools” becomes “Name three tools”. */
export function toldAs(wording: string): string {
  const bare = wording.trim().replace(PREAMBLE, '').replace(/\.$/, '').trim() || wording.trim();
  return `${bare[0].toUpperCase()}${bare.slice(1)}`;
}

/** Verbs from what is easiest to what is hardest, in five ranks (after Bloom 1956, abridged; the ranking is our own). */
const RANKS: readonly RegExp[] = [
  /^(?:point|show|find|name|match|sort|count|look|touch|hold|sing|say the|recognise|recognize|identify|listen)\b/i,
  /^(?:say|tell(?! (?:why|how come|the difference))|list|recall|read|copy|trace|label|repeat|state|know|put|give)\b/i,
  /^(?:draw|make|use|do|measure|write|build|spin|dye|weave|plant|cook|try|follow|describe|retell|order|show how|demonstrate)\b/i,
  /^(?:explain|compare|contrast|tell (?:why|the difference)|say why|predict|plan|group|work out|test|trace how|describe how|understand)\b/i,
  /^(?:argue|judge|weigh|evaluate|defend|research|design|analy[sz]e|critique|synthesi[sz]e|assess|justify)\b/i,
];

/** 0 for the easiest; a verb that is not known stands in the middle. */
export function difficultyOf(wording: string): number {
  const told = toldAs(wording);
  if (/^say why\b/i.test(told)) return 3;
  const rank = RANKS.findIndex((r) => r.test(told));
  return rank < 0 ? 2 : rank;
}

export const easiestFirst = (wordings: readonly string[]): string[] =>
  wordings
    .map((wording, at) => ({ wording, at, rank: difficultyOf(wording) }))
    .sort((a, b) => a.rank - b.rank || a.at - b.at)
    .map(({ wording }) => wording);

/** Objectives to which it belongs to say how one knows. */
const SAYS_HOW = /^(?:explain|compare|contrast|tell why|say why|argue|judge|weigh)\b/i;

/** An objective as it stands on a child's list: its own words, with the help that goes with the rung. */
export function withHelp(wording: string, rung: Rung): string {
  const told = toldAs(wording);
  if (rung <= 2) return `${told}, with help`;
  return rung === 5 && SAYS_HOW.test(told) ? `${told}, and say how you know` : `${told}, alone`;
}

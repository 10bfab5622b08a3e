/** A rung up or down is suggested from how work went, repeatedly, on the rung a child stands on: with the evidence, and never done by itself. */
import { shortDate } from '../calendar/dates';
import { byId, homes } from '../plan/lookup';
import type { IsoDate, Rung, Skill } from '../plan/measures';
import type { Plan } from '../plan/plan';
import { SKILLS } from '../plan/words';
import { isLadderKind, KINDS_OF_WORK } from './kinds';
import { rungOf } from './rungs';

export interface Suggestion {
  childId: string;
  skill: Skill;
  from: Rung;
  to: Rung;
  /** What it rests on: “4 of the last 5 were too hard: Copying, Mon 12 Oct; …”. */
  evidence: string;
}

/** Marks looked at, the latest; how many there must be, and what share must say the same, with none against it. Own choice. */
const LATEST = 6;
const LEAST = 4;
const SHARE = 0.75;

/** Suggestions for every child and skill, in the family's order. Only marks made on the rung the child stands on now count. */
export function suggestions(plan: Plan, today: IsoDate): Suggestion[] {
  const parts = byId(plan.parts);
  const homeOf = homes(plan);
  return plan.children.flatMap((child) => SKILLS.flatMap((skill): Suggestion[] => {
    const from = rungOf(child, skill, today);
    const told = plan.marks.filter((m) => {
      const part = parts.get(m.partId);
      return m.childId === child.id && m.felt !== null && m.rung === from && part && isLadderKind(part.kind) && homeOf(part).lesson && KINDS_OF_WORK[part.kind].skill(m.rung) === skill;
    }).sort((a, b) => (a.date < b.date ? -1 : 1)).slice(-LATEST);
    if (told.length < LEAST) return [];
    const count = (felt: 'easy' | 'hard'): number => told.filter((m) => m.felt === felt).length;
    const [easy, hard] = [count('easy'), count('hard')];
    const by = easy >= SHARE * told.length && !hard ? 1 : hard >= SHARE * told.length && !easy ? -1 : 0;
    const to = from + by;
    if (!by || to < 1 || to > 5) return [];
    const said = told.filter((m) => m.felt === (by > 0 ? 'easy' : 'hard'));
    return [{ childId: child.id, skill, from, to: to as Rung, evidence: `${said.length} of the last ${told.length} were ${by > 0 ? 'easy' : 'too hard'}: ${said.map((m) => `${parts.get(m.partId)!.title}, ${shortDate(m.date)}`).join('; ')}` }];
  }));
}

/** Gives out the work: every child's version of every part the ladder makes. */
import { cautionsFor } from '../cautions/match';
import type { Rung, Skill } from '../plan/measures';
import { SHARED_KINDS, WORKED_OUT_KINDS, type LadderKind } from '../plan/words';
import type { Assignment, Child, Plan } from '../plan/plan';
import type { Lesson, Part } from '../plan/lesson';
import type { Unit } from '../plan/unit';
import { assignmentKey, childrenOf, homes } from '../plan/lookup';
import { isLadderKind, KINDS_OF_WORK } from './kinds';
import { materialOf } from './material';
import { moved, rungOf } from './rungs';
import type { Version } from './version';

/** The rung a child stands on for a kind of work in a lesson, moves for this lesson included. */
export function rungFor(kind: LadderKind, child: Child, lesson: Lesson, unit: Unit): Rung {
  return moved(KINDS_OF_WORK[kind].stands((skill: Skill) => rungOf(child, skill, unit.starts)), lesson.rungMoves[child.id] ?? 0);
}

/** A part on any rung, as a child of this age and hand would get it. Cautions of the part reach every version. */
export function versions(plan: Plan): (rung: Rung, part: Part, kind: LadderKind, child: Child, lesson: Lesson, unit: Unit) => Version {
  const material = materialOf(plan);
  const careOf = new Map<string, string[]>();
  return (rung, part, kind, child, lesson, unit) => {
    if (!careOf.has(part.id)) careOf.set(part.id, cautionsFor(part, plan.children, plan.family?.allergies ?? [], unit.starts).slice(0, 3).map((c) => c.title));
    const made = KINDS_OF_WORK[kind].version({ rung, child, date: unit.starts, material: material(lesson, unit), part, cautions: careOf.get(part.id)! });
    // What says its own minutes takes those; and what everyone does together is led as one thing, not child by child.
    const minutes = WORKED_OUT_KINDS.includes(kind) ? made.minutes : (part.minutes ?? made.minutes);
    return { ...made, minutes, parentMinutes: SHARED_KINDS.includes(kind) ? 0 : Math.min(made.parentMinutes, minutes) };
  };
}

/** All assignments of a plan, in the order of its parts and children. What was changed by hand stays as it is. */
export function assignments(plan: Plan): Assignment[] {
  const homeOf = homes(plan);
  const byHand = new Map(plan.assignments.filter((a) => a.byHand).map((a) => [assignmentKey(a.partId, a.childId), a]));
  const versionOf = versions(plan);
  const made: Assignment[] = [];
  for (const part of plan.parts) {
    const { lesson, unit } = homeOf(part);
    if (!isLadderKind(part.kind) || !lesson || !unit) continue;
    for (const child of childrenOf(part, unit, plan.children))
      made.push(byHand.get(assignmentKey(part.id, child.id)) ?? { partId: part.id, childId: child.id, ...versionOf(rungFor(part.kind, child, lesson, unit), part, part.kind, child, lesson, unit), byHand: false });
  }
  return made;
}

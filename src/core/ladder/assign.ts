/** Gives out the work: every child's version of every part the ladder makes. */
import type { Rung, Skill } from '../plan/measures';
import type { Assignment, Child, Plan } from '../plan/plan';
import type { Lesson, Part, PartKind } from '../plan/lesson';
import type { Unit } from '../plan/unit';
import { assignmentKey, childrenOf, homes } from '../plan/lookup';
import { copyingVersion } from './copying';
import { moved, rungOf } from './rungs';
import { tellingRung, tellingVersion } from './telling-back';
import type { Version } from './version';

/** Kinds of work the ladder has five versions of. */
export const LADDER_KINDS = ['tell-back', 'copying'] as const;
export type LadderKind = (typeof LADDER_KINDS)[number];

export function isLadderKind(kind: PartKind): kind is LadderKind {
  return (LADDER_KINDS as readonly string[]).includes(kind);
}

/** The rung a child stands on for a kind of work in a lesson, moves for this lesson included. */
export function rungFor(kind: LadderKind, child: Child, lesson: Lesson, unit: Unit): Rung {
  const rungIn = (skill: Skill): Rung => rungOf(child, skill, unit.starts);
  const stands = kind === 'copying' ? rungIn('writing') : tellingRung(rungIn);
  return moved(stands, lesson.rungMoves[child.id] ?? 0);
}

/** A kind of work on any rung, as a child of this age and hand would get it. */
export function versionOn(rung: Rung, kind: LadderKind, child: Child, lesson: Lesson, unit: Unit): Version {
  return kind === 'copying' ? copyingVersion(passageOf(lesson, unit), rung, child, unit.starts) : tellingVersion(rung, child, unit.starts);
}

/** What a lesson copies from: its own passage, else the unit's, else its title and topics. */
export function passageOf(lesson: Lesson, unit: Unit): string {
  return lesson.passage.trim() || unit.passage.trim() || [lesson.title, ...lesson.topics.map((t) => t.title)].join('\n');
}

/** All assignments of a plan, in the order of its parts and children. What was changed by hand stays as it is. */
export function assignments(plan: Plan): Assignment[] {
  const homeOf = homes(plan);
  const byHand = new Map(plan.assignments.filter((a) => a.byHand).map((a) => [assignmentKey(a.partId, a.childId), a]));
  const made: Assignment[] = [];
  for (const part of plan.parts) {
    const { lesson, unit } = homeOf(part);
    if (!isLadderKind(part.kind) || !lesson || !unit) continue;
    for (const child of childrenOf(part, unit, plan.children))
      made.push(byHand.get(assignmentKey(part.id, child.id)) ?? assignmentOf(part, part.kind, child, lesson, unit));
  }
  return made;
}

function assignmentOf(part: Part, kind: LadderKind, child: Child, lesson: Lesson, unit: Unit): Assignment {
  const version = versionOn(rungFor(kind, child, lesson, unit), kind, child, lesson, unit);
  return { partId: part.id, childId: child.id, ...version, byHand: false };
}

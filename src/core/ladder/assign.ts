/** Gives out the work: every child's version of every part the ladder makes. */
import type { Lesson, Part } from '../plan/lesson';
import { assignmentKey, groupBy, homes } from '../plan/lookup';
import { once, sameList } from '../plan/once';
import type { Assignment, Plan } from '../plan/plan';
import { isLadderKind } from './kinds';
import { careFor, ladderOf, workers } from './ladder-of';
import { shares } from './shares';

/**
 * All assignments of a plan, in the order of its parts and children. What was changed by hand stays as it is but for its
 * cautions, and what is done stays what it was: a rung or a way of showing can be changed in mid-unit.
 */
export const assignments = once((plan: Plan): Assignment[] => {
  const world = worldOf(plan);
  const homeOf = homes(plan);
  const before = new Map(plan.assignments.map((a) => [assignmentKey(a.partId, a.childId), a]));
  const done = groupBy(
    plan.marks.filter((m) => m.outcome === 'done'),
    (m) => m.partId,
  );
  const { versionOf } = ladderOf(plan);
  const made: Assignment[] = [];
  const share = shares(plan);
  const inLesson = groupBy(plan.parts, (p) => p.lessonId ?? '');
  for (const part of plan.parts) {
    const { lesson, unit } = homeOf(part);
    if (!isLadderKind(part.kind) || !lesson || !unit) continue;
    const from = {
      part,
      lesson,
      beside: inLesson.get(lesson.id)!,
      share: JSON.stringify(share(lesson)),
      world,
    };
    for (const child of workers(part, unit, plan.children)) {
      const was = before.get(assignmentKey(part.id, child.id));
      if (was && done.get(part.id)?.some((m) => m.childId === null || m.childId === child.id)) made.push(was);
      else if (was?.byHand) made.push({ ...was, note: careFor(plan, part, unit, was.wording) });
      else if (was && isMadeFrom(was, from)) made.push(was);
      else {
        const { amount: _, letters: __, ...version } = versionOf({ part, child, lesson, unit });
        const assignment = {
          partId: part.id,
          childId: child.id,
          ...version,
          wording: version.wording.slice(0, 2000),
          byHand: false,
        };
        madeFrom.set(assignment, from);
        made.push(assignment);
      }
    }
  }
  return sameList(plan.assignments, made);
});

interface MadeFrom {
  part: Part;
  lesson: Lesson;
  /** The parts of the lesson: what else is written in it. */
  beside: readonly Part[];
  /** What falls to the lesson of what those of its unit share out. */
  share: string;
  world: World;
}

/** What each assignment was made from: while that is the same, it need not be made again. */
const madeFrom = new WeakMap<Assignment, MadeFrom>();

/** The work of an elder who teaches is made from another part as well: it is always made again. */
function isMadeFrom(assignment: Assignment, now: MadeFrom): boolean {
  const was = madeFrom.get(assignment);
  return (
    now.part.kind !== 'teaching' &&
    was?.part === now.part &&
    was.lesson === now.lesson &&
    was.share === now.share &&
    was.beside.length === now.beside.length &&
    was.beside.every((p, i) => p === now.beside[i]) &&
    was.world === now.world
  );
}

/** All that work is made from beside its part and its lesson. */
interface World {
  lists: readonly unknown[];
  /** The marks that measure a hand, by their ids: a mark is never changed. */
  hands: string;
}
let lastWorld: World | undefined;

/** The same one as last time, if all in it is the same. */
function worldOf(plan: Plan): World {
  const { family, children, units, works, books, pulls, uses, readings, questions, objectives } = plan;
  const lists = [
    family,
    plan.year?.starts,
    children,
    units,
    works,
    books,
    pulls,
    uses,
    readings,
    questions,
    objectives,
  ];
  const hands = plan.marks
    .filter((m) => m.letters)
    .map((m) => m.id)
    .join(' ');
  if (lastWorld?.hands === hands && lists.every((list, i) => list === lastWorld!.lists[i])) return lastWorld;
  lastWorld = { lists, hands };
  return lastWorld;
}

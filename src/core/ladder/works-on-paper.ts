/** All that is printed of a lesson for one child, in the order of use: what they do, then each work that needs paper. */
import { assignmentKey, childrenOf, partsByLesson } from '../plan/lookup';
import { once } from '../plan/once';
import type { Lesson, Part } from '../plan/lesson';
import type { Child, Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { assignments } from './assign';
import { ladderOf } from './ladder-of';
import { isLadderKind } from './kinds';
import { paperFor } from './paper';
import type { OnSheet } from './sheets';
import { isSmall } from './small';

export interface WorkOnPaper extends OnSheet {
  key: string;
  /** The part it is of; null for the list of what is done. */
  partId: string | null;
}

const givenOut = once(
  (plan: Plan) => new Map(assignments(plan).map((a) => [assignmentKey(a.partId, a.childId), a])),
);
const inLesson = once((plan: Plan) => partsByLesson(plan.parts));

/**
 * The works of a child on paper. Who only tells needs none, and then no list either; whoever is small reads no list.
 * @param minutesFor how long a part takes the child, as it stands on the list
 */
export function worksOnPaper(
  plan: Plan,
  { lesson, unit, child }: { lesson: Lesson; unit: Unit; child: Child },
  minutesFor: (part: Part) => number,
): WorkOnPaper[] {
  const given = givenOut(plan);
  const ladder = ladderOf(plan);
  const parts = (inLesson(plan).get(lesson.id) ?? []).filter((p) =>
    childrenOf(p, unit, plan.children).some((c) => c.id === child.id),
  );
  const own = (part: Part) =>
    isLadderKind(part.kind) ? given.get(assignmentKey(part.id, child.id)) : undefined;
  const works = parts.flatMap((part): WorkOnPaper[] => {
    const a = own(part);
    const on = a && paperFor(ladder, { part, child, lesson, unit }, a);
    return on
      ? [
          {
            key: `${part.id} ${child.id}`,
            partId: part.id,
            title: part.title,
            // What a quiz asks stands in its questions.
            wording: on.questions ? '' : a.wording,
            ...on,
          },
        ]
      : [];
  });
  if (!works.length || isSmall(child, unit.starts)) return works;
  const tasks = parts.map((part) => ({
    title: part.title,
    wording: own(part)?.wording ?? part.prediction,
    minutes: minutesFor(part),
    supplies: own(part)?.supplies ?? '',
  }));
  return [{ key: `${child.id} lesson`, partId: null, title: lesson.title, wording: '', tasks }, ...works];
}

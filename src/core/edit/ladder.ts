/** The work of each child: rungs for one lesson, and wording changed by hand. */
import { assignmentKey } from '../plan/lookup';
import { withChanged, GONE, type Edit } from './edit';

/** Moves one child so many rungs for one lesson, counted from where they stand anyway; 0 puts them back. */
export const moveRung = (lessonId: string, childId: string, by: number): Edit => (plan) => {
  const lesson = plan.lessons.find((l) => l.id === lessonId);
  if (!lesson || !plan.children.some((c) => c.id === childId)) return { refused: GONE };
  const { [childId]: _, ...others } = lesson.rungMoves;
  return { plan: { ...plan, lessons: withChanged(plan.lessons, lessonId, { rungMoves: by === 0 ? others : { ...others, [childId]: by } }) } };
};

/** Words one child's work by hand; it stays so when the work is given out again. */
export const wordByHand = (partId: string, childId: string, wording: string, minutes: number): Edit => (plan) => {
  const key = assignmentKey(partId, childId);
  if (!plan.assignments.some((a) => assignmentKey(a.partId, a.childId) === key)) return { refused: GONE };
  return {
    plan: {
      ...plan,
      assignments: plan.assignments.map((a) =>
        assignmentKey(a.partId, a.childId) === key ? { ...a, wording, minutes, parentMinutes: Math.min(a.parentMinutes, minutes), note: '', byHand: true } : a),
    },
  };
};

/** Gives a child's work back to the ladder. */
export const wordByLadder = (partId: string, childId: string): Edit => (plan) => ({
  plan: { ...plan, assignments: plan.assignments.map((a) => (a.partId === partId && a.childId === childId ? { ...a, byHand: false } : a)) },
});

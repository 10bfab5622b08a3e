/** The work of each child: rungs for one lesson, and wording changed by hand. */
import { assignmentKey, childrenOf, homes } from '../plan/lookup';
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

/** Moves one child so many rungs more from a lesson on: in it and in every later lesson of its unit. */
export const moveRungFromHere = (lessonId: string, childId: string, step: number): Edit => (plan) => {
  const here = plan.lessons.find((l) => l.id === lessonId);
  if (!here || !plan.children.some((c) => c.id === childId)) return { refused: GONE };
  const ofUnit = plan.lessons.filter((l) => l.unitId === here.unitId);
  const later = new Set(ofUnit.slice(ofUnit.indexOf(here)).map((l) => l.id));
  return {
    plan: {
      ...plan,
      lessons: plan.lessons.map((l) => {
        if (!later.has(l.id)) return l;
        const { [childId]: was = 0, ...others } = l.rungMoves;
        const by = Math.max(-4, Math.min(4, was + step));
        return { ...l, rungMoves: by === 0 ? others : { ...others, [childId]: by } };
      }),
    },
  };
};

/** One child leaves a part out, or takes part in it again; a part that nobody takes part in any more would be nobody's. */
export const skipPart = (partId: string, childId: string): Edit => (plan) => {
  const part = plan.parts.find((p) => p.id === partId);
  const unit = part && homes(plan)(part).unit;
  if (!part || !unit) return { refused: GONE };
  const who = childrenOf(part, unit, plan.children).map((c) => c.id);
  const next = who.includes(childId) ? who.filter((c) => c !== childId) : [...who, childId];
  if (!next.length) return { refused: `Nobody else takes part in “${part.title}”. Take the whole part off the lesson instead.` };
  return { plan: { ...plan, parts: withChanged(plan.parts, partId, { childIds: next.length === unit.childIds.length ? null : next }) } };
};

/** Alternatives: of several ways to do a part one stands, and the others wait in it. */
import { blankPart } from '../plan/blank';
import { titled } from '../plan/called';
import { doingOf } from '../plan/doing';
import type { Part } from '../plan/lesson';
import { doneParts } from '../plan/lookup';
import type { Plan } from '../plan/plan';
import { GONE, withChanged, type Edit, type Refusal } from './edit';

/** Makes a part an alternative to another one of its lesson: it waits in that one and stands on no day of its own. */
export const makeAlternative =
  (partId: string, toId: string): Edit =>
  (plan) => {
    const part = plan.parts.find((p) => p.id === partId);
    const to = plan.parts.find((p) => p.id === toId);
    if (!part || !to || part === to || part.lessonId !== to.lessonId || part.unitId !== to.unitId)
      return { refused: GONE };
    const fixed = stays(plan, part) ?? stays(plan, to);
    if (fixed) return fixed;
    if (part.fixedDate || part.weekday !== null)
      return {
        refused: `“${part.title}” has a day of its own. Take its day away first: an alternative stands where the part stands.`,
      };
    if (JSON.stringify(part.childIds) !== JSON.stringify(to.childIds))
      return {
        refused: `“${part.title}” and “${to.title}” are for different children. Let them be for the same ones first.`,
      };
    return {
      plan: {
        ...plan,
        parts: withChanged(
          plan.parts.filter((p) => p !== part),
          toId,
          { alternatives: [...to.alternatives, { id: part.id, ...doingOf(part) }, ...part.alternatives] },
        ),
      },
    };
  };

/** Does an alternative instead of what stood; that waits in its place from now on. */
export const takeAlternative =
  (partId: string, alternativeId: string): Edit =>
  (plan, { newId }) => {
    const part = plan.parts.find((p) => p.id === partId);
    const taken = part?.alternatives.find((a) => a.id === alternativeId);
    if (!part || !taken) return { refused: GONE };
    const fixed = stays(plan, part);
    if (fixed) return fixed;
    const { id: _, ...doing } = taken;
    return {
      plan: {
        ...plan,
        parts: withChanged(plan.parts, partId, {
          ...doing,
          workId: null,
          teaches: null,
          swaps: {},
          seen: [],
          alternatives: part.alternatives.map((a) => (a === taken ? { id: newId(), ...doingOf(part) } : a)),
        }),
      },
    };
  };

/** Makes an alternative a part of its own, after the one it waited in; or, with `drop`, takes it away. */
export const freeAlternative =
  (partId: string, alternativeId: string, drop = false): Edit =>
  (plan) => {
    const part = plan.parts.find((p) => p.id === partId);
    const freed = part?.alternatives.find((a) => a.id === alternativeId);
    if (!part || !freed) return { refused: GONE };
    const left = { ...part, alternatives: part.alternatives.filter((a) => a !== freed) };
    const { lessonId, unitId, childIds } = part;
    const own: Part = { ...blankPart, lessonId, unitId, childIds, ...freed };
    return {
      plan: {
        ...plan,
        parts: plan.parts.flatMap((p) => {
          if (p !== part) return [p];
          return drop ? [left] : [left, own];
        }),
      },
    };
  };

/** Why what a part is cannot be changed. */
function stays(plan: Plan, part: Part): Refusal | undefined {
  if (part.ruleId !== null)
    return { refused: `“${part.title}” comes back by itself. Change what brings it back.` };
  if (part.kind === 'own-kind' || part.kind === 'teaching')
    return { refused: `“${part.title}” belongs to the ladder, and has no alternatives.` };
  if (doneParts(plan).has(part.id) || plan.marks.some((m) => m.partId === part.id))
    return {
      refused: `${titled(plan, 'parts', part.id)} has been done, in part or whole, and stays what it was.`,
    };
  return undefined;
}

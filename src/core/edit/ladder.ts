/**
 * The work of each child: rungs for a part, a lesson or from here on, what is left out, swapped, added or taught by
 * another, wording changed by hand.
 */
import { blankPart } from '../plan/blank';
import { asChildIds, assignmentKey, childrenOf, homes } from '../plan/lookup';
import type { Part, Swap } from '../plan/lesson';
import type { Plan } from '../plan/plan';
import type { Show, Unit } from '../plan/unit';
import { SHARED_KINDS } from '../plan/words';
import { withChanged, GONE, type Edit, type Refusal } from './edit';

const MOST = 4;
const stepped = (
  moves: Record<string, number>,
  childId: string,
  by: (was: number) => number,
): Record<string, number> => {
  const { [childId]: was = 0, ...others } = moves;
  const to = Math.max(-MOST, Math.min(MOST, by(was)));
  return to === 0 ? others : { ...others, [childId]: to };
};

/** Moves one child so many rungs for one lesson, counted from where they stand anyway; 0 puts them back. */
export const moveRung =
  (lessonId: string, childId: string, by: number): Edit =>
  (plan) => {
    const lesson = plan.lessons.find((l) => l.id === lessonId);
    if (!lesson || !plan.children.some((c) => c.id === childId)) return { refused: GONE };
    return {
      plan: {
        ...plan,
        lessons: withChanged(plan.lessons, lessonId, {
          rungMoves: stepped(lesson.rungMoves, childId, () => by),
        }),
      },
    };
  };

/** Moves one child so many rungs more from a lesson on: in it and in every later lesson of its unit. */
export const moveRungFromHere =
  (lessonId: string, childId: string, step: number): Edit =>
  (plan) => {
    const later = fromHere(plan, lessonId);
    if (!later || !plan.children.some((c) => c.id === childId)) return { refused: GONE };
    return {
      plan: {
        ...plan,
        lessons: plan.lessons.map((l) =>
          later.has(l.id) ? { ...l, rungMoves: stepped(l.rungMoves, childId, (was) => was + step) } : l,
        ),
      },
    };
  };

/** Moves one child so many rungs in one part alone, counted from where the lesson has them; 0 puts them back. */
export const moveInPart =
  (partId: string, childId: string, by: number): Edit =>
  (plan) => {
    const part = plan.parts.find((p) => p.id === partId);
    if (!part || !plan.children.some((c) => c.id === childId)) return { refused: GONE };
    return {
      plan: {
        ...plan,
        parts: withChanged(plan.parts, partId, { rungMoves: stepped(part.rungMoves, childId, () => by) }),
      },
    };
  };

/** Moves one child so many rungs more in one kind of work, from this lesson of the unit on. */
export const moveKindFromHere =
  (partId: string, childId: string, step: number): Edit =>
  (plan) => {
    const part = plan.parts.find((p) => p.id === partId);
    const later = part?.lessonId && fromHere(plan, part.lessonId);
    if (!part || !later || !plan.children.some((c) => c.id === childId)) return { refused: GONE };
    const alike = (p: Part): boolean =>
      p.lessonId !== null && later.has(p.lessonId) && p.kind === part.kind && p.workId === part.workId;
    return {
      plan: {
        ...plan,
        parts: plan.parts.map((p) =>
          alike(p) ? { ...p, rungMoves: stepped(p.rungMoves, childId, (was) => was + step) } : p,
        ),
      },
    };
  };

/** A lesson and those of its unit that come after it; undefined when it is gone. */
function fromHere(plan: Plan, lessonId: string): Set<string> | undefined {
  const here = plan.lessons.find((l) => l.id === lessonId);
  if (!here) return undefined;
  const ofUnit = plan.lessons.filter((l) => l.unitId === here.unitId);
  return new Set(ofUnit.slice(ofUnit.indexOf(here)).map((l) => l.id));
}

/** Words one child's work by hand; it stays so when the work is given out again. */
export const wordByHand =
  (partId: string, childId: string, wording: string, minutes: number): Edit =>
  (plan) => {
    const key = assignmentKey(partId, childId);
    if (!plan.assignments.some((a) => assignmentKey(a.partId, a.childId) === key)) return { refused: GONE };
    return {
      plan: {
        ...plan,
        assignments: plan.assignments.map((a) =>
          assignmentKey(a.partId, a.childId) === key
            ? {
                ...a,
                wording,
                minutes,
                parentMinutes: Math.min(a.parentMinutes, minutes),
                note: '',
                byHand: true,
              }
            : a,
        ),
      },
    };
  };

/** Gives a child's work back to the ladder. */
export const wordByLadder =
  (partId: string, childId: string): Edit =>
  (plan) => ({
    plan: {
      ...plan,
      assignments: plan.assignments.map((a) =>
        a.partId === partId && a.childId === childId ? { ...a, byHand: false } : a,
      ),
    },
  });

/** The part with one child more or one less; a part that nobody takes part in any more would be nobody's. */
function withChild(plan: Plan, part: Part, unit: Unit, childId: string, takesPart: boolean): Part | Refusal {
  const who = childrenOf(part, unit, plan.children).map((c) => c.id);
  if (who.includes(childId) === takesPart) return part;
  const next = takesPart ? [...who, childId] : who.filter((c) => c !== childId);
  if (!next.length)
    return {
      refused: `Nobody else takes part in “${part.title}”. Take the whole part off the lesson instead.`,
    };
  return { ...part, childIds: asChildIds(next, unit, plan.children, part.kind) };
}

/** One child leaves a part out, or takes part in it again. */
export const skipPart =
  (partId: string, childId: string): Edit =>
  (plan) => {
    const part = plan.parts.find((p) => p.id === partId);
    const unit = part && homes(plan)(part).unit;
    if (!part || !unit?.childIds.includes(childId)) return { refused: GONE };
    const next = withChild(
      plan,
      part,
      unit,
      childId,
      !childrenOf(part, unit, plan.children).some((c) => c.id === childId),
    );
    return 'refused' in next ? next : { plan: { ...plan, parts: withChanged(plan.parts, partId, next) } };
  };

/**
 * One child sits a whole lesson out, or joins it again in all that is for everyone. What only they do, and what comes
 * back by itself, is left as it is.
 */
export const joinLesson =
  (lessonId: string, childId: string, joins: boolean): Edit =>
  (plan) => {
    const lesson = plan.lessons.find((l) => l.id === lessonId);
    const unit = lesson && plan.units.find((u) => u.id === lesson.unitId);
    if (!unit?.childIds.includes(childId)) return { refused: GONE };
    const parts = plan.parts
      .map((p) =>
        p.lessonId === lessonId && p.ruleId === null && p.kind !== 'teaching'
          ? withChild(plan, p, unit, childId, joins)
          : p,
      )
      .map((p, i) => ('refused' in p ? plan.parts[i] : p));
    return { plan: { ...plan, parts } };
  };

/** One child does another kind of work in a part, and why; null gives them the part's own again. */
export const swapWork =
  (partId: string, childId: string, swap: Swap | null): Edit =>
  (plan) => {
    const part = plan.parts.find((p) => p.id === partId);
    if (!part || !plan.children.some((c) => c.id === childId)) return { refused: GONE };
    if (SHARED_KINDS.includes(part.kind))
      return {
        refused: `“${part.title}” is done together. Let ${plan.children.find((c) => c.id === childId)!.name} leave it out, and add something else.`,
      };
    const { [childId]: _, ...others } = part.swaps;
    return {
      plan: {
        ...plan,
        parts: withChanged(plan.parts, partId, { swaps: swap ? { ...others, [childId]: swap } : others }),
      },
    };
  };

/** Adds something for one child to a lesson: an extension, a prompt, something for who is done early. It may be left out. */
export const addForChildren =
  (
    lessonId: string,
    childIds: readonly string[],
    { title, minutes, lead }: Pick<Part, 'title' | 'lead'> & { minutes: number },
  ): Edit =>
  (plan, { newId }) => {
    const lesson = plan.lessons.find((l) => l.id === lessonId);
    const unit = lesson && plan.units.find((u) => u.id === lesson.unitId);
    if (!unit) return { refused: GONE };
    const who = unit.childIds.filter((c) => childIds.includes(c));
    if (!who.length) return { refused: 'Choose at least one child of the unit.' };
    const part: Part = {
      ...blankPart,
      id: newId(),
      lessonId,
      kind: 'own-kind',
      title,
      minutes,
      lead,
      optional: true,
      childIds: asChildIds(who, unit, plan.children, 'own-kind'),
    };
    return { plan: { ...plan, parts: [...plan.parts, part] } };
  };

/** An older child teaches a younger one a part: the younger does it with them, and both have a share in it. */
export const letTeach =
  (partId: string, youngerId: string, elderId: string): Edit =>
  (plan, { newId }) => {
    const part = plan.parts.find((p) => p.id === partId);
    const unit = part && homes(plan)(part).unit;
    const [younger, elder] = [youngerId, elderId].map((c) =>
      plan.children.find((x) => x.id === c && unit?.childIds.includes(c)),
    );
    if (!part?.lessonId || !unit || !younger || !elder) return { refused: GONE };
    if (elder.birthMonth >= younger.birthMonth)
      return { refused: `${elder.name} is not older than ${younger.name}.` };
    if (SHARED_KINDS.includes(part.kind)) return { refused: `“${part.title}” is done together already.` };
    if (!childrenOf(part, unit, plan.children).some((c) => c.id === youngerId))
      return { refused: `${younger.name} does not take part in “${part.title}”.` };
    if (
      plan.marks.some(
        (m) => m.partId === partId && m.outcome === 'done' && (m.childId === null || m.childId === youngerId),
      )
    )
      return { refused: `${younger.name} has done “${part.title}” already.` };
    const left = withChild(plan, part, unit, youngerId, false);
    if ('refused' in left)
      return {
        refused: `“${part.title}” is for ${younger.name} alone. Give it to ${elder.name} as well, then they can do it together.`,
      };
    const taught: Part = {
      ...blankPart,
      id: newId(),
      lessonId: part.lessonId,
      kind: 'teaching',
      title: `${elder.name} teaches ${younger.name}: ${part.title}`.slice(0, 200),
      lead: 'not-needed',
      window: part.window,
      childIds: [elderId, youngerId],
      teaches: partId,
    };
    return { plan: { ...plan, parts: plan.parts.flatMap((p) => (p.id === partId ? [left, taught] : [p])) } };
  };

/** Ends the teaching: the younger child does the part by themselves again. */
export const endTeaching =
  (partId: string): Edit =>
  (plan) => {
    const part = plan.parts.find((p) => p.id === partId && p.kind === 'teaching');
    const unit = part && homes(plan)(part).unit;
    if (!part || !unit) return { refused: GONE };
    const youngers = [...childrenOf(part, unit, plan.children)]
      .sort((a, b) => (a.birthMonth < b.birthMonth ? -1 : 1))
      .slice(1);
    const again = (p: Part): Part =>
      youngers.reduce((now, c) => withChild(plan, now, unit, c.id, true) as Part, p);
    return {
      plan: {
        ...plan,
        parts: plan.parts.filter((p) => p.id !== partId).map((p) => (p.id === part.teaches ? again(p) : p)),
      },
    };
  };

/** How a child shows what they know in a unit. What is done already stays what it was. */
export const showBy =
  (unitId: string, childId: string, show: Show): Edit =>
  (plan) => {
    const unit = plan.units.find((u) => u.id === unitId && u.childIds.includes(childId));
    return unit
      ? {
          plan: {
            ...plan,
            units: withChanged(plan.units, unitId, { shows: { ...unit.shows, [childId]: show } }),
          },
        }
      : { refused: GONE };
  };

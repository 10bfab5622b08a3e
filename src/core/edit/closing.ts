/** Closing a unit, early or at its end, taking in what it left, and going on with it after all. */
import { besideASpine } from '../books/readers';
import { shortDate, weekdayOf } from '../calendar/dates';
import { blankRule } from '../plan/blank';
import type { Part, Rule } from '../plan/lesson';
import { doneParts } from '../plan/lookup';
import type { Plan, Pull } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { GONE, withChanged, type Edit } from './edit';

/** What is settled of a unit when it is closed. */
export interface Settling {
  /** Parts that were not done and go on, once a week: a puzzle, a loom. */
  partIds: readonly string[];
  /** What comes back by itself and goes on doing so. */
  ruleIds: readonly string[];
  /** Books of it to be passed on, by their pulls. */
  pullIds: readonly string[];
}

const NOTHING: Settling = { partIds: [], ruleIds: [], pullIds: [] };

/**
 * Closes a unit: it is done, or was enough. What was taught stays; what is left stands on no day, and waits to be taken up.
 * What goes on is the family’s from then on, and belongs to no unit.
 */
export const closeUnit =
  (id: string, settling: Settling = NOTHING): Edit =>
  (plan, { today, newId }) => {
    const unit = plan.units.find((u) => u.id === id);
    if (!unit) return { refused: GONE };
    if (unit.waiting) return { refused: `“${unit.title}” waits for its place: there is nothing to close.` };
    if (unit.closedOn !== null) return { refused: isClosed(unit) };
    const own = new Set(plan.lessons.filter((l) => l.unitId === id).map((l) => l.id));
    const done = doneParts(plan);
    const goesOn = (p: Part): boolean =>
      settling.partIds.includes(p.id) && !done.has(p.id) && (p.unitId === id || own.has(p.lessonId ?? ''));
    return {
      plan: {
        ...plan,
        units: withChanged(plan.units, id, { closedOn: today }),
        parts: plan.parts.filter((p) => !goesOn(p)),
        rules: [
          ...plan.rules.map((r) =>
            r.unitId === id && settling.ruleIds.includes(r.id) && r.rhythm.on !== 'lesson'
              ? { ...r, unitId: null, first: r.first && r.first > today ? r.first : today }
              : r,
          ),
          ...plan.parts.filter(goesOn).map((p) => ruleFrom(p, plan, unit, newId())),
        ],
        pulls: plan.pulls.map((p): Pull =>
          p.unitId === id && settling.pullIds.includes(p.id) ? { ...p, role: 'give away' } : p,
        ),
      },
    };
  };

/** A part that goes on as something that comes back once a week, on the weekday it stood on last, for those who were in it. */
function ruleFrom(part: Part, plan: Plan, unit: Unit, id: string): Rule {
  const stood = plan.sittings.find((s) => s.partId === part.id)?.date;
  const weekday = stood ? weekdayOf(stood) : (plan.year?.weekdays[0] ?? 1);
  return {
    ...blankRule,
    id,
    title: part.title,
    kind: part.kind === 'own-kind' || part.kind === 'teaching' ? 'activity' : part.kind,
    minutes: part.minutes || blankRule.minutes,
    lead: part.lead,
    adultId: part.adultId,
    orParent: part.orParent,
    window: part.window,
    childIds: part.childIds ?? unit.childIds,
    supplies: part.supplies,
    rhythm: { on: 'weekday', weekday, everyWeeks: 1, startWeek: 1 },
  };
}

/** Takes a lesson that a closed unit left over into another one, after the lessons it has; the books on it come along. */
export const takeLeftOver =
  (lessonId: string, unitId: string): Edit =>
  (plan, { newId }) => {
    const lesson = plan.lessons.find((l) => l.id === lessonId);
    const unit = plan.units.find((u) => u.id === unitId);
    const from = plan.units.find((u) => u.id === lesson?.unitId);
    if (!lesson || !unit || !from) return { refused: GONE };
    if (unit.closedOn !== null) return { refused: isClosed(unit) };
    if (from.closedOn === null)
      return { refused: `“${from.title}” is not closed: its lessons are still to come there.` };
    const done = doneParts(plan);
    if (plan.parts.some((p) => p.lessonId === lessonId && done.has(p.id)))
      return { refused: `“${lesson.title}” has been taught in part, and stays in “${from.title}”.` };
    const pulls: Pull[] = [];
    const pullFor = (pullId: string): string => {
      const was = plan.pulls.find((p) => p.id === pullId)!;
      const there = [...plan.pulls, ...pulls].find((p) => p.unitId === unitId && p.bookId === was.bookId);
      if (there) return there.id;
      const pull: Pull = { ...was, id: newId(), unitId, ...besideASpine(was) };
      pulls.push(pull);
      return pull.id;
    };
    const uses = plan.uses.map((u) => (u.lessonId === lessonId ? { ...u, pullId: pullFor(u.pullId) } : u));
    const others = plan.lessons.filter((l) => l.id !== lessonId);
    return {
      plan: {
        ...plan,
        lessons: [...others, { ...lesson, unitId, objectiveIds: [], leftOut: false }],
        parts: plan.parts.map((p) =>
          p.lessonId === lessonId
            ? { ...p, fixedDate: null, earliest: null, latest: null, childIds: within(p.childIds, unit) }
            : p,
        ),
        pulls: [...plan.pulls, ...pulls],
        uses,
      },
      fresh: [unitId],
    };
  };

/** Those of a part who are in the other unit; all of it, where nobody is. */
const within = (childIds: readonly string[] | null, unit: Unit): string[] | null => {
  const left = childIds?.filter((c) => unit.childIds.includes(c) || unit.listens.includes(c));
  return left?.length ? left : null;
};

/** Takes a closed unit up again: what was left of it finds days anew. */
export const reopenUnit =
  (id: string): Edit =>
  (plan) => {
    const unit = plan.units.find((u) => u.id === id);
    if (!unit) return { refused: GONE };
    if (unit.closedOn === null) return { refused: `“${unit.title}” is not closed.` };
    return { plan: { ...plan, units: withChanged(plan.units, id, { closedOn: null }) }, fresh: [id] };
  };

/** Why a unit is not moved or paced any more. */
export const isClosed = ({ title, closedOn }: Pick<Unit, 'title' | 'closedOn'>): string =>
  `“${title}” was closed on ${shortDate(closedOn ?? '')}. Go on with it first.`;

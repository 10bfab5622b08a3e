/** What happened: done, or not. */
import { blankMark } from '../plan/blank';
import { ladderOf } from '../ladder/ladder-of';
import { byId, childrenOf, doneParts, homes, lessonsOf } from '../plan/lookup';
import type { IsoDate } from '../plan/measures';
import type { Part } from '../plan/lesson';
import type { Assignment, Mark, Plan } from '../plan/plan';
import { GONE, perform, type Edit, type Edited } from './edit';

/** Marks a part done on a day: for one child, or with null for everyone. */
export const markDone =
  (partId: string, childId: string | null, date: IsoDate): Edit =>
  (plan, { newId }) => {
    if (!plan.parts.some((p) => p.id === partId)) return { refused: GONE };
    if (plan.marks.some((m) => isDoneMark(m, partId) && (m.childId === childId || m.childId === null)))
      return { plan };
    const mark: Mark = { id: newId(), partId, childId, date, outcome: 'done', ...blankMark };
    return { plan: { ...plan, marks: [...plan.marks, mark] } };
  };

/** What stands on a day and has been neither ticked nor noted as missed: of the whole day, or of one lesson. */
export function openOn(plan: Plan, date: IsoDate, lessonId: string | null): Part[] {
  const parts = byId(plan.parts);
  const done = doneParts(plan);
  const missed = new Set(
    plan.marks.filter((m) => m.outcome === 'missed' && m.date === date).map((m) => m.partId),
  );
  return plan.sittings
    .filter((s) => s.date === date && !done.has(s.partId) && !missed.has(s.partId))
    .map((s) => parts.get(s.partId)!)
    .filter((p) => lessonId === null || p.lessonId === lessonId);
}

/** Marks all that stands on a day done, or what of one lesson does; children who were ticked keep what was noted of them. */
export const tickAll =
  (date: IsoDate, lessonId: string | null): Edit =>
  (plan, context) => {
    const open = openOn(plan, date, lessonId);
    if (!open.length) return { refused: 'All of it is ticked already.' };
    let now = plan;
    for (const part of open) {
      const who = childrenOf(part, homes(plan)(part).unit, plan.children);
      const ticked = new Set(plan.marks.filter((m) => isDoneMark(m, part.id)).map((m) => m.childId));
      // Where one child was ticked already the others are, one by one.
      const whom = ticked.size ? who.map((c) => c.id).filter((id) => !ticked.has(id)) : [null];
      for (const childId of whom) {
        const done = markDone(part.id, childId, date)(now, context);
        if ('refused' in done) return done;
        now = done.plan;
      }
    }
    return { plan: now };
  };

/**
 * Nothing of what is still open of a day happened: it moves on, as each part does by itself. What has a fixed date, and
 * what was ticked, stays.
 */
export const nothingHappened =
  (date: IsoDate, rubOut: boolean): Edit =>
  (plan, context) => {
    const open = openOn(plan, date, null).filter((p) => p.ruleId !== null || p.fixedDate === null);
    if (!open.length) return { refused: 'Nothing is left of that day that could move on.' };
    let now = plan;
    const unless: NonNullable<Edited['unless']>[] = [];
    for (const part of open) {
      const moved = didNotHappen(part.id, date, rubOut)(now, context);
      if ('refused' in moved) return moved;
      now = moved.plan;
      if (moved.unless) unless.push(moved.unless);
    }
    return {
      plan: now,
      unless: (drawn) => {
        for (const look of unless) {
          const refused = look(drawn);
          if (refused) return refused;
        }
        return undefined;
      },
    };
  };

/** Takes the done mark back; a mark for everyone is taken back for everyone, or left to the other children. */
export const unmark =
  (partId: string, childId: string | null): Edit =>
  (plan, { newId }) => {
    const part = plan.parts.find((p) => p.id === partId);
    if (!part) return { refused: GONE };
    const { unit } = homes(plan)(part);
    const whole = plan.marks.find((m) => isDoneMark(m, partId) && m.childId === null);
    const kept = plan.marks.filter(
      (m) => !(isDoneMark(m, partId) && (childId === null || m.childId === null || m.childId === childId)),
    );
    const others =
      childId !== null && whole ? childrenOf(part, unit, plan.children).filter((c) => c.id !== childId) : [];
    return {
      plan: {
        ...plan,
        marks: [...kept, ...others.map((c): Mark => ({ ...whole!, id: newId(), childId: c.id }))],
      },
    };
  };

const isDoneMark = (m: Mark, partId: string): boolean => m.partId === partId && m.outcome === 'done';

/** Notes how a piece of work went for one child, with the rung it was on; what was not ticked for them is ticked with it. */
export const noteFelt = (
  partId: string,
  childId: string,
  felt: NonNullable<Mark['felt']>,
  date: IsoDate,
): Edit => noteOf(partId, childId, date, () => ({ felt }));

/**
 * Notes the minutes a part took: one child’s work, whose hand is measured by it where it is copying; or, with null, what is
 * done together, which is ticked with it.
 */
export const noteTook = (partId: string, childId: string | null, minutes: number, date: IsoDate): Edit =>
  childId === null ? noteTookTogether(partId, minutes, date) : noteTookOf(partId, childId, minutes, date);

const noteTookTogether =
  (partId: string, minutes: number, date: IsoDate): Edit =>
  (plan, context) => {
    const ticked = markDone(partId, null, date)(plan, context);
    if ('refused' in ticked) return ticked;
    return {
      plan: {
        ...ticked.plan,
        marks: ticked.plan.marks.map((m) => (isDoneMark(m, partId) ? { ...m, minutes } : m)),
      },
    };
  };

const noteTookOf = (partId: string, childId: string, minutes: number, date: IsoDate): Edit =>
  noteOf(partId, childId, date, (plan, part, given) => {
    const { lesson, unit } = homes(plan)(part);
    const child = plan.children.find((c) => c.id === childId);
    const letters =
      lesson && unit && child && !given.byHand
        ? ladderOf(plan).versionOf({ part, child, lesson, unit }, given.rung).letters
        : 0;
    return { minutes, letters: letters || null };
  });

/** One child's mark of a piece of work, with what is noted on it. */
const noteOf =
  (
    partId: string,
    childId: string,
    date: IsoDate,
    message: (plan: Plan, part: Part, given: Assignment) => Partial<Mark>,
  ): Edit =>
  (plan, context) => {
    const part = plan.parts.find((p) => p.id === partId);
    const given = plan.assignments.find((a) => a.partId === partId && a.childId === childId);
    if (!part || !given) return { refused: GONE };
    // A tick for everyone becomes one for each, since one of them has more to say.
    const whole = plan.marks.find((m) => isDoneMark(m, partId) && m.childId === null);
    const split = whole
      ? childrenOf(part, homes(plan)(part).unit, plan.children).map((c): Mark => ({
          ...whole,
          id: context.newId(),
          childId: c.id,
        }))
      : [];
    const marks = [...plan.marks.filter((m) => m !== whole), ...split];
    const own = marks.find((m) => isDoneMark(m, partId) && m.childId === childId);
    const noted: Mark = {
      ...(own ?? { id: context.newId(), partId, childId, date, outcome: 'done', ...blankMark }),
      rung: given.rung,
      ...message(plan, part, given),
    };
    return { plan: { ...plan, marks: own ? marks.map((m) => (m === own ? noted : m)) : [...marks, noted] } };
  };

/**
 * A part did not happen on a day: that is kept as a mark, and the part moves to a later day. When what is in ink
 * after it leaves no room, nothing is stored; with `rubOut` the later ink of its unit becomes pencil.
 */
export const didNotHappen =
  (partId: string, date: IsoDate, rubOut: boolean): Edit =>
  (plan, context) => {
    const { newId } = context;
    const part = plan.parts.find((p) => p.id === partId);
    if (!part) return { refused: GONE };
    const unitId = homes(plan)(part).unit?.id;
    // What comes back by itself comes back by itself: this time it is left out.
    if (part.ruleId !== null && part.lessonId === null) {
      if (plan.marks.some((m) => m.partId === partId && m.outcome === 'missed')) return { plan };
      return {
        plan: {
          ...plan,
          marks: [
            ...plan.marks.filter((m) => !isDoneMark(m, partId)),
            { id: newId(), partId, childId: null, date, outcome: 'missed', ...blankMark },
          ],
        },
      };
    }
    if (part.fixedDate)
      return { refused: `“${part.title}” has a fixed date. Give it another date on the lesson.` };
    const mark: Mark = { id: newId(), partId, childId: null, date, outcome: 'missed', ...blankMark };
    const marks = [...plan.marks.filter((m) => !isDoneMark(m, partId)), mark];
    const later = rubOut ? new Set(laterParts(plan, unitId, partId)) : new Set<string>();
    const sittings = plan.sittings.map((s) =>
      s.partId === partId || later.has(s.partId) ? { ...s, state: 'pencil' as const } : s,
    );
    return {
      plan: { ...plan, marks, sittings },
      unless: ({ layout }) => {
        const isWithout = (laid: typeof layout): boolean =>
          !!laid?.unplaced.some(
            (u) =>
              u.partId === partId || (part.lessonId !== null && sameLesson(plan, u.partId, part.lessonId)),
          );
        if (rubOut || !isWithout(layout)) return undefined;
        // Whether it is the ink: without it there is room.
        const freed = perform(didNotHappen(partId, date, true), plan, context);
        const isInk = 'plan' in freed && !isWithout(freed.layout);
        return {
          refused: isInk
            ? `What is in ink after “${part.title}” leaves no room for it on a later day.`
            : `“${part.title}” finds no later day, even where what is in ink after it is rubbed out: whoever leads it is not there, a fixed date after it comes too soon, or the days are full. Change that first, or go ahead and find it a day yourself.`,
          offer: 'rub-out',
        };
      },
    };
  };

const sameLesson = (plan: Plan, partId: string, lessonId: string): boolean =>
  plan.parts.find((p) => p.id === partId)?.lessonId === lessonId;

/** The parts that come after a part in its unit. */
function laterParts(plan: Plan, unitId: string | undefined, partId: string): string[] {
  if (unitId === undefined) return [];
  const parts = lessonsOf(plan, unitId).flatMap((l) =>
    plan.parts.filter((p) => p.lessonId === l.id).map((p) => p.id),
  );
  return parts.slice(parts.indexOf(partId) + 1);
}

/** Lessons stretched over the days of a week, and taken together again; what was loved, once more. */
import { blankPart } from '../plan/blank';
import { doingOf } from '../plan/doing';
import { doneParts, groupBy, homes, lessonsOf, partsByLesson } from '../plan/lookup';
import type { Part, Pattern } from '../plan/lesson';
import { GONE, withChanged, type Edit } from './edit';
import { dealtToLessons } from '../formats/packs';
import { isClosed } from './closing';
import { piecesOf, whatIsDone } from './shape';

/** Stretches lessons over the days of a pattern: parts in order on its weekdays, and a close on the last. */
export const stretchLessons =
  (ids: readonly string[], pattern: Omit<Pattern, 'id'>, onePerWeek: boolean): Edit =>
  (plan, { newId }) => {
    const lessons = plan.lessons.filter((l) => ids.includes(l.id));
    if (!lessons.length) return { refused: GONE };
    const days = [...pattern.days].sort((a, b) => a.weekday - b.weekday);
    const work = days.filter((d) => !d.closes).map((d) => d.weekday);
    const close = days.find((d) => d.closes)?.weekday;
    if (!work.length)
      return { refused: 'A pattern needs a day on which something is done, beside the close.' };
    if (close !== undefined && work.some((d) => d > close))
      return { refused: 'The close comes on the last day of the pattern.' };
    const closed = plan.year && days.find((d) => !plan.year!.weekdays.includes(d.weekday));
    if (closed) return { refused: 'The pattern has a weekday on which you do not teach.' };
    let parts = plan.parts;
    for (const lesson of lessons) {
      const taught = whatIsDone(plan, lesson);
      if (taught) return taught;
      const own = parts.filter((p) => p.lessonId === lesson.id && p.ruleId === null);
      const closing = own.find((p) => p.kind === 'look-back');
      const doing = own.filter((p) => p !== closing);
      const cut = doing.length < work.length ? piecesInPlace(doing, work.length, newId) : doing;
      const at = dealtToLessons(cut.length, Math.min(work.length, Math.max(1, cut.length)));
      const placed = cut.map((p, i): Part => ({ ...p, weekday: work[at[i]] }));
      const last: Part[] =
        close === undefined
          ? closing
            ? [{ ...closing, weekday: null }]
            : []
          : [
              {
                ...(closing ?? {
                  ...blankPart,
                  id: newId(),
                  lessonId: lesson.id,
                  kind: 'look-back',
                  title: 'Close the lesson',
                  minutes: 15,
                  lead: 'leads',
                }),
                weekday: close,
              },
            ];
      parts = [...parts.filter((p) => !own.includes(p)), ...placed, ...last];
    }
    const units = onePerWeek
      ? withChanged(plan.units, lessons[0].unitId, { lessonsPerWeek: 1, mostPerWeek: null })
      : plan.units;
    return { plan: { ...plan, parts, units }, fresh: [lessons[0].unitId] };
  };

/** Cuts parts that say their minutes, and leaves the order as it is. */
function piecesInPlace(parts: readonly Part[], atLeast: number, newId: () => string): Part[] {
  const doing = parts.filter((p) => p.minutes !== null);
  const pieces = groupBy(piecesOf(doing, atLeast - (parts.length - doing.length), newId), (p) =>
    p.title.replace(/, \d+ of \d+$/u, ''),
  );
  const used = new Set<string>();
  return parts.flatMap((p) => {
    if (p.minutes === null) return [p];
    const key = p.title.slice(0, 180);
    if (used.has(key)) return pieces.get(key) ? [] : [p];
    used.add(key);
    return pieces.get(key) ?? [p];
  });
}

/** Takes lessons back together: their parts keep no weekday. */
export const gatherLessons =
  (ids: readonly string[]): Edit =>
  (plan) => {
    const lesson = plan.lessons.find((l) => ids.includes(l.id));
    if (!lesson) return { refused: GONE };
    return {
      plan: {
        ...plan,
        parts: plan.parts.map((p) =>
          p.lessonId !== null && ids.includes(p.lessonId) && p.weekday !== null ? { ...p, weekday: null } : p,
        ),
      },
      fresh: [lesson.unitId],
    };
  };

/**
 * What was loved, once more: a copy of the activity in the next lesson of which nothing is done, or after the last one where there
 * is none. It may be left out when days run short, and takes the minutes it took, where they were noted.
 */
export const onceMore =
  (partId: string): Edit =>
  (plan, { newId }) => {
    const part = plan.parts.find((p) => p.id === partId);
    const { lesson, unit } = part ? homes(plan)(part) : {};
    if (!part || !unit) return { refused: GONE };
    if (unit.closedOn !== null) return { refused: isClosed(unit) };
    if (part.kind === 'own-kind' || part.kind === 'teaching')
      return { refused: `“${part.title}” belongs to the ladder. Add it to another lesson there.` };
    const done = doneParts(plan);
    const partsOf = partsByLesson(plan.parts);
    const lessons = lessonsOf(plan, unit.id);
    const next = lessons
      .slice(lessons.findIndex((l) => l.id === lesson?.id) + 1)
      .find((l) => !l.leftOut && !(partsOf.get(l.id) ?? []).some((p) => done.has(p.id)));
    const took = plan.marks.find((m) => m.partId === partId && m.minutes !== null)?.minutes ?? null;
    const again: Part = {
      ...blankPart,
      ...doingOf(part),
      id: newId(),
      lessonId: next?.id ?? null,
      unitId: next ? null : unit.id,
      childIds: part.childIds,
      adultId: part.adultId,
      orParent: part.orParent,
      minutes: took ?? part.minutes,
      optional: true,
    };
    return { plan: { ...plan, parts: [...plan.parts, again] } };
  };

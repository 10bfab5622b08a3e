/** What a change did to the lay-out, in words. */
import { byId, isLeft, partsByLesson } from '../plan/lookup';
import type { Plan } from '../plan/plan';

export interface Difference {
  /** Lessons of which a part now stands on another day. */
  moved: string[];
  /** Lessons of which a part that stood somewhere, or is new, has no place. */
  withoutPlace: string[];
}

export function difference(before: Plan, after: Plan): Difference {
  const was = new Map(before.sittings.map((s) => [s.partId, s.date]));
  const is = new Map(after.sittings.map((s) => [s.partId, s.date]));
  const known = new Set(before.parts.map((p) => p.id));
  const units = byId(after.units);
  const leftOver = new Set(
    after.lessons.filter((l) => isLeft({ lesson: l, unit: units.get(l.unitId) })).map((l) => l.id),
  );
  const moved: string[] = [];
  const withoutPlace: string[] = [];
  for (const [lessonId, parts] of partsByLesson(after.parts)) {
    if (parts.some((p) => was.has(p.id) && is.has(p.id) && was.get(p.id) !== is.get(p.id)))
      moved.push(lessonId);
    if (leftOver.has(lessonId)) continue;
    if (parts.some((p) => !is.has(p.id) && (was.has(p.id) || !known.has(p.id)))) withoutPlace.push(lessonId);
  }
  return { moved, withoutPlace: withoutPlace };
}

/** “3 lessons move. 1 lesson has no place.” Nothing when nothing moves; lessons the parent moved themselves can be left out. */
export function differenceInWords(
  { moved, withoutPlace }: Difference,
  except: readonly string[] = [],
): string {
  const others = moved.filter((id) => !except.includes(id)).length;
  const message: string[] = [];
  if (others)
    message.push(`${others} ${except.length ? 'more ' : ''}lesson${others === 1 ? ' moves' : 's move'}.`);
  if (withoutPlace.length)
    message.push(
      `${withoutPlace.length} lesson${withoutPlace.length === 1 ? ' has' : 's have'} no place in the year.`,
    );
  return message.join(' ');
}

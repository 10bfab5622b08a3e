/** What a change did to the lay-out, in words. */
import { partsByLesson } from '../plan/lookup';
import type { Plan } from '../plan/plan';

export interface Difference {
  /** Lessons of which a part now stands on another day. */
  moved: string[];
  /** Lessons of which a part that stood somewhere, or is new, has no place. */
  homeless: string[];
}

export function difference(before: Plan, after: Plan): Difference {
  const was = new Map(before.sittings.map((s) => [s.partId, s.date]));
  const is = new Map(after.sittings.map((s) => [s.partId, s.date]));
  const known = new Set(before.parts.map((p) => p.id));
  const moved: string[] = [];
  const homeless: string[] = [];
  for (const [lessonId, parts] of partsByLesson(after.parts)) {
    if (parts.some((p) => was.has(p.id) && is.has(p.id) && was.get(p.id) !== is.get(p.id))) moved.push(lessonId);
    if (parts.some((p) => !is.has(p.id) && (was.has(p.id) || !known.has(p.id)))) homeless.push(lessonId);
  }
  return { moved, homeless };
}

/** “3 lessons move. 1 lesson has no place.” Nothing when nothing moves; lessons the parent moved themselves can be left out. */
export function differenceInWords({ moved, homeless }: Difference, except: readonly string[] = []): string {
  const others = moved.filter((id) => !except.includes(id)).length;
  const says: string[] = [];
  if (others) says.push(`${others} ${except.length ? 'more ' : ''}lesson${others === 1 ? ' moves' : 's move'}.`);
  if (homeless.length) says.push(`${homeless.length} lesson${homeless.length === 1 ? ' has' : 's have'} no place in the year.`);
  return says.join(' ');
}

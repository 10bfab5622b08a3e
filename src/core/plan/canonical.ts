/** The one order of a plan's lists, so that the same plan is always written the same way. */
import type { Plan } from './plan';

/** Lists ordered by what they belong to, in the plan's own order; where that says nothing, by id. */
export function canonical(plan: Plan): Plan {
  const unitAt = places(plan.units);
  const lessons = sorted(plan.lessons, (l) => [unitAt(l.unitId)]);
  const lessonAt = places(lessons);
  const parts = sorted(plan.parts, (p) => [lessonAt(p.lessonId)]);
  const partAt = places(parts);
  const childAt = places(plan.children);
  const pulls = sorted(plan.pulls, (p) => [unitAt(p.unitId)]);
  const pullAt = places(pulls);
  return {
    ...plan, lessons, parts, pulls,
    uses: sorted(plan.uses, (u) => [lessonAt(u.lessonId), pullAt(u.pullId)]),
    assignments: sorted(plan.assignments, (a) => [partAt(a.partId), childAt(a.childId)]),
    sittings: sorted(plan.sittings, (s) => [partAt(s.partId), s.id]),
    marks: sorted(plan.marks, (m) => [m.date, partAt(m.partId), m.id]),
  };
}

function places(items: readonly { id: string }[]): (id: string) => number {
  const at = new Map(items.map((item, i) => [item.id, i]));
  return (id) => at.get(id) ?? -1;
}

function sorted<T>(items: readonly T[], key: (item: T) => (number | string)[]): T[] {
  return items
    .map((item) => ({ item, key: key(item) }))
    .sort((a, b) => {
      const i = a.key.findIndex((k, n) => k !== b.key[n]);
      return i < 0 ? 0 : a.key[i] < b.key[i] ? -1 : 1;
    })
    .map(({ item }) => item);
}

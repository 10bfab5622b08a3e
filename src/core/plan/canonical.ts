/** The one order of a plan's lists, so that the same plan is always written the same way. */
import type { Plan } from './plan';

/** Lists ordered by what they belong to, in the plan's own order; where that says nothing, by id. */
export function canonical(plan: Plan): Plan {
  const unitAt = places(plan.units);
  const ofUnit = <T extends { unitId: string }>(items: readonly T[]): T[] => sorted(items, (i) => [unitAt(i.unitId)]);
  const lessons = ofUnit(plan.lessons);
  const lessonAt = places(lessons);
  const rules = sorted(plan.rules, (r) => [unitAt(r.unitId ?? '')]);
  const ruleAt = places(rules);
  // Parts of the family and of units come before those of lessons, rule by rule and day by day.
  const parts = sorted(plan.parts, (p) => (p.lessonId !== null ? [lessonAt(p.lessonId)] : [-1, unitAt(p.unitId ?? ''), ruleAt(p.ruleId ?? ''), p.ruleId === null ? '' : (p.fixedDate ?? ''), p.ruleId === null ? '' : p.id]));
  const partAt = places(parts);
  const childAt = places(plan.children);
  const bookAt = places(plan.books);
  const pulls = ofUnit(plan.pulls);
  const pullAt = places(pulls);
  return {
    ...plan, lessons, parts, pulls, rules,
    objectives: ofUnit(plan.objectives), questions: ofUnit(plan.questions), ideas: ofUnit(plan.ideas),
    uses: sorted(plan.uses, (u) => [lessonAt(u.lessonId), pullAt(u.pullId)]),
    assignments: sorted(plan.assignments, (a) => [partAt(a.partId), childAt(a.childId)]),
    sittings: sorted(plan.sittings, (s) => [partAt(s.partId), s.id]),
    loans: sorted(plan.loans, (l) => [bookAt(l.bookId), l.asked ?? '', l.id]),
    readings: sorted(plan.readings, (r) => [r.date, childAt(r.childId), r.id]),
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

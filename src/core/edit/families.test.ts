/**
 * What kinds of families ask of a lay-out, from an empty year: each is laid out and changed as they would, and looked at by the
 * check that knows the rules and not the engine.
 */
import { describe, expect, it } from 'vitest';
import { after, CONTEXT, TODAY } from '../../../tests/after';
import { schoolDays } from '../calendar/school-days';
import { breaches, withoutPlace } from '../layout/check';
import { verdictOf } from '../layout/verdict';
import { blankChild, blankFamily, blankLesson, blankPart, blankUnit, blankYear } from '../plan/blank';
import type { Part } from '../plan/lesson';
import { EMPTY_PLAN, type Plan } from '../plan/plan';
import { HATCHES } from '../plan/words';
import type { Unit } from '../plan/unit';
import { closeUnit } from './closing';
import { markDone } from './today';
import { waysThrough } from './ways-through';
import { placeInRow } from './year';

const drawn = (plan: Plan): Plan => after(plan, (p) => ({ plan: p, fresh: 'all' }));

/** A family with children of these ages, and units of so many lessons. */
function family(
  ages: readonly number[],
  units: readonly (Partial<Unit> & { id: string; lessons: number })[],
  parts: (lesson: string, i: number) => Partial<Part>[] = () => [
    { title: 'Read', kind: 'read-aloud', minutes: 20, lead: 'leads' },
    { title: 'Do it', kind: 'activity', minutes: 30, lead: 'leads' },
    { title: 'Tell it back', kind: 'tell-back', lead: 'not-needed' },
  ],
): Plan {
  const lessons = units.flatMap((u) =>
    Array.from({ length: u.lessons }, (_, i) => ({ id: `${u.id}-${i + 1}`, unitId: u.id, i })),
  );
  return {
    ...EMPTY_PLAN,
    family: { ...blankFamily, name: 'A house', leadMinutes: 180 },
    year: { ...blankYear, starts: '2026-08-31', ends: '2027-06-11', weeksOff: 0 },
    children: ages.map((age, n) => ({
      ...blankChild,
      id: `c${n}`,
      name: `Child ${n}`,
      birthMonth: `${2026 - age}-03`,
      hatch: HATCHES[n],
      minutes: age < 4 ? 60 : 150,
    })),
    units: units.map(({ lessons: _, ...u }) => ({
      ...blankUnit,
      title: u.id,
      starts: TODAY,
      childIds: ages.map((_age, n) => `c${n}`),
      ...u,
    })),
    lessons: lessons.map(({ i: _, ...l }) => ({ ...blankLesson, ...l, title: `Lesson ${l.id}` })),
    parts: lessons.flatMap((l) =>
      parts(l.id, l.i).map((p, n) => ({
        ...blankPart,
        kind: 'activity' as const,
        title: `Part ${n}`,
        lead: 'near' as const,
        ...p,
        id: `${l.id}-p${n}`,
        lessonId: l.id,
      })),
    ),
  };
}

const holds = (plan: Plan): void => {
  expect(breaches(plan).map((b) => b.message)).toEqual([]);
  expect(withoutPlace(plan).map((b) => b.message)).toEqual([]);
};
const daysOf = (plan: Plan, unitId: string): string[] =>
  [...new Set(plan.sittings.filter((s) => s.partId.startsWith(`${unitId}-`)).map((s) => s.date))].sort();
const weekOf = (plan: Plan, date: string): number =>
  schoolDays(plan.year!).find((d) => d.date === date)!.week;

describe('kinds of families', () => {
  it('an eleven-lesson pack at a lesson a week is done in eleven weeks, one in each', () => {
    const plan = drawn(family([9, 6], [{ id: 'pack', lessons: 11, lessonsPerWeek: 1 }]));
    holds(plan);
    const weeks = new Set(daysOf(plan, 'pack').map((d) => weekOf(plan, d)));
    expect(weeks.size).toBe(11);
  });

  it('twenty lessons in six weeks for 11, 8, 5 and 2 end in time, never more than four a week', () => {
    const plan = drawn(
      family(
        [11, 8, 5, 2],
        [{ id: 'six', lessons: 20, lessonsPerWeek: 2, mostPerWeek: 4, wishedEnd: '2026-10-09' }],
      ),
    );
    holds(plan);
    expect(verdictOf(plan, 'six', TODAY)).toMatchObject({ meetsEnd: true, placed: 20 });
  });

  it('two guides in a row from 8 March end by 28 May, the second after the first', () => {
    const plan = after(
      family(
        [10, 7],
        [
          { id: 'first', lessons: 16, lessonsPerWeek: 3, waiting: true },
          { id: 'second', lessons: 18, lessonsPerWeek: 2, mostPerWeek: 5, waiting: true },
        ],
      ),
      placeInRow(['first', 'second'], '2027-03-08', '2027-05-28'),
    );
    holds(plan);
    expect(daysOf(plan, 'first')[0]).toBe('2027-03-08');
    expect(daysOf(plan, 'second')[0] > daysOf(plan, 'first').at(-1)!).toBe(true);
    expect(daysOf(plan, 'second').at(-1)! <= '2027-05-28').toBe(true);
  });

  it('three units side by side for different children keep each their pace and everybody’s minutes', () => {
    const plan = drawn(
      family(
        [12, 9, 6],
        [
          { id: 'old', lessons: 10, lessonsPerWeek: 2, childIds: ['c0'] },
          { id: 'middle', lessons: 12, lessonsPerWeek: 3, childIds: ['c1'] },
          { id: 'all', lessons: 10, lessonsPerWeek: 2 },
        ],
      ),
    );
    holds(plan);
  });

  it('a model that dries 48 hours from a Friday is painted after the weekend', () => {
    const plan = drawn(
      family([9], [{ id: 'clay', lessons: 4, lessonsPerWeek: 1 }], () => [
        { title: 'Build', minutes: 40, weekday: 5, waitAfterHours: 48 },
        { title: 'Paint', minutes: 20 },
      ]),
    );
    holds(plan);
    const on = new Map(plan.sittings.map((s) => [s.partId, s.date]));
    for (const n of [1, 2, 3, 4]) {
      expect(new Date(`${on.get(`clay-${n}-p0`)!}T00:00Z`).getUTCDay()).toBe(5);
      expect(new Date(`${on.get(`clay-${n}-p1`)!}T00:00Z`).getUTCDay()).toBe(1);
    }
  });

  it('a week lost in the middle before a hard end: some way through meets it, and each that is shown holds', () => {
    const plan = drawn(
      family([9, 6], [{ id: 'u', lessons: 15, lessonsPerWeek: 3, wishedEnd: '2026-10-02' }]),
    );
    holds(plan);
    const what = { is: 'days-lost', first: '2026-09-14', last: '2026-09-18', label: 'ill' } as const;
    const ways = waysThrough(plan, what, CONTEXT);
    const ok = ways.filter((w) => !w.refused);
    expect(ok.length).toBeGreaterThan(1);
    expect(ok.some((w) => w.says.every((s) => !s.worse))).toBe(true);
  });

  it('a parent who is ill for a week leaves nothing behind: what needs them waits', () => {
    const plan = drawn(family([9, 6], [{ id: 'u', lessons: 9, lessonsPerWeek: 3 }]));
    const what = { is: 'you-ill', first: '2026-09-07', last: '2026-09-11' } as const;
    const ways = waysThrough(plan, what, CONTEXT).filter((w) => !w.refused);
    expect(ways.length).toBeGreaterThan(0);
  });

  it('a unit that is closed after one week keeps what was taught, and the rest stands on no day and is missed nowhere', () => {
    const plan = drawn(family([9, 6], [{ id: 'u', lessons: 9, lessonsPerWeek: 3 }]));
    const week = plan.sittings.filter((s) => s.date <= '2026-09-04').map((s) => s.partId);
    const closed = after(plan, ...week.map((id) => markDone(id, null, TODAY)), closeUnit('u'));
    holds(closed);
    expect(closed.sittings.map((s) => s.partId).sort()).toEqual([...week].sort());
    expect(closed.entries).toHaveLength(week.length);
  });
});

/** What was put somewhere by hand stays there, whatever else changes; what would break a promise is refused in words. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aLesson, aPart, aPlan, aUnit, someFullPlan, somePlan, YEAR } from '../../../tests/sample-plan';
import { schoolDays } from '../calendar/school-days';
import { perform, type Edit } from '../edit/edit';
import { moveLesson, movePart } from '../edit/weeks';
import { canonical } from '../plan/canonical';
import type { Plan } from '../plan/plan';
import { breaches, withoutPlace } from './check';
import { redraw } from './redraw';

const TODAY = '2026-08-31';
let ids = 0;
const context = { today: TODAY, newId: () => `new-${++ids}` };
const drawn = (plan: Plan): Plan => canonical(redraw(plan, { today: TODAY }).plan);
const done = (plan: Plan, edit: Edit): Plan | string => {
  const outcome = perform(edit, plan, context);
  return 'refused' in outcome ? outcome.refused : canonical(outcome.plan);
};
const places = (plan: Plan): string[] => plan.sittings.map((s) => `${s.partId} ${s.date} ${s.window}`);
const renamed: Edit = (plan) => ({
  plan: { ...plan, lessons: plan.lessons.map((l, i) => (i ? l : { ...l, title: 'Another name' })) },
});
const dateOf = (plan: Plan, partId: string): string | undefined =>
  plan.sittings.find((s) => s.partId === partId)?.date;

describe('a part put somewhere by hand', () => {
  const twoParts = (l: string) => [aPart(`${l}-a`, l), aPart(`${l}-b`, l)];

  it.each([1, 2, 3, 4, 9])('%i school days later is still there when a lesson is renamed', (later) => {
    const plan = drawn(aPlan(6, { units: [aUnit({ lessonsPerWeek: 1 })] }, twoParts));
    const days = schoolDays(plan.year!);
    const to = days[days.findIndex((d) => d.date === dateOf(plan, 'l2-b')) + later].date;
    const moved = done(plan, movePart('l2-b', to)) as Plan;
    expect(dateOf(moved, 'l2-b')).toBe(to);
    expect(places(done(moved, renamed) as Plan)).toEqual(places(moved));
  });

  it('stays on a day that another lesson has, when the pace lets both begin in the week', () => {
    const plan = drawn(aPlan(4, { units: [aUnit({ lessonsPerWeek: 2 })] }));
    const moved = done(plan, moveLesson('l1', dateOf(plan, 'l1-a')!, dateOf(plan, 'l2-a')!)) as Plan;
    expect(places(done(moved, renamed) as Plan)).toEqual(places(moved));
  });

  it.each([
    ['of any family', somePlan],
    ['of a family with something of everything', someFullPlan],
  ])('stays, %s, whatever was moved before', (_, some) => {
    fc.assert(
      fc.property(
        some,
        fc.array(fc.tuple(fc.nat(), fc.nat({ max: 12 })), { maxLength: 4 }),
        (given, moves) => {
          let plan = drawn(given);
          const days = schoolDays(plan.year!);
          for (const [pick, later] of moves) {
            const movable = plan.sittings.filter((s) => plan.parts.find((p) => p.id === s.partId)?.lessonId);
            if (!movable.length) return;
            const sitting = movable[pick % movable.length];
            const to =
              days[Math.min(days.length - 1, days.findIndex((d) => d.date === sitting.date) + later)].date;
            const after = done(plan, movePart(sitting.partId, to));
            if (typeof after === 'string') continue;
            plan = after;
            expect(dateOf(plan, sitting.partId)).toBe(to);
            expect(breaches(plan)).toEqual([]);
            expect(places(done(plan, renamed) as Plan)).toEqual(places(plan));
          }
        },
      ),
      { numRuns: 80 },
    );
  });

  it('goes to another half-day of the day where its own is full', () => {
    const long = (l: string) => [aPart(`${l}-a`, l, { minutes: 100, window: 'morning', lead: 'not-needed' })];
    const plan = drawn(aPlan(2, { children: aPlan(1).children.map((c) => ({ ...c, minutes: 300 })) }, long));
    const moved = done(plan, moveLesson('l1', '2026-08-31', '2026-09-02')) as Plan;
    expect(moved.sittings[0]).toMatchObject({ date: '2026-09-02' });
  });
});

describe('a move by hand is refused in words', () => {
  const wide = { children: aPlan(1).children.map((c) => ({ ...c, minutes: 300 })) };

  it('where no half-day has the minutes', () => {
    const parts = ['l1', 'l2'].map((l) =>
      aPart(`${l}-a`, l, { minutes: 170, lead: 'not-needed', window: 'morning' }),
    );
    const year = { ...YEAR, afternoonStarts: 720, middayStarts: 690, dayEnds: 740 };
    const plan = drawn(aPlan(2, { ...wide, year, parts }));
    const inked = {
      ...plan,
      sittings: plan.sittings.map((s, i) => (i ? { ...s, state: 'ink' as const } : s)),
    };
    expect(done(inked, moveLesson('l1', '2026-08-31', '2026-09-02'))).toMatch(
      /c1 has 340 min (on|in the morning of) Wed 2 Sep; the limit is/,
    );
  });

  it('where the day ends early', () => {
    const year = { ...YEAR, shortDays: [{ id: 's', date: '2026-09-01', ends: 570, label: '' }] };
    const plan = drawn(aPlan(1, { year }, (l) => [aPart(`${l}-a`, l, { minutes: 100 })]));
    expect(done(plan, moveLesson('l1', '2026-08-31', '2026-09-01'))).toMatch(
      /c1 has 100 min on Tue 1 Sep; the limit is 18/,
    );
  });

  it('where more lessons would begin in a week than the pace has', () => {
    const plan = drawn(aPlan(4, { units: [aUnit({ lessonsPerWeek: 3 })] }));
    expect(done(plan, moveLesson('l4', '2026-09-07', '2026-09-04'))).toMatch(
      /4 lessons of “A unit” begin in the week of Mon 31 Aug; its pace is 3/,
    );
  });

  it('where another lesson would lose its place', () => {
    const year = { ...YEAR, ends: '2026-09-04', weeksOff: 0 };
    const plan = drawn(
      aPlan(5, { year, units: [aUnit({ lessonsPerWeek: 5 })] }, (l) => [
        aPart(`${l}-a`, l, { minutes: 110 }),
      ]),
    );
    expect(withoutPlace(plan)).toEqual([]);
    expect(done(plan, moveLesson('l3', '2026-09-02', '2026-09-03'))).toMatch(/has no day/);
  });
});

describe('room is looked for', () => {
  const busy = (date: string) => ({
    ...aPart(`busy-${date}`, 'x', { minutes: 110, fixedDate: date }),
    lessonId: null,
    unitId: 'u1',
  });

  it('back within the week: a full Friday sends the third lesson to Thursday, not to the next week', () => {
    const fridays = Array.from({ length: 12 }, (_, i) =>
      new Date(Date.UTC(2026, 8, 4 + 7 * i)).toISOString().slice(0, 10),
    );
    const base = aPlan(20, { year: { ...YEAR, weeksOff: 0 }, units: [aUnit({ lessonsPerWeek: 3 })] });
    const plan = drawn({ ...base, parts: [...base.parts, ...fridays.map(busy)] });
    expect(dateOf(plan, 'l3-a')).toBe('2026-09-03');
    expect(plan.sittings.find((s) => s.partId === 'l3-a')!.reason).toEqual({
      kind: 'full',
      of: 'c1',
      date: '2026-09-04',
    });
    // Twenty lessons at three a week fill seven weeks.
    expect(dateOf(plan, 'l20-a')! < '2026-10-19').toBe(true);
  });

  it('in another half-day of the day, when the wanted one is full', () => {
    const children = aPlan(1).children.map((c) => ({ ...c, minutes: 300 }));
    const plan = drawn(
      aPlan(1, { children, family: { ...aPlan(1).family!, leadMinutes: 300 } }, (l) => [
        aPart('first', l, { minutes: 100, window: 'afternoon' }),
        aPart('second', l, { minutes: 100 }),
      ]),
    );
    expect([dateOf(plan, 'first'), dateOf(plan, 'second')]).toEqual(['2026-08-31', '2026-08-31']);
  });

  it('and a full half-day is not blamed on a day that is not full', () => {
    const children = aPlan(1).children.map((c) => ({ ...c, minutes: 300 }));
    const fixed = ['morning', 'midday', 'afternoon'].map((window, i) => ({
      ...aPart(`f${i}`, 'x', {
        minutes: [170, 85, 40][i],
        window: window as 'morning',
        fixedDate: '2026-08-31',
        lead: 'not-needed',
      }),
      lessonId: null,
      unitId: 'u1',
    }));
    const base = aPlan(1, { children, lessons: [aLesson('l1')] }, (l) => [
      aPart('p', l, { minutes: 90, lead: 'not-needed' }),
    ]);
    // 295 of 300 minutes are not taken up by 90 more: the day itself has no room.
    const full = drawn({ ...base, parts: [...base.parts, ...fixed] });
    expect(full.sittings.find((s) => s.partId === 'p')!.reason.kind).toBe('full');
    // With longer days it is the half-days that are too short.
    const long = drawn({
      ...base,
      children: children.map((c) => ({ ...c, minutes: 500 })),
      parts: [...base.parts, ...fixed],
    });
    expect(long.sittings.find((s) => s.partId === 'p')!.reason).toEqual({
      kind: 'half-days-full',
      of: 'c1',
      date: '2026-08-31',
    });
  });
});

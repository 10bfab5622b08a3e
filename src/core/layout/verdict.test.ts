import { describe, expect, it } from 'vitest';
import { aPart, aPlan, aUnit } from '../../../tests/sample-plan';
import { difference, differenceInWords } from './difference';
import { redraw } from './redraw';
import { unitDays } from './unit-days';
import { verdictInWords, verdictOf } from './verdict';
import type { Part } from '../plan/lesson';
import type { Plan } from '../plan/plan';
import { blankMark } from '../plan/blank';

const drawn = (plan: Plan): Plan => redraw(plan, { today: '2026-08-31' }).plan;
const message = (plan: Plan): string => verdictInWords(verdictOf(plan, 'u1', '2026-08-31')!);

describe('against the wished end', () => {
  it('says what is to spare', () => {
    expect(message(drawn(aPlan(6, { units: [aUnit({ wishedEnd: '2026-09-16' })] })))).toBe(
      '6 lessons, the last on Fri 11 Sep. 3 school days to spare before Wed 16 Sep.',
    );
  });
  it('says in figures when it cannot be met, and the pace that would meet it, worked out', () => {
    const plan = drawn(aPlan(16, { units: [aUnit({ wishedEnd: '2026-09-25' })] }));
    expect(message(plan)).toBe(
      '16 lessons, the last on Mon 12 Oct. That is 6 school days after your wished end, Fri 25 Sep; 4 lessons lie beyond it. Meeting it takes 4 lessons a week from the start. At 4 a week it would end on Fri 25 Sep.',
    );
    const { remedy } = verdictOf(plan, 'u1', '2026-08-31')!;
    const faster = drawn({
      ...plan,
      sittings: [],
      units: [aUnit({ wishedEnd: '2026-09-25', lessonsPerWeek: remedy!.lessonsPerWeek })],
    });
    expect(
      faster.sittings
        .map((s) => s.date)
        .sort()
        .at(-1),
    ).toBe(remedy!.finishes);
  });
  it('says when no pace would do it within everyone’s minutes', () => {
    const plan = drawn(
      aPlan(10, { units: [aUnit({ wishedEnd: '2026-09-02' })] }, (l) => [
        aPart(l + 'a', l, { minutes: 110 }),
      ]),
    );
    expect(message(plan)).toContain('No pace meets it within everyone’s minutes');
  });
  it('blames nobody’s minutes where a wait, a day of its own or who leads is what holds it', () => {
    const late = (over: Partial<Part>, more: Partial<Plan> = {}): string =>
      message(
        drawn({
          ...aPlan(2, { units: [aUnit({ wishedEnd: '2026-09-02' })] }, (l) => [
            aPart(l + 'a', l, { minutes: 20, lead: 'leads', ...over }),
            aPart(l + 'b', l, { minutes: 20 }),
          ]),
          ...more,
        }),
      );
    expect(late({ waitAfterHours: 96 })).toContain('reaches beyond it');
    expect(late({ weekday: 5 })).toContain('reaches beyond it');
    const onFridays = { id: 'a1', name: 'Wenke', minutes: 200, weekdays: [5], starts: null, ends: null };
    expect(late({ adultId: 'a1' }, { adults: [onFridays] })).toContain('who leads is not there');
    expect(late({ minutes: 200 })).toContain('times of the school day');
    expect(late({ minutes: 20 })).not.toContain('No pace');
  });
  it('says which lessons the year has no room for', () => {
    const plan = drawn(aPlan(120, { units: [aUnit({ lessonsPerWeek: 3, starts: '2027-01-04' })] }));
    expect(message(plan)).toMatch(/\d+ lessons do not fit into the school year\./);
  });
});

describe('a unit’s days', () => {
  it('run from its start to its wished end, each for what it is', () => {
    const plan = drawn(aPlan(3, { units: [aUnit({ wishedEnd: '2026-09-08' })] }));
    const inked = {
      ...plan,
      sittings: plan.sittings.map((s, i) => ({
        ...s,
        state: i < 2 ? ('ink' as const) : ('pencil' as const),
      })),
      marks: [
        {
          id: 'm',
          partId: 'l1-a',
          childId: null,
          date: '2026-08-31',
          outcome: 'done' as const,
          ...blankMark,
        },
      ],
    };
    expect(unitDays(inked, 'u1').map((d) => d.is)).toEqual([
      'done',
      'empty',
      'ink',
      'empty',
      'pencil',
      'spare',
      'spare',
    ]);
    const late = drawn(aPlan(3, { units: [aUnit({ wishedEnd: '2026-09-02' })] }));
    expect(unitDays(late, 'u1').at(-1)!.is).toBe('late');
  });
});

it('the difference between two lay-outs is said in lessons', () => {
  const before = drawn(aPlan(4));
  const after = {
    ...before,
    sittings: before.sittings.slice(0, 3).map((s, i) => (i ? { ...s, date: '2026-09-09' } : s)),
  };
  expect(differenceInWords(difference(before, after))).toBe(
    '2 lessons move. 1 lesson has no place in the year.',
  );
  expect(differenceInWords(difference(before, after), ['l2'])).toBe(
    '1 more lesson moves. 1 lesson has no place in the year.',
  );
  expect(differenceInWords(difference(before, before))).toBe('');
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { schoolDays } from '../calendar/school-days';
import type { Plan } from '../plan/plan';
import { aPart, aPlan, aUnit, somePlan, YEAR } from '../../../tests/sample-plan';
import { breaches } from './check';
import { redraw } from './redraw';
import type { LayoutChoice } from './input';
import { blankMark } from '../plan/blank';

const FIRST_DAY: LayoutChoice = { today: '2026-08-31' };
const datesOf = (plan: Plan): string[] => plan.sittings.map((s) => s.date);
const drawn = (plan: Plan, choice = FIRST_DAY): Plan => redraw(plan, choice).plan;

describe('a lay-out of any family', () => {
  it('keeps the order, the waits, the closed days and everyone’s minutes', () => {
    fc.assert(
      fc.property(somePlan, (plan) => {
        expect(breaches(drawn(plan))).toEqual([]);
      }),
      { numRuns: 300 },
    );
  });

  it('places a part or says why not', () => {
    fc.assert(
      fc.property(somePlan, (plan) => {
        const { layout } = redraw(plan, FIRST_DAY);
        const told = new Set([...layout!.placements, ...layout!.unplaced].map((p) => p.partId));
        expect(told.size).toBe(plan.parts.length);
        expect(layout!.placements.length + layout!.unplaced.length).toBe(plan.parts.length);
      }),
    );
  });

  it('gives the same answer for the same input', () => {
    fc.assert(
      fc.property(somePlan, (plan) => {
        expect(drawn(structuredClone(plan))).toEqual(drawn(plan));
      }),
      { numRuns: 50 },
    );
  });

  it('moves nothing when nothing has changed', () => {
    fc.assert(
      fc.property(somePlan, (plan) => {
        const once = drawn(plan);
        const twice = drawn(once);
        expect(twice.sittings.map(({ partId, date, window }) => ({ partId, date, window }))).toEqual(
          once.sittings.map(({ partId, date, window }) => ({ partId, date, window })),
        );
      }),
    );
  });

  it('never moves what is inked, and lays the rest around it', () => {
    fc.assert(
      fc.property(
        somePlan,
        fc.array(fc.nat(), { maxLength: 6 }),
        fc.nat({ max: 60 }),
        (plan, picks, later) => {
          const once = drawn(plan);
          if (!once.sittings.length) return;
          const inked = new Set(picks.map((n) => once.sittings[n % once.sittings.length].partId));
          const withInk = {
            ...once,
            sittings: once.sittings.map((s) => (inked.has(s.partId) ? { ...s, state: 'ink' as const } : s)),
          };
          const days = schoolDays(plan.year!);
          const today = days[Math.min(later, days.length - 1)].date;
          const again = drawn(withInk, { today, fresh: 'all' });
          for (const s of withInk.sittings.filter((x) => inked.has(x.partId)))
            expect(again.sittings.find((x) => x.partId === s.partId)).toMatchObject({
              date: s.date,
              window: s.window,
              state: 'ink',
            });
          expect(breaches(again)).toEqual([]);
          for (const s of again.sittings) if (s.state === 'pencil') expect(s.date >= today).toBe(true);
        },
      ),
      { numRuns: 120 },
    );
  });
});

describe('balance', () => {
  it('spreads lessons to a wished end so that no two equal stretches differ by more than one', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 25 }), fc.integer({ min: 0, max: 60 }), (n, extra) => {
        const days = schoolDays({ ...YEAR, weeksOff: 0 });
        const end = days[n - 1 + extra].date;
        const plan = drawn(
          aPlan(n, {
            year: { ...YEAR, weeksOff: 0 },
            units: [aUnit({ lessonsPerWeek: null, wishedEnd: end })],
          }),
        );
        const at = new Set(datesOf(plan));
        const taken = days.filter((d) => d.date <= end).map((d) => Number(at.has(d.date)));
        for (let length = 1; length <= taken.length; length++) {
          const sums = taken
            .slice(0, taken.length - length + 1)
            .map((_, i) => taken.slice(i, i + length).reduce((a, b) => a + b, 0));
          expect(Math.max(...sums) - Math.min(...sums)).toBeLessThanOrEqual(1);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('gives every whole week exactly the lessons of the pace, wherever in the year the unit starts', () => {
    const year = { ...YEAR, weeksOff: 0 };
    const days = schoolDays(year);
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 1, max: 5 }),
        fc.integer({ min: 1, max: 25 }),
        (start, perWeek, n) => {
          const plan = drawn(
            aPlan(n, { year, units: [aUnit({ starts: days[start].date, lessonsPerWeek: perWeek })] }),
          );
          const weeks = new Map<number, number>();
          for (const date of datesOf(plan)) {
            const { week } = days.find((d) => d.date === date)!;
            weeks.set(week, (weeks.get(week) ?? 0) + 1);
          }
          const counts = [...weeks.values()];
          expect(counts.reduce((a, b) => a + b, 0)).toBe(n);
          for (const count of counts.slice(1, -1)) expect(count).toBe(perWeek);
          for (const count of counts) expect(count).toBeLessThanOrEqual(perWeek);
          expect([...weeks.keys()][0]).toBe(days[start].week);
        },
      ),
    );
  });

  it('gives every full week the lessons of the pace', () => {
    const plan = drawn(aPlan(15));
    expect(datesOf(plan).slice(0, 6)).toEqual([
      '2026-08-31',
      '2026-09-02',
      '2026-09-04',
      '2026-09-07',
      '2026-09-09',
      '2026-09-11',
    ]);
    // The sixth calendar week is a week off.
    expect(datesOf(plan)[14]).toBe('2026-10-02');
  });

  it('starts in mid-week with no more than the days that are left', () => {
    expect(datesOf(drawn(aPlan(4, { units: [aUnit({ starts: '2026-09-03' })] })))).toEqual([
      '2026-09-03',
      '2026-09-04',
      '2026-09-07',
      '2026-09-09',
    ]);
  });

  it('teaches a lesson a day when neither a pace nor an end is set', () => {
    expect(datesOf(drawn(aPlan(3, { units: [aUnit({ lessonsPerWeek: null })] })))).toEqual([
      '2026-08-31',
      '2026-09-01',
      '2026-09-02',
    ]);
  });
});

describe('waits', () => {
  const papierMache = (l: string) => [
    aPart(`${l}-build`, l, { waitAfterHours: 48 }),
    aPart(`${l}-paint`, l, { waitAfterHours: 24 }),
    aPart(`${l}-show`, l),
  ];

  it('counts nights, so that a model built on Monday is painted on Thursday and shown on Monday', () => {
    // Built in the morning, which ends 11:30: dry by Wednesday 11:30, when midday begins.
    const plan = drawn(aPlan(1, {}, papierMache));
    expect(datesOf(plan)).toEqual(['2026-08-31', '2026-09-02', '2026-09-03']);
  });

  it('counts the weekend too', () => {
    const plan = drawn(aPlan(1, { units: [aUnit({ starts: '2026-09-04' })] }, papierMache));
    expect(datesOf(plan)).toEqual(['2026-09-04', '2026-09-07', '2026-09-08']);
  });

  it('does not hold up the next lesson', () => {
    const plan = drawn(aPlan(2, {}, (l, i) => (i === 0 ? papierMache(l) : [aPart(`${l}-a`, l)])));
    expect(plan.sittings.find((s) => s.partId === 'l2-a')!.date).toBe('2026-09-02');
  });

  it('says what is waited for', () => {
    const plan = drawn(aPlan(1, {}, papierMache));
    expect(plan.sittings[1].reason).toEqual({ kind: 'wait', of: 'l1-build', date: '2026-09-02' });
  });
});

describe('limits', () => {
  it('moves a lesson to the next day when someone’s day is full, and names them', () => {
    const plan = aPlan(1, {
      units: [aUnit(), aUnit({ id: 'u2', childIds: ['c1'] })],
      lessons: [...aPlan(1).lessons, { ...aPlan(1).lessons[0], id: 'm1', unitId: 'u2' }],
      parts: [
        aPart('a', 'l1', { minutes: 100, lead: 'not-needed' }),
        aPart('b', 'm1', { minutes: 60, lead: 'not-needed' }),
      ],
    });
    const second = drawn(plan).sittings.find((s) => s.partId === 'b')!;
    expect(second.date).toBe('2026-09-01');
    expect(second.reason).toEqual({ kind: 'full', of: 'c1', date: '2026-08-31' });
  });

  it('says when a part is longer than a child’s whole day', () => {
    const { layout } = redraw(
      aPlan(1, {}, (l) => [aPart('long', l, { minutes: 130 })]),
      FIRST_DAY,
    );
    expect(layout!.unplaced).toEqual([{ partId: 'long', why: 'too-long', block: { who: 'c1', of: 'day' } }]);
  });

  it('keeps a fixed date and lets the lessons before it come before it', () => {
    const plan = drawn(
      aPlan(5, {}, (l, i) => [aPart(`${l}-a`, l, { fixedDate: i === 3 ? '2026-09-04' : null })]),
    );
    expect(datesOf(plan)).toEqual(['2026-08-31', '2026-09-02', '2026-09-03', '2026-09-04', '2026-09-07']);
  });
});

describe('a change', () => {
  it('pushes on what follows a lesson moved later, and nothing that comes after a gap', () => {
    const plan = drawn(aPlan(6, { units: [aUnit({ lessonsPerWeek: 2 })] }));
    expect(datesOf(plan)).toEqual([
      '2026-08-31',
      '2026-09-03',
      '2026-09-07',
      '2026-09-10',
      '2026-09-14',
      '2026-09-17',
    ]);
    const again = drawn(plan, {
      today: '2026-08-31',
      moved: new Map([['l1-a', { date: '2026-09-03', window: 'morning' as const }]]),
    });
    expect(datesOf(again)).toEqual([
      '2026-09-03',
      '2026-09-04',
      '2026-09-07',
      '2026-09-10',
      '2026-09-14',
      '2026-09-17',
    ]);
  });

  it('leaves what is done where it was done', () => {
    const plan = drawn(aPlan(3));
    const done = {
      ...plan,
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
    expect(datesOf(drawn(done, { today: '2026-09-07', fresh: 'all' }))).toEqual([
      '2026-08-31',
      '2026-09-07',
      '2026-09-09',
    ]);
  });

  it('leaves what was not ticked on days gone by, until all is laid out again', () => {
    const plan = drawn(aPlan(4));
    const later = drawn(plan, { today: '2026-09-07' });
    expect(datesOf(later)).toEqual(datesOf(plan));
    expect(later.sittings[0].reason.kind).toBe('unticked');
    expect(datesOf(drawn(plan, { today: '2026-09-07', fresh: 'all' }))[0]).toBe('2026-09-07');
  });
});

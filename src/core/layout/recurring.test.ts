import { describe, expect, it } from 'vitest';
import { aPart, aPlan, aUnit, YEAR } from '../../../tests/sample-plan';
import { schoolDays } from '../calendar/school-days';
import { markDone } from '../edit/today';
import { addRule, editRule, removeRule, type RuleFields } from '../edit/rules';
import { perform, type Edit } from '../edit/edit';
import { blankRule } from '../plan/blank';
import { canonical } from '../plan/canonical';
import type { Rhythm } from '../plan/lesson';
import type { Plan } from '../plan/plan';
import { breaches } from './check';
import { amountInYear } from './recurring';
import { redraw } from './redraw';

const TODAY = '2026-08-31';
let ids = 0;
const after = (plan: Plan, edit: Edit): Plan => {
  const done = perform(edit, plan, { today: TODAY, newId: () => `n${++ids}` });
  if ('refused' in done) throw new Error(done.refused);
  return canonical(done.plan);
};
const rule = (rhythm: Rhythm, over: Partial<RuleFields> = {}): RuleFields => ({
  ...blankRule,
  unitId: 'u1',
  title: 'Comes back',
  kind: 'recall',
  minutes: 10,
  rhythm,
  ...over,
});
/** Nine lessons at three a week from Monday 31 August: three weeks. */
const NINE = aPlan(9);
const dates = (plan: Plan): string[] =>
  plan.parts.filter((p) => p.lessonId === null).map((p) => p.fixedDate ?? 'after the last lesson');

describe('what comes back in a unit', () => {
  it('with each lesson is there before there is a year', () => {
    const bare: Plan = { ...NINE, year: null };
    const drawn = after(bare, addRule(rule({ on: 'lesson', place: 'first' })));
    expect(drawn.parts.filter((p) => p.ruleId !== null).map((p) => p.lessonId)).toEqual(
      NINE.lessons.map((l) => l.id),
    );
    expect(drawn.sittings).toEqual([]);
  });
  it('daily, from its first day to its last lesson and no further', () => {
    const found = dates(after(NINE, addRule(rule({ on: 'day' }))));
    expect([found.length, found[0], found.at(-1)]).toEqual([15, '2026-08-31', '2026-09-18']);
  });
  it('opens each week, closes each week, and a quiz comes in the third', () => {
    expect(dates(after(NINE, addRule(rule({ on: 'week-first', everyWeeks: 1, startWeek: 1 }))))).toEqual([
      '2026-08-31',
      '2026-09-07',
      '2026-09-14',
    ]);
    expect(dates(after(NINE, addRule(rule({ on: 'week-last', everyWeeks: 3, startWeek: 3 }))))).toEqual([
      '2026-09-18',
    ]);
  });
  it('on one weekday; where that day is off it is left out, but a week still opens and closes', () => {
    const off = {
      ...NINE,
      year: {
        ...YEAR,
        daysOff: [{ id: 'o', first: '2026-09-07', last: '2026-09-07', label: '', kind: 'off' as const }],
      },
    };
    expect(
      dates(after(off, addRule(rule({ on: 'weekday', weekday: 1, everyWeeks: 1, startWeek: 1 })))),
    ).toEqual(['2026-08-31', '2026-09-14']);
    expect(dates(after(off, addRule(rule({ on: 'week-first', everyWeeks: 1, startWeek: 1 }))))).toEqual([
      '2026-08-31',
      '2026-09-08',
      '2026-09-14',
    ]);
  });
  it('takes minutes: what leaves no room for lessons comes all year, and what leaves some reaches as far as they do', () => {
    const tight = aPlan(6, { family: { ...NINE.family!, leadMinutes: 40 } });
    const drawn = after(tight, addRule(rule({ on: 'day' }, { minutes: 15 })));
    expect(drawn.sittings.length).toBe(drawn.parts.filter((p) => p.lessonId === null).length);
    const free = after(tight, addRule(rule({ on: 'day' }, { minutes: 10 })));
    const last = (plan: Plan): string =>
      plan.sittings
        .map((s) => s.date)
        .sort()
        .at(-1)!;
    expect(free.sittings.filter((s) => s.partId.startsWith('l')).length).toBe(6);
    expect(last(free)).toBe(
      free.parts
        .filter((p) => p.lessonId === null)
        .map((p) => p.fixedDate!)
        .sort()
        .at(-1),
    );
  });
  it('with every lesson: a project grows a piece, and is put together at the end', () => {
    const drawn = after(
      NINE,
      addRule(
        rule(
          { on: 'lesson', place: 'last' },
          {
            title: 'Wall hanging',
            kind: 'project',
            piece: 'strip',
            assembly: { title: 'Sew the strips together', minutes: 40 },
          },
        ),
      ),
    );
    expect(drawn.parts.filter((p) => p.lessonId === 'l8').map((p) => p.title)).toEqual([
      'Part l8-a',
      'Wall hanging, strip 8 of 9',
    ]);
    const assembly = drawn.parts.find((p) => p.title === 'Sew the strips together')!;
    const at = drawn.sittings.find((s) => s.partId === assembly.id)!;
    expect([assembly.lessonId, at.date, at.reason.kind]).toEqual([null, '2026-09-18', 'closes']);
    expect(breaches(drawn)).toEqual([]);
  });
  it('every third day after something was planted', () => {
    const drawn = after(
      NINE,
      addRule(rule({ on: 'after', partId: 'l1-a', everyDays: 3, times: 4 }, { title: 'Look at the flax' })),
    );
    expect(dates(drawn)).toEqual(['2026-09-03', '2026-09-07', '2026-09-09', '2026-09-14']);
  });
  it('a unit that waits brings nothing back', () =>
    expect(
      dates(after({ ...NINE, units: [aUnit({ waiting: true })] }, addRule(rule({ on: 'day' })))),
    ).toEqual([]));
});

describe('what comes back in the family', () => {
  it('on alternate Thursdays, by the calendar, breaks or not', () => {
    const far = aPlan(40, { units: [aUnit({ lessonsPerWeek: 5 })] });
    const found = dates(
      after(
        far,
        addRule(
          rule(
            { on: 'weekday', weekday: 4, everyWeeks: 2, startWeek: 1 },
            { unitId: null, first: '2026-09-03' },
          ),
        ),
      ),
    );
    expect(found).toEqual(['2026-09-03', '2026-09-17', '2026-10-01', '2026-10-15', '2026-10-29']);
  });
  it('only for those it is for, and as far as the plan reaches', () => {
    const drawn = after(
      NINE,
      addRule(rule({ on: 'day' }, { unitId: null, kind: 'practice', childIds: ['c2'], lead: 'not-needed' })),
    );
    expect([dates(drawn).length, drawn.parts[0].childIds]).toEqual([15, ['c2']]);
  });
  it('five questions a day come to their number in a year', () =>
    expect(
      amountInYear(
        { ...rule({ on: 'day' }, { unitId: null, amount: 5, amountOf: 'questions' }), id: 'r' },
        undefined,
        schoolDays({ ...YEAR, weeksOff: 0 }),
      ),
    ).toEqual({ times: 205, total: '1,025' }));
  it('five to eight of them stay a range, each day and in the year', () => {
    const five = rule({ on: 'day' }, { unitId: null, amount: 5, amountTo: 8, amountOf: 'questions' });
    const drawn = after(NINE, addRule(five));
    expect(drawn.parts.find((p) => p.ruleId !== null)!.title).toMatch(/, 5 to 8 questions$/);
    expect(amountInYear({ ...five, id: 'r' }, undefined, schoolDays({ ...YEAR, weeksOff: 0 }))).toEqual({
      times: 205,
      total: '1,025 to 1,640',
    });
  });
});

describe('what has come back', () => {
  const RULE = rule({ on: 'week-first', everyWeeks: 1, startWeek: 1 });
  it('is the same part however often it is drawn', () => {
    const once = after(NINE, addRule(RULE));
    const again = canonical(redraw(once, { today: TODAY }).plan);
    expect(again.parts).toEqual(once.parts);
    expect(canonical(redraw(again, { today: TODAY }).plan)).toEqual(again);
  });
  it('and is done stays as it was, when its rule changes or goes', () => {
    const ruled = after(NINE, addRule(RULE));
    const [first] = ruled.parts;
    const done = after(ruled, markDone(first.id, null, first.fixedDate!));
    const renamed = after(done, editRule(done.rules[0].id, { ...RULE, title: 'Another name' }));
    expect(renamed.parts.slice(0, 2).map((p) => p.title)).toEqual(['Comes back', 'Another name']);
    const gone = after(done, removeRule(done.rules[0].id));
    expect(gone.parts.filter((p) => p.lessonId === null)).toMatchObject([
      { id: first.id, ruleId: null, fixedDate: '2026-08-31' },
    ]);
    expect(gone.marks).toHaveLength(1);
  });
  it('goes with the children it is for, and is told apart however long its lesson’s id', () => {
    const forTwo = after(NINE, addRule(rule({ on: 'day' }, { unitId: null, childIds: ['c2'] })));
    expect(
      after(forTwo, (plan) => ({ plan: { ...plan, children: plan.children.filter((c) => c.id !== 'c2') } }))
        .rules,
    ).toEqual([]);
    const long = 'x'.repeat(62);
    const named = {
      ...NINE,
      lessons: NINE.lessons.map((l, i) => ({ ...l, id: `${long}${10 + i}` })),
      parts: [],
    };
    const ids = after(named, addRule(rule({ on: 'lesson', place: 'first' }))).parts.map((p) => p.id);
    expect([new Set(ids).size, Math.max(...ids.map((id) => id.length)) <= 64]).toEqual([9, true]);
  });
  it('goes with its unit', () =>
    expect(after(after(NINE, addRule(RULE)), (plan) => ({ plan: { ...plan, units: [] } })).parts).toEqual(
      [],
    ));
  it('hangs on its part: without it, nothing is looked at', () => {
    const drawn = after(NINE, addRule(rule({ on: 'after', partId: 'l1-a', everyDays: 3, times: 4 })));
    expect(
      after(drawn, (plan) => ({ plan: { ...plan, parts: plan.parts.filter((p) => p.id !== 'l1-a') } })).rules,
    ).toEqual([]);
  });
});

describe('a part with a weekday of its own', () => {
  const friday = (over = {}): Plan =>
    canonical(
      redraw(
        aPlan(2, { units: [aUnit({ lessonsPerWeek: 1 })], ...over }, (l) => [
          aPart(`${l}-a`, l, { weekday: 1 }),
          aPart(`${l}-b`, l, { weekday: 5 }),
        ]),
        { today: TODAY },
      ).plan,
    );
  it('stands on it, week after week', () =>
    expect(friday().sittings.map((s) => s.date)).toEqual([
      '2026-08-31',
      '2026-09-04',
      '2026-09-07',
      '2026-09-11',
    ]));
  it('stands on the nearest school day of its week when that day is off', () => {
    const off = {
      year: {
        ...YEAR,
        daysOff: ['2026-09-07', '2026-09-11'].map((d) => ({
          id: d,
          first: d,
          last: d,
          label: '',
          kind: 'off' as const,
        })),
      },
    };
    expect(friday(off).sittings.map((s) => s.date)).toEqual([
      '2026-08-31',
      '2026-09-04',
      '2026-09-08',
      '2026-09-10',
    ]);
  });
});

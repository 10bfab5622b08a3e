import { blankFamily } from '../plan/blank';
/** What a lay-out wishes for and who it is fair to, one statement at a time. */
import { describe, expect, it } from 'vitest';
import { aLesson, aPart, aPlan, aUnit, YEAR } from '../../../tests/sample-plan';
import type { Plan } from '../plan/plan';
import { reasonInWords, unplacedInWords } from './reasons';
import { redraw } from './redraw';

const drawn = (plan: Plan): Plan => redraw(plan, { today: '2026-08-31' }).plan;
const places = (plan: Plan): string[] => plan.sittings.map((s) => `${s.partId} ${s.date} ${s.window}`);

describe('windows', () => {
  it('a part stands in the window it wants', () => {
    const plan = aPlan(1, {}, (l) => [
      aPart('read', l, { window: 'morning' }),
      aPart('paint', l, { window: 'afternoon' }),
    ]);
    expect(places(drawn(plan))).toEqual(['read 2026-08-31 morning', 'paint 2026-08-31 afternoon']);
  });
  it('a wish gives way to the order of the lesson', () => {
    const plan = aPlan(1, {}, (l) => [
      aPart('walk', l, { window: 'afternoon' }),
      aPart('draw', l, { window: 'morning' }),
    ]);
    expect(places(drawn(plan))).toEqual(['walk 2026-08-31 afternoon', 'draw 2026-08-31 afternoon']);
  });
  it('no window is filled beyond its length', () => {
    const plan = aPlan(
      1,
      {
        children: aPlan(1).children.map((c) => ({ ...c, minutes: 300 })),
        family: { ...blankFamily, name: 'x', leadMinutes: 300 },
      },
      (l) => [1, 2, 3].map((n) => aPart(`p${n}`, l, { minutes: 80, window: 'morning' })),
    );
    expect(places(drawn(plan))).toEqual([
      'p1 2026-08-31 morning',
      'p2 2026-08-31 morning',
      'p3 2026-08-31 midday',
    ]);
  });
});

describe('a lesson that is too long for a day', () => {
  const long = (l: string) => [aPart(`${l}-a`, l, { minutes: 100 }), aPart(`${l}-b`, l, { minutes: 100 })];
  it('goes on the next school day', () =>
    expect(places(drawn(aPlan(1, {}, long)))).toEqual([
      'l1-a 2026-08-31 morning',
      'l1-b 2026-09-01 morning',
    ]));
  it('waits for Monday rather than be torn by the weekend', () => {
    expect(places(drawn(aPlan(1, { units: [aUnit({ starts: '2026-09-04' })] }, long)))).toEqual([
      'l1-a 2026-09-07 morning',
      'l1-b 2026-09-08 morning',
    ]);
  });
});

describe('more lessons a week than days', () => {
  it('puts two on a day where it must, and no more', () => {
    const dates = drawn(
      aPlan(7, { units: [aUnit({ lessonsPerWeek: 7 })] }, (l) => [aPart(`${l}-a`, l, { minutes: 20 })]),
    ).sittings.map((s) => s.date);
    expect(Math.max(...[...new Set(dates)].map((d) => dates.filter((x) => x === d).length))).toBe(2);
    expect(dates.at(-1)! <= '2026-09-04').toBe(true);
  });
});

describe('units side by side', () => {
  const two = (over: Partial<Plan> = {}): Plan => ({
    ...aPlan(1),
    units: [aUnit({ childIds: ['c1'] }), aUnit({ id: 'u2', childIds: ['c2'] })],
    lessons: [aLesson('l1'), aLesson('m1', { unitId: 'u2' })],
    parts: [aPart('a', 'l1', { minutes: 100 }), aPart('b', 'm1', { minutes: 100 })],
    ...over,
  });
  it('share a day when their children and the parent have room', () => {
    expect(
      places(drawn(two({ family: { ...blankFamily, name: 'x', leadMinutes: 200 } }))).map(
        (p) => p.split(' ')[1],
      ),
    ).toEqual(['2026-08-31', '2026-08-31']);
  });
  it('share the parent, who is named when they are full', () => {
    const plan = drawn(two({ family: { ...blankFamily, name: 'x', leadMinutes: 120 } }));
    expect(places(plan).map((p) => p.split(' ')[1])).toEqual(['2026-08-31', '2026-09-01']);
    expect(reasonInWords(plan.sittings[1].reason, String)).toBe('Your time was full on Mon 31 Aug.');
  });
  it('need no parent for what children do alone', () => {
    const alone = two({
      family: { ...blankFamily, name: 'x', leadMinutes: 0 },
      parts: [aPart('a', 'l1', { lead: 'not-needed' }), aPart('b', 'm1', { lead: 'near' })],
    });
    expect(drawn(alone).sittings.length).toBe(2);
  });
});

describe('closed days', () => {
  it('a day off pushes the pencil on, and leaves ink where it is', () => {
    const plan = drawn(aPlan(3));
    const off = {
      ...YEAR,
      daysOff: [{ id: 'o', first: '2026-09-02', last: '2026-09-02', label: 'ill', kind: 'off' as const }],
    };
    expect(drawn({ ...plan, year: off }).sittings.map((s) => s.date)).toEqual([
      '2026-08-31',
      '2026-09-03',
      '2026-09-04',
    ]);
    const inked = {
      ...plan,
      year: off,
      sittings: plan.sittings.map((s) => (s.partId === 'l2-a' ? { ...s, state: 'ink' as const } : s)),
    };
    expect(drawn(inked).sittings.find((s) => s.partId === 'l2-a')!.date).toBe('2026-09-02');
  });
  it('with no days left says so', () => {
    const { layout } = redraw(aPlan(1, { units: [aUnit({ starts: '2027-06-12' })] }), {
      today: '2026-08-31',
    });
    expect(layout!.unplaced).toEqual([{ partId: 'l1-a', why: 'no-day', block: undefined }]);
    expect(unplacedInWords(layout!.unplaced[0], String)).toBe('No school days are left in the year.');
  });
});

describe('reasons, in words', () => {
  const name = (id: string): string => ({ c1: 'Junia', dye: 'Dye pot' })[id] ?? id;
  it.each([
    [{ kind: 'done' }, 'Done then.'],
    [{ kind: 'inked' }, 'In ink: it stays here.'],
    [{ kind: 'by-hand' }, 'You put it here.'],
    [{ kind: 'fixed' }, 'Its date is fixed.'],
    [{ kind: 'full', of: 'c1', date: '2026-10-27' }, 'Junia’s time was full on Tue 27 Oct.'],
    [{ kind: 'wait', of: 'dye', date: '2026-10-29' }, 'It waits for “Dye pot”.'],
    [{ kind: 'unticked' }, 'It stood here, and has not been ticked.'],
    [{ kind: 'pace' }, 'The unit’s pace puts it here.'],
  ] as const)('%j', (reason, message) => expect(reasonInWords(reason, name)).toBe(message));
  it('a part that fits no day says whose day it is too long for', () => {
    expect(unplacedInWords({ partId: 'p', why: 'too-long', block: { who: 'c1', of: 'day' } }, name)).toBe(
      'It takes more than Junia’s time for a whole day. Shorten it, split it, or raise the limit.',
    );
    expect(unplacedInWords({ partId: 'p', why: 'no-room', block: { who: 'parent', of: 'day' } }, name)).toBe(
      'No day that is left has room for it in your time.',
    );
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { YEAR } from '../../../tests/sample-plan';
import { schoolDays } from '../calendar/school-days';
import { groupTopics, likeness } from './grouping';
import {
  daysAtPace,
  daysOfPace,
  dealt,
  finishAtPace,
  overDays,
  paceForEnd,
  paceForWeeks,
  spread,
  unitsInRow,
  weeksAtPace,
} from './pacing';

const DAYS = schoolDays({ ...YEAR, weeksOff: 0 });

describe('pages dealt to days', () => {
  it('are dealt in order, without a gap, and no day has two more than another', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 900 }), fc.integer({ min: 1, max: 60 }), (pages, days) => {
        const deal = dealt(pages, days);
        expect(deal[0].first).toBe(1);
        expect(deal.at(-1)!.last).toBe(pages);
        deal.forEach((d, i) => i && expect(d.first).toBe(deal[i - 1].last + 1));
        const sizes = deal.map((d) => d.last - d.first + 1);
        expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
      }),
    );
  });
  it('refuse to be dealt to no day', () => {
    expect(() => dealt(3, 0)).toThrow(RangeError);
    expect(() => spread(3, 0)).toThrow(RangeError);
  });
  it('leave days without any out where there are more days than pages', () =>
    expect([dealt(1, 3), dealt(0, 3)]).toEqual([[{ first: 1, last: 1 }], []]));
  it('lessons fall on days from the first on, and every day has one where there are as many', () =>
    expect([spread(3, 5), spread(4, 4), spread(6, 3), spread(0, 1)]).toEqual([
      [0, 1, 3],
      [0, 1, 2, 3],
      [0, 0, 1, 1, 2, 2],
      [],
    ]));
  it('the figures of a pace, worked out by hand', () =>
    expect([
      weeksAtPace(16, 3),
      weeksAtPace(15, 3),
      paceForWeeks(16, 5),
      daysAtPace(88, 6),
      daysAtPace(90, 6),
      overDays(3, 160),
    ]).toEqual([6, 5, 3.2, 15, 15, 480]));
});

describe('pace and end', () => {
  it('three a week fall on Monday, Wednesday and Friday', () =>
    expect(daysOfPace(DAYS, '2026-08-31', 4, 3).map((d) => d.date)).toEqual([
      '2026-08-31',
      '2026-09-02',
      '2026-09-04',
      '2026-09-07',
    ]));
  it('a faster pace never ends later, and the pace for an end meets it and is the lowest that does', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 1, max: 9 }),
        fc.integer({ min: 0, max: 120 }),
        (lessons, perWeek, at) => {
          const from = DAYS[at].date;
          const finish = finishAtPace(DAYS, from, lessons, perWeek);
          if (!finish) return;
          expect(finishAtPace(DAYS, from, lessons, perWeek + 1)! <= finish).toBe(true);
          const pace = paceForEnd(DAYS, from, finish, lessons)!;
          expect(pace).toBeLessThanOrEqual(perWeek);
          expect(pace === 1 || (finishAtPace(DAYS, from, lessons, pace - 1) ?? '9') > finish).toBe(true);
        },
      ),
    );
  });
  it('more lessons than days in a week double up on its days, the first ones last', () =>
    expect(daysOfPace(DAYS, '2026-08-31', 7, 7).map((d) => d.date.slice(8))).toEqual(
      ['31', '31', '01', '02', '02', '03', '04'], // ⌊j·5/7⌋ = 0 0 1 2 2 3 4
    ));
  it('as many lessons as days take every day, from a Wednesday on too', () =>
    expect(daysOfPace(DAYS, '2026-09-02', 4, 5).map((d) => d.date.slice(8))).toEqual([
      '02',
      '03',
      '04',
      '07',
    ]));
  it('a week cut short has no more a day than a whole one: three a week from a Friday are one on it', () =>
    expect(daysOfPace(DAYS, '2026-09-04', 3, 3).map((d) => d.date.slice(8))).toEqual(['04', '07', '09']));
  it('there is no finish when the year is over first, and none of no lessons', () => {
    expect(finishAtPace(DAYS, '2027-06-01', 40, 2)).toBeUndefined();
    expect(finishAtPace(DAYS, '2027-06-01', 0, 2)).toBeUndefined();
    expect(finishAtPace(DAYS, '2027-06-11', 1, 1)).toBe('2027-06-11');
  });
  it('thirty-five a week is the most that is tried', () => {
    expect(paceForEnd(DAYS, '2026-08-31', '2026-09-04', 35)).toBe(35);
    expect(paceForEnd(DAYS, '2026-08-31', '2026-09-04', 36)).toBeUndefined();
    expect(unitsInRow(DAYS, '2027-06-07', [{ title: 'a', lessons: 35, perWeek: 3 }]).pace).toBe(35);
  });
});

describe('units in a row', () => {
  const two = [
    { title: 'Salt', lessons: 12, perWeek: 3 },
    { title: 'Ropes', lessons: 15, perWeek: 3 },
  ];
  it('each begins on the school day after the one before', () =>
    expect(unitsInRow(DAYS, '2027-03-01', two)).toEqual({
      fits: true,
      units: [
        { title: 'Salt', starts: '2027-03-01', ends: '2027-03-26' },
        { title: 'Ropes', starts: '2027-03-29', ends: '2027-04-30' },
      ],
    }));
  it('when they do not fit, the lowest pace that makes them fit is named', () => {
    const answer = unitsInRow(DAYS, '2027-05-10', two);
    expect(answer.fits).toBe(false);
    expect(
      unitsInRow(
        DAYS,
        '2027-05-10',
        two.map((u) => ({ ...u, perWeek: answer.pace! })),
      ).fits,
    ).toBe(true);
    expect(
      unitsInRow(
        DAYS,
        '2027-05-10',
        two.map((u) => ({ ...u, perWeek: answer.pace! - 1 })),
      ).fits,
    ).toBe(false);
  });
  it('one without lessons takes no day, one of a single day is over on it, and none begins after the year', () =>
    expect(
      unitsInRow(DAYS, '2027-06-10', [
        { title: 'none', lessons: 0, perWeek: 3 },
        { title: 'one', lessons: 1, perWeek: 3 },
        { title: 'last', lessons: 1, perWeek: 3 },
        { title: 'over', lessons: 1, perWeek: 3 },
      ]).units,
    ).toEqual([
      { title: 'none', starts: '2027-06-10', ends: '2027-06-10' },
      { title: 'one', starts: '2027-06-10', ends: '2027-06-10' },
      { title: 'last', starts: '2027-06-11', ends: '2027-06-11' },
      { title: 'over', starts: undefined, ends: undefined },
    ]));
  it('when no pace would do, none is named', () =>
    expect(
      unitsInRow(DAYS, '2027-06-11', [
        { title: 'a', lessons: 30, perWeek: 3 },
        { title: 'b', lessons: 40, perWeek: 3 },
      ]).pace,
    ).toBeUndefined());
});

describe('small topics grouped', () => {
  const even = (n: number) =>
    Array.from({ length: n }, (_, i) => ({
      title: `${'abcdefghijklmnopqrstuvwxyz'[i % 26].repeat(5)}`,
      size: 1,
    }));
  it('twenty-four in twelve are two and two', () =>
    expect(groupTopics(even(24), 12)).toEqual(Array.from({ length: 12 }, (_, i) => 2 * i)));
  it('like stays with like', () =>
    expect(
      groupTopics(
        [
          { title: 'Sheep of the hills', size: 1 },
          { title: 'Sheep of the valley', size: 1 },
          { title: 'Sheep at the coast', size: 1 },
          { title: 'Shearing', size: 1 },
          { title: 'Carding combs', size: 1 },
        ],
        2,
      ),
    ).toEqual([0, 3]));
  it('never leaves a group empty, and never does worse than cutting at equal numbers', () => {
    const spread = (sizes: number[], firsts: number[]): number => {
      const mean = sizes.reduce((a, b) => a + b, 0) / firsts.length;
      return firsts.reduce(
        (sum, f, g) =>
          sum + (sizes.slice(f, firsts[g + 1] ?? sizes.length).reduce((a, b) => a + b, 0) / mean - 1) ** 2,
        0,
      );
    };
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 1, maxLength: 40 }),
        fc.integer({ min: 1, max: 40 }),
        (sizes, k) => {
          const groups = Math.min(k, sizes.length);
          const firsts = groupTopics(
            sizes.map((size, i) => ({ title: 'abcdefgh'[i % 8].repeat(4), size })),
            k,
          );
          expect(firsts).toHaveLength(groups);
          expect(new Set(firsts).size).toBe(groups);
          expect(spread(sizes, firsts)).toBeLessThanOrEqual(
            spread(
              sizes,
              Array.from({ length: groups }, (_, g) => Math.floor((g * sizes.length) / groups)),
            ) + 1e-9,
          );
        },
      ),
    );
  });
  it('is the best of all cuts there are, by its own cost worked out anew', () => {
    const words = ['sheep', 'shear', 'comb', 'looms'];
    const topics = fc.array(
      fc.record({
        title: fc.array(fc.constantFrom(...words), { minLength: 1, maxLength: 2 }).map((w) => w.join(' ')),
        size: fc.integer({ min: 0, max: 6 }),
      }),
      { minLength: 1, maxLength: 8 },
    );
    fc.assert(
      fc.property(topics, fc.integer({ min: 0, max: 9 }), (list, asked) => {
        const k = Math.min(list.length, Math.max(1, asked));
        const total = list.reduce((sum, t) => sum + t.size, 0);
        const shared = (i: number): number => {
          const [a, b] = [list[i - 1], list[i]].map(
            (t) => new Set(t.title.split(' ').map((w) => w.slice(0, 4))),
          );
          return [...a].filter((w) => b.has(w)).length / Math.min(a.size, b.size);
        };
        const cost = (firsts: number[]): number =>
          firsts.reduce((sum, first, g) => {
            const size = list.slice(first, firsts[g + 1] ?? list.length).reduce((s, t) => s + t.size, 0);
            return sum + (total ? ((size * k) / total - 1) ** 2 : 0) + (first ? 0.5 * shared(first) : 0);
          }, 0);
        const all: number[][] = [];
        const cuts = (firsts: number[]): void => {
          if (firsts.length === k) return void all.push(firsts);
          for (let i = firsts[firsts.length - 1] + 1; i < list.length; i++) cuts([...firsts, i]);
        };
        cuts([0]);
        expect(cost(groupTopics(list, asked))).toBeCloseTo(Math.min(...all.map(cost)), 9);
      }),
    );
  });
  it('no topic is no group', () => expect(groupTopics([], 3)).toEqual([]));
  it('likeness is the share of words in common', () =>
    expect([
      likeness('The dye pot', 'A pot of dye'),
      likeness('Weaving looms', 'Weavers at looms'),
      likeness('Wool', 'Mills'),
      likeness('Wool', 'Wool and dyes'),
      likeness('', 'Wool'),
      likeness('Wool at sea', 'Wool roads by land'),
    ]).toEqual([0, 1, 0, 1, 0, 1]));
});

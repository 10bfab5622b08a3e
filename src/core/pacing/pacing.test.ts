import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { YEAR } from '../../../tests/sample-plan';
import { schoolDays } from '../calendar/school-days';
import { groupTopics, likeness } from './grouping';
import { daysOfPace, dealt, finishAtPace, paceForEnd, unitsInRow } from './pacing';

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
  it('refuse to be dealt to no day', () => expect(() => dealt(3, 0)).toThrow(RangeError));
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
  it('there is no finish when the year is over first', () =>
    expect(finishAtPace(DAYS, '2027-06-01', 40, 2)).toBeUndefined());
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
  it('likeness is the share of words in common', () =>
    expect([
      likeness('The dye pot', 'A pot of dye'),
      likeness('Weaving looms', 'Weavers at looms'),
      likeness('Wool', 'Mills'),
    ]).toEqual([0, 1, 0]));
});

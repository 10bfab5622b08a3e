/**
 * The calendar of terms, odd days, month ends, leap days and years that straddle, each held against date-fns; holidays
 * against fixed and computed dates.
 */
import { stretchLessons } from '@/core/edit/stretch';
import {
  addWeeks,
  differenceInCalendarISOWeeks,
  eachDayOfInterval,
  endOfMonth,
  format,
  getISODay,
  getISOWeek,
  isLeapYear,
  lastDayOfYear,
  parseISO,
  startOfISOWeek,
} from 'date-fns';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, daysBetween, mondayOf, weekdayOf } from '@/core/calendar/dates';
import { countries, publicHolidays, regions } from '@/core/calendar/holidays';
import {
  blockName,
  schoolDays,
  servesFor,
  whyClosed,
  windowsOf,
  yearFigures,
} from '@/core/calendar/school-days';
import { seasonOf } from '@/core/calendar/seasons';
import { perform } from '@/core/edit/edit';

import { redraw } from '@/core/layout/redraw';
import { daysAtPace, overDays, weeksAtPace } from '@/core/pacing/pacing';
import { groupTopics } from '@/core/pacing/grouping';
import type { SchoolYear } from '@/core/plan/year';
import { aPart, aPlan, aUnit, YEAR } from '../sample-plan';

const text = (d: Date): string => format(d, 'yyyy-MM-dd');
const someYearNumber = fc.integer({ min: 2000, max: 2060 });

describe('dates at the edges, against date-fns', () => {
  it('the day after a month’s end is the first of the next, in every month of every year', () => {
    fc.assert(
      fc.property(someYearNumber, fc.integer({ min: 0, max: 11 }), (year, month) => {
        const end = endOfMonth(new Date(year, month, 1));
        expect(addDays(text(end), 1)).toBe(text(new Date(year, month + 1, 1)));
        expect(daysBetween(text(new Date(year, month, 1)), text(end)) + 1).toBe(end.getDate());
      }),
      { numRuns: 300 },
    );
  });
  it('a leap year has 366 days, and 29 February is followed by 1 March', () => {
    fc.assert(
      fc.property(someYearNumber, (year) => {
        const days = daysBetween(`${year}-01-01`, `${year}-12-31`) + 1;
        expect(days).toBe(isLeapYear(new Date(year, 0, 1)) ? 366 : 365);
        expect(addDays(`${year}-02-28`, 1)).toBe(days === 366 ? `${year}-02-29` : `${year}-03-01`);
      }),
      { numRuns: 200 },
    );
  });
  it('the week at the turn of the year is one ISO week, whichever year its days are in', () => {
    fc.assert(
      fc.property(someYearNumber, (year) => {
        const last = lastDayOfYear(new Date(year, 0, 1));
        const monday = mondayOf(text(last));
        expect(monday).toBe(text(startOfISOWeek(last)));
        for (let i = 0; i < 7; i++) {
          expect(mondayOf(addDays(monday, i))).toBe(monday);
          expect(weekdayOf(addDays(monday, i))).toBe(i + 1);
          expect(getISOWeek(parseISO(addDays(monday, i)))).toBe(getISOWeek(parseISO(monday)));
        }
      }),
      { numRuns: 200 },
    );
  });
  it('calendar weeks of a school year that straddles the new year are the ISO weeks between its ends', () => {
    fc.assert(
      fc.property(
        someYearNumber,
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 0, max: 6 }),
        (year, weeks, day) => {
          const starts = addDays(`${year}-08-25`, day);
          const ends = text(addWeeks(parseISO(starts), weeks));
          expect(yearFigures({ ...YEAR, weeksOff: 0, starts, ends }).calendarWeeks).toBe(
            differenceInCalendarISOWeeks(parseISO(ends), parseISO(starts)) + 1,
          );
        },
      ),
      { numRuns: 200 },
    );
  });
});

describe('terms and odd days', () => {
  const someTerms: fc.Arbitrary<SchoolYear> = fc
    .record({
      cuts: fc
        .uniqueArray(fc.integer({ min: 1, max: 280 }), { minLength: 2, maxLength: 6 })
        .map((c) => c.sort((a, b) => a - b)),
      extra: fc.array(fc.integer({ min: 0, max: 280 }), { maxLength: 5 }),
      off: fc.array(fc.integer({ min: 0, max: 280 }), { maxLength: 5 }),
    })
    .map(({ cuts, extra, off }) => ({
      ...YEAR,
      terms: Array.from({ length: Math.floor(cuts.length / 2) }, (_, i) => ({
        id: `t${i}`,
        name: `Term ${i + 1}`,
        first: addDays(YEAR.starts, cuts[2 * i]),
        last: addDays(YEAR.starts, cuts[2 * i + 1]),
      })),
      extraDays: extra.map((d, i) => ({ id: `e${i}`, date: addDays(YEAR.starts, d), label: '' })),
      daysOff: off.map((d, i) => ({
        id: `o${i}`,
        first: addDays(YEAR.starts, d),
        last: addDays(YEAR.starts, d),
        label: '',
        kind: 'off' as const,
      })),
    }));
  it('school days are the taught weekdays of the terms and the extra days, less days off, counted the slow way', () => {
    fc.assert(
      fc.property(someTerms, (year) => {
        const slow = eachDayOfInterval({ start: parseISO(year.starts), end: parseISO(year.ends) })
          .map((d) => ({ date: text(d), day: getISODay(d) }))
          .filter(({ date, day }) => {
            const inTerm =
              year.terms.some((t) => t.first <= date && date <= t.last) && year.weekdays.includes(day);
            return (
              (inTerm || year.extraDays.some((e) => e.date === date)) &&
              !year.daysOff.some((o) => o.first <= date && date <= o.last)
            );
          })
          .map((d) => d.date);
        const days = schoolDays(year);
        expect(days.map((d) => d.date)).toEqual(slow);
        for (const d of days) {
          expect(whyClosed(year, d.date)).toBeUndefined();
          const term = year.terms[d.block - 1];
          if (!year.extraDays.some((e) => e.date === d.date))
            expect(
              term.first <= d.date && d.date <= term.last && blockName(year, d.block) === term.name,
            ).toBe(true);
        }
      }),
      { numRuns: 100 },
    );
  });
  it('exactly one day of a week with school serves for each weekday, the day itself where it has school', () => {
    fc.assert(
      fc.property(someTerms, fc.integer({ min: 1, max: 7 }), (year, weekday) => {
        const days = schoolDays(year);
        const weeks = new Map<string, number>();
        days.forEach((d, i) => {
          if (servesFor(days, i, weekday)) weeks.set(d.weekFrom, (weeks.get(d.weekFrom) ?? 0) + 1);
        });
        for (const monday of new Set(days.map((d) => d.weekFrom))) expect(weeks.get(monday)).toBe(1);
        days.forEach((d, i) => {
          if (d.weekday === weekday) expect(servesFor(days, i, weekday)).toBe(true);
        });
      }),
      { numRuns: 60 },
    );
  });
  it('a shortened day holds less: what does not fit stands elsewhere', () => {
    const plan = aPlan(
      1,
      { year: { ...YEAR, shortDays: [{ id: 's', date: '2026-08-31', ends: 570, label: 'dentist' }] } },
      (l) => ['a', 'b', 'c'].map((x) => aPart(x, l, { minutes: 40 })),
    );
    const days = schoolDays(plan.year!);
    expect([days[0].ends, days[1].ends]).toEqual([570, 900]);
    expect(windowsOf(plan.year!)[0].starts).toBe(510);
    const drawn = redraw(plan, { today: '2026-08-31' }).plan.sittings;
    // One hour of six and a half: 18 of 120 minutes, in which 40 do not fit.
    expect(drawn.every((s) => s.date > '2026-08-31')).toBe(true);
  });
});

describe('facts of the trade (common practice, no source)', () => {
  it('an eleven-lesson pack at one a week is eleven weeks: four parts on Monday to Thursday, the close on Friday', () => {
    const plan = aPlan(11, { year: { ...YEAR, weeksOff: 0 }, units: [aUnit({ lessonsPerWeek: 1 })] }, (l) =>
      ['a', 'b', 'c', 'd'].map((x) => aPart(`${l}${x}`, l)),
    );
    const pattern = {
      name: 'w',
      days: [1, 2, 3, 4].map((weekday) => ({ weekday, closes: false })).concat({ weekday: 5, closes: true }),
    };
    const done = perform(
      stretchLessons(
        plan.lessons.map((l) => l.id),
        pattern,
        true,
      ),
      plan,
      {
        today: '2026-08-31',
        newId: (() => {
          let n = 0;
          return () => `n${++n}`;
        })(),
      },
    );
    if ('refused' in done) throw new Error(done.refused);
    const dates = done.plan.sittings.map((s) => s.date).sort();
    expect([dates.length, dates[0], dates.at(-1)]).toEqual([55, '2026-08-31', '2026-11-13']);
    expect(daysBetween(dates[0], dates.at(-1)!)).toBe(10 * 7 + 4);
    expect(
      done.plan.sittings
        .filter((s) => done.plan.parts.find((p) => p.id === s.partId)!.kind === 'look-back')
        .every((s) => weekdayOf(s.date) === 5),
    ).toBe(true);
  });
  it('two to five lessons a week for two to three weeks are four to fifteen lessons', () => {
    expect([weeksAtPace(4, 2), weeksAtPace(15, 5)]).toEqual([2, 3]);
    expect([weeksAtPace(16, 5), weeksAtPace(3, 2)]).toEqual([4, 2]);
  });
  it('five to eight spoken questions a day come to about a thousand in 170 to 180 days', () => {
    expect([overDays(5, 170), overDays(8, 180)]).toEqual([850, 1440]);
    expect(overDays(6, 170)).toBeGreaterThan(1000);
  });
  it('puzzles of 538, 500 and 577 pieces are 1,615 pieces; two chapters a day of fifteen last eight days', () =>
    expect([538 + 500 + 577, daysAtPace(15, 2)]).toEqual([1615, 8]));
  it('twenty-four small topics are grouped into as many lessons as there are days', () =>
    expect(
      groupTopics(
        Array.from({ length: 24 }, (_, i) => ({ title: `Topic ${i}`, size: 1 })),
        15,
      ),
    ).toHaveLength(15));
});

describe('public holidays', () => {
  it('fixed and movable ones fall where the almanac has them (Easter 2027 is 28 March: computus, from memory)', () => {
    const found = publicHolidays('DE', '', '2026-08-31', '2027-06-11');
    const on = (name: string): string | undefined => found.find((h) => h.name === name)?.first;
    expect(on('Christmas Day')).toBe('2026-12-25');
    expect(on('Good Friday')).toBe('2027-03-26');
    expect(on('Easter Monday')).toBe('2027-03-29');
    expect(found.every((h) => h.first <= h.last)).toBe(true);
  });
  it('a region adds its own, and an unknown country has none', () => {
    expect(publicHolidays('DE', 'BY', '2026-08-31', '2027-06-11').some((h) => h.first === '2027-01-06')).toBe(
      true,
    );
    expect(publicHolidays('DE', '', '2026-08-31', '2027-06-11').some((h) => h.first === '2027-01-06')).toBe(
      false,
    );
    expect(publicHolidays('', '', '2026-08-31', '2027-06-11')).toEqual([]);
    expect([countries().length > 100, regions('DE').some((r) => r.code === 'BY'), regions('XX')]).toEqual([
      true,
      true,
      [],
    ]);
  });
});

it('seasons are turned about south of the equator', () =>
  expect([
    seasonOf('2026-10-28'),
    seasonOf('2026-10-28', 'NZ'),
    seasonOf('2027-01-04'),
    seasonOf('2027-05-31'),
  ]).toEqual(['autumn', 'spring', 'winter', 'spring']));

/** The school calendar against a reference library (date-fns) and facts of the trade (common practice, no source). */
import {
  addDays as addDaysRef,
  differenceInCalendarDays,
  eachDayOfInterval,
  format,
  getISODay,
  parseISO,
  startOfWeek,
} from 'date-fns';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, daysBetween, mondayOf, weekdayOf } from '@/core/calendar/dates';
import { weekBegins } from '@/core/calendar/week';
import { schoolDayFrom, schoolDays, whyClosed, yearFigures } from '@/core/calendar/school-days';
import { spread, weeksAtPace } from '@/core/pacing/pacing';
import { aPart, aPlan, aUnit, somePlan, YEAR } from '../sample-plan';
import { redraw } from '@/core/layout/redraw';

const text = (d: Date): string => format(d, 'yyyy-MM-dd');
const someDate = fc
  .date({ min: new Date('1999-01-01T12:00:00'), max: new Date('2051-12-31T12:00:00'), noInvalidDate: true })
  .map(text);

describe('dates, against date-fns', () => {
  it('weekdays, Mondays, sums and differences agree, over leap days and the turn of years', () => {
    fc.assert(
      fc.property(someDate, fc.integer({ min: -900, max: 900 }), (date, n) => {
        const ref = parseISO(date);
        expect(weekdayOf(date)).toBe(getISODay(ref));
        expect(mondayOf(date)).toBe(text(startOfWeek(ref, { weekStartsOn: 1 })));
        expect(addDays(date, n)).toBe(text(addDaysRef(ref, n)));
        expect(daysBetween(date, addDays(date, n))).toBe(differenceInCalendarDays(addDaysRef(ref, n), ref));
      }),
      { numRuns: 500 },
    );
  });

  it('school days are the taught weekdays of open weeks, counted the slow way', () => {
    fc.assert(
      fc.property(somePlan, ({ year }) => {
        const y = year!;
        const weekStartsOn = (weekBegins(y) % 7) as 0 | 1 | 6;
        const weekOfSchool = (d: Date): Date => startOfWeek(d, { weekStartsOn });
        const slow = eachDayOfInterval({ start: parseISO(y.starts), end: parseISO(y.ends) })
          .filter((d) => {
            const week = Math.round(
              differenceInCalendarDays(weekOfSchool(d), weekOfSchool(parseISO(y.starts))) / 7,
            );
            return (
              y.weekdays.includes(getISODay(d)) &&
              (y.weeksOff === 0 || week % (y.weeksOn + y.weeksOff) < y.weeksOn) &&
              !y.daysOff.some((o) => o.first <= text(d) && text(d) <= o.last)
            );
          })
          .map(text);
        const days = schoolDays(y);
        expect(days.map((d) => d.date)).toEqual(slow);
        expect(slow.every((d) => whyClosed(y, d) === undefined)).toBe(true);
        for (const d of days) expect(schoolDayFrom(days, d.date)).toBe(d);
      }),
      { numRuns: 40 },
    );
  });
});

describe('facts of the trade (common practice, no source)', () => {
  const weeks = (n: number, off = 1) =>
    yearFigures({ ...YEAR, weeksOff: off, starts: '2026-08-31', ends: addDays('2026-08-31', 7 * n - 3) });

  it('52 weeks at five on and one off are 8 whole blocks and four weeks over, not nine or ten', () =>
    expect(weeks(52)).toMatchObject({ calendarWeeks: 52, wholeBlocks: 8, weeksOver: 4 }));

  it('8 March to the end of May is twelve school weeks and some days', () => {
    const days = schoolDays({ ...YEAR, weeksOff: 0, starts: '2027-03-08', ends: '2027-05-31' });
    expect(Math.floor(days.length / 5)).toBe(12);
    expect(days.length % 5).toBeGreaterThan(0);
  });

  it('fifteen chapters, one a day, fill three five-day weeks', () => {
    const { plan } = redraw(
      aPlan(15, { year: { ...YEAR, weeksOff: 0 }, units: [aUnit({ lessonsPerWeek: null })] }),
      { today: '2026-08-31' },
    );
    expect(plan.sittings[0].date).toBe('2026-08-31');
    expect(plan.sittings[14].date).toBe('2026-09-18');
  });

  it('sixteen lessons at one a week take sixteen weeks; twenty in six weeks are between three and four a week', () => {
    expect(weeksAtPace(16, 1)).toBe(16);
    expect(20 / 6).toBeGreaterThan(3);
    expect(weeksAtPace(20, 3)).toBeGreaterThan(6);
    expect(weeksAtPace(20, 4)).toBeLessThanOrEqual(6);
    const sixteen = redraw(
      aPlan(16, { year: { ...YEAR, weeksOff: 0 }, units: [aUnit({ lessonsPerWeek: 1 })] }),
      { today: '2026-08-31' },
    ).plan;
    expect(daysBetween(sixteen.sittings[0].date, sixteen.sittings[15].date)).toBe(15 * 7);
  });

  it('a papier-mâché model, built on a Monday, is a five-day affair', () => {
    const parts = [
      ['build', 48],
      ['paint', 24],
      ['show', 0],
    ] as const;
    const plan = aPlan(1, {}, (l) =>
      parts.map(([id, waitAfterHours]) =>
        aPart(id, l, { minutes: 40, lead: 'near', window: 'afternoon', waitAfterHours, waitLabel: 'dries' }),
      ),
    );
    // Built on Monday afternoon; two nights and a day later it is Wednesday 15:00, too late to paint before Thursday;
    // dry again on Friday after school hours.
    const dates = redraw(plan, { today: '2026-08-31' }).plan.sittings.map((s) => s.date);
    expect(dates.slice(0, 2)).toEqual(['2026-08-31', '2026-09-03']);
    expect(daysBetween(dates[0], dates[2])).toBeGreaterThanOrEqual(4);
  });
});

it('a spread is balanced: any two stretches of equal length differ by at most one lesson', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 1, max: 60 }), (n, m) => {
      const counts = Array.from({ length: m }, (_, day) => spread(n, m).filter((d) => d === day).length);
      expect(counts.reduce((a, b) => a + b, 0)).toBe(n);
      for (let length = 1; length <= m; length++) {
        const sums = counts
          .slice(0, m - length + 1)
          .map((_, i) => counts.slice(i, i + length).reduce((a, b) => a + b, 0));
        expect(Math.max(...sums) - Math.min(...sums)).toBeLessThanOrEqual(1);
      }
    }),
  );
});

import { describe, expect, it } from 'vitest';
import { YEAR } from '../../../tests/sample-plan';
import { clockText, dayMonth, lengthText, longDate, shortDate } from './dates';
import { schoolDayFrom, schoolDays, whyClosed, windowsOf, yearFigures } from './school-days';

describe('a school year', () => {
  it('has blocks of weeks on, with weeks off between them', () => {
    const days = schoolDays(YEAR);
    const firstOfBlocks = days.filter((d, i) => i === 0 || days[i - 1].block !== d.block).map((d) => d.date);
    expect(firstOfBlocks.slice(0, 3)).toEqual(['2026-08-31', '2026-10-12', '2026-11-23']);
    expect(days.filter((d) => d.block === 1).length).toBe(25);
  });
  it('counts weeks that have school, and leaves out one that is all days off', () => {
    const off = {
      ...YEAR,
      weeksOff: 0,
      daysOff: [{ id: 'o', first: '2026-09-07', last: '2026-09-13', label: '', kind: 'off' as const }],
    };
    const days = schoolDays(off);
    expect(days.find((d) => d.date === '2026-09-14')!.week).toBe(1);
    expect(yearFigures(off).schoolWeeks).toBe(yearFigures(off).calendarWeeks - 1);
  });
  it('may begin in mid-week, whose week is the first of the rhythm', () => {
    const days = schoolDays({ ...YEAR, starts: '2026-09-03', weeksOn: 1 });
    expect(days.slice(0, 3).map((d) => d.date)).toEqual(['2026-09-03', '2026-09-04', '2026-09-14']);
  });
  it('without weeks off is one block', () =>
    expect(yearFigures({ ...YEAR, weeksOff: 0 })).toMatchObject({
      wholeBlocks: 1,
      weeksOver: 0,
      calendarWeeks: 41,
    }));
  it('finds the next school day', () => {
    const days = schoolDays(YEAR);
    expect(schoolDayFrom(days, '2026-09-05')!.date).toBe('2026-09-07');
    expect(schoolDayFrom(days, '2027-06-12')).toBeUndefined();
  });
  it('has three windows without a gap, and an evening after school', () =>
    expect(windowsOf(YEAR).map((w) => [w.starts, w.ends])).toEqual([
      [510, 690],
      [690, 780],
      [780, 900],
      [1080, 1200],
    ]));
});

describe('why a day is closed', () => {
  const year = {
    ...YEAR,
    daysOff: [{ id: 'o', first: '2026-09-02', last: '2026-09-02', label: 'harvest', kind: 'off' as const }],
  };
  it.each([
    ['2026-08-30', 'before the school year starts'],
    ['2027-06-12', 'after the school year ends'],
    ['2026-09-02', 'a day off (harvest)'],
    ['2026-09-05', 'not a weekday you teach on'],
    ['2026-10-07', 'in a week off'],
    ['2026-09-03', undefined],
  ])('%s: %s', (date, why) => expect(whyClosed(year, date)).toBe(why));
});

it('dates and lengths read as a person writes them', () => {
  expect([shortDate('2026-11-03'), dayMonth('2026-11-03'), longDate('2026-11-03')]).toEqual([
    'Tue 3 Nov',
    '3 Nov',
    'Tuesday, 3 November',
  ]);
  expect([0, 35, 60, 65, 125].map(lengthText)).toEqual(['0 min', '35 min', '1 h', '1 h 05', '2 h 05']);
  expect([510, 0, 1439].map((m) => clockText(m))).toEqual(['8:30', '0:00', '23:59']);
});

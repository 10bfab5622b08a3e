import { describe, expect, it } from 'vitest';
import { YEAR } from '../../../tests/sample-plan';
import { weekdayOf } from './dates';
import { schoolDays, servesFor, yearFigures } from './school-days';
import { weekBegins, weekOf } from './week';

describe('the day with which weeks begin', () => {
  it.each([
    ['Monday to Friday', [1, 2, 3, 4, 5], 1],
    ['Monday to Saturday', [1, 2, 3, 4, 5, 6], 1],
    ['every day', [1, 2, 3, 4, 5, 6, 7], 1],
    ['Tuesday and Thursday', [2, 4], 1],
    ['Tuesday to Saturday', [2, 3, 4, 5, 6], 1],
    ['Monday, Wednesday, Friday', [1, 3, 5], 1],
    ['Sunday to Thursday', [1, 2, 3, 4, 7], 7],
    ['Sunday, Tuesday, Thursday', [2, 4, 7], 7],
    ['Saturday to Wednesday', [1, 2, 3, 6, 7], 6],
    ['Sunday to Friday', [1, 2, 3, 4, 5, 7], 7],
    ['Saturday alone', [6], 1],
    ['Saturday and Sunday', [6, 7], 1],
    ['no day', [], 1],
  ])('is right for school on %s', (_, weekdays, begins) =>
    expect(weekBegins({ weekdays, weekBegins: null })).toBe(begins),
  );

  it('tears no run of school days, wherever there is a day without school', () => {
    for (let set = 1; set < 127; set++) {
      const weekdays = [1, 2, 3, 4, 5, 6, 7].filter((d) => set & (1 << (d - 1)));
      const begins = weekBegins({ weekdays, weekBegins: 3 });
      const before = begins === 1 ? 7 : begins - 1;
      expect(weekdays.includes(begins) && weekdays.includes(before), String(weekdays)).toBe(false);
    }
  });
});

describe('a year with school on every day', () => {
  const everyDay = [1, 2, 3, 4, 5, 6, 7];
  it('has its weeks as the family says, and they count as such', () => {
    const year = { ...YEAR, weekdays: everyDay, weekBegins: 7 };
    const days = schoolDays(year).filter((d) => d.weekFrom === weekOf(year, '2026-10-14'));
    expect([days[0].date, days.at(-1)!.date]).toEqual(['2026-10-11', '2026-10-17']);
    expect(new Set(days.map((d) => d.week)).size).toBe(1);
    expect(weekOf({ ...year, weekBegins: null }, '2026-10-18')).toBe('2026-10-12');
  });
  it('rests in whole weeks of its own', () => {
    const year = { ...YEAR, weekdays: everyDay, weekBegins: 7, weeksOn: 2, weeksOff: 1 };
    const september = schoolDays({ ...year, daysOff: [] }).filter((d) => d.date.startsWith('2026-09'));
    expect(september.filter((d) => d.date < '2026-09-20').at(-1)!.date).toBe('2026-09-12');
    expect(september.find((d) => d.date > '2026-09-12')!.date).toBe('2026-09-20');
  });
});

describe('a year from Sunday to Thursday', () => {
  const year = { ...YEAR, weekdays: [1, 2, 3, 4, 7] };
  const days = schoolDays(year);
  it('has its weeks from Sunday to Thursday', () => {
    const whole = days.filter((d) => d.weekFrom === weekOf(year, '2026-10-14'));
    expect(whole.map((d) => d.date)).toEqual([
      '2026-10-11',
      '2026-10-12',
      '2026-10-13',
      '2026-10-14',
      '2026-10-15',
    ]);
    expect(new Set(whole.map((d) => d.week)).size).toBe(1);
    for (const d of days) expect(d.weekday).toBe(weekdayOf(d.date));
  });
  it('lets Monday serve for a Sunday without school, and not the other way round', () => {
    const closed = {
      ...year,
      daysOff: [{ first: '2026-10-11', last: '2026-10-11', kind: 'day off' as const, label: '' }],
    };
    const at = schoolDays(closed as never);
    const index = (date: string): number => at.findIndex((d) => d.date === date);
    expect(servesFor(at, index('2026-10-12'), 7)).toBe(true);
    expect(servesFor(at, index('2026-10-18'), 7)).toBe(true);
    expect(servesFor(at, index('2026-10-15'), 7)).toBe(false);
  });
  it('rests in whole weeks of its own', () => {
    const rhythm = schoolDays({ ...year, weeksOn: 2, weeksOff: 1, terms: [] });
    const weeks = new Map<string, number>();
    for (const d of rhythm) weeks.set(d.weekFrom, (weeks.get(d.weekFrom) ?? 0) + 1);
    expect([...weeks.values()].slice(1, -1).every((n) => n === 5)).toBe(true);
    expect(yearFigures(year).schoolDays).toBe(days.length);
  });
});

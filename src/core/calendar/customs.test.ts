import { describe, expect, it } from 'vitest';
import { blankFamily, blankLives, blankYear } from '../plan/blank';
import { clockText } from './dates';
import { customsOf, gradeName } from './customs';

describe('customs of a country', () => {
  it.each([
    ['US', 'month first', 12, 'letter', 'USD'],
    ['CA', 'month first', 12, 'letter', 'CAD'],
    ['GB', 'day first', 24, 'A4', 'GBP'],
    ['DE', 'day first', 24, 'A4', 'EUR'],
    ['AU', 'day first', 12, 'A4', 'AUD'],
    ['', 'day first', 24, 'A4', ''],
    ['nowhere', 'day first', 24, 'A4', ''],
  ] as const)('%s: %s, %i hours, %s, %s', (country, order, clock, paper, currency) => {
    const is = customsOf({ family: { ...blankFamily, lives: { ...blankLives, country } }, year: null });
    expect([is.clock, is.paper, is.currency]).toEqual([clock, paper, currency]);
    // Canada writes years first by the CLDR, and months before days.
    expect(is.order).toBe(order);
    expect(Intl.getCanonicalLocales(is.locale)).toEqual([is.locale]);
  });
  it('what the family says comes first', () => {
    const is = customsOf({
      family: {
        ...blankFamily,
        lives: { ...blankLives, country: 'US', dates: 'day first', clock: 24, paper: 'A4' },
      },
      year: null,
    });
    expect(is).toMatchObject({ order: 'day first', clock: 24, paper: 'A4', locale: 'en-GB' });
  });
  it('where the holidays of the year are looked up counts while nobody has said where they live', () => {
    const year = { ...blankYear, starts: '2026-09-01', ends: '2027-06-01', country: 'US' };
    expect(customsOf({ family: blankFamily, year })).toMatchObject({ order: 'month first', clock: 12 });
  });
  it.each([
    [4, 'US', 'grade 4'],
    [4, 'GB', 'year 5'],
    [0, 'US', 'kindergarten'],
    [0, 'GB', 'year 1'],
    [-2, 'US', 'before school'],
    [3, 'DE', 'class 3'],
  ])('grade %i in %s is %s', (grade, country, name) => expect(gradeName(grade, country)).toBe(name));
});

describe('a time of day', () => {
  it.each([
    [0, '0:00', '12:00 am'],
    [545, '9:05', '9:05 am'],
    [720, '12:00', '12:00 pm'],
    [810, '13:30', '1:30 pm'],
  ])('%i minutes are %s or %s', (minutes, day, halves) =>
    expect([clockText(minutes), clockText(minutes, 12)]).toEqual([day, halves]),
  );
});

import { describe, expect, it } from 'vitest';
import { blankFamily, blankLives, blankYear } from '../plan/blank';
import { clockText } from './dates';
import { customsOf, gradeName, likelyYear } from './customs';

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

describe('customs that have been said by few', () => {
  const at = (country: string): ReturnType<typeof customsOf> =>
    customsOf({ family: { ...blankFamily, lives: { ...blankLives, country } }, year: null });
  it.each([
    ['US', 'customary', 'American', 7],
    ['GB', 'metric', 'British', 1],
    ['DE', 'metric', 'British', 1],
    ['AU', 'metric', 'British', 1],
    ['', 'metric', 'British', 1],
  ] as const)(
    '%s measures in %s units, spells as %s, weeks from %i',
    (country, measures, spelling, weekStarts) =>
      expect(at(country)).toMatchObject({ measures, spelling, weekStarts }),
  );
  it.each([
    // In the middle of a year: what is left of it.
    ['GB', '2026-10-28', '2026-10-28', '2027-06-14'],
    // Soon before one: that one, from its Monday.
    ['GB', '2026-07-20', '2026-09-07', '2027-06-14'],
    ['US', '2026-07-01', '2026-08-17', '2027-05-24'],
    ['AU', '2026-11-27', '2027-02-01', '2027-11-08'],
    // Little is left: the next.
    ['GB', '2026-05-20', '2026-09-07', '2027-06-14'],
    ['', '2026-05-20', '2026-05-20', '2027-02-24'],
  ])('%s on %s plans %s to %s', (country, today, starts, ends) =>
    expect(likelyYear(country, today)).toEqual({ starts, ends }),
  );
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

import { describe, expect, it } from 'vitest';
import { windowsOf } from '../calendar/school-days';
import { YEAR } from '../../../tests/sample-plan';
import { hoursBetween, waitEnds } from './waits';

const [morning, midday, afternoon] = windowsOf(YEAR);

describe('a wait', () => {
  it('begins when the window it starts in ends', () => {
    expect(waitEnds('2026-10-27', morning, 48)).toEqual({ date: '2026-10-29', time: morning.ends });
    expect(waitEnds('2026-10-27', afternoon, 14)).toEqual({ date: '2026-10-28', time: 5 * 60 });
  });
  it('runs over midnight, weekends and the turn of the year', () => {
    expect(waitEnds('2026-10-30', midday, 72)).toEqual({ date: '2026-11-02', time: midday.ends });
    expect(waitEnds('2026-12-31', afternoon, 24)).toEqual({ date: '2027-01-01', time: afternoon.ends });
  });
  it('of no hours is over at once', () =>
    expect(waitEnds('2026-10-27', morning, 0)).toEqual({ date: '2026-10-27', time: morning.ends }));
  it('is measured from the end of one window to the start of another', () => {
    expect(
      hoursBetween({ date: '2026-10-27', window: 'morning' }, { date: '2026-10-29', window: 'midday' }, [
        morning,
        midday,
        afternoon,
      ]),
    ).toBe(48);
    expect(
      hoursBetween({ date: '2026-10-27', window: 'afternoon' }, { date: '2026-10-28', window: 'morning' }, [
        morning,
        midday,
        afternoon,
      ]),
    ).toBe(17.5);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../calendar/dates';
import { dayForEach, tooFull, type Task } from './fit';
import { fewestTrips } from './trips';

const START = '2026-11-02';
const day = (n: number): string => addDays(START, n);
const DAYS = 6;

const someTasks = fc
  .array(
    fc.record({
      minutes: fc.integer({ min: 1, max: 5 }),
      first: fc.nat(DAYS - 1),
      length: fc.nat(3),
      like: fc.constantFrom('cards', 'maps'),
    }),
    { maxLength: 6 },
  )
  .map((list) =>
    list.map((t, i): Task => ({
      id: `t${i}`,
      minutes: t.minutes,
      first: day(t.first),
      last: day(Math.min(DAYS - 1, t.first + t.length)),
      after: [],
      like: t.like,
    })),
  );
const someMinutes = fc.array(fc.nat(6), { minLength: DAYS, maxLength: DAYS });

const hasOf =
  (minutes: readonly number[]) =>
  (first: string, last: string): number =>
    minutes.filter((_, n) => day(n) >= first && day(n) <= last).reduce((sum, m) => sum + m, 0);

/** Whether every minute finds a minute of a day in its span: by augmenting paths, minute by minute. */
function fitsMinuteByMinute(tasks: readonly Task[], minutes: readonly number[]): boolean {
  const slots = minutes.flatMap((m, n) => Array.from({ length: m }, () => n));
  const taken = new Map<number, number>();
  const units = tasks.flatMap((t) => Array.from({ length: t.minutes }, () => t));
  const place = (unit: number, tried: Set<number>): boolean =>
    slots.some((n, slot) => {
      if (tried.has(slot) || day(n) < units[unit].first || day(n) > units[unit].last) return false;
      tried.add(slot);
      const other = taken.get(slot);
      if (other !== undefined && !place(other, tried)) return false;
      taken.set(slot, unit);
      return true;
    });
  return units.every((_, unit) => place(unit, new Set()));
}

describe('what is to be prepared', () => {
  it('fits exactly where every minute finds a place, and the span that is named holds more than it can', () => {
    fc.assert(
      fc.property(someTasks, someMinutes, (tasks, minutes) => {
        const full = tooFull(tasks, hasOf(minutes));
        expect(full === undefined).toBe(fitsMinuteByMinute(tasks, minutes));
        if (!full) return;
        const must = tasks.filter((t) => t.first >= full.first && t.last <= full.last);
        expect(must.reduce((sum, t) => sum + t.minutes, 0)).toBe(full.needs);
        expect(hasOf(minutes)(full.first, full.last)).toBe(full.has);
        expect(full.needs).toBeGreaterThan(full.has);
      }),
      { numRuns: 400 },
    );
  });

  it('is done within its span, what comes first first, and on no day that is full while another has room', () => {
    fc.assert(
      fc.property(someTasks, someMinutes, fc.boolean(), (tasks, minutes, inOrder) => {
        const all = tasks.map((t, i) => ({ ...t, after: inOrder && i ? [`t${i - 1}`] : [] }));
        const days = dayForEach(
          all,
          (d) => minutes[Math.round((Date.parse(d) - Date.parse(START)) / 86_400_000)] ?? 0,
        );
        const load = (d: string): number =>
          all.filter((t) => days.get(t.id) === d).reduce((sum, t) => sum + t.minutes, 0);
        for (const t of all) {
          const on = days.get(t.id)!;
          expect(on <= t.last).toBe(true);
          for (const before of t.after) expect(days.get(before)! <= on).toBe(true);
          if (inOrder) continue;
          expect(on >= t.first).toBe(true);
          const room = (d: number): number => minutes[d] - load(day(d));
          const at = Math.round((Date.parse(on) - Date.parse(START)) / 86_400_000);
          // Alone on a day too small for it, another day of its span would not have held it either.
          if (load(on) === t.minutes && minutes[at] < t.minutes)
            for (let d = 0; d < DAYS; d++)
              if (day(d) >= t.first && day(d) <= t.last && !load(day(d)))
                expect(room(d)).toBeLessThanOrEqual(minutes[at]);
        }
      }),
      { numRuns: 200 },
    );
  });

  it('is done as late as there is room, and like with like', () => {
    const task = (id: string, minutes: number, like = id): Task => ({
      id,
      minutes,
      first: day(0),
      last: day(4),
      after: [],
      like,
    });
    expect(dayForEach([task('a', 20)], () => 30).get('a')).toBe(day(4));
    const days = dayForEach([task('a', 20, 'cards'), task('b', 25), task('c', 10, 'cards')], () => 30);
    expect([days.get('a'), days.get('b'), days.get('c')]).toEqual([day(4), day(3), day(4)]);
  });
});

describe('trips', () => {
  it('are as few as any set of days to go that does all that can be done', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ first: fc.nat(9), length: fc.nat(4) }), { maxLength: 7 }),
        fc.uniqueArray(fc.nat(12), { maxLength: 6 }),
        (spans, open) => {
          const days = open.map(day).sort();
          const errands = spans.map((s) => ({ first: day(s.first), last: day(s.first + s.length) }));
          const { trips, missed } = fewestTrips((until) => days.findLast((d) => d <= until), errands);
          const can = errands.filter((b) => days.some((d) => d >= b.first && d <= b.last));
          expect(missed).toHaveLength(errands.length - can.length);
          expect(trips.flatMap((t) => t.errands)).toHaveLength(can.length);
          for (const { date, errands: of } of trips)
            for (const e of of) expect(days.includes(date) && date >= e.first && date <= e.last).toBe(true);
          const fewest = Array.from({ length: 2 ** days.length }, (_, set) =>
            days.filter((_, i) => (set >> i) & 1),
          )
            .filter((set) => can.every((b) => set.some((d) => d >= b.first && d <= b.last)))
            .reduce((least, set) => Math.min(least, set.length), Infinity);
          expect(trips).toHaveLength(fewest);
        },
      ),
      { numRuns: 400 },
    );
  });
});

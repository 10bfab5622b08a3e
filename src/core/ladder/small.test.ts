import { describe, expect, it } from 'vitest';
import { aLesson, aPart, aPlan, aUnit } from '../../../tests/sample-plan';
import { partMinutes } from '../layout/input';
import { redraw } from '../layout/redraw';
import { breaches } from '../layout/check';
import { blankBook, blankChild } from '../plan/blank';
import type { Part } from '../plan/lesson';
import type { Child, Plan } from '../plan/plan';
import { keptBusy } from './kept-busy';
import { joins, smallStretch } from './small';

const DAY = '2026-08-31';
const child = (age: number, over: Partial<Child> = {}): Child => ({
  ...blankChild,
  id: `c${age}`,
  name: `C${age}`,
  hatch: 'dots',
  birthMonth: `${2026 - age}-03`,
  minutes: 60,
  ...over,
});
const family = [child(9), child(6), child(3)];
const how = (over: Partial<Part>, age = 3, others = family): ReturnType<typeof joins> =>
  joins(aPart('p', 'l1', over), child(age), others, DAY);

describe('a child under five', () => {
  it('joins what is done together for one stretch of six to ten minutes', () => {
    expect([2, 3, 4].map((age) => how({ title: 'Card the fleece' }, age))).toEqual([
      { minutes: 6 },
      { minutes: 8 },
      { minutes: 10 },
    ]);
    expect(how({ title: 'Card the fleece' }, 5)).toBe('whole');
    expect([0, 9].map(smallStretch)).toEqual([6, 10]);
  });
  it.each([
    ['Simmer the madder in a boiling pot'],
    ['Saw the lath'],
    ['Stir the lye'],
    ['Weigh out the alum'],
    ['Spray paint the frame'],
    ['Plaster prints'],
    ['Shoot with the catapult'],
  ])('stays beside hot, sharp and strong work: %s', (title) => expect(how({ title })).toBe('beside'));
  it('comes along out of the house, and is in what is for the small alone', () => {
    expect(how({ kind: 'trip', title: 'To the museum' })).toBe('whole');
    expect(how({ kind: 'walk', title: 'Up the hill' })).toBe('whole');
    expect(how({ title: 'Finger paint' }, 3, [child(3)])).toBe('whole');
    expect(how({ kind: 'notebook', title: 'A page' })).toBe('whole');
  });
});

describe('in a plan', () => {
  const plan = (over: Partial<Part>): Plan =>
    redraw(
      {
        ...aPlan(
          2,
          { units: [aUnit({ childIds: family.map((c) => c.id) })], lessons: [aLesson('l1'), aLesson('l2')] },
          (l) => [
            aPart(`${l}-a`, l, { minutes: 55, lead: 'near', ...over }),
            aPart(`${l}-b`, l, { minutes: 30, lead: 'near' }),
          ],
        ),
        children: [child(9, { minutes: 200 }), child(6, { minutes: 200 }), child(3, { minutes: 20 })],
      },
      { today: DAY },
    ).plan;
  it('whoever is small holds nobody up: their minutes are those they join for', () => {
    const p = plan({});
    expect(partMinutes(p)(p.parts[0], p.units[0]).minutes).toEqual({ c9: 55, c6: 55, c3: 8 });
    expect(p.sittings).toHaveLength(4);
    expect(new Set(p.sittings.filter((s) => s.partId.startsWith('l1')).map((s) => s.date)).size).toBe(1);
  });
  it('a day out is not under the minutes of unit work, and takes no more than its half-day', () => {
    const trip = plan({ kind: 'trip', title: 'To the mill', minutes: 300 });
    expect(trip.sittings).toHaveLength(4);
    expect(breaches(trip)).toEqual([]);
  });
});

describe('what keeps a child busy', () => {
  const plan: Plan = {
    ...aPlan(1),
    books: [
      { ...blankBook, id: 'g', title: 'Snap of the Seasons', form: 'game', listenFrom: 3 },
      { ...blankBook, id: 'n', title: 'Night Terrors', form: 'game', listenFrom: 3, notFor: ['c3'] },
      { ...blankBook, id: 'k', title: 'A Long Novel', form: 'book' },
    ],
  };
  const busy = (age: number, place: number): string[] =>
    keptBusy(plan, aUnit(), child(age), { topic: 'Wool', place }, 3);
  it('is what the family has, as far as it suits, and plain things, other ones each lesson', () => {
    expect(busy(3, 0)).toContain('Play with “Snap of the Seasons”');
    const all = [0, 1, 2, 3, 4].flatMap((place) => busy(3, place));
    expect(new Set(all).size).toBe(all.length);
    expect(all.join()).not.toMatch(/Night Terrors|Long Novel/);
  });
  it('of an older child has to do with the lesson', () => {
    const all = [0, 1].flatMap((place) => busy(12, place));
    expect(new Set(all).size).toBe(6);
    expect(all.filter((t) => t.includes('“Wool”')).length).toBeGreaterThanOrEqual(5);
  });
});

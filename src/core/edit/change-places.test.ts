import { describe, expect, it } from 'vitest';
import { aPart, aPlan } from '../../../tests/sample-plan';
import { redraw } from '../layout/redraw';
import type { Plan } from '../plan/plan';
import { perform } from './edit';
import { setBuildsOn } from './lessons';
import { waysThrough } from './ways-through';
import { waysFor } from './came-up';

const TODAY = '2026-08-31';
const CONTEXT = { today: TODAY, newId: () => 'new' };
const titles = (plan: Plan): string => plan.lessons.map((l) => l.title.slice(-1)).join('');

/** Five lessons, one a day; some build on nothing. */
function five(free: readonly string[], latest?: { of: string; date: string }): Plan {
  const bare = aPlan(5, {}, (l) => [
    aPart(`${l}-a`, l, { minutes: 100, latest: l === latest?.of ? latest.date : null }),
  ]);
  const given = perform(setBuildsOn(free, false), bare, CONTEXT);
  if ('refused' in given) throw new Error(given.refused);
  return redraw(given.plan, { today: TODAY, fresh: 'all' }).plan;
}

describe('lessons that build on nothing', () => {
  it('may come before one that has to wait, and the next one only with a word that it builds on it', () => {
    const ways = waysFor(five(['l4']), { is: 'comes-late', partId: 'l2-a', until: '2026-09-16' }, CONTEXT);
    const first = ways.filter((w) => w.key.startsWith('before:'));
    expect(first.map((w) => w.does)).toEqual([
      '“Lesson l4” first, then “Lesson l2”',
      '“Lesson l3” first, then “Lesson l2”, though it builds on what comes before',
    ]);
    const taken = perform(first[0].edit, five(['l4']), CONTEXT);
    if ('refused' in taken) throw new Error(taken.refused);
    expect(titles(taken.plan)).toBe('14235');
    expect(taken.plan.sittings.find((s) => s.partId === 'l2-a')!.date >= '2026-09-16').toBe(true);
  });

  it('come earlier where that makes a unit fit, and only they', () => {
    // Lesson 5 must be over by Wednesday; at three a week its turn is a week later.
    const latest = { of: 'l5', date: '2026-09-02' };
    const fits = (plan: Plan): string[] =>
      waysThrough(plan, { is: 'does-not-fit', unitId: 'u1' }, CONTEXT)
        .filter((w) => w.key.startsWith('order:'))
        .map((w) => w.does);
    expect(fits(five([], latest))).toEqual([]);
    expect(fits(five(['l3'], latest))).toEqual([]);
    expect(fits(five(['l5'], latest))).toEqual(['“Lesson l5” before “Lesson l2”; it builds on nothing']);
  });
});

import { describe, expect, it } from 'vitest';
import { aPart, aPlan } from '../../../tests/sample-plan';
import { redraw } from '../layout/redraw';
import { fillersOn } from './fillers';
import type { TimetableEntry } from './timetable';

const DAY = '2026-08-31';
const plan = redraw(
  aPlan(1, {}, (l) => [aPart('a', l), aPart('b', l)]),
  { today: DAY },
).plan;
const young = { ...plan, children: plan.children.map((c) => ({ ...c, birthMonth: '2022-01' })) };
const room = (starts: number, over: Partial<TimetableEntry> = {}): TimetableEntry => ({
  id: `r${starts}`,
  partId: 'a',
  sittingId: 's',
  childIds: ['c1'],
  own: true,
  window: 'morning',
  parentMinutes: 0,
  adultId: null,
  adultMinutes: 0,
  done: false,
  missed: false,
  starts,
  ends: starts + 20,
  ...over,
});

describe('a young child who waits', () => {
  it('has something to do for as long as the wait is, and nothing for ten minutes', () => {
    const [filler, ...more] = fillersOn(young, DAY, [room(540), room(590)]);
    expect(more).toEqual([]);
    expect(filler).toMatchObject({ childId: 'c1', starts: 560, ends: 590 });
    expect(filler.text.length).toBeGreaterThan(5);
    expect(fillersOn(young, DAY, [room(540), room(570)])).toEqual([]);
  });

  it('is not waiting over noon, and one of ten waits by themselves', () => {
    expect(fillersOn(young, DAY, [room(540), room(800, { window: 'afternoon' })])).toEqual([]);
    expect(fillersOn(plan, DAY, [room(540), room(590)])).toEqual([]);
  });
});

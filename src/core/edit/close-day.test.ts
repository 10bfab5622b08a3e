import { describe, expect, it } from 'vitest';
import { after, CONTEXT, TODAY } from '../../../tests/after';
import { aPart, aPlan } from '../../../tests/sample-plan';
import { redraw } from '../layout/redraw';
import { closingOf } from './close-day';
import { markDone, noteTook, nothingHappened, tickAll } from './today';

const PREPARATION = { id: 'x1', what: 'Soak the skeins', daysBefore: 1, minutes: null, atMostBefore: null };
const drawn = redraw(
  aPlan(3, {}, (l) => [
    aPart(`${l}-a`, l, {
      preparations: l === 'l2' ? [{ ...PREPARATION, daysBefore: 2, minutes: null, atMostBefore: null }] : [],
    }),
    aPart(`${l}-b`, l, { kind: 'tell-back', lead: 'not-needed' }),
  ]),
  { today: TODAY },
).plan;

describe('closing a day', () => {
  it('says what is done, where the rest goes, and what is to be got ready until the next day', () => {
    const closing = closingOf(after(drawn, markDone('l1-a', null, TODAY)), TODAY, CONTEXT);
    expect(closing).toEqual({
      rooms: 3,
      done: 1,
      left: [{ partId: 'l1-b', title: 'Part l1-b', to: '2026-09-01' }],
      moves: 0,
      next: '2026-09-01',
      ready: [{ what: 'Soak the skeins', part: 'Part l2-a', on: '2026-09-02' }],
      refused: '',
    });
  });

  it('says the same days as moving it on then gives', () => {
    const closing = closingOf(drawn, TODAY, CONTEXT);
    const moved = after(drawn, nothingHappened(TODAY, false));
    for (const { partId, to } of closing.left)
      expect(moved.sittings.find((s) => s.partId === partId)!.date).toBe(to);
  });

  it('leaves nothing where all is ticked, and a day without anything is closed at once', () => {
    expect(closingOf(after(drawn, tickAll(TODAY, null)), TODAY, CONTEXT)).toMatchObject({
      left: [],
      done: 3,
    });
    expect(closingOf(drawn, '2026-09-05', CONTEXT)).toMatchObject({ rooms: 0, left: [], next: '2026-09-07' });
  });
});

describe('minutes of what is done together', () => {
  it('are noted of the whole, which is ticked with them; of children ticked one by one each has them', () => {
    const whole = after(drawn, noteTook('l1-a', null, 50, TODAY));
    expect(whole.marks.map((m) => [m.childId, m.minutes])).toEqual([[null, 50]]);
    expect(whole.entries.at(-1)).toMatchObject({ kind: 'done', minutes: 50 });
    const one = after(after(drawn, markDone('l1-a', 'c1', TODAY)), noteTook('l1-a', null, 40, TODAY));
    expect(one.marks.every((m) => m.minutes === 40)).toBe(true);
  });
});

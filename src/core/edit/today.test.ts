import { describe, expect, it } from 'vitest';
import { after, CONTEXT, TODAY } from '../../../tests/after';
import { aPart, aPlan } from '../../../tests/sample-plan';
import { redraw } from '../layout/redraw';
import type { Plan } from '../plan/plan';
import { perform } from './edit';
import { markDone, nothingHappened, tickAll } from './today';

const drawn = (): Plan =>
  redraw(
    aPlan(3, {}, (l) => [aPart(`${l}-a`, l), aPart(`${l}-b`, l, { kind: 'tell-back', lead: 'not-needed' })]),
    { today: TODAY },
  ).plan;
const ticks = (plan: Plan): string[] =>
  plan.marks.map((m) => `${m.partId} ${m.childId ?? 'all'} ${m.outcome}`);

describe('a whole day', () => {
  it('is ticked at once; who was ticked before keeps what was noted, and only that day is', () => {
    const begun = after(drawn(), markDone('l1-b', 'c1', TODAY));
    const all = after(begun, tickAll(TODAY, null));
    expect(ticks(all).sort()).toEqual(['l1-a all done', 'l1-b c1 done', 'l1-b c2 done']);
    expect(all.marks.find((m) => m.childId === 'c1')).toBe(begun.marks[0]);
    expect(perform(tickAll(TODAY, null), all, CONTEXT)).toEqual({ refused: 'All of it is ticked already.' });
  });

  it('is ticked for one lesson alone', () => {
    expect(ticks(after(drawn(), tickAll(TODAY, 'l1')))).toHaveLength(2);
    expect(perform(tickAll(TODAY, 'l2'), drawn(), CONTEXT)).toHaveProperty('refused');
  });

  it('did not happen: what is open moves on, what was ticked stays, and nothing loses its place', () => {
    const begun = after(drawn(), markDone('l1-a', null, TODAY));
    const on = after(begun, nothingHappened(TODAY, false));
    expect(ticks(on).sort()).toEqual(['l1-a all done', 'l1-b all missed']);
    const dates = new Map(on.sittings.map((s) => [s.partId, s.date]));
    expect(dates.get('l1-a')).toBe(TODAY);
    expect(dates.get('l1-b')! > TODAY).toBe(true);
    expect(on.sittings).toHaveLength(6);
    expect(perform(nothingHappened(TODAY, false), on, CONTEXT)).toHaveProperty('refused');
  });

  it('is refused where ink leaves no room, with the offer to rub it out', () => {
    const inked: Plan = {
      ...drawn(),
      sittings: drawn().sittings.map((s) =>
        s.partId.startsWith('l2') ? { ...s, state: 'ink', date: '2026-09-01' } : s,
      ),
    };
    const tight = {
      ...inked,
      parts: inked.parts.map((p) => ({ ...p, latest: p.id === 'l1-b' ? TODAY : null })),
    };
    const asked = perform(nothingHappened(TODAY, false), tight, CONTEXT);
    // Its own last day is in the way, and not the ink: that is said.
    expect(asked).toMatchObject({ refused: expect.stringContaining('finds no later day'), offer: 'rub-out' });
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aPart, aPlan, somePlan } from '../../../tests/sample-plan';
import { redraw } from '../layout/redraw';
import { timetable } from './timetable';
import { waitsOn } from './waits';

const DAY = '2026-08-31';

describe('waiting', () => {
  it('is named with its minutes and with whom the parent is meanwhile', () => {
    const drawn = redraw(
      aPlan(1, {}, (l) => [
        aPart('one', l, { minutes: 20, childIds: ['c1'] }),
        aPart('two', l, { minutes: 15, childIds: ['c2'] }),
      ]),
      { today: DAY },
    ).plan;
    // Whoever needs the parent for less comes first: together they wait less.
    expect(waitsOn(drawn, DAY)).toEqual([
      { childId: 'c1', partId: 'one', minutes: 15, forIds: ['c2'], forPartId: 'two' },
    ]);
  });
  it('is none where the child has something of their own to do, or the parent is not needed', () => {
    const own = redraw(
      aPlan(1, {}, (l) => [
        aPart('one', l, { minutes: 20, childIds: ['c1'] }),
        aPart('read', l, { kind: 'own-reading', minutes: 20, lead: 'not-needed', childIds: ['c2'] }),
        aPart('two', l, { minutes: 15, childIds: ['c2'] }),
      ]),
      { today: DAY },
    ).plan;
    expect(waitsOn(own, DAY)).toEqual([]);
    const alone = redraw(
      aPlan(1, {}, (l) => [
        aPart('one', l, { minutes: 20, childIds: ['c1'] }),
        aPart('two', l, { minutes: 15, lead: 'not-needed', childIds: ['c2'] }),
      ]),
      { today: DAY },
    ).plan;
    expect(waitsOn(alone, DAY)).toEqual([]);
  });
  it('never overlaps what the child does, and somebody else has the parent in it', () => {
    fc.assert(
      fc.property(somePlan, (given) => {
        const { plan } = redraw(given, { today: DAY });
        for (const date of [...new Set(plan.sittings.map((s) => s.date))].slice(0, 6)) {
          const rooms = timetable(plan, date);
          for (const w of waitsOn(plan, date)) {
            const room = rooms.find((r) => r.partId === w.partId && r.childIds.includes(w.childId))!;
            expect(w.minutes).toBeGreaterThan(0);
            expect(w.forIds).not.toContain(w.childId);
            expect(
              rooms.some(
                (r) =>
                  r !== room &&
                  r.childIds.includes(w.childId) &&
                  r.starts < room.starts &&
                  r.ends > room.starts - w.minutes,
              ),
            ).toBe(false);
          }
        }
      }),
      { numRuns: 40 },
    );
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aPart, aPlan, somePlan } from '../../../tests/sample-plan';
import { redraw } from '../layout/redraw';
import { timetable } from './timetable';

const DAY = '2026-08-31';

describe('a day', () => {
  it('never has a child in two rooms, nor the parent leading two', () => {
    fc.assert(
      fc.property(somePlan, (plan) => {
        const drawn = redraw(plan, { today: DAY }).plan;
        for (const date of new Set(drawn.sittings.map((s) => s.date))) {
          const rooms = timetable(drawn, date);
          for (const [i, a] of rooms.entries())
            for (const b of rooms.slice(i + 1)) {
              if (a.childIds.some((c) => b.childIds.includes(c)))
                expect(b.starts).toBeGreaterThanOrEqual(a.ends);
              if (a.parentMinutes > 0 && b.parentMinutes > 0)
                expect(b.starts).toBeGreaterThanOrEqual(a.starts + a.parentMinutes);
            }
        }
      }),
      { numRuns: 60 },
    );
  });

  it('has what there is one of in one room at a time, by one child after the other where each works alone', () => {
    const { plan } = redraw(
      aPlan(1, {}, (l) => [
        aPart('spell', l, { kind: 'practice', lead: 'not-needed', needs: ['laptop'], minutes: 20 }),
        aPart('film', l, { lead: 'not-needed', needs: ['The laptop'], minutes: 30 }),
      ]),
      { today: DAY },
    );
    const rooms = timetable(plan, DAY);
    expect(rooms.map((r) => [r.partId, r.ends - r.starts])).toEqual([
      ['spell', 20],
      ['spell', 20],
      ['film', 30],
    ]);
    rooms.forEach((r, i) => i && expect(r.starts).toBeGreaterThanOrEqual(rooms[i - 1].ends));
  });

  it('lets a child copy while the parent listens to another', () => {
    const plan = redraw(
      aPlan(1, {}, (l) => [
        aPart('read', l, { kind: 'read-aloud', minutes: 20 }),
        aPart('tell', l, { kind: 'tell-back', lead: 'not-needed' }),
        aPart('copy', l, { kind: 'copying', lead: 'not-needed' }),
      ]),
      { today: DAY },
    ).plan;
    const young = plan.children.map((c) => ({ ...c, rungs: { speaking: 2 as const, writing: 3 as const } }));
    const rooms = timetable(redraw({ ...plan, children: young }, { today: DAY }).plan, DAY);
    const tells = rooms.filter((r) => r.partId === 'tell');
    const copies = rooms.filter((r) => r.partId === 'copy');
    expect(tells[1].starts).toBe(tells[0].starts + tells[0].parentMinutes);
    expect(copies.find((r) => r.childIds[0] === tells[1].childIds[0])!.starts).toBe(tells[0].starts);
  });

  it('begins with the school day and reads before it tells', () => {
    const plan = redraw(
      aPlan(1, {}, (l) => [
        aPart('read', l, { kind: 'read-aloud', minutes: 20 }),
        aPart('tell', l, { kind: 'tell-back', lead: 'not-needed' }),
      ]),
      { today: DAY },
    ).plan;
    const rooms = timetable(plan, DAY);
    expect(rooms[0]).toMatchObject({
      partId: 'read',
      starts: 510,
      ends: 530,
      own: false,
      childIds: ['c1', 'c2'],
    });
    expect(rooms.slice(1).every((r) => r.starts >= 530 && r.own)).toBe(true);
  });
});

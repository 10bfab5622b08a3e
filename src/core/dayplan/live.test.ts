import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aPart, aPlan, somePlan } from '../../../tests/sample-plan';
import { perform } from '../edit/edit';
import { didNotHappen, markDone, noteTook } from '../edit/today';
import { redraw } from '../layout/redraw';
import type { Plan } from '../plan/plan';
import { dayOfPlan } from './day-of-plan';
import { liveDay, type Clock, type LiveDay } from './live';
import { timetable } from './timetable';

const DAY = '2026-08-31';
/** The clock of these days is that of Greenwich. */
const at = (minutes: number): string => new Date(Date.parse(DAY) + minutes * 60_000).toISOString();
const clock = (minutes: number): Clock => ({
  date: DAY,
  minutes,
  of: (moment) => ({ date: moment.slice(0, 10), minutes: (Date.parse(moment) - Date.parse(DAY)) / 60_000 }),
});

let ids = 0;
function done(plan: Plan, partId: string, childId: string | null, minutes: number): Plan {
  const out = perform(markDone(partId, childId, DAY), plan, {
    today: DAY,
    newId: () => `n${ids++}`,
    now: at(minutes),
  });
  if ('refused' in out) throw new Error(out.refused);
  return out.plan;
}

/** Read together 8:30, tell back for each, then a walk; and in the afternoon a craft. */
const plan = redraw(
  aPlan(1, {}, (l) => [
    aPart('read', l, { kind: 'read-aloud', minutes: 20 }),
    aPart('page', l, { kind: 'practice', minutes: 30, lead: 'not-needed' }),
    aPart('walk', l, { kind: 'walk', minutes: 40 }),
    aPart('craft', l, { kind: 'craft', minutes: 30, window: 'afternoon' }),
  ]),
  { today: DAY },
).plan;
const of = (day: LiveDay | undefined, partId: string): [number, number, string] => {
  const room = day!.rooms.find((r) => r.partId === partId)!;
  return [room.starts, room.ends, room.going];
};
const AFTERNOON = dayOfPlan(plan, DAY)!.day.windows[2].starts;

describe('a day as it goes', () => {
  it('is as it was planned until the first is ticked, and when nothing was ticked for long', () => {
    expect(liveDay(plan, clock(560))).toBeUndefined();
    const read = done(plan, 'read', null, 530);
    expect(liveDay(read, clock(500))).toBeUndefined();
    expect(liveDay(read, clock(651))).toBeUndefined();
    expect(liveDay(read, { ...clock(540), date: '2026-09-01' })).toBeUndefined();
    expect(liveDay(read, clock(540))).toMatchObject({ later: 0 });
  });

  it('moves what has not begun when something runs over, and what waits for a window stays', () => {
    const late = liveDay(done(plan, 'read', null, 545), clock(546));
    expect(of(late, 'read')).toEqual([510, 545, 'over']);
    expect(of(late, 'page')).toEqual([545, 575, 'on']);
    expect(of(late, 'walk')).toEqual([575, 615, 'to come']);
    expect(of(late, 'craft')).toEqual([AFTERNOON, AFTERNOON + 30, 'to come']);
    expect([late!.behind, late!.later]).toEqual([15, 0]);
  });

  it('gives what goes on past its time a few minutes more, and the rest waits for it', () => {
    const day = liveDay(done(plan, 'read', null, 530), clock(590));
    expect(of(day, 'page')).toEqual([530, 595, 'on']);
    expect(of(day, 'walk')[0]).toBe(595);
  });

  it('comes forward when something was over sooner, or took as long as somebody says', () => {
    expect(of(liveDay(done(plan, 'read', null, 520), clock(521)), 'page')).toEqual([520, 550, 'on']);
    const took = perform(noteTook('read', null, 12, DAY), plan, {
      today: DAY,
      newId: () => 'n',
      now: at(531),
    });
    if ('refused' in took) throw new Error(took.refused);
    expect(of(liveDay(took.plan, clock(531)), 'read')).toEqual([510, 522, 'over']);
  });

  it('takes what is ticked all at once as done in its time', () => {
    const noon = ['read', 'page', 'walk'].reduce((p, id) => done(p, id, null, 720), plan);
    const day = liveDay(noon, clock(721));
    expect(of(day, 'read')).toEqual([510, 530, 'over']);
    expect(of(day, 'page')).toEqual([530, 560, 'over']);
    expect(of(day, 'craft')[2]).toBe('to come');
  });

  it('takes what is not ticked for over where what comes after it was done', () => {
    const day = liveDay(done(plan, 'page', null, 560), clock(561));
    expect(of(day, 'read')).toEqual([510, 530, 'over']);
    expect(of(day, 'walk')).toEqual([560, 600, 'on']);
  });

  it('knows nothing of when from what was written down before the day began', () => {
    const read = done(done(plan, 'read', null, 300), 'page', null, 550);
    expect(of(liveDay(read, clock(551)), 'read')).toEqual([510, 530, 'over']);
    expect(liveDay(done(plan, 'read', null, 300), clock(551))).toBeUndefined();
  });

  it('draws nothing over anything where some of what is done has no time', () => {
    const some = done(done(done(plan, 'page', null, 300), 'read', null, 590), 'walk', null, 610);
    const rooms = liveDay(some, clock(612))!.rooms.filter((r) => r.childIds.includes('c1'));
    rooms.forEach((r, i) => i && expect(r.starts).toBeGreaterThanOrEqual(rooms[i - 1].ends));
    expect(rooms.slice(0, 3).map((r) => [r.partId, r.starts, r.ends])).toEqual([
      ['read', 510, 530],
      ['page', 530, 560],
      ['walk', 560, 610],
    ]);
  });

  it('leaves out what did not happen', () => {
    const read = done(plan, 'read', null, 530);
    const out = perform(didNotHappen('walk', DAY, false), read, {
      today: DAY,
      newId: () => 'm',
      now: at(535),
    });
    if ('refused' in out) throw new Error(out.refused);
    expect(liveDay(out.plan, clock(540))!.rooms.some((r) => r.partId === 'walk')).toBe(false);
  });

  it('never has a child or an adult in two rooms at once, nor begins before now what is to come', () => {
    fc.assert(
      fc.property(
        somePlan,
        fc.array(fc.record({ room: fc.nat(), at: fc.integer({ min: 480, max: 900 }) }), { maxLength: 8 }),
        fc.integer({ min: 0, max: 100 }),
        (some, ticks, since) => {
          let now = redraw(some, { today: DAY }).plan;
          const rooms = timetable(now, DAY);
          if (!rooms.length) return;
          for (const tick of [...ticks].sort((a, b) => a.at - b.at)) {
            const room = rooms[tick.room % rooms.length];
            now = done(now, room.partId, room.own ? room.childIds[0] : null, tick.at);
          }
          const minute = Math.max(480, ...ticks.map((t) => t.at)) + since;
          const day = liveDay(now, clock(minute));
          if (!day) return;
          const { day: problem } = dayOfPlan(now, DAY)!;
          const left = day.rooms.filter((r) => r.going !== 'over');
          // What was done may have been ticked in any order; of what was ticked in order nothing lies on anything.
          const over = day.rooms.filter((r) => r.going === 'over');
          for (const a of over) expect(a.ends).toBeLessThanOrEqual(minute);
          for (const [i, a] of left.entries()) {
            expect(a.ends).toBeGreaterThanOrEqual(minute);
            if (a.going === 'to come') expect(a.starts).toBeGreaterThanOrEqual(minute);
            for (const b of left.slice(i + 1)) {
              if (a.childIds.some((c) => b.childIds.includes(c)))
                expect(b.starts).toBeGreaterThanOrEqual(a.ends);
              if (a.parentMinutes && b.parentMinutes)
                expect(b.starts).toBeGreaterThanOrEqual(a.starts + a.parentMinutes);
            }
            const waits = problem.rooms.find((r) => r.id === a.id)!.after;
            for (const b of left) if (waits.includes(b.id)) expect(a.starts).toBeGreaterThanOrEqual(b.ends);
          }
        },
      ),
      { numRuns: 150 },
    );
  });
});

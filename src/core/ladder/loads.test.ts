import { describe, expect, it } from 'vitest';
import { aLesson, aPart, aPlan, aUnit } from '../../../tests/sample-plan';
import { moveRungFromHere, skipPart } from '../edit/ladder';
import { perform, type Edit } from '../edit/edit';
import { redraw } from '../layout/redraw';
import type { Plan } from '../plan/plan';
import { lessonLoad, remediesFor, remedyEdit } from './loads';

const context = { today: '2026-08-31', newId: () => 'new' };
const POEM = Array.from({ length: 8 }, (_, i) => `Off the hill the grey flock came and stood in line ${i}`).join('\n');
function plan(minutes = 45): Plan {
  const base = aPlan(3, { units: [aUnit({ passage: POEM })], lessons: ['l1', 'l2', 'l3'].map((id) => aLesson(id)) }, (l) => [aPart(`${l}-do`, l, { minutes: 20 }), aPart(`${l}-copy`, l, { kind: 'copying', minutes: null, lead: 'not-needed' }), aPart(`${l}-page`, l, { kind: 'notebook', minutes: null, lead: 'not-needed' })]);
  return redraw({ ...base, children: base.children.map((c) => ({ ...c, minutes, rungs: { writing: 5 } })) }, context).plan;
}
const run = (edit: Edit, p: Plan): Plan => { const done = perform(edit, p, context); if ('refused' in done) throw new Error(done.refused); return done.plan; };

describe('the load of a lesson', () => {
  it('is each child’s minutes over all its parts, and the parent’s with one child at a time', () => {
    const p = plan(200);
    const load = lessonLoad(p, 'l1');
    const mine = p.assignments.filter((a) => a.partId.startsWith('l1-') && a.childId === 'c1');
    expect(load.children[0].minutes).toBe(20 + mine.reduce((sum, a) => sum + a.minutes, 0));
    expect(load.oneToOne).toBe(p.assignments.filter((a) => a.partId.startsWith('l1-')).reduce((sum, a) => sum + a.parentMinutes, 0));
  });
  it('is mended in ways that are worked out: what is said is what comes of it, and the smallest change that is enough comes first', () => {
    const p = plan();
    const ways = remediesFor(p, 'l1', 'c1', context);
    expect(ways.length).toBeGreaterThan(1);
    for (const way of ways) expect(lessonLoad(run(remedyEdit('l1', 'c1', way.remedy), p), 'l1').children.find((c) => c.childId === 'c1')!.minutes).toBe(way.minutes);
    const { limit } = lessonLoad(p, 'l1').children[0];
    const enough = ways.filter((w) => w.minutes <= limit);
    if (enough.length) expect(ways[0].minutes).toBe(Math.max(...enough.map((w) => w.minutes)));
  });
});

describe('one child', () => {
  it('moves a rung from a lesson on, and the lessons before it stay', () => {
    const p = run(moveRungFromHere('l2', 'c1', -1), plan(200));
    expect(p.lessons.map((l) => l.rungMoves.c1 ?? 0)).toEqual([0, -1, -1]);
    expect(run(moveRungFromHere('l3', 'c1', 1), p).lessons.map((l) => l.rungMoves.c1 ?? 0)).toEqual([0, -1, 0]);
  });
  it('leaves a part out and comes back to it; the last one does not', () => {
    const p = run(skipPart('l1-copy', 'c1'), plan(200));
    expect(p.parts.find((x) => x.id === 'l1-copy')!.childIds).toEqual(['c2']);
    expect(p.assignments.some((a) => a.partId === 'l1-copy' && a.childId === 'c1')).toBe(false);
    expect(run(skipPart('l1-copy', 'c1'), p).parts.find((x) => x.id === 'l1-copy')!.childIds).toBeNull();
    expect(perform(skipPart('l1-copy', 'c2'), p, context)).toMatchObject({ refused: expect.stringContaining('Nobody else') });
  });
});

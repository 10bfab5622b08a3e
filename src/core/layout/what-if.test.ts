import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aPlan, aUnit, someFullPlan, YEAR } from '../../../tests/sample-plan';
import { canonical } from '../plan/canonical';
import { breaches } from './check';
import { redraw } from './redraw';
import { tryPace } from './what-if';

const TODAY = '2026-08-31';
const drawn = canonical(
  redraw(aPlan(12, { year: { ...YEAR, weeksOff: 0 }, units: [aUnit({ lessonsPerWeek: 3 })] }), {
    today: TODAY,
  }).plan,
);

describe('a pace, before it is kept', () => {
  it('says when the unit would end, and leaves the plan as it is', () => {
    const before = JSON.stringify(drawn);
    expect(tryPace(drawn, 'u1', { lessonsPerWeek: 2, wishedEnd: null }, TODAY)).toMatchObject({
      verdict: { finishes: '2026-10-08' },
      paceForEnd: undefined,
    });
    expect(tryPace(drawn, 'u1', { lessonsPerWeek: 4, wishedEnd: null }, TODAY)!.verdict.finishes).toBe(
      '2026-09-18',
    );
    expect(JSON.stringify(drawn)).toBe(before);
  });
  it('for an end names the fewest lessons a week that meet it', () => {
    const tried = tryPace(drawn, 'u1', { lessonsPerWeek: 1, wishedEnd: '2026-09-18' }, TODAY)!;
    expect([tried.paceForEnd, tried.verdict.meetsEnd]).toEqual([4, false]);
    expect(
      tryPace(drawn, 'u1', { lessonsPerWeek: 4, wishedEnd: '2026-09-18' }, TODAY)!.verdict.meetsEnd,
    ).toBe(true);
    expect(
      tryPace(drawn, 'u1', { lessonsPerWeek: 3, wishedEnd: '2026-09-18' }, TODAY)!.verdict.meetsEnd,
    ).toBe(false);
  });
  it('names none where no pace meets the end', () =>
    expect(
      tryPace(drawn, 'u1', { lessonsPerWeek: 3, wishedEnd: '2026-08-31' }, TODAY)!.paceForEnd,
    ).toBeUndefined());
});

describe('a plan with something of everything', () => {
  it('keeps every promise of its lay-out, and drawn again stays where it is', () => {
    fc.assert(
      fc.property(someFullPlan, (given) => {
        const once = canonical(redraw(given, { today: TODAY }).plan);
        expect(breaches(once)).toEqual([]);
        const again = canonical(redraw(once, { today: TODAY }).plan);
        const places = (p: typeof once): string[] =>
          p.sittings.map((s) => `${s.partId} ${s.date} ${s.window}`);
        expect(places(again)).toEqual(places(once));
        expect(again.parts).toEqual(once.parts);
      }),
      { numRuns: 40 },
    );
  });
  it('puts nothing of a waiting unit on a day, nor anything on a day without school', () => {
    fc.assert(
      fc.property(someFullPlan, (given) => {
        const plan = redraw(given, { today: TODAY }).plan;
        const waiting = new Set(plan.units.filter((u) => u.waiting).map((u) => u.id));
        const lessons = new Map(plan.lessons.map((l) => [l.id, l.unitId]));
        for (const s of plan.sittings) {
          const part = plan.parts.find((p) => p.id === s.partId)!;
          expect(waiting.has(part.unitId ?? lessons.get(part.lessonId ?? '') ?? '')).toBe(false);
        }
      }),
      { numRuns: 30 },
    );
  });
});

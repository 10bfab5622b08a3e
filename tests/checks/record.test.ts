/** Every figure of the record beside a count of its own, on the demo and on plans in which anything may have happened. */
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { perform } from '@/core/edit/edit';
import { readHausplanJson } from '@/core/formats/hausplan-json';
import { redraw } from '@/core/layout/redraw';
import type { Plan } from '@/core/plan/plan';
import { daysKept } from '@/core/record/days';
import { hoursKept } from '@/core/record/hours';
import { metBy, readingLog } from '@/core/record/known';
import { countRecord, meantDays } from '../count-record';
import { EVERY_EDIT } from '../every-edit';
import { someFullPlan } from '../sample-plan';

const demo = (readHausplanJson(readFileSync('demo/fleece.json', 'utf8')) as { plan: Plan }).plan;

function expectCounted(plan: Plan, today: string): void {
  const counted = countRecord(plan, today);
  const days = daysKept(plan, today)!;
  expect([days.kept, days.lost.length]).toEqual([counted.kept, counted.lost]);
  const hours = hoursKept(plan, plan.year!.starts, today);
  expect(hours.total).toEqual(counted.total);
  const { '': other = {}, ...subjects } = counted.minutes;
  const of = (children: Record<string, { minutes: number }>): Record<string, number> =>
    Object.fromEntries(Object.entries(children).map(([c, m]) => [c, m.minutes]));
  expect(Object.fromEntries(hours.subjects.map((s) => [s.subject, of(s.children)]))).toEqual(subjects);
  expect(of(hours.other)).toEqual(other);
  expect(readingLog(plan)).toEqual({ books: counted.books, pages: counted.pages });
  for (const o of plan.objectives)
    expect(
      Object.fromEntries(Object.entries(metBy(plan, { objectiveId: o.id })).map(([c, m]) => [c, m.grade])),
    ).toEqual(counted.met[o.id] ?? {});
}

describe('the record, counted another way', () => {
  it.each(['2026-08-31', '2026-10-01', '2026-10-28', '2026-12-24', '2027-06-30'])(
    'of the demo on %s',
    (today) => expectCounted(demo, today),
  );

  it('of any plan, whatever was done in it', () => {
    let counted = 0;
    fc.assert(
      fc.property(
        someFullPlan,
        fc.array(fc.tuple(fc.nat(EVERY_EDIT.length - 1), fc.nat(200)), { minLength: 1, maxLength: 12 }),
        (given, steps) => {
          let ids = 0;
          const context = { today: '2026-10-10', newId: () => `new${++ids}` };
          let plan = redraw(given, context).plan;
          for (const [which, n] of steps) {
            const done = perform(EVERY_EDIT[which](plan, n), plan, context);
            if (!('refused' in done)) plan = done.plan;
          }
          const { family, year } = plan;
          if (!family || !year) return;
          const plain = {
            ...family,
            hours: 'in full' as const,
            keeps: { by: 'anything' as const, least: 1 },
          };
          const last = '2027-02-01';
          const simple = { ...year, terms: [], extraDays: [] };
          expectCounted({ ...plan, family: plain, year: simple }, last);
          if (plan.entries.some((e) => e.kind === 'done')) counted++;
        },
      ),
      { numRuns: 150 },
    );
    expect(counted).toBeGreaterThan(50);
  });

  it('knows the school days of the demo’s blocks', () => {
    const days = meantDays(demo.year!);
    expect(days).toContain('2026-10-02');
    expect(days).not.toContain('2026-10-05');
    expect(days).toContain('2026-10-12');
    expect(days).not.toContain('2026-12-24');
  });
});

import { describe, expect, it } from 'vitest';
import { after, TODAY } from '../../../tests/after';
import { aPart, aPlan, aUnit } from '../../../tests/sample-plan';
import { weekOf } from '../calendar/week';
import { breaches } from '../layout/check';
import { redraw } from '../layout/redraw';
import type { Plan } from '../plan/plan';
import { addDays } from '../calendar/dates';
import { changePart } from './compose';
import { GONE, perform } from './edit';
import { waitForBook } from './loans';
import { pauseBefore } from './pause';
import { markDone } from './today';
import { movePart } from './weeks';

const UNTIL = '2026-10-19';
const twelve = redraw(
  aPlan(12, { units: [aUnit({ lessonsPerWeek: 3 })] }, (l) => [aPart(`${l}-a`, l), aPart(`${l}-b`, l)]),
  { today: TODAY },
).plan;
const seventh = twelve.lessons[6].id;
const days = (plan: Plan): string[] =>
  plan.lessons.map((l) => plan.sittings.find((s) => s.partId === `${l.id}-a`)!.date);
const refusal = (plan: Plan, until: string | null, lessonId = seventh): string => {
  const done = perform(pauseBefore(lessonId, until), plan, { today: TODAY, newId: () => 'x' });
  return 'refused' in done ? done.refused : '';
};

describe('a pause before a lesson', () => {
  const paused = after(twelve, pauseBefore(seventh, UNTIL));

  it('leaves what stands before it, and what follows goes on from its day at the pace of the unit', () => {
    expect(breaches(paused)).toEqual([]);
    expect(days(paused).slice(0, 6)).toEqual(days(twelve).slice(0, 6));
    const rest = days(paused).slice(6);
    expect(rest.every((d) => d >= UNTIL)).toBe(true);
    expect(weekOf(paused.year, rest[0])).toBe(weekOf(paused.year, UNTIL));
    const weeks = new Map<string, number>();
    for (const d of rest) weeks.set(weekOf(paused.year, d), (weeks.get(weekOf(paused.year, d)) ?? 0) + 1);
    expect([...weeks.values()]).toEqual([3, 3]);
  });

  it('leaves where it is what was put before it by hand', () => {
    const part = `${twelve.lessons[1].id}-b`;
    const moved = after(twelve, movePart(part, addDays(days(twelve)[1], 1)));
    const date = moved.sittings.find((s) => s.partId === part)!.date;
    expect(date).not.toBe(twelve.sittings.find((s) => s.partId === part)!.date);
    const both = after(moved, pauseBefore(seventh, UNTIL));
    expect(both.sittings.find((s) => s.partId === part)!.date).toBe(date);
    const back = after(both, pauseBefore(seventh, null));
    expect(back.sittings.find((s) => s.partId === part)!.date).toBe(date);
  });

  it('is taken back to the weeks there were, made longer or shorter', () => {
    const weeks = (plan: Plan): string[] => days(plan).map((d) => weekOf(plan.year, d));
    const back = after(paused, pauseBefore(seventh, null));
    expect(back.parts).toEqual(twelve.parts);
    expect(weeks(back)).toEqual(weeks(twelve));
    expect(
      days(after(after(paused, pauseBefore(seventh, '2026-11-16')), pauseBefore(seventh, UNTIL))),
    ).toEqual(days(paused));
    expect(after(twelve, pauseBefore(seventh, null)).parts).toEqual(twelve.parts);
  });

  it('keeps what a part waits for on its own account', () => {
    const arrives = after(twelve, changePart(`${seventh}-b`, { earliest: '2026-11-09' }));
    const both = after(arrives, pauseBefore(seventh, UNTIL));
    const earliest = (plan: Plan): (string | null)[] =>
      plan.parts.filter((p) => p.lessonId === seventh).map((p) => p.earliest);
    expect(earliest(both)).toEqual([UNTIL, '2026-11-09']);
  });

  it('is refused where what follows is in ink before its day', () => {
    const eighth = `${twelve.lessons[7].id}-a`;
    const inked: Plan = {
      ...twelve,
      sittings: twelve.sittings.map((s) => (s.partId === eighth ? { ...s, state: 'ink' } : s)),
    };
    expect(refusal(inked, UNTIL)).toMatch(
      /in ink on .*, before that day\. Rub out that ink, or choose an earlier day/,
    );
    expect(refusal(inked, days(twelve)[6])).toBe('');
    // A book that is waited for has the same in its way.
    const book = perform(waitForBook([seventh], UNTIL), inked, { today: TODAY, newId: () => 'x' });
    expect('refused' in book && book.refused).toMatch(
      /Rub out that ink, or read something else, or do without\.$/,
    );
  });

  it('is refused in words where it cannot be', () => {
    expect(refusal(twelve, '2027-08-01')).toContain('no school day from');
    expect(refusal(twelve, UNTIL, 'gone')).toBe(GONE);
    const done = after(twelve, markDone(`${seventh}-a`, null, TODAY), markDone(`${seventh}-b`, null, TODAY));
    expect(refusal(done, UNTIL)).toContain('nothing in it that is still to come');
    const fixed = after(twelve, changePart(`${seventh}-a`, { fixedDate: days(twelve)[6] }));
    expect(refusal(fixed, UNTIL)).toContain('has a date of its own before that');
  });
});

import { describe, expect, it } from 'vitest';
import { aPlan } from '../../../tests/sample-plan';
import { breaches, withoutPlace } from '../layout/check';
import { verdictInWords, verdictOf } from '../layout/verdict';
import { blankBook, blankRule } from '../plan/blank';
import type { Plan } from '../plan/plan';
import { closeUnit, reopenUnit, takeLeftOver } from './closing';
import { perform, type Edit } from './edit';
import { leaveOut } from './lessons';
import { addRule } from './rules';
import { onceMore } from './stretch';
import { markDone, noteTook } from './today';
import { layOutAgain } from './weeks';
import { endUnit, letUnitWait, paceUnit, placeInRow, placeUnit } from './year';
import { leftOver } from './years';

const TODAY = '2026-09-02';
let made = 0;
const given = (plan: Plan, edit: Edit, today = TODAY): Plan => {
  const done = perform(edit, plan, { today, newId: () => `c${++made}` });
  if ('refused' in done) throw new Error(done.refused);
  return done.plan;
};
const refusal = (plan: Plan, edit: Edit): string | undefined => {
  const done = perform(edit, plan, { today: TODAY, newId: () => `c${++made}` });
  return 'refused' in done ? done.refused : undefined;
};

/** Four lessons from 31 August, of which the first was taught; and one of the second stands on a day gone by, not ticked. */
function begun(): Plan {
  const plan = given(aPlan(4), layOutAgain(), '2026-08-31');
  const first = plan.parts.filter((p) => p.lessonId === plan.lessons[0].id);
  return first.reduce(
    (p, part) =>
      given(p, markDone(part.id, null, p.sittings.find((s) => s.partId === part.id)!.date), '2026-08-31'),
    plan,
  );
}

describe('a unit that is closed', () => {
  it('keeps what was taught, and what is left stands on no day without being called lost', () => {
    const plan = begun();
    const closed = given(plan, closeUnit('u1'));
    const done = new Set(closed.marks.map((m) => m.partId));
    expect(closed.units[0].closedOn).toBe(TODAY);
    expect(closed.entries).toEqual(plan.entries);
    expect(closed.lessons).toEqual(plan.lessons);
    expect(closed.sittings.length).toBeGreaterThan(0);
    expect(closed.sittings.every((s) => done.has(s.partId))).toBe(true);
    expect(breaches(closed)).toEqual([]);
    expect(withoutPlace(closed)).toEqual([]);
    expect(leftOver(closed).unfinished).toEqual([]);
    expect(verdictInWords(verdictOf(closed, 'u1', TODAY)!)).toBe(
      'Closed on Wed 2 Sep: 1 of 4 lessons taught, 3 left over.',
    );
  });

  it('brings back on days no more what it brought back, and the family goes on with its own', () => {
    const every = {
      ...blankRule,
      title: 'Word check',
      rhythm: { on: 'day' as const },
    };
    const plan = given(begun(), addRule({ ...every, kind: 'check', minutes: 10, unitId: 'u1' }));
    const both = given(
      plan,
      addRule({ ...every, kind: 'practice', title: 'Sums', minutes: 10, unitId: null }),
    );
    const coming = (p: Plan, title: string): number =>
      p.sittings.filter((s) => p.parts.find((x) => x.id === s.partId)?.title === title).length;
    expect(coming(both, 'Word check')).toBeGreaterThan(0);
    const closed = given(both, closeUnit('u1'));
    expect(coming(closed, 'Word check')).toBe(0);
    expect(coming(closed, 'Sums')).toBeGreaterThan(0);
  });

  it('is not moved, paced, ended, made to wait or closed again, and says why', () => {
    const closed = given(begun(), closeUnit('u1'));
    const why = '“A unit” was closed on Wed 2 Sep. Go on with it first.';
    for (const edit of [
      placeUnit('u1', '2026-09-07'),
      endUnit('u1', '2026-10-30'),
      paceUnit('u1', 2),
      letUnitWait('u1'),
      placeInRow(['u1'], '2026-09-07'),
      closeUnit('u1'),
    ])
      expect(refusal(closed, edit)).toBe(why);
    expect(refusal(begun(), reopenUnit('u1'))).toBe('“A unit” is not closed.');
    expect(refusal(begun(), closeUnit('gone'))).toContain('no longer');
  });

  it('is gone on with: what was left finds days again, from today on', () => {
    const plan = begun();
    const again = given(given(plan, closeUnit('u1')), reopenUnit('u1'), '2026-09-09');
    expect(withoutPlace(again)).toEqual([]);
    const done = new Set(again.marks.map((m) => m.partId));
    expect(again.sittings.filter((s) => !done.has(s.partId)).every((s) => s.date >= '2026-09-09')).toBe(true);
  });

  it('lets the next of a row begin on the school day after what was taught last', () => {
    const plan = begun();
    const next = {
      ...plan,
      units: [
        ...plan.units,
        { ...plan.units[0], id: 'u2', title: 'Salt', starts: '2026-11-02', after: 'u1' },
      ],
      lessons: [...plan.lessons, { ...plan.lessons[0], id: 'next', unitId: 'u2' }],
      parts: [...plan.parts, { ...plan.parts[0], id: 'next-part', lessonId: 'next' }],
    };
    const last = next.sittings.filter((s) => next.marks.some((m) => m.partId === s.partId)).at(-1)!.date;
    const closed = given(next, closeUnit('u1'));
    const starts = closed.units.find((u) => u.id === 'u2')!.starts;
    expect(starts > last).toBe(true);
    expect(starts <= '2026-09-02').toBe(true);
  });
});

describe('a lesson that is left out', () => {
  const plan = given(aPlan(4), layOutAgain(), '2026-08-31');
  const on = (p: Plan, lessonId: string): string[] =>
    p.sittings
      .filter((s) => p.parts.find((x) => x.id === s.partId)?.lessonId === lessonId)
      .map((s) => s.date);

  it('stands on no day, is not called lost, and the others may come forward when all is laid out again', () => {
    const out = given(plan, leaveOut(['l2'], true), '2026-08-31');
    expect(on(out, 'l2')).toEqual([]);
    expect(withoutPlace(out)).toEqual([]);
    expect(verdictOf(out, 'u1', '2026-08-31')).toMatchObject({ lessons: 3, placed: 3 });
    expect(on(out, 'l3')).toEqual(on(plan, 'l3'));
    const again = given(out, layOutAgain(), '2026-08-31');
    expect(on(again, 'l3')[0] < on(plan, 'l3')[0]).toBe(true);
  });

  it('is taken in again in its turn', () => {
    const out = given(plan, leaveOut(['l2'], true), '2026-08-31');
    const again = given(out, leaveOut(['l2'], false), '2026-08-31');
    expect(on(again, 'l2')).toEqual(on(plan, 'l2'));
    expect(refusal(plan, leaveOut(['gone'], true))).toContain('no longer');
  });

  it('keeps on its day what was taught of it', () => {
    const first = plan.parts.find((p) => p.lessonId === 'l1')!;
    const taught = given(plan, markDone(first.id, null, on(plan, 'l1')[0]), '2026-08-31');
    const out = given(taught, leaveOut(['l1'], true), '2026-08-31');
    expect(on(out, 'l1')).toEqual([on(plan, 'l1')[0]]);
    expect(out.entries).toEqual(taught.entries);
  });
});

describe('what a closed unit leaves', () => {
  const two = (): Plan => {
    const plan = begun();
    return {
      ...plan,
      units: [...plan.units, { ...plan.units[0], id: 'u2', title: 'Another', starts: '2026-09-07' }],
    };
  };

  it('goes on once a week for those who were in it, where the family says so, and comes back into the plan', () => {
    const plan = two();
    const puzzle = plan.parts.find((p) => p.lessonId === 'l3')!;
    const after = given(plan, closeUnit('u1', { partIds: [puzzle.id], ruleIds: [], pullIds: [] }));
    expect(after.parts.some((p) => p.id === puzzle.id)).toBe(false);
    expect(after.rules).toMatchObject([
      { unitId: null, title: puzzle.title, minutes: 30, childIds: ['c1', 'c2'], rhythm: { on: 'weekday' } },
    ]);
    expect(breaches(after)).toEqual([]);
  });

  it('what is done does not go on: it happened', () => {
    const plan = two();
    const done = plan.marks[0].partId;
    const after = given(plan, closeUnit('u1', { partIds: [done], ruleIds: [], pullIds: [] }));
    expect(after.rules).toEqual([]);
    expect(after.parts.some((p) => p.id === done)).toBe(true);
  });

  it('is taken into another unit, with its books, and finds days there', () => {
    const book = { ...blankBook, id: 'b', title: 'The Weir' };
    const plan: Plan = {
      ...two(),
      books: [book],
      pulls: [{ id: 'p', unitId: 'u1', bookId: 'b', role: 'spine', read: 'aloud', childIds: [] }],
      uses: [{ id: 'u', pullId: 'p', lessonId: 'l4', firstPage: 1, lastPage: 9 }],
    };
    const closed = given(plan, closeUnit('u1'));
    const after = given(closed, takeLeftOver('l4', 'u2'));
    expect(after.lessons.find((l) => l.id === 'l4')!.unitId).toBe('u2');
    expect(after.sittings.some((s) => s.partId === 'l4-a')).toBe(true);
    const pull = after.pulls.find((p) => p.unitId === 'u2')!;
    expect([pull.bookId, pull.role, after.uses[0].pullId]).toEqual(['b', 'together', pull.id]);
    expect(breaches(after)).toEqual([]);
  });

  it('stays where it was taught in part, where its unit is not closed, and is not taken into a closed one', () => {
    const plan = two();
    expect(refusal(plan, takeLeftOver('l4', 'u2'))).toContain('is not closed');
    const closed = given(plan, closeUnit('u1'));
    expect(refusal(closed, takeLeftOver('l1', 'u2'))).toContain('has been taught in part');
    expect(refusal(given(closed, closeUnit('u2')), takeLeftOver('l4', 'u2'))).toContain('was closed on');
    expect(refusal(closed, takeLeftOver('gone', 'u2'))).toContain('no longer');
  });
});

describe('what was loved, once more', () => {
  it('stands in the next lesson of which nothing is done, may be left out, and takes the minutes it took', () => {
    const plan = given(begun(), noteTook('l1-a', null, 50, '2026-08-31'));
    const after = given(plan, onceMore('l1-a'));
    const again = after.parts.find((p) => !plan.parts.some((x) => x.id === p.id))!;
    expect(again).toMatchObject({ lessonId: 'l2', title: 'Part l1-a', minutes: 50, optional: true });
    expect(after.sittings.some((s) => s.partId === again.id)).toBe(true);
    expect(breaches(after)).toEqual([]);
  });

  it('comes after the last lesson where there is none left, and never in a closed unit', () => {
    const last = given(begun(), onceMore('l4-a'));
    expect(last.parts.find((p) => p.unitId === 'u1')).toMatchObject({ lessonId: null, title: 'Part l4-a' });
    expect(refusal(given(begun(), closeUnit('u1')), onceMore('l1-a'))).toContain('was closed on');
    expect(refusal(begun(), onceMore('gone'))).toContain('no longer');
  });
});

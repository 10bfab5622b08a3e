import { describe, expect, it } from 'vitest';
import { aPart, aPlan } from '../../../tests/sample-plan';
import { schoolDays } from '../calendar/school-days';
import { perform, type Edit } from '../edit/edit';
import { noteReading } from '../edit/loans';
import { markDone, noteTook } from '../edit/today';
import { redraw } from '../layout/redraw';
import type { Plan } from '../plan/plan';
import { setChecked } from '../edit/facts';
import { writeRecordCsv } from '../formats/record-csv';
import type { Checkable } from '../plan/checkable';
import { daysKept } from './days';
import { hoursKept } from './hours';
import { metBy } from './known';

const TODAY = '2026-08-31';
let made = 0;
const doing = (edit: Edit, plan: Plan): Plan => {
  const after = perform(edit, plan, { today: TODAY, newId: () => `n${++made}` });
  if ('refused' in after) throw new Error(after.refused);
  return after.plan;
};
const plan = redraw(
  aPlan(3, {}, (l) => [aPart(`${l}-a`, l, { kind: 'craft', minutes: 40 })]),
  { today: TODAY },
).plan;
const [a, b] = plan.children;

describe('days', () => {
  it('are kept, lost with why, and to come; each meant day is one of the three', () => {
    const year = {
      ...plan.year!,
      targetDays: 200,
      daysOff: [{ id: 'x', first: '2026-09-03', last: '2026-09-03', label: 'Ill', kind: 'illness' as const }],
    };
    const kept = doing(markDone('l1-a', null, '2026-08-31'), { ...plan, year });
    const days = daysKept(kept, '2026-09-07')!;
    expect(days.kept).toBe(1);
    expect(days.lost.map((d) => [d.date, d.why])).toEqual([
      ['2026-09-01', ''],
      ['2026-09-02', ''],
      ['2026-09-03', 'Ill'],
      ['2026-09-04', ''],
    ]);
    const meant = schoolDays({ ...year, daysOff: [] }).length;
    expect(days.kept + days.lost.length + days.toCome).toBe(meant);
    expect(days.short).toBe(Math.max(0, 200 - 1 - days.toCome));
    expect(days.weeks.reduce((n, w) => n + w.kept + w.lost + w.toCome, 0)).toBe(meant);
  });

  it('a Saturday with work is a day more, and enough of them make up what is short', () => {
    const year = { ...plan.year!, targetDays: schoolDays(plan.year!).length + 1 };
    const days = daysKept({ ...plan, year }, '2026-08-31')!;
    expect([days.short, days.wouldDo]).toEqual([1, ['2026-09-05']]);
    const kept = doing(markDone('l1-a', null, '2026-09-05'), { ...plan, year });
    expect(daysKept(kept, '2026-09-05')!.kept).toBe(1);
  });

  it('there are none without a year', () => expect(daysKept({ ...plan, year: null }, TODAY)).toBeUndefined());
});

describe('hours', () => {
  const counted: Plan = {
    ...plan,
    family: { ...plan.family!, countsFor: { craft: ['art', 'science'], 'own-reading': ['language'] } },
  };
  const of = (p: Plan, subject: string, child: string): number =>
    hoursKept(p, TODAY, '2027-06-30').subjects.find((s) => s.subject === subject)?.children[child]?.minutes ??
    0;

  it('are of each child who took part, with the minutes noted or those planned', () => {
    const done = doing(markDone('l1-a', null, TODAY), counted);
    expect([of(done, 'art', a.id), of(done, 'art', b.id)]).toEqual([40, 40]);
    const took = doing(noteTook('l2-a', null, 70, TODAY), done);
    expect([of(took, 'art', a.id), of(took, 'art', b.id)]).toEqual([110, 110]);
    expect(hoursKept(took, TODAY, TODAY).total[a.id]).toBe(110);
    const [art] = hoursKept(took, TODAY, TODAY).subjects;
    expect(art.children[a.id]).toEqual({ minutes: 110, planned: 40 });
    expect(hoursKept(took, '2026-09-01', '2027-06-30').total).toEqual({});
  });

  it('count in full for each subject, or are shared out, as the family says', () => {
    const done = doing(markDone('l1-a', null, TODAY), counted);
    const shared = { ...done, family: { ...done.family!, hours: 'shared' as const } };
    expect([of(done, 'science', a.id), of(shared, 'science', a.id)]).toEqual([40, 20]);
  });

  it('have reading that was noted, but not twice where own reading was ticked that day', () => {
    const read = doing(
      noteReading({ childId: a.id, bookId: null, date: TODAY, pages: 9, minutes: 15 }),
      counted,
    );
    expect(of(read, 'language', a.id)).toBe(15);
    const own = {
      ...read,
      parts: read.parts.map((p) => (p.id === 'l1-a' ? { ...p, kind: 'own-reading' as const } : p)),
    };
    expect(of(doing(markDone('l1-a', a.id, TODAY), own), 'language', a.id)).not.toBe(
      15 + of(own, 'language', a.id),
    );
  });
});

describe('what a child knows', () => {
  const unit = {
    ...plan.units[0],
    bigIdeas: ['Water wears stone.'],
    vocabulary: [{ id: 'w', word: 'weir', meaning: '' }],
  };
  const known: Plan = {
    ...plan,
    units: [unit],
    objectives: [{ id: 'o', unitId: 'u1', code: '', wording: 'Say why' }],
  };

  it.each<[string, Checkable]>([
    ['an objective', { objectiveId: 'o' }],
    ['a word', { promptId: 'w' }],
    ['a big idea', { idea: 'Water wears stone.' }],
  ])('%s: the last that was said, by what, one a day, and of nothing else', (_, of) => {
    const after = [
      setChecked(of, a.id, 1, TODAY),
      setChecked(of, a.id, 2, TODAY, { note: 'a talk' }),
      setChecked(of, b.id, 3, '2026-08-30'),
      setChecked(of, b.id, 1, '2026-08-29'),
    ].reduce((p, edit) => doing(edit, p), known);
    expect(metBy(after, of)).toEqual({
      [a.id]: { grade: 2, since: TODAY, note: 'a talk', file: null },
      [b.id]: { grade: 3, since: '2026-08-30', note: '', file: null },
    });
    const others: Checkable[] = [{ objectiveId: 'o' }, { promptId: 'w' }, { idea: 'Water wears stone.' }];
    for (const other of others.filter((o) => JSON.stringify(o) !== JSON.stringify(of)))
      expect(metBy(after, other)).toEqual({});
  });

  it('what is gone cannot be checked', () => {
    for (const of of [{ objectiveId: 'x' }, { promptId: 'x' }, { idea: 'x' }])
      expect(
        perform(setChecked(of, a.id, 1, TODAY), known, { today: TODAY, newId: () => 'x' }),
      ).toHaveProperty('refused');
  });
});

it('a correction leaves its trace in the table', () => {
  const done = doing(markDone('l1-a', null, TODAY), plan);
  const corrected = doing(noteTook('l1-a', null, 70, TODAY), done);
  const [head, line] = writeRecordCsv(corrected).trim().split('\r\n');
  expect(head).toMatch(/,Corrected on$/);
  expect(line).toMatch(/,70,.*,2026-08-31$/);
  expect(writeRecordCsv(done).trim().split('\r\n')[1]).toMatch(/,$/);
});

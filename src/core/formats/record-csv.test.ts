import { expect, it } from 'vitest';
import { aPlan } from '../../../tests/sample-plan';
import { perform, type Edit } from '../edit/edit';
import { removeLessons } from '../edit/lessons';
import { noteReading } from '../edit/loans';
import { markDone, unmark } from '../edit/today';
import { redraw } from '../layout/redraw';
import type { Plan } from '../plan/plan';
import { writeRecordCsv } from './record-csv';

let ids = 0;
const run = (plan: Plan, ...edits: Edit[]): Plan =>
  edits.reduce((now, edit) => {
    const done = perform(edit, now, { today: '2026-09-10', newId: () => `n${++ids}` });
    if ('refused' in done) throw new Error(done.refused);
    return done.plan;
  }, plan);

it('has a line for each thing that happened, by day, also of what was taken out of the plan', () => {
  const plan = redraw(aPlan(3), { today: '2026-09-10' }).plan;
  const after = run(
    plan,
    markDone('l2-a', 'c1', '2026-09-03'),
    markDone('l1-a', null, '2026-09-01'),
    markDone('l3-a', null, '2026-09-04'),
    unmark('l3-a', null),
    noteReading({ childId: 'c2', bookId: null, date: '2026-09-02', pages: 9, minutes: 15 }),
    removeLessons(['l1']),
  );
  const [unit, first, second] = [plan.units[0].title, plan.lessons[0].title, plan.lessons[1].title];
  const { title, kind } = plan.parts[0];
  expect(writeRecordCsv(after).split('\r\n').slice(1, -1)).toEqual([
    `2026-09-01,all,done,${unit},${first},${title},${kind},,,,,,,`,
    '2026-09-02,c2,read,,,,,,15,9,,,,',
    `2026-09-03,c1,done,${unit},${second},${plan.parts[1].title},${kind},,,,,,,`,
  ]);
});

import { expect, it } from 'vitest';
import { after, CONTEXT, TODAY } from '../../../tests/after';
import { aPart, aPlan } from '../../../tests/sample-plan';
import { perform } from '../edit/edit';
import { markDone, noteTook } from '../edit/today';
import { redraw } from '../layout/redraw';
import { runningOn } from './running';

const plan = redraw(
  aPlan(1, {}, (l) => [aPart('felt', l, { waitAfterHours: 48, waitLabel: 'dries', window: 'morning' })]),
  CONTEXT,
).plan;
const done = after(plan, markDone('felt', null, TODAY));

it('a wait runs from the end of its window for as long as the part says, and then no more', () => {
  expect(runningOn(plan, TODAY)).toEqual([]);
  const [wait] = runningOn(done, '2026-09-01');
  expect(wait).toMatchObject({ title: 'Part felt', label: 'dries', since: { date: TODAY } });
  expect(wait.until).toEqual({ date: '2026-09-02', minutes: wait.since.minutes });
  expect(runningOn(done, '2026-09-03')).toEqual([]);
});

it('it runs from the tick, where that was made as the day went', () => {
  const [wait] = runningOn(done, TODAY, { of: () => ({ date: TODAY, minutes: 601 }) });
  expect([wait.since.minutes, wait.until.minutes]).toEqual([601, 601]);
  const [later] = runningOn(done, TODAY, { of: () => ({ date: '2026-09-01', minutes: 601 }) });
  expect(later.since.minutes).not.toBe(601);
});

it('it began when it was ticked, whatever was noted of it later', () => {
  const at = (clock: string): typeof CONTEXT & { now: string } => ({
    ...CONTEXT,
    now: `${TODAY}T${clock}:00.000Z`,
  });
  const made = perform(markDone('felt', null, TODAY), plan, at('09:00'));
  if ('refused' in made) throw new Error(made.refused);
  const noted = perform(noteTook('felt', null, 40, TODAY), made.plan, at('15:00'));
  if ('refused' in noted) throw new Error(noted.refused);
  const minuteOf = (moment: string): number => Number(moment.slice(11, 13)) * 60;
  const [wait] = runningOn(noted.plan, TODAY, { of: (m) => ({ date: TODAY, minutes: minuteOf(m) }) });
  expect(wait.since.minutes).toBe(540);
});

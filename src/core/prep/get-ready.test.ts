import { expect, it } from 'vitest';
import { aPart, aPlan } from '../../../tests/sample-plan';
import { markDone } from '../edit/today';
import { perform } from '../edit/edit';
import { canonical } from '../plan/canonical';
import { redraw } from '../layout/redraw';
import { toPrepare } from './get-ready';

const plan = canonical(
  redraw(
    aPlan(2, {}, (l, i) => [
      aPart(`${l}-a`, l, {
        preparations: i
          ? [
              { id: '', what: 'order yarn', daysBefore: 7, minutes: null, atMostBefore: null },
              { id: '', what: 'soak', daysBefore: 1, minutes: null, atMostBefore: null },
            ]
          : [{ id: '', what: 'print', daysBefore: 0, minutes: null, atMostBefore: null }],
      }),
    ]),
    { today: '2026-08-20' },
  ).plan,
);

it('what is to be got ready is counted back from its day, the earliest first', () =>
  expect(toPrepare(plan).map((p) => [p.date, p.what, p.on])).toEqual([
    ['2026-08-26', 'order yarn', '2026-09-02'],
    ['2026-08-31', 'print', '2026-08-31'],
    ['2026-09-01', 'soak', '2026-09-02'],
  ]));
it('for what is done, nothing is left to get ready', () => {
  const done = perform(markDone('l2-a', null, '2026-09-02'), plan, { today: '2026-09-02', newId: () => 'm' });
  expect('plan' in done && toPrepare(done.plan).map((p) => p.what)).toEqual(['print']);
});

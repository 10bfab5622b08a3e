import { expect, it } from 'vitest';
import { after, CONTEXT, TODAY } from '../../../tests/after';
import { aPart, aPlan } from '../../../tests/sample-plan';
import { markDone } from '../edit/today';
import { redraw } from '../layout/redraw';
import { kitsOf } from './kits';

const alum = { id: 'a', name: 'alum', amount: 5, unit: 'g', each: true, keepsDays: null };
const plan = redraw(
  aPlan(3, {}, (l, i) => [
    aPart(`${l}-a`, l, { supplies: i === 1 ? [] : [alum], needs: i ? [] : ['laptop'] }),
    aPart(`${l}-b`, l, { supplies: i === 2 ? [{ ...alum, each: false }] : [] }),
  ]),
  CONTEXT,
).plan;
const kits = (p: typeof plan): unknown[] =>
  kitsOf(p, p.units[0], TODAY).map((k) => [
    k.number,
    k.contents.map((c) => `${c.name} ${c.amount}`),
    k.beside,
  ]);

it('a kit is what its lesson needs, added up, and numbered as the lesson is; who needs nothing has none', () => {
  expect(kits(plan)).toEqual([
    [1, ['alum 10'], ['laptop']],
    [3, ['alum 15'], []],
  ]);
});

it('what is done needs no kit any more', () => {
  expect(kits(after(plan, markDone('l1-a', null, TODAY)))).toEqual([[3, ['alum 15'], []]]);
});

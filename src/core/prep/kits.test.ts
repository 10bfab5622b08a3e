import { expect, it } from 'vitest';
import { after, CONTEXT, TODAY } from '../../../tests/after';
import { aPart, aPlan, aSupply } from '../../../tests/sample-plan';
import { markDone } from '../edit/today';
import { redraw } from '../layout/redraw';
import { kitsOf } from './kits';

const alum = { ...aSupply('alum', 5, 'g', true), id: 'a' };
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

it('numbers go on through the year where the family counts so', () => {
  const other = { ...plan.units[0], id: 'u9', starts: '2027-01-04' };
  const two = {
    ...plan,
    family: { ...plan.family!, kitNumbers: 'year' as const },
    units: [...plan.units, other],
    lessons: [...plan.lessons, { ...plan.lessons[0], id: 'l9', unitId: 'u9' }],
    parts: [...plan.parts, { ...plan.parts[0], id: 'l9-a', lessonId: 'l9' }],
    sittings: [...plan.sittings, { ...plan.sittings[0], id: 's9', partId: 'l9-a', date: '2027-01-05' }],
  };
  expect(kitsOf(two, other, TODAY).map((k) => k.number)).toEqual([4]);
  expect(kitsOf(two, two.units[0], TODAY).map((k) => k.number)).toEqual([1, 3]);
});

it('what is done needs no kit any more', () => {
  expect(kits(after(plan, markDone('l1-a', null, TODAY)))).toEqual([[3, ['alum 15'], []]]);
});

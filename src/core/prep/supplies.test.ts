import { describe, expect, it } from 'vitest';
import { aPart, aPlan, aSupply } from '../../../tests/sample-plan';
import { perform } from '../edit/edit';
import { setPrepared } from '../edit/ready';
import { markDone } from '../edit/today';
import { redraw } from '../layout/redraw';
import { inForce } from '../plan/happened';
import type { Supply } from '../plan/lesson';
import type { Plan } from '../plan/plan';
import { amountIn, soMuchText } from './amount';
import { allToPrepare, isPrepared, toPrepare } from './get-ready';
import { pantryNow } from './in-house';
import { neededIn } from './supplies';
import { shopping } from './when';
import { inMeasures, inUnit, measureOf } from './units';

const TODAY = '2026-08-31';
let made = 0;
const CONTEXT = { today: TODAY, newId: () => `new${++made}` };
const pantry = (name: string, amount: number | null, unit: string): Plan['pantry'][number] => ({
  id: `t${++made}`,
  name,
  amount,
  unit,
  since: null,
});
const withSupplies = (lists: Supply[][], inHouse: Plan['pantry'] = []): Plan =>
  redraw(
    aPlan(lists.length, { pantry: inHouse }, (l, i) => [aPart(`${l}-a`, l, { supplies: lists[i] })]),
    { today: TODAY },
  ).plan;
const lines = (plan: Plan, last = '2026-12-31'): string[] =>
  neededIn(plan, TODAY, last).map(
    (n) => `${n.name}: ${n.amount} ${n.unit}, has ${n.inHouse}, get ${n.toGet}, by ${n.from}`,
  );

describe('units', () => {
  // NIST Handbook 44, appendix C: one pound is 453.59237 g exactly, one inch 2.54 cm.
  it.each([
    [1, 'lb', 'g', 453.59237],
    [16, 'oz', 'lb', 1],
    [2, 'kg', 'grams', 2000],
    [1, 'ft', 'in', 12],
    [3, 'ft', 'yd', 1],
    [4, 'tbsp', 'ml', 60],
    [2, 'Cups', 'l', 0.5],
  ])('%f %s in %s', (amount, from, to, is) => expect(inUnit(amount, from, to)).toBeCloseTo(is, 9));
  it('never a volume as a weight, nor what is not measured as what is', () => {
    expect(inUnit(1, 'cup', 'g')).toBeUndefined();
    expect(inUnit(1, 'sheets', 'm')).toBeUndefined();
    expect(measureOf('constructor')).toBeUndefined();
    expect(inUnit(3, 'sheets', 'Sheets')).toBe(3);
  });
});

describe('what is needed', () => {
  it('is added up over the parts of the days, for each child who takes part, in the first unit', () => {
    const plan = withSupplies([
      [aSupply('alum', 12, 'g'), aSupply('paper', 2, 'sheets', true)],
      [aSupply('Alum', 0.1, 'kg'), aSupply('paper', 1, 'sheets')],
      [aSupply('alum', 1, 'tsp')],
    ]);
    expect(lines(plan)).toEqual([
      'alum: 112 g, has 0, get 112, by 2026-08-31',
      'paper: 5 sheets, has 0, get 5, by 2026-08-31',
      'alum: 1 tsp, has 0, get 1, by 2026-09-04',
    ]);
    expect(lines(plan, '2026-09-01')).toEqual([
      'alum: 12 g, has 0, get 12, by 2026-08-31',
      'paper: 4 sheets, has 0, get 4, by 2026-08-31',
    ]);
    expect(neededIn(plan, TODAY, '2026-12-31')[0].parts.map((p) => p.partId)).toEqual(['l1-a', 'l2-a']);
  });

  it('is less by what is in the house, in whatever unit that is; what has no amount there is always enough', () => {
    const plan = withSupplies(
      [
        [
          aSupply('vinegar', 300, 'ml'),
          aSupply('salt', 50, 'g'),
          aSupply('string', null, ''),
          aSupply('wool', 20, 'g'),
        ],
      ],
      [
        pantry('Vinegar', 1, 'cup'),
        pantry('salt', null, ''),
        pantry('string', 1, 'ball'),
        pantry('wool', 1, 'lb'),
      ],
    );
    expect(lines(plan)).toEqual([
      'vinegar: 300 ml, has 250, get 50, by 2026-08-31',
      'salt: 50 g, has null, get 0, by 2026-08-31',
      'string: null , has 0, get null, by 2026-08-31',
      'wool: 20 g, has 453.59237, get 0, by 2026-08-31',
    ]);
  });

  it('is not needed any more by what is done', () => {
    const plan = withSupplies([[aSupply('alum', 12, 'g')], [aSupply('alum', 5, 'g')]]);
    const done = perform(markDone('l1-a', null, TODAY), plan, CONTEXT);
    expect('plan' in done && lines(done.plan)).toEqual(['alum: 5 g, has 0, get 5, by 2026-09-02']);
  });
});

describe('what was got ready', () => {
  const plan = redraw(
    aPlan(2, {}, (l) => [
      aPart(`${l}-a`, l, {
        preparations: [
          { id: `soak-${l}`, what: 'Soak the skeins', daysBefore: 1, minutes: null, atMostBefore: null },
        ],
      }),
    ]),
    { today: TODAY },
  ).plan;
  const set = (of: Plan, isReady: boolean): Plan => {
    const done = perform(setPrepared('l2-a', 'soak-l2', isReady, TODAY), of, CONTEXT);
    if ('refused' in done) throw new Error(done.refused);
    return done.plan;
  };
  it('is written down as a fact, leaves the list of what is to be done, and moves nothing', () => {
    const ready = set(plan, true);
    expect(toPrepare(ready).map((p) => p.partId)).toEqual(['l1-a']);
    expect(allToPrepare(ready)).toHaveLength(2);
    expect(ready.sittings).toBe(plan.sittings);
    expect(inForce(ready.entries).map((e) => [e.kind, e.preparationId, e.about.title])).toEqual([
      ['prepared', 'soak-l2', 'Soak the skeins'],
    ]);
    expect(set(ready, true).entries).toHaveLength(1);
  });
  it('is taken back by another fact, and done again', () => {
    const back = set(set(plan, true), false);
    expect(isPrepared(back, { partId: 'l2-a', preparationId: 'soak-l2' })).toBe(false);
    expect(back.entries).toHaveLength(2);
    expect(isPrepared(set(back, true), { partId: 'l2-a', preparationId: 'soak-l2' })).toBe(true);
  });
  it('is refused of what is not there', () =>
    expect(perform(setPrepared('l2-a', 'gone', true, TODAY), plan, CONTEXT)).toHaveProperty('refused'));
});

describe('an amount in the measures of a family', () => {
  // NIST Handbook 44, appendix C: 1 oz is 28.3495 g, 1 lb 453.592 g, 1 qt 946.353 ml, 1 in 2.54 cm, 1 ft 30.48 cm.
  it.each([
    [250, 'g', 'customary', { amount: 8.8, unit: 'oz' }],
    [1, 'kg', 'customary', { amount: 2.2, unit: 'lb' }],
    [1.5, 'litres', 'customary', { amount: 1.6, unit: 'qt' }],
    [100, 'ml', 'customary', { amount: 3.4, unit: 'fl oz' }],
    [20, 'm', 'customary', { amount: 22, unit: 'yd' }],
    [30, 'cm', 'customary', { amount: 12, unit: 'in' }],
    [8, 'oz', 'metric', { amount: 225, unit: 'g' }],
    [3, 'lbs', 'metric', { amount: 1.4, unit: 'kg' }],
    [2, 'Feet', 'metric', { amount: 61, unit: 'cm' }],
    [1, 'quart', 'metric', { amount: 945, unit: 'ml' }],
    [250, 'g', 'metric', undefined],
    [2, 'tsp', 'customary', undefined],
    [3, 'sheets', 'customary', undefined],
  ] as const)('%s %s in %s', (amount, unit, measures, is) =>
    expect(inMeasures(amount, unit, measures)).toEqual(is),
  );
  it('stands beside the amount as it was said', () => {
    expect(amountIn({ amount: 250, least: null }, 'g', 'customary')).toBe('250 g (about 8.8 oz)');
    expect(amountIn({ amount: 250, least: null }, 'g', 'metric')).toBe('250 g');
    expect(amountIn({ amount: null, least: null }, 'g', 'customary')).toBe('');
  });
  it('and a range in one unit of theirs', () => {
    expect(amountIn({ amount: 150, least: 100 }, 'g', 'customary')).toBe(
      '100 to 150 g (about 3.5 to 5.3 oz)',
    );
    expect(amountIn({ amount: 600, least: 300 }, 'g', 'customary')).toBe(
      '300 to 600 g (about 0.7 to 1.3 lb)',
    );
    expect(amountIn({ amount: 460, least: 450 }, 'g', 'customary')).toBe('450 to 460 g (about 1 lb)');
    expect(amountIn({ amount: 150, least: 0 }, 'g', 'customary')).toBe('up to 150 g (about 5.3 oz)');
  });
});

describe('a range', () => {
  const skeins = (least: number | null, amount: number, each = false): Supply => ({
    ...aSupply('wool', amount, 'skeins', each),
    least,
  });
  const needed = (lists: Supply[][], inHouse: number): string[] =>
    neededIn(withSupplies(lists, [pantry('wool', inHouse, 'skeins')]), TODAY, '2026-12-31').map((n) =>
      [soMuchText(n, n.unit), soMuchText({ amount: n.toGet, least: n.leastToGet }, n.unit)].join(' | '),
    );
  it.each([
    [[skeins(2, 3)], 0, '2 to 3 skeins | 2 to 3 skeins'],
    [[skeins(2, 3)], 1, '2 to 3 skeins | 1 to 2 skeins'],
    [[skeins(2, 3)], 2, '2 to 3 skeins | up to 1 skein'],
    [[skeins(2, 3)], 3, '2 to 3 skeins | '],
    [[skeins(2, 3), skeins(null, 4)], 1, '6 to 7 skeins | 5 to 6 skeins'],
  ] as const)('%#', (of, there, said) =>
    expect(
      needed(
        of.map((s) => [s]),
        there,
      ),
    ).toEqual([said]),
  );
  it('for each child is so much for each', () => {
    const children = withSupplies([[skeins(1, 2, true)]]).children.length;
    expect(needed([[skeins(1, 2, true)]], 0)).toEqual([
      `${children} to ${2 * children} skeins | ${children} to ${2 * children} skeins`,
    ]);
  });
  it('is bought as a range, and what is used up is the most of it: there is never less in the house than is said', () => {
    const plan = withSupplies([[skeins(2, 3)], [skeins(1, 2)]]);
    const trips = shopping(
      { ...plan, year: { ...plan.year!, shopWeekdays: [1, 2, 3, 4, 5, 6] } },
      TODAY,
      '2026-12-31',
    );
    expect(trips.flatMap((t) => t.things.map((x) => soMuchText(x, x.unit)))).toEqual(['3 to 5 skeins']);
    const at = perform(
      markDone(plan.parts[0].id, null, TODAY),
      withSupplies([[skeins(2, 3)]], [pantry('wool', 9, 'skeins')]),
      CONTEXT,
    );
    expect('plan' in at && pantryNow(at.plan).map((t) => t.amount)).toEqual([6]);
  });
});

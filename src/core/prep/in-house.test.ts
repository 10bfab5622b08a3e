import { describe, expect, it } from 'vitest';
import { aPart, aPlan, aSupply } from '../../../tests/sample-plan';
import { perform, type Edit } from '../edit/edit';
import { setPantry } from '../edit/household';
import { setBought } from '../edit/ready';
import { addRule } from '../edit/rules';
import { markDone, unmark } from '../edit/today';
import { redraw } from '../layout/redraw';
import { blankRule } from '../plan/blank';
import type { Plan } from '../plan/plan';
import { pantryNow } from './in-house';
import { neededIn } from './supplies';

const TODAY = '2026-08-31';
let made = 0;
let minute = 0;
const doing = (edit: Edit, plan: Plan): Plan => {
  const now = `${TODAY}T09:${String(++minute % 60).padStart(2, '0')}:00.000Z`;
  const after = perform(edit, plan, { today: TODAY, now, newId: () => `n${++made}` });
  if ('refused' in after) throw new Error(after.refused);
  return after.plan;
};
const plan = redraw(
  aPlan(3, {}, (l) => [
    aPart(`${l}-a`, l, {
      supplies: [aSupply('Alum', 12, 'g'), aSupply('paper', 2, 'sheets', true), aSupply('boots', null, '')],
    }),
  ]),
  { today: TODAY },
).plan;
const house = (p: Plan): string[] => pantryNow(p).map((t) => `${t.name} ${t.amount} ${t.unit}`.trim());
const toGet = (p: Plan): string[] =>
  neededIn(p, TODAY, '2027-06-30').map((n) => `${n.name} ${n.toGet} ${n.unit}`.trim());
const children = plan.children.length;

describe('what is in the house', () => {
  const stocked = doing(setPantry([{ name: 'alum', amount: 0.1, unit: 'kg' }]), plan);

  it('is counted down as parts are done, in its own unit, and up again when they were not', () => {
    const [first] = stocked.parts;
    const done = doing(markDone(first.id, null, TODAY), stocked);
    expect(house(done)).toEqual(['alum 0.088 kg']);
    expect(toGet(done)).toEqual(['Alum 0 g', `paper ${2 * 2 * children} sheets`, 'boots null']);
    const again = doing(unmark(first.id, null), done);
    expect(house(again)).toEqual(['alum 0.1 kg']);
    expect(house(doing(markDone(first.id, null, TODAY), again))).toEqual(['alum 0.088 kg']);
  });

  it('outlasts the part, and a child’s tick alone uses nothing up', () => {
    const [first] = stocked.parts;
    const half = doing(markDone(first.id, plan.children[0].id, TODAY), stocked);
    expect(house(half)).toEqual(['alum 0.1 kg']);
    const done = doing(markDone(first.id, null, TODAY), stocked);
    const without = doing((p) => ({ plan: { ...p, lessons: p.lessons.slice(1) } }), done);
    expect(without.parts.some((p) => p.id === first.id)).toBe(false);
    expect(house(without)).toEqual(['alum 0.088 kg']);
  });

  it('is what is said from then on, and goes on being counted where it is said as it was counted', () => {
    const done = doing(markDone(stocked.parts[0].id, null, TODAY), stocked);
    const same = doing(
      setPantry(pantryNow(done).map(({ name, amount, unit }) => ({ name, amount, unit }))),
      done,
    );
    expect(same.pantry).toEqual(done.pantry);
    const said = doing(setPantry([{ name: 'alum', amount: 5, unit: 'g' }]), done);
    expect(house(said)).toEqual(['alum 5 g']);
    const next = doing(markDone(stocked.parts[1].id, null, TODAY), said);
    expect(house(next)).toEqual(['alum 0 g']);
    expect(toGet(next)[0]).toBe('Alum 12 g');
  });

  it('has what was bought, until it is used, and what was bought is taken back', () => {
    const bought = doing(setBought({ name: 'paper', amount: 40, unit: 'sheets' }, true, TODAY), plan);
    const twice = doing(setBought({ name: 'paper', amount: 40, unit: 'sheets' }, true, TODAY), bought);
    expect(house(twice)).toEqual(['paper 40 sheets']);
    const boots = doing(setBought({ name: 'boots', amount: null, unit: '' }, true, TODAY), twice);
    expect(toGet(boots).slice(1)).toEqual(['paper 0 sheets', 'boots 0']);
    const done = doing(markDone(plan.parts[0].id, null, TODAY), boots);
    expect(house(done)).toEqual([`paper ${40 - 2 * children} sheets`]);
    expect(toGet(done)[2]).toBe('boots null');
    expect(
      house(doing(setBought({ name: 'paper', amount: 40, unit: 'sheets' }, false, TODAY), bought)),
    ).toEqual([]);
  });

  it('is counted down by what comes back too, which takes what its rule says and keeps its ids', () => {
    const ruled = doing(
      addRule({
        ...blankRule,
        title: 'Map',
        kind: 'labels',
        rhythm: { on: 'lesson', place: 'last' },
        unitId: plan.units[0].id,
        supplies: [{ ...aSupply('paper', 2, 'sheets', true), id: '' }],
      }),
      plan,
    );
    const of = ruled.parts.filter((p) => p.ruleId !== null);
    expect(of.map((p) => p.supplies)).toEqual(of.map(() => ruled.rules[0].supplies));
    expect(toGet(ruled)[1]).toBe(`paper ${3 * 4 * children} sheets`);
    const done = doing(markDone(of[0].id, null, TODAY), ruled);
    expect(toGet(done)[1]).toBe(`paper ${3 * 4 * children - 2 * children} sheets`);
    const renamed = doing(
      (p) => ({ plan: { ...p, lessons: [{ ...p.lessons[0], title: 'New' }, ...p.lessons.slice(1)] } }),
      done,
    );
    expect(renamed.parts.filter((p) => p.ruleId !== null).map((p) => p.supplies[0].id)).toEqual(
      of.map(() => ruled.rules[0].supplies[0].id),
    );
  });
});

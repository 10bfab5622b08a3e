import { describe, expect, it } from 'vitest';
import { blankBook, blankUnit } from '../plan/blank';
import type { Plan } from '../plan/plan';
import { aPlan } from '../../../tests/sample-plan';
import { levelsOver } from './levels';

/** Two children, two lessons; each reads on one of them. */
function reading(over: Partial<Plan> = {}): Plan {
  const plan = aPlan(2);
  const [first, second] = plan.lessons;
  const child = plan.children[0];
  return {
    ...plan,
    units: plan.units.map((u) => ({ ...blankUnit, ...u, childIds: plan.children.map((c) => c.id) })),
    books: [
      { ...blankBook, id: 'b1', title: 'Wool', readFrom: 8, readTo: 11 },
      { ...blankBook, id: 'b2', title: 'Flax', form: 'reader' },
      { ...blankBook, id: 'b3', title: 'A kit', form: 'kit' },
    ],
    pulls: ['b1', 'b2', 'b3'].map((bookId) => ({
      id: `p-${bookId}`,
      unitId: plan.units[0].id,
      bookId,
      role: 'own',
      read: 'aloud',
      childIds: [child.id],
    })),
    uses: [
      { id: 'u1', pullId: 'p-b1', lessonId: first.id, firstPage: null, lastPage: null },
      { id: 'u2', pullId: 'p-b2', lessonId: first.id, firstPage: null, lastPage: null },
      { id: 'u3', pullId: 'p-b3', lessonId: second.id, firstPage: null, lastPage: null },
    ],
    ...over,
  };
}

describe('what is read alone over a unit', () => {
  it('is for the ages of the hardest of it; what is not read alone has none, and who reads nothing is not there', () => {
    const plan = reading();
    const levels = levelsOver(plan, plan.units[0]);
    expect(levels.map((l) => l.childId)).toEqual([plan.children[0].id]);
    expect(levels[0].lessons).toEqual([
      { lessonId: plan.lessons[0].id, from: 8, to: 11, guessed: true, titles: ['Wool', 'Flax'] },
    ]);
  });

  it('stands beside the age at which the child reads: two years on for a rung above', () => {
    const plan = reading();
    const [{ readsAt }] = levelsOver(plan, plan.units[0]);
    const rungs = { reading: 5 } as const;
    const above = reading({ children: plan.children.map((c, i) => (i ? c : { ...c, rungs })) });
    const rung4 = reading({
      children: plan.children.map((c, i) => (i ? c : { ...c, rungs: { reading: 4 } })),
    });
    const [{ readsAt: at5 }] = levelsOver(above, above.units[0]);
    const [{ readsAt: at4 }] = levelsOver(rung4, rung4.units[0]);
    expect(at5 - at4).toBe(2);
    expect(Math.abs(readsAt - at5) % 2).toBe(0);
  });
});

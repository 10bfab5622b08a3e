/** What changes nothing that is drawn is not drawn again; where it is left out, drawing again would have given the same. */
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { EVERY_EDIT } from '../../../tests/every-edit';
import { aPlan, someFullPlan } from '../../../tests/sample-plan';
import { redraw } from '../layout/redraw';
import { blankBook } from '../plan/blank';
import type { Plan } from '../plan/plan';
import { canonical } from '../plan/canonical';
import { editBook } from './books';
import { isDrawnAlike, perform } from './edit';
import { addIdeas, askQuestion } from './gathered';
import { markDone } from './today';

let ids = 0;
const context = { today: '2026-09-10', newId: () => `new${ids++}` };

/** The plan once drawing it again changes nothing; undefined where that does not come soon. */
function settled(given: Plan): Plan | undefined {
  let plan = canonical(redraw(given, context).plan);
  for (let round = 0; round < 4; round++) {
    const again = canonical(redraw(plan, context).plan);
    if (JSON.stringify(again) === JSON.stringify(plan)) return plan;
    plan = again;
  }
  return undefined;
}

it('is the same as drawing again', () => {
  let alike = 0;
  fc.assert(
    fc.property(someFullPlan, fc.nat(EVERY_EDIT.length - 1), fc.nat(200), (given, which, n) => {
      const plan = settled(given);
      if (!plan) return;
      const done = perform(EVERY_EDIT[which](plan, n), plan, context);
      if ('refused' in done || !isDrawnAlike(plan, done.plan)) return;
      alike++;
      expect(canonical(redraw(done.plan, context).plan)).toEqual(canonical(done.plan));
    }),
    { numRuns: 150 },
  );
  expect(alike).toBeGreaterThan(0);
});

it('a tick on the day a part stands on moves nothing: drawing again would have given the same', () => {
  let ticked = 0;
  fc.assert(
    fc.property(someFullPlan, fc.array(fc.nat(200), { minLength: 1, maxLength: 6 }), (given, which) => {
      let plan = settled(given);
      for (const n of which) {
        if (!plan) return;
        const sitting = plan.sittings[n % plan.sittings.length];
        if (!sitting) return;
        const child = plan.children[n % (plan.children.length + 1)]?.id ?? null;
        const done = perform(markDone(sitting.partId, child, sitting.date), plan, {
          ...context,
          today: sitting.date,
        });
        if ('refused' in done) throw new Error(done.refused);
        const quick = canonical(done.plan);
        if (!('layout' in done) && quick !== plan) {
          ticked++;
          expect(canonical(redraw(quick, context).plan)).toEqual(quick);
        }
        plan = settled(quick);
      }
    }),
    { numRuns: 60 },
  );
  expect(ticked).toBeGreaterThan(0);
});

it('holds for a book on another shelf for an idea and for a question, not for a book’s pages', () => {
  const plan = redraw(
    aPlan(2, { books: [{ ...blankBook, id: 'b', title: 'Wool', pages: 30 }] }),
    context,
  ).plan;
  const shelved = perform(editBook('b', { place: 'Top shelf', state: 'lent out' }), plan, context);
  expect('plan' in shelved && shelved.plan.sittings).toBe(plan.sittings);
  const jotted = perform(addIdeas('u1', ['Weave']), plan, context);
  expect('plan' in jotted && jotted.plan.sittings).toBe(plan.sittings);
  const asked = perform(askQuestion('u1', null, 'Why?', '2026-09-10'), plan, context);
  expect('plan' in asked && asked.plan.sittings).toBe(plan.sittings);
  const longer = perform(editBook('b', { pages: 31 }), plan, context);
  expect('plan' in longer && longer.plan.sittings).not.toBe(plan.sittings);
});

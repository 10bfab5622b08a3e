import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { someFullPlan } from '../../../tests/sample-plan';
import { redraw } from '../layout/redraw';
import { canonical } from './canonical';
import { dangling, LISTS, REFERENCES, withoutDangling } from './references';

const drawn = someFullPlan.map((p) => canonical(redraw(p, { today: '2026-08-31' }).plan));

describe('when a thing is taken out of a plan', () => {
  it('nothing is left that points to it, and nothing else goes that hangs on nothing gone', () => {
    fc.assert(
      fc.property(drawn, fc.constantFrom(...LISTS), fc.nat(), (plan, list, pick) => {
        if (!plan[list].length) return;
        const gone = pick % plan[list].length;
        const cut = { ...plan, [list]: plan[list].filter((_, i) => i !== gone) };
        const left = withoutDangling(cut);
        // What a rule has made is taken away by the next lay-out, which looks at what was done of it.
        expect(dangling(left).filter((d) => !d.where.endsWith('.ruleId'))).toEqual([]);
        for (const other of LISTS) {
          const goes = REFERENCES.some((r) => r.list === other);
          if (!goes && other !== list) expect(left[other]).toBe(cut[other]);
        }
      }),
      { numRuns: 150 },
    );
  });
  it('a whole plan is left as it is', () => {
    fc.assert(
      fc.property(drawn, (plan) => {
        expect(withoutDangling(plan)).toBe(plan);
      }),
      { numRuns: 30 },
    );
  });
});

describe('a fault in a plan that is brought in', () => {
  it('is named with where it stands, whatever points to nothing', () => {
    fc.assert(
      fc.property(drawn, fc.constantFrom(...REFERENCES), (plan, { list, field, to, ids }) => {
        const at = plan[list].findIndex((item) => ids(item).length);
        if (at < 0) return;
        const [id] = ids(plan[list][at]);
        const cut = { ...plan, [to]: (plan[to] as { id: string }[]).filter((x) => x.id !== id) };
        const where = to === list ? /./ : new RegExp(`^${list}\\[\\d+\\]\\.${field.replace('.', '\\.')}$`);
        expect(dangling(cut).some((d) => where.test(d.where) && d.what.endsWith(`“${id}”`))).toBe(true);
      }),
      { numRuns: 200 },
    );
  });
});

import { doneEarly } from './done-early';
import { promptsFor } from '../ladder/prompts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aLesson, aPart, aPlan, aUnit, someFullPlan } from '../../../tests/sample-plan';
import { perform } from '../edit/edit';
import { addForChildren } from '../edit/ladder';
import { redraw } from '../layout/redraw';
import { blankBook, blankChild } from '../plan/blank';
import type { Rung } from '../plan/measures';
import type { Plan } from '../plan/plan';

import { lessonLoad } from '../dayplan/loads';

const children = [12, 6, 2].map((y, i) => ({
  ...blankChild,
  id: `c${y}`,
  name: `C${y}`,
  hatch: (['bars', 'dots', 'waves'] as const)[i],
  birthMonth: `${2026 - y}-03`,
  minutes: 200,
  mouths: y === 2,
}));
const plan: Plan = redraw(
  {
    ...aPlan(
      1,
      {
        units: [aUnit({ childIds: ['c12', 'c6'] })],
        lessons: [
          aLesson('l1', {
            title: 'Colour from the dye pot',
            topics: [{ title: 'Alum and other mordants', page: 4 }],
          }),
        ],
        ideas: [
          { id: 'i1', unitId: 'u1', text: 'Colour from onion skins', childIds: [], becomes: 'unsorted' },
          { id: 'i2', unitId: 'u1', text: 'Felt balls', childIds: [], becomes: 'unsorted' },
          { id: 'i3', unitId: 'u1', text: 'Colour of poison', childIds: [], becomes: 'dropped' },
          { id: 'i4', unitId: 'u1', text: 'Trade in indigo', childIds: ['c12'], becomes: 'unsorted' },
        ],
        questions: [
          {
            id: 'q1',
            unitId: 'u1',
            childId: null,
            text: 'Why does blue come last?',
            asked: null,
            answer: '',
          },
          { id: 'q2', unitId: 'u1', childId: null, text: 'Answered?', asked: null, answer: 'Yes' },
        ],
        books: [
          {
            ...blankBook,
            id: 'b',
            title: 'Pictures of Cloth',
            form: 'picture book',
            listenFrom: 4,
            listenTo: 8,
          },
        ],
        pulls: [{ id: 'p', unitId: 'u1', bookId: 'b', role: 'basket', read: 'aloud', childIds: [] }],
      },
      (l) => [
        aPart('pot', l, {
          kind: 'experiment',
          title: 'Dye pot',
          directions: 'Simmer in a boiling pot; small beads',
          minutes: 40,
        }),
        aPart('tell', l, { kind: 'tell-back', minutes: null, lead: 'not-needed' }),
        aPart('more', l, { minutes: 20, lead: 'not-needed', childIds: ['c12'] }),
      ],
    ),
    children,
  },
  { today: '2026-08-31' },
).plan;

describe('prompts', () => {
  const on = (rung: Rung, child = 'c12'): string[] =>
    promptsFor(plan, plan.lessons[0], child, rung).map((p) => p.text);
  it('come from the brainstorm that suits the child and has to do with the lesson, then questions without an answer, then topics', () => {
    expect(promptsFor(plan, plan.lessons[0], 'c12', 5).map((p) => p.from)).toEqual([
      'brainstorm',
      'brainstorm',
      'question',
      'topic',
      'topic',
    ]);
    expect(on(5).join()).toContain('onion skins');
    expect(on(5).join()).toContain('Trade in indigo');
    expect(on(5).join()).not.toMatch(/Felt balls|poison|Answered/);
    expect(on(2, 'c6').join()).not.toContain('indigo');
  });
  it('ask for something else on every rung, and for the parent only on the lower ones', () => {
    const firsts = ([1, 2, 3, 4, 5] as Rung[]).map((r) => on(r)[0]);
    expect(new Set(firsts).size).toBe(5);
    expect(
      ([1, 2, 3, 4, 5] as Rung[]).map((r) => promptsFor(plan, plan.lessons[0], 'c6', r)[0].needsYou),
    ).toEqual([true, true, false, false, false]);
    expect(on(1).every((t) => !t.includes('…') && t.length <= 200)).toBe(true);
  });
});

describe('who is done early', () => {
  it('gets something for as long as suits the age and no longer than the others are at it; the smallest is kept busy and safe', () => {
    const early = doneEarly(plan, plan.lessons[0], plan.units[0]);
    expect(early.map((e) => e.childId)).toEqual(['c6', 'c2']);
    const [six, two] = early;
    expect(six.fillers.map((f) => f.text)).toContain('Look at “Pictures of Cloth” from the basket');
    expect(six.fillers.every((f) => f.minutes <= Math.min(six.idle, 12))).toBe(true);
    expect(two).toMatchObject({
      minutes: 0,
      idle: 60 + plan.assignments.find((a) => a.partId === 'tell' && a.childId === 'c12')!.minutes,
    });
    expect(two.fillers.every((f) => f.minutes === 4)).toBe(true);
    expect(two.care.join()).toMatch(/Dye pot: /);
    expect(six.care).toEqual([]);
  });
});

describe('in any plan', () => {
  it('prompts can be kept as they are, and nobody is given more than the others have time for', () => {
    fc.assert(
      fc.property(someFullPlan, fc.constantFrom<Rung>(1, 2, 3, 4, 5), (given, rung) => {
        const drawn = redraw(given, { today: '2026-09-10' }).plan;
        for (const lesson of drawn.lessons.slice(0, 4)) {
          const unit = drawn.units.find((u) => u.id === lesson.unitId)!;
          for (const childId of unit.childIds) {
            const prompts = promptsFor(drawn, lesson, childId, rung);
            expect(prompts.length).toBeGreaterThan(0);
            expect(prompts.length).toBeLessThanOrEqual(8);
            expect(prompts.every((p) => p.text.length <= 200 && p.rung === rung && p.minutes > 0)).toBe(true);
            const first = prompts[0];
            const added = perform(
              addForChildren(lesson.id, [childId], {
                title: first.text,
                minutes: first.minutes,
                lead: 'near',
              }),
              drawn,
              { today: '2026-09-10', newId: () => 'added' },
            );
            expect('refused' in added ? added.refused : added.plan.parts.some((p) => p.id === 'added')).toBe(
              true,
            );
          }
          const shares = new Map(lessonLoad(drawn, lesson.id).children.map((c) => [c.childId, c.minutes]));
          for (const early of doneEarly(drawn, lesson, unit)) {
            expect(early.idle).toBe(Math.max(...shares.values()) - (shares.get(early.childId) ?? 0));
            expect(early.fillers.length).toBeGreaterThan(0);
            expect(early.fillers.every((f) => f.minutes <= early.idle && f.text.length <= 200)).toBe(true);
          }
        }
      }),
      { numRuns: 40 },
    );
  });
});

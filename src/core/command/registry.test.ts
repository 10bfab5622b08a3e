import { describe, expect, it } from 'vitest';
import { aPlan } from '../../../tests/sample-plan';
import { perform } from '../edit/edit';
import { redraw } from '../layout/redraw';
import { blankBook } from '../plan/blank';
import { loan } from '../plan/loan';
import { objective, question } from '../plan/unit';
import type { Plan } from '../plan/plan';
import { getsAlong, MATTERS, type Command, type Matter } from './command';
import { REGISTRY } from './registry';

const CONTEXT = { today: '2026-08-31', newId: () => `made${++made}` };
let made = 0;

/** A plan with a thing of each kind that is not drawn. */
function aFullPlan(): Plan {
  const { plan } = redraw(aPlan(3), CONTEXT);
  const [{ id: childId }] = plan.children;
  return {
    ...plan,
    family: { ...plan.family!, card: { loans: 12, weeks: 3, renewals: 1, days: [2, 6] } },
    books: [{ ...blankBook, id: 'b1', title: 'The Dyer’s Kettle' }],
    loans: [loan.parse({ id: 'n1', bookId: 'b1' })],
    objectives: [objective.parse({ id: 'o1', unitId: 'u1', code: '', wording: 'Tell how wool is spun' })],
    questions: [
      question.parse({
        id: 'q1',
        unitId: 'u1',
        childId,
        text: 'Do sheep like rain?',
        asked: '2026-08-31',
        answer: '',
      }),
    ],
  };
}

/** What is given to each command that says it touches less than all that is drawn. */
const GIVEN: Record<string, { input: unknown; about?: unknown }> = {
  'unit.changeQuestion': { input: { answer: 'No' }, about: { questionId: 'q1' } },
  'unit.dropQuestion': { input: 'q1' },
  'unit.dropObjective': { input: 'o1' },
  'shelf.putOnShelf': { input: [{ ...blankBook, title: 'Indigo Roads' }] },
  'shelf.changeRecord': { input: { place: 'upper shelf' }, about: { bookId: 'b1' } },
  'books.changeBook': { input: { place: 'lower shelf' }, about: { bookId: 'b1' } },
  'loans.step': { input: 'ask', about: { loanId: 'n1', heard: null } },
  'loans.unwant': { input: 'n1' },
  'family.savePantry': { input: [{ name: 'alum', amount: 50, unit: 'g' }] },
  'unit.ask': { input: { unitId: 'u1', childId: 'c1', text: 'Who wove first?' } },
};

/** The lists of a plan that each matter stands for. */
const LISTS: Record<Exclude<Matter, 'plan' | 'happened'>, readonly (keyof Plan)[]> = {
  shelf: ['books', 'loans'],
  // Objectives and questions stand in the wordings of work.
  gathered: ['objectives', 'questions', 'ideas', 'assignments'],
  kept: ['outlines', 'pantry'],
};

describe('the commands', () => {
  it('are each there once, and say who gives them and what they touch', () => {
    expect(REGISTRY.size).toBeGreaterThan(100);
    for (const [name, command] of REGISTRY) {
      expect(name).toMatch(/^[a-z-]+\.[a-zA-Z]+$/);
      expect(command.who.length, name).toBeGreaterThan(0);
      expect(command.touches.length, name).toBeGreaterThan(0);
      expect(MATTERS, name).toEqual(expect.arrayContaining([...command.touches]));
    }
  });

  it('take what a child may give from a child alone: ticks, how it was, and calls', () => {
    const ofChildren = [...REGISTRY].filter(([, c]) => c.who.includes('child')).map(([name]) => name);
    expect(ofChildren.sort()).toEqual(['facts.callParent', 'today.felt', 'today.tick', 'today.untick']);
    for (const name of ofChildren) expect(REGISTRY.get(name)!.touches).toEqual(['happened']);
  });

  it('are all trials for tracing paper, but for closing a year', () => {
    expect([...REGISTRY].filter(([, c]) => c.isNoTrial).map(([name]) => name)).toEqual([
      'year.closeThisYear',
    ]);
  });

  it('refuse what is of no shape of theirs, every one of them', () => {
    for (const [name, command] of REGISTRY)
      for (const odd of [7, 'x'.repeat(100_000), [[]]])
        expect(command.shape.safeParse(odd).success, `${name} ${typeof odd}`).toBe(false);
  });

  it.each(Object.entries(GIVEN))('%s changes only what it says it touches', (name, { input, about }) => {
    const command = REGISTRY.get(name) as Command<unknown, unknown>;
    const plan = aFullPlan();
    const of = command.about?.parse(about);
    const value = command.shape.parse(input);
    const after = perform(command.edit(value, of, input), plan, CONTEXT);
    if ('refused' in after) throw new Error(after.refused);
    expect(command.label(value, plan, of)).not.toBe('');
    const mine = command.touches.flatMap((m) => (m === 'plan' || m === 'happened' ? [] : LISTS[m]));
    const other = (Object.keys(plan) as (keyof Plan)[]).filter(
      (list) => JSON.stringify(after.plan[list]) !== JSON.stringify(plan[list]),
    );
    expect(other.length).toBeGreaterThan(0);
    expect(mine).toEqual(expect.arrayContaining(other));
  });

  it('get along where they touch nothing of each other’s', () => {
    expect(getsAlong(['happened'], ['plan', 'shelf'])).toBe(true);
    expect(getsAlong(['shelf'], ['happened', 'plan'])).toBe(true);
    expect(getsAlong(['shelf'], ['shelf'])).toBe(false);
    expect(getsAlong(['plan', 'shelf'], ['gathered'])).toBe(true);
    expect(getsAlong(['plan'], ['plan'])).toBe(false);
    expect(getsAlong(['plan'], ['happened'])).toBe(true);
  });
});

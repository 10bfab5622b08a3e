import { describe, expect, it } from 'vitest';
import { after } from '../../../tests/after';
import { aPart, aPlan } from '../../../tests/sample-plan';
import { addPart } from '../edit/lessons';
import { redraw } from '../layout/redraw';
import type { Plan } from '../plan/plan';
import { promptsFor } from './prompts';
import { shares } from './shares';

const TITLES = ['Wool and its colours', 'Looms', 'Spinning wheels', 'Cloth', 'Markets'];
const asking = (questions: string[], looksUp: (i: number) => boolean = () => true): Plan => {
  const plan = aPlan(TITLES.length, {}, (l, i) =>
    looksUp(i) ? [aPart(`${l}-up`, l, { kind: 'looking-up' })] : [aPart(`${l}-do`, l)],
  );
  return {
    ...plan,
    lessons: plan.lessons.map((l, i) => ({ ...l, title: TITLES[i], topics: [] })),
    questions: questions.map((text, i) => ({
      id: `q${i}`,
      unitId: plan.units[0].id,
      text,
      answer: '',
      asked: null,
      childId: null,
    })),
  };
};
const asked = (plan: Plan): string[] =>
  plan.lessons.map((l) => {
    const { question } = shares(plan)(l);
    return question ? `${question.isOfLesson ? '' : 'open: '}${question.text}` : '';
  });

describe('a question of the children’s own', () => {
  it('is looked up in the lessons it has to do with, and in no other', () =>
    expect(asked(asking(['Who made the first looms?', 'Why does wool take colours?']))).toEqual([
      'Why does wool take colours?',
      'Who made the first looms?',
      '',
      '',
      '',
    ]));

  it('has its turn where another has as much to do with the lesson', () => {
    const both = asking(['Do wheels wear out?', 'Who made wheels?']);
    const again = { ...both, lessons: both.lessons.map((l) => ({ ...l, title: 'Wheels' })) };
    expect(asked(again)).toEqual([
      'Do wheels wear out?',
      'Who made wheels?',
      'Do wheels wear out?',
      'Who made wheels?',
      'Do wheels wear out?',
    ]);
  });

  it('that has to do with none is asked once, where something is looked up, and is said to be open', () => {
    const up = (i: number): boolean => i > 1;
    expect(asked(asking(['Who made looms?', 'Are there wolves?', 'How old is the sea?'], up))).toEqual([
      '',
      'Who made looms?',
      'open: Are there wolves?',
      'open: How old is the sea?',
      '',
    ]);
    const plan = redraw(asking(['Are there wolves?']), { today: '2026-08-31' }).plan;
    const wordings = plan.lessons.map(
      (l) => plan.assignments.find((a) => a.partId === `${l.id}-up`)!.wording,
    );
    expect(wordings.filter((w) => w.includes('wolves'))).toEqual([wordings[0]]);
    expect(wordings[0]).toContain('“Are there wolves?”, which is still open');
    expect(wordings[1]).toContain('“Looms”');
  });

  it('is the first of those a parent is offered for one child in that lesson', () => {
    const plan = asking(['Are there wolves?', 'How old is the sea?', 'Who made the first looms?']);
    const first = (i: number): string =>
      promptsFor(plan, plan.lessons[i], 'c1', 3).find((p) => p.from === 'question')!.text;
    expect([0, 1, 2].map(first)).toEqual([
      expect.stringContaining('wolves'),
      expect.stringContaining('looms'),
      expect.stringContaining('sea'),
    ]);
  });
});

it('what is copied goes on from the lessons before, also when one of those begins to copy', () => {
  const passage = 'The flock came home. It was late. The dog was tired. All slept.';
  const plan = aPlan(3, {}, (l, i) => (i ? [aPart(`${l}-copy`, l, { kind: 'copying' })] : []));
  const start = redraw(
    { ...plan, units: plan.units.map((u) => ({ ...u, passage })) },
    { today: '2026-08-31' },
  ).plan;
  const copied = (p: Plan, n: number): string =>
    p.assignments.find((a) => a.partId === `${p.lessons[n].id}-copy`)!.wording;
  const first = start.lessons[0].id;
  const { id: _, lessonId: __, ...part } = start.parts[0];
  const more = after(start, addPart(first, part));
  expect(shares(more)(more.lessons[1]).walk).toEqual({ place: 1, of: 3 });
  expect(copied(more, 1)).not.toBe(copied(start, 1));
});

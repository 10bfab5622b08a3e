import { describe, expect, it } from 'vitest';
import { default_w } from 'ts-fsrs';
import { aPart, aPlan } from '../../../tests/sample-plan';
import { addDays } from '../calendar/dates';
import { setAsked } from '../edit/facts';
import { perform, type Edit } from '../edit/edit';
import { markDone } from '../edit/today';
import { redraw } from '../layout/redraw';
import type { Plan } from '../plan/plan';
import { askOn, cardsOf, minutesToAsk, quizFor, retentionOf, wordsToCheck } from './cards';

const TODAY = '2026-08-31';
let made = 0;
const doing = (edit: Edit, plan: Plan): Plan => {
  const after = perform(edit, plan, { today: TODAY, newId: () => `n${++made}` });
  if ('refused' in after) throw new Error(after.refused);
  return after.plan;
};
const prompt = (id: string, easy = `easy ${id}`): Plan['lessons'][number]['recall'][number] => ({
  id,
  easy,
  hard: `hard ${id}`,
  answer: '',
});
const bare = aPlan(3, {}, (l) => [aPart(`${l}-a`, l)]);
const plan = redraw(
  {
    ...bare,
    lessons: bare.lessons.map((l, i) => ({ ...l, recall: [prompt(`p${i}a`), prompt(`p${i}b`)] })),
    units: bare.units.map((u) => ({
      ...u,
      vocabulary: [{ id: 'w1', word: 'warp', meaning: 'threads that stay' }],
    })),
  },
  { today: TODAY },
).plan;
const [first] = plan.children;
const taught = doing(markDone('l1-a', null, TODAY), plan);
const card = (p: Plan, date: string, id = 'p0a'): ReturnType<typeof cardsOf>[number] =>
  cardsOf(p, first, date).find((c) => c.promptId === id)!;
const asked = (p: Plan, ...marks: [string, number][]): Plan =>
  marks.reduce((now, [date, grade]) => doing(setAsked('p0a', first.id, grade, date), now), p);

/**
 * FSRS-6 as its authors write it (open-spaced-repetition, “The Algorithm”, from memory), counted here by hand: stability
 * after the first mark w[G−1]; R = (1 + factor t / S)^decay with decay −w20 and R(S, S) = 0.9; after a mark that was remembered
 * S grows by e^w8 (11 − D) S^−w9 (e^(w10 (1 − R)) − 1), times w15 for 2 and w16 for 4.
 */
const w = default_w;
const decay = -w[20];
const factor = 0.9 ** (1 / decay) - 1;
const curve = (t: number, s: number): number => (1 + (factor * t) / s) ** decay;
const difficulty0 = (g: number): number => Math.min(10, Math.max(1, w[4] - Math.exp(w[5] * (g - 1)) + 1));
const grown = (s: number, d: number, r: number, g: number): number =>
  s *
  (1 +
    Math.exp(w[8]) *
      (11 - d) *
      s ** -w[9] *
      (Math.exp(w[10] * (1 - r)) - 1) *
      (g === 2 ? w[15] : 1) *
      (g === 4 ? w[16] : 1));

describe('what comes back', () => {
  it('is what was taught, from the day it was, and not before', () => {
    expect(cardsOf(plan, first, '2026-12-01')).toEqual([]);
    expect(cardsOf(taught, first, TODAY).map((c) => c.promptId)).toEqual(['p0a', 'p0b', 'w1']);
    expect(card(taught, '2026-09-01')).toMatchObject({ due: TODAY, remembered: null, times: 0 });
  });

  it.each([1, 2, 3, 4])('is forgotten after a first mark of %i as the curve says', (grade) => {
    const after = asked(taught, ['2026-09-01', grade]);
    for (const days of [1, 5, 40])
      expect(card(after, addDays('2026-09-01', days)).remembered).toBeCloseTo(curve(days, w[grade - 1]), 4);
  });

  it.each([2, 3, 4])('holds longer after a second mark of %i, by what is counted by hand', (grade) => {
    const gap = 6;
    const after = asked(taught, ['2026-09-01', 3], ['2026-09-07', grade]);
    const stable = grown(w[2], difficulty0(3), curve(gap, w[2]), grade);
    expect(card(after, '2026-10-07').remembered).toBeCloseTo(curve(30, stable), 3);
  });

  it('is due when it is remembered as surely as the family wishes', () => {
    const after = asked(taught, ['2026-09-01', 4]);
    const { due } = card(after, '2026-09-01');
    expect(card(after, due).remembered).toBeCloseTo(0.9, 1);
    const surer = {
      ...after,
      family: { ...after.family!, recall: { minutes: 8, retention: 97, reward: '' } },
    };
    expect(card(surer, '2026-09-01').due < due).toBe(true);
  });
});

describe('what is asked today', () => {
  it('opens with what the last lesson asks, then takes the least likely to be remembered, the children in turn, within the minutes', () => {
    const after = asked(taught, ['2026-09-01', 1]);
    const all = askOn(after, '2026-09-15', 60);
    const mine = all.filter((c) => c.childId === first.id).map((c) => [c.promptId, c.opens]);
    expect(mine).toEqual([
      ['p0b', true],
      ['p0a', false],
      ['w1', false],
    ]);
    const who = all.slice(0, 2 * plan.children.length).map((c) => c.childId);
    expect(who.every((id, i) => i === 0 || id !== who[i - 1])).toBe(true);
    expect(askOn(after, '2026-09-15', 2).length).toBeLessThan(all.length);
    expect(askOn(after, '2026-09-15', 0)).toEqual([]);
  });

  it('has the minutes of what opens the day beside those set aside', () => {
    const opening = aPart('open', 'l2', { kind: 'recall', minutes: 10, lead: 'leads' });
    const on = redraw({ ...taught, parts: [...taught.parts, opening] }, { today: TODAY }).plan;
    const date = on.sittings.find((s) => s.partId === 'open')!.date;
    expect(minutesToAsk(on, date)).toBe(18);
    expect(minutesToAsk(on, '2026-12-24')).toBe(8);
  });

  it('checks the words one is least sure of', () => {
    expect(wordsToCheck(taught, first, '2026-09-15', 5).map((c) => c.promptId)).toEqual(['w1']);
    expect(wordsToCheck(taught, first, '2026-09-15', 0)).toEqual([]);
  });

  it('asks nothing on the day it is taught, and nothing twice on a day', () => {
    expect(askOn(taught, TODAY, 60)).toEqual([]);
    const after = asked(taught, ['2026-09-01', 1]);
    expect(askOn(after, '2026-09-01', 60).some((c) => c.promptId === 'p0a' && c.childId === first.id)).toBe(
      false,
    );
  });
});

describe('what was expected beside what was remembered', () => {
  it('counts every mark but the first, and knows nothing before', () => {
    expect(retentionOf(taught, first.id)).toEqual({ reviews: 0, seen: null, predicted: null });
    const after = asked(taught, ['2026-09-01', 3], ['2026-09-05', 1], ['2026-09-06', 3]);
    const { reviews, seen, predicted } = retentionOf(after, first.id);
    expect([reviews, seen]).toEqual([2, 0.5]);
    expect(predicted).toBeGreaterThan(0.5);
  });
});

it('a quiz takes no two of a lesson before each has one, and something strong', () => {
  let after = ['l2-a', 'l3-a'].reduce((p, id) => doing(markDone(id, null, TODAY), p), taught);
  for (const [id, grade] of [
    ['p0a', 1],
    ['p0b', 1],
    ['p1a', 4],
    ['p2a', 2],
  ] as const)
    after = doing(setAsked(id, first.id, grade, '2026-09-01'), after);
  const quiz = quizFor(after, first, '2026-09-20', 3);
  expect(new Set(quiz.map((c) => c.lessonId)).size).toBe(3);
  expect(quiz.some((c) => c.promptId === 'p1a')).toBe(true);
});

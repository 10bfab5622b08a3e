/**
 * FSRS against the sequences its authors publish beside their reference implementations (open-spaced-repetition, FSRS-6 with its
 * default parameters; from memory). What the app asks of the package in the family’s own setting, whole days and no fuzz, is held
 * against the formulas in `src/core/recall/cards.test.ts`.
 */
import { expect, it } from 'vitest';
import { createEmptyCard, default_w, fsrs, type Grade } from 'ts-fsrs';

const START = new Date('2022-11-29T12:30:00Z');
const DAY = 86_400_000;

it('has the default parameters of FSRS-6', () => {
  expect([...default_w]).toEqual([
    0.212, 1.2931, 2.3065, 8.2956, 6.4133, 0.8334, 3.0194, 0.001, 1.8722, 0.1666, 0.796, 1.4835, 0.0614,
    0.2629, 1.6483, 0.6014, 1.8729, 0.5425, 0.0912, 0.0658, 0.1542,
  ]);
});

it('gives the published intervals: six times remembered, twice forgotten, five times remembered, each on the day it is due', () => {
  const scheduler = fsrs({ enable_fuzz: false });
  let card = createEmptyCard(START);
  let now = START;
  const days = [3, 3, 3, 3, 3, 3, 1, 1, 3, 3, 3, 3, 3].map((grade) => {
    card = scheduler.next(card, now, grade as Grade).card;
    now = card.due;
    return card.scheduled_days;
  });
  expect(days).toEqual([0, 2, 11, 46, 163, 498, 0, 0, 2, 4, 7, 12, 21]);
});

it('gives the published state of memory: forgotten, then remembered after 0, 1, 3, 8 and 21 days', () => {
  const scheduler = fsrs({ enable_fuzz: false });
  let card = createEmptyCard(START);
  let now = START;
  for (const [grade, days] of [
    [1, 0],
    [3, 0],
    [3, 1],
    [3, 3],
    [3, 8],
    [3, 21],
  ]) {
    now = new Date(now.getTime() + days * DAY);
    card = scheduler.next(card, now, grade as Grade).card;
  }
  expect(card.stability).toBeCloseTo(53.62691, 4);
  expect(card.difficulty).toBeCloseTo(6.3574867, 4);
});

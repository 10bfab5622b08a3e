import { expect, it } from 'vitest';
import type { Rhythm } from '../plan/lesson';
import { rhythmInWords } from './rule-words';

it.each<[Rhythm, string]>([
  [{ on: 'day' }, 'daily'],
  [{ on: 'weekday', weekday: 1, everyWeeks: 1, startWeek: 1 }, 'on Mondays'],
  [{ on: 'weekday', weekday: 4, everyWeeks: 2, startWeek: 2 }, 'every other Thursday, from week 2'],
  [{ on: 'week-first', everyWeeks: 1, startWeek: 1 }, 'as each week opens'],
  [{ on: 'week-last', everyWeeks: 3, startWeek: 3 }, 'as every third week closes, from week 3'],
  [{ on: 'lesson', place: 'first' }, 'as each lesson opens'],
  [{ on: 'lesson', place: 'last' }, 'at the end of each lesson'],
  [{ on: 'after', partId: 'p', everyDays: 3, times: 4 }, 'every third day after “Sow flax”, 4 times'],
  [{ on: 'after', partId: 'p', everyDays: 14, times: 2 }, 'every 14th day after “Sow flax”, 2 times'],
])('%j in words', (rhythm, message) => expect(rhythmInWords(rhythm, () => 'Sow flax')).toBe(message));

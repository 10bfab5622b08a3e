import { describe, expect, it } from 'vitest';
import type { DayRoom } from '../frame/day';
import { ledUntil, withYou } from './with-you';

const room = (over: Partial<DayRoom>): DayRoom =>
  ({ starts: 570, ends: 590, parentMinutes: 20, ...over }) as DayRoom;

describe('when the parent is needed in a room', () => {
  it('is said to its end, in its beginning, or not at all', () => {
    expect(withYou(room({}), 24)).toBe('with you');
    expect(withYou(room({ parentMinutes: 2 }), 24)).toBe('with you until 9:32');
    expect(withYou(room({ parentMinutes: 2, starts: 780, ends: 790 }), 12)).toBe('with you until 1:02 pm');
    expect(withYou(room({ parentMinutes: 0 }), 24)).toBe('');
  });
  it('runs over with what they lead all of, and not with what they only begin', () => {
    const live = { planned: { starts: 570, ends: 590 } } as DayRoom['live'];
    expect(ledUntil(room({ ends: 600, live }))).toBe(600);
    expect(ledUntil(room({ ends: 600, live, parentMinutes: 5 }))).toBe(575);
  });
});

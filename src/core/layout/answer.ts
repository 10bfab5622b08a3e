/** What a lay-out answers: where each part stands, and what stands nowhere. */
import type { Reason } from '../plan/plan';
import type { Place } from './problem';
import type { Block } from './schedule';

export interface Placement extends Place {
  partId: string;
  reason: Reason;
}

export interface Unplaced {
  partId: string;
  /**
   * `too-long`: longer than someone's day; `longer-than-half-day`: longer than any half-day; `never-there`: who leads it
   * is never there; `no-room`: no day left with room; `no-day`: no school day left at all.
   */
  why: 'too-long' | 'longer-than-half-day' | 'never-there' | 'no-room' | 'no-day';
  /** What had no room: someone's day or half-days, or the part's own weekday and dates. */
  block?: Block;
}

export interface Layout {
  placements: Placement[];
  unplaced: Unplaced[];
}

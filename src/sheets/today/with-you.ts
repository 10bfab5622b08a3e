/** When of a room the parent is needed in it. */
import { clockText } from '@/core/calendar/dates';
import type { Clock } from '@/core/calendar/customs';
import type { DayRoom } from '../frame/day';

/** Until when the parent is in a room: what runs over keeps them where they lead all of it. */
export function ledUntil({ starts, ends, parentMinutes, live }: DayRoom): number {
  const isWhole = live && parentMinutes >= live.planned.ends - live.planned.starts;
  return isWhole ? ends : starts + parentMinutes;
}

/** “with you” where the parent is needed in all of it, “with you until 9:32” in its beginning, nothing where they are not. */
export function withYou(room: DayRoom, clock: Clock): string {
  if (!room.parentMinutes) return '';
  const until = ledUntil(room);
  return until < room.ends ? `with you until ${clockText(until, clock)}` : 'with you';
}

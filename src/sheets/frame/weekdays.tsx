'use client';
/** Weekdays, each to be ticked. */
import { weekdayName } from '@/core/calendar/dates';
import { Ticks } from '@/kit/ticks';

const ALL = [1, 2, 3, 4, 5, 6, 7].map((value) => ({ value, name: weekdayName(value) }));

export function Weekdays(props: {
  label: string;
  /** ISO weekdays, 1 Monday to 7 Sunday. */
  value: readonly number[];
  onChange: (weekdays: number[]) => void;
}) {
  return <Ticks all={ALL} {...props} />;
}

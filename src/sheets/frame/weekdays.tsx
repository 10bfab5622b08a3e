'use client';
/** Weekdays, each to be ticked. */
import { weekdayName } from '@/core/calendar/dates';
import { useCustoms } from '@/kit/locale';
import { Ticks } from '@/kit/ticks';

const ALL = [1, 2, 3, 4, 5, 6, 7].map((value) => ({ value, name: weekdayName(value) }));

export function Weekdays(props: {
  label: string;
  /** ISO weekdays, 1 Monday to 7 Sunday. */
  value: readonly number[];
  onChange: (weekdays: number[]) => void;
}) {
  const { weekStarts } = useCustoms();
  // What is ticked stays in the order of the week that is counted with.
  const all = [...ALL.slice(weekStarts - 1), ...ALL.slice(0, weekStarts - 1)];
  return <Ticks all={all} {...props} onChange={(days) => props.onChange([...days].sort((a, b) => a - b))} />;
}

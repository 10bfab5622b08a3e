'use client';
/** Weekdays, each to be ticked. */
import { weekdayName } from '@/core/calendar/dates';
import { Checkbox, Several } from '@/kit/field';

export function Weekdays({
  label,
  value,
  onChange,
}: {
  label: string;
  /** ISO weekdays, 1 Monday to 7 Sunday. */
  value: readonly number[];
  onChange: (weekdays: number[]) => void;
}) {
  return (
    <Several>
      <legend>{label}</legend>
      {[1, 2, 3, 4, 5, 6, 7].map((d) => (
        <Checkbox
          key={d}
          isSelected={value.includes(d)}
          onChange={(on) => onChange(on ? [...value, d].sort() : value.filter((x) => x !== d))}
        >
          {weekdayName(d)}
        </Checkbox>
      ))}
    </Several>
  );
}

'use client';
/** Several things under one heading, each to be ticked. */
import type { ReactNode } from 'react';
import { Checkbox, Several } from './field';

export function Ticks<V extends string | number>({
  label,
  all,
  value,
  onChange,
}: {
  label: ReactNode;
  all: readonly { value: V; name: ReactNode }[];
  value: readonly V[];
  /** What is ticked, in the order of all. */
  onChange: (ticked: V[]) => void;
}) {
  return (
    <Several>
      <legend>{label}</legend>
      {all.map((one) => (
        <Checkbox
          key={one.value}
          isSelected={value.includes(one.value)}
          onChange={(on) =>
            onChange(all.map((x) => x.value).filter((x) => (x === one.value ? on : value.includes(x))))
          }
        >
          {one.name}
        </Checkbox>
      ))}
    </Several>
  );
}

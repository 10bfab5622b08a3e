'use client';
/** How this device shows the sheets: on paper or as a blueprint. Paper that is printed is always white. */
import { useState } from 'react';
import { Choose } from '@/kit/choose';
import { DRAWN_ON_COOKIE, type DrawnOn } from '@/kit/drawn-on';
import { Ruled } from './ruled';

const A_YEAR = 31_536_000;

export function DrawnOnChoice({ drawnOn }: { drawnOn: DrawnOn }) {
  const [value, setValue] = useState(drawnOn);
  return (
    <section aria-labelledby="drawn-on">
      <Ruled id="drawn-on">How it looks here</Ruled>
      <Choose
        label="Sheets are drawn"
        help="On this device. What is printed is always on white."
        value={value}
        choices={[
          { value: 'device', name: 'as this device wishes' },
          { value: 'paper', name: 'on paper' },
          { value: 'blueprint', name: 'as a blueprint' },
        ]}
        onChange={(v) => {
          setValue(v);
          document.documentElement.dataset.drawnOn = v;
          document.cookie = `${DRAWN_ON_COOKIE}=${v}; path=/; max-age=${A_YEAR}; samesite=strict`;
        }}
      />
    </section>
  );
}

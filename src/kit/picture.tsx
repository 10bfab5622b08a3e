'use client';
import type { ReactNode } from 'react';
import { ResponsiveContainer } from 'recharts';

/** Room around what is drawn. */
export const MARGIN = { top: 8, right: 6, bottom: 0, left: 0 };

/** A picture with what it shows in words; the table beside it says the same. No key stops at what is drawn. */
export function Picture({
  caption,
  height = 118,
  children,
}: {
  caption: ReactNode;
  height?: number;
  children: ReactNode;
}) {
  return (
    <figure>
      <figcaption>{caption}</figcaption>
      <div aria-hidden="true" inert>
        <ResponsiveContainer width="100%" height={height}>
          {children}
        </ResponsiveContainer>
      </div>
    </figure>
  );
}

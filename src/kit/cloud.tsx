'use client';
/** A revision: a cloud of small arcs around what changes, with its letter on a triangle. */
import { useEffect, useRef, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { colour, paper } from './tokens';

/** Length of an arc, in pixels. */
const ARC = 18;

/** Arcs along the edge of a box, outwards. */
function arcs(width: number, height: number): string {
  const side = (length: number, dx: number, dy: number): string => {
    const n = Math.max(1, Math.round(length / ARC));
    const step = length / n;
    return Array.from({ length: n }, () => `a${step / 2},${step / 2.4} 0 0 1 ${dx * step},${dy * step}`).join(
      ' ',
    );
  };
  return `M0,0 ${side(width, 1, 0)} ${side(height, 0, 1)} ${side(width, -1, 0)} ${side(height, 0, -1)} Z`;
}

export function Cloud({ letter, children }: { letter: string; children: ReactNode }) {
  const box = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  useEffect(() => {
    const seen = new ResizeObserver(([entry]) => {
      const { width, height } = entry.target.getBoundingClientRect();
      setSize({ width, height });
    });
    if (box.current) seen.observe(box.current);
    return () => seen.disconnect();
  }, []);
  return (
    <Around ref={box}>
      {children}
      <Line aria-hidden="true" width={size.width} height={size.height}>
        <path d={arcs(size.width, size.height)} fill="none" stroke={colour.red} strokeWidth="1.8" />
        <path d={`M${size.width - 14},-2 l12,-20 l12,20 Z`} fill={colour.red} />
        <text
          x={size.width - 2}
          y={-6}
          textAnchor="middle"
          fontSize="12"
          fontWeight="700"
          fill={colour.onRed}
        >
          {letter}
        </text>
      </Line>
    </Around>
  );
}

const Around = styled.div`
  position: relative;
  display: grid;
  gap: 6px;
  padding: 8px 6px;
  margin: 4px -6px;
`;
const Line = styled.svg`
  position: absolute;
  inset: 0;
  overflow: visible;
  pointer-events: none;
  ${paper} {
    print-color-adjust: exact;
  }
`;

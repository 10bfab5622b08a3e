'use client';
/** The parent's day: a path that walks through the rooms that need them. */
import styled from 'styled-components';
import { colour } from './tokens';

export interface Stop {
  /** Per cent from the left. */
  x: number;
  /** Pixels from the top where they come in, and where they leave. */
  from: number;
  to: number;
}

export function ParentPath({ stops, height }: { stops: Stop[]; height: number }) {
  const d = stops
    .map((s, i) => {
      const before = stops[i - 1];
      if (!before) return `M${s.x},${s.from} L${s.x},${s.to}`;
      const middle = (before.to + s.from) / 2;
      return `C${before.x},${middle} ${s.x},${middle} ${s.x},${s.from} L${s.x},${s.to}`;
    })
    .join(' ');
  return (
    <Layer aria-hidden="true">
      <svg viewBox={`0 0 100 ${height}`} preserveAspectRatio="none" width="100%" height={height}>
        <path d={d} fill="none" stroke={colour.red} strokeWidth="2.2" vectorEffect="non-scaling-stroke" />
      </svg>
      {stops.map((s, i) => (
        <Dot key={i} style={{ left: `${s.x}%`, top: s.from }} />
      ))}
      <You style={{ left: `${stops[0].x}%`, top: stops[0].from }}>you</You>
    </Layer>
  );
}

const Layer = styled.div`
  position: absolute;
  inset: 0;
  pointer-events: none;
  print-color-adjust: exact;
  svg {
    position: absolute;
    inset: 0;
  }
`;
const Dot = styled.span`
  position: absolute;
  width: 11px;
  height: 11px;
  border: 2.2px solid ${colour.red};
  border-radius: 50%;
  background: ${colour.room};
  transform: translate(-50%, -50%);
`;
const You = styled.span`
  position: absolute;
  transform: translate(-100%, -50%);
  margin-left: -10px;
  padding: 0 6px;
  font-size: 12.5px;
  font-weight: 700;
  line-height: 17px;
  color: ${colour.room};
  background: ${colour.red};
`;

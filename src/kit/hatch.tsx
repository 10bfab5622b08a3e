'use client';
/** The eight hatches and colours by which children are told apart: in colour, in grey and in print. */
import styled from 'styled-components';
import { colour } from './tokens';

export const HATCHES = [
  'diagonals',
  'bars',
  'dots',
  'lattice',
  'waves',
  'bricks',
  'chevrons',
  'crosses',
] as const;
export type HatchName = (typeof HATCHES)[number];

export const hatchColour: Record<HatchName, string> = {
  diagonals: colour.diagonals,
  bars: colour.bars,
  dots: colour.dots,
  lattice: colour.lattice,
  waves: colour.waves,
  bricks: colour.bricks,
  chevrons: colour.chevrons,
  crosses: colour.crosses,
};

export const hatchFill = (name: HatchName): string => `url(#hatch-${name})`;

/** One tile of each hatch, 8 units square. */
const TILE: Record<HatchName, string> = {
  diagonals: 'M-2,2 l4,-4 M0,8 l8,-8 M6,10 l4,-4',
  bars: 'M0,2 h8 M0,6 h8',
  dots: '',
  lattice: 'M0,0 l8,8 M8,0 l-8,8',
  waves: 'M0,4 q2,-4 4,0 t4,0',
  bricks: 'M0,0.5 h8 M0,4.5 h8 M2,0.5 v4 M6,4.5 v4',
  chevrons: 'M0,5 l4,-4 l4,4 M0,9 l4,-4 l4,4',
  crosses: 'M4,1.5 v5 M1.5,4 h5',
};

/** The patterns themselves; once in a page. */
export function HatchPatterns() {
  return (
    <svg width="0" height="0" aria-hidden="true" style={{ position: 'absolute' }}>
      <defs>
        {HATCHES.map((name) => (
          <pattern key={name} id={`hatch-${name}`} width="8" height="8" patternUnits="userSpaceOnUse">
            {name === 'dots' ? (
              <g fill={hatchColour.dots}>
                <circle cx="2" cy="2" r="1.4" />
                <circle cx="6" cy="6" r="1.4" />
              </g>
            ) : (
              <path d={TILE[name]} fill="none" stroke={hatchColour[name]} strokeWidth="1.6" />
            )}
          </pattern>
        ))}
      </defs>
    </svg>
  );
}

/** A child's hatch as a patch beside the name, or as a strip in a room. Decoration: the name always stands beside it. */
export function Hatch({
  name,
  width = 18,
  height = 16,
  framed = true,
}: {
  name: HatchName;
  width?: number | string;
  height?: number | string;
  framed?: boolean;
}) {
  return (
    <Patch width={width} height={height} aria-hidden="true" focusable="false">
      <rect
        width="100%"
        height="100%"
        fill={hatchFill(name)}
        stroke={framed ? hatchColour[name] : 'none'}
        strokeWidth="2"
      />
    </Patch>
  );
}

const Patch = styled.svg`
  display: block;
  flex: none;
  background: ${colour.room};
  print-color-adjust: exact;
`;

/** A child: hatch and name. */
export function ChildName({
  name,
  hatch,
  strong = true,
  short,
}: {
  name: string;
  hatch: HatchName;
  strong?: boolean;
  /** On one line, cut where there is no room. */ short?: boolean;
}) {
  return (
    <Named $strong={strong} $short={!!short} title={short ? name : undefined}>
      <Hatch name={hatch} />
      <span>{name}</span>
    </Named>
  );
}

const Named = styled.span<{ $strong: boolean; $short: boolean }>`
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-width: 0;
  font-weight: ${(p) => (p.$strong ? 700 : 400)};
  & > span {
    ${(p) => (p.$short ? 'white-space: nowrap; overflow: hidden; text-overflow: ellipsis;' : 'overflow-wrap: break-word; min-width: 0; hyphens: auto;')}
  }
`;

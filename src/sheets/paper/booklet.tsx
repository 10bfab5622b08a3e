'use client';
/** A booklet to cut and fold: flaps on the left half, what is under each on the right. */
import styled from 'styled-components';
import { foldFor, HALF, HEIGHT } from '@/core/ladder/fold';

export function Booklet({ count: flaps, ruled, words }: { count: number; ruled: number; words: string[] }) {
  const { tops, lines } = foldFor(flaps, ruled);
  return (
    <>
      <How>
        Cut out along the outer line. Fold the left half over the right on the dotted line. Cut the dashes, up
        to the fold.
      </How>
      <svg
        viewBox={`-1 -1 ${2 * HALF + 2} ${HEIGHT + 2}`}
        width={`${2 * HALF + 2}mm`}
        style={{ maxWidth: '100%', height: 'auto' }}
        role="img"
        aria-label={`A booklet of ${flaps} ${flaps === 1 ? 'flap' : 'flaps'} to cut and fold`}
      >
        <rect width={2 * HALF} height={HEIGHT} fill="none" stroke="#000" strokeWidth="0.6" />
        <line
          x1={HALF}
          x2={HALF}
          y1="0"
          y2={HEIGHT}
          stroke="#000"
          strokeWidth="0.5"
          strokeDasharray="0.5 2"
        />
        {tops.map((top, i) => (
          <g key={top}>
            {i ? (
              <line
                x1="0"
                x2={HALF}
                y1={top}
                y2={top}
                stroke="#000"
                strokeWidth="0.5"
                strokeDasharray="3 2"
              />
            ) : null}
            {i ? <line x1={HALF} x2={2 * HALF} y1={top} y2={top} stroke="#000" strokeWidth="0.2" /> : null}
            <text x="4" y={top + 8} fontSize="6">
              {i + 1} {words[i] ?? ''}
            </text>
            {lines.map((line) => (
              <line
                key={line}
                x1={HALF + 5}
                x2={2 * HALF - 5}
                y1={top + line}
                y2={top + line}
                stroke="#000"
                strokeWidth="0.25"
              />
            ))}
          </g>
        ))}
      </svg>
    </>
  );
}

const How = styled.p`
  font-size: 15px;
`;

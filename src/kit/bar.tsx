'use client';
/** How much of a limit is taken. */
import styled from 'styled-components';
import { colour, filled, forcedColours } from './tokens';

export function Bar({
  taken,
  limit,
  fill,
  message,
}: {
  taken: number;
  limit: number;
  fill: string;
  message: string;
}) {
  const over = taken > limit;
  return (
    <Track role="img" aria-label={message} title={message}>
      <Taken
        style={{
          width: `${limit > 0 ? Math.min(100, (100 * taken) / limit) : 100}%`,
          background: over ? colour.red : fill,
        }}
      />
    </Track>
  );
}

const Track = styled.div`
  height: 4px;
  background: ${colour.pressed};
  margin-top: 7px;
  ${forcedColours} {
    outline: 1px solid CanvasText;
  }
  flex: none;
  print-color-adjust: exact;
`;
const Taken = styled.div`
  height: 4px;
  ${forcedColours} {
    ${filled}
  }
  print-color-adjust: exact;
`;

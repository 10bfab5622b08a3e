'use client';
/** A room: an activity on the plan. Pencil is a thin grey dashed line, ink a firm blue-black one. */
import styled, { css } from 'styled-components';
import { colour, paper } from './tokens';

export type RoomState = 'pencil' | 'ink' | 'done';

export const roomLines = css<{ $state: RoomState }>`
  background: ${(p) => (p.$state === 'done' ? colour.done : colour.room)};
  border: ${(p) => (p.$state === 'pencil' ? `1.4px dashed ${colour.pencil}` : `2px solid ${colour.ink}`)};
  border-radius: 0;
  ${paper} {
    background: none;
    print-color-adjust: exact;
    break-inside: avoid;
  }
`;

export const Room = styled.div<{ $state: RoomState }>`
  ${roomLines}
  position: relative;
  padding: 7px 9px;
  min-width: 0;
  overflow-wrap: anywhere;
`;

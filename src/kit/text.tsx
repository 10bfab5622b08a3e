'use client';
/** The few sizes of text. */
import styled from 'styled-components';
import { colour, face } from './tokens';

export const SheetTitle = styled.h1`
  font: 700 28px/1.1 ${face.title};
  letter-spacing: -0.01em;
  overflow-wrap: anywhere;
`;
export const Heading = styled.h2`
  font-size: 15px;
  font-weight: 700;
  line-height: 1.3;
`;
export const WorkTitle = styled.h3`
  font: 600 16.5px/1.2 ${face.title};
  overflow-wrap: anywhere;
`;
export const Quiet = styled.p`
  font-size: 13px;
  color: ${colour.graphite};
  line-height: 1.4;
`;
export const Small = styled.span`
  font-size: 12.5px;
  color: ${colour.graphite};
`;
export const Caution = styled.p`
  font-size: 13.5px;
  font-weight: 600;
  color: ${colour.red};
`;
export const Hidden = styled.span`
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
  white-space: nowrap;
`;

/** A titled column of rows, ruled off at the top, as at the right of a sheet. */
export const Column = styled.section`
  display: flex;
  flex-direction: column;
  min-width: 0;
  & > header {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    gap: 8px;
    border-bottom: 1.5px solid ${colour.ink};
    padding-bottom: 4px;
  }
  & + & {
    margin-top: 22px;
  }
`;
export const Line = styled.div`
  padding: 8px 0;
  border-bottom: 1px solid ${colour.rule};
  display: flex;
  gap: 8px;
  align-items: baseline;
  justify-content: space-between;
`;
/** What may be wider than its place: it is moved sideways in it, also by keys. */
export const Across = styled.div`
  overflow-x: auto;
  min-width: 0;
`;

'use client';
/** The lines, blocks and rooms the year is drawn with. */
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import { roomLines } from '@/kit/room';
import { colour, face, filled, forcedColours, narrow, paper } from '@/kit/tokens';
/** Height of a row of rooms, in px. */
export const ROW = 72;

export const Strip = styled.div`
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  gap: 0 8px;
  margin-bottom: 22px;
  ${narrow} {
    overflow-x: auto;
    grid-template-columns: 92px minmax(640px, 1fr);
  }
`;
export const Months = styled.div`
  position: relative;
  height: 20px;
  overflow: hidden;
  font-weight: 600;
  font-size: 12.5px;
  span {
    position: absolute;
    border-left: 1.5px solid ${colour.ink};
    padding-left: 4px;
    white-space: nowrap;
  }
`;
export const Names = styled.div`
  padding-top: 26px;
  display: flex;
  flex-direction: column;
  b {
    overflow: hidden;
    overflow-wrap: anywhere;
    line-height: 1.25;
    padding-top: 6px;
    font-size: 13.5px;
  }
`;
export const Field = styled.div`
  position: relative;
  border-bottom: 2px solid ${colour.ink};
  padding: 26px 0 6px;
`;
export const Block = styled.div`
  position: absolute;
  top: 0;
  bottom: 0;
  border: 2px solid ${colour.ink};
  border-bottom: 0;
  background: ${colour.sheet};
  font-size: 12.5px;
  font-weight: 600;
  color: ${colour.graphite};
  padding: 3px 6px;
  overflow: hidden;
  white-space: nowrap;
`;
export const Week = styled.div`
  position: absolute;
  top: 24px;
  bottom: 0;
  border-left: 1px solid ${colour.rule};
  pointer-events: none;
`;
export const Off = styled.div`
  position: absolute;
  top: 24px;
  bottom: 0;
  background: repeating-linear-gradient(135deg, transparent 0 5px, ${colour.rule} 5px 6px);
  pointer-events: none;
`;
export const Over = styled.div`
  position: absolute;
  top: 0;
  bottom: 0;
  border: 3px solid ${colour.ink};
  pointer-events: none;
  z-index: 3;
`;
export const Place = styled.div`
  position: absolute;
  top: 3px;
  height: ${ROW - 8}px;
  cursor: grab;
  z-index: 2;
`;
export const RoomButton = styled(AriaButton)<{ $state: 'pencil' | 'ink' | 'done' }>`
  ${roomLines} ${paper} {
    background: ${colour.field};
  }
  width: 100%;
  height: 100%;
  padding: 3px 7px;
  text-align: left;
  overflow: hidden;
  cursor: grab;
  display: block;
  position: relative;
  b {
    font: 600 14.5px/1.15 ${face.title};
    display: block;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  small {
    font-size: 12px;
    color: ${colour.graphite};
    display: block;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  & > span {
    display: flex;
    gap: 3px;
    position: absolute;
    left: 6px;
    bottom: 6px;
  }
`;
export const Taught = styled.em`
  position: absolute;
  left: 0;
  right: 0;
  bottom: 0;
  height: 4px;
  i {
    position: absolute;
    left: 0;
    top: 0;
    height: 4px;
    print-color-adjust: exact;
  }
`;
export const End = styled.div`
  position: absolute;
  right: -3px;
  top: 0;
  bottom: 0;
  width: 9px;
  cursor: ew-resize;
`;
export const Daily = styled.div`
  position: relative;
  z-index: 1;
  height: 23px;
  margin-bottom: 5px;
  border: 1.5px solid ${colour.ink};
  background: ${colour.room};
  font-size: 12.5px;
  line-height: 19px;
  padding: 0 7px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  b {
    font-weight: 600;
  }
`;
export const Today = styled.div`
  position: absolute;
  top: 0;
  bottom: -6px;
  border-left: 3px solid ${colour.ink};
  pointer-events: none;
  span {
    position: absolute;
    top: 3px;
    left: 4px;
    font-size: 12px;
    font-weight: 700;
    background: ${colour.sheet};
    padding: 0 3px;
  }
`;
export const Days = styled.div`
  display: flex;
  align-items: flex-end;
  height: 37px;
  border-bottom: 1.5px solid ${colour.ink};
  span {
    flex: 1;
    margin-right: 2px;
    display: flex;
    flex-direction: column;
  }
  i {
    print-color-adjust: exact;
    background: ${colour.wash};
    ${forcedColours} {
      border: 1px solid CanvasText;
    }
  }
  i[data-done] {
    background: ${colour.ink};
    ${forcedColours} {
      ${filled}
    }
  }
`;
export const Scale = styled.div`
  display: flex;
  justify-content: space-between;
  font-size: 12.5px;
  color: ${colour.graphite};
  padding-top: 2px;
  b {
    color: ${colour.ink};
  }
`;

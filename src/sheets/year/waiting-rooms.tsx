'use client';
/** What waiting topics are drawn with. */
import styled from 'styled-components';
import { roomLines } from '@/kit/room';
import { colour, face, paper } from '@/kit/tokens';

export const Head = styled.header`
  display: flex;
  justify-content: space-between;
  align-items: end;
  gap: 12px;
  border-bottom: 1.5px solid ${colour.ink};
  padding-bottom: 4px;
  margin-bottom: 10px;
  & > :last-child:not(h2) {
    min-width: 170px;
  }
`;
export const Rooms = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 8px;
`;
export const TopicBox = styled.div<{ $state: 'pencil' }>`
  ${roomLines} padding: 7px 10px;
  cursor: grab;
  display: grid;
  gap: 2px;
  align-content: start;
  & > a {
    font: 600 15.5px/1.2 ${face.title};
    overflow-wrap: anywhere;
  }
`;
export const Doings = styled.div`
  display: flex;
  justify-content: space-between;
  gap: 8px;
  align-items: center;
  flex-wrap: wrap;
  label {
    font-size: 13px;
  }
`;
export const Add = styled.form`
  display: grid;
  grid-template-columns: minmax(0, 280px) auto;
  justify-content: start;
  gap: 10px;
  align-items: end;
  margin-top: 10px;
  ${paper} {
    display: none;
  }
`;

'use client';
/** The rows of the outline. */
import styled from 'styled-components';
import { colour, face, narrow } from '@/kit/tokens';

export const columns =
  'grid-template-columns: 30px minmax(150px, 1.1fr) 62px minmax(200px, 2fr) 62px; gap: 10px;';
export const Row = styled.li<{ $chosen: boolean }>`
  border: 2px solid ${(p) => (p.$chosen ? colour.ink : 'transparent')};
  background: ${(p) => (p.$chosen ? colour.room : 'none')};
  & > button {
    display: grid;
    ${columns} width: 100%;
    align-items: center;
    background: none;
    border: 0;
    padding: 5px 4px;
    min-height: 42px;
    text-align: left;
    cursor: pointer;
  }
  ${narrow} {
    & > button {
      grid-template-columns: 26px minmax(0, 1fr) auto;
    }
    & > button > :nth-child(3),
    & > button > :nth-child(4) {
      display: none;
    }
  }
`;
export const Number = styled.b`
  text-align: right;
`;
export const Title = styled.span`
  font: 600 16px/1.2 ${face.title};
  overflow-wrap: anywhere;
  & > * {
    display: block;
    font-family: ${face.work};
    font-weight: 400;
  }
  & > small {
    font-weight: 600;
  }
`;
export const Pages = styled.span`
  font-size: 13px;
  color: ${colour.graphite};
`;
export const All = styled.span`
  text-align: right;
  font-size: 13px;
  color: ${colour.graphite};
`;
export const TypeBox = styled.input`
  width: calc(100% - 46px);
  margin: 5px 4px 5px 40px;
  padding: 5px 8px;
  border: 1.5px solid ${colour.ink};
  background: ${colour.room};
  font: 600 16px/1.3 ${face.title};
`;

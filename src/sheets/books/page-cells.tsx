'use client';
/** The cells and margins of the sheet of pages. */
import styled from 'styled-components';
import { PlainButton } from '@/kit/button';
import { colour, face } from '@/kit/tokens';

export const Scroll = styled.div`
  overflow-x: auto;
  margin-top: 8px;
  padding: 3px;
`;
export const Grid = styled.table`
  border-collapse: separate;
  border-spacing: 1px 3px;
  width: 100%;
  thead th {
    font-size: 13px;
    padding-bottom: 2px;
    min-width: 36px;
  }
  tbody th {
    text-align: left;
    font-weight: 400;
    padding-right: 6px;
    min-width: 150px;
    max-width: 200px;
    display: flex;
    gap: 7px;
    align-items: stretch;
  }
  tbody th b {
    font: 600 14.5px/1.15 ${face.title};
    display: block;
    overflow-wrap: anywhere;
  }
  small {
    font-size: 12px;
    white-space: nowrap;
    display: flex;
    gap: 5px;
    align-items: center;
  }
`;
export const Mark = styled.span`
  width: 7px;
  flex: none;
  print-color-adjust: exact;
`;
export const Cell = styled.td<{ $used: boolean; $cloth: string }>`
  height: 31px;
  padding: 0 1px;
  font-size: 12px;
  letter-spacing: -0.02em;
  text-align: center;
  cursor: cell;
  white-space: nowrap;
  background: ${(p) => (p.$used ? colour.room : 'transparent')};
  border: ${(p) => (p.$used ? `2px solid ${colour.ink}` : `1px solid ${colour.rule}`)};
  ${(p) => (p.$used ? `border-bottom: 5px solid ${p.$cloth};` : '')}
  &[aria-selected='true'] {
    background: ${colour.wash};
  }
  &:focus-visible {
    outline: 2.5px solid ${colour.ink};
    outline-offset: 0;
  }
`;
export const Typing = styled.input`
  width: 100%;
  min-width: 58px;
  height: 31px;
  border: 2px solid ${colour.ink};
  background: ${colour.room};
  font-size: 12.5px;
  padding: 0 3px;
  &[aria-invalid='true'] {
    border-color: ${colour.red};
  }
`;
export const Sums = styled.tr`
  && th {
    display: table-cell;
    font-size: 12.5px;
    color: ${colour.graphite};
  }
  td {
    font-size: 12.5px;
    text-align: center;
    color: ${colour.graphite};
    height: 20px;
  }
  td[data-over='true'] {
    color: ${colour.red};
    font-weight: 700;
  }
`;
export const Named = styled.span`
  display: flex;
  gap: 5px;
  align-items: center;
  white-space: nowrap;
`;
export const Thin = styled(PlainButton)`
  color: ${colour.red};
  font-size: 12px;
  line-height: 1.1;
  font-weight: 700;
  border: 1.5px solid ${colour.red};
  padding: 1px 2px;
  text-decoration: none;
  span {
    display: block;
    font-weight: 400;
  }
`;

'use client';
/** What pictures of figures have in common: their axes, how they lie side by side, and the table that stands beside each. */
import styled from 'styled-components';
import { colour, middling } from './tokens';

/** How an axis is drawn. */
export const AXIS = {
  tick: { fontSize: 12, fill: colour.graphite },
  tickLine: false,
  stroke: colour.ink,
} as const;

/** Small pictures side by side, each with its caption. */
export const Pictures = styled.div`
  display: grid;
  gap: 14px 22px;
  grid-template-columns: repeat(auto-fill, minmax(min(300px, 100%), 1fr));
  figure {
    margin: 0;
    min-width: 0;
  }
  figcaption {
    font-size: 13px;
    display: flex;
    gap: 6px;
    align-items: center;
    margin-bottom: 2px;
  }
`;

/** The same figures as a table. */
export const Figures = styled.table`
  border-collapse: collapse;
  font-size: 13px;
  margin: 8px 0 14px;
  caption {
    text-align: left;
    padding-bottom: 4px;
    color: ${colour.graphite};
  }
  th,
  td {
    text-align: right;
    padding: 3px 14px 3px 0;
    border-bottom: 1px solid ${colour.rule};
    font-variant-numeric: tabular-nums;
    vertical-align: baseline;
  }
  th:first-child,
  th[data-words],
  td[data-words] {
    text-align: left;
  }
  caption {
    white-space: nowrap;
  }
`;

/** Pictures with their table beside them, under a title. */
export const Shown = styled.section`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 10px 30px;
  align-items: start;
  margin-bottom: 22px;
  & > :first-child {
    grid-column: 1 / -1;
  }
  & > ${Figures} {
    margin: 0;
  }
  ${middling} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

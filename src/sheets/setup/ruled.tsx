'use client';
/** A heading with a rule under it. */
import styled from 'styled-components';
import { Heading } from '@/kit/text';
import { colour } from '@/kit/tokens';

export const Ruled = styled(Heading)`
  border-bottom: 1.5px solid ${colour.ink};
  padding-bottom: 4px;
  margin-bottom: 12px;
`;

/** People with what is said of each and what can be done. */
export const Rows = styled.ul`
  margin-bottom: 12px;
  li {
    display: grid;
    grid-template-columns: minmax(110px, 170px) minmax(0, 1fr) auto;
    gap: 12px;
    align-items: center;
    padding: 7px 0;
    border-bottom: 1px solid ${colour.rule};
  }
  li > span:last-child {
    display: flex;
    gap: 10px;
    flex-wrap: wrap;
  }
`;

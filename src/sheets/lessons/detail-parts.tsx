'use client';
/** What the detail of a lesson is drawn with. */
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import { colour } from '@/kit/tokens';

export const Facts = styled.div`
  padding: 6px 0;
  display: grid;
  gap: 3px;
  font-size: 13.5px;
  ul {
    margin-top: 2px;
  }
  li {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    align-items: baseline;
  }
`;
export const Doings = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
`;
export const Parts = styled.ul`
  margin-bottom: 12px;
  & > li {
    border-bottom: 1px solid ${colour.rule};
    padding: 3px 0 6px;
  }
`;
export const PartButton = styled(AriaButton)`
  background: none;
  border: 0;
  width: 100%;
  padding: 4px 0;
  text-align: left;
  cursor: pointer;
  display: grid;
  b {
    font-weight: 600;
  }
`;
export const Directions = styled.p`
  font-size: 13px;
  white-space: pre-line;
  overflow-wrap: anywhere;
  display: -webkit-box;
  -webkit-line-clamp: 4;
  -webkit-box-orient: vertical;
  overflow: hidden;
`;
export const Of = styled.div`
  padding: 6px 0;
  display: grid;
  gap: 4px;
`;

'use client';
/** A heading that opens what is seldom needed. */
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { colour } from './tokens';

export function Fold({
  title,
  message,
  open,
  children,
}: {
  title: string;
  /** What is in it, while it is closed. */ message?: string;
  open?: boolean;
  children: ReactNode;
}) {
  return (
    <Details open={open}>
      <summary>
        <b>{title}</b>
        {message ? <span>{message}</span> : null}
      </summary>
      <div>{children}</div>
    </Details>
  );
}

const Details = styled.details`
  border-top: 1px solid ${colour.rule};
  min-width: 0;
  & > summary {
    cursor: pointer;
    padding: 8px 0;
    display: flex;
    gap: 10px;
    align-items: baseline;
    list-style-position: inside;
  }
  & > summary::before {
    content: '▸';
    font-size: 12px;
  }
  &[open] > summary::before {
    content: '▾';
  }
  & > summary::-webkit-details-marker {
    display: none;
  }
  & > summary > span {
    color: ${colour.graphite};
    font-size: 13px;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  & > div {
    padding: 2px 0 12px;
    display: grid;
    gap: 14px;
  }
`;

'use client';
/** A heading that opens what is seldom needed. */
import { useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { colour } from './tokens';

export function Fold({
  title,
  message,
  open = false,
  late = false,
  children,
}: {
  title: string;
  /** What is in it, while it is closed. */ message?: string;
  open?: boolean;
  /** Whether what is in it is made only once it is opened: a picture costs a moment that most never ask for. */ late?: boolean;
  children: ReactNode;
}) {
  const [seen, setSeen] = useState(open || !late);
  return (
    <Details open={open} onToggle={(e) => setSeen(seen || e.currentTarget.open)}>
      <summary>
        <b>{title}</b>
        {message ? <span>{message}</span> : null}
      </summary>
      <div>{seen ? children : null}</div>
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

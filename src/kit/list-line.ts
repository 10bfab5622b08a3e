/** A line of a list that opens from a button: of a menu, of a choice. */
import type { ReactNode } from 'react';
import { css } from 'styled-components';
import { colour } from './tokens';

/** What can be done, in a menu. */
export interface Doing {
  name: string;
  /** The key that does the same. */
  keys?: string;
  isDisabled?: boolean;
  do: () => void;
}

export interface DoingGroup {
  title: string;
  doings: Doing[];
}

/** One of the values of a choice. */
export interface Choice<V extends string> {
  value: V;
  name: string;
  mark?: ReactNode;
}

export const optionLook = css`
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 6px 10px;
  cursor: pointer;
  outline: none;
  min-height: 32px;
  &[data-focused],
  &[data-hovered] {
    background: ${colour.ink};
    color: ${colour.sheet};
  }
  &[data-selected] {
    font-weight: 700;
  }
  &[data-disabled] {
    color: ${colour.graphite};
    cursor: default;
  }
`;

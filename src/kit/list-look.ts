import { css } from 'styled-components';
import { colour } from './tokens';

/** A line of a list that opens from a button: of a menu, of a choice. */
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

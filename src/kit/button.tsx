'use client';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled, { css } from 'styled-components';
import { colour, hover, paper } from './tokens';

export const buttonLook = css<{ $primary?: boolean }>`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: 6px;
  min-height: 32px;
  padding: 4px 13px;
  cursor: pointer;
  text-decoration: none;
  font-weight: 700;
  font-size: 13.5px;
  line-height: 1.2;
  white-space: nowrap;
  border: 1.5px solid ${colour.ink};
  border-radius: 2px;
  transition: background 120ms;
  background: ${(p) => (p.$primary ? colour.ink : colour.sheet)};
  color: ${(p) => (p.$primary ? colour.sheet : colour.ink)};
  ${hover} {
    &:hover {
      background: ${(p) => (p.$primary ? colour.hoverInk : colour.field)};
    }
  }
  &[data-pressed],
  &:active {
    background: ${(p) => (p.$primary ? colour.pressedInk : colour.pressed)};
  }
  &[data-disabled],
  &:disabled {
    opacity: 0.5;
    cursor: default;
  }
  ${paper} {
    display: none;
  }
`;

/** A button; its words are a verb. */
export const Button = styled(AriaButton)<{ $primary?: boolean }>`
  ${buttonLook}
`;

/** A button that is only words, for small doings beside a line. */
export const PlainButton = styled(AriaButton)`
  background: none;
  border: 0;
  padding: 2px 3px;
  min-height: 24px;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
  text-decoration-thickness: 1px;
  font-size: 13px;
  text-align: left;
  ${hover} {
    &:hover {
      text-decoration-thickness: 2px;
    }
  }
  &[data-disabled] {
    opacity: 0.5;
    cursor: default;
  }
  ${paper} {
    display: none;
  }
`;

'use client';
/** A choice among a few, as a box with a list. */
import { fieldLook, boxLook, Help, Wrong, type Common } from './field-look';
import type { ReactNode } from 'react';
import { Label } from 'react-aria-components/Label';
import { ListBox, ListBoxItem } from 'react-aria-components/ListBox';
import { Popover } from 'react-aria-components/Popover';
import { Select, SelectValue } from 'react-aria-components/Select';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled, { css } from 'styled-components';
import { colour } from './tokens';

export interface Choice<V extends string> {
  value: V;
  name: string;
  mark?: ReactNode;
}

export function Choose<V extends string>({
  label,
  error,
  help,
  value,
  onChange,
  choices,
}: Common & { value: V; onChange: (value: V) => void; choices: readonly Choice<V>[] }) {
  return (
    <ChooseFrame
      value={value}
      onChange={(key) => onChange(key as V)}
      isInvalid={!!error}
      validationBehavior="aria"
    >
      <Label>{label}</Label>
      <ChooseBox>
        <SelectValue />
        <span aria-hidden="true">▾</span>
      </ChooseBox>
      {help ? <Help slot="description">{help}</Help> : null}
      <Wrong>{error}</Wrong>
      <ListFrame>
        <ListBox>
          {choices.map((c) => (
            <Option key={c.value} id={c.value} textValue={c.name}>
              {c.mark}
              <span>{c.name}</span>
            </Option>
          ))}
        </ListBox>
      </ListFrame>
    </ChooseFrame>
  );
}

const ChooseFrame = styled(Select)`
  ${fieldLook}
`;
const ChooseBox = styled(AriaButton)`
  ${boxLook} display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  text-align: left;
  cursor: pointer;
  & > :first-child {
    display: flex;
    gap: 6px;
    align-items: center;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
  }
`;
export const ListFrame = styled(Popover)`
  background: ${colour.room};
  border: 2px solid ${colour.ink};
  min-width: var(--trigger-width);
  max-height: 320px;
  overflow: auto;
  padding: 3px;
  z-index: 50;
`;
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
const Option = styled(ListBoxItem)`
  ${optionLook}
`;

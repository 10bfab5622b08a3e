'use client';
/** A choice among a few, as a box from which a list opens. */
import { useId } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import { boxLook, Faulty, fieldLook, Help, type Common } from './field-look';
import { later } from './later';
import type { Choice } from './list-line';
import type { ChoiceListProps } from './opened-list';
import { useOpened } from './use-opened';

const [ChoiceList] = later<ChoiceListProps>(() => import('./opened-list').then((m) => m.ChoiceList));

export function Choose<V extends string>({
  label,
  error,
  help,
  value,
  onChange,
  choices,
}: Common & { value: V; onChange: (value: V) => void; choices: readonly Choice<V>[] }) {
  const { isOpen, from, close, button } = useOpened('listbox');
  const id = useId();
  const chosen = choices.find((c) => c.value === value);
  const described = [help ? `${id}-help` : '', error ? `${id}-wrong` : ''].filter(Boolean).join(' ');
  return (
    <ChooseFrame>
      <span id={`${id}-label`}>{label}</span>
      <ChooseBox
        {...button}
        aria-labelledby={`${id}-value ${id}-label`}
        aria-describedby={described || undefined}
      >
        <span id={`${id}-value`}>
          {chosen?.mark}
          <span>{chosen?.name}</span>
        </span>
        <span aria-hidden="true">▾</span>
      </ChooseBox>
      {help ? <Help id={`${id}-help`}>{help}</Help> : null}
      {error ? <Faulty id={`${id}-wrong`}>{error}</Faulty> : null}
      {isOpen ? (
        <ChoiceList
          label={label}
          value={value}
          choices={choices}
          from={from}
          onChoose={(to) => onChange(to as V)}
          onClose={close}
        />
      ) : null}
    </ChooseFrame>
  );
}

const ChooseFrame = styled.div`
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

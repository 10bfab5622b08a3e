'use client';
/** Fields: a label, a place to write, a word of help, and what is wrong. */
import type { ReactNode } from 'react';
import { Checkbox as AriaCheckbox } from 'react-aria-components/Checkbox';
import { FieldError } from 'react-aria-components/FieldError';
import { Input } from 'react-aria-components/Input';
import { Label } from 'react-aria-components/Label';
import { ListBox, ListBoxItem } from 'react-aria-components/ListBox';
import { NumberField as AriaNumberField } from 'react-aria-components/NumberField';
import { Popover } from 'react-aria-components/Popover';
import { Select, SelectValue } from 'react-aria-components/Select';
import { Button as AriaButton } from 'react-aria-components/Button';
import { Text } from 'react-aria-components/Text';
import { TextArea as AriaTextArea } from 'react-aria-components/TextArea';
import { TextField as AriaTextField } from 'react-aria-components/TextField';
import styled, { css } from 'styled-components';
import { colour } from './tokens';

export const fieldLook = css`
  display: flex; flex-direction: column; gap: 3px; min-width: 0;
  & > label, & > legend, & > span:first-child { font-size: 13px; font-weight: 600; }
`;
export const boxLook = css`
  background: ${colour.room}; border: 1.5px solid ${colour.ink}; border-radius: 0; padding: 5px 8px; min-height: 36px; width: 100%;
  &[data-invalid] { border-color: ${colour.red}; border-width: 2px; }
  &::placeholder { color: ${colour.graphite}; }
`;
const Box = styled(Input)`${boxLook}`;
const BigBox = styled(AriaTextArea)`${boxLook} resize: vertical; line-height: 1.45;`;
const TextFrame = styled(AriaTextField)`${fieldLook}`;
const NumberFrame = styled(AriaNumberField)`${fieldLook}`;
export const Help = styled(Text)`font-size: 12.5px; color: ${colour.graphite};`;
export const Wrong = styled(FieldError)`font-size: 13px; font-weight: 600; color: ${colour.red};`;

interface Common {
  label: string;
  help?: string;
  /** What is wrong with what is written; empty when nothing is. */
  error?: string;
  isRequired?: boolean;
}

export function TextField({ label, help, error, value, onChange, rows, autoFocus, placeholder, ...rest }: Common & { value: string; onChange: (value: string) => void; rows?: number; autoFocus?: boolean; placeholder?: string }) {
  return (
    <TextFrame {...rest} value={value} onChange={onChange} isInvalid={!!error} validationBehavior="aria" autoFocus={autoFocus}>
      <Label>{label}</Label>
      {rows ? <BigBox rows={rows} placeholder={placeholder} /> : <Box placeholder={placeholder} />}
      {help ? <Help slot="description">{help}</Help> : null}
      <Wrong>{error}</Wrong>
    </TextFrame>
  );
}

/** A whole number with its unit in the label; null while nothing is written. */
export function NumberField({ label, help, error, value, onChange, min, max, ...rest }: Common & { value: number | null; onChange: (value: number | null) => void; min?: number; max?: number }) {
  return (
    <NumberFrame {...rest} value={value ?? NaN} onChange={(v) => onChange(Number.isNaN(v) ? null : v)} minValue={min} maxValue={max} isInvalid={!!error} validationBehavior="aria" formatOptions={{ useGrouping: false, maximumFractionDigits: 0 }}>
      <Label>{label}</Label>
      <Box />
      {help ? <Help slot="description">{help}</Help> : null}
      <Wrong>{error}</Wrong>
    </NumberFrame>
  );
}

export interface Choice<V extends string> {
  value: V;
  name: string;
  mark?: ReactNode;
}

export function Choose<V extends string>({ label, error, help, value, onChange, choices }: Common & { value: V; onChange: (value: V) => void; choices: readonly Choice<V>[] }) {
  return (
    <ChooseFrame value={value} onChange={(key) => onChange(key as V)} isInvalid={!!error} validationBehavior="aria">
      <Label>{label}</Label>
      <ChooseBox><SelectValue /><span aria-hidden="true">▾</span></ChooseBox>
      {help ? <Help slot="description">{help}</Help> : null}
      <Wrong>{error}</Wrong>
      <ListFrame>
        <ListBox>
          {choices.map((c) => <Option key={c.value} id={c.value} textValue={c.name}>{c.mark}<span>{c.name}</span></Option>)}
        </ListBox>
      </ListFrame>
    </ChooseFrame>
  );
}

const ChooseFrame = styled(Select)`${fieldLook}`;
const ChooseBox = styled(AriaButton)`
  ${boxLook} display: flex; justify-content: space-between; align-items: center; gap: 8px; text-align: left; cursor: pointer;
  & > :first-child { display: flex; gap: 6px; align-items: center; min-width: 0; overflow: hidden; text-overflow: ellipsis; }
`;
export const ListFrame = styled(Popover)`
  background: ${colour.room}; border: 2px solid ${colour.ink}; min-width: var(--trigger-width); max-height: 320px; overflow: auto; padding: 3px; z-index: 50;
`;
export const optionLook = css`
  display: flex; gap: 8px; align-items: center; padding: 6px 10px; cursor: pointer; outline: none; min-height: 32px;
  &[data-focused], &[data-hovered] { background: ${colour.ink}; color: ${colour.sheet}; }
  &[data-selected] { font-weight: 700; }
  &[data-disabled] { color: ${colour.graphite}; cursor: default; }
`;
const Option = styled(ListBoxItem)`${optionLook}`;

export function Checkbox({ children, isSelected, onChange, isDisabled, label }: { children?: ReactNode; isSelected: boolean; onChange: (on: boolean) => void; isDisabled?: boolean; /** Said when there are no words beside it. */ label?: string }) {
  return (
    <Check isSelected={isSelected} onChange={onChange} isDisabled={isDisabled} aria-label={label}>
      {({ isSelected: on }) => (
        <>
          <CheckBox data-on={on || undefined}>
            <svg viewBox="0 0 16 16" width="14" height="14" aria-hidden="true"><path d="M2.5 8.5 6.5 12.5 13.5 3.5" fill="none" stroke="currentColor" strokeWidth="2.4" visibility={on ? 'visible' : 'hidden'} /></svg>
          </CheckBox>
          {children ? <span>{children}</span> : null}
        </>
      )}
    </Check>
  );
}

const Check = styled(AriaCheckbox)`display: inline-flex; gap: 8px; align-items: center; cursor: pointer; min-height: 26px; &[data-disabled] { cursor: default; color: ${colour.graphite}; }`;
const CheckBox = styled.span`
  width: 18px; height: 18px; flex: none; display: grid; place-items: center; border: 1.5px solid ${colour.ink}; background: ${colour.room}; color: ${colour.ink};
`;

/** Fields side by side while there is room. */
export const FieldRow = styled.div`display: grid; gap: 14px; grid-template-columns: repeat(auto-fit, minmax(140px, 1fr)); align-items: start;`;
export const FieldStack = styled.div`display: grid; gap: 14px; align-content: start;`;
export const Several = styled.fieldset`border: 0; padding: 0; margin: 0; display: flex; flex-wrap: wrap; gap: 4px 16px; & > legend { font-size: 13px; font-weight: 600; padding: 0; margin-bottom: 3px; }`;

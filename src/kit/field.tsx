'use client';
/** Fields: a label, a place to write, a word of help, and what is wrong. */
import { useRef, type ComponentProps, type ReactNode } from 'react';
import { useTextField } from 'react-aria/useTextField';
import { Checkbox as AriaCheckbox } from 'react-aria-components/Checkbox';
import { Label } from 'react-aria-components/Label';
import styled from 'styled-components';
import { colour } from './tokens';
import { BigBox, Box, Faulty, Help, NumberFrame, TextBox, TextFrame, Wrong, type Common } from './field-look';

export function TextField({
  label,
  help,
  error,
  value,
  onChange,
  rows,
  autoFocus,
  placeholder,
  ...rest
}: Common & {
  value: string;
  onChange: (value: string) => void;
  rows?: number;
  autoFocus?: boolean;
  placeholder?: string;
}) {
  const box = useRef<HTMLInputElement & HTMLTextAreaElement>(null);
  const { labelProps, inputProps, descriptionProps, errorMessageProps } = useTextField(
    {
      ...rest,
      label,
      description: help,
      errorMessage: error,
      isInvalid: !!error,
      validationBehavior: 'aria',
      inputElementType: rows ? 'textarea' : 'input',
      value,
      onChange,
      autoFocus,
      placeholder,
    },
    box,
  );
  const about = { ...inputProps, ref: box, 'data-invalid': error ? true : undefined };
  return (
    <TextFrame>
      <label {...labelProps}>{label}</label>
      {rows ? (
        <BigBox {...(about as ComponentProps<'textarea'>)} rows={rows} />
      ) : (
        <TextBox {...(about as ComponentProps<'input'>)} />
      )}
      {help ? <Help {...descriptionProps}>{help}</Help> : null}
      {error ? <Faulty {...errorMessageProps}>{error}</Faulty> : null}
    </TextFrame>
  );
}

/** A whole number with its unit in the label; null while nothing is written. */
export function NumberField({
  label,
  help,
  error,
  value,
  onChange,
  min,
  max,
  ...rest
}: Common & {
  value: number | null;
  onChange: (value: number | null) => void;
  min?: number;
  max?: number;
  autoFocus?: boolean;
}) {
  return (
    <NumberFrame
      {...rest}
      value={value ?? NaN}
      onChange={(v) => onChange(Number.isNaN(v) ? null : v)}
      minValue={min}
      maxValue={max}
      isInvalid={!!error}
      validationBehavior="aria"
      formatOptions={{ useGrouping: false, maximumFractionDigits: 0 }}
    >
      <Label>{label}</Label>
      <Box />
      {help ? <Help slot="description">{help}</Help> : null}
      <Wrong>{error}</Wrong>
    </NumberFrame>
  );
}

export function Checkbox({
  children,
  isSelected,
  onChange,
  isDisabled,
  label,
}: {
  children?: ReactNode;
  isSelected: boolean;
  onChange: (on: boolean) => void;
  isDisabled?: boolean;
  /** Said when there are no words beside it. */ label?: string;
}) {
  return (
    <Check isSelected={isSelected} onChange={onChange} isDisabled={isDisabled} aria-label={label}>
      {({ isSelected: on }) => (
        <>
          <CheckBox data-on={on || undefined}>
            <svg viewBox="0 0 16 16" width="14" height="14" aria-hidden="true">
              <path
                d="M2.5 8.5 6.5 12.5 13.5 3.5"
                fill="none"
                stroke="currentColor"
                strokeWidth="2.4"
                visibility={on ? 'visible' : 'hidden'}
              />
            </svg>
          </CheckBox>
          {children ? <span>{children}</span> : null}
        </>
      )}
    </Check>
  );
}

const Check = styled(AriaCheckbox)`
  display: inline-flex;
  gap: 8px;
  align-items: center;
  cursor: pointer;
  min-height: 26px;
  &[data-disabled] {
    cursor: default;
    color: ${colour.graphite};
  }
`;
const CheckBox = styled.span`
  width: 18px;
  height: 18px;
  flex: none;
  display: grid;
  place-items: center;
  border: 1.5px solid ${colour.ink};
  background: ${colour.room};
  color: ${colour.ink};
`;

/** Fields side by side while there is room. */
export const FieldRow = styled.div`
  display: grid;
  gap: 14px;
  grid-template-columns: repeat(auto-fit, minmax(140px, 1fr));
  align-items: start;
`;
export const FieldStack = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
  align-content: start;
`;
export const Several = styled.fieldset`
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  & > legend {
    font-size: 13px;
    font-weight: 600;
    padding: 0;
    margin-bottom: 3px;
  }
`;

/** Two fields side by side; one below the other where there is no room. */
export const Two = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 14px;
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

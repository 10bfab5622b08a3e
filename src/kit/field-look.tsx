'use client';
/** How a field looks: its frame, its box, its help and what is wrong with it. */
import { FieldError } from 'react-aria-components/FieldError';
import { Input } from 'react-aria-components/Input';
import { NumberField as AriaNumberField } from 'react-aria-components/NumberField';
import { Text } from 'react-aria-components/Text';
import styled, { css } from 'styled-components';
import { colour } from './tokens';

export const fieldLook = css`
  display: flex;
  flex-direction: column;
  gap: 3px;
  min-width: 0;
  & > label,
  & > legend,
  & > span:first-child {
    font-size: 13px;
    font-weight: 600;
  }
`;
export const boxLook = css`
  background: ${colour.room};
  border: 1.5px solid ${colour.ink};
  border-radius: 0;
  padding: 5px 8px;
  min-height: 36px;
  width: 100%;
  &[data-invalid] {
    border-color: ${colour.red};
    border-width: 2px;
  }
  &::placeholder {
    color: ${colour.graphite};
  }
`;
export const Box = styled(Input)`
  ${boxLook}
`;
export const TextBox = styled.input`
  ${boxLook}
`;
export const BigBox = styled.textarea`
  ${boxLook} resize: vertical;
  line-height: 1.45;
`;
export const TextFrame = styled.div`
  ${fieldLook}
`;
export const NumberFrame = styled(AriaNumberField)`
  ${fieldLook}
`;
export const Help = styled(Text)`
  font-size: 12.5px;
  color: ${colour.graphite};
`;
const wrongLook = css`
  font-size: 13px;
  font-weight: 600;
  color: ${colour.red};
`;
export const Wrong = styled(FieldError)`
  ${wrongLook}
`;
/** What is wrong, in a field that has no frame of React Aria’s around it. */
export const Faulty = styled.span`
  ${wrongLook}
`;

export interface Common {
  label: string;
  help?: string;
  /** What is wrong with what is written; empty when nothing is. */
  error?: string;
  isRequired?: boolean;
}

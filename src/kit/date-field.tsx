'use client';
/** A calendar date: typed part by part, or picked from a month, which is only loaded when it is asked for. */
import { boxLook, fieldLook, Help, Wrong } from './field-look';
import { parseDate } from '@internationalized/date';
import dynamic from 'next/dynamic';
import { useRef, useState } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import { DateField as AriaDateField, DateInput, DateSegment } from 'react-aria-components/DateField';
import { Label } from 'react-aria-components/Label';
import styled from 'styled-components';

import { colour } from './tokens';

const Month = dynamic(() => import('./month').then((m) => m.Month), { ssr: false });

/** `value` and what `onChange` gives are `YYYY-MM-DD`, or null while the date is not whole. */
export function DateField({
  label,
  help,
  error,
  value,
  onChange,
}: {
  label: string;
  help?: string;
  error?: string;
  value: string | null;
  onChange: (value: string | null) => void;
}) {
  const box = useRef<HTMLDivElement>(null);
  const [picking, setPicking] = useState(false);
  const date = value ? parseDate(value) : null;
  return (
    <Frame
      value={date}
      onChange={(d) => onChange(d ? d.toString() : null)}
      isInvalid={!!error}
      validationBehavior="aria"
    >
      <Label>{label}</Label>
      <Box ref={box}>
        <Segments>{(segment) => <Segment segment={segment} />}</Segments>
        <Open slot={null} aria-label={`${label}: pick from a month`} onPress={() => setPicking(true)}>
          ▾
        </Open>
      </Box>
      {help ? <Help slot="description">{help}</Help> : null}
      <Wrong>{error}</Wrong>
      {picking ? (
        <Month
          label={label}
          value={date}
          anchor={box}
          onPick={(d) => {
            onChange(d.toString());
            setPicking(false);
          }}
          onClose={() => setPicking(false)}
        />
      ) : null}
    </Frame>
  );
}

const Frame = styled(AriaDateField)`
  ${fieldLook}
`;
const Box = styled.div`
  ${boxLook} display: flex;
  align-items: center;
  padding: 0 2px 0 8px;
  height: 36px;
`;
const Segments = styled(DateInput)`
  display: flex;
  flex: 1;
  white-space: nowrap;
`;
const Segment = styled(DateSegment)`
  padding: 1px 1px;
  min-width: 1ch;
  &[data-placeholder] {
    color: ${colour.graphite};
  }
  &[data-focused] {
    background: ${colour.ink};
    color: ${colour.sheet};
    outline: none;
  }
`;
const Open = styled(AriaButton)`
  background: none;
  border: 0;
  cursor: pointer;
  padding: 2px 8px;
  min-height: 28px;
`;

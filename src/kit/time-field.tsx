'use client';
/** A time of day, 0:00 to 23:59, as minutes after midnight. */
import { boxLook, fieldLook, Help, Wrong } from './field-look';
import { Time } from '@internationalized/date';
import { DateInput, DateSegment, TimeField as AriaTimeField } from 'react-aria-components/TimeField';
import { Label } from 'react-aria-components/Label';
import styled from 'styled-components';

import { useCustoms } from './locale';
import { colour } from './tokens';

type Props = { label: string; help?: string; error?: string } & (
  | { value: number; onChange: (value: number) => void; optional?: false }
  | { value: number | null; onChange: (value: number | null) => void; optional: true }
);

export function TimeField({ label, help, error, value, ...props }: Props) {
  const { clock } = useCustoms();
  return (
    <Frame
      value={value === null ? null : new Time(Math.floor(value / 60), value % 60)}
      onChange={(t) => {
        if (t) props.onChange(t.hour * 60 + t.minute);
        else if (props.optional) props.onChange(null);
      }}
      hourCycle={clock}
      isInvalid={!!error}
      validationBehavior="aria"
    >
      <Label>{label}</Label>
      <Box>{(segment) => <Segment segment={segment} />}</Box>
      {help ? <Help slot="description">{help}</Help> : null}
      <Wrong>{error}</Wrong>
    </Frame>
  );
}

const Frame = styled(AriaTimeField)`
  ${fieldLook}
`;
const Box = styled(DateInput)`
  ${boxLook} display: flex;
  align-items: center;
`;
const Segment = styled(DateSegment)`
  padding: 1px;
  &[data-focused] {
    background: ${colour.ink};
    color: ${colour.sheet};
    outline: none;
  }
`;

'use client';
/** A calendar date: typed part by part, or picked from a month. */
import { parseDate } from '@internationalized/date';
import { Button as AriaButton } from 'react-aria-components/Button';
import { Calendar, CalendarCell, CalendarGrid, Heading } from 'react-aria-components/Calendar';
import { DateInput, DateSegment } from 'react-aria-components/DateField';
import { DatePicker } from 'react-aria-components/DatePicker';
import { Dialog } from 'react-aria-components/Dialog';
import { Group } from 'react-aria-components/Group';
import { Label } from 'react-aria-components/Label';
import { Popover } from 'react-aria-components/Popover';
import styled from 'styled-components';
import { boxLook, fieldLook, Help, Wrong } from './field';
import { colour } from './tokens';

/** `value` and what `onChange` gives are `YYYY-MM-DD`, or null while the date is not whole. */
export function DateField({ label, help, error, value, onChange }: { label: string; help?: string; error?: string; value: string | null; onChange: (value: string | null) => void }) {
  return (
    <Frame value={value ? parseDate(value) : null} onChange={(d) => onChange(d ? d.toString() : null)} isInvalid={!!error} validationBehavior="aria" shouldForceLeadingZeros={false}>
      <Label>{label}</Label>
      <Box>
        <Segments>{(segment) => <Segment segment={segment} />}</Segments>
        <Open aria-label="Pick from a month">▾</Open>
      </Box>
      {help ? <Help slot="description">{help}</Help> : null}
      <Wrong>{error}</Wrong>
      <Month>
        <Dialog>
          <Calendar>
            <Turn><AriaButton slot="previous">‹</AriaButton><Heading /><AriaButton slot="next">›</AriaButton></Turn>
            <CalendarGrid weekdayStyle="short">{(date) => <Day date={date} />}</CalendarGrid>
          </Calendar>
        </Dialog>
      </Month>
    </Frame>
  );
}

const Frame = styled(DatePicker)`${fieldLook}`;
const Box = styled(Group)`${boxLook} display: flex; align-items: center; padding: 0 2px 0 8px; height: 36px; &[data-focus-visible] { outline: none; }`;
const Segments = styled(DateInput)`display: flex; flex: 1; white-space: nowrap;`;
const Segment = styled(DateSegment)`
  padding: 1px 1px; min-width: 1ch; &[data-placeholder] { color: ${colour.graphite}; }
  &[data-focused] { background: ${colour.ink}; color: ${colour.sheet}; outline: none; }
`;
const Open = styled(AriaButton)`background: none; border: 0; cursor: pointer; padding: 2px 8px; min-height: 28px;`;
const Month = styled(Popover)`background: ${colour.room}; border: 2px solid ${colour.ink}; padding: 10px; z-index: 50; th { font-size: 12px; font-weight: 600; color: ${colour.graphite}; padding: 4px; }`;
const Turn = styled.header`
  display: flex; justify-content: space-between; align-items: center; margin-bottom: 6px; h2 { font-size: 14.5px; }
  button { background: none; border: 0; font-size: 20px; line-height: 1; padding: 2px 12px; cursor: pointer; }
`;
const Day = styled(CalendarCell)`
  width: 34px; height: 32px; display: grid; place-items: center; cursor: pointer; border: 1.5px solid transparent;
  &[data-outside-month] { visibility: hidden; } &[data-hovered] { border-color: ${colour.pencil}; }
  &[data-selected] { background: ${colour.ink}; color: ${colour.sheet}; } &[data-unavailable], &[data-disabled] { color: ${colour.pencil}; }
`;

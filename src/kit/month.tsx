'use client';
/** A month to pick a date from. */
import type { CalendarDate } from '@internationalized/date';
import type { RefObject } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import { Calendar, CalendarCell, CalendarGrid, Heading } from 'react-aria-components/Calendar';
import { Dialog } from 'react-aria-components/Dialog';
import { Popover } from 'react-aria-components/Popover';
import styled from 'styled-components';
import { useCustoms } from './locale';
import { colour } from './tokens';

const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const;

export function Month({
  label,
  value,
  anchor,
  onPick,
  onClose,
}: {
  label: string;
  value: CalendarDate | null;
  anchor: RefObject<HTMLElement | null>;
  onPick: (date: CalendarDate) => void;
  onClose: () => void;
}) {
  const { weekStarts } = useCustoms();
  return (
    <Frame triggerRef={anchor} isOpen onOpenChange={(open) => !open && onClose()} placement="bottom end">
      <Dialog aria-label={`${label}, a month`}>
        <Calendar
          aria-label={label}
          value={value}
          onChange={onPick}
          firstDayOfWeek={DAYS[weekStarts - 1]}
          autoFocus
        >
          <Turn>
            <AriaButton slot="previous">‹</AriaButton>
            <Heading />
            <AriaButton slot="next">›</AriaButton>
          </Turn>
          <CalendarGrid weekdayStyle="short">{(date) => <Day date={date} />}</CalendarGrid>
        </Calendar>
      </Dialog>
    </Frame>
  );
}

const Frame = styled(Popover)`
  background: ${colour.room};
  border: 2px solid ${colour.ink};
  padding: 10px;
  z-index: 50;
  th {
    font-size: 12px;
    font-weight: 600;
    color: ${colour.graphite};
    padding: 4px;
  }
`;
const Turn = styled.header`
  display: flex;
  justify-content: space-between;
  align-items: center;
  margin-bottom: 6px;
  h2 {
    font-size: 14.5px;
  }
  button {
    background: none;
    border: 0;
    font-size: 20px;
    line-height: 1;
    padding: 2px 12px;
    cursor: pointer;
  }
`;
const Day = styled(CalendarCell)`
  width: 34px;
  height: 32px;
  display: grid;
  place-items: center;
  cursor: pointer;
  border: 1.5px solid transparent;
  &[data-outside-month] {
    visibility: hidden;
  }
  &[data-hovered] {
    border-color: ${colour.pencil};
  }
  &[data-selected] {
    background: ${colour.ink};
    color: ${colour.sheet};
  }
  &[data-unavailable],
  &[data-disabled] {
    color: ${colour.pencil};
  }
`;

'use client';
/** A lesson on several weeks that can be moved, and a day it can be let fall on. */
import type { ReactNode } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import { shortDate } from '@/core/calendar/dates';
import type { DrawnLesson } from '@/core/edit/ways-through';
import { Menu } from '@/kit/menu';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { ink, rubOut } from './actions';
import { useDropOn, useMoves } from './moves';

export function MovableLesson({
  lesson: l,
  date,
  schoolDays,
  children,
}: {
  lesson: DrawnLesson;
  date: string;
  /** Days it can be moved to. */
  schoolDays: readonly string[];
  children: ReactNode;
}) {
  const { act } = useAct();
  const canMove = l.state === 'pencil' && date >= (schoolDays[0] ?? '');
  const { dragProps, isDragging, onKeyDown, steps, near } = useMoves(
    { lessonId: l.id, title: l.title, canMove },
    date,
    schoolDays,
  );
  return (
    <div {...dragProps} onKeyDownCapture={onKeyDown} style={{ opacity: isDragging ? 0.5 : 1 }}>
      <Menu
        label={l.title}
        groups={[
          {
            title: `${STATE[l.state]}, ${shortDate(date)}`,
            doings: [
              ...steps,
              ...(l.state === 'pencil'
                ? [{ name: 'Ink this lesson', do: () => act((base) => ink(base, l.id)) }]
                : []),
              ...(l.state === 'ink'
                ? [{ name: 'Rub out its ink', do: () => act((base) => rubOut(base, l.id)) }]
                : []),
            ],
          },
          { title: 'Move to', doings: near },
        ]}
      >
        <Plain
          aria-label={`Lesson ${l.number}, ${l.title}, ${STATE[l.state].toLowerCase()}, ${shortDate(date)}`}
        >
          {children}
        </Plain>
      </Menu>
    </div>
  );
}

const STATE = { pencil: 'In pencil', ink: 'In ink', done: 'Done' } as const;

/** @param isOver shown while a lesson hangs over it */
export function DropDay({ date, children }: { date: string; children: ReactNode }) {
  const { ref, dropProps, isDropTarget } = useDropOn(date);
  return (
    <Over ref={ref} {...dropProps} $over={isDropTarget}>
      {children}
    </Over>
  );
}

const Plain = styled(AriaButton)`
  all: unset;
  box-sizing: border-box;
  display: block;
  width: 100%;
  cursor: pointer;
  &:focus-visible {
    outline: 2px solid ${colour.ink};
    outline-offset: 2px;
  }
`;
const Over = styled.div<{ $over: boolean }>`
  display: grid;
  gap: 4px;
  align-content: start;
  min-width: 0;
  min-height: 42px;
  outline: ${(p) => (p.$over ? `3px solid ${colour.ink}` : 'none')};
`;

'use client';
/** A day of the week sheet: the lessons on it, each a room that can be dragged, moved by keys, or by its menu. */
import { useState } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import { lengthText, shortDate } from '@/core/calendar/dates';
import { groupBy } from '@/core/plan/lookup';
import { EVENING } from '@/core/plan/words';
import { Hatch } from '@/kit/hatch';
import { useCustoms } from '@/kit/locale';
import { Menu } from '@/kit/menu';
import { roomLines, type RoomState } from '@/kit/room';
import { Small } from '@/kit/text';
import { colour, face, paper } from '@/kit/tokens';
import { awayInWords } from '../frame/away';
import { useAct } from '../frame/use-act';
import { WhyHere } from '../frame/why-here';
import { ink, rubOut } from './actions';
import { useDropOn, useMoves } from './moves';
import type { LessonRoom, OtherRoom, WeekDay } from './load';

export function DayCell({
  day,
  schoolDays,
  unitId,
}: {
  day: WeekDay;
  schoolDays: string[];
  unitId?: string;
}) {
  const { ref, dropProps, isDropTarget } = useDropOn(day.date);
  const { clock } = useCustoms();
  return (
    <Cell
      ref={ref}
      {...dropProps}
      $over={isDropTarget}
      aria-label={`${shortDate(day.date)}, lessons`}
      role="group"
    >
      <Others others={day.others.filter((o) => o.window === 'morning')} />
      {day.lessons.map((l) => (
        <Lesson
          key={l.lessonId}
          lesson={l}
          date={day.date}
          schoolDays={schoolDays}
          ofOther={l.unitId !== unitId}
        />
      ))}
      <Others others={day.others.filter((o) => o.window !== 'morning')} />
      {day.away.map((a) => (
        <Small key={`${a.who} ${a.starts}`}>{awayInWords(a, clock)}</Small>
      ))}
      {day.free ? <Small>{day.free}</Small> : null}
    </Cell>
  );
}

/** Parts of no lesson: they have their day, and are ticked on Today. Those in one state share a room. */
function Others({ others }: { others: OtherRoom[] }) {
  return [...groupBy(others, (o) => (o.missed ? 'pencil' : o.state))].map(([state, rooms]) => (
    <OtherBox key={state} $state={state as RoomState}>
      {rooms.map((o) => (
        <li
          key={o.partId}
          title={`${o.title}, ${o.minutes} min, ${o.window}: ${o.hatches.map((h) => h.name).join(', ')}`}
        >
          <b style={{ textDecoration: o.missed ? 'line-through' : undefined }}>{o.title}</b>
          <small>
            {o.missed ? 'left out' : lengthText(o.minutes)}
            {o.window === EVENING ? ', evening' : ''}
          </small>
        </li>
      ))}
    </OtherBox>
  ));
}

function Lesson({
  lesson: l,
  date,
  schoolDays,
  ofOther,
}: {
  lesson: LessonRoom;
  date: string;
  schoolDays: string[];
  ofOther: boolean;
}) {
  const { act } = useAct();
  const { dragProps, isDragging, onKeyDown, steps, near } = useMoves(l, date, schoolDays);
  const [isAsked, setAsked] = useState(false);
  return (
    <div {...dragProps} onKeyDownCapture={onKeyDown} style={{ opacity: isDragging ? 0.5 : 1 }}>
      <Menu
        label={l.title}
        groups={[
          {
            title: `${STATE[l.state]}. ${l.state === 'pencil' ? l.parts[0].why : ''}`,
            doings: [
              ...steps,
              ...(l.state === 'pencil'
                ? [{ name: 'Ink this lesson', do: () => act((base) => ink(base, l.lessonId)) }]
                : []),
              { name: 'Why here?', do: () => setAsked(true) },
              ...(l.state === 'ink'
                ? [{ name: 'Rub out its ink', do: () => act((base) => rubOut(base, l.lessonId)) }]
                : []),
            ],
          },
          {
            title: 'Move to',
            doings: near,
          },
        ]}
      >
        <RoomButton
          $state={l.state}
          $movable={l.canMove}
          aria-label={`Lesson ${l.number}, ${l.title}, ${STATE[l.state].toLowerCase()}, ${shortDate(date)}`}
        >
          <Title>
            {l.number} {l.continued ? 'goes on: ' : ''}
            {l.continued ? l.parts.map((p) => p.title).join(', ') : l.title}
          </Title>
          <Small>
            {[ofOther ? l.unitTitle : '', l.pages, lengthText(l.minutes)].filter(Boolean).join(' · ')}
          </Small>
          {l.parts
            .filter((p) => p.wait)
            .map((p) => (
              <Small key={p.title}>then {p.wait}</Small>
            ))}
          <Strips>
            {l.hatches.map((h) => (
              <Hatch key={h.name} name={h.hatch} width={24} height={8} framed={false} />
            ))}
          </Strips>
        </RoomButton>
      </Menu>
      {isAsked ? (
        <WhyHere title={l.title} partIds={l.parts.map((p) => p.id)} onClose={() => setAsked(false)} />
      ) : null}
    </div>
  );
}

const STATE: Record<RoomState, string> = { pencil: 'In pencil', ink: 'In ink', done: 'Done' };

const Cell = styled.div<{ $over: boolean }>`
  display: flex;
  flex-direction: column;
  gap: 6px;
  min-height: 92px;
  min-width: 0;
  outline: ${(p) => (p.$over ? `3px solid ${colour.ink}` : 'none')};
  outline-offset: 2px;
  transition: outline-color 120ms;
`;
const RoomButton = styled(AriaButton)<{ $state: RoomState; $movable: boolean }>`
  ${roomLines} width: 100%;
  text-align: left;
  padding: 7px 9px;
  display: grid;
  gap: 3px;
  cursor: ${(p) => (p.$movable ? 'grab' : 'pointer')};
  min-height: 72px;
  align-content: start;
  ${paper} {
    padding: 2px 6px;
    gap: 0;
    small {
      font-size: 10px;
      line-height: 1.2;
    }
  }
`;
const OtherBox = styled.ul<{ $state: RoomState }>`
  ${roomLines} padding: 3px 9px;
  li {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0 8px;
    align-items: baseline;
    padding: 1px 0;
  }
  b {
    /* In a narrow column long minutes stand below, rather than a title with a word a line. */
    flex: 1 1 80px;
    font-weight: 600;
    font-size: 13px;
    line-height: 1.25;
    overflow-wrap: anywhere;
  }
  small {
    font-size: 12px;
    color: ${colour.graphite};
    white-space: nowrap;
  }
  ${paper} {
    padding: 1px 6px;
    b,
    small {
      font-size: 10.6px;
      line-height: 1.15;
    }
  }
`;
const Title = styled.b`
  font: 600 16px/1.2 ${face.title};
  overflow-wrap: anywhere;
  ${paper} {
    font-size: 12px;
  }
`;
const Strips = styled.span`
  display: flex;
  gap: 3px;
  flex-wrap: wrap;
  margin-top: 2px;
  ${paper} {
    display: none;
  }
`;

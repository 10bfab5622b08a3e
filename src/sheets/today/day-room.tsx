'use client';
/** A room of the day: what, for whom, and its tick. */
import dynamic from 'next/dynamic';
import { useState, type CSSProperties } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import { clockText } from '@/core/calendar/dates';
import { Checkbox } from '@/kit/field';
import { Hatch } from '@/kit/hatch';
import { Menu } from '@/kit/menu';
import { Room } from '@/kit/room';
import { Small } from '@/kit/text';
import { colour, narrow, paper } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { useDrawnAtOnce } from '../frame/use-drawn-at-once';
import { tick, untick } from './actions';
import type { RoomDialogName } from './room-dialogs';
import { roomDoings } from './room-doings';
import type { DayRoom } from '../frame/day';
import { withYou } from './with-you';
import type { TodayView } from './load';
import { useCustoms } from '@/kit/locale';

const RoomDialog = dynamic(() => import('./room-dialogs').then((m) => m.RoomDialog), { ssr: false });

export function RoomOfDay({
  room,
  view,
  timed,
  style,
}: {
  room: DayRoom;
  view: TodayView;
  timed?: boolean;
  style?: CSSProperties;
}) {
  const { clock } = useCustoms();
  const { act } = useAct();
  const [opened, setOpened] = useState<RoomDialogName>();
  const children = view.children.filter((c) => room.childIds.includes(c.id));
  const childId = room.own ? room.childIds[0] : null;
  const names = children.map((c) => c.name).join(', ');
  const { partId } = room;
  const { date } = view;
  const [done, drawDone] = useDrawnAtOnce(room.done);
  const setDone = (on: boolean): void => {
    const back = drawDone(on);
    act((base) => (on ? tick(base, { partId, childId, date }) : untick(base, { partId, childId })), {
      failed: back,
      tick: { partId, childId, on, date },
    });
  };
  return (
    <Place style={style}>
      <Framed $state={done ? 'done' : room.state} $timed={!!timed}>
        <Head>
          <Menu
            label={room.title}
            groups={roomDoings({ room, view, clock, act, done, setDone, open: setOpened })}
          >
            <RoomTitle aria-label={`${room.title}, ${names}`}>
              {timed && room.own ? `${names}: ` : ''}
              {room.title}
            </RoomTitle>
          </Menu>
          <Checkbox isSelected={done} onChange={setDone} label={`Done: ${room.title}, ${names}`} />
        </Head>
        {room.detail || room.wait || room.with || room.lovedBy.length || room.notes.length ? (
          <Detail
            $beside={
              !timed && room.parentMinutes > 0
                ? (view.children.length > 4 ? 32 : 21) / (children.length || 1)
                : 0
            }
          >
            {[
              timed ? '' : room.with,
              room.detail,
              room.wait ? `then ${room.wait}` : '',
              room.lovedBy.length ? 'loved' : '',
              ...room.notes.map((n) => n.text),
            ]
              .filter(Boolean)
              .join(' · ')}
          </Detail>
        ) : null}
        {timed ? (
          <Small>
            {[
              `${clockText(room.starts, clock)}–${clockText(room.ends, clock)}`,
              room.own ? '' : names,
              withYou(room, clock),
              room.with,
            ]
              .filter(Boolean)
              .join(' · ')}
          </Small>
        ) : null}
        <Strips $upright={!!timed}>
          {children.map((c) => (
            <Hatch
              key={c.id}
              name={c.hatch}
              width={timed ? 10 : '100%'}
              height={timed ? '100%' : 6}
              framed={false}
            />
          ))}
        </Strips>
      </Framed>
      {opened ? (
        <RoomDialog is={opened} room={room} view={view} names={names} onClose={() => setOpened(undefined)} />
      ) : null}
    </Place>
  );
}

const Place = styled.div`
  padding: 1px;
  min-width: 0;
  & > div {
    height: 100%;
  }
`;
const Framed = styled(Room)<{ $timed: boolean }>`
  padding: ${(p) => (p.$timed ? '3px 6px 6px 20px' : '3px 6px 8px 8px')};
  overflow: hidden;
  display: flex;
  flex-direction: column;
`;
const Head = styled.div`
  display: flex;
  justify-content: space-between;
  gap: 4px;
  align-items: flex-start;
  ${narrow} {
    label {
      min-height: 44px;
      min-width: 44px;
      justify-content: center;
    }
  }
`;
const RoomTitle = styled(AriaButton)`
  background: none;
  border: 0;
  padding: 2px 0;
  text-align: left;
  font-weight: 700;
  font-size: 13.5px;
  line-height: 1.25;
  cursor: pointer;
  overflow-wrap: anywhere;
  ${narrow} {
    min-height: 44px;
    font-size: 15px;
  }
  ${paper} {
    cursor: auto;
  }
`;
const Detail = styled.p<{ $beside: number }>`
  padding-right: ${(p) => p.$beside}%;
  font-size: 12.5px;
  line-height: 1.35;
  color: ${colour.graphite};
  overflow-wrap: anywhere;
  overflow: hidden;
`;
const Strips = styled.div<{ $upright: boolean }>`
  position: absolute;
  ${(p) => (p.$upright ? 'left: 2px; top: 2px; bottom: 2px; flex-direction: column;' : 'left: 2px; right: 2px; bottom: 1px;')}
  display: flex;
  gap: ${(p) => (p.$upright ? 0 : '4px')};
  & > svg {
    flex: 1;
    min-width: 0;
    min-height: 0;
  }
`;

'use client';
/** A room of the day: what, for whom, and its tick; and on a narrow screen the rooms one under the other. */
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
import { LADDER_KINDS } from '@/core/plan/words';
import { felt, moveOn, tick, tickDay, untick } from './actions';
import type { DayRoom } from '../frame/day';
import type { TodayView } from './load';

const NoteTook = dynamic(() => import('./note-took').then((m) => m.NoteTook), { ssr: false });

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
  const { act } = useAct();
  const [noting, setNoting] = useState(false);
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
    });
  };
  return (
    <Place style={style}>
      <Framed $state={done ? 'done' : room.state}>
        <Head>
          <Menu
            label={room.title}
            groups={[
              {
                title: `${clockText(room.starts)} to ${clockText(room.ends)}, ${names}. ${room.why}`,
                doings: [
                  { name: done ? 'Not done after all' : 'Done', do: () => setDone(!done) },
                  ...(room.canMove && !done
                    ? [
                        {
                          name: room.comesBack ? 'Left out this time' : 'Did not happen: move it on',
                          do: () =>
                            act((base) => moveOn(base, { partId, date, rubOut: false }), {
                              rubOut: (base) => moveOn(base, { partId, date, rubOut: true }),
                            }),
                        },
                      ]
                    : []),
                  ...(childId === null ? [{ name: 'Minutes it took…', do: () => setNoting(true) }] : []),
                  ...(room.lessonId && !done && openOf(view, room.lessonId) > 1
                    ? [
                        {
                          name: 'The whole lesson is done, as far as it stands today',
                          do: () => act((base) => tickDay(base, { date, lessonId: room.lessonId })),
                        },
                      ]
                    : []),
                ],
              },
              ...(isLadder(room)
                ? children.map((c) => ({
                    title: `How it went for ${c.name}`,
                    doings: [
                      ...FELT.map(([how, name]) => ({
                        name: childId ? `It was ${name}` : `${c.name}: ${name}`,
                        do: () => act((base) => felt(base, { partId, childId: c.id, felt: how, date })),
                      })),
                      ...(childId ? [{ name: 'Minutes it took…', do: () => setNoting(true) }] : []),
                    ],
                  }))
                : []),
            ]}
          >
            <RoomTitle aria-label={`${room.title}, ${names}`}>
              {timed ? `${clockText(room.starts)} ` : ''}
              {room.title}
            </RoomTitle>
          </Menu>
          <Checkbox isSelected={done} onChange={setDone} label={`Done: ${room.title}, ${names}`} />
        </Head>
        {room.detail || room.wait || room.with ? (
          <Detail
            $beside={
              !timed && room.parentMinutes > 0
                ? (view.children.length > 4 ? 32 : 21) / (children.length || 1)
                : 0
            }
          >
            {[timed ? '' : room.with, room.detail, room.wait ? `then ${room.wait}` : '']
              .filter(Boolean)
              .join(' · ')}
          </Detail>
        ) : null}
        {timed ? (
          <Small>
            {names}
            {room.parentMinutes ? ' · with you' : ''}
            {room.with ? ` · ${room.with}` : ''}
          </Small>
        ) : null}
        {!timed ? (
          <Strips>
            {children.map((c) => (
              <Hatch key={c.id} name={c.hatch} width="100%" height={6} framed={false} />
            ))}
          </Strips>
        ) : null}
      </Framed>
      {noting ? (
        <NoteTook
          taken={{ partId, childId, title: room.title, name: names, copying: room.kind === 'copying' }}
          date={date}
          onClose={() => setNoting(false)}
        />
      ) : null}
    </Place>
  );
}

const FELT = [
  ['easy', 'easy'],
  ['right', 'just right'],
  ['hard', 'too hard'],
] as const;
/** Rooms of a lesson on this day that are not done. */
const openOf = (view: TodayView, lessonId: string): number =>
  view.rooms.filter((r) => r.lessonId === lessonId && !r.done).length;
const isLadder = (room: DayRoom): boolean => (LADDER_KINDS as readonly string[]).includes(room.kind);

/** The rooms in the order of their times. */
export function DayRooms({ view }: { view: TodayView }) {
  return (
    <List>
      {view.rooms.map((r) => (
        <li key={`${r.sittingId} ${r.childIds.join()}`}>
          <RoomOfDay room={r} view={view} timed />
        </li>
      ))}
    </List>
  );
}

const Place = styled.div`
  padding: 1px;
  min-width: 0;
  & > div {
    height: 100%;
  }
`;
const Framed = styled(Room)`
  padding: 3px 6px 8px 8px;
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
const Strips = styled.div`
  position: absolute;
  left: 2px;
  right: 2px;
  bottom: 1px;
  display: flex;
  gap: 4px;
  & > svg {
    flex: 1;
    min-width: 0;
  }
`;
const List = styled.ol`
  display: grid;
  gap: 8px;
`;

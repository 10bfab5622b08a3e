'use client';
/** The day on a narrow screen: what is on now for each, what is next, and the rest folded away. */
import { useState } from 'react';
import { ToggleButton } from 'react-aria-components/ToggleButton';
import styled from 'styled-components';
import { spelt } from '@/core/calendar/spelling';
import { clockText } from '@/core/calendar/dates';
import { count } from '@/core/plan/called';
import { Fold } from '@/kit/fold';
import { Hatch } from '@/kit/hatch';
import { Link } from '@/kit/link';
import { Caution, Heading } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { awayInWords } from '../frame/away';
import type { DayRoom } from '../frame/day';
import { ledUntil } from './with-you';
import { RoomOfDay } from './day-room';
import type { TodayView } from './load';
import { useCustoms } from '@/kit/locale';

export function PhoneDay({
  view,
  onAsk,
  onSay,
  onClose,
}: {
  view: TodayView;
  onAsk?: () => void;
  onSay?: () => void;
  onClose?: () => void;
}) {
  const { clock, spelling } = useCustoms();
  const [of, setOf] = useState<string>();
  const rooms = view.rooms.filter((r) => of === undefined || r.childIds.includes(of));
  const { done, past, now, next, later } = sorted(
    rooms,
    of === undefined ? view.children.map((c) => c.id) : [of],
    view.now,
  );
  const isToday = view.date === view.today;
  return (
    <Day>
      <Filters role="group" aria-label="Whose rooms are shown">
        <Filter isSelected={of === undefined} onChange={() => setOf(undefined)}>
          all
        </Filter>
        {view.children.map((c) => (
          <Filter key={c.id} isSelected={of === c.id} onChange={(on) => setOf(on ? c.id : undefined)}>
            <Hatch name={c.hatch} width="100%" height={9} framed={false} />
            <span>{c.name}</span>
          </Filter>
        ))}
      </Filters>
      {isToday ? <WithYou view={view} /> : null}
      {view.away
        .filter((a) => of === undefined || a.who === of)
        .map((a) => (
          <p key={`${a.who} ${a.starts}`}>{awayInWords(a, clock)}</p>
        ))}
      <Rooms title={view.now === undefined ? 'First' : 'Now'} rooms={now} view={view} />
      {view.fillers
        .filter(
          (f) =>
            f.childId === (of ?? f.childId) &&
            view.now !== undefined &&
            f.starts <= view.now &&
            f.ends > view.now,
        )
        .map((f) => (
          <p key={f.childId}>
            <b>{view.children.find((c) => c.id === f.childId)!.name}</b> waits until{' '}
            {clockText(f.ends, clock)}: {spelt(f.text, spelling)}
          </p>
        ))}
      <Rooms title="Next" rooms={next} view={view} />
      <Rooms title="Gone by, not ticked" rooms={past} view={view} />
      {later.length ? (
        <Fold title="Later" message={count(later.length, 'room')}>
          <Rooms rooms={later} view={view} />
        </Fold>
      ) : null}
      {done.length ? (
        <Fold title="Done" message={count(done.length, 'room')}>
          <Rooms rooms={done} view={view} />
        </Fold>
      ) : null}
      {view.children
        .filter((c) => c.id === of)
        .map((c) => (
          <Link key={c.id} href={`/child/${c.id}?day=${view.date}`}>
            {c.name}’s list
          </Link>
        ))}
      {view.info.looking ? null : (
        <Thumb aria-label="At hand">
          {onSay ? <button onClick={onSay}>Say again</button> : null}
          {onAsk ? <button onClick={onAsk}>A question</button> : null}
          <Link href="/weeks/came-up">Came up…</Link>
          {onClose ? <button onClick={onClose}>Close the day</button> : null}
        </Thumb>
      )}
    </Day>
  );
}

/** With whom the parent is, and until when. */
function WithYou({ view: { rooms, children, now } }: { view: TodayView }) {
  const { clock } = useCustoms();
  if (now === undefined) return null;
  const led = rooms.find((r) => !r.done && r.parentMinutes > 0 && r.starts <= now && ledUntil(r) > now);
  const names = led && children.filter((c) => led.childIds.includes(c.id)).map((c) => c.name);
  return (
    <You role="status" $led={!!led}>
      {led && names
        ? `You are with ${names.length === children.length && names.length > 1 ? 'everyone' : names.join(' and ')} until ${clockText(ledUntil(led), clock)}`
        : 'Nobody needs you just now'}
    </You>
  );
}

/**
 * What is on for each of these children, then what each has next; where the day has no time, their first that is open. What
 * has gone by and is not ticked stands apart: it is not what comes next.
 */
function sorted(
  rooms: readonly DayRoom[],
  children: readonly string[],
  minute: number | undefined,
): Record<'done' | 'past' | 'now' | 'next' | 'later', DayRoom[]> {
  const done = rooms.filter((r) => r.done);
  const past = rooms.filter((r) => !r.done && minute !== undefined && r.ends <= minute);
  const open = rooms.filter((r) => !r.done && !past.includes(r));
  const isOn = (r: DayRoom): boolean => minute !== undefined && r.starts <= minute && r.ends > minute;
  const firsts = (of: readonly DayRoom[]): DayRoom[] => {
    const first = new Set(children.map((c) => of.find((r) => r.childIds.includes(c))));
    return of.filter((r) => first.has(r));
  };
  const now = minute === undefined ? firsts(open) : open.filter(isOn);
  const rest = open.filter((r) => !now.includes(r));
  const next = firsts(rest);
  return { done, past, now, next, later: rest.filter((r) => !next.includes(r)) };
}

function Rooms({ title, rooms, view }: { title?: string; rooms: readonly DayRoom[]; view: TodayView }) {
  if (!rooms.length) return null;
  return (
    <section>
      {title ? <Heading>{title}</Heading> : null}
      <List>
        {rooms.map((room) => {
          const care = view.cautions.find((c) => c.partId === room.partId)?.cautions ?? [];
          return (
            <li key={room.id}>
              <RoomOfDay room={room} view={view} timed />
              {title && !room.done
                ? care.map((c) => (
                    <Caution key={c.id}>
                      <b>{c.title}:</b> {c.steps}
                    </Caution>
                  ))
                : null}
            </li>
          );
        })}
      </List>
    </section>
  );
}

const Day = styled.div`
  display: grid;
  gap: 14px;
  padding-bottom: 64px;
`;
const Filters = styled.div`
  display: flex;
  border: 1.4px solid ${colour.ink};
  background: ${colour.room};
`;
const Filter = styled(ToggleButton)`
  flex: 1;
  min-width: 0;
  min-height: 44px;
  padding: 5px 6px;
  border: 0;
  border-right: 1px solid ${colour.rule};
  background: none;
  color: ${colour.ink};
  font-weight: 700;
  font-size: 13px;
  display: grid;
  gap: 4px;
  align-content: center;
  cursor: pointer;
  span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  &[data-selected] {
    background: ${colour.ink};
    color: ${colour.room};
  }
`;
const You = styled.p<{ $led: boolean }>`
  color: ${(p) => (p.$led ? colour.red : colour.graphite)};
  font-weight: 700;
`;
const List = styled.ol`
  display: grid;
  gap: 8px;
  margin-top: 6px;
`;
/** What is needed most, where the thumb is. */
const Thumb = styled.nav`
  position: fixed;
  left: 0;
  right: 0;
  bottom: 0;
  z-index: 5;
  display: flex;
  background: ${colour.sheet};
  border-top: 1.6px solid ${colour.ink};
  & > * {
    flex: 1;
    min-height: 52px;
    display: grid;
    place-items: center;
    background: none;
    border: 0;
    border-right: 1px solid ${colour.rule};
    color: ${colour.ink};
    font-weight: 700;
    font-size: 14px;
    text-decoration: none;
    cursor: pointer;
  }
`;

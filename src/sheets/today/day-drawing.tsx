'use client';
/** The day drawn as a plan: time down the page, a lane for each child, and the parent's path through the rooms that need them. */
import styled from 'styled-components';
import { spelt } from '@/core/calendar/spelling';
import { clockText } from '@/core/calendar/dates';
import { axisOf } from '@/core/dayplan/axis';
import { ParentPath, type Stop } from '@/kit/parent-path';
import { colour, paper } from '@/kit/tokens';
import { RoomOfDay } from './day-room';
import { awayInWords } from '../frame/away';
import type { DayRoom } from '../frame/day';
import type { TodayView } from './load';
import { useCustoms } from '@/kit/locale';

/** Where in a lane the parent's path runs: between the words and the tick, further left where lanes are narrow. */
const pathInLane = (lanes: number): number => (lanes > 4 ? 0.68 : 0.8);

/** Pixels that the label of a time takes. */
const LABEL = 20;

/** Pixels a room's words need at the width of its lanes. */
function needs(room: DayRoom, lanes: number, columns: number): number {
  const width = (760 / lanes) * (columns - (room.parentMinutes ? 1 - pathInLane(lanes) : 0)) - 20;
  const perLine = Math.max(10, Math.floor(width / 6.4));
  const title = Math.ceil(room.title.length / Math.max(8, perLine - 6));
  const words = `${room.detail}${room.wait}`;
  return 17 + Math.max(26, title * 17) + (words ? Math.ceil((words.length + 6) / perLine) * 17 : 0);
}

export function DayDrawing({ view }: { view: TodayView }) {
  const { clock, spelling } = useCustoms();
  const lanes = view.children.length;
  const at = new Map(view.children.map((c, i) => [c.id, i]));
  const pieces = view.rooms.flatMap((room) =>
    runs(room.childIds.map((c) => at.get(c)!).sort((a, b) => a - b)).map((run) => ({
      room,
      from: run[0],
      to: run[run.length - 1],
    })),
  );
  // What lies outside the day is not drawn.
  const away = view.away
    .filter((a) => at.has(a.who) && a.ends > view.dayStarts && a.starts < view.dayEnds)
    .map((a) => ({
      ...a,
      starts: Math.max(a.starts, view.dayStarts),
      ends: Math.min(a.ends, view.dayEnds),
      words: awayInWords(a, clock),
    }));
  const axis = axisOf(
    [
      ...pieces.map(({ room, from, to }) => ({
        starts: room.starts,
        ends: room.ends,
        needs: needs(room, lanes, to - from + 1),
      })),
      ...away.map((a) => ({ starts: a.starts, ends: a.ends, needs: 40 })),
      ...view.fillers.map((f) => ({ starts: f.starts, ends: f.ends, needs: 40 })),
    ],
    view.dayStarts,
    view.dayEnds,
  );
  const hours: number[] = [];
  for (let t = Math.ceil(view.dayStarts / 60) * 60; t <= view.dayEnds; t += 60) hours.push(t);
  /** An hour that the time it is now does not stand over. */
  const isClear = (t: number): boolean =>
    view.now === undefined || Math.abs(axis.at(t) - axis.at(view.now)) > LABEL || view.now > view.dayEnds;
  const stops = view.rooms
    .filter((r) => r.parentMinutes > 0)
    .map((r): Stop => {
      const last = Math.max(...r.childIds.map((c) => at.get(c)!));
      return {
        x: ((last + pathInLane(lanes)) / lanes) * 100,
        from: axis.at(r.starts) + 9,
        to: Math.max(axis.at(r.starts) + 9, axis.at(r.starts + r.parentMinutes) - 9),
      };
    });
  return (
    <Ground style={{ height: axis.height + 4 }}>
      {hours.filter(isClear).map((t) => (
        <Hour key={t} style={{ top: axis.at(t) }}>
          <span>{clockText(t, clock)}</span>
        </Hour>
      ))}
      <Field>
        {pieces.map(({ room, from, to }) => (
          <RoomOfDay
            key={`${room.sittingId} ${from}`}
            room={room}
            view={view}
            style={{
              position: 'absolute',
              left: `${(100 * from) / lanes}%`,
              width: `${(100 * (to - from + 1)) / lanes}%`,
              top: axis.at(room.starts),
              height: axis.at(room.ends) - axis.at(room.starts),
            }}
          />
        ))}
        {away.map((a) => (
          <Away
            key={`${a.who} ${a.starts}`}
            style={{
              left: `${(100 * at.get(a.who)!) / lanes}%`,
              width: `${100 / lanes}%`,
              top: axis.at(a.starts),
              height: axis.at(a.ends) - axis.at(a.starts),
            }}
          >
            {a.words}
          </Away>
        ))}
        {view.fillers.map((f) => (
          <Meanwhile
            key={`${f.childId} ${f.starts}`}
            style={{
              left: `${(100 * at.get(f.childId)!) / lanes}%`,
              width: `${100 / lanes}%`,
              top: axis.at(f.starts),
              height: axis.at(f.ends) - axis.at(f.starts),
            }}
          >
            Meanwhile: {spelt(f.text, spelling)}
          </Meanwhile>
        ))}
        {stops.length ? <ParentPath stops={stops} height={axis.height} /> : null}
      </Field>
      {view.now !== undefined && view.now >= view.dayStarts && view.now <= view.dayEnds ? (
        <Now
          style={{ top: axis.at(view.now) }}
          role="img"
          aria-label={`Now it is ${clockText(view.now, clock)}`}
        >
          <span>{clockText(view.now, clock)}</span>
        </Now>
      ) : null}
    </Ground>
  );
}

/** Lanes that lie side by side, as runs. */
function runs(lanes: number[]): number[][] {
  const found: number[][] = [];
  for (const lane of lanes) {
    const run = found.at(-1);
    if (run && run[run.length - 1] === lane - 1) run.push(lane);
    else found.push([lane]);
  }
  return found;
}

const Ground = styled.div`
  position: relative;
  padding-left: 48px;
  margin-bottom: 10px;
  print-color-adjust: exact;
`;
const Field = styled.div`
  position: relative;
  height: 100%;
  border: 2px solid ${colour.ink};
  background: ${colour.sheet};
`;
const Hour = styled.div`
  position: absolute;
  left: 0;
  width: 46px;
  border-top: 1px solid ${colour.graphite};
  span {
    position: absolute;
    top: 1px;
    right: 8px;
    font-size: 12.5px;
    color: ${colour.graphite};
  }
  border-image: linear-gradient(to right, transparent 36px, ${colour.graphite} 36px) 1;
`;
/** What a young child does while they wait: a suggestion, not a room. */
const Meanwhile = styled.p`
  position: absolute;
  padding: 3px 8px;
  font-size: 12.5px;
  line-height: 1.3;
  font-style: italic;
  color: ${colour.graphite};
  overflow: hidden;
`;
/** Somewhere else: no room, and a lane that is closed for so long. */
const Away = styled.p`
  position: absolute;
  padding: 4px 8px;
  font-size: 12.5px;
  line-height: 1.3;
  color: ${colour.graphite};
  border: 1px dashed ${colour.graphite};
  background: ${colour.room};
  overflow: hidden;
`;
const Now = styled.div`
  position: absolute;
  left: 0;
  right: 0;
  height: 0;
  border-top: 1.6px dotted ${colour.ink};
  pointer-events: none;
  span {
    position: absolute;
    left: 0;
    top: -11px;
    padding: 1px 6px;
    background: ${colour.ink};
    color: ${colour.room};
    font-weight: 700;
    font-size: 12.5px;
  }
  ${paper} {
    display: none;
  }
`;

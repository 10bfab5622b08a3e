'use client';
/** What is to be got ready, drawn: a line for each thing from the day it is done to the day that needs it, as a plan gives lengths. */
import styled from 'styled-components';
import { addDays, daysBetween, shortDate, weekdayOf } from '@/core/calendar/dates';
import { colour, face, narrow, paper } from '@/kit/tokens';
import type { NeedsSomething, Preparing } from './load';

/** Days that can be told apart side by side. */
const MOST_DAYS = 12;
/** Lines that can be read one below the other. */
const MOST_LINES = 14;

export function DimensionLines({
  preparing,
  lessons,
  today,
  last,
}: {
  preparing: readonly Preparing[];
  lessons: readonly NeedsSomething[];
  today: string;
  last: string;
}) {
  const left = preparing.filter((p) => !p.isReady);
  if (!left.length) return null;
  const end = left.reduce((day, p) => (p.on > day && p.on <= last ? p.on : day), today);
  const n = Math.min(MOST_DAYS, daysBetween(today, end) + 1);
  const days = Array.from({ length: n }, (_, i) => addDays(today, i));
  const until = days[n - 1];
  /** The middle of a day, in hundredths of the width. */
  const at = (day: string): number => ((daysBetween(today, day) + 0.5) / n) * 100;
  const shown = left.filter((p) => p.day <= until).slice(0, MOST_LINES);
  const boxes = lessons.filter((l) => l.date <= until);
  return (
    <Drawing role="img" aria-label={`Drawn: ${shown.map((p) => said(p, today)).join('; ')}`}>
      <Days aria-hidden>
        {days.map((day) => (
          <span key={day} data-free={weekdayOf(day) > 5 ? '' : undefined}>
            {shortDate(day).split(' ').slice(0, 2).join(' ')}
          </span>
        ))}
      </Days>
      <Field aria-hidden>
        {days.map((day, i) => (
          <i key={day} style={{ left: `${(i / n) * 100}%` }} data-today={i ? undefined : ''} />
        ))}
        <Boxes>
          {boxes.map((l) => (
            <span
              key={`${l.date} ${l.title}`}
              data-ink={l.isInk ? '' : undefined}
              style={{ left: `${Math.min(at(l.date) - 50 / n, 100 - 140 / n)}%`, width: `${140 / n}%` }}
            >
              {l.number || ''} {l.title}
            </span>
          ))}
        </Boxes>
        {shown.map((p) => {
          const from = p.isLate ? 0 : at(p.day);
          const to = Math.min(100, at(p.on > until ? until : p.on));
          return (
            <Row key={`${p.partId} ${p.preparationId}`} data-late={p.isLate ? '' : undefined}>
              <span style={from > 55 ? { right: `${100 - to}%`, textAlign: 'right' } : { left: `${from}%` }}>
                <b>{p.what}</b> {before(p)}
              </span>
              <u style={{ left: `${from}%`, width: `${Math.max(0, to - from)}%` }} />
            </Row>
          );
        })}
      </Field>
      {left.length > shown.length ? (
        <More aria-hidden>and {left.length - shown.length} more, in the list</More>
      ) : null}
    </Drawing>
  );
}

const before = (p: Preparing): string => {
  const days = daysBetween(p.date, p.on);
  if (p.isLate) return `was for ${shortDate(p.date)}`;
  if (!days) return `on the day`;
  return days === 1 ? 'the evening before' : `${days} days before`;
};
const said = (p: Preparing, today: string): string =>
  `${p.what}, ${p.day === today ? 'today' : shortDate(p.day)}, for ${shortDate(p.on)}`;

const Drawing = styled.div`
  min-width: 0;
  ${narrow} {
    display: none;
  }
`;
const Days = styled.div`
  display: flex;
  font-size: 12.5px;
  font-weight: 600;
  & > span {
    flex: 1 1 0;
    min-width: 0;
    white-space: nowrap;
    overflow: hidden;
  }
  & > span:first-child {
    font-weight: 700;
  }
  & > [data-free] {
    color: ${colour.graphite};
    font-weight: 400;
  }
`;
const Field = styled.div`
  position: relative;
  padding-bottom: 10px;
  & > i {
    position: absolute;
    top: 0;
    bottom: 0;
    border-left: 1px solid ${colour.rule};
  }
  & > i[data-today] {
    border-left: 3px solid ${colour.ink};
  }
`;
const Boxes = styled.div`
  position: relative;
  height: 48px;
  margin-bottom: 10px;
  & > span {
    position: absolute;
    top: 4px;
    height: 42px;
    overflow: hidden;
    padding: 3px 6px;
    background: ${colour.room};
    border: 1.5px dashed ${colour.pencil};
    font: 600 12.5px/1.2 ${face.title};
    overflow-wrap: anywhere;
  }
  & > [data-ink] {
    border: 2px solid ${colour.ink};
  }
`;
const Row = styled.div`
  position: relative;
  height: 36px;
  font-size: 12.5px;
  color: ${colour.graphite};
  & > span {
    position: absolute;
    top: 2px;
    padding: 0 4px 0 8px;
    max-width: 100%;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    background: ${colour.paper};
  }
  & > span > b {
    color: ${colour.ink};
    font-weight: 600;
  }
  & > u {
    position: absolute;
    top: 26px;
    border-top: 1.5px solid ${colour.ink};
  }
  & > u::before,
  & > u::after {
    content: '';
    position: absolute;
    top: -7px;
    height: 12px;
    border-left: 2.5px solid ${colour.ink};
    transform: rotate(35deg);
  }
  & > u::before {
    left: -1px;
  }
  & > u::after {
    right: -1px;
  }
  &[data-late] > span > b {
    color: ${colour.red};
    font-weight: 700;
  }
  &[data-late] > u,
  &[data-late] > u::before,
  &[data-late] > u::after {
    border-color: ${colour.red};
  }
  ${paper} {
    & > span {
      background: none;
    }
  }
`;
const More = styled.p`
  font-size: 13px;
  color: ${colour.graphite};
`;

'use client';
/** A unit's length in school days: done, inked, pencilled, spare, and the wished end. */
import styled from 'styled-components';
import { colour } from './tokens';

export type RulerDay = 'done' | 'ink' | 'pencil' | 'empty' | 'spare' | 'late';

export interface RulerProps {
  days: { date: string; is: RulerDay; /** Said for this day, as “Tue 17 Nov”. */ name: string }[];
  /** Where each school week begins, as an index of days. */
  weeks: { at: number; name: string }[];
  /** Index of the first day not yet over; its left edge is today's line. */
  today?: number;
  /** Index of the last day up to the wished end. */
  end?: number;
  /** The whole ruler in words. */
  message: string;
}

export function Ruler({ days, weeks, today, end, message }: RulerProps) {
  const n = Math.max(days.length, 1);
  const percent = (i: number): string => `${(100 * i) / n}%`;
  return (
    <figure role="img" aria-label={message}>
      <Track>
        {days.map((d) => (
          <Day key={d.date} $is={d.is} title={d.name} />
        ))}
        {today !== undefined && today >= 0 ? (
          <Mark style={{ left: percent(today) }}>
            <span>today</span>
          </Mark>
        ) : null}
        {end !== undefined ? (
          <Mark style={{ left: percent(end + 1) }} $end>
            <span>end</span>
          </Mark>
        ) : null}
      </Track>
      <Names>
        {weeks
          .filter((_, i) => weeks.length <= 12 || i % Math.ceil(weeks.length / 12) === 0)
          .map((w) => (
            <span key={w.at} style={{ left: percent(w.at) }}>
              {w.name}
            </span>
          ))}
      </Names>
    </figure>
  );
}

const Track = styled.div`
  display: flex;
  position: relative;
  height: 22px;
  margin-top: 18px;
`;
const Day = styled.div<{ $is: RulerDay }>`
  flex: 1;
  min-width: 0;
  border: 1px solid ${colour.ink};
  print-color-adjust: exact;
  margin-right: 1px;
  ${(p) =>
    ({
      done: `background: ${colour.ink};`,
      ink: `background: ${colour.wash};`,
      pencil: `border: 1px dashed ${colour.pencil}; background: ${colour.room};`,
      empty: `border-color: ${colour.rule}; border-left-color: transparent; border-right-color: transparent;`,
      spare: `border-color: ${colour.rule}; background: repeating-linear-gradient(135deg, transparent 0 4px, ${colour.rule} 4px 5px);`,
      late: `border: 2px dashed ${colour.red};`,
    })[p.$is]}
`;
const Mark = styled.div<{ $end?: boolean }>`
  position: absolute;
  top: -4px;
  bottom: -4px;
  width: 0;
  border-left: 3px ${(p) => (p.$end ? 'double' : 'solid')} ${colour.ink};
  margin-left: -2px;
  print-color-adjust: exact;
  span {
    position: absolute;
    bottom: 100%;
    ${(p) => (p.$end ? 'right: -2px' : 'left: -4px')};
    font-size: 12px;
    line-height: 1.2;
    font-weight: 700;
    white-space: nowrap;
  }
`;
const Names = styled.div`
  position: relative;
  height: 20px;
  font-size: 12.5px;
  color: ${colour.graphite};
  & > span {
    position: absolute;
    top: 4px;
    white-space: nowrap;
  }
`;

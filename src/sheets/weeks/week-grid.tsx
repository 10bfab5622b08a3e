'use client';
/** A week as it is drawn: a column a day, with what is got ready, what is done together, and each child's lane. */
import styled from 'styled-components';
import { lengthText, shortDate } from '@/core/calendar/dates';
import { Bar } from '@/kit/bar';
import { ChildName, hatchColour } from '@/kit/hatch';
import { Room } from '@/kit/room';
import { colour, narrow, paper } from '@/kit/tokens';
import { DayCell } from './day-cell';
import type { WeeksView } from './load';

export function WeekGrid({ view }: { view: WeeksView }) {
  const { days, children } = view;
  const isToGetReady = days.some((d) => d.ready.length);
  return (
    <Scroll>
      <Grid style={{ gridTemplateColumns: `92px repeat(${Math.max(days.length, 1)}, minmax(140px, 1fr))` }}>
        <span />
        {days.map((d) => (
          <Day key={d.date} $today={d.date === view.today}>
            <b>
              {shortDate(d.date).replace(/ \w+$/, '')}
              {d.date === view.today ? ', today' : ''}
            </b>
            <span>
              {d.closed ? 'a day off' : null}
              {!d.closed && d.leadMinutes ? <>you {lengthText(d.leadMinutes)}</> : null}
            </span>
          </Day>
        ))}
        {isToGetReady ? <Label>Get ready</Label> : null}
        {isToGetReady
          ? days.map((d) => (
              <Ready key={`ready ${d.date}`}>
                {d.ready.map((r, i) => (
                  <li key={i} title={`for ${r.for}`}>
                    {r.what}
                    {r.cautions.length ? (
                      <b title={r.cautions.join('; ')}>
                        {' '}
                        with care: {r.cautions[0]}
                        {r.cautions.length > 1 ? ` and ${r.cautions.length - 1} more` : ''}
                      </b>
                    ) : null}
                  </li>
                ))}
              </Ready>
            ))
          : null}
        <Label>Together</Label>
        {days.map((d) => (
          <DayCell key={d.date} day={d} schoolDays={view.schoolDays} unitId={view.unit?.id} />
        ))}
        {children.map((c) => [
          <Label key={c.id}>
            <ChildName name={c.name} hatch={c.hatch} short />
          </Label>,
          ...days.map((d) => {
            const lane = d.lanes[c.id];
            return (
              <Lane key={`${c.id} ${d.date}`}>
                {lane.minutes ? (
                  <Room $state={lane.state}>
                    {lane.work.map((w, i) => (
                      <Work key={i}>{w}</Work>
                    ))}
                    {lane.work.length ? null : <Work>with the others</Work>}
                    <Bar
                      taken={lane.minutes}
                      limit={c.limit}
                      fill={hatchColour[c.hatch]}
                      message={`${c.name}: ${lane.minutes} of ${c.limit} minutes`}
                    />
                  </Room>
                ) : null}
              </Lane>
            );
          }),
        ])}
      </Grid>
    </Scroll>
  );
}

const Scroll = styled.div`
  overflow-x: auto;
  padding: 3px;
  margin: -3px;
  ${paper} {
    overflow: visible;
  }
`;
const Grid = styled.div`
  display: grid;
  gap: 8px 6px;
  ${narrow} {
    min-width: 860px;
  }
  ${paper} {
    min-width: 0;
    gap: 3px;
    * {
      min-height: 0 !important;
    }
  }
`;
const Day = styled.div<{ $today: boolean }>`
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: baseline;
  gap: 0 8px;
  padding: 0 6px;
  span {
    white-space: nowrap;
  }
  border-bottom: ${(p) => (p.$today ? `3px solid ${colour.ink}` : '3px solid transparent')};
  b {
    font-size: 15px;
  }
  span {
    font-size: 12.5px;
    color: ${colour.graphite};
  }
`;
const Ready = styled.ul`
  background: ${colour.paper};
  border: 1px solid ${colour.rule};
  padding: 5px 8px;
  font-size: 13px;
  line-height: 1.35;
  b {
    color: ${colour.red};
  }
`;
const Label = styled.div`
  font-weight: 700;
  padding-top: 6px;
  min-width: 0;
  & > span {
    max-width: 100%;
  }
`;
const Lane = styled.div`
  display: grid;
  min-height: 52px;
  min-width: 0;
  & > div {
    display: flex;
    flex-direction: column;
    ${paper} {
      padding: 2px 6px;
    }
  }
  & > div > p:last-of-type {
    margin-bottom: 9px;
    ${paper} {
      margin-bottom: 3px;
    }
  }
  & > div > div:last-child {
    margin-top: auto;
  }
`;
const Work = styled.p`
  font-size: 13.5px;
  line-height: 1.3;
  overflow-wrap: anywhere;
  display: -webkit-box;
  -webkit-line-clamp: 3;
  -webkit-box-orient: vertical;
  overflow: hidden;
  ${paper} {
    -webkit-line-clamp: 9;
    font-size: 10.6px;
    line-height: 1.2;
  }
`;

'use client';
/** A sheet to hand to whoever steps in: the days as they are planned, to read at the table. */
import styled from 'styled-components';
import { shortDate } from '@/core/calendar/dates';
import { Button } from '@/kit/button';
import { LinkButton } from '@/kit/link-button';
import { Quiet, SheetTitle } from '@/kit/text';
import { colour, face, paper, paperColours } from '@/kit/tokens';
import { useReady } from '../frame/use-ready';
import type { HandOverView } from './hand-over-load';
import { Bar, PageSize, Preview } from './page-frame';

export function HandOverSheet({ family, size, days, first, last }: HandOverView) {
  useReady();
  const other = size === 'A4' ? 'letter' : 'A4';
  return (
    <Preview>
      <PageSize $size={size} />
      <Bar>
        <div>
          <SheetTitle>To hand over</SheetTitle>
          <Quiet>
            {shortDate(first)}
            {last === first ? '' : ` to ${shortDate(last)}`} · for whoever steps in; what is done already is
            left out
          </Quiet>
        </div>
        <div>
          <LinkButton href={`/today?day=${first}`}>Back to the day</LinkButton>
          <LinkButton href={`/paper/hand-over?first=${first}&last=${last}&size=${other}`}>
            {size === 'A4' ? 'On US Letter' : 'On A4'}
          </LinkButton>
          <Button $primary isDisabled={!days.length} onPress={() => window.print()}>
            Print it
          </Button>
        </div>
      </Bar>
      {days.length ? null : <Quiet>Nothing is left to do on these days.</Quiet>}
      {days.map((d) => (
        <Day key={d.date}>
          <header>
            <h2>{d.title}</h2>
            <span>{family}</span>
          </header>
          <ol>
            {d.rooms.map((r) => (
              <li key={r.key}>
                <time>
                  {r.from}
                  <br />
                  {r.to}
                </time>
                <div>
                  <p>
                    <b>{r.title}</b> · {r.who.join(', ')} · {r.leads}
                    {r.lesson ? <small>Lesson {r.lesson}</small> : null}
                  </p>
                  {r.details.map((x) => (
                    <p key={x}>{x}</p>
                  ))}
                  {r.directions.length ? (
                    <ol>
                      {r.directions.map((x) => (
                        <li key={x}>{x}</li>
                      ))}
                    </ol>
                  ) : null}
                  {r.needs ? <p>Lay ready: {r.needs}</p> : null}
                  {r.cautions.map((x) => (
                    <Care key={x}>{x}</Care>
                  ))}
                </div>
              </li>
            ))}
          </ol>
        </Day>
      ))}
    </Preview>
  );
}

const Day = styled.section`
  ${paperColours}
  background: #fff;
  color: #000;
  border: 1.5px solid ${colour.ink};
  padding: 24px 28px;
  margin-bottom: 20px;
  font-size: 14.5px;
  line-height: 1.4;
  & > header {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    border-bottom: 1.5px solid #000;
  }
  h2 {
    font: 700 22px/1.3 ${face.title};
  }
  & > ol > li {
    display: grid;
    grid-template-columns: 52px minmax(0, 1fr);
    gap: 12px;
    padding: 8px 0;
    border-bottom: 1px solid #999;
    break-inside: avoid;
    overflow-wrap: anywhere;
  }
  div > ol {
    list-style: decimal;
    padding-left: 22px;
  }
  small {
    display: block;
    font-size: 12.5px;
  }
  ${paper} {
    border: 0;
    padding: 0;
    margin: 0;
    break-after: page;
    &:last-of-type {
      break-after: auto;
    }
  }
`;
const Care = styled.p`
  font-weight: 700;
  border-left: 4px solid ${colour.red};
  padding-left: 8px;
  margin-top: 3px;
`;

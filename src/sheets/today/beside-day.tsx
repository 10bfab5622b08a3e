'use client';
/** What is drawn around a day. */
import { useState } from 'react';
import styled from 'styled-components';
import { shortDate } from '@/core/calendar/dates';
import { count } from '@/core/plan/called';
import { groupBy } from '@/core/plan/lookup';
import { PlainButton } from '@/kit/button';
import { Link } from '@/kit/link';
import { Column, Heading, Line, Quiet } from '@/kit/text';
import { colour, face, middling, narrow, paper } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { dayDidNotHappen, moveOn, tick, tickDay } from './actions';
import type { TodayView } from './load';

export function Nothing({ view }: { view: TodayView }) {
  if (!view.hasYear)
    return (
      <p>
        There is no plan yet. <Link href="/setup">Begin with the family</Link>.
      </p>
    );
  return (
    <>
      <p>{view.closed ? `No school: this is ${view.closed}.` : 'Nothing is laid out on this day.'}</p>
      {view.after ? (
        <p>
          <Link href={`/today?day=${view.after}`}>Look at {shortDate(view.after)}</Link>, or at the{' '}
          <Link href="/weeks">week</Link>.
        </p>
      ) : null}
    </>
  );
}

/** Days gone by that are asked about at once. */
const MOST_DAYS = 5;

export function Left({ view }: { view: TodayView }) {
  const days = new Set(view.left.map((l) => l.on)).size;
  return (
    <Column>
      <header>
        <Heading>Left from days before</Heading>
        <Quiet as="span">{view.left.length}</Quiet>
      </header>
      {[...groupBy(view.left, (l) => l.on)].slice(0, MOST_DAYS).map(([on, left]) => (
        <DayLeft key={on} on={on} left={left} />
      ))}
      {days > MOST_DAYS ? (
        <Quiet>
          and {count(days - MOST_DAYS, 'day')} before. <Link href="/weeks">Look at the weeks</Link>
        </Quiet>
      ) : null}
    </Column>
  );
}

/** A day gone by, asked about as a day; each part by itself as well. */
function DayLeft({ on, left }: { on: string; left: TodayView['left'] }) {
  const { act } = useAct();
  const [isOpen, setOpen] = useState(left.length < 3);
  return (
    <Line>
      <div>
        <b>{left[0].date}: was it as planned?</b>
        <Quiet>{left.length === 1 ? left[0].title : `${left.length} parts are not ticked`}</Quiet>
        <Doings>
          <PlainButton
            aria-label={left.length === 1 ? `“${left[0].title}” was done` : `${left[0].date}: yes, all of it`}
            onPress={() => act((base) => tickDay(base, { date: on, lessonId: null }))}
          >
            {left.length === 1 ? 'It was done' : 'Yes, all of it'}
          </PlainButton>
          {left.some((l) => l.canMove) ? (
            <PlainButton
              aria-label={
                left.length === 1 ? `“${left[0].title}” did not happen` : `${left[0].date}: none of it`
              }
              onPress={() =>
                act((base) => dayDidNotHappen(base, { date: on, rubOut: false }), {
                  rubOut: (base) => dayDidNotHappen(base, { date: on, rubOut: true }),
                })
              }
            >
              {left.length === 1 ? 'It did not happen' : 'None of it'}
            </PlainButton>
          ) : null}
          {left.length > 1 ? (
            <PlainButton aria-expanded={isOpen} onPress={() => setOpen(!isOpen)}>
              One by one
            </PlainButton>
          ) : null}
        </Doings>
        {isOpen && left.length > 1 ? left.map((l) => <PartLeft key={l.partId} left={l} />) : null}
      </div>
    </Line>
  );
}

function PartLeft({ left: l }: { left: TodayView['left'][number] }) {
  const { act } = useAct();
  return (
    <OneLeft>
      {l.title}
      <Doings>
        <PlainButton
          aria-label={`“${l.title}” was done`}
          onPress={() => act((base) => tick(base, { partId: l.partId, childId: null, date: l.on }))}
        >
          It was done
        </PlainButton>
        {l.canMove ? (
          <PlainButton
            aria-label={`“${l.title}” did not happen`}
            onPress={() =>
              act((base) => moveOn(base, { partId: l.partId, date: l.on, rubOut: false }), {
                rubOut: (base) => moveOn(base, { partId: l.partId, date: l.on, rubOut: true }),
              })
            }
          >
            It did not happen
          </PlainButton>
        ) : null}
      </Doings>
    </OneLeft>
  );
}

const OneLeft = styled.div`
  border-top: 1px solid ${colour.rule};
  padding: 4px 0;
`;
export const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 250px;
  gap: 28px;
  ${middling} {
    grid-template-columns: minmax(0, 1fr);
  }
  ${paper} {
    display: block;
  }
`;
export const Lanes = styled.div`
  display: grid;
  gap: 3px 10px;
  padding-left: 48px;
  margin-bottom: 8px;
  & > div {
    min-width: 0;
    padding-right: 8px;
  }
  ${narrow} {
    display: none;
  }
`;
export const ChildLink = styled(Link)`
  display: flex;
  flex-wrap: wrap;
  gap: 0 8px;
  align-items: baseline;
  max-width: 100%;
  & > :first-child {
    max-width: 100%;
  }
  text-decoration: none;
  min-height: 28px;
  p,
  & > span:last-child {
    text-decoration: underline;
    text-underline-offset: 3px;
  }
  ${narrow} {
    min-height: 44px;
    align-items: center;
  }
`;
export const Wide = styled.div`
  ${narrow} {
    display: none;
  }
`;
/** Buttons that have their place elsewhere on a narrow screen. */
export const OnWide = styled.div`
  display: contents;
  ${narrow} {
    display: none;
  }
`;
export const Slim = styled.div`
  display: none;
  ${narrow} {
    display: block;
  }
`;
export const Title = styled.span`
  font: 600 15px/1.2 ${face.title};
`;
const Doings = styled.div`
  display: flex;
  gap: 14px;
  flex-wrap: wrap;
  color: ${colour.ink};
`;

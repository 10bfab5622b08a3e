'use client';
/** What is drawn around a day. */
import Link from 'next/link';
import styled from 'styled-components';
import { shortDate } from '@/core/calendar/dates';
import { PlainButton } from '@/kit/button';
import { Column, Heading, Line, Quiet } from '@/kit/text';
import { colour, face, middling, narrow, paper } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { moveOn, tick } from './actions';
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

export function Left({ view }: { view: TodayView }) {
  const { act } = useAct();
  return (
    <Column>
      <header>
        <Heading>Left from days before</Heading>
        <Quiet as="span">{view.left.length}</Quiet>
      </header>
      {view.left.slice(0, 8).map((l) => (
        <Line key={l.partId}>
          <div>
            {l.title}
            <Quiet>{l.date}</Quiet>
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
          </div>
        </Line>
      ))}
      {view.left.length > 8 ? <Quiet>and {view.left.length - 8} more on the days before.</Quiet> : null}
    </Column>
  );
}

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
    padding-left: 0;
    grid-template-columns: repeat(2, minmax(0, 1fr)) !important;
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

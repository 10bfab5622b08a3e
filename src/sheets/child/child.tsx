'use client';
/** A child's list for a day, in large letters, to read on a screen or on paper. */
import { useReady } from '../frame/use-ready';
import styled from 'styled-components';
import { Button } from '@/kit/button';
import { LinkButton } from '@/kit/link-button';
import { Hatch, HatchPatterns } from '@/kit/hatch';
import { colour, face, narrow, paper } from '@/kit/tokens';
import type { ChildView } from './load';

export function ChildPage({ name, hatch, date, dayInWords, items }: ChildView) {
  useReady();
  return (
    <Page>
      <HatchPatterns />
      <Hatch name={hatch} width="100%" height={18} framed={false} />
      <header>
        <h1>{name}</h1>
        <p>{dayInWords}</p>
      </header>
      {items.length ? (
        <ol>
          {items.map((item) => (
            <Item key={item.key} $done={item.done}>
              <Box role="img" aria-label={item.done ? 'done' : 'to do'}>
                {item.done ? (
                  <svg viewBox="0 0 16 16" width="26" height="26" aria-hidden="true">
                    <path
                      d="M2.5 8.5 6.5 12.5 13.5 3.5"
                      fill="none"
                      stroke="currentColor"
                      strokeWidth="2.4"
                    />
                  </svg>
                ) : null}
              </Box>
              <div>
                <strong>{item.title}</strong>
                {item.detail ? <p>{item.detail}</p> : null}
              </div>
              <small>
                {item.minutes} min <br />
                {item.together ? 'together' : null}
                {!item.together && item.withAdult ? 'with a grown-up' : null}
                {!item.together && !item.withAdult ? 'on your own' : null}
              </small>
            </Item>
          ))}
        </ol>
      ) : (
        <Free>Nothing on the list today.</Free>
      )}
      <Buttons>
        <LinkButton href={`/today?day=${date}`}>Back to the day</LinkButton>
        <Button onPress={() => window.print()}>Print this list</Button>
      </Buttons>
    </Page>
  );
}

const Page = styled.main`
  font-family: ${face.child};
  max-width: 760px;
  margin: 0 auto;
  padding: 22px 20px;
  font-size: 20px;
  line-height: 1.45;
  header {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    flex-wrap: wrap;
    gap: 0 20px;
    margin: 14px 0 16px;
    border-bottom: 3px solid ${colour.ink};
    padding-bottom: 8px;
  }
  h1 {
    font-size: 38px;
    line-height: 1.2;
    overflow-wrap: anywhere;
  }
  ${paper} {
    max-width: none;
    padding: 0;
  }
`;
const Item = styled.li<{ $done: boolean }>`
  display: grid;
  grid-template-columns: 44px minmax(0, 1fr) auto;
  gap: 16px;
  align-items: start;
  padding: 14px 0;
  border-bottom: 1.5px solid ${colour.rule};
  break-inside: avoid;
  overflow-wrap: anywhere;
  strong {
    font-size: 23px;
    text-decoration: ${(p) => (p.$done ? 'line-through' : 'none')};
  }
  small {
    font-size: 16px;
    color: ${colour.graphite};
    text-align: right;
  }
  ${narrow} {
    grid-template-columns: 44px minmax(0, 1fr);
    row-gap: 4px;
    small {
      grid-column: 2;
      text-align: left;
    }
    br {
      display: none;
    }
  }
`;
const Box = styled.span`
  width: 44px;
  height: 44px;
  border: 2.5px solid ${colour.ink};
  background: ${colour.room};
  display: grid;
  place-items: center;
`;
const Free = styled.p`
  font-size: 24px;
  padding: 20px 0;
`;
const Buttons = styled.footer`
  display: flex;
  gap: 16px;
  margin-top: 26px;
  flex-wrap: wrap;
  a,
  button {
    min-height: 44px;
    font-family: ${face.work};
    font-size: 15px;
  }
  ${paper} {
    display: none;
  }
`;

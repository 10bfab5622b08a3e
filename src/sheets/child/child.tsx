'use client';
/** A child's list for a day, in large letters: to read, to tick and to call from, or on paper. */
import { useState } from 'react';
import styled from 'styled-components';
import { Button } from '@/kit/button';
import { LinkButton } from '@/kit/link-button';
import { Hatch, hatchColour, HatchPatterns } from '@/kit/hatch';
import { Sign } from '@/kit/sign';
import { colour, face, narrow, paper } from '@/kit/tokens';
import { useEachMinute } from '../frame/use-each-minute';
import { useReady } from '../frame/use-ready';
import type { ChildView } from './load';
import { useSaid } from './use-said';

export function ChildPage({ view }: { view: ChildView }) {
  useReady();
  const { name, hatch, dayInWords, lessons, items, says, back, reads } = view;
  const saying = useSaid(says);
  useEachMinute(view.hasTime);
  const [isEarly, setEarly] = useState(false);
  const said = new Map(saying.waiting.flatMap((w) => (w.does === 'tick' ? [[w.partId, w.on] as const] : [])));
  const now = items.find((i) => !(said.get(i.partId) ?? i.done));
  const call = (does: 'help' | 'early'): void => {
    saying.say({ does, partId: (does === 'help' && now?.partId) || null, date: view.date });
    setEarly(does === 'early');
  };
  return (
    <Page>
      <HatchPatterns />
      <Hatch name={hatch} width="100%" height={18} framed={false} />
      <header>
        <h1>{name}</h1>
        <p>{dayInWords}</p>
      </header>
      {lessons.length ? <Lessons>{lessons.join(' · ')}</Lessons> : null}
      <State role="status">
        {saying.isAway ? `The house cannot be reached. ${KEPT}` : null}
        {saying.refused ?? null}
      </State>
      {view.away.map((line) => (
        <Lessons key={line}>{line}</Lessons>
      ))}
      {items.length ? (
        <ol>
          {items.map((item) => (
            <ListItem
              key={item.key}
              item={{ ...item, done: said.get(item.partId) ?? item.done }}
              reads={reads}
              hatch={hatch}
              isNow={item === now && item.hasBegun}
              onTick={
                says
                  ? (on) => saying.say({ does: 'tick', partId: item.partId, on, date: view.date })
                  : undefined
              }
            />
          ))}
        </ol>
      ) : (
        <Free>Nothing on the list today.</Free>
      )}
      {isEarly && view.ideas.length ? (
        <Ideas role="status">
          <b>Until the others are done:</b>
          <ul>
            {view.ideas.map((idea) => (
              <li key={idea}>{idea}</li>
            ))}
          </ul>
        </Ideas>
      ) : null}
      {view.checklist.length ? (
        <Checklist>
          <summary>What I can do when we are through</summary>
          <ul>
            {view.checklist.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </Checklist>
      ) : null}
      {says ? (
        <Thumb aria-label="Say">
          <button onClick={() => call('help')}>I need help</button>
          <button onClick={() => call('early')}>I am done early</button>
        </Thumb>
      ) : null}
      <Buttons>
        {back ? <LinkButton href={back}>Back to the day</LinkButton> : null}
        <Button onPress={() => window.print()}>Print this list</Button>
      </Buttons>
    </Page>
  );
}

const KEPT = 'What you ticked is kept here until it can.';

function ListItem({
  item,
  reads,
  hatch,
  isNow,
  onTick,
}: {
  item: ChildView['items'][number];
  reads: boolean;
  hatch: ChildView['hatch'];
  isNow: boolean;
  onTick?: (on: boolean) => void;
}) {
  const { title, detail, done } = item;
  return (
    <Item $done={done} $now={isNow} $edge={hatchColour[hatch]} aria-current={isNow ? 'step' : undefined}>
      <Box
        role="checkbox"
        aria-checked={done}
        aria-label={title}
        aria-disabled={!onTick}
        disabled={!onTick}
        onClick={() => onTick?.(!done)}
      >
        {done ? (
          <svg viewBox="0 0 16 16" width="26" height="26" aria-hidden="true">
            <path d="M2.5 8.5 6.5 12.5 13.5 3.5" fill="none" stroke="currentColor" strokeWidth="2.4" />
          </svg>
        ) : null}
      </Box>
      <Sign kind={item.kind} size={reads ? 40 : 84} />
      <div>
        <strong>{title}</strong>
        {detail && reads ? <p>{detail}</p> : null}
      </div>
      {reads ? (
        <small>
          {isNow ? <b>now · </b> : null}
          {item.minutes} min <br />
          {howIt(item)}
        </small>
      ) : null}
    </Item>
  );
}

function howIt({ together, withAdult }: ChildView['items'][number]): string {
  if (together) return 'together';
  return withAdult ? 'with a grown-up' : 'on your own';
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
  /* A strip to cut off and hang up. */
  ${paper} {
    max-width: 100mm;
    margin: 0;
    padding: 0 6mm 0 0;
    border-right: 1px dashed ${colour.graphite};
    font-size: 16px;
  }
`;
const Lessons = styled.p`
  margin: -6px 0 10px;
  color: ${colour.graphite};
`;
const State = styled.p`
  color: ${colour.red};
  font-weight: 700;
`;
const Item = styled.li<{ $done: boolean; $now: boolean; $edge: string }>`
  border-left: 8px solid ${(p) => (p.$now ? p.$edge : 'transparent')};
  background: ${(p) => (p.$now ? colour.room : 'none')};
  display: grid;
  grid-template-columns: 44px auto minmax(0, 1fr) auto;
  gap: 16px;
  align-items: start;
  padding: 14px 8px;
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
    grid-template-columns: 44px auto minmax(0, 1fr);
    row-gap: 4px;
    small {
      grid-column: 3;
      text-align: left;
    }
    br {
      display: none;
    }
  }
  ${paper} {
    grid-template-columns: 44px auto minmax(0, 1fr);
    row-gap: 4px;
    gap: 4px 10px;
    border-left: 0;
    strong {
      font-size: 18px;
    }
    small b {
      display: none;
    }
    small {
      grid-column: 3;
      text-align: left;
    }
    br {
      display: none;
    }
  }
`;
const Box = styled.button`
  padding: 0;
  color: inherit;
  cursor: pointer;
  &:disabled {
    cursor: default;
  }
  width: 44px;
  height: 44px;
  border: 2.5px solid ${colour.ink};
  background: ${colour.room};
  display: grid;
  place-items: center;
`;
const Ideas = styled.div`
  padding: 14px 18px;
  border: 1.5px dashed ${colour.pencil};
  margin: 16px 0;
  ul {
    list-style: disc;
    padding-left: 24px;
  }
  ${paper} {
    display: none;
  }
`;
const Checklist = styled.details`
  margin-top: 18px;
  summary {
    cursor: pointer;
    min-height: 44px;
    font-weight: 700;
  }
  ul {
    list-style: disc;
    padding-left: 24px;
  }
  ${paper} {
    display: none;
  }
`;
const Thumb = styled.nav`
  position: sticky;
  bottom: 0;
  display: flex;
  background: ${colour.sheet};
  border-top: 3px solid ${colour.ink};
  margin-top: 20px;
  button {
    flex: 1;
    min-height: 60px;
    background: none;
    border: 0;
    border-right: 1.5px solid ${colour.rule};
    font: 700 19px ${face.child};
    color: ${colour.ink};
    cursor: pointer;
  }
  ${paper} {
    display: none;
  }
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

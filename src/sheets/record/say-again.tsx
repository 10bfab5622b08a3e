'use client';
/** What is asked again today, each child in turn, one after the other; and what is weak. */
import dynamic from 'next/dynamic';
import styled from 'styled-components';
import { useState } from 'react';
import { count } from '@/core/plan/called';
import { PlainButton } from '@/kit/button';
import { Hatch } from '@/kit/hatch';
import { Link } from '@/kit/link';
import { Column, Heading, Line, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import type { RecordView } from './load';

const AskDialog = dynamic(() => import('../frame/ask/ask-dialog').then((m) => m.AskDialog), { ssr: false });

export function SayAgain({ view }: { view: RecordView }) {
  const { asks, asked, waiting, minutes, children, weak, fits } = view;
  const [asking, setAsking] = useState<RecordView['askings'][number]>();
  const named = new Map(children.map((c) => [c.id, c]));
  const weakly = children.filter((c) => weak[c.id].length);
  return (
    <Column aria-labelledby="again">
      <header>
        <Heading id="again">To say again today</Heading>
        <Quiet as="span">{minutes} min, spaced for each child</Quiet>
      </header>
      {asks.length ? null : <Quiet>{whyNothing(view)}</Quiet>}
      {view.askings.map((a) => (
        <Line key={a.name}>
          <span>
            {a.name}: {count(a.questions.length, 'question')}
          </span>
          <PlainButton aria-label={`Ask: ${a.name}`} onPress={() => setAsking(a)}>
            Ask one after the other…
          </PlainButton>
        </Line>
      ))}
      {view.askings.length ? (
        <Link href={`/paper/questions?day=${view.today}`}>On paper, cards or a quiz, with the key apart</Link>
      ) : null}
      {asking ? (
        <AskDialog
          asking={asking}
          who={children}
          date={view.today}
          reward={view.reward}
          onClose={() => setAsking(undefined)}
        />
      ) : null}
      {children
        .map((c) => ({ ...c, own: asks.filter((a) => a.childId === c.id) }))
        .filter((c) => c.own.length)
        .map((c) => (
          <Row key={c.id}>
            <Hatch name={c.hatch} />
            <span>
              {c.name}: {c.own.map((a) => a.asks).join(' · ')}
            </span>
          </Row>
        ))}
      {asks.length && waiting ? (
        <Quiet>{count(waiting, 'more is', 'more are')} due than the minutes hold.</Quiet>
      ) : null}
      {asked.length ? (
        <Row>
          <span />
          <Quiet as="span">
            Asked today: {asked.map((c) => `${named.get(c.childId)!.name}, ${c.asks}`).join(' · ')}
          </Quiet>
        </Row>
      ) : null}
      {weakly.map((c) => (
        <Row key={c.id}>
          <Hatch name={c.hatch} />
          <span>
            {c.name}’s next quiz: {weak[c.id].join(' · ')}
          </span>
        </Row>
      ))}
      <Quiet>
        {fits
          .filter((r) => r.text !== 'not asked twice yet')
          .map((r) => `${r.name}: ${r.text}.`)
          .join(' ')}
      </Quiet>
    </Column>
  );
}

/** Why nothing is asked: no minutes are set aside, it is all asked, or nothing is due. */
function whyNothing({ minutes, waiting, asked }: RecordView): string {
  if (waiting)
    return `${count(waiting, 'thing is', 'things are')} due, and ${minutes ? `${minutes} min are too few for it` : 'no minutes are set aside'}. Say how many under “How it counts”.`;
  if (asked.length) return 'All of today is asked.';
  return 'Nothing is due today. What a lesson asks, its words and its verses come back here from the day after it was taught.';
}

const Row = styled.div`
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr);
  gap: 8px;
  padding: 6px 0;
  border-bottom: 1px solid ${colour.rule};
  font-size: 14px;
  overflow-wrap: anywhere;
  button {
    margin-right: 10px;
  }
`;

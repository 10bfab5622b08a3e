'use client';
/** What is asked again today, each child in turn, marked in one press; and what is weak. */
import styled from 'styled-components';
import { useState } from 'react';
import { count } from '@/core/plan/called';
import { KNEW } from '@/core/plan/words';
import type { RecallCard } from '@/core/recall/cards';
import { PlainButton } from '@/kit/button';
import { Hatch } from '@/kit/hatch';
import { Column, Heading, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { ask } from './actions';
import type { RecordView } from './load';

export function SayAgain({ view }: { view: RecordView }) {
  const { asks, asked, waiting, minutes, children, weak, fits } = view;
  const named = new Map(children.map((c) => [c.id, c]));
  const weakly = children.filter((c) => weak[c.id].length);
  return (
    <Column aria-labelledby="again">
      <header>
        <Heading id="again">To say again today</Heading>
        <Quiet as="span">{minutes} min, spaced for each child</Quiet>
      </header>
      {asks.length ? null : <Quiet>{whyNothing(view)}</Quiet>}
      {asks.map((card) => (
        <Ask
          key={`${card.promptId} ${card.childId}`}
          card={card}
          child={named.get(card.childId)!}
          today={view.today}
        />
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

function Ask({
  card,
  child,
  today,
}: {
  card: RecallCard;
  child: RecordView['children'][number];
  today: string;
}) {
  const { act } = useAct();
  const { promptId, asks, answer } = card;
  return (
    <Row>
      <Hatch name={child.hatch} />
      <div>
        <b>{child.name}</b>: {asks} {answer ? <Answer asks={asks} answer={answer} /> : null}
        <div>
          {KNEW.map((grade, i) => (
            <PlainButton
              key={grade}
              aria-label={`${child.name}, ${asks}: ${grade}`}
              onPress={() =>
                act((base) => ask(base, { promptId, childId: child.id, grade: i + 1, date: today }))
              }
            >
              {grade}
            </PlainButton>
          ))}
        </div>
      </div>
    </Row>
  );
}

function Answer({ asks, answer }: { asks: string; answer: string }) {
  const [isShown, show] = useState(false);
  if (isShown) return <Quiet as="span">{answer}</Quiet>;
  return (
    <PlainButton aria-label={`Show the answer to ${asks}`} onPress={() => show(true)}>
      answer
    </PlainButton>
  );
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

'use client';
/** How far each child meets each objective of the unit, one press a step: not yet, with help, alone. */
import dynamic from 'next/dynamic';
import { useState, type ReactNode } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import { shortDate } from '@/core/calendar/dates';
import { MET } from '@/core/plan/words';
import type { Met } from '@/core/record/known';
import { PlainButton } from '@/kit/button';
import { Fold } from '@/kit/fold';
import { ChildName } from '@/kit/hatch';
import { Link } from '@/kit/link';
import { Across, Column, Heading, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { useDrawnAtOnce } from '../frame/use-drawn-at-once';
import { check } from './actions';
import type { Known, RecordView } from './load';

const Evidence = dynamic(() => import('./evidence').then((m) => m.Evidence), { ssr: false });

export function WhatTheyKnow({ view }: { view: RecordView }) {
  const { unit, objectives, wordsToKnow, ideas, children, words, wordCount } = view;
  if (!unit) return null;
  return (
    <Column aria-labelledby="know">
      <header>
        <Heading id="know">What they know: {unit.title}</Heading>
        <Quiet as="span">
          not yet · with help · alone · <Link href={`/paper/checklists?unit=${unit.id}`}>print</Link>
        </Quiet>
      </header>
      {objectives.length ? (
        <KnownTable view={view} label="Objectives by child" all={objectives}>
          <span>words likely to be known today</span>
          {children.map((c) => (
            <span key={c.id}>
              <b>{words[c.id]}</b> of {wordCount}
            </span>
          ))}
        </KnownTable>
      ) : (
        <Quiet>
          This unit has no objectives. They are said on <Link href={`/unit?unit=${unit.id}`}>Unit</Link>.
        </Quiet>
      )}
      {wordsToKnow.length ? (
        <Fold title="Its words" message={`${wordsToKnow.length}, a press a step`}>
          <KnownTable view={view} label="Words by child" all={wordsToKnow} />
        </Fold>
      ) : null}
      {ideas.length ? (
        <Fold title="Its big ideas" message={`${ideas.length}, a press a step`}>
          <KnownTable view={view} label="Big ideas by child" all={ideas} />
        </Fold>
      ) : null}
    </Column>
  );
}

/** Things to know down, children across. */
function KnownTable({
  view,
  label,
  all,
  children,
}: {
  view: RecordView;
  label: string;
  all: readonly Known[];
  children?: ReactNode;
}) {
  return (
    <Across tabIndex={0} role="group" aria-label={label}>
      <Grid $children={view.children.length}>
        <span />
        {view.children.map((c) => (
          <ChildName key={c.id} name={c.name} hatch={c.hatch} short />
        ))}
        {all.map((o) => (
          <Objective key={o.key} objective={o} view={view} />
        ))}
        {children}
      </Grid>
    </Across>
  );
}

function Objective({ objective, view }: { objective: Known; view: RecordView }) {
  const { of, wording, met } = objective;
  const { children, today, info } = view;
  const [isSeen, setSeen] = useState(false);
  return (
    <>
      <Said>
        {wording}{' '}
        {info.looking || !children.length ? null : (
          <PlainButton aria-label={`By what it was seen: ${wording}`} onPress={() => setSeen(true)}>
            seen by…
          </PlainButton>
        )}
        {isSeen ? <Evidence objective={objective} view={view} onClose={() => setSeen(false)} /> : null}
      </Said>
      {children.map((c) => (
        <Step key={c.id} of={of} wording={wording} child={c} met={met[c.id]} today={today} />
      ))}
    </>
  );
}

function Step({
  of,
  wording,
  child,
  met,
  today,
}: {
  of: Known['of'];
  wording: string;
  child: RecordView['children'][number];
  met: Met | undefined;
  today: string;
}) {
  const { act } = useAct();
  const [grade, draw] = useDrawnAtOnce(met?.grade ?? 1);
  const next = (grade % MET.length) + 1;
  return (
    <Press
      aria-label={`${child.name}, ${wording}: ${MET[grade - 1]}${met ? ` since ${shortDate(met.since)}${met.note ? `, seen by ${met.note}` : ''}` : ''}. Press for ${MET[next - 1]}`}
      onPress={() => {
        const back = draw(next);
        act((base) => check(base, { of, childId: child.id, grade: next, date: today }), {
          failed: back,
        });
      }}
    >
      <Mark data-met={grade} />
    </Press>
  );
}

const Grid = styled.div<{ $children: number }>`
  display: grid;
  grid-template-columns: minmax(140px, 1fr) repeat(${(p) => p.$children}, minmax(44px, auto));
  gap: 2px 12px;
  align-items: center;
  font-size: 13.5px;
  & > * {
    min-height: 34px;
    padding: 4px 0;
    align-self: stretch;
    border-bottom: 1px solid transparent;
    display: flex;
    align-items: center;
    gap: 4px;
    overflow-wrap: anywhere;
  }
  & > b {
    font-size: 13px;
  }
`;
const Said = styled.span`
  && {
    display: block;
  }
  button {
    white-space: nowrap;
  }
`;
const Press = styled(AriaButton)`
  background: none;
  border: 0;
  min-width: 32px;
  cursor: pointer;
`;
const Mark = styled.span`
  width: 18px;
  height: 18px;
  border: 1.5px solid ${colour.ink};
  background: ${colour.room};
  &[data-met='2'] {
    background: linear-gradient(to bottom right, ${colour.ink} 50%, ${colour.room} 50%);
  }
  &[data-met='3'] {
    background: ${colour.ink};
  }
`;

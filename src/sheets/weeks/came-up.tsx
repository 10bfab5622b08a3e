'use client';
/** Something came up: what it is, the ways through side by side, each drawn as a revision of the weeks; nothing is kept until one is taken. */
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import type { WayThrough } from '@/core/edit/ways-through';
import { Button } from '@/kit/button';
import { LinkButton } from '@/kit/link-button';
import { Heading, Quiet } from '@/kit/text';
import { colour, middling, paper } from '@/kit/tokens';
import { Frame } from '../frame/frame';
import { useAct } from '../frame/use-act';
import { lookThrough, takeThrough } from './actions';
import type { CameUpView } from './came-up-load';
import { SeveralWeeks } from './several-weeks';
import { letterOf, WaysList } from './ways-list';
import { asked, WhatCameUp, type Said } from './what-came-up';

/** Milliseconds for which nothing is typed before the ways are worked out. */
const STILL = 250;
const NOT_WORKED_OUT =
  'Hausplan did not answer, so nothing is worked out. Check that it is running, then change something here.';

export function CameUpSheet(view: CameUpView) {
  const { info, today, day, drawn } = view;
  const { act } = useAct();
  const router = useRouter();
  const [said, setSaid] = useState<Said>({
    is: view.is,
    first: day,
    last: day,
    label: 'ill',
    childId: view.children[0]?.id ?? '',
    lessonId: view.lessons[0]?.id ?? '',
    partId: view.parts[0]?.id ?? '',
    until: day,
    unitId:
      info.unitId && view.units.some((u) => u.id === info.unitId) ? info.unitId : (view.units[0]?.id ?? ''),
  });
  const [found, setFound] = useState<{
    of: string;
    because: string;
    ways: WayThrough[];
    faults: { where: string; what: string }[];
  }>();
  const [at, setAt] = useState(0);
  const what = asked(said, view);
  const of = JSON.stringify([what, info.revision]);
  useEffect(() => {
    let late = false;
    const timer = setTimeout(() => {
      void lookThrough((JSON.parse(of) as unknown[])[0]).then(
        (answer) => {
          if (late) return;
          setFound({ of, because: '', ways: [], faults: [], ...answer });
          setAt(0);
        },
        () => {
          if (!late) setFound({ of, because: NOT_WORKED_OUT, ways: [], faults: [] });
        },
      );
    }, STILL);
    return () => {
      late = true;
      clearTimeout(timer);
    };
  }, [of]);
  const set = (change: Partial<Said>): void => setSaid((s) => ({ ...s, ...change }));
  const isNew = found?.of === of;
  const ways = found?.ways ?? [];
  const way = isNew ? ways[at] : undefined;
  const error = (field: string): string | undefined =>
    isNew ? found.faults.find((f) => f.where === field)?.what : undefined;
  const take = (): void => {
    if (way)
      act((base) => takeThrough(base, { what, key: way.key, does: way.does }), {
        then: () => router.push(`/weeks${info.unitId ? `?unit=${info.unitId}` : ''}`),
      });
  };
  return (
    <Frame
      info={info}
      sheet={6}
      title="Something came up"
      subtitle="Nothing is kept until you take a way"
      actions={
        <LinkButton href={`/weeks${info.unitId ? `?unit=${info.unitId}` : ''}`}>Back to the week</LinkButton>
      }
      figures={[
        ...(way ? [{ name: 'Drawn', value: `revision ${letterOf(at)}` }] : []),
        ...(way && !way.refused ? [{ name: 'Lessons that move', value: String(way.moved.length) }] : []),
      ]}
      keys={[
        { keys: '↑ ↓', does: 'on a way: look at the one before or after it' },
        { keys: 'Enter', does: 'on a way: look at it' },
      ]}
    >
      {view.hasYear ? (
        <Two>
          <WhatCameUp view={view} said={said} set={set} error={error} />
          <Drawing>
            {' '}
            <SeveralWeeks
              drawn={way && !way.refused ? way.drawn : drawn}
              before={drawn}
              changed={new Set(way?.moved)}
              gone={new Set(way?.gone)}
              from={today}
              today={today}
              who={view.who}
              letter={way && !way.refused ? letterOf(at) : undefined}
            />
          </Drawing>
          <Ways aria-busy={!isNew}>
            <Heading>
              Ways through <small>{isNew ? 'each worked out' : 'being worked out …'}</small>
            </Heading>
            {isNew && found.because ? <p>{found.because}</p> : null}
            <WaysList ways={ways} at={isNew ? at : -1} choose={setAt} />
            {isNew && !ways.length && !found.faults.length && !found.because ? (
              <Quiet>There is nothing in the plan that this changes.</Quiet>
            ) : null}
            {way && way.also.length ? (
              <>
                <Heading>What {letterOf(at)} changes besides</Heading>
                <ul>
                  {way.also.map((a) => (
                    <li key={a}>{a}</li>
                  ))}
                </ul>
              </>
            ) : null}
            <Take>
              <Button $primary isDisabled={!way || !!way.refused} onPress={take}>
                Take {letterOf(at)}
              </Button>
              <LinkButton href={`/weeks${info.unitId ? `?unit=${info.unitId}` : ''}`}>
                Leave the plan as it is
              </LinkButton>
            </Take>
          </Ways>
        </Two>
      ) : (
        <p>There is no school year yet, so nothing can come up in it.</p>
      )}
    </Frame>
  );
}

const Two = styled.div`
  display: grid;
  grid-template: 'what ways' auto 'weeks ways' 1fr / minmax(0, 1fr) 340px;
  gap: 18px 28px;
  align-items: start;
  ${middling} {
    grid-template: 'what' auto 'ways' auto 'weeks' auto / minmax(0, 1fr);
  }
  ${paper} {
    grid-template: 'what' auto 'ways' auto 'weeks' auto / minmax(0, 1fr);
  }
`;
const Drawing = styled.div`
  grid-area: weeks;
  min-width: 0;
  /* Room for the cloud. */
  padding: 0 14px;
`;
const Ways = styled.section`
  grid-area: ways;
  display: grid;
  gap: 10px;
  li {
    padding: 7px 0;
    border-bottom: 1px solid ${colour.rule};
    font-size: 14px;
  }
`;
const Take = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-top: 6px;
`;

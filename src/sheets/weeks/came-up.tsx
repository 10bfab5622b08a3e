'use client';
/** Something came up: what it is, the ways through side by side, each drawn as a revision of the weeks; nothing is kept until one is taken. */
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { shortDate } from '@/core/calendar/dates';
import type { CameUp } from '@/core/edit/came-up';
import type { WayThrough } from '@/core/edit/ways-through';
import { Button } from '@/kit/button';
import { Choose } from '@/kit/choose';
import { DateField } from '@/kit/date-field';
import { TextField } from '@/kit/field';
import { LinkButton } from '@/kit/link-button';
import { Heading, Quiet } from '@/kit/text';
import { colour, middling, paper } from '@/kit/tokens';
import { Frame } from '../frame/frame';
import { useAct } from '../frame/use-act';
import { lookThrough, takeThrough } from './actions';
import type { CameUpView, Named } from './came-up-load';
import { SeveralWeeks } from './several-weeks';

type Kind = CameUp['is'];
const KINDS: readonly { value: Kind; name: string }[] = [
  { value: 'days-lost', name: 'days without school' },
  { value: 'child-ill', name: 'a child is ill' },
  { value: 'you-ill', name: 'you are ill' },
  { value: 'ran-over', name: 'a lesson needs another day' },
  { value: 'comes-late', name: 'something comes late' },
  { value: 'does-not-fit', name: 'a unit does not fit' },
  { value: 'enough', name: 'everyone is done with it' },
];

interface Said {
  is: Kind;
  first: string | null;
  last: string | null;
  label: string;
  childId: string;
  lessonId: string;
  partId: string;
  until: string | null;
  unitId: string;
}

/** What is asked for, without the fields that its kind does not have. */
function asked(said: Said, view: CameUpView): unknown {
  const { is, first, last, label, childId, lessonId, partId, until, unitId } = said;
  switch (is) {
    case 'days-lost':
      return { is, first, last, label };
    case 'child-ill':
      return { is, first, last, childId };
    case 'you-ill':
      return { is, first, last };
    case 'ran-over':
      return { is, lessonId, date: view.lessons.find((l) => l.id === lessonId)?.date ?? view.today };
    case 'comes-late':
      return { is, partId, until };
    case 'does-not-fit':
    case 'enough':
      return { is, unitId };
  }
}

/** Milliseconds for which nothing is typed before the ways are worked out. */
const STILL = 250;
const LETTERS = 'ABCDEFGHIJKLMNOP';

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
        () => undefined,
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
        ...(way ? [{ name: 'Drawn', value: `revision ${LETTERS[at]}` }] : []),
        ...(way && !way.refused ? [{ name: 'Lessons that move', value: String(way.moved.length) }] : []),
      ]}
      keys={[
        { keys: '↑ ↓', does: 'on a way: look at the one before or after it' },
        { keys: 'Enter', does: 'on a way: look at it' },
      ]}
    >
      {view.hasYear ? (
        <Two>
          <What>
            <Choose
              label="What came up"
              value={said.is}
              onChange={(is) => set({ is: is as Kind })}
              choices={KINDS}
            />
            {said.is === 'child-ill' ? (
              <Which
                label="Who"
                of={view.children}
                value={said.childId}
                set={(childId) => set({ childId })}
              />
            ) : null}
            {said.is === 'ran-over' ? (
              <Which
                label="Which lesson"
                of={view.lessons}
                value={said.lessonId}
                set={(lessonId) => set({ lessonId })}
              />
            ) : null}
            {said.is === 'comes-late' ? (
              <>
                <Which
                  label="What needs it"
                  of={view.parts}
                  value={said.partId}
                  set={(partId) => set({ partId })}
                />
                <DateField
                  label="It is there on"
                  value={said.until}
                  onChange={(until) => set({ until })}
                  error={error('until')}
                />
              </>
            ) : null}
            {said.is === 'enough' || said.is === 'does-not-fit' ? (
              <Which
                label="Which unit"
                of={view.units}
                value={said.unitId}
                set={(unitId) => set({ unitId })}
              />
            ) : null}
            {said.is === 'days-lost' || said.is === 'child-ill' || said.is === 'you-ill' ? (
              <>
                <DateField
                  label="From"
                  value={said.first}
                  onChange={(first) =>
                    set({ first, ...(first && (!said.last || said.last < first) ? { last: first } : {}) })
                  }
                  error={error('first')}
                />
                <DateField
                  label="To"
                  value={said.last}
                  onChange={(last) => set({ last })}
                  error={error('last')}
                />
              </>
            ) : null}
            {said.is === 'days-lost' ? (
              <TextField label="What for" value={said.label} onChange={(label) => set({ label })} />
            ) : null}
          </What>
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
              letter={way && !way.refused ? LETTERS[at] : undefined}
            />
          </Drawing>
          <Ways aria-busy={!isNew}>
            <Heading>
              Ways through <small>{isNew ? 'each worked out' : 'being worked out …'}</small>
            </Heading>
            {isNew && found.because ? <p>{found.because}</p> : null}
            <div role="radiogroup" aria-label="Ways through">
              {ways.map((w, i) => (
                <WayRow
                  key={w.key}
                  type="button"
                  role="radio"
                  aria-checked={i === at}
                  $chosen={i === at && isNew}
                  onClick={() => setAt(i)}
                  onKeyDown={(e) => {
                    const by = { ArrowDown: 1, ArrowUp: -1 }[e.key];
                    if (!by) return;
                    e.preventDefault();
                    const next = Math.min(ways.length - 1, Math.max(0, i + by));
                    setAt(next);
                    (e.currentTarget.parentElement?.children[next] as HTMLElement | undefined)?.focus();
                  }}
                >
                  <i>{LETTERS[i]}</i>
                  <span>
                    <b>{w.does}</b>
                    <small>
                      {w.refused
                        ? `Cannot be: ${w.refused}`
                        : w.says.map((s, n) => (
                            <span key={n} className={s.worse ? 'worse' : undefined}>
                              {n ? ' · ' : ''}
                              {s.text}
                            </span>
                          ))}
                    </small>
                  </span>
                </WayRow>
              ))}
            </div>
            {isNew && !ways.length && !found.faults.length && !found.because ? (
              <Quiet>There is nothing in the plan that this changes.</Quiet>
            ) : null}
            {way && way.also.length ? (
              <>
                <Heading>What {LETTERS[at]} changes besides</Heading>
                <ul>
                  {way.also.map((a) => (
                    <li key={a}>{a}</li>
                  ))}
                </ul>
              </>
            ) : null}
            <Take>
              <Button $primary isDisabled={!way || !!way.refused} onPress={take}>
                Take {LETTERS[at]}
              </Button>
              <LinkButton href={`/weeks${info.unitId ? `?unit=${info.unitId}` : ''}`}>
                Leave the plan as it is
              </LinkButton>
            </Take>
            {said.first ? null : <Quiet>Today is {shortDate(today)}.</Quiet>}
          </Ways>
        </Two>
      ) : (
        <p>There is no school year yet, so nothing can come up in it.</p>
      )}
    </Frame>
  );
}

function Which({
  label,
  of,
  value,
  set,
}: {
  label: string;
  of: readonly Named[];
  value: string;
  set: (id: string) => void;
}) {
  return of.length ? (
    <Choose
      label={label}
      value={value}
      onChange={set}
      choices={of.map((n) => ({ value: n.id, name: n.name }))}
    />
  ) : (
    <Quiet>There is none.</Quiet>
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
const What = styled.div`
  grid-area: what;
  display: flex;
  flex-wrap: wrap;
  gap: 10px 14px;
  & > * {
    min-width: 150px;
    flex: 1 1 150px;
    max-width: 300px;
  }
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
const WayRow = styled.button<{ $chosen: boolean }>`
  all: unset;
  box-sizing: border-box;
  display: grid;
  grid-template-columns: 26px minmax(0, 1fr);
  gap: 8px;
  width: 100%;
  padding: 9px 8px;
  cursor: pointer;
  border: ${(p) => (p.$chosen ? `2px solid ${colour.ink}` : '2px solid transparent')};
  border-bottom: ${(p) => (p.$chosen ? `2px solid ${colour.ink}` : `2px solid ${colour.rule}`)};
  background: ${(p) => (p.$chosen ? colour.room : 'none')};
  &:focus-visible {
    outline: 2px solid ${colour.ink};
    outline-offset: 2px;
  }
  i {
    font-style: normal;
    font-weight: 700;
    font-size: 12.5px;
    text-align: center;
    border: 1px solid ${colour.ink};
    height: 22px;
    line-height: 20px;
  }
  small {
    display: block;
    font-size: 13px;
    color: ${colour.graphite};
  }
  .worse {
    color: ${colour.red};
    font-weight: 700;
  }
`;
const Take = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-top: 6px;
`;

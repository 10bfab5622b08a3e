'use client';
import type { Unit } from '@/core/plan/unit';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import styled from 'styled-components';
import { dayMonth } from '@/core/calendar/dates';
import { Button } from '@/kit/button';
import { Link } from '@/kit/link';
import { LinkButton } from '@/kit/link-button';
import { Caution, Column, Heading, Quiet } from '@/kit/text';
import { colour, face, middling } from '@/kit/tokens';
import { Frame } from '../frame/frame';
import { useAct } from '../frame/use-act';
import { reopenUnit } from '../frame/closing/actions';
import { UnitRuler } from '../frame/unit-ruler';
import { Before } from './before';
import { IDEA_KEYS, Ideas } from './ideas';
import type { UnitView } from './load';
import { Objectives } from './objectives';
import { Questions } from './questions';
import { UnitForm } from './unit-form';

const CloseDialog = dynamic(() => import('../frame/closing/close-dialog').then((m) => m.CloseDialog), {
  ssr: false,
});

const OutlineDialog = dynamic(() => import('../frame/again/outline-dialog').then((m) => m.OutlineDialog), {
  ssr: false,
});
const TeachAgainDialog = dynamic(
  () => import('../frame/again/teach-again-dialog').then((m) => m.TeachAgainDialog),
  { ssr: false },
);

/** Closes the unit, or goes on with one that was closed. */
function CloseIt({ unit }: { unit: Unit }) {
  const { act } = useAct();
  const [isClosing, setClosing] = useState(false);
  return unit.closedOn === null ? (
    <>
      <Button onPress={() => setClosing(true)}>Close it…</Button>
      {isClosing ? <CloseDialog unit={unit} onClose={() => setClosing(false)} /> : null}
    </>
  ) : (
    <Button onPress={() => act((base) => reopenUnit(base, unit.id))}>Go on with it</Button>
  );
}

/** A new unit from one that was taught, or from an outline that was shared. */
function FromBefore({ view: { today, children, firstDay } }: { view: UnitView }) {
  const [opened, setOpened] = useState<'again' | 'outline'>();
  const close = (): void => setOpened(undefined);
  const starts = firstDay > today ? firstDay : today;
  return (
    <>
      <Button onPress={() => setOpened('outline')}>From an outline…</Button>
      <Button onPress={() => setOpened('again')}>Teach again…</Button>
      {opened === 'outline' ? <OutlineDialog today={starts} people={children} onClose={close} /> : null}
      {opened === 'again' ? <TeachAgainDialog today={starts} people={children} onClose={close} /> : null}
    </>
  );
}

export function UnitSheet(view: UnitView) {
  const { unit, verdict, info } = view;
  const unmet = view.objectives.filter(
    (o) => !view.lessons.some((l) => l.objectiveIds.includes(o.id)),
  ).length;
  const open = view.questions.filter((q) => !q.answer).length;
  return (
    <Frame
      info={info}
      sheet={2}
      title={unit?.title ?? 'A new unit'}
      subtitle={unit ? whenItIs(unit) : 'One topic, several children, so many weeks'}
      actions={
        unit ? (
          <>
            {unit.waiting || info.looking ? null : <CloseIt unit={unit} />}
            <LinkButton href="/unit?new=1">New unit</LinkButton>
            {unit.waiting ? null : (
              <LinkButton href={`/record/look-back?unit=${unit.id}`}>Look back</LinkButton>
            )}
            <LinkButton href={`/paper/unit?unit=${unit.id}`}>On one page</LinkButton>
            <LinkButton $primary href={`/lessons?unit=${unit.id}`}>
              Its lessons
            </LinkButton>
          </>
        ) : (
          <FromBefore view={view} />
        )
      }
      figures={
        unit
          ? [
              { name: 'Lessons', value: String(view.lessons.length) },
              ...(view.objectives.length
                ? [
                    {
                      name: 'Objectives met',
                      value: `${view.objectives.length - unmet} of ${view.objectives.length}`,
                    },
                  ]
                : []),
              ...(open ? [{ name: 'Open questions', value: String(open) }] : []),
              ...(view.forecast
                ? [
                    {
                      name: view.forecast.isKnown ? 'Likely' : 'By guess',
                      value: view.forecast.short,
                      how: 'forecast' as const,
                    },
                  ]
                : []),
              ...(verdict?.finishes
                ? [{ name: 'Finishes', value: dayMonth(verdict.finishes), how: 'pacing' as const }]
                : []),
              ...(verdict?.meetsEnd && verdict.wishedEnd
                ? [{ name: 'To spare', value: `${verdict.spareDays} days`, how: 'pacing' as const }]
                : []),
            ]
          : []
      }
      keys={IDEA_KEYS}
    >
      {info.units.length > 1 || !unit ? (
        <Units aria-label="Units">
          {info.units.map((u) => (
            <Link
              key={u.id}
              href={`/unit?unit=${u.id}`}
              aria-current={u.id === unit?.id ? 'page' : undefined}
            >
              {u.title}
            </Link>
          ))}
        </Units>
      ) : null}
      {view.children.length === 0 ? (
        <Caution>
          There are no children yet. <Link href="/setup">Add them first</Link>, then come back.
        </Caution>
      ) : null}
      {!view.hasYear && !unit ? (
        <Quiet>
          You need not plan a year first: lessons fall on Mondays to Fridays until you{' '}
          <Link href="/year">say otherwise</Link>.
        </Quiet>
      ) : null}
      {unit && view.days.length ? (
        <Length aria-labelledby="length">
          <Heading id="length">How long it takes</Heading>
          <UnitRuler
            days={view.days}
            today={view.today}
            wishedEnd={unit.wishedEnd}
            message={view.message}
            forecast={view.forecast}
          />
          {verdict && !verdict.meetsEnd ? <Caution>{view.message}</Caution> : <p>{view.message}</p>}
        </Length>
      ) : null}
      <Columns>
        <div>
          <UnitForm key={unit?.id ?? 'new'} view={view} />
          {unit ? <Ideas key={`ideas ${unit.id}`} view={view} unit={unit} /> : null}
        </div>
        {unit ? (
          <aside>
            <Before view={view} unit={unit} />
            <Objectives key={unit.id} view={view} unit={unit} />
            <Questions key={`questions ${unit.id}`} view={view} unit={unit} />
            <Column>
              <header>
                <Heading>Trips and the close</Heading>
              </header>
              <Quiet>
                Field trips, the closing event, and what comes back by itself are on the{' '}
                <Link href={`/lessons?unit=${unit.id}`}>Lessons</Link> sheet, below the list.
              </Quiet>
            </Column>
          </aside>
        ) : (
          <aside>
            <Before view={view} unit={null} />
          </aside>
        )}
      </Columns>
    </Frame>
  );
}

const Units = styled.nav`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  margin-bottom: 18px;
  a {
    font: 600 16px/1.3 ${face.title};
    text-decoration-thickness: 1px;
    text-underline-offset: 4px;
  }
  a[aria-current] {
    text-decoration: none;
    border-bottom: 3px solid ${colour.ink};
  }
`;
const Length = styled.section`
  display: grid;
  gap: 10px;
  margin-bottom: 26px;
  p {
    max-width: 90ch;
  }
`;
const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  gap: 36px;
  align-items: start;
  & > div {
    display: grid;
    gap: 30px;
  }
  & > aside {
    display: grid;
    gap: 26px;
  }
  ${middling} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

function whenItIs({ waiting, starts, wishedEnd, lessonsPerWeek }: Unit): string {
  if (waiting) return 'waiting for its place in the year';
  const from = `from ${dayMonth(starts)}`;
  if (wishedEnd) return `${from}, wished to end ${dayMonth(wishedEnd)}`;
  return lessonsPerWeek ? from : `${from}, open`;
}

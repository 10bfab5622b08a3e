'use client';
/** A unit looked back on: what it took, what was loved and left; what to keep, change, drop; its talks; to share it. */
import dynamic from 'next/dynamic';
import { useState } from 'react';
import styled from 'styled-components';
import { dayMonth, shortDate } from '@/core/calendar/dates';
import { count } from '@/core/plan/called';
import { Button, PlainButton } from '@/kit/button';
import { Choose } from '@/kit/choose';
import { Fold } from '@/kit/fold';
import { Link } from '@/kit/link';
import { LinkButton } from '@/kit/link-button';
import { Caution, Column, Heading, Line, Quiet } from '@/kit/text';
import { Ticks } from '@/kit/ticks';
import { middling } from '@/kit/tokens';
import { Frame } from '../frame/frame';
import { inYear } from '../frame/look';
import { UnitSwitch } from '../frame/unit-switch';
import { useAct } from '../frame/use-act';
import { giveMinutes, onceMore } from './actions';
import { Judge } from './judge';
import type { LookBackView } from './load';
import { Talks } from './talks';

const TeachAgainDialog = dynamic(
  () => import('../frame/again/teach-again-dialog').then((m) => m.TeachAgainDialog),
  { ssr: false },
);
const CloseDialog = dynamic(() => import('../frame/closing/close-dialog').then((m) => m.CloseDialog), {
  ssr: false,
});

export function LookBackSheet(view: LookBackView) {
  const { info, unit, back, today, children } = view;
  const [isAgain, setAgain] = useState(false);
  const [isClosing, setClosing] = useState(false);
  return (
    <Frame
      info={info}
      sheet={9}
      title={unit ? `Look back: ${unit.title}` : 'Look back'}
      subtitle={unit?.closedOn ? `closed on ${shortDate(unit.closedOn)}` : 'as far as it was taught'}
      actions={
        <>
          <LinkButton href={inYear('/record', info.looking?.id)}>Back to the record</LinkButton>
          {unit && unit.closedOn === null && !info.looking ? (
            <Button onPress={() => setClosing(true)}>Close it…</Button>
          ) : null}
          {info.looking || !back?.taught ? null : (
            <Button $primary onPress={() => setAgain(true)}>
              Teach again…
            </Button>
          )}
        </>
      }
      figures={
        back
          ? [
              { name: 'Lessons', value: `${back.taught} of ${back.lessons}` },
              { name: 'Weeks', value: back.hoped ? `${back.weeks} of ${back.hoped}` : String(back.weeks) },
              ...(view.money ? [{ name: 'Money', value: view.money }] : []),
            ]
          : []
      }
    >
      {info.units.length > 1 ? <UnitSwitch units={info.units} unitId={unit?.id} /> : null}
      {!unit || !back ? (
        <Quiet>
          There is no unit yet. <Link href="/unit?new=1">Begin one</Link>.
        </Quiet>
      ) : (
        <Columns>
          <section>
            <Figures view={view} back={back} />
            {view.toCome.length && view.factors.length && !info.looking ? <Factors view={view} /> : null}
            <Column aria-labelledby="judge">
              <header>
                <Heading id="judge">Another time</Heading>
                <Quiet as="span">keep · change · drop</Quiet>
              </header>
              {view.lessons.map((l) => (
                <div key={l.id}>
                  <Judge one={l} today={today} strong />
                  <Under>
                    {l.parts.map((p) => (
                      <Judge key={p.id} one={p} today={today} />
                    ))}
                  </Under>
                </div>
              ))}
            </Column>
          </section>
          <section>
            {view.books.length ? (
              <Column aria-labelledby="books">
                <header>
                  <Heading id="books">Its books</Heading>
                </header>
                {view.books.map((b) => (
                  <Judge key={b.id} one={b} today={today} />
                ))}
              </Column>
            ) : null}
            {info.looking ? null : <Talks view={view} />}
            <Share view={view} unitId={unit.id} />
          </section>
        </Columns>
      )}
      {isAgain && unit ? (
        <TeachAgainDialog today={today} people={children} unitId={unit.id} onClose={() => setAgain(false)} />
      ) : null}
      {isClosing && unit ? <CloseDialog unit={unit} onClose={() => setClosing(false)} /> : null}
    </Frame>
  );
}

function Figures({ view, back }: { view: LookBackView; back: NonNullable<LookBackView['back']> }) {
  const { factors, amounts, left } = view;
  const { act } = useAct();
  const lines = [
    back.from
      ? `Taught from ${dayMonth(back.from)} to ${dayMonth(back.to!)}`
      : 'Nothing of it was taught yet',
    ...factors.map(
      (f) => `${f.name}: ${f.factor.toFixed(1)} times the minutes it was given, of ${count(f.times, 'time')}`,
    ),
    back.loved.length ? `Loved: ${back.loved.map((l) => l.title).join(', ')}` : '',
    back.dropped.length ? `Dropped: ${back.dropped.join(', ')}` : '',
    back.unused.length ? `Not done: ${[...new Set(back.unused.map((p) => p.title))].join(', ')}` : '',
    back.printed.pages
      ? `Printed: ${count(back.printed.pages, 'sheet')}, ${back.printed.unused} of them not used`
      : '',
    left.lessons.length
      ? `${view.unit?.closedOn ? 'Left over' : 'Still to come'}: ${left.lessons.join(', ')}`
      : '',
    ...amounts,
    back.questions.length ? `Still open: ${back.questions.map((q) => q.text).join(' · ')}` : '',
  ].filter(Boolean);
  return (
    <Column aria-labelledby="figures">
      <header>
        <Heading id="figures">What it was</Heading>
      </header>
      {lines.map((l) => (
        <Line key={l}>
          <span>{l}</span>
        </Line>
      ))}
      {view.unit?.closedOn === null && !view.info.looking
        ? back.loved.map((l) => (
            <Line key={l.partId}>
              <span>{l.title} was loved</span>
              <PlainButton
                aria-label={`${l.title} once more`}
                onPress={() => act((base) => onceMore(base, l.partId))}
              >
                once more in the next lesson
              </PlainButton>
            </Line>
          ))
        : null}
    </Column>
  );
}

/** Minutes of another unit by what such things took here: chosen, never slipped in. */
function Factors({ view: { factors, toCome } }: { view: LookBackView }) {
  const { act } = useAct();
  const [unitId, setUnit] = useState(toCome[0].id);
  const [kinds, setKinds] = useState(factors.map((f) => f.kind));
  return (
    <Fold title="Use these minutes next time" message="for what is still to come in another unit">
      <Choose
        label="In"
        value={unitId}
        onChange={setUnit}
        choices={toCome.map((u) => ({ value: u.id, name: u.title }))}
      />
      <Ticks
        label="Kinds"
        all={factors.map((f) => ({ value: f.kind, name: `${f.name}: ${f.factor.toFixed(1)} times` }))}
        value={kinds}
        onChange={setKinds}
      />
      <Button
        isDisabled={!kinds.length}
        onPress={() =>
          act((base) =>
            giveMinutes(base, {
              unitId,
              factors: factors
                .filter((f) => kinds.includes(f.kind))
                .map(({ kind, factor }) => ({ kind, factor: Math.min(10, Math.max(0.1, factor)) })),
            }),
          )
        }
      >
        Use them
      </Button>
    </Fold>
  );
}

/** The unit without the family, for another one. */
function Share({ view: { named, info }, unitId }: { view: LookBackView; unitId: string }) {
  const at = (file: string): string => inYear(`/files/${file}?unit=${unitId}`, info.looking?.id);
  return (
    <Column aria-labelledby="share">
      <header>
        <Heading id="share">To share</Heading>
      </header>
      <p>
        Its lessons, activities, books by title, cautions and notes, without the family.{' '}
        <a href={at('outline.json')} download="outline.json">
          As an open file
        </a>
        , or{' '}
        <a href={at('outline.md')} download="outline.md">
          to read (Markdown)
        </a>
        .
      </p>
      {named.length ? (
        <>
          <Caution>
            In {count(named.length, 'place')} somebody of yours is named, and goes out unnamed. Read it over:
          </Caution>
          <Named>
            {named.slice(0, 12).map((n) => (
              <li key={n.where}>{n.text}</li>
            ))}
          </Named>
        </>
      ) : null}
    </Column>
  );
}

const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
  gap: 44px;
  align-items: start;
  & > section {
    display: grid;
    gap: 22px;
  }
  ${middling} {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Under = styled.div`
  padding-left: 18px;
`;
const Named = styled.ul`
  font-size: 13px;
  overflow-wrap: anywhere;
`;

'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useState } from 'react';
import styled from 'styled-components';
import { lengthText, shortDate } from '@/core/calendar/dates';
import { PlainButton } from '@/kit/button';
import { LinkButton } from '@/kit/link-button';
import { ChildName, hatchColour } from '@/kit/hatch';
import { Bar } from '@/kit/bar';
import { Column, Heading, Line, Quiet } from '@/kit/text';
import { colour, face, middling, narrow, paper } from '@/kit/tokens';
import { Frame } from '../frame/frame';
import { Cautions } from '../frame/cautions';
import { useAct } from '../frame/use-act';
import { moveOn, tick } from './actions';
import { DayDrawing } from './day-drawing';
import { DayRooms } from './day-room';
import type { Read } from './note-reading';
import type { TodayView } from './load';

const NoteReading = dynamic(() => import('./note-reading').then((m) => m.NoteReading), { ssr: false });

export function TodaySheet(view: TodayView) {
  const { info, rooms, date, today } = view;
  const done = rooms.filter((r) => r.done).length;
  const [noting, note] = useState<Read>();
  return (
    <Frame
      info={info} sheet={8} title={view.title} subtitle={<>{date === today ? 'today' : date < today ? 'gone by' : 'to come'}{view.subtitle ? <> · <em>{view.subtitle}</em></> : null}</>}
      actions={<>{view.before ? <LinkButton href={`/today?day=${view.before}`} aria-label="School day before">‹ {shortDate(view.before)}</LinkButton> : null}{view.after ? <LinkButton href={`/today?day=${view.after}`} aria-label="School day after">{shortDate(view.after)} ›</LinkButton> : null}{date !== today ? <LinkButton href="/today" $primary>Today</LinkButton> : null}</>}
      figures={[
        ...(view.schoolDay ? [{ name: 'School day', value: `${view.schoolDay.number} of ${view.schoolDay.of}` }] : []),
        ...(rooms.length ? [{ name: 'Ticked', value: `${done} of ${rooms.length}` }, { name: 'You lead', value: lengthText(view.leadMinutes) }] : []),
        ...(view.inkedTo ? [{ name: 'Inked to', value: shortDate(view.inkedTo) }] : []),
      ]}
      keys={[{ keys: 'Space', does: 'on a tick box: done' }]}
    >
      <Columns>
        <div>
          {rooms.length ? (
            <>
              {view.closed ? <Quiet>No school: this is {view.closed}. What stands here was done, or stays.</Quiet> : null}
              <Lanes style={{ gridTemplateColumns: `repeat(${view.children.length}, minmax(0, 1fr))` }}>
                {view.children.map((c) => (
                  <div key={c.id}>
                    <ChildLink href={`/child/${c.id}?day=${date}`} aria-label={`${c.name}’s list`}><ChildName name={c.name} hatch={c.hatch} short /><Quiet as="span">{c.age} · list</Quiet></ChildLink>
                    <Bar taken={c.minutes} limit={c.limit} fill={hatchColour[c.hatch]} says={`${c.name}: ${c.minutes} of ${c.limit} minutes`} />
                  </div>
                ))}
              </Lanes>
              <Wide><DayDrawing view={view} /></Wide>
              <Slim><DayRooms view={view} /></Slim>
            </>
          ) : <Nothing view={view} />}
        </div>
        <aside>
          {view.left.length ? <Left view={view} /> : null}
          {view.ready.length ? (
            <Column>
              <header><Heading>Have ready</Heading><Quiet as="span">{view.ready.length}</Quiet></header>
              {view.ready.map((r, i) => <Line key={i}><div>{r.what}<Quiet>{r.when}</Quiet></div></Line>)}
            </Column>
          ) : null}
          {view.cautions.length ? (
            <Column>
              <header><Heading>With care</Heading></header>
              {view.cautions.map((c) => <div key={c.of}><Quiet>{c.of}</Quiet><Cautions cautions={c.cautions} of={c.of} /></div>)}
            </Column>
          ) : null}
          {view.onTheTable.length ? (
            <Column>
              <header><Heading>On the table</Heading><Quiet as="span">{view.onTheTable.length} {view.onTheTable.length === 1 ? 'book' : 'books'}</Quiet></header>
              {view.onTheTable.map((b, i) => <Line key={i}><div><Title>{b.title}</Title><Quiet>{[b.pages, b.role === 'spine' ? 'the spine, aloud' : b.role === 'together' ? 'aloud' : b.role === 'reference' ? 'for you' : b.reader || 'to browse'].filter(Boolean).join(' · ')}</Quiet>{b.read && date <= today ? <PlainButton aria-label={`Note how long “${b.title}” took ${b.reader}`} onPress={() => note(b.read)}>Pages and minutes…</PlainButton> : null}</div></Line>)}
            </Column>
          ) : null}
          {view.questions.length ? (
            <Column>
              <header><Heading>Asked along the way</Heading><Quiet as="span">{view.questions.length} open</Quiet></header>
              {view.questions.map((q) => <Line key={q.id}><div>{q.text}<Quiet>{q.who}</Quiet></div></Line>)}
            </Column>
          ) : null}
        </aside>
      </Columns>
      {noting ? <NoteReading read={noting} date={date} onClose={() => note(undefined)} /> : null}
    </Frame>
  );
}

function Nothing({ view }: { view: TodayView }) {
  if (!view.hasYear) return <p>There is no plan yet. <Link href="/setup">Begin with the family</Link>.</p>;
  return (
    <>
      <p>{view.closed ? `No school: this is ${view.closed}.` : 'Nothing is laid out on this day.'}</p>
      {view.after ? <p><Link href={`/today?day=${view.after}`}>Look at {shortDate(view.after)}</Link>, or at the <Link href="/weeks">week</Link>.</p> : null}
    </>
  );
}

function Left({ view }: { view: TodayView }) {
  const { act } = useAct();
  return (
    <Column>
      <header><Heading>Left from days before</Heading><Quiet as="span">{view.left.length}</Quiet></header>
      {view.left.slice(0, 8).map((l) => (
        <Line key={l.partId}>
          <div>
            {l.title}<Quiet>{l.date}</Quiet>
            <Doings>
              <PlainButton aria-label={`“${l.title}” was done`} onPress={() => act((base) => tick(base, { partId: l.partId, childId: null, date: l.on }))}>It was done</PlainButton>
              {l.canMove ? <PlainButton aria-label={`“${l.title}” did not happen`} onPress={() => act((base) => moveOn(base, { partId: l.partId, date: l.on, rubOut: false }), { rubOut: (base) => moveOn(base, { partId: l.partId, date: l.on, rubOut: true }) })}>It did not happen</PlainButton> : null}
            </Doings>
          </div>
        </Line>
      ))}
      {view.left.length > 8 ? <Quiet>and {view.left.length - 8} more on the days before.</Quiet> : null}
    </Column>
  );
}

const Columns = styled.div`display: grid; grid-template-columns: minmax(0, 1fr) 250px; gap: 28px; ${middling} { grid-template-columns: minmax(0, 1fr); } ${paper} { display: block; }`;
const Lanes = styled.div`display: grid; gap: 3px 10px; padding-left: 48px; margin-bottom: 8px; & > div { min-width: 0; padding-right: 8px; } ${narrow} { padding-left: 0; grid-template-columns: repeat(2, minmax(0, 1fr)) !important; }`;
const ChildLink = styled(Link)`display: flex; flex-wrap: wrap; gap: 0 8px; align-items: baseline; max-width: 100%; & > :first-child { max-width: 100%; } text-decoration: none; min-height: 28px; p, & > span:last-child { text-decoration: underline; text-underline-offset: 3px; } ${narrow} { min-height: 44px; align-items: center; }`;
const Wide = styled.div`${narrow} { display: none; }`;
const Slim = styled.div`display: none; ${narrow} { display: block; }`;
const Title = styled.span`font: 600 15px/1.2 ${face.title};`;
const Doings = styled.div`display: flex; gap: 14px; flex-wrap: wrap; color: ${colour.ink};`;

'use client';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { lengthText, shortDate } from '@/core/calendar/dates';
import { count } from '@/core/plan/called';
import { Button, PlainButton } from '@/kit/button';
import { LinkButton } from '@/kit/link-button';
import { ChildName, hatchColour } from '@/kit/hatch';
import { Bar } from '@/kit/bar';
import { Link } from '@/kit/link';
import { Column, Heading, Line, Quiet } from '@/kit/text';
import { Frame } from '../frame/frame';
import { useAct } from '../frame/use-act';
import { useEachMinute } from '../frame/use-each-minute';
import { useCustoms } from '@/kit/locale';
import { awayInWords } from '../frame/away';
import { Cautions } from '../frame/cautions';
import { Weather } from '../frame/weather';
import { tickDay } from './actions';
import { doOtherwise } from './fact-actions';
import { DayDrawing } from './day-drawing';
import { PhoneDay } from './phone-day';
import { Calls, NotesOfDay, Running } from './noted';
import type { Read } from './note-reading';
import type { TodayView } from './load';
import { Nothing, Left, Columns, Lanes, ChildLink, OnWide, Wide, Slim, Title } from './beside-day';

const AskQuestion = dynamic(() => import('./question').then((m) => m.AskQuestion), { ssr: false });
const AnswerQuestion = dynamic(() => import('./question').then((m) => m.AnswerQuestion), { ssr: false });
const AskDialog = dynamic(() => import('../frame/ask/ask-dialog').then((m) => m.AskDialog), { ssr: false });
const CloseDay = dynamic(() => import('./close-day').then((m) => m.CloseDay), { ssr: false });
const NoteReading = dynamic(() => import('./note-reading').then((m) => m.NoteReading), { ssr: false });

export function TodaySheet(view: TodayView) {
  const { info, rooms, date, today } = view;
  const { act } = useAct();
  const { clock } = useCustoms();
  const planned = rooms.filter((r) => !r.missed);
  const done = planned.filter((r) => r.done).length;
  const [noting, setNoting] = useState<Read>();
  const [isClosing, setClosing] = useState(false);
  const [isAsking, setAsking] = useState(false);
  const [saying, setSaying] = useState<TodayView['askings'][number]>();
  const [answering, setAnswering] = useState<TodayView['questions'][number]>();
  useEachMinute(view.now !== undefined);
  return (
    <Frame
      info={info}
      sheet={8}
      title={view.title}
      subtitle={
        <>
          {whenIs(date, today)}
          {view.goes ? ` · ${asItGoes(view.goes)}` : null}
          {view.subtitle ? (
            <>
              {' '}
              · <em>{view.subtitle}</em>
            </>
          ) : null}
        </>
      }
      actions={
        <>
          {view.before ? (
            <LinkButton href={`/today?day=${view.before}`} aria-label="School day before">
              ‹ {shortDate(view.before)}
            </LinkButton>
          ) : null}
          {view.after ? (
            <LinkButton href={`/today?day=${view.after}`} aria-label="School day after">
              {shortDate(view.after)} ›
            </LinkButton>
          ) : null}
          {done < planned.length && date <= today && !view.info.looking ? (
            <Button onPress={() => act((base) => tickDay(base, { date, lessonId: null }))}>
              All of it is done
            </Button>
          ) : null}
          <OnWide>
            {rooms.length && date <= today && !view.info.looking ? (
              <Button onPress={() => setClosing(true)}>Close the day…</Button>
            ) : null}
          </OnWide>
          {rooms.length ? (
            <LinkButton href={`/paper/hand-over?first=${date}`}>To hand over</LinkButton>
          ) : null}
          {date !== today ? (
            <LinkButton href="/today" $primary>
              Today
            </LinkButton>
          ) : null}
        </>
      }
      figures={[
        ...(view.schoolDay
          ? [{ name: 'School day', value: `${view.schoolDay.number} of ${view.schoolDay.of}` }]
          : []),
        ...(rooms.length
          ? [
              { name: 'Ticked', value: `${done} of ${planned.length}` },
              { name: 'You lead', value: lengthText(view.leadMinutes), how: 'day' as const },
            ]
          : []),
        ...(view.inkedTo ? [{ name: 'Inked to', value: shortDate(view.inkedTo) }] : []),
      ]}
      keys={[{ keys: 'Space', does: 'on a tick box: done' }]}
    >
      <Columns>
        <div>
          {rooms.length ? (
            <>
              {view.closed ? (
                <Quiet>No school: this is {view.closed}. What stands here was done, or stays.</Quiet>
              ) : null}
              <Lanes style={{ gridTemplateColumns: `repeat(${view.children.length}, minmax(0, 1fr))` }}>
                {view.children.map((c) => (
                  <div key={c.id}>
                    <ChildLink href={`/child/${c.id}?day=${date}`} aria-label={`${c.name}’s list`}>
                      <ChildName name={c.name} hatch={c.hatch} short />
                      <Quiet as="span">{c.age} · list</Quiet>
                    </ChildLink>
                    <Bar
                      taken={c.minutes}
                      limit={c.limit}
                      fill={hatchColour[c.hatch]}
                      message={`${c.name}: ${c.minutes} of ${c.limit} minutes`}
                    />
                  </div>
                ))}
              </Lanes>
              <Wide>
                <DayDrawing view={view} />
                {view.away
                  .filter((a) => !view.children.some((c) => c.id === a.who))
                  .map((a) => (
                    <Quiet key={`${a.who} ${a.starts}`}>{awayInWords(a, clock)}.</Quiet>
                  ))}
              </Wide>
              <Slim>
                <PhoneDay
                  view={view}
                  onAsk={view.units.length ? () => setAsking(true) : undefined}
                  onSay={view.askings.length ? () => setSaying(view.askings[0]) : undefined}
                  onClose={date <= today ? () => setClosing(true) : undefined}
                />
              </Slim>
            </>
          ) : (
            <Nothing view={view} />
          )}
        </div>
        <aside>
          <Calls view={view} />
          <Running waits={view.running} />
          <Weather rained={view.rained} doOtherwise={doOtherwise} />
          {view.askings.length ? (
            <Column>
              <header>
                <Heading>Ask</Heading>
                <Quiet as="span">one key each</Quiet>
              </header>
              {view.askings.map((a) => (
                <Line key={a.name}>
                  <span>
                    {a.name}
                    <Quiet>
                      {count(a.questions.length, 'question')},{' '}
                      {count(new Set(a.questions.map((q) => q.childId)).size, 'child', 'children')}
                    </Quiet>
                  </span>
                  <PlainButton aria-label={`Ask: ${a.name}`} onPress={() => setSaying(a)}>
                    Ask…
                  </PlainButton>
                </Line>
              ))}
              <Link href={`/paper/questions?day=${date}`}>On paper, with the key apart</Link>
            </Column>
          ) : null}
          {view.left.length ? <Left view={view} /> : null}
          {view.ready.length ? (
            <Column>
              <header>
                <Heading>Have ready</Heading>
                <Quiet as="span">{view.ready.length}</Quiet>
              </header>
              {view.ready.map((r, i) => (
                <Line key={i}>
                  <div>
                    {r.what}
                    <Quiet>{r.when}</Quiet>
                  </div>
                </Line>
              ))}
            </Column>
          ) : null}
          {view.cautions.length ? (
            <Column>
              <header>
                <Heading>With care</Heading>
              </header>
              {view.cautions.map((c) => (
                <div key={c.of}>
                  <Quiet>{c.of}</Quiet>
                  <Cautions cautions={c.cautions} of={c.of} />
                </div>
              ))}
            </Column>
          ) : null}
          {view.onTheTable.length ? (
            <Column>
              <header>
                <Heading>On the table</Heading>
                <Quiet as="span">
                  {view.onTheTable.length} {view.onTheTable.length === 1 ? 'book' : 'books'}
                </Quiet>
              </header>
              {view.onTheTable.map((b, i) => (
                <Line key={i}>
                  <div>
                    <Title>{b.title}</Title>
                    <Quiet>
                      {[b.pages, b.reader || (READ_HOW[b.role] ?? 'to browse')].filter(Boolean).join(' · ')}
                    </Quiet>
                    {b.read && date <= today ? (
                      <PlainButton
                        aria-label={`Note how long “${b.title}” took ${b.reader}`}
                        onPress={() => setNoting(b.read)}
                      >
                        Pages and minutes…
                      </PlainButton>
                    ) : null}
                  </div>
                </Line>
              ))}
            </Column>
          ) : null}
          {view.units.length ? (
            <Column>
              <header>
                <Heading>Asked along the way</Heading>
                <Quiet as="span">{view.questions.length} open</Quiet>
              </header>
              {view.questions.map((q) => (
                <Line key={q.id}>
                  <div>
                    {q.text}
                    <Quiet>{q.who}</Quiet>
                    {view.info.looking ? null : (
                      <PlainButton aria-label={`Answer “${q.text}”`} onPress={() => setAnswering(q)}>
                        Answer…
                      </PlainButton>
                    )}
                  </div>
                </Line>
              ))}
              {view.info.looking ? null : (
                <PlainButton onPress={() => setAsking(true)}>A question…</PlainButton>
              )}
            </Column>
          ) : null}
          {view.rooms.length && date <= today && !info.looking ? <NotesOfDay view={view} /> : null}
        </aside>
      </Columns>
      {isAsking ? <AskQuestion view={view} onClose={() => setAsking(false)} /> : null}
      {answering ? <AnswerQuestion question={answering} onClose={() => setAnswering(undefined)} /> : null}
      {saying ? (
        <AskDialog
          asking={saying}
          who={view.children}
          date={date}
          reward={view.reward}
          onClose={() => setSaying(undefined)}
        />
      ) : null}
      {isClosing ? <CloseDay date={date} onClose={() => setClosing(false)} /> : null}
      {noting ? <NoteReading read={noting} date={date} onClose={() => setNoting(undefined)} /> : null}
    </Frame>
  );
}

function whenIs(date: string, today: string): string {
  if (date === today) return 'today';
  return date < today ? 'gone by' : 'to come';
}

/** How a day goes that is followed. */
function asItGoes({ behind, later }: NonNullable<TodayView['goes']>): string {
  const now = behind > 0 ? `${lengthText(behind)} behind` : 'as planned so far';
  if (later > 0) return `${now}, ends ${lengthText(later)} later`;
  if (later < 0) return `${now}, ends ${lengthText(-later)} sooner`;
  return behind > 0 ? `${now}, ends as planned` : now;
}

/** How a book of the day is read; what has no word here says who reads it. */
const READ_HOW: Partial<Record<string, string>> = {
  spine: 'the spine, aloud',
  together: 'aloud',
  reference: 'for you',
};

'use client';
/** What came up while the day went: children who called, what waits by itself, and notes on the day. */
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { clockText, shortDate } from '@/core/calendar/dates';
import { PlainButton } from '@/kit/button';
import { ChildName } from '@/kit/hatch';
import { Column, Heading, Line, Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { takeBack } from './fact-actions';
import type { TodayView } from './load';
import type { Clock } from '@/core/calendar/customs';
import { useCustoms } from '@/kit/locale';

const WriteNote = dynamic(() => import('./write-note').then((m) => m.WriteNote), { ssr: false });

/** Children who need help, or are done early: seen at once, and gone once they were seen to. */
export function Calls({ view }: { view: TodayView }) {
  const { act } = useAct();
  if (!view.calls.length) return null;
  return (
    <Column role="status">
      <header>
        <Heading>They call</Heading>
        <Quiet as="span">{view.calls.length}</Quiet>
      </header>
      {view.calls.map(({ id, childId, kind, at }) => {
        const child = view.children.find((c) => c.id === childId)!;
        const says = kind === 'help' ? 'needs help' : 'is done early';
        return (
          <Line key={id}>
            <div>
              <ChildName name={child.name} hatch={child.hatch} /> {says}
              {at ? <Quiet>{at}</Quiet> : null}
              <PlainButton
                aria-label={`Seen to: ${child.name} ${says}`}
                onPress={() => act((base) => takeBack(base, { entryId: id }))}
              >
                Seen to
              </PlainButton>
            </div>
          </Line>
        );
      })}
    </Column>
  );
}

export function Running({ waits }: { waits: TodayView['running'] }) {
  const { clock } = useCustoms();
  if (!waits.length) return null;
  return (
    <Column>
      <header>
        <Heading>Waiting by itself</Heading>
      </header>
      {waits.map((w) => (
        <Line key={w.partId}>
          <div>
            {w.title}
            <Quiet>
              {w.label} since {moment(w.since, clock)}, ready {moment(w.until, clock)}
            </Quiet>
          </div>
        </Line>
      ))}
    </Column>
  );
}

const moment = ({ date, minutes }: { date: string; minutes: number }, clock: Clock): string =>
  `${shortDate(date)} ${clockText(minutes, clock)}`;

export function NotesOfDay({ view }: { view: TodayView }) {
  const { act } = useAct();
  const [isWriting, setWriting] = useState(false);
  return (
    <Column>
      <header>
        <Heading>Noted on this day</Heading>
      </header>
      {view.notes.map((n) => (
        <Line key={n.id}>
          <div>
            {n.text}
            <PlainButton
              aria-label={`Take back “${n.text}”`}
              onPress={() => act((base) => takeBack(base, { entryId: n.id }))}
            >
              Take it back
            </PlainButton>
          </div>
        </Line>
      ))}
      <PlainButton onPress={() => setWriting(true)}>A note on the day…</PlainButton>
      {isWriting ? (
        <WriteNote
          title={`A note on ${shortDate(view.date)}`}
          about={{ partId: null, childId: null, date: view.date }}
          onClose={() => setWriting(false)}
        />
      ) : null}
    </Column>
  );
}

'use client';
/** Several weeks on one sheet, to look at, to print, and to ink up to a day. */
import { useState } from 'react';
import styled from 'styled-components';
import { dayMonth, shortDate } from '@/core/calendar/dates';
import { Button } from '@/kit/button';
import { DateField } from '@/kit/date-field';
import { FormDialog } from '@/kit/form-dialog';
import { LinkButton } from '@/kit/link-button';
import { Quiet } from '@/kit/text';
import { Frame } from '../frame/frame';
import { LoadsFold } from '../frame/loads-fold';
import { useAct } from '../frame/use-act';
import { inkUpTo } from './actions';
import { SeveralWeeks } from './several-weeks';
import type { SeveralView } from './several-load';

const NONE: ReadonlySet<string> = new Set();

export function SeveralSheet(view: SeveralView) {
  const { info, drawn } = view;
  const [isInking, setIsInking] = useState(false);
  const href = (path: string, week?: string): string =>
    `${path}?${[week && `week=${week}`, info.unitId && `unit=${info.unitId}`].filter(Boolean).join('&')}`;
  const first = drawn.schoolDays[0] ?? view.from;
  const last = drawn.schoolDays.at(-1) ?? view.from;
  return (
    <Frame
      info={info}
      sheet={6}
      title="Several weeks"
      subtitle={`from ${dayMonth(view.from)}`}
      actions={
        <>
          {view.from > first ? (
            <LinkButton href={href('/weeks/several', view.before)} aria-label="Weeks before">
              ‹ {dayMonth(view.before)}
            </LinkButton>
          ) : null}
          {view.after <= last ? (
            <LinkButton href={href('/weeks/several', view.after)} aria-label="Weeks after">
              {dayMonth(view.after)} ›
            </LinkButton>
          ) : null}
          <LinkButton href={href('/weeks', view.from)}>One week</LinkButton>
          {info.looking ? null : <LinkButton href={href('/weeks/came-up')}>Something came up…</LinkButton>}
          {view.inkable && !info.looking ? (
            <Button $primary onPress={() => setIsInking(true)}>
              Ink up to…
            </Button>
          ) : null}
        </>
      }
      keys={[
        { keys: 'Alt ← →', does: 'on a lesson: a school day earlier or later' },
        { keys: 'Enter', does: 'on a lesson: what can be done' },
      ]}
      figures={[
        {
          name: 'Lessons in ink',
          value: String(drawn.lessons.filter((l) => l.state === 'ink').length),
        },
        {
          name: 'In pencil',
          value: String(drawn.lessons.filter((l) => l.state === 'pencil' && l.dates.length).length),
        },
      ]}
    >
      {view.hasYear ? (
        <Drawing>
          <SeveralWeeks
            drawn={drawn}
            before={drawn}
            changed={NONE}
            gone={NONE}
            from={view.from}
            today={view.today}
            who={view.who}
            weekHref={(weekFrom) => href('/weeks', weekFrom)}
            canMove={!info.looking}
          />
          {drawn.lessons.some((l) => l.dates.some((d) => d >= view.from)) ? null : (
            <Quiet>No lesson stands in these weeks.</Quiet>
          )}
          {view.days.length && view.everyone.length ? (
            <LoadsFold
              title="Minutes of these weeks"
              days={view.days}
              weeks={view.weeks}
              everyone={view.everyone}
            />
          ) : null}
        </Drawing>
      ) : (
        <p>There is no school year yet.</p>
      )}
      {isInking ? <InkUpTo view={view} onClose={() => setIsInking(false)} /> : null}
    </Frame>
  );
}

function InkUpTo({ view, onClose }: { view: SeveralView; onClose: () => void }) {
  const { act } = useAct();
  const [to, setTo] = useState<string | null>(
    view.drawn.schoolDays.filter((d) => d <= view.lastDrawn && d >= view.today).at(4) ?? view.today,
  );
  const [wrong, setWrong] = useState<string>();
  return (
    <FormDialog
      title="Ink up to a day"
      verb="Ink it"
      onSubmit={() =>
        act((base) => inkUpTo(base, to), {
          faults: (faults) => setWrong(faults[0]?.what),
          then: onClose,
        })
      }
      onClose={onClose}
    >
      <DateField label="Up to and with" value={to} onChange={setTo} error={wrong} />
      <Quiet>
        What is in pencil from {shortDate(view.today)} on stays then where it stands, whatever changes.
      </Quiet>
    </FormDialog>
  );
}

const Drawing = styled.div`
  padding: 0 14px;
  min-width: 0;
`;

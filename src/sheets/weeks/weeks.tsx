'use client';
import type { Verdict } from '@/core/layout/verdict';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import styled, { createGlobalStyle } from 'styled-components';
import { dayMonth, lengthText, shortDate } from '@/core/calendar/dates';
import { Button } from '@/kit/button';
import { FormDialog } from '@/kit/form-dialog';
import { LinkButton } from '@/kit/link-button';
import { Link } from '@/kit/link';
import { Caution, Quiet } from '@/kit/text';
import { narrow, paper } from '@/kit/tokens';
import { Frame } from '../frame/frame';
import { useSingleKeys } from '../frame/single-keys';
import { UnitRuler } from '../frame/unit-ruler';
import { useAct } from '../frame/use-act';
import { inkWeek, layOut, rubOutWeek } from './actions';
import { BetterLayOut } from './better';
import type { WeeksView } from './load';
import { WeekGrid } from './week-grid';

export function WeeksSheet(view: WeeksView) {
  const { info, days, verdict, unit } = view;
  const href = (weekFrom: string): string =>
    `/weeks?week=${weekFrom}${info.unitId ? `&unit=${info.unitId}` : ''}`;
  return (
    <Frame
      info={info}
      sheet={6}
      title={view.number ? `Week ${view.number}` : 'Weeks'}
      subtitle={view.hasYear ? view.subtitle : undefined}
      actions={view.hasYear ? <Doings view={view} href={href} /> : null}
      figures={[
        ...(unit?.perWeek ? [{ name: 'Lessons a week', value: unit.perWeek }] : []),
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
          ? [{ name: 'Finishes', value: shortDate(verdict.finishes), how: 'pacing' as const }]
          : []),
        ...(verdict?.wishedEnd
          ? [
              {
                name: verdict.meetsEnd ? 'To spare' : 'Late by',
                value: toSpareOrLate(verdict),
              },
            ]
          : []),
        ...(view.prepMinutes
          ? [{ name: 'To prepare', value: lengthText(view.prepMinutes), how: 'layout' as const }]
          : []),
      ]}
      keys={[
        { keys: 'Alt ← →', does: 'on a lesson: a school day earlier or later' },
        { keys: 'Enter', does: 'on a lesson: what can be done' },
        { keys: 'C', does: 'something came up' },
      ]}
    >
      {!view.hasYear ? (
        <p>
          There is no school year yet. <Link href="/year">Lay it down</Link>, then lessons fall on its days.
        </p>
      ) : null}
      {view.stale ? (
        <Caution>
          {view.stale} pencilled {view.stale === 1 ? 'part is' : 'parts are'} on days gone by. Tick what was
          done on <Link href="/today">Today</Link>, then “Lay out again”.
        </Caution>
      ) : null}
      <OnePage />
      {view.hasToGain ? <BetterLayOut revision={info.revision} /> : null}
      {view.hasYear ? <WeekGrid view={view} /> : null}
      {unit && view.unitDays.length ? (
        <Length>
          <b title={unit.title}>{unit.title}</b>
          <div>
            <UnitRuler
              days={view.unitDays}
              today={view.today}
              wishedEnd={unit.wishedEnd}
              message={view.message}
              forecast={view.forecast}
            />
            {verdict && (!verdict.meetsEnd || verdict.placed < verdict.lessons) ? (
              <Caution>
                {view.message}{' '}
                <Link href={`/weeks/came-up?is=does-not-fit&unit=${unit.id}`}>Ways to make it fit</Link>
              </Caution>
            ) : (
              <Quiet>{view.message}</Quiet>
            )}
          </div>
        </Length>
      ) : null}
      {view.hasYear && days.every((d) => !d.lessons.length && !d.others.length) ? (
        <Quiet>Nothing of any unit is in this week.</Quiet>
      ) : null}
    </Frame>
  );
}

function Doings({ view, href }: { view: WeeksView; href: (weekFrom: string) => string }) {
  const [isAsking, setAsking] = useState(false);
  const { act } = useAct();
  const router = useRouter();
  const singleKeys = useSingleKeys();
  const cameUp = `/weeks/came-up${view.info.unitId ? `?unit=${view.info.unitId}` : ''}`;
  useEffect(() => {
    if (!singleKeys || view.info.looking) return;
    const onKey = (e: KeyboardEvent): void => {
      const isTyping = e.target instanceof Element && e.target.closest('input, [role=dialog], [role=menu]');
      if (e.key === 'c' && !e.ctrlKey && !e.metaKey && !e.altKey && !isTyping) router.push(cameUp);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [singleKeys, router, cameUp, view.info.looking]);
  return (
    <>
      {view.before ? (
        <LinkButton href={href(view.before)} aria-label="Week before">
          ‹ {dayMonth(view.before)}
        </LinkButton>
      ) : null}
      {view.after ? (
        <LinkButton href={href(view.after)} aria-label="Week after">
          {dayMonth(view.after)} ›
        </LinkButton>
      ) : null}
      <LinkButton href={href(view.weekFrom).replace('/weeks?', '/weeks/several?')}>Several weeks</LinkButton>
      {view.info.looking ? null : (
        <LinkButton href={`/paper/week?week=${view.weekFrom}`}>A page a child</LinkButton>
      )}
      {view.info.looking ? null : <LinkButton href={cameUp}>Something came up…</LinkButton>}
      {view.info.looking ? null : <Button onPress={() => act(layOut)}>Lay out again</Button>}
      {view.rubbable && !view.inkable ? (
        <Button onPress={() => act((base) => rubOutWeek(base, view.weekFrom))}>Rub out the ink</Button>
      ) : null}
      {view.inkable ? (
        <Button
          $primary
          onPress={() =>
            view.unready.length ? setAsking(true) : act((base) => inkWeek(base, view.weekFrom))
          }
        >
          Ink this week
        </Button>
      ) : null}
      {isAsking ? <NotReady view={view} onClose={() => setAsking(false)} /> : null}
    </>
  );
}

/** What is not ready for the week that is to be inked: it can be got ready, moved, or inked all the same. */
function NotReady({ view, onClose }: { view: WeeksView; onClose: () => void }) {
  const { act } = useAct();
  return (
    <FormDialog
      title="Not all of it is ready"
      verb="Ink it all the same"
      onSubmit={() => act((base) => inkWeek(base, view.weekFrom), { then: onClose })}
      onClose={onClose}
    >
      <ul>
        {view.unready.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <p>
        It was to be done before today. <Link href="/ready">Get it ready now</Link>, or close this and move
        the part to a later day: its preparation moves with it.
      </p>
    </FormDialog>
  );
}

/** On paper a week is one landscape page: smaller type, lines close together. 8 pt are about 10.6 px. */
const OnePage = createGlobalStyle`
  @page {
    size: landscape;
    margin: 9mm;
  }
  ${paper} {
    main > header {
      margin-bottom: 6px;
    }
    main > header h1 {
      font-size: 20px;
    }
    main > footer {
      display: none !important;
    }
  }
`;
const Length = styled.section`
  ${paper} {
    display: none;
  }
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  gap: 6px;
  margin-top: 24px;
  align-items: start;
  & > div {
    display: grid;
    gap: 8px;
  }
  & > b {
    display: -webkit-box;
    -webkit-line-clamp: 3;
    -webkit-box-orient: vertical;
    overflow: hidden;
  }
  ${narrow} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

function toSpareOrLate({ meetsEnd, spareDays, daysLate, lessonsBeyond }: Verdict): string {
  if (meetsEnd) return `${spareDays} days`;
  return daysLate ? `${daysLate} days` : `${lessonsBeyond} lessons`;
}

'use client';
import type { Verdict } from '@/core/layout/verdict';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import styled, { createGlobalStyle } from 'styled-components';
import { dayMonth, lengthText, shortDate } from '@/core/calendar/dates';
import { Bar } from '@/kit/bar';
import { Button } from '@/kit/button';
import { FormDialog } from '@/kit/form-dialog';
import { LinkButton } from '@/kit/link-button';
import { ChildName, hatchColour } from '@/kit/hatch';
import { Link } from '@/kit/link';
import { Room } from '@/kit/room';
import { Caution, Quiet } from '@/kit/text';
import { colour, narrow, paper } from '@/kit/tokens';
import { Frame } from '../frame/frame';
import { useSingleKeys } from '../frame/single-keys';
import { UnitRuler } from '../frame/unit-ruler';
import { useAct } from '../frame/use-act';
import { inkWeek, layOut, rubOutWeek } from './actions';
import { BetterLayOut } from './better';
import { DayCell } from './day-cell';
import type { WeeksView } from './load';

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

function WeekGrid({ view }: { view: WeeksView }) {
  const { days, children } = view;
  return (
    <Scroll>
      <Grid style={{ gridTemplateColumns: `92px repeat(${Math.max(days.length, 1)}, minmax(140px, 1fr))` }}>
        <span />
        {days.map((d) => (
          <Day key={d.date} $today={d.date === view.today}>
            <b>
              {shortDate(d.date).replace(/ \w+$/, '')}
              {d.date === view.today ? ', today' : ''}
            </b>
            <span>
              {d.closed ? 'a day off' : null}
              {!d.closed && d.leadMinutes ? <>you {lengthText(d.leadMinutes)}</> : null}
              {!d.closed && !d.leadMinutes ? '' : null}
            </span>
          </Day>
        ))}
        {days.some((d) => d.ready.length) ? <Label>Get ready</Label> : null}
        {days.some((d) => d.ready.length)
          ? days.map((d) => (
              <Ready key={`ready ${d.date}`}>
                {d.ready.map((r, i) => (
                  <li key={i} title={`for ${r.for}`}>
                    {r.what}
                    {r.cautions.length ? (
                      <b title={r.cautions.join('; ')}>
                        {' '}
                        with care: {r.cautions[0]}
                        {r.cautions.length > 1 ? ` and ${r.cautions.length - 1} more` : ''}
                      </b>
                    ) : null}
                  </li>
                ))}
              </Ready>
            ))
          : null}
        <Label>Together</Label>
        {days.map((d) => (
          <DayCell key={d.date} day={d} schoolDays={view.schoolDays} unitId={view.unit?.id} />
        ))}
        {children.map((c) => [
          <Label key={c.id}>
            <ChildName name={c.name} hatch={c.hatch} short />
          </Label>,
          ...days.map((d) => {
            const lane = d.lanes[c.id];
            return (
              <Lane key={`${c.id} ${d.date}`}>
                {lane.minutes ? (
                  <Room $state={lane.state}>
                    {lane.work.map((w, i) => (
                      <Work key={i}>{w}</Work>
                    ))}
                    {lane.work.length ? null : <Work>with the others</Work>}
                    <Bar
                      taken={lane.minutes}
                      limit={c.limit}
                      fill={hatchColour[c.hatch]}
                      message={`${c.name}: ${lane.minutes} of ${c.limit} minutes`}
                    />
                  </Room>
                ) : null}
              </Lane>
            );
          }),
        ])}
      </Grid>
    </Scroll>
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
const Scroll = styled.div`
  overflow-x: auto;
  padding: 3px;
  margin: -3px;
  ${paper} {
    overflow: visible;
  }
`;
const Grid = styled.div`
  display: grid;
  gap: 8px 6px;
  ${narrow} {
    min-width: 860px;
  }
  ${paper} {
    min-width: 0;
    gap: 3px;
    * {
      min-height: 0 !important;
    }
  }
`;
const Day = styled.div<{ $today: boolean }>`
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: baseline;
  gap: 0 8px;
  padding: 0 6px;
  span {
    white-space: nowrap;
  }
  border-bottom: ${(p) => (p.$today ? `3px solid ${colour.ink}` : '3px solid transparent')};
  b {
    font-size: 15px;
  }
  span {
    font-size: 12.5px;
    color: ${colour.graphite};
  }
`;
const Ready = styled.ul`
  background: ${colour.paper};
  border: 1px solid ${colour.rule};
  padding: 5px 8px;
  font-size: 13px;
  line-height: 1.35;
  b {
    color: ${colour.red};
  }
`;
const Label = styled.div`
  font-weight: 700;
  padding-top: 6px;
  min-width: 0;
  & > span {
    max-width: 100%;
  }
`;
const Lane = styled.div`
  display: grid;
  min-height: 52px;
  min-width: 0;
  & > div {
    display: flex;
    flex-direction: column;
    ${paper} {
      padding: 2px 6px;
    }
  }
  & > div > p:last-of-type {
    margin-bottom: 9px;
    ${paper} {
      margin-bottom: 3px;
    }
  }
  & > div > div:last-child {
    margin-top: auto;
  }
`;
const Work = styled.p`
  font-size: 13.5px;
  line-height: 1.3;
  overflow-wrap: anywhere;
  display: -webkit-box;
  -webkit-line-clamp: 3;
  -webkit-box-orient: vertical;
  overflow: hidden;
  ${paper} {
    -webkit-line-clamp: 9;
    font-size: 10.6px;
    line-height: 1.2;
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

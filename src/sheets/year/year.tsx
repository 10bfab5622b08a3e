'use client';
import { count } from '@/core/plan/called';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import styled from 'styled-components';
import { dayMonth, longDate } from '@/core/calendar/dates';
import { Button, PlainButton } from '@/kit/button';
import { Fold } from '@/kit/fold';
import { Link } from '@/kit/link';
import { Caution, Column, Heading, Line, Quiet } from '@/kit/text';
import { middling } from '@/kit/tokens';
import { Frame } from '../frame/frame';
import { yearName } from '@/core/plan/called';
import { inYear } from '../frame/look';
import type { YearView } from './load';
import { Waiting } from './waiting';
import { YearStrip } from './year-strip';

// Forms that are seldom open come after the sheet itself.
const Illness = dynamic(() => import('./illness').then((m) => m.Illness), { ssr: false });
const CloseYear = dynamic(() => import('./close-year').then((m) => m.CloseYear), { ssr: false });
const YearForm = dynamic(() => import('./year-form').then((m) => m.YearForm));
// Under a fold it need not be there at once.
const FoldedYearForm = dynamic(() => import('./year-form').then((m) => m.YearForm), { ssr: false });
const Appointments = dynamic(() => import('./appointments').then((m) => m.Appointments), { ssr: false });
const Holidays = dynamic(() => import('./holidays').then((m) => m.Holidays), { ssr: false });

export function YearSheet(view: YearView) {
  const { year, figures } = view;
  const [open, setOpen] = useState<'illness' | 'holidays' | 'close'>();
  const running = view.lanes
    .flatMap((l) => l.rows.flat())
    .filter((u) => !u.closed && u.first <= view.today && u.last >= view.today).length;
  const block = view.days.filter((d) => d.date <= view.today).at(-1)?.block;
  return (
    <Frame
      info={view.info}
      sheet={1}
      title="The year"
      subtitle={
        year
          ? `${longDate(year.starts)} ${year.starts.slice(0, 4)} to ${longDate(year.ends)} ${year.ends.slice(0, 4)}`
          : 'When do you have school?'
      }
      actions={
        year && !view.info.looking ? (
          <>
            <Button onPress={() => setOpen('holidays')}>Public holidays…</Button>
            <Button onPress={() => setOpen('illness')}>Days of illness…</Button>
          </>
        ) : null
      }
      figures={
        figures
          ? [
              ...(block && figures.wholeBlocks > 1 && !view.info.looking
                ? [{ name: 'Block', value: `${block} of ${figures.wholeBlocks}`, how: 'calendar' as const }]
                : []),
              {
                name: 'School days',
                value: String(figures.schoolDays),
              },
              { name: 'Weeks with school', value: String(figures.schoolWeeks), how: 'calendar' as const },
              ...(running ? [{ name: 'Units', value: `${running} running` }] : []),
            ]
          : []
      }
      keys={[
        { keys: 'Alt ← →', does: 'on a unit: a week earlier or later' },
        { keys: 'Alt Shift ← →', does: 'on a unit: end a week earlier or later' },
        { keys: 'Enter', does: 'on a unit: what can be done' },
      ]}
    >
      {figures ? <YearStrip view={view} /> : null}
      <Columns>
        <div>
          {year && !(view.info.looking && !view.waiting.length) ? <Waiting view={view} /> : null}
          {year ? (
            <Fold
              title="How the year goes"
              message="first and last day, rhythm or terms, weekdays, times, days off, short and extra days"
            >
              <FoldedYearForm year={year} today={view.today} country={view.country} />
            </Fold>
          ) : (
            <YearForm year={year} today={view.today} country={view.country} />
          )}
          {year && !(view.info.looking && !view.appointments.length) ? (
            <Fold title="Other appointments" message={appointmentsText(view)}>
              <Appointments
                appointments={view.appointments}
                people={view.people}
                year={year}
                today={view.today}
                isLooking={!!view.info.looking}
              />
            </Fold>
          ) : null}
          {year ? null : (
            <Quiet>
              You need not plan a year: begin a unit, and its lessons fall on Mondays to Fridays from the day
              it starts.
            </Quiet>
          )}
        </div>
        {year && figures ? <Arithmetic view={view} onCloseYear={() => setOpen('close')} /> : null}
      </Columns>
      {open === 'illness' ? <Illness today={view.today} onClose={() => setOpen(undefined)} /> : null}
      {open === 'close' && view.closing && year ? (
        <CloseYear year={year} closing={view.closing} today={view.today} onClose={() => setOpen(undefined)} />
      ) : null}
      {open === 'holidays' && year ? (
        <Holidays
          year={year}
          isSchoolDay={(date) => view.days.some((d) => d.date === date)}
          onClose={() => setOpen(undefined)}
        />
      ) : null}
    </Frame>
  );
}

/** The arithmetic, in the open. */
function Arithmetic({ view, onCloseYear }: { view: YearView; onCloseYear: () => void }) {
  const { year, figures, waiting } = view;
  const units = view.lanes.flatMap((l) => l.rows.flat()).filter((u) => !u.closed).length;
  const { kept, lost, toCome, short, spare, wouldDo } = view.kept!;
  const hasBegun = kept + lost.length > 0;
  const shortened = year!.shortDays.length;
  return (
    <aside>
      <Column>
        <header>
          <Heading>What fits</Heading>
          <Quiet>
            {year!.terms.length ? count(year!.terms.length, 'term') : null}
            {!year!.terms.length && year!.weeksOff
              ? `${year!.weeksOn} weeks on, ${year!.weeksOff} off`
              : null}
            {!year!.terms.length && !year!.weeksOff ? 'no rhythm' : null}
          </Quiet>
        </header>
        {year!.weeksOff && !year!.terms.length ? (
          <Line>
            <div>
              {count(figures!.wholeBlocks, 'whole block')} and {count(figures!.weeksOver, 'week')} over
              <Quiet>
                {figures!.calendarWeeks} calendar weeks ÷ {year!.weeksOn + year!.weeksOff}
              </Quiet>
            </div>
          </Line>
        ) : null}
        <Line>
          <div>
            {count(figures!.schoolDays, 'school day')} in {count(figures!.schoolWeeks, 'week')}
            <Quiet>
              {dayMonth(year!.starts)} to {dayMonth(year!.ends)}, days off taken out
              {shortened ? `; ${shortened} end early` : ''}
            </Quiet>
          </div>
        </Line>
        <Line>
          <div>
            {count(view.lessons, 'lesson')} on {count(figures!.schoolDays, 'day')}
            <Quiet>
              {view.lessons
                ? `one every ${decimal(figures!.schoolDays / view.lessons)} days, over ${count(units, 'unit')}`
                : 'no lessons placed yet'}
            </Quiet>
          </div>
        </Line>
        {year!.weeksOff && !year!.terms.length && units + waiting.length > figures!.wholeBlocks ? (
          <Line>
            <Caution>
              You wish for {units + waiting.length} topics; {figures!.wholeBlocks} blocks fit. Let two share a
              block, or let some wait for another year.
            </Caution>
          </Line>
        ) : null}
      </Column>
      <Column>
        <header>
          <Heading>Toward your target</Heading>
          <Quiet>{year!.targetDays ? `${year!.targetDays} days` : 'none set'}</Quiet>
        </header>
        {year!.targetDays ? (
          <Line>
            <div>
              {kept} kept, {lost.length} lost, {toCome} to come
              {short ? (
                <Caution>
                  {count(short, 'day')} short:{' '}
                  {wouldDo.length === short
                    ? `teach on ${count(short, 'Saturday')} to come`
                    : 'teach in some weeks off'}
                  {hasBegun
                    ? '.'
                    : `, or start ${count(Math.ceil(short / year!.weekdays.length), 'week')} earlier.`}
                </Caution>
              ) : (
                <Quiet>
                  {spare
                    ? `${count(spare, 'day')} to spare for what comes`
                    : 'just as many as you mean to keep'}
                </Quiet>
              )}
            </div>
          </Line>
        ) : (
          <Quiet>
            Set the days you mean to keep under “How the year goes”. Hausplan counts; what the law asks, your
            authority says.
          </Quiet>
        )}
      </Column>
      <Column>
        <header>
          <Heading>School years</Heading>
          <Quiet>{count(view.closedYears.length, 'closed year')}</Quiet>
        </header>
        <Line>
          <div>
            {yearName(view.info.looking ?? year!)}
            <Quiet>{view.info.looking ? 'closed; you look at it' : 'open'}</Quiet>
          </div>
          {view.closing ? (
            <PlainButton onPress={onCloseYear} aria-label={`Close ${yearName(year!)}`}>
              Close it…
            </PlainButton>
          ) : null}
        </Line>
        {view.closedYears
          .filter((y) => y.id !== view.info.looking?.id)
          .map((y) => (
            <Line key={y.id}>
              <div>
                {yearName(y)}
                <Quiet>closed</Quiet>
              </div>
              <Link href={inYear('/year', y.id)} data-own-year aria-label={`Look at ${yearName(y)}`}>
                Look at it
              </Link>
            </Line>
          ))}
      </Column>
      {view.worthALook.length ? (
        <Column>
          <header>
            <Heading>Worth a look</Heading>
          </header>
          {view.worthALook.map((w, i) => (
            <Line key={i}>
              <div>
                {w.urgent ? <Caution>{w.message}</Caution> : w.message}
                <Quiet>
                  {w.detail}
                  {w.unitId ? (
                    <>
                      {' '}
                      · <Link href={`/unit?unit=${w.unitId}`}>open</Link>
                      {w.urgent && !view.info.looking ? (
                        <>
                          {' '}
                          ·{' '}
                          <Link href={`/weeks/came-up?is=does-not-fit&unit=${w.unitId}`}>
                            ways to make it fit
                          </Link>
                        </>
                      ) : null}
                    </>
                  ) : null}
                </Quiet>
              </div>
            </Line>
          ))}
        </Column>
      ) : null}
    </aside>
  );
}

const appointmentsText = ({ appointments }: YearView): string =>
  appointments.length
    ? appointments
        .slice(0, 3)
        .map((a) => a.title)
        .join(', ') + (appointments.length > 3 ? ` and ${appointments.length - 3} more` : '')
    : 'when a child, you or another adult is somewhere else';

const decimal = (n: number): string => String(Math.round(n * 10) / 10);
const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 280px;
  gap: 36px;
  & > div {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 22px;
    align-content: start;
    min-width: 0;
  }
  ${middling} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

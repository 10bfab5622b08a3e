'use client';
import styled from 'styled-components';
import { dayMonth, longDate } from '@/core/calendar/dates';
import { Column, Heading, Line, Quiet } from '@/kit/text';
import { middling } from '@/kit/tokens';
import { Frame } from '../frame/frame';
import type { YearView } from './load';
import { YearForm } from './year-form';
import { YearStrip } from './year-strip';

export function YearSheet(view: YearView) {
  const { year, figures } = view;
  return (
    <Frame
      info={view.info} sheet={1} title="The year" subtitle={year ? `${longDate(year.starts)} ${year.starts.slice(0, 4)} to ${longDate(year.ends)} ${year.ends.slice(0, 4)}` : 'When do you have school?'}
      figures={figures ? [{ name: 'School days', value: String(figures.schoolDays) }, { name: 'Weeks with school', value: String(figures.schoolWeeks) }] : []}
    >
      {figures ? <YearStrip {...view} /> : null}
      <Columns>
        <YearForm year={year} today={view.today} />
        {year && figures ? (
          <aside>
            <Column>
              <header><Heading>What fits</Heading><Quiet>{year.weeksOff ? `${year.weeksOn} weeks on, ${year.weeksOff} off` : 'no rhythm'}</Quiet></header>
              {year.weeksOff ? (
                <Line><div>{count(figures.wholeBlocks, 'whole block')} and {count(figures.weeksOver, 'week')} over<Quiet>{figures.calendarWeeks} calendar weeks ÷ {year.weeksOn + year.weeksOff}</Quiet></div></Line>
              ) : null}
              <Line><div>{count(figures.schoolDays, 'school day')} in {count(figures.schoolWeeks, 'week')}<Quiet>{dayMonth(year.starts)} to {dayMonth(year.ends)}, days off taken out</Quiet></div></Line>
            </Column>
          </aside>
        ) : null}
      </Columns>
    </Frame>
  );
}

const count = (n: number, what: string): string => `${n} ${what}${n === 1 ? '' : 's'}`;
const Columns = styled.div`display: grid; grid-template-columns: minmax(0, 1fr) 280px; gap: 36px; ${middling} { grid-template-columns: minmax(0, 1fr); }`;

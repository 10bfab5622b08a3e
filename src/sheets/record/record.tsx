'use client';
/** The year as it was taught: days, hours by subject and child, what they know, what is said again today. */
import dynamic from 'next/dynamic';
import { useState } from 'react';
import styled from 'styled-components';
import { lengthText, shortDate } from '@/core/calendar/dates';
import { count } from '@/core/plan/called';
import { Button } from '@/kit/button';
import { ChildName, hatchFill } from '@/kit/hatch';
import { Link } from '@/kit/link';
import { LinkButton } from '@/kit/link-button';
import { Menu } from '@/kit/menu';
import { Across, Column, Heading, Quiet } from '@/kit/text';
import { colour, narrow } from '@/kit/tokens';
import { Frame } from '../frame/frame';
import { AsBuilt } from './as-built';
import { HowItCounts } from './how-it-counts';
import { inYear } from '../frame/look';
import type { RecordView } from './load';
import { SayAgain } from './say-again';
import { LookBackLines } from './look-back-lines';
import { Trips } from './trips';
import { WhatTheyKnow } from './what-they-know';

const CloseDialog = dynamic(() => import('../frame/closing/close-dialog').then((m) => m.CloseDialog), {
  ssr: false,
});
const TeachAgainDialog = dynamic(
  () => import('../frame/again/teach-again-dialog').then((m) => m.TeachAgainDialog),
  { ssr: false },
);

export function RecordSheet(view: RecordView) {
  const { info, days, today, starts, read } = view;
  const minutes = Object.values(view.hours.total).reduce((sum, m) => sum + m, 0);
  return (
    <Frame
      info={info}
      sheet={9}
      title="Record"
      subtitle={`${shortDate(starts)} to ${shortDate(today)} · as built`}
      actions={<Actions view={view} />}
      figures={[
        ...(days
          ? [
              {
                name: 'Days kept',
                value: days.target === null ? String(days.kept) : `${days.kept} of ${days.target}`,
                how: 'record' as const,
              },
              { name: 'Lost', value: String(days.lost.length), how: 'record' as const },
            ]
          : []),
        { name: 'Hours', value: String(Math.round(minutes / 60)), how: 'hours' },
      ]}
      keys={[{ keys: 'Space', does: 'on a box of what they know: not yet, with help, alone' }]}
    >
      {days ? (
        <AsBuilt days={days} />
      ) : (
        <Quiet>
          There is no school year yet. <Link href="/year">Say when it begins</Link>.
        </Quiet>
      )}
      <Columns>
        <section>
          <HoursTable view={view} />
          <div>
            <Trips view={view} />
            {days ? <HowItCounts view={view} /> : null}
          </div>
          <Quiet>
            Reading log: {count(read.books, 'book')}, {count(read.pages, 'page')}.{' '}
            <a href={inYear('/files/record.csv', info.looking?.id)} download="record.csv">
              All that happened, as a table (CSV)
            </a>{' '}
            <a href={inYear('/files/record.md', info.looking?.id)} download="record.md">
              the year to read (Markdown)
            </a>
          </Quiet>
          {view.back ? <LookBackLines back={view.back} /> : null}
        </section>
        <section>
          <WhatTheyKnow view={view} />
          <SayAgain view={view} />
        </section>
      </Columns>
    </Frame>
  );
}

/** Closing a unit, teaching one again, and what can be shown of the year. */
function Actions({ view: { open, today, children, info } }: { view: RecordView }) {
  const [closing, setClosing] = useState<RecordView['open'][number]>();
  const [isAgain, setAgain] = useState(false);
  return (
    <>
      {open.length && !info.looking ? (
        <Menu
          label="Close a unit"
          groups={[{ title: 'Which', doings: open.map((u) => ({ name: u.title, do: () => setClosing(u) })) }]}
        >
          <Button>Close a unit…</Button>
        </Menu>
      ) : null}
      {info.looking ? null : <Button onPress={() => setAgain(true)}>Teach again…</Button>}
      <LinkButton $primary href={inYear('/paper/portfolio', info.looking?.id)}>
        Portfolio…
      </LinkButton>
      {closing ? <CloseDialog unit={closing} onClose={() => setClosing(undefined)} /> : null}
      {isAgain ? <TeachAgainDialog today={today} people={children} onClose={() => setAgain(false)} /> : null}
    </>
  );
}

/** Pixels that the longest bar is long. */
const BAR = 44;

function HoursTable({ view: { hours, children, starts, shares } }: { view: RecordView }) {
  const rows = [
    ...hours.subjects,
    ...(Object.keys(hours.other).length ? [{ subject: 'for no subject', children: hours.other }] : []),
  ];
  const most = Math.max(1, ...rows.flatMap((r) => Object.values(r.children).map((c) => c.minutes)));
  const planned = rows.some((r) => Object.values(r.children).some((c) => c.planned > 0));
  return (
    <Column aria-labelledby="hours">
      <header>
        <Heading id="hours">Hours from what was really done</Heading>
        <Quiet as="span">since {shortDate(starts)}</Quiet>
      </header>
      {rows.length ? (
        <Across tabIndex={0} role="group" aria-label="Hours by subject and child">
          <Table $many={children.length > 4}>
            <thead>
              <tr>
                <td />
                {children.map((c) => (
                  <th key={c.id} scope="col">
                    <ChildName name={c.name} hatch={c.hatch} short />
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((r) => (
                <tr key={r.subject}>
                  <th scope="row">{r.subject}</th>
                  {children.map((c) => {
                    const is = r.children[c.id]?.minutes ?? 0;
                    return (
                      <td key={c.id}>
                        <svg width={BAR} height="10" aria-hidden="true">
                          <rect width={(is / most) * BAR} height="10" fill={hatchFill(c.hatch)} />
                        </svg>
                        {is ? lengthText(Math.round(is)) : '–'}
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </Table>
        </Across>
      ) : (
        <Quiet>Nothing is ticked yet. What is done stands here as soon as it is.</Quiet>
      )}
      <Quiet>
        {planned ? 'Where nobody noted minutes, those planned count. ' : ''}
        {hours.unknown
          ? `${count(hours.unknown, 'thing')} done without minutes, of what is no longer in the plan, ${hours.unknown === 1 ? 'counts' : 'count'} for nothing. `
          : ''}
        An hour that serves several subjects {shares ? 'is shared out among them' : 'counts in full for each'}
        . What counts for which is said on <Link href="/setup">Family</Link>.
      </Quiet>
    </Column>
  );
}

const Columns = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 40px;
  padding: 18px 0;
  align-items: start;
  & > section {
    display: grid;
    gap: 18px;
    min-width: 0;
  }
  ${narrow} {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Table = styled.table<{ $many: boolean }>`
  border-collapse: collapse;
  width: 100%;
  font-size: 13.5px;
  th,
  td {
    text-align: left;
    padding: 4px 8px 4px 0;
    border-bottom: 1px solid ${colour.rule};
  }
  thead th,
  tbody th {
    font-weight: 600;
  }
  thead th {
    max-width: 96px;
  }
  thead th > span {
    max-width: 100%;
  }
  td {
    white-space: nowrap;
    font-size: 13px;
  }
  td svg {
    display: ${(p) => (p.$many ? 'block' : 'inline-block')};
    margin-right: 6px;
  }
`;

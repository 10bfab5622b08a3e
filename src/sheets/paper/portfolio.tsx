'use client';
/** The year to show: of each child hours, reading, checklists, trips, talks and chosen work; and a page for each unit. */
import { useState } from 'react';
import styled from 'styled-components';
import { lengthText, longDate, shortDate } from '@/core/calendar/dates';
import { count } from '@/core/plan/called';
import type { ChildsRecord, Portfolio, UnitsPage } from '@/core/record/portfolio';
import { shownInWords } from '@/core/record/shown-in-words';
import { Hatch } from '@/kit/hatch';
import { Ticks } from '@/kit/ticks';
import { useReady } from '../frame/use-ready';
import { Page, Preview } from './page-frame';
import type { PortfolioView } from './portfolio-load';
import { CheckTable, Table } from './record-parts';
import { SheetBar } from './sheet-bar';

const PAGES = ['hours', 'reading list', 'checklists', 'trips and talks', 'work', 'units'] as const;
type PageOf = (typeof PAGES)[number];

export function PortfolioPaper(view: PortfolioView) {
  useReady();
  const { family, size, other, back, children, units, first, last } = view;
  const [pages, setPages] = useState<PageOf[]>([...PAGES]);
  const [childIds, setChildren] = useState(children.map((c) => c.child.id));
  const samples = children.flatMap((c) => c.samples.map((s) => ({ ...s, name: c.child.name })));
  const [chosen, setChosen] = useState(samples.map((s) => s.id));
  const has = (page: PageOf): boolean => pages.includes(page);
  return (
    <Preview>
      <SheetBar
        title="Portfolio"
        says={`${longDate(first)} ${first.slice(0, 4)} to ${longDate(last)} ${last.slice(0, 4)}, as it was taught`}
        back={{ href: back, name: 'Back to the record' }}
        size={size}
        other={other}
        isEmpty={!children.length}
      >
        <Ticks
          label="Of"
          all={children.map((c) => ({ value: c.child.id, name: c.child.name }))}
          value={childIds}
          onChange={setChildren}
        />
        <Ticks
          label="With"
          all={PAGES.map((p) => ({ value: p, name: p }))}
          value={pages}
          onChange={setPages}
        />
        {samples.length ? (
          <Ticks
            label="Work that is shown"
            all={samples.map((s) => ({
              value: s.id,
              name: `${s.name}, ${shortDate(s.date)}: ${s.about.title || s.note || 'a file'}`,
            }))}
            value={chosen}
            onChange={setChosen}
          />
        ) : null}
      </SheetBar>
      <Front view={view} family={family} />
      {children
        .filter((c) => childIds.includes(c.child.id))
        .map((c) => (
          <OfChild key={c.child.id} of={c} has={has} chosen={chosen} />
        ))}
      {has('units') ? units.map((u) => <OfUnit key={u.unit.id} page={u} />) : null}
    </Preview>
  );
}

function Front({ view: { first, last, days, children }, family }: { view: Portfolio; family: string }) {
  return (
    <Page>
      <Title>
        <h1>{family || 'The year'}</h1>
        <p>
          {longDate(first)} {first.slice(0, 4)} to {longDate(last)} {last.slice(0, 4)}
        </p>
        {days ? (
          <p>
            {count(days.kept, 'school day')} kept, {days.lost.length} lost
            {days.target === null ? '' : `; our own target is ${days.target}`}
          </p>
        ) : null}
        <p>{children.map((c) => c.child.name).join(', ')}</p>
      </Title>
      <small>What has to be kept, and shown to whom, differs from place to place: ask your authority.</small>
    </Page>
  );
}

function OfChild({
  of: { child, hours, total, read, trips, talks, samples, units },
  has,
  chosen,
}: {
  of: ChildsRecord;
  has: (page: PageOf) => boolean;
  chosen: readonly string[];
}) {
  const work = samples.filter((s) => chosen.includes(s.id));
  const been = [...trips, ...talks.map((t) => ({ ...t, title: `Talk: ${t.title}` }))].sort((a, b) =>
    a.first < b.first ? -1 : 1,
  );
  return (
    <Page>
      <header>
        <Hatch name={child.hatch} />
        <b>{child.name}</b>
      </header>
      {has('hours') && hours.length ? (
        <>
          <h2>Hours</h2>
          <Table>
            <tbody>
              {hours.map((h) => (
                <tr key={h.subject}>
                  <th scope="row">{h.subject}</th>
                  <td>{lengthText(Math.round(h.minutes))}</td>
                  <td>{h.planned ? `${lengthText(Math.round(h.planned))} of it as planned` : 'as noted'}</td>
                </tr>
              ))}
              <tr>
                <th scope="row">in all, each minute once</th>
                <td>{lengthText(Math.round(total))}</td>
                <td />
              </tr>
            </tbody>
          </Table>
        </>
      ) : null}
      {has('reading list') && read.length ? (
        <>
          <h2>Read alone</h2>
          <Table>
            <tbody>
              {read.map((b) => (
                <tr key={b.title}>
                  <th scope="row">{b.title}</th>
                  <td>{count(b.pages, 'page')}</td>
                  <td>
                    {shortDate(b.first)} to {shortDate(b.last)}
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
        </>
      ) : null}
      {has('checklists')
        ? units
            .filter((u) => u.checks.some((c) => c.grade !== null))
            .map((u) => (
              <section key={u.title}>
                <h2>{u.title}</h2>
                <CheckTable
                  able={u.checks.map((c) => ({ ...c, since: c.since ? shortDate(c.since) : '' }))}
                />
              </section>
            ))
        : null}
      {has('trips and talks') && been.length ? (
        <>
          <h2>Trips and talks</h2>
          <ul>
            {been.map((t) => (
              <li key={`${t.first} ${t.title}`}>{shownInWords(t)}</li>
            ))}
          </ul>
        </>
      ) : null}
      {has('work') && work.length ? (
        <>
          <h2>Work</h2>
          <Work>
            {work.map((s) => (
              <figure key={s.id}>
                {s.file!.endsWith('.pdf') ? (
                  <p>A document of its own, printed apart: {s.note || s.about.title}</p>
                ) : (
                  // eslint-disable-next-line @next/next/no-img-element -- a file of the family's, as it is
                  <img src={`/samples/${s.file}`} alt={s.note || s.about.title || 'work'} />
                )}
                <figcaption>
                  {[shortDate(s.date), s.about.title, s.note].filter(Boolean).join(', ')}
                </figcaption>
              </figure>
            ))}
          </Work>
        </>
      ) : null}
    </Page>
  );
}

function OfUnit({ page: { unit, back, lessons, together } }: { page: UnitsPage }) {
  return (
    <Page>
      <h2>{unit.title}</h2>
      <p>
        {back.taught} of {count(back.lessons, 'lesson')} taught
        {back.from ? `, ${shortDate(back.from)} to ${shortDate(back.to!)}` : ''}
      </p>
      {unit.goals ? <p>{unit.goals}</p> : null}
      <Table>
        <tbody>
          {lessons.map((l) => (
            <tr key={`${l.date} ${l.title}`}>
              <td>{shortDate(l.date)}</td>
              <th scope="row">{l.title}</th>
              <td>{l.doings.join(', ')}</td>
            </tr>
          ))}
        </tbody>
      </Table>
      {together.length ? <p>Read together: {together.join('; ')}</p> : null}
      {back.loved.length ? <p>Loved: {back.loved.map((l) => l.title).join(', ')}</p> : null}
    </Page>
  );
}

const Title = styled.div`
  text-align: center;
  padding: 90px 0;
  h1 {
    font-size: 42px;
    line-height: 1.2;
    overflow-wrap: anywhere;
  }
`;
const Work = styled.div`
  display: grid;
  gap: 14px;
  img {
    max-width: 100%;
    max-height: 420px;
  }
  figure {
    break-inside: avoid;
  }
  figcaption {
    font-size: 14px;
  }
`;

'use client';
/** What is borrowed: how far each thing has come, what is wrong and what can be done, and the fewest ways to the library. */
import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { dayMonth, shortDate } from '@/core/calendar/dates';
import type { LoanLine } from '@/core/loans/lines';
import { Button, PlainButton } from '@/kit/button';
import { Link } from '@/kit/link';
import { Caution, Heading, Quiet } from '@/kit/text';
import { colour, face } from '@/kit/tokens';
import { useAct } from '../../frame/use-act';
import { newsFromLibrary, step, takeNews, unwant } from './actions';
import type { LoansView } from '../load';

const CardForm = dynamic(() => import('./card-form').then((m) => m.CardForm), { ssr: false });
const LibraryDialog = dynamic(
  () => import('../../frame/library/library-dialog').then((m) => m.LibraryDialog),
  { ssr: false },
);
const Remedies = dynamic(() => import('./remedies').then((m) => m.Remedies), { ssr: false });

type Open = { is: 'card' } | { is: 'library' } | { is: 'remedies'; line: LoanLine };

export function Loans({ loans, unitId }: { loans: LoansView; unitId: string | null }) {
  const { act } = useAct();
  const [open, setOpen] = useState<Open>();
  const [news, setNews] = useState<string[]>([]);
  const asked = loans.lines
    .map((l) => `${l.loan.id} ${l.loan.ready ?? ''} ${l.loan.due ?? ''} ${l.loan.expected ?? ''}`)
    .join();
  useEffect(() => {
    let late = false;
    void newsFromLibrary().then(
      (n) => {
        if (!late) setNews(n);
      },
      () => undefined,
    );
    return () => {
      late = true;
    };
  }, [asked]);
  const close = (): void => setOpen(undefined);
  return (
    <section aria-labelledby="borrowed">
      <Head>
        <Heading id="borrowed">Borrowed</Heading>
        {loans.card ? (
          <Quiet as="span">
            {loans.out} of {loans.card.loans} out on the card
          </Quiet>
        ) : null}
        <PlainButton onPress={() => setOpen({ is: 'card' })}>
          {loans.card ? 'The card…' : 'Write down what your library card allows…'}
        </PlainButton>
        {loans.card ? (
          <PlainButton onPress={() => setOpen({ is: 'library' })}>Look in the library…</PlainButton>
        ) : null}
        <CameHome href="/shelf?bring=loans">Write down what came home…</CameHome>
      </Head>
      {news.length ? (
        <News role="status">
          <span>The library says: {news.join('; ')}.</span>{' '}
          <Button onPress={() => act(takeNews)}>Take it over</Button>
        </News>
      ) : null}
      {loans.over.map((o) => (
        <Caution key={o.date}>
          From {shortDate(o.date)} {o.out} things would be out, and the card allows {loans.card?.loans}.
        </Caution>
      ))}
      {loans.lines.length ? (
        <Lines aria-label="Loans">
          {loans.lines.map((line) => (
            <Line key={line.loan.id} line={line} onRemedies={() => setOpen({ is: 'remedies', line })} />
          ))}
        </Lines>
      ) : null}
      {!loans.lines.length && loans.card ? <Quiet>Nothing is borrowed or asked for.</Quiet> : null}
      {loans.trips.length ? (
        <Trips aria-label="Ways to the library">
          <Quiet as="li">
            {loans.trips.length === 1
              ? 'One way to the library does it all:'
              : `${loans.trips.length} ways to the library do it all:`}
          </Quiet>
          {loans.trips.map((t) => (
            <li key={t.date}>
              <b>{shortDate(t.date)}</b> {t.errands.join('; ')}
            </li>
          ))}
        </Trips>
      ) : null}
      {loans.missed.map((m) => (
        <Caution key={m}>{m}: there is no library day in time.</Caution>
      ))}
      {open?.is === 'card' ? <CardForm card={loans.card} onClose={close} /> : null}
      {open?.is === 'library' ? <LibraryDialog unitId={unitId} onClose={close} /> : null}
      {open?.is === 'remedies' ? <Remedies line={open.line} onClose={close} /> : null}
    </section>
  );
}

const NEXT: Record<string, { which: 'ask' | 'ready' | 'fetch' | 'renew' | 'return'; name: string }[]> = {
  'to ask for': [
    { which: 'ask', name: 'Ask for it' },
    { which: 'fetch', name: 'Fetched' },
  ],
  'asked for': [
    { which: 'ready', name: 'It lies ready' },
    { which: 'fetch', name: 'Fetched' },
  ],
  ready: [{ which: 'fetch', name: 'Fetched' }],
  out: [
    { which: 'renew', name: 'Renew' },
    { which: 'return', name: 'Taken back' },
  ],
};

function Line({ line, onRemedies }: { line: LoanLine; onRemedies: () => void }) {
  const { act } = useAct();
  const { loan, book, stage } = line;
  const mended = line.troubles.some((t) => t.kind === 'late' || t.kind === 'early');
  const when = dayOf(line);
  const needed = line.needs.length
    ? `for lesson${line.needs.length > 1 ? 's' : ''} ${line.needs.map((n) => n.number).join(', ')}${line.haveBy && stage !== 'out' ? `, have it by ${dayMonth(line.haveBy)}` : ''}${line.askBy ? `, ask by ${dayMonth(line.askBy)}` : ''}`
    : 'on no lesson to come';
  return (
    <li>
      <div>
        <b>{book.title}</b>{' '}
        <Quiet as="span">
          {stage === 'out' ? 'in the house' : stage}
          {when ? `, ${when}` : ''} · {needed}
        </Quiet>
        {line.troubles.map((t) => (
          <Caution key={t.message}>{t.message}</Caution>
        ))}
      </div>
      <Doings>
        {mended ? (
          <Button onPress={onRemedies} aria-label={`What can be done about “${book.title}”`}>
            What can be done…
          </Button>
        ) : null}
        {(NEXT[stage] ?? [])
          .filter((n) => !(loan.ref && n.which === 'ready'))
          .map((n) => (
            <PlainButton
              key={n.which}
              aria-label={`${n.name}: “${book.title}”`}
              onPress={() => act((base) => step(base, loan.id, n.which))}
            >
              {n.name}
            </PlainButton>
          ))}
        {stage === 'out' ? null : (
          <PlainButton
            aria-label={`Take “${book.title}” off the list`}
            onPress={() => act((base) => unwant(base, loan.id))}
          >
            Off the list
          </PlainButton>
        )}
      </Doings>
    </li>
  );
}

const Head = styled.div`
  display: flex;
  gap: 6px 18px;
  align-items: baseline;
  flex-wrap: wrap;
  border-bottom: 1.5px solid ${colour.ink};
  padding-bottom: 4px;
`;
const News = styled.p`
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
  padding: 8px 0;
  font-weight: 600;
`;
const Lines = styled.ul`
  li {
    display: flex;
    justify-content: space-between;
    gap: 8px 16px;
    flex-wrap: wrap;
    padding: 7px 0;
    border-bottom: 1px solid ${colour.rule};
  }
  b {
    font: 600 15px/1.25 ${face.title};
  }
  li > div:first-child {
    flex: 1 1 340px;
    min-width: 0;
  }
`;
const Doings = styled.div`
  display: flex;
  gap: 6px 14px;
  align-items: center;
  flex-wrap: wrap;
`;
const Trips = styled.ul`
  padding-top: 8px;
  font-size: 13.5px;
  display: grid;
  gap: 2px;
`;

/** The day that counts for a loan, by how far it has come; empty where there is none. */
function dayOf({ stage, loan, due }: LoanLine): string {
  if (stage === 'out') return `due ${shortDate(due)}${loan.renewals ? ', renewed' : ''}`;
  if (stage === 'asked for' && loan.expected) return `expected about ${shortDate(loan.expected)}`;
  return stage === 'ready' && loan.ready ? `since ${shortDate(loan.ready)}` : '';
}
const CameHome = styled(Link)`
  font-size: 13px;
  text-decoration-thickness: 1px;
  text-underline-offset: 3px;
`;

'use client';
/** The family's shelf: everything they have of any form, found as one types, scanned in, brought in, and what is on it twice. */
import dynamic from 'next/dynamic';
import { useState } from 'react';
import styled from 'styled-components';
import { readLabel } from '@/core/books/numbers';
import { count } from '@/core/plan/called';
import { readBookLine } from '@/core/formats/book-line';
import { Button } from '@/kit/button';
import { TextField } from '@/kit/field';
import { Fold } from '@/kit/fold';
import { LinkButton } from '@/kit/link-button';
import { Column, Heading, Quiet } from '@/kit/text';
import { colour, paper } from '@/kit/tokens';
import { Scanner } from '@/standins/scanner/scanner';
import { Frame } from '../frame/frame';
import { useFound } from '../frame/shelf/use-found';
import { useAct } from '../frame/use-act';
import { bookWithNumber, putOnShelf } from './actions';
import type { ShelfView } from './load';
import { Row, TwiceList, Columns, Count, List } from './shelf-rows';

const RecordForm = dynamic(() => import('./record-form').then((m) => m.RecordForm), { ssr: false });
const LibraryDialog = dynamic(() => import('../frame/library/library-dialog').then((m) => m.LibraryDialog), {
  ssr: false,
});
const BringIn = dynamic(() => import('./bring-in').then((m) => m.BringIn), { ssr: false });

type Open =
  | { is: 'record'; id: string }
  | { is: 'new'; label: string }
  | { is: 'bring in'; areBorrowed: boolean }
  | { is: 'library' };

/** What the address asks for. */
function openedBy({ opened, bringsLoans }: ShelfView): Open | undefined {
  if (opened) return { is: 'record', id: opened };
  return bringsLoans ? { is: 'bring in', areBorrowed: true } : undefined;
}

export function ShelfSheet(view: ShelfView) {
  const { info } = view;
  const [typed, setTyped] = useState(view.typed);
  const [open, setOpen] = useState<Open | undefined>(openedBy(view));
  const found = useFound(typed, { info, first: view.typed ? undefined : view.found }) ?? view.found;
  const all = view.found.total;
  const close = (): void => setOpen(undefined);
  return (
    <Frame
      info={info}
      sheet={3}
      title="The shelf"
      subtitle={`${count(all, 'thing')}, whatever the unit`}
      actions={
        <>
          {info.unitId ? <LinkButton href={`/books?unit=${info.unitId}`}>The unit’s books</LinkButton> : null}
          <Button onPress={() => setOpen({ is: 'library' })}>From the library…</Button>
          <Button onPress={() => setOpen({ is: 'bring in', areBorrowed: false })}>Bring books in…</Button>
          <Button $primary onPress={() => setOpen({ is: 'new', label: '' })}>
            Add a book
          </Button>
        </>
      }
      figures={[
        { name: 'On the shelf', value: String(view.here) },
        ...(view.lent ? [{ name: 'Lent out', value: String(view.lent) }] : []),
        ...(view.twice.length ? [{ name: 'Perhaps twice', value: String(view.twice.length) }] : []),
      ]}
      keys={[{ keys: 'Enter', does: 'in the scanning line: add what is typed, or open what is there' }]}
    >
      <Columns>
        <div>
          <TextField
            label="Look for"
            placeholder="title, author, topic, place, number"
            autoFocus
            value={typed}
            onChange={setTyped}
          />
          <Count aria-live="polite">
            {typed.trim() ? `${found.total} of ${all}` : `${all} in all`}
            {found.total > found.rows.length ? `, the first ${found.rows.length} shown` : ''}
          </Count>
          <List aria-label="Books">
            {found.rows.map((row) => (
              <Row key={row.id} row={row} onOpen={() => setOpen({ is: 'record', id: row.id })} />
            ))}
          </List>
          {all ? (
            <Quiet>
              Take it along:{' '}
              <a href="/files/shelf.csv" download>
                table (CSV)
              </a>{' '}
              ·{' '}
              <a href="/files/shelf.bib" download>
                BibTeX
              </a>{' '}
              ·{' '}
              <a href="/files/shelf.json" download>
                CSL-JSON
              </a>
            </Quiet>
          ) : null}
        </div>
        <aside>
          <Column>
            <header>
              <Heading>Scan or type</Heading>
            </header>
            <ScanLine
              onKnown={(id) => setOpen({ is: 'record', id })}
              onNumber={(label) => setOpen({ is: 'new', label })}
            />
            <Fold title="No scanner at hand?">
              <Quiet>
                Put the cursor into the line above, then press one of these: it types as a scanner would.
              </Quiet>
              <Codes>
                <Scanner codes={view.codes} />
              </Codes>
            </Fold>
          </Column>
          {view.twice.length ? (
            <TwiceList twice={view.twice} onOpen={(id) => setOpen({ is: 'record', id })} />
          ) : null}
        </aside>
      </Columns>
      {open?.is === 'record' ? (
        <RecordForm key={open.id} bookId={open.id} childrenOfFamily={view.children} onClose={close} />
      ) : null}
      {open?.is === 'new' ? (
        <RecordForm
          key={`new ${open.label}`}
          label={open.label}
          childrenOfFamily={view.children}
          onClose={close}
        />
      ) : null}
      {open?.is === 'library' ? <LibraryDialog unitId={null} onClose={close} /> : null}
      {open?.is === 'bring in' ? <BringIn areBorrowed={open.areBorrowed} onClose={close} /> : null}
    </Frame>
  );
}

/** A line for a scanner (a keyboard that ends with Enter), or for a book typed in one go. */
function ScanLine({
  onKnown,
  onNumber,
}: {
  onKnown: (id: string) => void;
  onNumber: (label: string) => void;
}) {
  const { act, say } = useAct();
  const [line, setLine] = useState('');
  const [wrong, setWrong] = useState('');
  const take = (): void => {
    const text = line.trim();
    if (!text) return;
    if (/^[\d\s‐–-]+X?$/iu.test(text)) {
      const number = readLabel(text);
      if ('wrong' in number) return setWrong(number.wrong);
      setLine('');
      return void bookWithNumber(number.digits).then(
        (id) => (id ? onKnown(id) : onNumber(number.digits)),
        () => {
          setLine((now) => now || text);
          say('Hausplan did not answer. Check that it is running, then scan it again.');
        },
      );
    }
    const read = readBookLine(text);
    if ('wrong' in read) return setWrong(read.wrong);
    act((base) => putOnShelf(base, [read]), { then: () => setLine('') });
  };
  return (
    <Scan
      onSubmit={(e) => {
        e.preventDefault();
        take();
      }}
    >
      <TextField
        label="A number, or a book in one line"
        help="Title; author; 88 p; picture book; hall shelf; number"
        value={line}
        onChange={(v) => {
          setLine(v);
          setWrong('');
        }}
        error={wrong}
      />
      <Button type="submit">Take it</Button>
    </Scan>
  );
}

const Scan = styled.form`
  display: grid;
  gap: 8px;
  justify-items: start;
  padding-top: 8px;
  & > :first-child {
    width: 100%;
  }
  ${paper} {
    display: none;
  }
`;
const Codes = styled.div`
  button {
    display: block;
    width: 100%;
    text-align: left;
    background: none;
    border: 0;
    border-bottom: 1px solid ${colour.rule};
    padding: 6px 0;
    font-size: 13px;
    cursor: pointer;
  }
  p {
    font-size: 13px;
  }
`;

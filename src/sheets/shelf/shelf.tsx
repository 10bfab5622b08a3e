'use client';
/** The family's shelf: everything they have of any form, found as one types, scanned in, brought in, and what is on it twice. */
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { ean13Check, readNumber } from '@/core/books/numbers';
import { indexOf, search } from '@/core/books/search';
import { readBookLine } from '@/core/formats/book-line';
import { Button } from '@/kit/button';
import { TextField } from '@/kit/field';
import { Fold } from '@/kit/fold';
import { LinkButton } from '@/kit/link-button';
import { Column, Heading, Quiet } from '@/kit/text';
import { colour, paper } from '@/kit/tokens';
import { Scanner } from '@/standins/scanner/scanner';
import { Frame } from '../frame/frame';
import { useAct } from '../frame/use-act';
import { putOnShelf } from './actions';
import type { ShelfRow, ShelfView } from './load';
import { Row, TwiceList, Columns, Count, List } from './shelf-rows';

const RecordForm = dynamic(() => import('./record-form').then((m) => m.RecordForm), { ssr: false });
const LibraryDialog = dynamic(() => import('../frame/library/library-dialog').then((m) => m.LibraryDialog), {
  ssr: false,
});
const BringIn = dynamic(() => import('./bring-in').then((m) => m.BringIn), { ssr: false });

/** As many as are drawn; more words find the others. */
const SHOWN = 60;

export function ShelfSheet(view: ShelfView) {
  const { rows, info } = view;
  const [typed, setTyped] = useState('');
  const [open, setOpen] = useState<
    { is: 'record'; id: string } | { is: 'new'; label: string } | { is: 'bring in' } | { is: 'library' }
  >();
  const index = useMemo(() => indexOf(rows), [rows]);
  const byId = useMemo(() => new Map(rows.map((r) => [r.id, r])), [rows]);
  const found = useMemo(() => search(index, typed), [index, typed]);
  const close = (): void => setOpen(undefined);
  const lent = rows.filter((r) => r.state === 'lent out').length;
  return (
    <Frame
      info={info}
      sheet={3}
      title="The shelf"
      subtitle={`${rows.length} ${rows.length === 1 ? 'thing' : 'things'}, whatever the unit`}
      actions={
        <>
          {info.unitId ? <LinkButton href={`/books?unit=${info.unitId}`}>The unit’s books</LinkButton> : null}
          <Button onPress={() => setOpen({ is: 'library' })}>From the library…</Button>
          <Button onPress={() => setOpen({ is: 'bring in' })}>Bring books in…</Button>
          <Button $primary onPress={() => setOpen({ is: 'new', label: '' })}>
            Add a book
          </Button>
        </>
      }
      figures={[
        { name: 'On the shelf', value: String(rows.filter((r) => r.state === 'here').length) },
        ...(lent ? [{ name: 'Lent out', value: String(lent) }] : []),
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
            {typed.trim() ? `${found.length} of ${rows.length}` : `${rows.length} in all`}
            {found.length > SHOWN ? `, the first ${SHOWN} shown` : ''}
          </Count>
          <List aria-label="Books">
            {found.slice(0, SHOWN).map((id) => (
              <Row key={id} row={byId.get(id)!} onOpen={() => setOpen({ is: 'record', id })} />
            ))}
          </List>
          {rows.length ? (
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
              rows={rows}
              onKnown={(id) => setOpen({ is: 'record', id })}
              onNumber={(label) => setOpen({ is: 'new', label })}
            />
            <Fold title="No scanner at hand?">
              <Quiet>
                Put the cursor into the line above, then press one of these: it types as a scanner would.
              </Quiet>
              <Codes>
                <Scanner codes={codesFor(rows)} />
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
      {open?.is === 'bring in' ? <BringIn onClose={close} /> : null}
    </Frame>
  );
}

/** A line for a scanner (a keyboard that ends with Enter), or for a book typed in one go. */
function ScanLine({
  rows,
  onKnown,
  onNumber,
}: {
  rows: ShelfRow[];
  onKnown: (id: string) => void;
  onNumber: (label: string) => void;
}) {
  const { act } = useAct();
  const [line, setLine] = useState('');
  const [wrong, setWrong] = useState('');
  const take = (): void => {
    const text = line.trim();
    if (!text) return;
    if (/^[\d\s‐–-]+X?$/iu.test(text)) {
      const number = readNumber(text);
      if ('wrong' in number) return setWrong(number.wrong);
      const known = rows.find((r) => r.label === number.digits);
      setLine('');
      return known ? onKnown(known.id) : onNumber(number.digits);
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

/** Things to scan: one that is on the shelf, a home label that is not, and one with a wrong last digit. */
function codesFor(rows: ShelfRow[]): { message: string; digits: string }[] {
  const known = rows.find((r) => r.label);
  const stems = Array.from({ length: 40 }, (_, i) => `2${String(9_000_000_000 + i).padStart(11, '0')}`);
  const fresh = stems.map((s) => s + ean13Check(s)).find((d) => !rows.some((r) => r.label === d))!;
  return [
    ...(known ? [{ message: `the label of “${known.title}”`, digits: known.label }] : []),
    { message: 'a new home label', digits: fresh },
    {
      message: 'a label with a wrong digit',
      digits: fresh.slice(0, -1) + String((Number(fresh.at(-1)) + 1) % 10),
    },
  ];
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

'use client';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { indexOf, search } from '@/core/books/search';
import { lengthText } from '@/core/calendar/dates';
import { Button, PlainButton } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { TextField } from '@/kit/field';
import { LinkButton } from '@/kit/link-button';
import { Caution, Heading, Quiet } from '@/kit/text';
import { Frame } from '../frame/frame';
import { useAct } from '../frame/use-act';
import { pull } from './actions';
import { BookForm } from './book-form';
import { PageGrid } from './page-grid';
import { Piles } from './piles';
import type { BooksView, PulledBook } from './load';

export function BooksSheet(view: BooksView) {
  const { info, unitId, pulled, lessons } = view;
  const { children } = view;
  const [adding, add] = useState(false);
  const [editing, edit] = useState<PulledBook>();
  const [shelfShown, showShelf] = useState(false);
  if (!unitId) return <Frame info={info} sheet={3} title="Books" figures={[]}><p>There is no unit yet. <Link href="/unit">Begin one</Link>, then pull its books; <Link href="/shelf">the shelf</Link> can be filled already.</p></Frame>;
  const spine = pulled.find((p) => p.role === 'spine');
  return (
    <Frame
      info={info} sheet={3} title="Books" subtitle={<>{view.unitTitle} · {pulled.length} pulled</>}
      actions={<><LinkButton href="/shelf">The shelf</LinkButton>{view.shelf.length ? <Button onPress={() => showShelf(true)}>Pull from the shelf</Button> : null}<Button $primary onPress={() => add(true)}>Add a book</Button></>}
      figures={[{ name: 'Lessons covered', value: `${view.covered} of ${lessons.length}` }, { name: 'Reading aloud', value: lengthText(view.aloudMinutes) }]}
      keys={[{ keys: '← → ↑ ↓', does: 'go through lessons and books' }, { keys: 'Enter', does: 'set the pages there' }]}
    >
      {pulled.length ? <Piles pulled={pulled} childrenOfUnit={children} onEdit={edit} /> : <p>No books pulled yet. Add the one that leads the unit first: its spine.</p>}
      {pulled.length && !spine ? <Caution>No book leads this unit. Give one the role “spine”, and its contents can carry the lessons.</Caution> : null}
      {view.wanted.length ? <Quiet>From the brainstorm, find a book on: {view.wanted.join(' · ')}</Quiet> : null}
      {pulled.length && lessons.length ? (
        <Section aria-labelledby="pages"><Heading id="pages">Which lesson uses which pages</Heading><PageGrid view={view} /></Section>
      ) : pulled.length ? <Section><Quiet>There are no lessons to put them on yet. <Link href={`/lessons?unit=${unitId}`}>Paste the contents page</Link>.</Quiet></Section> : null}
      {adding ? <BookForm unitId={unitId} childrenOfUnit={children} firstRole={spine ? 'together' : 'spine'} onClose={() => add(false)} /> : null}
      {editing ? <BookForm unitId={unitId} childrenOfUnit={children} pulled={editing} firstRole={editing.role} onClose={() => edit(undefined)} /> : null}
      {shelfShown ? <Shelf view={view} onClose={() => showShelf(false)} /> : null}
    </Frame>
  );
}

/** As many as are listed; more words find the others. */
const LISTED = 40;

function Shelf({ view, onClose }: { view: BooksView; onClose: () => void }) {
  const { act } = useAct();
  const [typed, type] = useState('');
  const index = useMemo(() => indexOf(view.shelf), [view.shelf]);
  const found = search(index, typed);
  const books = new Map(view.shelf.map((b) => [b.id, b]));
  return (
    <Dialog title="On the shelf" isOpen onClose={onClose} footer={<Button onPress={onClose}>Done</Button>}>
      <TextField label="Look for" placeholder="title, author, topic, place" autoFocus value={typed} onChange={type} />
      <Quiet aria-live="polite">{found.length} of {view.shelf.length} not pulled yet{found.length > LISTED ? `, the first ${LISTED} listed` : ''}</Quiet>
      <ul aria-label="Books to pull">
        {found.slice(0, LISTED).map((id) => books.get(id)!).map((b) => (
          <li key={b.id}>
            {b.title} <Quiet as="span">{[b.authors, b.pages ? `${b.pages} pages` : b.form, b.state === 'here' ? b.place : b.state].filter(Boolean).join(' · ')}</Quiet>{' '}
            <PlainButton aria-label={`Pull “${b.title}”`} onPress={() => act((base) => pull(base, view.unitId!, b.id, { role: 'basket', childId: null }))}>Pull</PlainButton>
          </li>
        ))}
      </ul>
      <Quiet>A pulled book lies in the basket until you give it a role.</Quiet>
    </Dialog>
  );
}

const Section = styled.section`margin-top: 28px;`;

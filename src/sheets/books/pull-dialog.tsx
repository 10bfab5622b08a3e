'use client';
/** Pulling from the shelf: found as one types, one by one or all that were found. */
import { useEffect, useMemo, useState } from 'react';
import styled from 'styled-components';
import { indexOf, search } from '@/core/books/search';
import { Button, PlainButton } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { TextField } from '@/kit/field';
import { Quiet } from '@/kit/text';
import { colour, face } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { pull, shelfToPull } from './actions';

/** As many as are listed; more words find the others. */
const LISTED = 40;

export function PullDialog({
  unitId,
  revision,
  onClose,
}: {
  unitId: string;
  revision: number;
  onClose: () => void;
}) {
  const { act } = useAct();
  const [typed, setTyped] = useState('');
  const [shelf, setShelf] = useState<Awaited<ReturnType<typeof shelfToPull>>>();
  useEffect(() => {
    let late = false;
    void shelfToPull(unitId).then(
      (s) => {
        if (!late) setShelf(s);
      },
      () => undefined,
    );
    return () => {
      late = true;
    };
  }, [unitId, revision]);
  const index = useMemo(() => indexOf(shelf ?? []), [shelf]);
  const found = search(index, typed);
  const books = useMemo(() => new Map((shelf ?? []).map((b) => [b.id, b])), [shelf]);
  return (
    <Dialog
      title="On the shelf"
      isOpen
      onClose={onClose}
      footer={
        <>
          {found.length > 1 ? (
            <Button onPress={() => act((base) => pull(base, unitId, found))}>Pull all {found.length}</Button>
          ) : null}
          <Button $primary onPress={onClose}>
            Done
          </Button>
        </>
      }
    >
      <TextField
        label="Look for"
        placeholder="title, author, topic, place"
        autoFocus
        value={typed}
        onChange={setTyped}
      />
      <Quiet aria-live="polite">
        {shelf ? `${found.length} of ${shelf.length} not pulled yet` : 'Fetching the shelf…'}
        {found.length > LISTED ? `, the first ${LISTED} listed` : ''}
      </Quiet>
      <List aria-label="Books to pull">
        {found
          .slice(0, LISTED)
          .map((id) => books.get(id)!)
          .map((b) => (
            <li key={b.id}>
              <span>
                <b>{b.title}</b>{' '}
                <Quiet as="span">
                  {[b.authors, b.pages ? `${b.pages} pages` : b.form, b.state === 'here' ? b.place : b.state]
                    .filter(Boolean)
                    .join(' · ')}
                </Quiet>
              </span>
              <PlainButton
                aria-label={`Pull “${b.title}”`}
                onPress={() => act((base) => pull(base, unitId, [b.id]))}
              >
                Pull
              </PlainButton>
            </li>
          ))}
      </List>
      <Quiet>What is pulled lies apart until you sort it onto a pile.</Quiet>
    </Dialog>
  );
}

const List = styled.ul`
  border-top: 1.5px solid ${colour.ink};
  max-height: 46vh;
  overflow: auto;
  li {
    display: flex;
    justify-content: space-between;
    gap: 10px;
    padding: 4px 0;
    border-bottom: 1px solid ${colour.rule};
  }
  b {
    font: 600 15px/1.25 ${face.title};
  }
`;

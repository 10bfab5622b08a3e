'use client';
/** Pulling from the shelf: found as one types, one by one or all that were found. */
import { useState } from 'react';
import styled from 'styled-components';
import { Button, PlainButton } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { TextField } from '@/kit/field';
import { Quiet } from '@/kit/text';
import { colour, face } from '@/kit/tokens';
import type { FrameInfo } from '../frame/load';
import { useFound } from '../frame/shelf/use-found';
import { useAct } from '../frame/use-act';
import { pull, pullFound } from './actions';

export function PullDialog({
  unitId,
  info,
  onClose,
}: {
  unitId: string;
  info: FrameInfo;
  onClose: () => void;
}) {
  const { act } = useAct();
  const [typed, setTyped] = useState('');
  const found = useFound(typed, { info, notPulledFor: unitId });
  return (
    <Dialog
      title="On the shelf"
      isOpen
      onClose={onClose}
      footer={
        <>
          {found && found.total > 1 ? (
            <Button onPress={() => act((base) => pullFound(base, unitId, typed))}>
              Pull all {found.total}
            </Button>
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
        {found ? `${found.total} of ${found.all} not pulled yet` : 'Looking on the shelf…'}
        {found && found.total > found.rows.length ? `, the first ${found.rows.length} listed` : ''}
      </Quiet>
      <List aria-label="Books to pull">
        {found?.rows.map((b) => (
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

'use client';
/** Looking in the library, and asking for what one finds. */
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { Button } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { TextField } from '@/kit/field';
import { Caution, Quiet } from '@/kit/text';
import { colour, face } from '@/kit/tokens';
import { useAct } from '../use-act';
import { askFor, lookInLibrary, type LibraryHit } from './actions';

export function LibraryDialog({ unitId, onClose }: { unitId: string | null; onClose: () => void }) {
  const { act } = useAct();
  const [typed, setTyped] = useState('');
  const [found, setFound] = useState<{ of: string; is: { hits: LibraryHit[] } | { wrong: string } }>();
  const [round, setRound] = useState(0);
  useEffect(() => {
    let late = false;
    const timer = setTimeout(() => {
      void lookInLibrary(typed).then(
        (is) => {
          if (!late) setFound({ of: typed, is });
        },
        () => {
          if (!late) setFound({ of: typed, is: { wrong: 'Hausplan did not answer.' } });
        },
      );
    }, 250);
    return () => {
      late = true;
      clearTimeout(timer);
    };
  }, [typed, round]);
  const now = found?.is;
  return (
    <Dialog
      title="In the library"
      wide
      isOpen
      onClose={onClose}
      footer={<Button onPress={onClose}>Done</Button>}
    >
      <TextField
        label="Look for"
        placeholder="title, author, topic"
        autoFocus
        value={typed}
        onChange={setTyped}
      />
      <div aria-live="polite">
        {!now ? <Quiet>Asking the library…</Quiet> : null}
        {!!now && 'wrong' in now ? <Caution>{now.wrong}</Caution> : null}
        {!!now && !('wrong' in now) ? (
          <Quiet>
            {now.hits.length} found. What you ask for comes onto your shelf as borrowed, and lies with what is
            to be sorted.
          </Quiet>
        ) : null}
      </div>
      {now && 'hits' in now ? (
        <List aria-label="Found in the library">
          {now.hits.map((h) => (
            <li key={h.ref}>
              <div>
                <b>{h.title}</b> <Quiet as="span">{h.rest}</Quiet>
                <Quiet>{h.topics}</Quiet>
              </div>
              <span>{h.message}</span>
              {h.known ? (
                <Quiet as="span">on your list</Quiet>
              ) : (
                <Button
                  aria-label={`Ask for “${h.title}”`}
                  onPress={() =>
                    act((base) => askFor(base, unitId, h.ref), { then: () => setRound((n) => n + 1) })
                  }
                >
                  Ask for it
                </Button>
              )}
            </li>
          ))}
        </List>
      ) : null}
    </Dialog>
  );
}

const List = styled.ul`
  border-top: 1.5px solid ${colour.ink};
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 190px 110px;
    gap: 12px;
    align-items: center;
    padding: 6px 0;
    border-bottom: 1px solid ${colour.rule};
    font-size: 13.5px;
  }
  b {
    font: 600 15px/1.2 ${face.title};
  }
  @media (max-width: 760px) {
    li {
      grid-template-columns: minmax(0, 1fr);
    }
  }
`;

'use client';
/** The rows of the shelf, and what is on it twice. */
import { extentOf } from '@/core/books/extent';
import styled from 'styled-components';
import { PlainButton } from '@/kit/button';
import { Caution, Column, Heading, Quiet } from '@/kit/text';
import { colour, face, middling, narrow } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { makeOne } from './actions';
import type { ShelfRow } from '../frame/shelf/find';
import type { ShelfView } from './load';

export function Row({ row: b, onOpen }: { row: ShelfRow; onOpen: () => void }) {
  return (
    <li>
      <button type="button" onClick={onOpen}>
        <b>{b.title}</b>
        <span>
          {[b.authors, b.form === 'book' ? '' : b.form, ...extentOf(b)].filter(Boolean).join(' · ')}
        </span>
        <span>
          {[
            b.state === 'here' ? b.place : [b.state, b.stateNote].filter(Boolean).join(', '),
            b.source === 'owned' ? '' : b.source,
          ]
            .filter(Boolean)
            .join(' · ')}
        </span>
        <span>{b.units.join(', ')}</span>
      </button>
    </li>
  );
}

export function TwiceList({ twice, onOpen }: { twice: ShelfView['twice']; onOpen: (id: string) => void }) {
  const { act } = useAct();
  return (
    <Column aria-label="Perhaps twice">
      <header>
        <Heading>Perhaps the same thing twice</Heading>
        <Quiet as="span">{twice.length}</Quiet>
      </header>
      {twice.slice(0, 20).map((t) => (
        <Twin key={t.books.map((b) => b.id).join()}>
          {t.by === 'number' ? <Caution>The same number</Caution> : <Quiet>The same title and author</Quiet>}
          {t.books.map((b, i) => (
            <div key={b.id}>
              <PlainButton onPress={() => onOpen(b.id)}>{b.title}</PlainButton>
              <Quiet>{b.message}</Quiet>
              {i ? (
                <PlainButton
                  aria-label={`“${b.title}” is the same as the first: make one of them`}
                  onPress={() => act((base) => makeOne(base, { keep: t.books[0].id, drop: b.id }))}
                >
                  It is the first one: make one of them
                </PlainButton>
              ) : null}
            </div>
          ))}
        </Twin>
      ))}
      <Quiet>Two copies, or two editions? Leave them as they are.</Quiet>
    </Column>
  );
}

export const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 280px;
  gap: 32px;
  align-items: start;
  & > aside {
    display: grid;
    gap: 22px;
  }
  ${middling} {
    grid-template-columns: minmax(0, 1fr);
  }
`;
export const Count = styled.p`
  font-size: 13px;
  color: ${colour.graphite};
  padding: 6px 0;
`;
export const List = styled.ol`
  border-top: 1.5px solid ${colour.ink};
  margin-bottom: 10px;
  li {
    border-bottom: 1px solid ${colour.rule};
  }
  button {
    display: grid;
    grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr) minmax(0, 0.8fr) minmax(0, 0.8fr);
    gap: 12px;
    align-items: baseline;
    width: 100%;
    min-height: 38px;
    padding: 6px 4px;
    background: none;
    border: 0;
    text-align: left;
    cursor: pointer;
  }
  b {
    font: 600 15.5px/1.25 ${face.title};
    overflow-wrap: anywhere;
  }
  span {
    font-size: 13px;
    color: ${colour.graphite};
    overflow-wrap: anywhere;
  }
  ${narrow} {
    button {
      grid-template-columns: 1fr;
      gap: 2px;
    }
  }
`;
const Twin = styled.div`
  padding: 7px 0;
  border-bottom: 1px solid ${colour.rule};
  display: grid;
  gap: 4px;
  & > div {
    padding-left: 8px;
  }
`;

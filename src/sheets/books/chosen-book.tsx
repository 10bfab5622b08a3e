'use client';
/** The book in hand: what it is good for, and the piles it can go on, a key each. */
import { extentOf } from '@/core/books/extent';
import { useLayoutEffect, useRef } from 'react';
import styled from 'styled-components';
import type { Suits } from '@/core/books/fit';
import { READ_ALONE, takenIn } from '@/core/books/taken-in';
import type { Role, SpineRead } from '@/core/plan/plan';
import { Button, PlainButton } from '@/kit/button';
import { Hatch } from '@/kit/hatch';
import { Caution, Column, Heading, Quiet } from '@/kit/text';
import { colour, face } from '@/kit/tokens';
import { pileKey } from './pile-key';
import { PILES } from './roles';
import { AlsoOnPiles, Doings, HowRead } from './whose';
import type { PulledBook, Reader } from './load';

interface Props {
  book: PulledBook;
  readers: Reader[];
  /** How many are still to sort. */
  left: number;
  /** Takes the keys as soon as a book is in hand. */
  focused: boolean;
  onPut: (role: Role, childIds: readonly string[], read?: SpineRead) => void;
  onEdit: () => void;
  onBack: () => void;
  onPace: () => void;
}

export function ChosenBook({ book: p, readers, left, focused, onPut, onEdit, onBack, onPace }: Props) {
  const ref = useRef<HTMLDivElement>(null);
  // With the drawing itself: later, it would take the cursor from where the parent has gone meanwhile.
  useLayoutEffect(() => {
    if (focused) ref.current?.focus();
  }, [p.pullId, focused]);
  const { book, facts } = p;
  const reads = (childId: string): boolean => p.readers.some((r) => r.id === childId);
  const on = p.cells.flatMap((c, i) => (c ? [i + 1] : []));
  const placedText = on.length ? `On ${on.length === 1 ? 'lesson' : 'lessons'} ${on.join(', ')}` : null;
  const maySuit = facts.covers.filter((c) => !on.includes(c.number));
  const rest = [book.authors, book.form === 'book' ? '' : book.form, ...extentOf(book)]
    .filter(Boolean)
    .join(' · ');
  return (
    <Column as="div">
      <Body
        ref={ref}
        tabIndex={-1}
        role="group"
        aria-label={`In hand: ${book.title}`}
        onKeyDown={(e) => {
          const to = pileKey(e, readers);
          if (!to) return;
          e.preventDefault();
          onPut(to.role, to.childIds);
        }}
      >
        <header>
          <Title>{book.title}</Title>
          <Quiet as="span">{left ? `${left} to sort` : ''}</Quiet>
        </header>
        <Quiet>
          {rest}
          {rest ? ' · ' : ''}
          {book.source}
          {book.place ? `, ${book.place}` : ''}
          {book.price !== null && book.source === 'to buy' ? `, ${(book.price / 100).toFixed(2)}` : ''}
        </Quiet>
        {facts.cautions.map((c) =>
          c.startsWith('Not looked') ? <Quiet key={c}>{c}</Quiet> : <Caution key={c}>{c}</Caution>,
        )}
        <Block>
          <b>{placedText}</b>
          <b>
            {maySuit.length
              ? `May suit ${maySuit.length === 1 ? 'lesson' : 'lessons'} ${maySuit.map((c) => c.number).join(', ')}`
              : null}
            {!maySuit.length && !on.length ? 'Nothing of it matches a lesson by name' : null}
          </b>
          {maySuit.slice(0, 4).map((c) => (
            <Quiet key={c.lessonId}>
              {c.number} {c.title}
              {c.by === book.title ? '' : `: ${c.by}`}
              {c.first
                ? `, ${c.last && c.last !== c.first ? `pages ${c.first}–${c.last}` : `page ${c.first}`}`
                : ''}
            </Quiet>
          ))}
        </Block>
        <Block>
          {facts.words ? (
            <Quiet>
              All of it aloud: {facts.minutesAloud} min, about {facts.words.toLocaleString('en-GB')} words.
            </Quiet>
          ) : null}
          <table>
            <caption>Whom it suits{facts.bandsGuessed ? ', by its form' : ''}</caption>
            <tbody>
              {facts.children.map((c) => {
                const reader = readers.find((r) => r.id === c.childId)!;
                return (
                  <tr key={c.childId}>
                    <th scope="row">
                      <span>
                        <Hatch name={reader.hatch} width={18} height={10} />
                        {reader.name}
                      </span>
                    </th>
                    <td>{listening(c.listen, takenIn(p.book.form, 'listen'))}</td>
                    <td>
                      {READ_ALONE.has(p.book.form) ? reading(c.read) : ''}
                      {c.minutesAlone && (c.read === 'fits' || c.read === 'stretch')
                        ? `, ${c.minutesAlone} min`
                        : ''}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </Block>
        <Keys role="group" aria-label="Put it on a pile">
          {PILES.filter((pile) => pile.role !== 'own').map((pile) => (
            <Button
              key={pile.role}
              aria-pressed={p.role === pile.role}
              aria-keyshortcuts={pile.key}
              onPress={() => onPut(pile.role, [])}
            >
              <kbd aria-hidden="true">{pile.key}</kbd> {pile.name}
            </Button>
          ))}
          {readers.map((r, i) => (
            <Button
              key={r.id}
              aria-pressed={p.role === 'own' && reads(r.id)}
              aria-keyshortcuts={String(i + 1)}
              onPress={() => onPut('own', [r.id])}
            >
              <kbd aria-hidden="true">{i + 1}</kbd> {r.name} alone
            </Button>
          ))}
        </Keys>
        {p.role === 'spine' ? (
          <HowRead book={p} readers={readers} onRead={(read, childIds) => onPut('spine', childIds, read)} />
        ) : null}
        {p.role === 'own' ? (
          <AlsoOnPiles named={p.readers} readers={readers} onPut={(childIds) => onPut('own', childIds)} />
        ) : null}
        <Doings>
          <PlainButton onPress={onEdit}>Change the book…</PlainButton>
          <PlainButton onPress={onPace}>Read it over days…</PlainButton>
          <PlainButton onPress={onBack}>Back to the shelf</PlainButton>
        </Doings>
      </Body>
    </Column>
  );
}

const listening = (s: Suits, done: string): string =>
  ({
    fits: `to be ${done}`,
    young: `young, to be ${done}`,
    stretch: `nearly to be ${done}`,
    beyond: `not to be ${done} yet`,
    'not for': 'not for them',
  })[s];
const reading = (s: Suits): string =>
  ({
    fits: 'to read',
    young: 'easy to read',
    stretch: 'a stretch to read',
    beyond: 'not to read yet',
    'not for': '',
  })[s];

const Body = styled.div`
  display: grid;
  gap: 6px;
  outline-offset: 4px;
  & > header {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    align-items: baseline;
    border-bottom: 1.5px solid ${colour.ink};
    padding-bottom: 4px;
  }
  table {
    width: 100%;
    border-collapse: collapse;
    font-size: 13px;
  }
  caption {
    text-align: left;
    font-weight: 700;
    font-size: 13.5px;
    padding: 2px 0;
  }
  th {
    text-align: left;
    font-weight: 400;
    /* Never within a name: the column is as wide as its longest word. */
    overflow-wrap: break-word;
    padding-right: 6px;
  }
  th > span {
    display: flex;
    gap: 5px;
    align-items: center;
  }
  td {
    padding: 2px 6px 2px 0;
    color: ${colour.graphite};
  }
  tr {
    border-bottom: 1px solid ${colour.rule};
  }
`;
const Title = styled(Heading)`
  font: 600 17px/1.2 ${face.title};
  overflow-wrap: anywhere;
`;
const Block = styled.div`
  display: grid;
  gap: 2px;
  padding-top: 4px;
  & > b {
    font-size: 13.5px;
  }
`;
const Keys = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(118px, 1fr));
  gap: 6px;
  padding-top: 6px;
  button {
    padding: 3px 7px;
    min-height: 32px;
    min-width: 0;
    font-size: 13px;
    text-align: left;
    justify-content: flex-start;
    white-space: normal;
    overflow-wrap: anywhere;
  }
  button[aria-pressed='true'] {
    background: ${colour.ink};
    color: ${colour.room};
  }
  kbd {
    font: 700 12px/1 inherit;
    border: 1px solid currentColor;
    padding: 1px 4px;
    margin-right: 4px;
  }
`;

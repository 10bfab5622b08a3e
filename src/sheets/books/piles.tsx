'use client';
/** Everything pulled for the unit, drawn as spines and sorted into piles: by drag, by key, or at the desk beside. */
import { isReadAloud } from '@/core/books/readers';
import { useRef, type KeyboardEvent } from 'react';
import { useDrag } from 'react-aria/useDrag';
import { useDrop } from 'react-aria/useDrop';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import { inAList } from '@/core/plan/called';
import type { Role } from '@/core/plan/plan';
import { BookSpine, spineTitle, thickness } from '@/kit/book-spine';
import { PlainButton } from '@/kit/button';
import { Hatch } from '@/kit/hatch';
import { Heading, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { pileKey } from './pile-key';
import { PILES } from './roles';
import type { PulledBook, Reader } from './load';

const DRAGGED_BOOK = 'application/x-hausplan-pull';
/** Piles of what is not used here: drawn small and grey. */
const ASIDE: readonly Role[] = ['not now', 'give away'];

interface Props {
  pulled: PulledBook[];
  readers: Reader[];
  inHand?: string;
  onTake: (pullId: string) => void;
  onPut: (pullId: string, role: Role, childIds: readonly string[]) => void;
  onGiveAway: () => void;
}

export function Piles({ pulled, readers, inHand, onTake, onPut, onGiveAway }: Props) {
  const unsorted = pulled.filter((p) => p.role === 'unsorted');
  const row = useRef<HTMLDivElement>(null);
  const onKeyDown = (e: KeyboardEvent<HTMLElement>, book: PulledBook): void => {
    const step = { ArrowRight: 1, ArrowLeft: -1 }[e.key];
    if (step) {
      const spines = [...(row.current?.querySelectorAll<HTMLElement>('[data-spine]') ?? [])];
      spines[
        spines.indexOf(e.currentTarget.closest<HTMLElement>('[data-spine]') ?? spines[0]) + step
      ]?.focus();
      e.preventDefault();
      return;
    }
    const to = pileKey(e, readers);
    if (!to) return;
    e.preventDefault();
    onPut(book.pullId, to.role, to.childIds);
  };
  // One stop for Tab: the book in hand, or the first of all.
  const stop =
    pulled.find((p) => p.pullId === inHand)?.pullId ??
    (unsorted[0] ?? PILES.flatMap((pile) => pulled.filter((p) => p.role === pile.role))[0])?.pullId;
  const spine = (p: PulledBook, faint = false) => (
    <Spine
      key={p.pullId}
      book={p}
      faint={faint}
      taken={p.pullId === inHand}
      tabbed={p.pullId === stop}
      onTake={() => onTake(p.pullId)}
      onKeyDown={(e) => onKeyDown(e, p)}
    />
  );
  const drawn = ({ role, name, means }: (typeof PILES)[number], faint = false) => {
    const books = pulled.filter((p) => p.role === role);
    return (
      <Pile
        key={role}
        name={name}
        books={books}
        faint={faint}
        onDrop={(id) => onPut(id, role, role === 'own' ? readers.slice(0, 1).map((r) => r.id) : [])}
      >
        <Heading>{name}</Heading>
        <Quiet>
          {role === 'give away' && books.length ? (
            <PlainButton onPress={onGiveAway}>They have gone</PlainButton>
          ) : (
            means
          )}
        </Quiet>
        <Board $low={faint}>{books.map((p) => spine(p, faint))}</Board>
      </Pile>
    );
  };
  return (
    <Row ref={row} role="group" aria-label="Books in their piles">
      {unsorted.length ? (
        <Pile name="Pulled, to sort" books={unsorted} onDrop={(id) => onPut(id, 'unsorted', [])}>
          <Heading>To sort</Heading>
          <Quiet>{unsorted.length} pulled</Quiet>
          <Board>{unsorted.map((p) => spine(p))}</Board>
        </Pile>
      ) : null}
      {PILES.filter((p) => !ASIDE.includes(p.role)).map((pile) => drawn(pile))}
      <Aside>{PILES.filter((p) => ASIDE.includes(p.role)).map((pile) => drawn(pile, true))}</Aside>
    </Row>
  );
}

function Pile({
  name,
  books,
  faint,
  onDrop,
  children,
}: {
  name: string;
  books: PulledBook[];
  faint?: boolean;
  onDrop: (pullId: string) => void;
  children: React.ReactNode;
}) {
  const ref = useRef<HTMLElement>(null);
  const { dropProps, isDropTarget } = useDrop({
    ref,
    getDropOperation: (types) => (types.has(DRAGGED_BOOK) ? 'move' : 'cancel'),
    onDrop: (e) => {
      const item = e.items.find((i) => i.kind === 'text' && i.types.has(DRAGGED_BOOK));
      if (item?.kind === 'text') void item.getText(DRAGGED_BOOK).then(onDrop);
    },
  });
  return (
    <Section
      ref={ref}
      {...dropProps}
      aria-label={name}
      $over={isDropTarget}
      $faint={!!faint}
      style={{
        flexBasis: faint
          ? 'auto'
          : Math.min(
              560,
              Math.max(
                78,
                books.reduce((sum, p) => sum + thickness(p.book.pages) + 2, 0),
              ),
            ),
      }}
    >
      {children}
    </Section>
  );
}

function Spine({
  book: p,
  faint,
  taken,
  tabbed,
  onTake,
  onKeyDown,
}: {
  book: PulledBook;
  faint: boolean;
  taken: boolean;
  tabbed: boolean;
  onTake: () => void;
  onKeyDown: (e: KeyboardEvent<HTMLElement>) => void;
}) {
  const { dragProps, isDragging } = useDrag({
    getItems: () => [{ [DRAGGED_BOOK]: p.pullId, 'text/plain': p.book.title }],
  });
  return (
    <div {...dragProps} style={{ opacity: isDragging ? 0.4 : 1 }}>
      <SpineButton
        data-spine=""
        excludeFromTabOrder={!tabbed}
        aria-pressed={taken}
        $taken={taken}
        onPress={onTake}
        onKeyDown={(e) => {
          onKeyDown(e as unknown as KeyboardEvent<HTMLElement>);
        }}
        aria-label={`${p.book.title}${readBy(p)}`}
        style={{ width: faint ? 14 : thickness(p.book.pages) }}
      >
        {faint ? (
          <Grey title={p.book.title} style={{ height: 34 + (p.book.title.length % 5) * 4 }} />
        ) : (
          <>
            {p.readers.map((r) => (
              <Hatch key={r.id} name={r.hatch} width="100%" height={8} framed={false} />
            ))}
            <BookSpine $title={p.book.title} $pages={p.book.pages}>
              {spineTitle(p.book.title)}
            </BookSpine>
          </>
        )}
      </SpineButton>
    </div>
  );
}

/** `, Ottilie and Bram read it`, `, Junia listens` */
function readBy({ readers, ...pull }: Pick<PulledBook, 'role' | 'read' | 'readers'>): string {
  if (!readers.length) return '';
  const [one, several] = isReadAloud(pull) ? ['listens', 'listen'] : ['reads it', 'read it'];
  return `, ${inAList(readers.map((r) => r.name))} ${readers.length === 1 ? one : several}`;
}

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
`;
const Section = styled.section<{ $over: boolean; $faint: boolean }>`
  display: flex;
  flex-direction: column;
  min-width: 0;
  max-width: 100%;
  flex: 1 1 auto;
  background: ${(p) => (p.$over ? colour.room : 'none')};
  ${(p) => (p.$faint ? `h2 { color: ${colour.graphite}; }` : '')}
`;
const Aside = styled.div`
  display: flex;
  flex-direction: column;
  gap: 8px;
  width: 92px;
  flex: none;
`;
const Grey = styled.span`
  display: block;
  background: ${colour.pencil};
  border-block: 3px double ${colour.paper};
`;
const Board = styled.div<{ $low?: boolean }>`
  display: flex;
  align-items: flex-end;
  flex-wrap: wrap;
  gap: 2px;
  min-height: ${(p) => (p.$low ? 40 : 110)}px;
  padding-top: ${(p) => (p.$low ? 2 : 8)}px;
  flex: 1;
  align-content: flex-end;
  row-gap: 8px;
  border-bottom: 3px solid ${colour.ink};
`;
const SpineButton = styled(AriaButton)<{ $taken: boolean }>`
  border: 0;
  background: none;
  padding: 0;
  cursor: pointer;
  display: flex;
  flex-direction: column;
  gap: 1px;
  outline-offset: 1px;
  ${(p) => (p.$taken ? `outline: 2.5px solid ${colour.ink}; translate: 0 -6px;` : '')}
`;

'use client';
import { type Range } from './use-cells';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import styled from 'styled-components';
import { lengthText } from '@/core/calendar/dates';
import type { Role, SpineRead } from '@/core/plan/plan';
import { Button } from '@/kit/button';
import { Checkbox } from '@/kit/field';
import { Fold } from '@/kit/fold';
import { Link } from '@/kit/link';
import { LinkButton } from '@/kit/link-button';
import { Caution, Heading, Quiet } from '@/kit/text';
import { middling } from '@/kit/tokens';
import { Frame } from '../frame/frame';
import { useAct } from '../frame/use-act';
import { Loans } from './loans/loans';
import { backToShelf, clearGiveAway } from './actions';
import { ChosenBook } from './chosen-book';
import { Gap } from './gap';
import { Limits } from './limits';
import { PageGrid } from './page-grid';
import { Piles } from './piles';
import { ON_LESSONS } from './roles';
import { usePlacing } from './use-placing';
import type { BooksView, PulledBook } from './load';

const BookForm = dynamic(() => import('./book-form').then((m) => m.BookForm), { ssr: false });
const PullDialog = dynamic(() => import('./pull-dialog').then((m) => m.PullDialog), { ssr: false });
const FillForm = dynamic(() => import('./fill-form').then((m) => m.FillForm), { ssr: false });
const PaceForm = dynamic(() => import('./pace-form').then((m) => m.PaceForm), { ssr: false });
const Suggest = dynamic(() => import('./suggest').then((m) => m.Suggest), { ssr: false });
const OverTime = dynamic(() => import('./over-time').then((m) => m.OverTime), {
  ssr: false,
  loading: () => <Quiet>Drawing…</Quiet>,
});
const LevelDialog = dynamic(() => import('./level').then((m) => m.LevelDialog), { ssr: false });

type Open =
  | { is: 'add' }
  | { is: 'pull' }
  | { is: 'set' }
  | { is: 'level' }
  | { is: 'edit' | 'pace'; book: PulledBook }
  | { is: 'fill'; range: Range };

export function BooksSheet(view: BooksView) {
  return view.unitId ? (
    <UnitBooks view={view} unitId={view.unitId} />
  ) : (
    <Frame info={view.info} sheet={3} title="Books" figures={[]}>
      <p>
        There is no unit yet. <Link href="/unit">Begin one</Link>, then pull its books;{' '}
        <Link href="/shelf">the shelf</Link> can be filled already.
      </p>
    </Frame>
  );
}

function UnitBooks({ view, unitId }: { view: BooksView; unitId: string }) {
  const { info, pulled, lessons, children } = view;
  const [open, setOpen] = useState<Open>();
  const close = (): void => setOpen(undefined);
  const spine = pulled.find((p) => p.role === 'spine');
  const aloud = view.reading.reduce((sum, r) => sum + r.aloud, 0);
  return (
    <Frame
      info={info}
      sheet={3}
      title="Books"
      subtitle={
        <>
          {view.unitTitle} · {pulled.length} pulled
          {pulled.length ? `, ${pulled.filter((p) => ON_LESSONS.includes(p.role)).length} chosen` : ''}
        </>
      }
      actions={
        <>
          <LinkButton href="/shelf">The shelf</LinkButton>
          <Button onPress={() => setOpen({ is: 'level' })}>Level of a text…</Button>
          {view.unpulled ? (
            <Button onPress={() => setOpen({ is: 'pull' })}>Pull from the shelf</Button>
          ) : null}
          <Button onPress={() => setOpen({ is: 'add' })}>Add a book</Button>
          {lessons.length ? (
            <Button $primary onPress={() => setOpen({ is: 'set' })}>
              Suggest a set
            </Button>
          ) : null}
        </>
      }
      figures={[
        { name: 'Lessons covered', value: `${view.covered} of ${lessons.length}`, how: 'shelf' },
        ...(view.thin.length
          ? [{ name: 'Thin for someone', value: String(view.thin.length), how: 'shelf' as const }]
          : []),
        { name: 'Reading aloud', value: lengthText(aloud), how: 'reading' },
      ]}
      keys={[
        {
          keys: 'S T B M N G',
          does: 'put the book in hand on the pile: spine, together, basket, for me, not this time, give away',
        },
        {
          keys: children.map((_, i) => i + 1).join(' '),
          does: 'with a book in hand: the child reads it alone',
        },
        {
          keys: '← →',
          does: 'go along the spines; in the sheet of pages, the arrows go through lessons and books',
        },
        { keys: 'Shift and arrows', does: 'choose several cells' },
        { keys: 'Enter, or a digit', does: 'write in a cell: 12-16, ch 4, all' },
        { keys: 'Delete', does: 'empty what is chosen' },
        { keys: 'F', does: 'fill along from here, or over what is chosen' },
        { keys: 'Ctrl C, Ctrl V', does: 'copy cells, and put them elsewhere' },
      ]}
    >
      <Board view={view} unitId={unitId} spine={spine} setOpen={setOpen} />
      {open?.is === 'add' ? (
        <BookForm
          unitId={unitId}
          childrenOfUnit={children}
          firstRole={spine ? 'together' : 'spine'}
          onClose={close}
        />
      ) : null}
      {open?.is === 'edit' ? (
        <BookForm
          unitId={unitId}
          childrenOfUnit={children}
          pulled={open.book}
          firstRole={open.book.role}
          onClose={close}
        />
      ) : null}
      {open?.is === 'pace' ? <PaceForm pulled={open.book} today={view.today} onClose={close} /> : null}
      {open?.is === 'pull' ? <PullDialog unitId={unitId} info={info} onClose={close} /> : null}
      {open?.is === 'set' ? <Suggest unitId={unitId} hasCard={!!view.loans.card} onClose={close} /> : null}
      {open?.is === 'level' ? <LevelDialog onClose={close} /> : null}
      {open?.is === 'fill' ? (
        <FillForm
          range={open.range}
          lessons={lessons}
          pictureBooks={pulled
            .filter((p) => p.book.form === 'picture book' && ON_LESSONS.includes(p.role))
            .map((p) => p.pullId)}
          onClose={close}
        />
      ) : null}
    </Frame>
  );
}

function Board({
  view,
  unitId,
  spine,
  setOpen,
}: {
  view: BooksView;
  unitId: string;
  spine?: PulledBook;
  setOpen: (open: Open) => void;
}) {
  const { act } = useAct();
  const { lessons, children } = view;
  const { pulled, place } = usePlacing(view.pulled, children);
  const [hand, setHand] = useState<{ pullId: string; keys: boolean }>();
  const [thin, setThin] = useState<string>();
  const [all, setAll] = useState(false);
  const toSort = pulled.filter((p) => p.role === 'unsorted');
  const inHand = pulled.find((p) => p.pullId === hand?.pullId) ?? toSort[0];
  const put = (pullId: string, role: Role, childIds: readonly string[], read?: SpineRead): void => {
    const wasUnsorted = pulled.find((p) => p.pullId === pullId)?.role === 'unsorted';
    place(pullId, role, childIds, read);
    // The one after it comes up; from the last, the first that was passed over.
    const after = toSort.slice(toSort.findIndex((p) => p.pullId === pullId) + 1);
    const next = after[0] ?? toSort.find((p) => p.pullId !== pullId);
    setHand(wasUnsorted && next ? { pullId: next.pullId, keys: true } : { pullId, keys: true });
  };
  const rows = pulled.filter((p) => ON_LESSONS.includes(p.role));
  const idle = rows.filter(
    (p) => (p.role === 'basket' || p.role === 'reference') && p.cells.every((c) => !c),
  );
  const shown = all ? rows : rows.filter((p) => !idle.includes(p));
  return (
    <Columns>
      <div>
        <div>
          {pulled.length ? (
            <Piles
              pulled={pulled}
              readers={children}
              inHand={inHand?.pullId}
              onTake={(pullId) => setHand({ pullId, keys: true })}
              onPut={put}
              onGiveAway={() => act((base) => clearGiveAway(base, unitId))}
            />
          ) : (
            <p>
              No books pulled yet. Add the one that leads the unit first: its spine. Or pull what you have
              from the shelf, and sort it here.
            </p>
          )}
          {pulled.length && !spine ? (
            <Caution>
              No book leads this unit. Put one on the pile “Spine”, and its contents can carry the lessons.
            </Caution>
          ) : null}
          {view.wanted.length ? (
            <Quiet>From the brainstorm, find a book on: {view.wanted.join(' · ')}</Quiet>
          ) : null}
        </div>
        {rows.length && lessons.length ? (
          <Section aria-labelledby="pages">
            <Head>
              <Heading id="pages">Which lesson uses which pages</Heading>
              {idle.length ? (
                <Checkbox isSelected={all} onChange={setAll}>
                  Show the {idle.length} without pages
                </Checkbox>
              ) : null}
            </Head>
            <PageGrid
              view={view}
              rows={shown.length ? shown : rows}
              onFill={(range) => setOpen({ is: 'fill', range })}
              onThin={setThin}
            />
          </Section>
        ) : null}
        {!(rows.length && lessons.length) && rows.length ? (
          <Section>
            <Quiet>
              There are no lessons to put them on yet.{' '}
              <Link href={`/lessons?unit=${unitId}`}>Paste the contents page</Link>.
            </Quiet>
          </Section>
        ) : null}
        <Section>
          <Loans loans={view.loans} unitId={unitId} />
        </Section>
        {rows.length && lessons.length ? (
          <Section>
            <Fold
              late
              title="Over the unit"
              message="minutes of reading, its level, things out, money: drawn, and in figures"
            >
              <OverTime view={view} />
            </Fold>
          </Section>
        ) : null}
      </div>
      <aside>
        {inHand ? (
          <ChosenBook
            book={inHand}
            readers={children}
            left={toSort.length}
            focused={!!hand?.keys}
            onPut={(role, childIds, read) => put(inHand.pullId, role, childIds, read)}
            onEdit={() => setOpen({ is: 'edit', book: inHand })}
            onPace={() => setOpen({ is: 'pace', book: inHand })}
            onBack={() => act((base) => backToShelf(base, inHand.pullId))}
          />
        ) : null}
        {!inHand && pulled.length ? <Quiet>Choose a spine to see what it is good for.</Quiet> : null}
        {thin ? <Gap view={view} lessonId={thin} /> : null}
        <Limits view={view} />
      </aside>
    </Columns>
  );
}

const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 264px;
  gap: 30px;
  align-items: start;
  & > aside {
    display: grid;
    gap: 20px;
  }
  ${middling} {
    grid-template-columns: minmax(0, 1fr);
    gap: 18px;
    & > div,
    & > aside {
      display: contents;
    }
    & > div > :first-child {
      order: -2;
    }
    & > aside > :first-child {
      order: -1;
    }
  }
`;
const Section = styled.section`
  margin-top: 26px;
`;
const Head = styled.div`
  display: flex;
  justify-content: space-between;
  gap: 16px;
  flex-wrap: wrap;
  align-items: baseline;
`;

'use client';
/** Lessons by books, with the pages used in each; walked with the arrow keys. */
import { useState, type KeyboardEvent } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import { Button, PlainButton } from '@/kit/button';
import { cloth } from '@/kit/book-spine';
import { Dialog } from '@/kit/dialog';
import { FieldRow, NumberField } from '@/kit/field';
import { Quiet } from '@/kit/text';
import { colour, face } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { placePages, takeOff } from './actions';
import { ROLES } from './roles';
import type { BooksView, PulledBook } from './load';

export function PageGrid({ view: { lessons, pulled } }: { view: BooksView }) {
  const [at, go] = useState({ row: 0, column: 0 });
  const [editing, edit] = useState<{ book: PulledBook; column: number }>();
  const onKeyDown = (e: KeyboardEvent<HTMLTableElement>): void => {
    const step = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0], Home: [0, -999], End: [0, 999] }[e.key];
    if (!step) return;
    e.preventDefault();
    const row = Math.min(pulled.length - 1, Math.max(0, at.row + step[0]));
    const column = Math.min(lessons.length - 1, Math.max(0, at.column + step[1]));
    go({ row, column });
    e.currentTarget.querySelector<HTMLButtonElement>(`[data-cell="${row} ${column}"]`)?.focus();
  };
  return (
    <Scroll>
      <Grid role="grid" aria-label="Pages of each book on each lesson" onKeyDown={onKeyDown}>
        <thead><tr role="row"><td />{lessons.map((l) => <th key={l.id} scope="col" title={l.title}>{l.number}</th>)}</tr></thead>
        <tbody>
          {pulled.map((p, row) => (
            <tr key={p.pullId} role="row">
              <th scope="row"><Mark style={{ background: cloth(p.book.title) }} /><span><b>{p.book.title}</b><Quiet as="small">{ROLES.find((r) => r.role === p.role)!.name.toLowerCase()}{p.reader ? `, ${p.reader.name}` : ''}{p.takes ? ` · ${p.takes.split(',')[0]}` : ''}</Quiet></span></th>
              {p.cells.map((cell, column) => (
                <td key={column} role="gridcell">
                  <Cell
                    $used={!!cell} data-cell={`${row} ${column}`} excludeFromTabOrder={!(at.row === row && at.column === column)} onFocus={() => go({ row, column })} onPress={() => edit({ book: p, column })}
                    aria-label={`${p.book.title}, lesson ${lessons[column].number}: ${cell ? (cell.text === 'all' ? 'all of it' : `pages ${cell.text}`) : 'not used'}`}
                  >{cell?.text}</Cell>
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </Grid>
      {editing ? <PagesForm key={`${editing.book.pullId} ${editing.column}`} book={editing.book} lesson={lessons[editing.column]} cell={editing.book.cells[editing.column]} onClose={() => edit(undefined)} /> : null}
    </Scroll>
  );
}

function PagesForm({ book, lesson, cell, onClose }: { book: PulledBook; lesson: BooksView['lessons'][number]; cell: PulledBook['cells'][number]; onClose: () => void }) {
  const { act } = useAct();
  const form = useForm({ firstPage: cell?.firstPage ?? null, lastPage: cell?.lastPage ?? null });
  const save = (): void => act((base) => placePages(base, { pullId: book.pullId, lessonId: lesson.id, ...form.value }), { faults: form.takeFaults, then: onClose });
  return (
    <Dialog
      title={`“${book.book.title}” on lesson ${lesson.number}`} isOpen onClose={onClose}
      footer={<>{cell ? <PlainButton onPress={() => act((base) => takeOff(base, cell.useId), { then: onClose })}>Take it off this lesson</PlainButton> : null}<Button onPress={onClose}>Leave it</Button><Button $primary onPress={save}>Put it there</Button></>}
    >
      <form onSubmit={(e) => { e.preventDefault(); save(); }}>
        <FieldRow>
          <NumberField label="From page" value={form.value.firstPage} onChange={(v) => form.set('firstPage', v)} error={form.error('firstPage')} min={1} max={9999} />
          <NumberField label="To page" value={form.value.lastPage} onChange={(v) => form.set('lastPage', v)} error={form.error('lastPage')} min={1} max={9999} />
        </FieldRow>
        <button type="submit" hidden />
      </form>
      <Quiet>{lesson.title}. Leave both empty for all of it{book.book.pages ? `, ${book.book.pages} pages` : ''}.</Quiet>
    </Dialog>
  );
}

const Scroll = styled.div`overflow-x: auto; margin-top: 8px; padding: 3px;`;
const Grid = styled.table`
  border-collapse: separate; border-spacing: 3px 4px;
  thead th { font-size: 13px; padding-bottom: 2px; } tbody th { text-align: left; font-weight: 400; padding-right: 10px; width: 210px; min-width: 180px; display: flex; gap: 8px; align-items: stretch; }
  tbody th b { font: 600 15px/1.15 ${face.title}; display: block; } small { font-size: 12px; }
`;
const Mark = styled.span`width: 8px; flex: none; print-color-adjust: exact;`;
const Cell = styled(AriaButton)<{ $used: boolean }>`
  min-width: 48px; height: 32px; padding: 0 3px; font-size: 12.5px; cursor: pointer; white-space: nowrap;
  background: ${(p) => (p.$used ? colour.room : 'transparent')}; border: ${(p) => (p.$used ? `2px solid ${colour.ink}` : `1px solid ${colour.rule}`)};
  &[data-hovered] { border-color: ${colour.ink}; }
`;

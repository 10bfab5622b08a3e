'use client';
/** Lessons by books, edited in place like a sheet of figures: arrows, ranges, typing, copying, filling along. */
import { useRef, useState, type ClipboardEvent, type KeyboardEvent } from 'react';
import styled from 'styled-components';
import { readCell } from '@/core/books/fill';
import { cloth } from '@/kit/book-spine';
import { PlainButton } from '@/kit/button';
import { Hatch } from '@/kit/hatch';
import { Caution, Hidden, Quiet } from '@/kit/text';
import { colour, face } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { writeCells } from './actions';
import { LoanRows } from './loan-rows';
import { pileOf } from './roles';
import type { BooksView, PulledBook } from './load';

interface Spot { row: number; column: number }
export interface Range { books: PulledBook[]; lessonIds: string[] }

/** What begins a cell when it is typed; other letters are keys of the sheet. */
const BEGINS = /^[0-9acpx]$/i;

export function PageGrid({ view, rows, onFill, onThin }: { view: BooksView; rows: PulledBook[]; onFill: (range: Range) => void; onThin: (lessonId: string) => void }) {
  const { lessons, reading, thin, children } = view;
  const { act } = useAct();
  const grid = useRef<HTMLTableElement>(null);
  const [at, go] = useState<Spot>({ row: 0, column: 0 });
  const [from, anchor] = useState<Spot>();
  const [typing, type] = useState<{ text: string; wrong?: string }>();
  const clamp = (s: Spot): Spot => ({ row: Math.min(rows.length - 1, Math.max(0, s.row)), column: Math.min(lessons.length - 1, Math.max(0, s.column)) });
  const here = clamp(at);
  const start = from ? clamp(from) : here;
  const box = { top: Math.min(here.row, start.row), bottom: Math.max(here.row, start.row), left: Math.min(here.column, start.column), right: Math.max(here.column, start.column) };
  const inBox = (row: number, column: number): boolean => row >= box.top && row <= box.bottom && column >= box.left && column <= box.right;
  const many = box.top !== box.bottom || box.left !== box.right;
  const range = (): Range => ({ books: rows.slice(box.top, box.bottom + 1), lessonIds: (many ? lessons.slice(box.left, box.right + 1) : lessons.slice(here.column)).map((l) => l.id) });
  const focus = ({ row, column }: Spot): void => { setTimeout(() => grid.current?.querySelector<HTMLElement>(`[data-cell="${row} ${column}"]`)?.focus(), 0); };
  const move = (to: Spot, extend = false): void => {
    const next = clamp(to);
    if (extend) anchor(from ?? here);
    else anchor(undefined);
    go(next);
    focus(next);
  };
  const write = (cells: { row: number; column: number; typed: string }[]): void => act((base) => writeCells(base, cells.map((c) => ({ pullId: rows[c.row].pullId, lessonId: lessons[c.column].id, typed: c.typed }))));
  const keep = (then: Spot): void => {
    if (!typing) return;
    const read = readCell(typing.text, rows[here.row].book);
    if ('wrong' in read) return type({ ...typing, wrong: read.wrong });
    if (typing.text.trim() !== (rows[here.row].cells[here.column]?.text ?? '')) write([{ ...here, typed: typing.text }]);
    type(undefined);
    move(then);
  };
  const onKeyDown = (e: KeyboardEvent<HTMLElement>): void => {
    if (typing) {
      if (e.key === 'Enter' || e.key === 'Tab') { e.preventDefault(); keep({ ...here, column: here.column + (e.shiftKey ? -1 : 1) }); }
      else if (e.key === 'ArrowDown' || e.key === 'ArrowUp') { e.preventDefault(); keep({ ...here, row: here.row + (e.key === 'ArrowDown' ? 1 : -1) }); }
      else if (e.key === 'Escape') { e.preventDefault(); type(undefined); focus(here); }
      return;
    }
    // Keys are the cells' own; a button in the table below them keeps its Enter.
    if (!(e.target as Element).closest('[data-cell]')) return;
    const step = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0], Home: [e.ctrlKey ? -9999 : 0, -9999], End: [e.ctrlKey ? 9999 : 0, 9999] }[e.key];
    if (step && !e.altKey) { e.preventDefault(); move({ row: here.row + step[0], column: here.column + step[1] }, e.shiftKey); return; }
    if (e.ctrlKey || e.metaKey || e.altKey) return;
    if (e.key === 'Enter' || e.key === 'F2') { e.preventDefault(); anchor(undefined); type({ text: rows[here.row].cells[here.column]?.text ?? '' }); }
    else if (e.key === 'Escape' && many) { e.preventDefault(); anchor(undefined); }
    else if (e.key === 'Delete' || e.key === 'Backspace') {
      e.preventDefault();
      const filled = rows.flatMap((r, row) => lessons.flatMap((_, column) => (inBox(row, column) && r.cells[column] ? [{ row, column, typed: '' }] : [])));
      if (filled.length) write(filled);
    } else if (e.key.toLowerCase() === 'f') { e.preventDefault(); onFill(range()); }
    else if (BEGINS.test(e.key)) { e.preventDefault(); anchor(undefined); type({ text: e.key }); }
  };
  const onCopy = (e: ClipboardEvent): void => {
    if (typing) return;
    e.preventDefault();
    e.clipboardData.setData('text/plain', rows.slice(box.top, box.bottom + 1).map((r) => r.cells.slice(box.left, box.right + 1).map((c) => c?.text ?? '').join('\t')).join('\n'));
  };
  const onPaste = (e: ClipboardEvent): void => {
    if (typing) return;
    e.preventDefault();
    const table = e.clipboardData.getData('text/plain').replace(/\r?\n$/, '').split(/\r?\n/).map((line) => line.split('\t'));
    const cells = table.flatMap((line, r) => line.map((typed, c) => ({ row: box.top + r, column: box.left + c, typed }))).filter((c) => c.row < rows.length && c.column < lessons.length);
    if (cells.length) write(cells);
  };
  const thinOn = new Map(thin.map((t) => [t.lessonId, t.childIds]));
  const name = (id: string): string => children.find((c) => c.id === id)?.name ?? '';
  const title = rows[here.row]?.book.title;
  return (
    <>
      <Scroll>
        <Grid ref={grid} role="grid" aria-label="Pages of each book on each lesson" aria-multiselectable onKeyDown={onKeyDown} onCopy={onCopy} onPaste={onPaste}>
          <thead><tr role="row"><td role="presentation" />{lessons.map((l) => <th key={l.id} role="columnheader" scope="col" title={l.title}>{l.number}</th>)}</tr></thead>
          <tbody>
            {rows.map((p, row) => (
              <tr key={p.pullId} role="row">
                <th role="rowheader" scope="row"><Mark style={{ background: cloth(p.book.title) }} /><span><b>{p.book.title}</b><Quiet as="small">{p.reader ? <><Hatch name={p.reader.hatch} width={18} height={8} />{p.reader.name} alone</> : (pileOf(p.role)?.name ?? '').toLowerCase()}</Quiet></span></th>
                {p.cells.map((cell, column) => {
                  const active = row === here.row && column === here.column;
                  if (active && typing) return <td key={column} role="gridcell"><Typing autoFocus size={7} aria-label={`${p.book.title}, lesson ${lessons[column].number}`} aria-invalid={!!typing.wrong} value={typing.text} onChange={(e) => type({ text: e.target.value })} onBlur={() => { if (!typing.wrong) keep(here); }} /></td>;
                  return (
                    <Cell
                      key={column} role="gridcell" data-cell={`${row} ${column}`} tabIndex={active ? 0 : -1} $used={!!cell} $cloth={cloth(p.book.title)} aria-selected={inBox(row, column)}
                      aria-label={`${p.book.title}, lesson ${lessons[column].number} ${lessons[column].title}: ${cell?.says ?? 'not used'}`}
                      onFocus={() => { if (!active) { anchor(undefined); go({ row, column }); } }} onClick={(e) => move({ row, column }, e.shiftKey)} onDoubleClick={() => type({ text: cell?.text ?? '' })}
                    >{cell?.text}</Cell>
                  );
                })}
              </tr>
            ))}
          </tbody>
          <tbody>
            <Sums role="row"><th role="rowheader" scope="row">Aloud, minutes</th>{reading.map((r, i) => <td key={r.lessonId} role="gridcell" aria-label={`Lesson ${lessons[i].number}: ${r.aloud} minutes aloud`}>{r.aloud || ''}</td>)}</Sums>
            {children.map((c, n) => (reading.some((r) => r.children[n].alone) ? (
              <Sums key={c.id} role="row">
                <th role="rowheader" scope="row"><Named><Hatch name={c.hatch} width={18} height={8} />{c.name} alone</Named></th>
                {reading.map((r, i) => {
                  const { alone, lesson, limit } = r.children[n];
                  const over = alone > 0 && lesson > limit;
                  return <td key={r.lessonId} role="gridcell" data-over={over} title={`${c.name}: ${alone} min of ${lesson} min in lesson ${lessons[i].number}; can take ${limit} min on its days`} aria-label={`Lesson ${lessons[i].number}: ${alone} of ${lesson} minutes${over ? `, more than ${c.name} can take` : ''}`}>{alone || ''}{over ? '!' : ''}</td>;
                })}
              </Sums>
            ) : null))}
            {thin.length ? (
              <Sums role="row">
                <th role="rowheader" scope="row">Nothing that suits</th>
                {lessons.map((l) => <td key={l.id} role="gridcell">{thinOn.has(l.id) ? <Thin onPress={() => onThin(l.id)} aria-label={`Lesson ${l.number} is thin for ${thinOn.get(l.id)!.map(name).join(', ')}`}>thin<span>{thinOn.get(l.id)!.map((id) => name(id).slice(0, 2)).join(' ')}</span></Thin> : null}</td>)}
              </Sums>
            ) : null}
            <LoanRows lines={view.loans.lines} lessons={lessons} renewals={view.loans.card?.renewals ?? 0} />
          </tbody>
        </Grid>
      </Scroll>
      {typing?.wrong ? <Caution role="alert">{typing.wrong}</Caution> : <Quiet>{title ? <>Type pages (12-16), a chapter (ch 4) or “all”; Shift and arrows choose several, Delete empties, <PlainButton onPress={() => onFill(range())}>fill along…</PlainButton> (F) goes on from here.</> : null}</Quiet>}
      <Hidden aria-live="polite">{many ? `${box.right - box.left + 1} lessons by ${box.bottom - box.top + 1} books chosen` : ''}</Hidden>
    </>
  );
}

const Scroll = styled.div`overflow-x: auto; margin-top: 8px; padding: 3px;`;
const Grid = styled.table`
  border-collapse: separate; border-spacing: 1px 3px; width: 100%;
  thead th { font-size: 13px; padding-bottom: 2px; min-width: 36px; } tbody th { text-align: left; font-weight: 400; padding-right: 6px; min-width: 150px; max-width: 200px; display: flex; gap: 7px; align-items: stretch; }
  tbody th b { font: 600 14.5px/1.15 ${face.title}; display: block; overflow-wrap: anywhere; } small { font-size: 12px; white-space: nowrap; display: flex; gap: 5px; align-items: center; }
`;
const Mark = styled.span`width: 7px; flex: none; print-color-adjust: exact;`;
const Cell = styled.td<{ $used: boolean; $cloth: string }>`
  height: 31px; padding: 0 1px; font-size: 12px; letter-spacing: -0.02em; text-align: center; cursor: cell; white-space: nowrap;
  background: ${(p) => (p.$used ? colour.room : 'transparent')}; border: ${(p) => (p.$used ? `2px solid ${colour.ink}` : `1px solid ${colour.rule}`)}; ${(p) => (p.$used ? `border-bottom: 5px solid ${p.$cloth};` : '')}
  &[aria-selected='true'] { background: ${colour.wash}; } &:focus-visible { outline: 2.5px solid ${colour.ink}; outline-offset: 0; }
`;
const Typing = styled.input`width: 100%; min-width: 58px; height: 31px; border: 2px solid ${colour.ink}; background: ${colour.room}; font-size: 12.5px; padding: 0 3px; &[aria-invalid='true'] { border-color: ${colour.red}; }`;
const Sums = styled.tr`
  && th { display: table-cell; font-size: 12.5px; color: ${colour.graphite}; } td { font-size: 12.5px; text-align: center; color: ${colour.graphite}; height: 20px; } td[data-over='true'] { color: ${colour.red}; font-weight: 700; }
`;
const Named = styled.span`display: flex; gap: 5px; align-items: center; white-space: nowrap;`;
const Thin = styled(PlainButton)`color: ${colour.red}; font-size: 12px; line-height: 1.1; font-weight: 700; border: 1.5px solid ${colour.red}; padding: 1px 2px; text-decoration: none; span { display: block; font-weight: 400; }`;

'use client';
/** The sheet of pages as it is worked by keys: where one is, what is chosen, what is being typed, copying and putting in. */
import { useLayoutEffect, useRef, useState, type ClipboardEvent, type KeyboardEvent } from 'react';
import { readCell } from '@/core/books/fill';
import { useAct } from '../frame/use-act';
import { writeCells } from './actions';
import type { BooksView, PulledBook } from './load';

export interface Spot {
  row: number;
  column: number;
}

interface OnBook extends Spot {
  pullId: string | undefined;
}

export interface Range {
  books: PulledBook[];
  lessonIds: string[];
}

/** What begins a cell when it is typed; other letters are keys of the sheet. */
const BEGINS = /^[0-9acpx]$/i;

export function useCells(
  rows: readonly PulledBook[],
  lessons: BooksView['lessons'],
  onFill: (range: Range) => void,
) {
  const { act } = useAct();
  const grid = useRef<HTMLTableElement>(null);
  // A spot is on a book, not on a row: when the books change places, what is typed stays with its book.
  const onBook = (s: Spot): OnBook => ({ ...s, pullId: rows[s.row]?.pullId });
  const [at, setOn] = useState(() => onBook({ row: 0, column: 0 }));
  const [from, setFromOn] = useState<OnBook>();
  const setAt = (s: Spot): void => setOn(onBook(s));
  const setFrom = (s: Spot | undefined): void => setFromOn(s && onBook(s));
  const [typing, setTyping] = useState<{ text: string; wrong?: string }>();
  const clamp = (s: Spot): Spot => ({
    row: Math.min(rows.length - 1, Math.max(0, s.row)),
    column: Math.min(lessons.length - 1, Math.max(0, s.column)),
  });
  const now = ({ pullId, ...s }: OnBook): Spot => {
    const row = rows.findIndex((r) => r.pullId === pullId);
    return clamp(row < 0 ? s : { ...s, row });
  };
  const here = now(at);
  const start = from ? now(from) : here;
  const box = {
    top: Math.min(here.row, start.row),
    bottom: Math.max(here.row, start.row),
    left: Math.min(here.column, start.column),
    right: Math.max(here.column, start.column),
  };
  const inBox = (row: number, column: number): boolean =>
    row >= box.top && row <= box.bottom && column >= box.left && column <= box.right;
  const many = box.top !== box.bottom || box.left !== box.right;
  const range = (): Range => ({
    books: rows.slice(box.top, box.bottom + 1),
    lessonIds: (many ? lessons.slice(box.left, box.right + 1) : lessons.slice(here.column)).map((l) => l.id),
  });
  const wantsFocus = useRef(false);
  // At once when it is drawn: a key that follows fast must not find the cell before.
  useLayoutEffect(() => {
    if (!wantsFocus.current || typing) return;
    wantsFocus.current = false;
    grid.current?.querySelector<HTMLElement>(`[data-cell="${here.row} ${here.column}"]`)?.focus();
  });
  const move = (to: Spot, extend = false): void => {
    const next = clamp(to);
    if (extend) setFrom(start);
    else setFrom(undefined);
    setAt(next);
    wantsFocus.current = true;
  };
  const write = (cells: { row: number; column: number; typed: string }[]): void =>
    act((base) =>
      writeCells(
        base,
        cells.map((c) => ({ pullId: rows[c.row].pullId, lessonId: lessons[c.column].id, typed: c.typed })),
      ),
    );
  const keep = (then: Spot): void => {
    if (!typing) return;
    const read = readCell(typing.text, rows[here.row].book);
    if ('wrong' in read) return setTyping({ ...typing, wrong: read.wrong });
    if (typing.text.trim() !== (rows[here.row].cells[here.column]?.text ?? ''))
      write([{ ...here, typed: typing.text }]);
    setTyping(undefined);
    move(then);
  };
  const onKeyDown = (e: KeyboardEvent<HTMLElement>): void => {
    if (typing) {
      if (e.key === 'Enter' || e.key === 'Tab') {
        e.preventDefault();
        keep({ ...here, column: here.column + (e.shiftKey ? -1 : 1) });
      } else if (e.key === 'ArrowDown' || e.key === 'ArrowUp') {
        e.preventDefault();
        keep({ ...here, row: here.row + (e.key === 'ArrowDown' ? 1 : -1) });
      } else if (e.key === 'Escape') {
        e.preventDefault();
        setTyping(undefined);
        wantsFocus.current = true;
      }
      return;
    }
    // Keys are the cells' own; a button in the table below them keeps its Enter.
    if (!(e.target as Element).closest('[data-cell]')) return;
    const step = {
      ArrowLeft: [0, -1],
      ArrowRight: [0, 1],
      ArrowUp: [-1, 0],
      ArrowDown: [1, 0],
      Home: [e.ctrlKey ? -9999 : 0, -9999],
      End: [e.ctrlKey ? 9999 : 0, 9999],
    }[e.key];
    if (step && !e.altKey) {
      e.preventDefault();
      move({ row: here.row + step[0], column: here.column + step[1] }, e.shiftKey);
      return;
    }
    if (e.ctrlKey || e.metaKey || e.altKey) return;
    if (e.key === 'Enter' || e.key === 'F2') {
      e.preventDefault();
      setFrom(undefined);
      setTyping({ text: rows[here.row].cells[here.column]?.text ?? '' });
    } else if (e.key === 'Escape' && many) {
      e.preventDefault();
      setFrom(undefined);
    } else if (e.key === 'Delete' || e.key === 'Backspace') {
      e.preventDefault();
      const filled = rows.flatMap((r, row) =>
        lessons.flatMap((_, column) =>
          inBox(row, column) && r.cells[column] ? [{ row, column, typed: '' }] : [],
        ),
      );
      if (filled.length) write(filled);
    } else if (e.key.toLowerCase() === 'f') {
      e.preventDefault();
      onFill(range());
    } else if (BEGINS.test(e.key)) {
      e.preventDefault();
      setFrom(undefined);
      setTyping({ text: e.key });
    }
  };
  const onCopy = (e: ClipboardEvent): void => {
    if (typing) return;
    e.preventDefault();
    e.clipboardData.setData(
      'text/plain',
      rows
        .slice(box.top, box.bottom + 1)
        .map((r) =>
          r.cells
            .slice(box.left, box.right + 1)
            .map((c) => c?.text ?? '')
            .join('\t'),
        )
        .join('\n'),
    );
  };
  const onPaste = (e: ClipboardEvent): void => {
    if (typing) return;
    e.preventDefault();
    const table = e.clipboardData
      .getData('text/plain')
      .replace(/\r?\n$/, '')
      .split(/\r?\n/)
      .map((line) => line.split('\t'));
    const cells = table
      .flatMap((line, r) => line.map((typed, c) => ({ row: box.top + r, column: box.left + c, typed })))
      .filter((c) => c.row < rows.length && c.column < lessons.length);
    if (cells.length) write(cells);
  };

  return {
    grid,
    setAt,
    from,
    setFrom,
    typing,
    setTyping,
    here,
    box,
    inBox,
    many,
    range,
    move,
    keep,
    onKeyDown,
    onCopy,
    onPaste,
  };
}

'use client';
/** Finding anything from anywhere: typed words, arrow keys, Enter. Before anything is typed: what was gone to last, and today. */
import { useEffect, useId, useRef, useState } from 'react';
import styled from 'styled-components';
import { Dialog } from '@/kit/dialog';
import { Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import type { Found, FoundKind } from './findables';
import { recent, remember } from './recent';

const CALLED: Record<FoundKind, string> = {
  sheet: 'Sheets',
  unit: 'Units',
  lesson: 'Lessons',
  child: 'Children',
  book: 'Books and things',
  part: 'To do',
  question: 'Questions',
  objective: 'Objectives',
  word: 'Words',
  supply: 'Supplies',
  place: 'Places',
  earlier: 'Earlier years',
  help: 'Help',
  method: 'How it is worked out',
};

export function FindDialog({
  unitId,
  onGo,
  onClose,
}: {
  unitId?: string;
  onGo: (href: string) => void;
  onClose: () => void;
}) {
  const [typed, setTyped] = useState('');
  const [answer, setAnswer] = useState<{ to: string; found: Found[] }>();
  const [isSilent, setSilent] = useState(false);
  const [at, setAt] = useState(0);
  const [last] = useState(recent);
  const list = useRef<HTMLUListElement>(null);
  const id = useId();
  /** Enter was pressed before there was an answer: the first of it is gone to. */
  const entered = useRef(false);
  const words = typed.trim();
  useEffect(() => {
    const asking = new AbortController();
    const asked = new URLSearchParams({ typed: words, ...(unitId ? { unit: unitId } : {}) });
    fetch(`/find?${asked.toString()}`, { signal: asking.signal })
      .then((r) => r.json() as Promise<Found[]>)
      .then((found) => {
        setAnswer({ to: words, found });
        setSilent(false);
        setAt(0);
      })
      // An answer that is not waited for any more changes nothing.
      .catch(() => {
        if (!asking.signal.aborted) setSilent(true);
      });
    return () => asking.abort();
  }, [words, unitId]);
  useEffect(() => {
    if (!entered.current || answer?.to !== words) return;
    entered.current = false;
    const [first] = answer.found;
    if (!first) return;
    remember(first);
    onGo(first.href);
  }, [answer, words, onGo]);
  const offered = answer?.found ?? [];
  const rows = words ? offered : [...last, ...offered.filter((o) => !last.some((l) => l.href === o.href))];
  useEffect(() => {
    list.current?.querySelector('[aria-selected=true]')?.scrollIntoView({ block: 'nearest' });
  }, [at]);
  const go = (found: Found): void => {
    remember(found);
    onGo(found.href);
  };
  const headingOf = (row: Found, i: number): string => {
    if (!words) return i < last.length ? 'Last' : 'Today and here';
    return CALLED[row.kind];
  };
  return (
    <Dialog title="Find" isOpen wide onClose={onClose}>
      <Box
        role="combobox"
        aria-label="Find a lesson, a book, a child, a supply, a question, a place, a page of help"
        aria-expanded={rows.length > 0}
        aria-controls={`${id}-found`}
        aria-autocomplete="list"
        aria-activedescendant={rows.length ? `${id}-${at}` : undefined}
        placeholder="A lesson, a book, a child, a supply, a question, a place…"
        autoComplete="off"
        spellCheck={false}
        // The dialog is there to type in.
        autoFocus
        value={typed}
        onChange={(e) => {
          entered.current = false;
          setTyped(e.target.value);
        }}
        onKeyDown={(e) => {
          const step = { ArrowDown: 1, ArrowUp: -1, PageDown: 8, PageUp: -8 }[e.key];
          if (step && rows.length) {
            e.preventDefault();
            setAt((was) => Math.min(rows.length - 1, Math.max(0, was + step)));
          }
          if (e.key !== 'Enter') return;
          e.preventDefault();
          if (words && answer?.to !== words) entered.current = true;
          else if (rows[at]) go(rows[at]);
        }}
      />
      <List ref={list} id={`${id}-found`} role="listbox" aria-label="Found">
        {rows.map((row, i) => {
          const heading = headingOf(row, i);
          const isFirst = i === 0 || headingOf(rows[i - 1], i - 1) !== heading;
          return (
            <Row
              key={`${row.kind} ${row.href} ${row.title}`}
              id={`${id}-${i}`}
              role="option"
              aria-selected={i === at}
              onPointerMove={() => setAt(i)}
              onClick={() => go(row)}
            >
              <small>{isFirst ? heading : ''}</small>
              <b>{row.title}</b>
              <span>{row.where}</span>
            </Row>
          );
        })}
      </List>
      <Quiet role="status">
        {isSilent
          ? 'Hausplan does not answer. Is it still running?'
          : messageOf(words, answer?.to === words, rows.length)}
      </Quiet>
    </Dialog>
  );
}

function messageOf(words: string, isAnswered: boolean, rows: number): string {
  if (words && isAnswered && !rows) return `Nothing is called “${words}”, and nothing speaks of it.`;
  return rows ? 'Arrow keys and Enter; Escape closes it.' : '';
}

const Box = styled.input`
  width: 100%;
  min-height: 38px;
  padding: 6px 10px;
  font-size: 16px;
  background: ${colour.field};
  color: ${colour.ink};
  border: 1px solid ${colour.ink};
  border-radius: 0;
`;
const List = styled.ul`
  height: min(420px, 50vh);
  overflow: auto;
  border-top: 1.5px solid ${colour.ink};
`;
const Row = styled.li`
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr) minmax(0, 1fr);
  gap: 12px;
  align-items: baseline;
  padding: 5px 6px;
  cursor: pointer;
  border-bottom: 1px solid ${colour.rule};
  small,
  span {
    font-size: 12.5px;
    color: ${colour.graphite};
  }
  b,
  span {
    overflow-wrap: anywhere;
  }
  &[aria-selected='true'] {
    background: ${colour.pressed};
    outline: 2px solid ${colour.ink};
    outline-offset: -2px;
    @media (forced-colors: active) {
      outline-color: Highlight;
    }
  }
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
  }
`;

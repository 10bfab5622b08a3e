'use client';
/** Lessons by books, edited in place like a sheet of figures: arrows, ranges, typing, copying, filling along. */
import { isReadAloud } from '@/core/books/readers';
import { cloth } from '@/kit/book-spine';
import { PlainButton } from '@/kit/button';
import { Hatch } from '@/kit/hatch';
import { Caution, Hidden, Quiet } from '@/kit/text';
import { LoanRows } from './loan-rows';
import { pileOf } from './roles';
import { useCells, type Range } from './use-cells';
import type { BooksView, PulledBook } from './load';
import { Scroll, Grid, Mark, Cell, Typing, Sums, Named, Thin } from './page-cells';

export function PageGrid({
  view,
  rows,
  onFill,
  onThin,
}: {
  view: BooksView;
  rows: PulledBook[];
  onFill: (range: Range) => void;
  onThin: (lessonId: string) => void;
}) {
  const { lessons, reading, thin, children } = view;
  const {
    grid,
    setAt,
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
  } = useCells(rows, lessons, onFill);
  const thinOn = new Map(thin.map((t) => [t.lessonId, t.childIds]));
  const name = (id: string): string => children.find((c) => c.id === id)?.name ?? '';
  const title = rows[here.row]?.book.title;
  return (
    <>
      <Scroll>
        <Grid
          ref={grid}
          role="grid"
          aria-label="Pages of each book on each lesson"
          aria-multiselectable
          onKeyDown={onKeyDown}
          onCopy={onCopy}
          onPaste={onPaste}
        >
          <thead>
            <tr role="row">
              <td role="presentation" />
              {lessons.map((l) => (
                <th key={l.id} role="columnheader" scope="col" title={l.title}>
                  {l.number}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((p, row) => (
              <tr key={p.pullId} role="row">
                <th role="rowheader" scope="row">
                  <Mark style={{ background: cloth(p.book.title) }} />
                  <span>
                    <b>{p.book.title}</b>
                    <Quiet as="small">
                      {p.readers.length ? (
                        <>
                          {p.readers.map((r) => (
                            <Hatch key={r.id} name={r.hatch} width={18} height={8} />
                          ))}
                          {forWhom(p)}
                        </>
                      ) : (
                        (pileOf(p.role)?.name ?? '').toLowerCase()
                      )}
                    </Quiet>
                  </span>
                </th>
                {p.cells.map((cell, column) => {
                  const active = row === here.row && column === here.column;
                  if (active && typing)
                    return (
                      <td key={column} role="gridcell">
                        <Typing
                          autoFocus
                          size={7}
                          aria-label={`${p.book.title}, lesson ${lessons[column].number}`}
                          aria-invalid={!!typing.wrong}
                          value={typing.text}
                          onChange={(e) => setTyping({ text: e.target.value })}
                          onBlur={() => {
                            if (!typing.wrong) keep(here);
                          }}
                        />
                      </td>
                    );
                  return (
                    <Cell
                      key={column}
                      role="gridcell"
                      data-cell={`${row} ${column}`}
                      tabIndex={active ? 0 : -1}
                      $used={!!cell}
                      $cloth={cloth(p.book.title)}
                      aria-selected={inBox(row, column)}
                      aria-label={`${p.book.title}, lesson ${lessons[column].number} ${lessons[column].title}: ${cell?.message ?? 'not used'}`}
                      onFocus={() => {
                        if (!active) {
                          setFrom(undefined);
                          setAt({ row, column });
                        }
                      }}
                      onClick={(e) => move({ row, column }, e.shiftKey)}
                      onDoubleClick={() => setTyping({ text: cell?.text ?? '' })}
                    >
                      {cell?.text}
                    </Cell>
                  );
                })}
              </tr>
            ))}
          </tbody>
          <tbody>
            <Sums role="row">
              <th role="rowheader" scope="row">
                Aloud, minutes
              </th>
              {reading.map((r, i) => (
                <td
                  key={r.lessonId}
                  role="gridcell"
                  aria-label={`Lesson ${lessons[i].number}: ${r.aloud} minutes aloud`}
                >
                  {r.aloud || ''}
                </td>
              ))}
            </Sums>
            {children.map((c, n) =>
              reading.some((r) => r.children[n].alone) ? (
                <Sums key={c.id} role="row">
                  <th role="rowheader" scope="row">
                    <Named>
                      <Hatch name={c.hatch} width={18} height={8} />
                      {c.name} alone
                    </Named>
                  </th>
                  {reading.map((r, i) => {
                    const { alone, lesson, limit } = r.children[n];
                    const over = alone > 0 && lesson > limit;
                    return (
                      <td
                        key={r.lessonId}
                        role="gridcell"
                        data-over={over}
                        title={`${c.name}: ${alone} min of ${lesson} min in lesson ${lessons[i].number}; can take ${limit} min on its days`}
                        aria-label={`Lesson ${lessons[i].number}: ${alone} of ${lesson} minutes${over ? `, more than ${c.name} can take` : ''}`}
                      >
                        {alone || ''}
                        {over ? '!' : ''}
                      </td>
                    );
                  })}
                </Sums>
              ) : null,
            )}
            {thin.length ? (
              <Sums role="row">
                <th role="rowheader" scope="row">
                  Nothing that suits
                </th>
                {lessons.map((l) => (
                  <td key={l.id} role="gridcell">
                    {thinOn.has(l.id) ? (
                      <Thin
                        onPress={() => onThin(l.id)}
                        aria-label={`Lesson ${l.number} is thin for ${thinOn.get(l.id)!.map(name).join(', ')}`}
                      >
                        thin
                        <span>
                          {thinOn
                            .get(l.id)!
                            .map((id) => name(id).slice(0, 2))
                            .join(' ')}
                        </span>
                      </Thin>
                    ) : null}
                  </td>
                ))}
              </Sums>
            ) : null}
            <LoanRows lines={view.loans.lines} lessons={lessons} renewals={view.loans.card?.renewals ?? 0} />
          </tbody>
        </Grid>
      </Scroll>
      {typing?.wrong ? (
        <Caution role="alert">{typing.wrong}</Caution>
      ) : (
        <Quiet>
          {title ? (
            <>
              Type pages (12-16), a chapter (ch 4) or “all”; Shift and arrows choose several, Delete empties,{' '}
              <PlainButton onPress={() => onFill(range())}>fill along…</PlainButton> (F) goes on from here.
            </>
          ) : null}
        </Quiet>
      )}
      <Hidden aria-live="polite">
        {many ? `${box.right - box.left + 1} lessons by ${box.bottom - box.top + 1} books chosen` : ''}
      </Hidden>
    </>
  );
}

/** “Ottilie, Bram alone”, “aloud to Junia”. */
function forWhom(p: PulledBook): string {
  const names = p.readers.map((r) => r.name).join(', ');
  return isReadAloud(p) ? `aloud to ${names}` : `${names} alone`;
}

'use client';
/**
 * What is borrowed, drawn under the lessons it serves: from the lesson before which it comes to the last one before it
 * is due.
 */
import styled from 'styled-components';
import { dayMonth } from '@/core/calendar/dates';
import type { LoanLine } from '@/core/loans/lines';
import { Quiet } from '@/kit/text';
import { colour, face } from '@/kit/tokens';
import type { BooksView } from './load';

export function LoanRows({
  lines,
  lessons,
  renewals,
}: {
  lines: LoanLine[];
  lessons: BooksView['lessons'];
  renewals: number;
}) {
  return lines
    .filter((l) => l.needs.some((n) => lessons.some((x) => x.id === n.lessonId)))
    .map((line) => {
      const first = lessons.findIndex((l) => l.first !== null && l.first > line.here);
      const from = first < 0 ? lessons.length : first;
      const held = lessons.filter((l, i) => i >= from && l.first !== null && l.first <= line.due).length;
      const after = lessons.length - from - held;
      const trouble = line.troubles[0];
      const message = whereItIs(line, renewals);
      const words = (
        <Quiet as="span" style={trouble ? { color: colour.red, fontWeight: 600 } : undefined}>
          {trouble?.kind === 'late' ? `late: ${message}` : null}
          {!(trouble?.kind === 'late') && trouble?.kind === 'early' ? `back too early: ${message}` : null}
          {!(trouble?.kind === 'late') && !(trouble?.kind === 'early') ? message : null}
        </Quiet>
      );
      return (
        <Row key={line.loan.id} role="row">
          <th role="rowheader" scope="row">
            {line.book.title}
          </th>
          {from ? (
            <td role="gridcell" colSpan={from}>
              {held < 4 && after < 4 ? words : null}
            </td>
          ) : null}
          {held ? (
            <td
              role="gridcell"
              colSpan={held}
              aria-label={`${line.book.title}: in the house from ${dayMonth(line.here)}, ${message}`}
            >
              <Bar $sure={line.stage === 'out'}>{held >= 4 ? words : null}</Bar>
            </td>
          ) : null}
          {after ? (
            <td role="gridcell" colSpan={after}>
              {held < 4 && after >= 4 ? words : null}
            </td>
          ) : null}
        </Row>
      );
    });
}

const Row = styled.tr`
  && th {
    display: table-cell;
    font: 500 13.5px/1.2 ${face.title};
  }
  td {
    height: 22px;
    padding: 1px 0;
    vertical-align: middle;
    font-size: 12.5px;
  }
`;
const Bar = styled.div<{ $sure: boolean }>`
  min-height: 15px;
  padding: 0 6px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  background: ${colour.room};
  border: 2px ${(p) => (p.$sure ? `solid ${colour.ink}` : `dashed ${colour.pencil}`)};
`;

/** How far borrowing has come, with the day that counts. */
function whereItIs({ stage, loan, due, askBy }: LoanLine, renewals: number): string {
  const canRenew = !loan.refused && loan.renewals < renewals;
  switch (stage) {
    case 'out':
      return `due ${dayMonth(due)}${canRenew ? ', can be renewed' : ''}`;
    case 'to ask for':
      return `to ask for${askBy ? ` by ${dayMonth(askBy)}` : ''}`;
    case 'ready':
      return 'lies ready';
    default:
      return `asked for, ${loan.expected ? `about ${dayMonth(loan.expected)}` : 'waiting'}`;
  }
}

'use client';
/** What pages of the record are built from. */
import styled from 'styled-components';
import { MET } from '@/core/plan/words';

/** Objectives of one child, with how far each is met, since when, and by what that was seen. */
export function CheckTable({
  able,
}: {
  able: readonly { wording: string; grade: number | null; since: string; note: string }[];
}) {
  return (
    <Table>
      <thead>
        <tr>
          <th scope="col">Knows, or can do</th>
          {MET.map((name) => (
            <th key={name} scope="col">
              {name}
            </th>
          ))}
          <th scope="col">since, seen by</th>
        </tr>
      </thead>
      <tbody>
        {able.map((o) => (
          <tr key={o.wording}>
            <th scope="row">{o.wording}</th>
            {MET.map((name, i) => (
              <td key={name} aria-label={o.grade === i + 1 ? name : undefined}>
                {o.grade === i + 1 ? '×' : ''}
              </td>
            ))}
            <td>{[o.since, o.note].filter(Boolean).join(', ')}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

export const Table = styled.table`
  border-collapse: collapse;
  width: 100%;
  font-size: 15px;
  line-height: 1.35;
  margin: 10px 0;
  th,
  td {
    border: 1px solid #000;
    padding: 5px 8px;
    text-align: left;
    vertical-align: top;
    overflow-wrap: anywhere;
  }
  thead th {
    font-size: 13px;
    white-space: nowrap;
  }
  tbody th {
    font-weight: 400;
  }
  tr {
    break-inside: avoid;
  }
`;

'use client';
/** By what minutes are worked out. */
import styled from 'styled-components';
import { Fold } from '@/kit/fold';
import { Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import type { LadderView } from './load';

/** By what the minutes are worked out, and where it comes from. */
export function Rates({ rates }: Pick<LadderView, 'rates'>) {
  const measured = rates.filter((r) => r.lettersOn || r.wordsOn).map((r) => r.name);
  const from = (on: number): string =>
    on ? `measured, ${on} ${on === 1 ? 'piece' : 'pieces'}` : 'from the table';
  return (
    <Fold
      title="By what the minutes are worked out"
      message={
        measured.length
          ? `measured for ${measured.join(', ')}; else published tables`
          : 'published tables, until you note on Today what work took'
      }
    >
      <RateTable>
        <thead>
          <tr>
            <th scope="col">Child</th>
            <th scope="col">Writes, letters a minute</th>
            <th scope="col">Reads alone, words a minute</th>
            <th scope="col">One stretch</th>
          </tr>
        </thead>
        <tbody>
          {rates.map((r) => (
            <tr key={r.name}>
              <th scope="row">{r.name}</th>
              <td>
                {r.letters} <Quiet as="span">{from(r.lettersOn)}</Quiet>
              </td>
              <td>
                {r.words} <Quiet as="span">{from(r.wordsOn)}</Quiet>
              </td>
              <td>{r.stretch} min</td>
            </tr>
          ))}
        </tbody>
      </RateTable>
      <Quiet>
        Writing: Graham and others 1998 by grade, from memory, seven tenths of it kept up over a morning’s
        work and half of that for words of one’s own. Reading: Taylor 1965 by grade, from memory. A stretch of
        attention: two minutes a year of life, common practice. Note on Today how long copying and reading
        took, and the child’s own rate takes the table’s place.
      </Quiet>
    </Fold>
  );
}

const RateTable = styled.table`
  border-collapse: collapse;
  font-size: 13.5px;
  th,
  td {
    text-align: left;
    padding: 4px 20px 4px 0;
    border-bottom: 1px solid ${colour.rule};
  }
  tbody th {
    font-weight: 700;
  }
`;

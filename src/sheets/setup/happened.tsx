'use client';
/** What happened, the newest first: it stays here however the plan is changed. */
import styled from 'styled-components';
import { Fold } from '@/kit/fold';
import { Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { inYear } from '../frame/look';
import type { SetupView } from './load';

export function Happened({ happened: { days, more }, info }: Pick<SetupView, 'happened' | 'info'>) {
  return (
    <Fold
      title="What happened"
      message="what was done, missed and read; it stays, whatever is taken out of the plan"
    >
      {days.length ? (
        <Days>
          {days.map((d) => (
            <li key={d.date}>
              <b>{d.day}</b>
              <ul aria-label={d.day}>
                {d.lines.map((l) => (
                  <li key={l.id}>
                    {l.what} <Quiet as="span">{l.detail}</Quiet>
                  </li>
                ))}
              </ul>
            </li>
          ))}
        </Days>
      ) : (
        <Quiet>Nothing yet. It begins with the first tick on Today.</Quiet>
      )}
      {more ? <Quiet>And {more} before that.</Quiet> : null}
      {days.length ? (
        <Quiet>
          <a href={inYear('/files/record.csv', info.looking?.id)} download="record.csv">
            Save all of it as a table
          </a>
        </Quiet>
      ) : null}
    </Fold>
  );
}

const Days = styled.ol`
  display: grid;
  gap: 8px;
  & > li {
    display: grid;
    grid-template-columns: 140px minmax(0, 1fr);
    gap: 12px;
    padding-bottom: 6px;
    border-bottom: 1px solid ${colour.rule};
    overflow-wrap: anywhere;
  }
`;

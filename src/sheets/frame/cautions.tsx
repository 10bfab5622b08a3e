'use client';
/** Cautions as they are shown where an activity is planned, got ready and taught: what to do, who must, to whom to turn. */
import styled from 'styled-components';
import type { Caution } from '@/core/cautions/match';
import { Checkbox } from '@/kit/field';
import { spelt } from '@/core/calendar/spelling';
import { useCustoms } from '@/kit/locale';
import { Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';

export function Cautions({
  cautions,
  of,
  onSeen,
}: {
  cautions: readonly Caution[];
  /** The part they belong to. */ of: string;
  /** Notes one as seen; without it they can only be read. */ onSeen?: (id: string, seen: boolean) => void;
}) {
  const { spelling } = useCustoms();
  if (!cautions.length) return null;
  return (
    <List aria-label={`Cautions for ${of}`}>
      {cautions.map((c) => (
        <li key={c.id} data-seen={(c.seen && !c.stays) || undefined}>
          <b>
            {spelt(c.title, spelling)}
            {c.because ? <span> ({c.because})</span> : null}
          </b>
          {c.seen && !c.stays ? null : (
            <>
              <p>{spelt(`${c.who} ${c.steps}`, spelling)}</p>
              <Quiet>{spelt(c.defers, spelling)}</Quiet>
            </>
          )}
          {onSeen ? (
            <Checkbox
              isSelected={c.seen}
              onChange={(seen) => onSeen(c.id, seen)}
              label={`Seen: ${c.title}, ${of}`}
            >
              {c.stays && c.seen ? 'Seen; it stays all the same' : 'Seen'}
            </Checkbox>
          ) : null}
        </li>
      ))}
    </List>
  );
}

const List = styled.ul`
  display: grid;
  gap: 6px;
  li {
    border-left: 3px solid ${colour.red};
    padding: 1px 0 2px 8px;
    font-size: 13px;
    line-height: 1.4;
  }
  b {
    color: ${colour.red};
  }
  b > span {
    font-weight: 400;
  }
  li[data-seen] {
    border-left-color: ${colour.rule};
  }
  li[data-seen] b {
    color: ${colour.graphite};
    font-weight: 400;
  }
  label {
    font-size: 12.5px;
  }
`;

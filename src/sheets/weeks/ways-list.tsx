'use client';
/** The ways through, one of which is looked at: by mouse, or with the arrow keys. */
import styled from 'styled-components';
import type { WayThrough } from '@/core/edit/ways-through';
import { colour } from '@/kit/tokens';

/** The letter of a revision: A, B, C and so on. */
export const letterOf = (at: number): string => String.fromCharCode(65 + (at % 26));

export function WaysList({
  ways,
  at,
  choose,
}: {
  ways: readonly WayThrough[];
  /** The one that is looked at; none while they are worked out. */
  at: number;
  choose: (at: number) => void;
}) {
  return (
    <div role="radiogroup" aria-label="Ways through">
      {ways.map((w, i) => (
        <WayRow
          key={w.key}
          type="button"
          role="radio"
          aria-checked={i === at}
          $chosen={i === at}
          onClick={() => choose(i)}
          onKeyDown={(e) => {
            const by = { ArrowDown: 1, ArrowUp: -1 }[e.key];
            if (!by) return;
            e.preventDefault();
            const next = Math.min(ways.length - 1, Math.max(0, i + by));
            choose(next);
            (e.currentTarget.parentElement?.children[next] as HTMLElement | undefined)?.focus();
          }}
        >
          <i>{letterOf(i)}</i>
          <span>
            <b>{w.does}</b>
            <small>
              {w.refused
                ? `Cannot be: ${w.refused}`
                : w.says.map((s, n) => (
                    <span key={n} className={s.worse ? 'worse' : undefined}>
                      {n ? ' · ' : ''}
                      {s.text}
                    </span>
                  ))}
            </small>
          </span>
        </WayRow>
      ))}
    </div>
  );
}

const WayRow = styled.button<{ $chosen: boolean }>`
  all: unset;
  box-sizing: border-box;
  display: grid;
  grid-template-columns: 26px minmax(0, 1fr);
  gap: 8px;
  width: 100%;
  padding: 9px 8px;
  cursor: pointer;
  border: ${(p) => (p.$chosen ? `2px solid ${colour.ink}` : '2px solid transparent')};
  border-bottom: ${(p) => (p.$chosen ? `2px solid ${colour.ink}` : `2px solid ${colour.rule}`)};
  background: ${(p) => (p.$chosen ? colour.room : 'none')};
  &:focus-visible {
    outline: 2px solid ${colour.ink};
    outline-offset: 2px;
  }
  i {
    font-style: normal;
    font-weight: 700;
    font-size: 12.5px;
    text-align: center;
    border: 1px solid ${colour.ink};
    height: 22px;
    line-height: 20px;
  }
  small {
    display: block;
    font-size: 13px;
    color: ${colour.graphite};
  }
  .worse {
    color: ${colour.red};
    font-weight: 700;
  }
`;

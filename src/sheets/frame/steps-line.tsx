'use client';
/** The first steps in one line below the head of a sheet, with the next one to take; gone when all are done. */
import styled from 'styled-components';
import { Link } from '@/kit/link';
import { Hidden } from '@/kit/text';
import { colour, paper } from '@/kit/tokens';
import type { FirstStep } from './first-steps';

export function StepsLine({ steps }: { steps: readonly FirstStep[] }) {
  const next = steps.find((s) => !s.done);
  return (
    <Line aria-label="First steps">
      <ol>
        {steps.map((s) => (
          <li key={s.name} data-next={s === next || undefined}>
            <span aria-hidden="true">{markOf(s, next)}</span>
            {s.done ? (
              <span>
                {s.name}
                <Hidden>, done</Hidden>
              </span>
            ) : (
              <Link href={s.href} title={s.what}>
                {s.name}
              </Link>
            )}
          </li>
        ))}
      </ol>
    </Line>
  );
}

function markOf(step: FirstStep, next: FirstStep | undefined): string {
  if (step.done) return '✓';
  return step === next ? '→' : '·';
}

const Line = styled.nav`
  font-size: 13px;
  margin-bottom: 14px;
  padding: 5px 0;
  border-top: 1px solid ${colour.rule};
  border-bottom: 1px solid ${colour.rule};
  ol {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 20px;
  }
  li {
    display: flex;
    gap: 6px;
    color: ${colour.graphite};
  }
  li[data-next] {
    font-weight: 600;
    color: ${colour.ink};
  }
  ${paper} {
    display: none;
  }
`;
